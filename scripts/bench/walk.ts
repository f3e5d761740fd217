/** The day walked at full speed: tasks that hold the page up, how soon a touch is answered on the screen, and what an hour of logging costs in memory. */
import { readFileSync } from 'node:fs';
import type { Browser, Page } from '@playwright/test';
import { ORIGIN, phone } from './browser';
import { spread, table, told } from './report';

const LONG_MS = 50;
const ROUNDS = 3;

interface Task {
  atMs: number;
  ms: number;
}
type Watched = typeof window & { longTasks: Task[] };

const watchLongTasks = (page: Page): Promise<unknown> =>
  page.addInitScript(() => {
    const seen: Task[] = [];
    (window as unknown as Watched).longTasks = seen;
    new PerformanceObserver((l) => {
      for (const e of l.getEntries()) seen.push({ atMs: e.startTime, ms: e.duration });
    }).observe({ type: 'longtask', buffered: true });
  });

/** Someone who reads what came before touching on, and someone who does not. */
const PACES = { read: 3000, hurried: 300 } as const;

/** Long tasks since the last look. */
async function longTasks(page: Page, waitMs: number): Promise<Task[]> {
  await page.waitForTimeout(waitMs);
  return page.evaluate(() => (window as unknown as Watched).longTasks.splice(0));
}

const go = (page: Page, name: string): Promise<void> =>
  page.getByRole('navigation', { name: 'Places' }).getByRole('link', { name, exact: true }).tap();
const button = (page: Page, name: string | RegExp): Promise<void> => page.getByRole('button', { name }).first().tap();
const PATIENT = { timeout: 90_000 };

/** The day, step by step. */
const STEPS: readonly (readonly [string, (page: Page) => Promise<void>])[] = [
  ['open a reading', (p) => button(p, /^clarity: .*Change$/)],
  ['set the clarity', (p) => p.getByRole('radio', { name: '½ ft', exact: true }).tap()],
  ['set it back', (p) => p.getByRole('radio', { name: '1½ ft', exact: true }).tap()],
  ['close the reading', (p) => p.keyboard.press('Escape')],
  ['go to Lures', (p) => go(p, 'Lures')],
  ['see the ranking', (p) => p.getByText('Start with').waitFor(PATIENT)],
  ['open the reasons', (p) => button(p, /^1\. /)],
  ['go to Retrieve', (p) => go(p, 'Retrieve')],
  ['see the settled plan', (p) => p.getByText(/A first answer/).waitFor({ state: 'detached', ...PATIENT })],
  ['play the beat', (p) => button(p, 'Play the beat')],
  ['five seconds of it', (p) => p.waitForTimeout(5000)],
  ['stop the beat', (p) => button(p, 'Stop the beat')],
  ['go to Strikes', (p) => go(p, 'Strikes')],
  ['twelve casts', async (p) => void (await times(12, () => button(p, 'Cast: add one')))],
  ['a landed fish', (p) => button(p, /^Landed:/)],
  ['on the hang', (p) => button(p, 'On the hang')],
  ['undo', (p) => button(p, 'Undo the landed')],
  ['go to Lessons', (p) => go(p, 'Lessons')],
  [
    'see the patterns',
    (p) =>
      p
        .getByRole('button', { name: /in 100 casts, likely/ })
        .first()
        .waitFor(PATIENT),
  ],
  ['open a pattern', (p) => button(p, /in 100 casts, likely/)],
  ['go to Water', (p) => go(p, 'Water')],
  ['a sign seen', (p) => button(p, /follow, no bite/)],
  ['open the Kit', (p) => p.getByRole('link', { name: /^Kit/ }).first().tap()],
  ['change the light', (p) => p.getByRole('radio', { name: 'Noon' }).tap()],
  ['and back', (p) => p.getByRole('radio', { name: 'Shade' }).tap()],
];

async function times(n: number, work: () => Promise<void>): Promise<void> {
  for (let i = 0; i < n; i++) await work();
}

export async function openAndSettle(page: Page): Promise<void> {
  await page.goto(ORIGIN);
  await page.getByRole('button', { name: /^clarity: .*Change$/ }).waitFor(PATIENT);
}

/** Longest task of the main thread after each step, ms; one number a round. */
async function walk(browser: Browser, paceMs: number): Promise<number[][]> {
  const held: number[][] = STEPS.map(() => []);
  for (let round = 0; round < ROUNDS; round++) {
    const context = await phone(browser);
    const page = await context.newPage();
    await watchLongTasks(page);
    await openAndSettle(page);
    await longTasks(page, PACES.read);
    for (const [i, [, act]] of STEPS.entries()) {
      await act(page);
      held[i]!.push(Math.max(0, ...(await longTasks(page, paceMs)).map((t) => t.ms)));
    }
    await context.close();
  }
  return held;
}

