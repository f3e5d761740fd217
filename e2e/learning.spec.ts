/** What was logged moves the ranking, and says so; without the log it is as before. */
import type { Page } from '@playwright/test';
import { expect, openDemo, PHONE, place, settled, test } from './kit';

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

test('Lessons says what worked in cold stained water and what it does not know; a trial is fished and reported on', async ({
  page,
}) => {
  test.setTimeout(180_000);
  await openDemo(page);
  // What is worth a trial hangs on the plans: they stand first.
  await place(page, 'Retrieve').tap();
  await settled(page);
  await place(page, 'Lessons').tap();
  const waters = page.getByRole('button', { name: /^How warm, how clear\./ });
  await expect(waters).toContainText('46–55 °F, clarity 1½–3½ ft: 2 strikes', { timeout: 60_000 });
  await expect(waters).toContainText('Not known: water under 46 °F');
  await waters.tap();
  const row = page.getByRole('table', { name: 'Strikes by warmth and clarity' }).getByRole('row');
  await expect(row.filter({ hasText: '46–55 °F' })).toContainText('Alder minnow (1) and Pebble jig (1)');
  await expect(page.getByRole('button', { name: /^What you tried\. No trial yet/ })).toBeVisible();

  // A trial, tied on from here, says how far it is where one logs.
  const offer = page.getByRole('button', { name: /^Try the / });
  await expect(offer).toBeVisible({ timeout: 60_000 });
  const lure = /^Try the (.*)$/.exec((await offer.getAttribute('aria-label'))!)![1]!;
  await offer.tap();
  await expect(page.getByRole('heading', { level: 1, name: new RegExp(lure) })).toBeVisible({ timeout: 60_000 });
  await place(page, 'Strikes').tap();
  await expect(page.getByText(`A trial: the ${lure}`)).toBeVisible({ timeout: 60_000 });
  await expect(page.getByText(new RegExp(`In hand: ${lure}`))).toBeVisible({ timeout: 60_000 });
  const give = page.getByText(/^Give it \d+ casts, and count them\.$/);
  const casts = Number(/\d+/.exec(await give.innerText())![0]);
  const cast = page.getByRole('button', { name: 'Cast: add one' });
  await cast.tap();
  await page.getByRole('button', { name: /^Landed/ }).tap();
  await expect(page.getByText(`One strike in 1 cast; give it ${casts - 1} casts more.`)).toBeVisible();
  await page.getByRole('button', { name: /^Landed/ }).tap();
  await page.getByRole('button', { name: /^Landed/ }).tap();
  for (let n = 1; n < casts; n++) await cast.tap();
  await expect(page.getByText(new RegExp(`^3 strikes in ${casts} casts: .* expected of it`))).toBeVisible();

  // The answer has moved and says why; the trial is reported on.
  await place(page, 'Lessons').tap();
  // Its three, and what the season had drawn on it before.
  await expect(page.getByText(new RegExp(`^${lure}: [3-9] strikes in`))).toBeVisible({ timeout: 60_000 });
  const tried = page.getByRole('button', { name: /^What you tried\. 1 trial/ });
  await tried.tap();
  await expect(page.getByRole('table', { name: 'Trials' }).getByRole('row').nth(1)).toContainText(
    `${casts} of ${casts}`,
  );
});
