/**
 * Plans in the browser's own worker: how soon the first, how soon the settled one, and what the page itself is held up
 * by meanwhile.
 */
import type { Browser, Page } from '@playwright/test';
import type { PlanRequest } from '../../core/planning/task/request';
import { phone } from './browser';
import { spread, table, spreadText } from './report';
import { openAndSettle } from './walk';

const RUNS = 5;
const TACKLE = {
  rod: { lengthM: 2.13, minLureKg: 0.007, maxLureKg: 0.021, action: 'fast' as const },
  reel: { ratio: 6.2, spoolM: 0.045, arborM: 0.03, capacityM: 140 },
  line: { material: 'braid' as const, strengthLb: 15 },
};
const on = (surfaceTempC: number, fishDepthM: number): PlanRequest['conditions'] => ({
  species: 'largemouth-bass',
  month: 6,
  water: { setting: 'lake', surfaceTempC, clarityM: 1.2, depthM: 3.5, fishDepthM, cover: { kind: 'none', density: 0 } },
});
/** The set-ups that plans are timed with. */
export const ASKED: readonly (readonly [string, PlanRequest])[] = [
  [
    'a spinnerbait, turned steadily',
    { conditions: on(20, 1.2), lure: { family: 'spinnerbait' }, ...TACKLE, set: { castM: 34 } },
  ],
  [
    'a paddle tail with bumps, a long cast',
    { conditions: on(14, 1.6), lure: { family: 'paddletail' }, ...TACKLE, set: { castM: 34 } },
  ],
  ['a crank stopped and turned', { conditions: on(20, 2.4), lure: { family: 'deep-crank' }, ...TACKLE }],
  ['a jerkbait in cold water', { conditions: on(6, 1.6), lure: { family: 'suspending-jerkbait' }, ...TACKLE }],
  ['a jig dragged in cold water', { conditions: on(6, 3.3), lure: { family: 'football-jig' }, ...TACKLE }],
];

interface Timed {
  firstMs: number;
  /** Settled with no helper, and with one. */
  settledMs: number;
  helpedMs: number;
  castS: number;
  candidates: number;
  simulations: number;
}

/**
 * Asks a worker of the page's own build, as the page does; a fresh worker a question, so nothing is warm that would not
 * be; the helper has been opened by a plan before, as after the first tap.
 */
const ask = (page: Page, request: PlanRequest): Promise<Timed> =>
  page.evaluate(async (r) => {
    const script = [...performance.getEntriesByType('resource')]
      .map((e) => e.name)
      .find((n) => /compute[^/]*\.js/.test(n))!;
    const worker = new Worker(script);
    type Answer = { castS: number; candidates: number; simulations: number };
    let n = 0;
    const call = (effort: string, helpers: number): Promise<Answer> =>
      new Promise((resolve, reject) => {
        const id = `bench-${n++}`;
        worker.onerror = (e) => reject(new Error(e.message));
        worker.onmessage = (e: MessageEvent) => {
          const m = e.data as { id: string; value: Answer };
          if (m.id === id) resolve(m.value);
        };
        worker.postMessage({
          id,
          type: 'APPLY',
          path: ['plan'],
          argumentList: [r, effort, helpers].map((value) => ({ type: 'RAW', value })),
        });
      });
    const from = performance.now();
    await call('first', 0);
    const firstMs = performance.now() - from;
    const again = performance.now();
    const { castS, candidates, simulations } = await call('settled', 0);
    const settledMs = performance.now() - again;
    await call('settled', 1);
    const helped = performance.now();
    await call('settled', 1);
    const helpedMs = performance.now() - helped;
    worker.terminate();
    return { firstMs, settledMs, helpedMs, castS, candidates, simulations };
  }, request);

/**
 * On the page: a rod tip is changed by hand; until the path is drawn anew, until the settled plan stands, and the
 * longest task in between.
 */
async function byHand(page: Page): Promise<{ firstMs: number; settledMs: number; longestMs: number }[]> {
  const out = [];
  await page.getByRole('navigation', { name: 'Places' }).getByRole('link', { name: 'Retrieve', exact: true }).tap();
  const waiting = page.getByText(/A first answer/);
  await page.getByText('Your hands').waitFor({ timeout: 60_000 });
  await waiting.waitFor({ state: 'detached', timeout: 60_000 });
  await page.getByRole('button', { name: /^cast: / }).tap();
  for (let i = 0; i < RUNS; i++) {
    const drawn = page.locator('svg[aria-label^="Section through the water"]').first();
    const before = await drawn.innerHTML();
    await page.evaluate(() => void ((globalThis as unknown as { longTasks: unknown[] }).longTasks.length = 0));
    const from = performance.now();
    await page.getByRole('button', { name: 'Cast: less' }).tap();
    while ((await drawn.innerHTML()) === before) await page.waitForTimeout(15);
    const firstMs = performance.now() - from;
    await waiting.waitFor({ state: 'visible', timeout: 5000 }).catch(() => undefined);
    await waiting.waitFor({ state: 'detached', timeout: 60_000 });
    const settledMs = performance.now() - from;
    await page.waitForTimeout(1500);
    const longestMs = await page.evaluate(() =>
      Math.max(0, ...(globalThis as unknown as { longTasks: [number, number][] }).longTasks.map(([, d]) => d)),
    );
    out.push({ firstMs, settledMs, longestMs });
  }
  return out;
}

export async function plansBench(browser: Browser): Promise<string> {
  const context = await phone(browser);
  await context.addInitScript(`globalThis.longTasks = [];
new PerformanceObserver((l) => { for (const e of l.getEntries()) globalThis.longTasks.push([e.startTime, e.duration]); }).observe({ type: 'longtask' });`);
  const page = await context.newPage();
  await openAndSettle(page);
  await page.waitForTimeout(3000);
  const rows: string[][] = [];
  for (const [name, request] of ASKED) {
    const all: Timed[] = [];
    for (let i = 0; i < RUNS; i++) all.push(await ask(page, request));
    rows.push([
      name,
      `${all[0]!.castS.toFixed(0)} s`,
      spreadText(spread(all.map((x) => x.firstMs))),
      spreadText(spread(all.map((x) => x.settledMs))),
      spreadText(spread(all.map((x) => x.helpedMs))),
      String(all[0]!.candidates),
      String(all[0]!.simulations),
    ]);
  }
  const hand = await byHand(page);
  await context.close();
  return `## Plans in the browser

Each question to a fresh worker of the build, ${RUNS} times, median and range. “First” is the best of a handful of guesses; “settled” is searched among so many
different hands, the best cast again on finer meshes, with its range and what each change would buy (all simulations counted).

${table(['what', 'the cast lasts', 'first', 'settled, alone', 'with one helper', 'hands tried', 'simulations'], rows)}

On the page, the length of the cast changed by hand: the path is drawn anew after ${spreadText(spread(hand.map((h) => h.firstMs)))}, the settled plan stands after ${spreadText(spread(hand.map((h) => h.settledMs)))};
the longest task of the main thread that the browser calls long in between: ${hand.some((h) => h.longestMs > 0) ? spreadText(spread(hand.map((h) => h.longestMs))) : 'none'}.`;
}
