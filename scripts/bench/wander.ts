/** The walk without a plan at full length: half an hour, with what it costs in memory. */
import type { Browser, CDPSession, Page } from '@playwright/test';
import { held } from '../../e2e/ownServer';
import { wander, type Wandering } from '../../e2e/wander';
import { ORIGIN, PHONE } from './browser';
import { table } from './report';

/** About half an hour; fewer with `WALKS=2`. */
const WALKS = Number(process.env.WALKS ?? 20);
const STEPS = 400;
const SEED = 100;

/** What the page's own scripts hold once all that can go is gone, MB. */
async function heapMB(client: CDPSession, page: Page): Promise<number> {
  await page.goto(`${ORIGIN}/`);
  await page.getByRole('heading', { level: 1 }).waitFor();
  await page.waitForTimeout(6000);
  await client.send('HeapProfiler.collectGarbage');
  const { usedSize } = await client.send('Runtime.getHeapUsage');
  return usedSize / 1e6;
}

export async function wanderBench(browser: Browser): Promise<string> {
  const walks: Wandering[] = [];
  const heaps: number[] = [];
  const context = await browser.newContext({ viewport: PHONE, serviceWorkers: 'allow', acceptDownloads: true });
  await context.addInitScript('globalThis.__name = (f) => f');
  for (let n = 0; n < WALKS; n++) {
    // A page of its own, on the record that the walks before have left.
    const page = await context.newPage();
    const client = await context.newCDPSession(page);
    await page.goto(`${ORIGIN}/`);
    await page.getByRole('heading', { level: 1 }).waitFor({ timeout: 90_000 });
    if (n === 0) await held(page);
    const walk = await wander(page, STEPS, SEED + n);
    walks.push(walk);
    heaps.push(await heapMB(client, page));
    for (const w of walk.wrong) process.stderr.write(`walk ${n}: ${w}\n`);
    process.stderr.write(`walk ${n}: ${walk.touches} touches, heap ${heaps.at(-1)!.toFixed(0)} MB\n`);
    await page.close();
  }
  await context.close();
  const sum = (of: (w: Wandering) => number): number => walks.reduce((s, w) => s + of(w), 0);
  const pages = new Set(walks.flatMap((w) => [...w.pages].map((p) => p.replace(/[^/]*\d[^/]*$/, '…'))));
  return `## A walk without a plan

${WALKS} walks of ${STEPS} steps over one record (seeds ${SEED} to ${SEED + WALKS - 1}): touches on whatever can be touched, words typed into whatever takes them, other sizes, keys,
the network gone and back, back and forth.

${table(
  [
    'touches',
    'typed',
    'back or forth',
    'network gone',
    'pages',
    'what gave way',
    'heap after the first walk, the last',
  ],
  [
    [
      sum((w) => w.touches),
      sum((w) => w.typed),
      sum((w) => w.turns),
      sum((w) => w.offline),
      pages.size,
      sum((w) => w.wrong.length),
      `${heaps[0]!.toFixed(0)} MB, ${heaps.at(-1)!.toFixed(0)} MB`,
    ],
  ],
)}`;
}
