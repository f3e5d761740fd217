/** A figure that stands on several screens is one figure. The demo's day is walked and what they say is compared. */
import type { Page } from '@playwright/test';
import { expect, openDemo, PHONE, place, settled, test, WIDE } from './kit';

test.use({ viewport: PHONE, hasTouch: true });

const textOf = async (page: Page): Promise<string> => (await page.getByRole('main').innerText()).replace(/\s+/g, ' ');
/** The text of the screen, once everything in it has come: what is drawn last is drawn. */
const textWith = async (page: Page, last: RegExp): Promise<string> => {
  await expect.poll(() => textOf(page), { timeout: 60_000 }).toMatch(last);
  return textOf(page);
};
const found = (text: string, what: RegExp): string => {
  const m = what.exec(text);
  expect(m, `${what} in: ${text.slice(0, 400)}`).not.toBeNull();
  return m![1]!;
};

test('the lure, its casts, its depth and its pace are the same on Lures, Retrieve, Strikes and the card', async ({
  page,
}) => {
  await openDemo(page);
  await place(page, 'Lures').tap();
  const lures = await textWith(page, / (?:\d+\.\d+ \d[\d.]*–[\d.]+ .*){8}/);
  const first = found(lures, /Start with(?: in hand)? ([A-Z][a-z]+ [a-z]+)/);
  // The list is sorted by the number that it shows, and begins with what one starts with.
  const rates = [...lures.matchAll(/ (\d+\.\d+) \d[\d.]*–/g)].map((m) => Number(m[1]));
  expect(rates.length).toBeGreaterThan(3);
  expect([...rates].sort((a, b) => b - a)).toEqual(rates);
  const casts = found(lures, /once (\d+) casts drew nothing/);

  await place(page, 'Retrieve').tap();
  await settled(page);
  const retrieve = await textWith(page, /of the cast at .* ft/);
  expect(retrieve.startsWith(first)).toBe(true);
  const share = found(retrieve, /in the zone (\d+) %/);
  expect(found(retrieve, /(\d+) % of the cast at/)).toBe(share);
  const band = found(retrieve, /of the cast at ([\d½¼¾–]+) ft/);
  const line = found(retrieve, /⅜ oz · (\S+ \d+)/);

  await page.getByRole('button', { name: 'Plan card for the pocket' }).tap();
  await expect(page.getByRole('heading', { level: 1, name: 'Plan card' })).toBeVisible();
  const card = await textWith(page, new RegExp(first));
  expect(card).toContain(`${share} %`);
  expect(card.toLowerCase()).toContain(line.toLowerCase());

  await place(page, 'Strikes').tap();
  await expect(page.getByText(new RegExp(`In hand: ${first}`))).toBeVisible();
  await page.getByRole('button', { name: 'Cast: add one' }).tap();
  await expect(page.getByText(`${Number(casts) - 1} more casts like this before you judge it.`)).toBeVisible();

  await place(page, 'Water').tap();
  const water = await textWith(page, /Expect them/);
  expect(found(water, /Expect them ([\d½¼¾–]+) ft down/)).toBe(band);
});

test('a retrieve set by hand is told on Lures with its own share, beside the one that is reckoned with', async ({
  page,
}) => {
  await openDemo(page);
  await place(page, 'Retrieve').tap();
  await expect(page.getByText('Your hands')).toBeVisible({ timeout: 60_000 });
  await place(page, 'Lures').tap();
  await expect(page.getByText(/^Start with/).first()).toBeVisible({ timeout: 60_000 });
  await expect(page.getByText(/You chose the retrieve/)).toHaveCount(0);
  await place(page, 'Retrieve').tap();
  await page.getByRole('button', { name: /^handle/ }).tap();
  for (let n = 0; n < 4; n++) await page.getByRole('button', { name: 'Handle: more' }).tap();
  await settled(page);
  const retrieve = await textWith(page, /of the cast at .* ft/);
  const share = found(retrieve, /in the zone (\d+) %/);
  await place(page, 'Lures').tap();
  await expect(page.getByText(`You chose the retrieve or the aim yourself: about ${share} %`)).toBeVisible({
    timeout: 60_000,
  });
});

test('the best hours are the same on Water and on the day ahead, in words that fit the light', async ({ page }) => {
  await openDemo(page);
  await expect(page.getByText(/^Best \d/)).toBeVisible({ timeout: 30_000 });
  const water = await textWith(page, /Best \d.*sunrise in|sunrise in.*Best \d/);
  const [from, to] = /Best (\d+:\d\d [ap]m)–(\d+:\d\d [ap]m)/.exec(water)!.slice(1);
  // It is before sunrise: nothing on the page calls that dusk, or good light.
  expect(water).toContain('sunrise in');
  expect(water).not.toMatch(/dusk|good light/);
  await page.getByRole('link', { name: /^The day ahead/ }).tap();
  await expect(page.getByText(`Best two hours: ${from} to ${to}`, { exact: false })).toBeVisible({ timeout: 30_000 });
});

