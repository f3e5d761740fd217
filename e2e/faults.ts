/**
 * Logging while things break, counted: what was acknowledged on the screen must lie in the store, each thing exactly
 * once.
 */
import type { BrowserContext, Page } from '@playwright/test';
import { expect, place, settled } from './kit';
import { storedLog, type LogLine } from './store';

/** A small seeded generator, 0 ≤ x < 1. */
export function seeded(seed: number): () => number {
  let s = seed >>> 0;
  return () => {
    s = (Math.imul(s, 1664525) + 1013904223) >>> 0;
    return s / 4294967296;
  };
}

export async function openStrikes(page: Page, base = ''): Promise<void> {
  await page.goto(`${base}/strikes`);
  await keysThere(page);
}

/** Every key that will be tapped is drawn. */
async function keysThere(page: Page): Promise<void> {
  for (const name of KEYS)
    await expect(page.getByRole('button', { name, exact: true })).toBeVisible({ timeout: 90_000 });
}

/** What the page says has been logged: casts from its head, events from its line. */
export async function acknowledged(page: Page): Promise<number> {
  const head = await page.getByRole('heading', { level: 1 }).textContent();
  const list = await page.getByRole('button', { name: /^Strike out: / }).count();
  const more = await page.getByRole('button', { name: /^Show \d+ earlier$/ }).allTextContents();
  return Number(/^(\d+) cast/.exec(head ?? '')?.[1] ?? 0) + list + Number(/\d+/.exec(more[0] ?? '0')?.[0] ?? 0);
}

/** Every id once, every place in the order once. */
export function expectEachOnce(log: readonly LogLine[]): void {
  expect(new Set(log.map((l) => l.id)).size).toBe(log.length);
  expect(new Set(log.map((l) => l.seq)).size).toBe(log.length);
}

export interface CrashReport {
  crashes: number;
  tapped: number;
  /** Shown as logged before a crash and not in the store after it. */
  lostAcknowledged: number;
  /** Tapped in the very moment of a crash, not yet shown as logged, and gone. */
  lostUnacknowledged: number;
  stored: number;
}

const KEYS = ['Cast: add one', 'Landed: in the hand', 'Missed: struck, no hook', 'Bump: a knock'];

/** Presses keys by their names inside the page, one after another in one breath; what it says is not waited for. */
const tapAll = (page: Page, names: readonly string[]): Promise<void> =>
  page.evaluate((labels) => {
    for (const label of labels) document.querySelector<HTMLElement>(`[role="button"][aria-label="${label}"]`)!.click();
  }, names);

/** What dies, and how it is there again. */
export interface Victim {
  /** Over once it is dead. */
  kill: (page: Page) => Promise<void>;
  revive: () => Promise<Page>;
}

/** The page's process, killed through the debugging protocol. */
export const pageOf = (context: BrowserContext): Victim => ({
  kill: async (page) => {
    const client = await context.newCDPSession(page);
    const crashed = new Promise((r) => page.once('crash', r));
    void client.send('Page.crash').catch(() => undefined);
    await crashed;
    await page.close();
  },
  revive: () => context.newPage(),
});

/**
 * Kills it `times` times while someone taps: some taps that are waited for, then a burst and the death 0–150 ms into
 * it; a new page, and a look at the store.
 */
export async function crashWhileLogging(
  victim: Victim,
  first: Page,
  times: number,
  seed: number,
  base = '',
): Promise<CrashReport> {
  const random = seeded(seed);
  const names = (n: number): string[] => Array.from({ length: n }, () => KEYS[Math.floor(random() * KEYS.length)]!);
  let page = first;
  const report: CrashReport = { crashes: 0, tapped: 0, lostAcknowledged: 0, lostUnacknowledged: 0, stored: 0 };
  let before = await storedLog(page);
  for (let i = 0; i < times; i++) {
    const calm = names(Math.floor(random() * 3));
    const burst = names(1 + Math.floor(random() * 4));
    await tapAll(page, calm);
    await expect.poll(() => acknowledged(page)).toBe(before.length + calm.length);
    const tapping = tapAll(page, burst).catch(() => undefined);
    await new Promise((r) => setTimeout(r, Math.floor(random() * 150)));
    await victim.kill(page);
    await tapping;
    page = await victim.revive();
    await openStrikes(page, base);
    const after = await storedLog(page);
    expectEachOnce(after);
    // Nothing that was there may go or change its place.
    for (const l of before) expect(after.find((x) => x.id === l.id)).toMatchObject({ seq: l.seq, kind: l.kind });
    const taps = calm.length + burst.length;
    expect(after.length).toBeLessThanOrEqual(before.length + taps);
    report.crashes++;
    report.tapped += taps;
    report.lostAcknowledged += Math.max(0, before.length + calm.length - after.length);
    report.lostUnacknowledged += Math.min(burst.length, before.length + taps - after.length);
    before = after;
  }
  report.stored = before.length;
  await expect.poll(() => acknowledged(page)).toBe(before.length);
  return report;
}

/** The log of a page whose plan is settled: from then on the presentation stays what it is. */
export async function openSettledStrikes(page: Page): Promise<void> {
  await page.goto('/retrieve');
  await settled(page);
  await toStrikes(page);
}

/** Both pages tap at once until each has logged `each`, and no more; what lies in the store at the end. */
export async function logFromBoth(pages: readonly Page[], each: number, seed: number): Promise<LogLine[]> {
  const random = seeded(seed);
  const tapIn = async (page: Page): Promise<void> => {
    for (let done = 0; done < each;) {
      const burst = Math.min(each - done, 1 + Math.floor(random() * 5));
      const names = Array.from({ length: burst }, () => KEYS[Math.floor(random() * KEYS.length)]!);
      await tapAll(page, names);
      done += burst;
      if (random() < 0.3) await page.waitForTimeout(Math.floor(random() * 20));
    }
  };
  await Promise.all(pages.map(tapIn));
  for (const page of pages) await expect(page.getByText('all stored')).toBeVisible();
  // What is stored within a quarter of a second is not told as under way.
  await expect.poll(async () => (await storedLog(pages[0]!)).length).toBe(each * pages.length);
  return storedLog(pages[0]!);
}

export const toStrikes = async (page: Page): Promise<void> => {
  await place(page, 'Strikes').click();
  await keysThere(page);
};
