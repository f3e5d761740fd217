/** How long Retrieve and its settled plan take on a device that has worked them out before, and on one that has not. */
import type { Browser, Page } from '@playwright/test';
import { ORIGIN, phone } from './browser';
import { spread, spreadText, table } from './report';

const ROUNDS = 6;
/** After the settled plan, so that all is at rest and kept, ms. */
const REST_MS = 4000;

/** From the navigation until there is something to do, and until the plan is settled, ms by the page's own clock. */
async function opening(page: Page): Promise<{ firstMs: number; settledMs: number }> {
  await page.goto(`${ORIGIN}/retrieve`, { waitUntil: 'commit' });
  return page.evaluate(
    () =>
      new Promise<{ firstMs: number; settledMs: number }>((resolve) => {
        let firstMs = 0;
        const look = (): void => {
          const said = [...document.querySelectorAll('[dir="auto"]')].map((e) => e.textContent ?? '');
          const hands = said.includes('Your hands');
          if (hands && firstMs === 0) firstMs = performance.now();
          if (hands && !said.some((s) => s.startsWith('A first answer'))) {
            resolve({ firstMs, settledMs: performance.now() });
          } else requestAnimationFrame(look);
        };
        requestAnimationFrame(look);
      }),
  );
}

export async function reopenedBench(browser: Browser): Promise<string> {
  const times = {
    never: [] as number[],
    neverSettled: [] as number[],
    again: [] as number[],
    againSettled: [] as number[],
  };
  for (let i = 0; i < ROUNDS; i++) {
    const context = await phone(browser, 'block');
    const page = await context.newPage();
    const never = await opening(page);
    await page.waitForTimeout(REST_MS);
    const again = await opening(page);
    await context.close();
    times.never.push(never.firstMs);
    times.neverSettled.push(never.settledMs);
    times.again.push(again.firstMs);
    times.againSettled.push(again.settledMs);
  }
  return `## A page that comes back

Retrieve with the sample season on a phone's screen, from the navigation: until there is something to do, and until its plan is settled. What was worked out for a question is kept on the device; ${ROUNDS} devices, each opened twice, with 4 s between.

${table(
  ['what', 'something to do', 'settled'],
  [
    [
      'for the first time, the season made and stored',
      spreadText(spread(times.never)),
      spreadText(spread(times.neverSettled)),
    ],
    ['again', spreadText(spread(times.again)), spreadText(spread(times.againSettled))],
  ],
)}`;
}