test('in metres nothing is told in feet, nor the other way round', async ({ page }) => {
  await openDemo(page);
  await page.getByRole('link', { name: 'Kit' }).tap();
  await page.getByRole('radio', { name: '°C, metres, grams' }).tap();
  // Chosen is what the device has stored.
  await expect(page.getByRole('radio', { name: '°C, metres, grams' })).toBeChecked();
  for (const name of ['Water', 'Lures', 'Retrieve', 'Strikes'] as const) {
    await place(page, name).tap();
    await page.waitForTimeout(1500);
    if (name === 'Retrieve') await expect(page.getByText('Your hands')).toBeVisible({ timeout: 60_000 });
    expect(await textOf(page), name).not.toMatch(/\d\s?(ft|oz|mph|°F|yd|lb)\b/);
  }
});

test('a spot that rests has one time to come back: on Strikes, on the day ahead, and for the round', async ({
  page,
}) => {
  await openDemo(page);
  await place(page, 'Strikes').tap();
  await page.getByRole('button', { name: /^Missed: / }).tap();
  const back = /(?:until|from|at|back) (\d+:\d\d [ap]m)/;
  const resting = async (): Promise<string> => {
    const text = await textWith(page, /Resting .*\d+:\d\d [ap]m/);
    return /Resting (.*?\d+:\d\d [ap]m.*?\.)/.exec(text)![1]!;
  };
  const onStrikes = await resting();
  const time = found(onStrikes, back);
  await page.goto('/today');
  await expect(page.getByText(/^Best two hours/)).toBeVisible({ timeout: 60_000 });
  expect(found(await resting(), back)).toBe(time);
  // The round does not begin with it before that time.
  const minutes = (clock: string): number => {
    const [, h, m, half] = /(\d+):(\d\d) ([ap])m/.exec(clock)!;
    return ((Number(h) % 12) + (half === 'p' ? 12 : 0)) * 60 + Number(m);
  };
  const today = await textWith(page, /Your round, from now/);
  const name = /^(.*?) (?:rests|was|has)/.exec(onStrikes)?.[1] ?? 'North arm alders';
  const stay = new RegExp(`(\\d+:\\d\\d [ap]m)–\\d+:\\d\\d [ap]m (?:\\d+ min to get there )?${name}`).exec(today);
  if (stay) expect(minutes(stay[1]!)).toBeGreaterThanOrEqual(minutes(time) - 30);
});

test('no two rows of the lessons bear one name', async ({ page }) => {
  await openDemo(page);
  await place(page, 'Lessons').tap();
  await expect(page.getByText('Strikes by pattern')).toBeVisible({ timeout: 60_000 });
  await expect(page.getByText('Asking the model', { exact: false })).toHaveCount(0, { timeout: 60_000 });
  const names = await page
    .getByRole('button', { expanded: false })
    .evaluateAll((all) => all.map((x) => x.getAttribute('aria-label') ?? x.textContent ?? ''));
  expect(names.length).toBeGreaterThan(5);
  expect(names.filter((n, i) => names.indexOf(n) !== i)).toEqual([]);
});

test.describe('wide', () => {
  test.use({ viewport: WIDE, hasTouch: false });
  test('the day at a glance says what its places say', async ({ page }) => {
    await openDemo(page);
    const card = (title: RegExp) => page.getByRole('link', { name: title });
    await place(page, 'Retrieve').click();
    await settled(page);
    const share = found(await textWith(page, /of the cast at .* ft/), /in the zone (\d+) %/);
    await place(page, 'Strikes').click();
    await page.getByRole('button', { name: 'Cast: add one' }).click();
    await expect(page.getByRole('heading', { level: 1, name: '1 cast' })).toBeVisible();
    await expect(card(/^How to work the /)).toContainText(`${share} %`);
    const lures = (await card(/^Tie this on/).innerText()).replace(/\s+/g, ' ');
    await place(page, 'Lures').click();
    await expect(card(/^So far today/)).toContainText('1 cast');
    const first = found(lures, /Start with ([A-Z]\w+ \w+)/);
    await expect.poll(() => textOf(page), { timeout: 60_000 }).toMatch(new RegExp(`Start with(?: in hand)? ${first}`));
    await card(/^The water/).click();
    await expect(page.getByRole('heading', { level: 1, name: 'Lantern Kettle' })).toBeVisible();
  });
});