/** Share of the time in which another machine had this one's processor, 0–1; null where the system does not tell. */
function stolen(): { since: () => number | null } {
  const read = (): number[] | null => {
    try {
      return readFileSync('/proc/stat', 'utf8').split('\n')[0]!.trim().split(/\s+/).slice(1).map(Number);
    } catch {
      return null;
    }
  };
  const before = read();
  return {
    since: () => {
      const now = read();
      if (!before || !now) return null;
      const all = now.reduce((s, x, i) => s + x - before[i]!, 0);
      return (now[7]! - before[7]!) / all;
    },
  };
}

export async function longTaskBench(browser: Browser): Promise<string> {
  const theft = stolen();
  const read = await walk(browser, PACES.read);
  const hurried = await walk(browser, PACES.hurried);
  const share = theft.since();
  const told = (ms: readonly number[]): string => {
    const long = ms.filter((x) => x >= LONG_MS);
    return long.length === 0 ? 'none' : `${long.length} of ${ms.length}, longest ${Math.max(...long).toFixed(0)} ms`;
  };
  return `## Long tasks

The day walked at full speed on a phone's screen after the first screen stood, ${ROUNDS} times at each pace; tasks of the main thread over ${LONG_MS} ms by
the clock. “Reading”: ${PACES.read / 1000} s between touches. “Hurried”: ${PACES.hurried / 1000} s, so that the next touch falls into the time in which a worker still
looks for the settled plan and the browser's own processes want the second core.

${table(
  ['step', 'reading', 'hurried'],
  STEPS.map(([name], i) => [name, told(read[i]!), told(hurried[i]!)]),
)}${share === null ? '' : `\n\nMeanwhile ${(100 * share).toFixed(0)} % of the machine's time went to other machines on the same hardware: a task of 30 ms of work can take 50 ms of clock here.`}`;
}

/** From the touch to the frame that shows its answer, measured in the page. */
const tapToDrawn = (page: Page, label: string, shown: RegExp): Promise<number> =>
  page.evaluate(
    ([name, pattern]) =>
      new Promise<number>((resolve) => {
        const text = (): string =>
          [...document.querySelectorAll('[dir="auto"]')]
            .map((e) => e.textContent ?? '')
            .filter((t) => new RegExp(pattern!).test(t))
            .join('|');
        const before = text();
        const began = performance.now();
        document.querySelector<HTMLElement>(`[role="button"][aria-label^="${name}"]`)!.click();
        const look = (): void => {
          if (text() === before) requestAnimationFrame(look);
          else requestAnimationFrame(() => setTimeout(() => resolve(performance.now() - began)));
        };
        look();
      }),
    [label, shown.source],
  );

export async function loggingBench(browser: Browser): Promise<string> {
  const context = await phone(browser);
  const page = await context.newPage();
  await openAndSettle(page);
  await go(page, 'Strikes');
  await page.getByRole('button', { name: 'Cast: add one' }).waitFor(PATIENT);
  await page.waitForTimeout(8000);
  const client = await context.newCDPSession(page);
  const heap = async (): Promise<number> => {
    for (let i = 0; i < 3; i++) await client.send('HeapProfiler.collectGarbage');
    const { usedSize } = (await client.send('Runtime.getHeapUsage')) as { usedSize: number };
    return usedSize / 2 ** 20;
  };
  const casts: number[] = [];
  const events: number[] = [];
  const before = await heap();
  // An hour of brisk fishing: a cast every twenty seconds, something felt on every sixth.
  for (let i = 0; i < 180; i++) {
    casts.push(await tapToDrawn(page, 'Cast: add one', /^\d+ casts?$/));
    if (i % 6 === 5) {
      events.push(await tapToDrawn(page, 'Missed:', /^\d+ casts?, \d+ strikes?/));
      await page.getByRole('button', { name: 'On the hang' }).tap();
    }
  }
  const after = await heap();
  await context.close();
  return `## Logging

An hour of brisk fishing in one go: 180 casts, 30 events, each with its moment. From the touch to the drawn frame that shows the stored answer
(a cast or event is shown only once the device has confirmed it), median and range:

${table(
  ['what', 'touch → drawn'],
  [
    ['cast', told(spread(casts))],
    ['event', told(spread(events))],
  ],
)}

Memory of the page after collecting garbage: ${before.toFixed(1)} MB before the hour, ${after.toFixed(1)} MB after it.`;
}
