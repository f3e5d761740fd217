/** A list of catches from another log: read, completed, put in, known again, taken out. */
import { expect, openDemo, PHONE, test } from './kit';
import { storedValues } from './store';
import type { Page } from '@playwright/test';

test.use({ viewport: PHONE, hasTouch: true });

const LIST = [
  'Caught on,Where,Bait,Species,Result,Length (in),Weight,Weather',
  '4/3/2019,Lantern Kettle,Alder minnow,largemouth bass,caught,14.5,2.1,cloudy',
  '4/3/2019,Lantern Kettle,Alder minnow,largemouth bass,lost,,,cloudy',
  '4/9/2019,the mill pond,my old spoon,largemouth bass,caught,13,,sunny',
  '4/31/2019,Lantern Kettle,Alder minnow,largemouth bass,caught,12,,sunny',
  '4/9/2019,Lantern Kettle,Alder minnow,,eaten,12,,sunny',
].join('\r\n');

async function read(page: Page, text: string): Promise<void> {
  const [chooser] = await Promise.all([
    page.waitForEvent('filechooser'),
    page.getByRole('button', { name: 'Read a table…' }).tap(),
  ]);
  await chooser.setFiles({ name: 'mine.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });
  await expect(page.getByRole('heading', { name: 'What would be put in' })).toBeVisible();
}

test('a list is read, what it leaves open is asked, put in once, known again and taken out', async ({ page }) => {
  await openDemo(page);
  await page.goto('/kit');
  await page.getByRole('button', { name: 'Put in catches from another log…' }).tap();
  await read(page, LIST);
  await expect(page.getByText('5 lines, from 2019-04-03 to 2019-04-09.')).toBeVisible();
  await expect(page.getByText('Not used: weather.')).toBeVisible();
  await expect(page.getByText(/^Line 5: expected a date/)).toBeVisible();
  await expect(page.getByText(/^Line 6: expected landed, lost.*not “eaten”/)).toBeVisible();
  await expect(page.getByText(/^Line 4: expected a water of yours, not “the mill pond”/)).toBeVisible();
  await expect(page.getByText(/says more than one from two hundred/)).toBeVisible();
  // What it calls otherwise, and how many casts.
  await page.getByRole('button', { name: '“the mill pond”, 1 line: which is it?' }).tap();
  await page.getByRole('radio', { name: 'Lantern Kettle' }).tap();
  await expect(page.getByText('“the mill pond” is Lantern Kettle')).toBeVisible();
  await page.getByRole('button', { name: '“my old spoon”, 1 line: which is it?' }).tap();
  await page.getByRole('searchbox', { name: /^Find by a word/ }).fill('casting spoon');
  await page.getByRole('radio', { name: 'Casting spoon', exact: true }).tap();
  await page.getByRole('textbox', { name: 'Casts on such a day, about' }).fill('80');
  await page.getByRole('textbox', { name: 'Casts on such a day, about' }).press('Enter');
  await page.getByRole('button', { name: 'Put in 2 days with 2 fish' }).tap();
  await expect(page.getByText('2 days with 2 fish are in your log.')).toBeVisible();
  // The same file again: read as last time, and nothing is new.
  await read(page, LIST);
  await expect(page.getByText('Its columns were read as last time.')).toBeVisible();
  await expect(page.getByText('“my old spoon” is Casting spoon')).toBeVisible();
  await expect(page.getByText('Nothing: all of its lines are in your log already.')).toBeVisible();
  // A line more is one more; it can be taken out again.
  await read(page, `${LIST}\r\n4/3/2019,Lantern Kettle,Alder minnow,largemouth bass,missed,,,cloudy`);
  await page.getByRole('button', { name: 'Put in 1 day with no fish' }).tap();
  await page.getByRole('button', { name: 'Take them out again' }).tap();
  await expect(page.getByText('They are out again.')).toBeVisible();
  await page.goto('/lessons/diary');
  await expect(page.getByText(/2019/).first()).toBeVisible();
});

test('a long list lies together on the device: there after a reload, one of it put aside and back', async ({
  page,
}) => {
  await openDemo(page);
  const lines = Array.from({ length: 560 }, (_, i) => {
    const day = new Date(Date.UTC(2011, 2, 1 + Math.floor(i / 8))).toISOString().slice(0, 10);
    return `${day},${6 + (i % 8)}:00,Lantern Kettle,Alder minnow,largemouth bass,caught,40,${10 + (i % 7)}`;
  });
  const list = ['Date,Time,Water,Lure,Species,Result,Casts,Length (in)', ...lines].join('\n');
  await page.goto('/kit/catches');
  await read(page, list);
  await page.getByRole('button', { name: 'Put in 70 days with 560 fish' }).tap();
  await expect(page.getByText('70 days with 560 fish are in your log.')).toBeVisible();
  const lying = async (): Promise<string[]> => Object.keys(await storedValues(page));
  expect((await lying()).filter((k) => k.startsWith('trip/~together~')).length).toBeGreaterThan(0);
  expect((await lying()).filter((k) => k.startsWith('event/in-'))).toEqual([]);
  await page.goto('/kit/catches');
  await read(page, list);
  await expect(page.getByText('Nothing: all of its lines are in your log already.')).toBeVisible();
  // The rescue page knows what lies in it.
  await page.goto('/rescue.html');
  const days = page.getByText(/^Days: \d+$/);
  const count = Number((await days.textContent())!.slice('Days: '.length));
  expect(count).toBeGreaterThanOrEqual(70);
  await days.tap();
  const one = page.getByRole('button', { name: /^Put aside: trip\/in-/ }).first();
  const key = /trip\/in-\w+/.exec((await one.getAttribute('aria-label'))!)![0];
  await one.tap();
  await expect(page.getByRole('status')).toContainText(`${key} is put aside`);
  await expect(days).toHaveText(`Days: ${count - 1}`);
  await page.getByRole('button', { name: `Put back: ${key}` }).tap();
  await expect(page.getByRole('status')).toContainText('is back');
  await expect(days).toHaveText(`Days: ${count}`);
  await page.goto('/kit/catches');
  await read(page, list);
  await expect(page.getByText('Nothing: all of its lines are in your log already.')).toBeVisible();
});

test('what is no table is said; nothing is put in', async ({ page }) => {
  await openDemo(page);
  await page.goto('/kit/catches');
  await read(page, '{"no": "table"}');
  await expect(page.getByText('Say which column tells the day, and which the lure.')).toBeVisible();
  await expect(page.getByText('Nothing yet.')).toBeVisible();
  await page.getByRole('button', { name: 'Put the file away' }).tap();
  await expect(page.getByRole('heading', { name: 'What would be put in' })).toHaveCount(0);
});
