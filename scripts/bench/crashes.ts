/** The fault study of the record at full length: two hundred crashes of the page while logging. */
import type { Browser } from '@playwright/test';
import { crashWhileLogging, openStrikes } from '../../e2e/faults';
import { ORIGIN, phone } from './browser';
import { table } from './report';

const CRASHES = 200;
const SEED = 20261126;

export async function crashBench(browser: Browser): Promise<string> {
  const context = await phone(browser);
  const page = await context.newPage();
  await openStrikes(page, ORIGIN);
  const r = await crashWhileLogging(context, page, CRASHES, SEED, ORIGIN);
  await context.close();
  return `## Crashes

The page's process killed through the debugging protocol ${CRASHES} times in the middle of a burst of touches (seed ${SEED}), the store read after each.

${table(
  [
    'crashes',
    'touched',
    'in the store, each once',
    'shown as logged and lost',
    'touched in the moment of a crash, never shown, lost',
  ],
  [[r.crashes, r.tapped, r.stored, r.lostAcknowledged, r.lostUnacknowledged]],
)}`;
}
