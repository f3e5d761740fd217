/** The drawn path answers to the tackle as line and lure do, to what is counted, and says the same as the command. */
import { spawnSync } from 'node:child_process';
import { expect, openDemo, openMore, PHONE, place, settled, test } from './kit';
import { putValue, storedValues } from './store';
import type { Page } from '@playwright/test';

test.use({ viewport: PHONE });

/** Today with this lure in hand, hands set, numbers in metres. */
async function openWith(page: Page, lureId: string, settings: Record<string, unknown>): Promise<void> {
  await openDemo(page);
  const values = await storedValues(page);
  const change = async (key: string, more: Record<string, unknown>): Promise<void> => {
    const { version, data } = JSON.parse(values[key]!) as { version: number; data: object };
    await putValue(page, key, JSON.stringify({ version, data: { ...data, ...more } }));
  };
  await change('trip/trip-today', { lureId, settings });
  const metric = { temp: 'C', depth: 'm', size: 'cm', weight: 'g', line: 'kg', speed: 'kmh', money: '€' };
  await change('preferences/mine', { units: metric });
  await page.goto('/retrieve');
}

interface Shown {
  deepestM: number;
  lowM: number;
  highM: number;
}

/** What the page says of the depth once the plan is settled. */
async function shown(page: Page): Promise<Shown> {
  await settled(page);
  const text = (await page.getByText(/^How deep is/).textContent({ timeout: 60_000 }))!;
  const [, deepest, low, high] = /its deepest is ([\d.]+) m, likely ([\d.]+)–([\d.]+) m/.exec(text)!;
  return { deepestM: Number(deepest), lowM: Number(low), highM: Number(high) };
}

const STEADY = { castM: 25, turnsPerS: 1.2, tip: 'level', style: 'steady', countdownS: 0 };

test('a crank: thicker line lifts its path, a lower tip drops it; the command says the same', async ({
  page,
}, info) => {
  await openWith(page, 'lure-ledge', STEADY);
  const before = await shown(page);
  expect(before.deepestM).toBeGreaterThan(1);

  await openMore(page);
  await page.getByRole('button', { name: 'Change rod, reel or line' }).click();
  await page.getByRole('radio', { name: 'Braid 40' }).click();
  await expect.poll(async () => (await shown(page)).deepestM, { timeout: 60_000 }).toBeLessThan(before.deepestM);
  const thick = await shown(page);

  await page.getByRole('button', { name: /^rod tip, yours: / }).click();
  await page.getByRole('radio', { name: 'Down', exact: true }).click();
  await expect.poll(async () => (await shown(page)).deepestM, { timeout: 60_000 }).toBeGreaterThan(thick.deepestM);
  const low = await shown(page);

  const share = (await page.getByRole('status', { name: /^In the zone/ }).getAttribute('aria-label'))!;
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save what this plan was asked, as a file' }).click(),
  ]);
  const file = info.outputPath('plan.json');
  await download.saveAs(file);
  const said = spawnSync(process.execPath, ['--import', 'tsx', 'cli/kettle.ts', 'plan', file], { encoding: 'utf8' });
  expect(said.stderr).toBe('');
  const plan = JSON.parse(said.stdout) as {
    zoneShare: { mean: number };
    track: { depthM: number[] };
    range: { shallowM: number[]; deepM: number[] };
  };
  const deepest = (d: number[]): string => Math.max(0, ...d).toFixed(1);
  expect([deepest(plan.track.depthM), deepest(plan.range.shallowM), deepest(plan.range.deepM)]).toEqual(
    [low.deepestM, low.lowM, low.highM].map((x) => x.toFixed(1)),
  );
  expect(share).toBe(`In the zone ${Math.round(100 * plan.zoneShare.mean)} %`);
});

test('a counted sink moves the path and narrows its range; taken back, all is as before', async ({ page }) => {
  await openWith(page, 'lure-tail', { ...STEADY, turnsPerS: 0.9, countdownS: 4 });
  const before = await shown(page);
  await page.getByRole('button', { name: 'Measure this lure to know better' }).click();
  await expect(page.getByText(/nothing is counted yet/)).toBeVisible();
  await page.getByRole('button', { name: 'Measure it' }).click();
  const count = page.getByRole('button', { name: 'Seconds counted: more' });
  for (let i = 0; i < 3; i++) await count.click();
  await page.getByRole('button', { name: 'Keep this count' }).click();
  await expect(page.getByText(/from your one count \(before: /)).toBeVisible();
  // Counted again, the last numbers still there, it is surer still.
  await page.getByRole('button', { name: 'Measure it' }).click();
  await page.getByRole('button', { name: 'Keep this count' }).click();
  await expect(page.getByText(/from your 2 counts/)).toBeVisible();

  await place(page, 'Retrieve').click();
  await expect(page.getByText(/your counts narrow it/)).toBeVisible({ timeout: 60_000 });
  const after = await shown(page);
  expect(after.deepestM).toBeLessThan(before.deepestM);
  expect(after.highM - after.lowM).toBeLessThan(before.highM - before.lowM);

  // A slip is named, kept, and changes nothing; all of them can be taken back.
  await page.goto('/kit/lure/lure-tail');
  await page.getByRole('button', { name: 'Measure it' }).click();
  for (let i = 0; i < 50; i++) await count.click();
  await page.getByRole('button', { name: 'Keep this count' }).click();
  await expect(page.getByText(/Looks like a slip/)).toBeVisible();
  await expect(page.getByText(/from your 2 counts/)).toBeVisible();
  const back = page.getByRole('button', { name: /^Take back: / });
  for (let left = 3; left > 0; left--) {
    await expect(back).toHaveCount(left);
    await back.first().click();
  }
  await expect(page.getByText(/nothing is counted yet/)).toBeVisible();
  await place(page, 'Retrieve').click();
  await expect.poll(() => shown(page), { timeout: 60_000 }).toEqual(before);
});

test('a reel: counted turns tell the line it takes', async ({ page }) => {
  await openDemo(page);
  await page.goto('/kit/reel/reel-fixed');
  await expect(page.getByText(/^Well known\. Takes|^Known fairly well\. Takes/)).toBeVisible();
  await page.getByRole('button', { name: 'Measure it' }).click();
  await page.getByRole('button', { name: 'Turns of the handle: more' }).click();
  await page.getByRole('button', { name: 'Keep this count' }).click();
  await expect(page.getByText(/from your one count/)).toBeVisible();
});
