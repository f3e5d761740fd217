/** What was logged moves the ranking, and says so; without the log it is as before. */
import type { Page } from '@playwright/test';
import { expect, openDemo, PHONE, place, test } from './kit';

test.use({ viewport: PHONE, hasTouch: true });

const main = async (page: Page): Promise<string> => (await page.getByRole('main').innerText()).replace(/\s+/g, ' ');
/** The fish hooked an hour of a lure, as the list has it. */
const rateOf = async (page: Page, lure: string): Promise<number> => {
  const row = new RegExp(`\\d+ ${lure} (\\d+(?:\\.\\d+)?) `);
  await expect.poll(() => main(page), { timeout: 60_000 }).toMatch(row);
  return Number(row.exec(await main(page))![1]);
};

test('a log of strikes lifts the lure they came on, Lessons says by what, and the switch takes it out', async ({
  page,
}) => {
  await openDemo(page);
  await place(page, 'Lures').tap();
  await expect(page.getByText(/^By your log you draw/)).toBeVisible({ timeout: 60_000 });
  const before = await rateOf(page, 'Alder minnow');
  // Without the log nothing is said of it, and the switch stays.
  await page.getByRole('radio', { name: 'Without it' }).tap();
  await expect(page.getByText(/By your log/)).toHaveCount(0);
  await page.getByRole('radio', { name: 'With my log' }).tap();
  await expect(page.getByText(/^By your log you draw/)).toBeVisible({ timeout: 60_000 });

  await place(page, 'Lessons').tap();
  await expect(page.getByText('What your log makes of today')).toBeVisible();
  await expect(page.getByText(/^Alder minnow: 3 strikes in \d\.\d h, \d\.\d expected\. Now/)).toBeVisible();

  await place(page, 'Strikes').tap();
  await expect(page.getByText(/In hand: Alder minnow/)).toBeVisible({ timeout: 60_000 });
  for (let n = 0; n < 3; n++) {
    await page.getByRole('button', { name: 'Cast: add one' }).tap();
    await page.getByRole('button', { name: /^Landed/ }).tap();
  }
  await place(page, 'Lures').tap();
  await expect.poll(() => rateOf(page, 'Alder minnow'), { timeout: 60_000 }).toBeGreaterThan(before);
  await place(page, 'Lessons').tap();
  await expect(page.getByText(/^Alder minnow: 6 strikes in/)).toBeVisible();
});
