/** A long list of catches put in on a phone's screen, from the file to the log: how long, and what it holds up. */
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import type { Browser, Page } from '@playwright/test';
import { applyPuts, emptyBook } from '../../core/records';
import { buildDemoWorld } from '../../demo/world';
import { ORIGIN, phone } from './browser';
import { longList, ROWS } from './files';
import { longTasks } from './longRecord';
import { spread, spreadText, table } from './report';
import { LISTEN } from './walk';

const RUNS = 3;
/** Somebody looks through what would be put in before it is, ms. */
const READING_MS = 6000;
const PATIENT = { timeout: 180_000 };

interface Stage {
  ms: number;
  longest: number;
  over: number;
}

/** From a touch or a file until the page shows what comes of it, and how the page fared meanwhile. */
async function stage(page: Page, begin: () => Promise<unknown>, stands: () => Promise<unknown>): Promise<Stage> {
  await longTasks(page);
  const from = Date.now();
  await begin();
  await stands();
  const ms = Date.now() - from;
  const tasks = await longTasks(page);
  return { ms, longest: Math.max(0, ...tasks), over: tasks.filter((t) => t > 100).length };
}

export async function longListBench(browser: Browser): Promise<string> {
  // From a place on the disk, as people pick one: handed over, its text would pass through the page.
  const file = path.join(mkdtempSync(path.join(tmpdir(), 'list-')), 'list.csv');
  writeFileSync(file, longList(applyPuts(emptyBook(), buildDemoWorld(0))));
  const read: Stage[] = [];
  const stored: Stage[] = [];
  const heaps: number[] = [];
  for (let n = 0; n < RUNS; n++) {
    const context = await phone(browser, 'block');
    await context.addInitScript(LISTEN);
    const page = await context.newPage();
    await page.goto(`${ORIGIN}/kit/catches`);
    const pick = page.getByRole('button', { name: 'Read a table…' });
    await pick.waitFor();
    await page.waitForTimeout(3000);
    const [chooser] = await Promise.all([page.waitForEvent('filechooser'), pick.click()]);
    const put = page.getByRole('button', { name: /^Put in .* days with/ });
    read.push(
      await stage(
        page,
        () => chooser.setFiles(file),
        () => put.waitFor(PATIENT),
      ),
    );
    await page.waitForTimeout(READING_MS);
    stored.push(
      await stage(
        page,
        () => put.click(),
        () => page.getByText(/ are in your log\./).waitFor(PATIENT),
      ),
    );
    heaps.push(
      await page.evaluate(
        () => (performance as unknown as { memory: { usedJSHeapSize: number } }).memory.usedJSHeapSize,
      ),
    );
    await context.close();
  }
  rmSync(path.dirname(file), { recursive: true });
  const row = (what: string, of: readonly Stage[]): string[] => [
    what,
    spreadText(spread(of.map((s) => s.ms)), 'ms', 0),
    `${Math.max(...of.map((s) => s.longest))} ms`,
    of.map((s) => s.over).join(', '),
  ];
  return `## A long list put in

${ROWS} lines of catches on a phone’s screen, from the file to the log, ${RUNS} times on a fresh device.

${table(
  ['what', 'time', 'longest task of the page', 'tasks over 100 ms'],
  [row('the file read, looked through, shown as it would be', read), row('put in and stored', stored)],
)}

Pressed ${READING_MS / 1000} s after it was shown. Memory of the page afterwards: ${Math.round(Math.max(...heaps) / 1e6)} MB at the most.`;
}
