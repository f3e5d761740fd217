/**
 * Choosing lures in the browser's own worker: a box of sixty ranked, four rods of forty scenarios, and the questions
 * beside.
 */
import type { Browser, Page } from '@playwright/test';
import type { OwnLure } from '../../core/lures/own';
import { allFamilies } from '../../core/lures/families';
import { dayScenarios, USUAL_LIGHT } from '../../core/rods/scenarios';
import { seededRandom } from '../../core/base/random';
import type { Conditions } from '../../core/water/conditions';
import { phone } from './browser';
import { spread, table, spreadText } from './report';
import { openAndSettle } from './walk';

const RUNS = 9;
const CONDITIONS: Conditions = {
  species: 'largemouth-bass',
  month: 6,
  water: {
    setting: 'lake',
    surfaceTempC: 18,
    clarityM: 1.2,
    depthM: 4,
    fishDepthM: 2,
    cover: { kind: 'wood', density: 0.5 },
  },
};

/** Sixty lures of every kind that is cast, each of its own weight and length (seed 60). */
function box(): OwnLure[] {
  const random = seededRandom(60);
  const kinds = allFamilies().filter((f) => f.mode !== 'vertical' && f.mode !== 'tow');
  return Array.from({ length: 60 }, (_, i) => {
    const f = kinds[i % kinds.length]!;
    const between = ([lo, , hi]: readonly [number, number, number]): number => lo + (hi - lo) * random();
    return {
      id: `l${i}`,
      family: f.id,
      weightKg: between(f.weightKg),
      lengthM: between(f.lengthM),
      hook: f.hook,
      colour: 'natural',
      priceMinor: 500,
    };
  });
}

/** One worker for all, as the page keeps one: the first call is cold. */
const ask = (page: Page, method: string, args: unknown[]): Promise<number[]> =>
  page.evaluate(
    async ([path, list, runs]) => {
      const script = [...performance.getEntriesByType('resource')]
        .map((e) => e.name)
        .find((n) => /compute[^/]*\.js/.test(n))!;
      const worker = new Worker(script);
      const call = (id: string): Promise<void> =>
        new Promise((resolve, reject) => {
          worker.onerror = (e) => reject(new Error(e.message));
          worker.onmessage = (e: MessageEvent) => {
            if ((e.data as { id: string }).id === id) resolve();
          };
          worker.postMessage({
            id,
            type: 'APPLY',
            path: [path],
            argumentList: (list as unknown[]).map((value) => ({ type: 'RAW', value })),
          });
        });
      const times: number[] = [];
      for (let i = 0; i <= (runs as number); i++) {
        const from = performance.now();
        await call(`bench-${i}`);
        times.push(performance.now() - from);
      }
      worker.terminate();
      return times;
    },
    [method, args, RUNS] as const,
  );

export async function choosingBench(browser: Browser): Promise<string> {
  const context = await phone(browser);
  const page = await context.newPage();
  await openAndSettle(page);
  await page.waitForTimeout(6000);
  const lures = box();
  const scenarios = dayScenarios(CONDITIONS).length;
  const rows: string[][] = [];
  for (const [name, limit, method, args] of [
    ['rank a box of 60 lures, with ranges', '150 ms', 'rank', [CONDITIONS, { lures }]],
    [
      `4 rods from 60 lures × ${scenarios} scenarios, valued and searched`,
      '300 ms',
      'rods',
      [CONDITIONS, USUAL_LIGHT, { lures, k: 4 }],
    ],
    ['plan the head of the ranking (the second stage)', '600 ms', 'planHead', [CONDITIONS, { lures }, {}]],
    ['what would change its mind, and the ladder', '', 'choosing', [CONDITIONS, { lures }]],
    ['what each school would change', '', 'schools', [CONDITIONS, { lures }]],
    ['what the box lacks', '', 'lacks', [CONDITIONS, USUAL_LIGHT, { lures }]],
  ] as const) {
    const [cold, ...warm] = await ask(page, method, [...args]);
    rows.push([name, limit, `${cold!.toFixed(0)} ms`, spreadText(spread(warm))]);
  }
  await context.close();
  return `## Choosing lures in the browser

To a worker of the build; the first call finds it cold (script and code still to be compiled), then ${RUNS} more, median and range.

${table(['what', 'budget', 'first', 'then'], rows)}`;
}
