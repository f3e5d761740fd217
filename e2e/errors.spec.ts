/** A page that stumbles leaves the log standing and says what happened. */
import { readFileSync } from 'node:fs';
import { toStrikes } from './faults';
import { PAGES } from './pages';
import { expect, openDemo, PHONE, place, test, WIDE } from './kit';
import { storedValues } from './store';

test.use({ viewport: PHONE, acceptDownloads: true });
// A browser without service workers: every script is asked for anew, so that one can fail to come.
test.beforeEach(({ page }) =>
  page.addInitScript(() => Object.defineProperty(Navigator.prototype, 'serviceWorker', { get: () => undefined })),
);

test('a page whose script does not come stumbles alone: the log goes on, the trouble is noted', async ({
  page,
  errors,
}) => {
  await page.route(/lessons-[0-9a-f]+\.js$/, (r) => r.abort());
  await openDemo(page);
  await toStrikes(page);
  await place(page, 'Lessons').click();
  await expect(page.getByRole('heading', { level: 1, name: 'This page stumbled' })).toBeVisible();

  await page.getByRole('button', { name: 'Cast: add one' }).click();
  await page.getByRole('button', { name: 'Landed', exact: true }).click();
  await expect(page.getByText('1 cast, 1 logged')).toBeVisible();
  await page.getByRole('button', { name: 'Undo the last' }).click();
  await expect(page.getByText('1 cast, 0 logged')).toBeVisible();

  // Elsewhere everything stands, with what was just logged.
  await place(page, 'Strikes').click();
  await expect(page.getByRole('heading', { level: 1, name: '1 cast' })).toBeVisible();
  await page.getByRole('link', { name: 'Kit' }).click();
  await page.getByRole('button', { name: /^\d+ problems? noted$/ }).click();
  await expect(page.getByText(/^The page \/lessons/)).toBeVisible();
  const [report] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save the problem report to a file' }).click(),
  ]);
  const text = readFileSync(await report.path(), 'utf8');
  const problems = JSON.parse(text) as { build: string; problems: { where: string; text: string }[] };
  expect(problems.build).toMatch(/^[0-9a-f]{8}$/);
  expect(problems.problems.find((p) => p.where === 'the page /lessons')).toBeDefined();
  // Nothing of the record in it.
  expect(text).not.toMatch(/Lantern Kettle|Alder minnow/);

  // The network is back: loading again mends it.
  await page.unroute(/lessons-[0-9a-f]+\.js$/);
  await place(page, 'Lessons').click();
  await page.getByRole('button', { name: 'Try this page again' }).click();
  await expect(page.getByText('Strikes by pattern')).toBeVisible({ timeout: 60_000 });
  // It stays noted until it is forgotten.
  await page.getByRole('link', { name: 'Kit' }).click();
  await page.getByRole('button', { name: /^\d+ problems? noted$/ }).click();
  await page.getByRole('button', { name: 'Forget these problems' }).click();
  await expect(page.getByText('No problem noted.')).toBeVisible();
  await page.reload();
  await expect(page.getByText('No problem noted.')).toBeVisible({ timeout: 60_000 });
  expect(errors.length).toBeGreaterThan(0);
  errors.length = 0;
});

test('when everything stumbles the record can still be taken out', async ({ page, errors }) => {
  await page.setViewportSize(WIDE);
  await openDemo(page);
  await page.getByRole('button', { name: /^clarity: .*Change$/ }).click();
  await expect(page.getByRole('radio', { name: '½ ft', exact: true })).toBeVisible();
  // Arithmetic that the day itself needs is broken from this touch on.
  await page.evaluate(() => {
    Math.exp = () => {
      throw new Error('broken on purpose');
    };
    [...document.querySelectorAll<HTMLElement>('[role="radio"]')].find((e) => e.textContent === '½ ft')!.click();
  });
  await expect(page.getByRole('heading', { level: 1, name: 'Moss Kettle stumbled' })).toBeVisible();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save my record to a file' }).click(),
  ]);
  const record = JSON.parse(readFileSync(await download.path(), 'utf8')) as {
    records: { trip: { data: { id: string; readings: { water: { clarityM?: number } } } }[] };
  };
  // With the reading that was the last thing done: half a foot.
  const { readings } = record.records.trip.find((t) => t.data.id === 'trip-today')!.data;
  expect(readings.water.clarityM).toBe(0.15);
  await page.getByRole('button', { name: 'Load everything again' }).click();
  await expect(page.getByRole('button', { name: 'clarity: ½ ft. Change' })).toBeVisible({ timeout: 60_000 });
  expect(errors.join()).toContain('broken on purpose');
  errors.length = 0;
});

test('without any worker the log goes on: a lure is chosen, a cast and a strike are stored', async ({
  page,
  errors,
}) => {
  await page.route(/\/(compute|almanac)-[0-9a-f]+\.js$/, (r) => r.abort());
  await openDemo(page);
  const blocksBefore = Object.keys(await storedValues(page)).filter((k) => k.startsWith('block/')).length;
  await place(page, 'Strikes').click();
  await page.getByRole('button', { name: 'Another lure, another spot' }).click();
  await page.getByLabel('Find a lure of the box').fill('humming');
  await page.getByRole('radio', { name: 'Humming skirt' }).click();
  const cast = page.getByRole('button', { name: 'Cast: add one' });
  await expect(cast).toBeVisible({ timeout: 30_000 });
  await cast.click();
  await expect(page.getByRole('heading', { level: 1, name: '1 cast' })).toBeVisible();
  await page.getByRole('button', { name: /^Missed: / }).click();
  await expect(page.getByText('1 cast, 1 strike, 0 hooked, 0 landed.')).toBeVisible();
  const blocks = Object.entries(await storedValues(page)).filter(
    ([k, v]) => k.startsWith('block/') && v.includes('trip-today'),
  );
  expect(blocks).toHaveLength(1);
  const { data } = JSON.parse(blocks[0]![1]) as { data: { presentation: { lureName: string }; zoneShare: number } };
  expect(data.presentation.lureName).toBe('Humming skirt');
  expect(data.zoneShare).toBeGreaterThan(0);
  // Loaded again in the middle of the day it goes on as it was fished, also where the rules alone cannot be asked.
  await page.route(/\/offPage-[0-9a-f]+\.js$/, (r) => r.abort());
  await page.reload();
  await expect(cast).toBeVisible({ timeout: 30_000 });
  await cast.click();
  await expect(page.getByRole('heading', { level: 1, name: '2 casts' })).toBeVisible();
  const then = Object.keys(await storedValues(page)).filter((k) => k.startsWith('block/'));
  expect(then.filter((k) => blocks[0]![0] === k)).toHaveLength(1);
  expect(then).toHaveLength(blocksBefore + 1);
  errors.length = 0;
});

test('an address that leads nowhere is a real 404 with our own page and a way back; every page has its address', async ({
  page,
  errors,
}) => {
  expect((await page.goto('/lures/no-such-page'))!.status()).toBe(404);
  // The browser itself tells of it; nothing else may be wrong.
  expect(errors.splice(0)).toEqual([expect.stringContaining('404')]);
  await expect(page.getByRole('heading', { level: 1, name: 'No such page' })).toBeVisible();
  await page.getByRole('button', { name: 'To the water' }).click();
  await expect(page).toHaveURL(/\/$/);
  for (const address of PAGES) expect([address, (await page.request.get(address)).status()]).toEqual([address, 200]);
});
