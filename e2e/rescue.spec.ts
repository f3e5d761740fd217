/** One wrong field keeps no page shut; the rescue page opens whatever is stored, with the application or without. */
import { readFileSync } from 'node:fs';
import { AxeBuilder } from '@axe-core/playwright';
import { expect, openDemo, PHONE, place, test } from './kit';
import { putValue, storedValues } from './store';
import type { Page } from '@playwright/test';

test.use({ serviceWorkers: 'allow', viewport: PHONE, acceptDownloads: true });

async function damage(page: Page, key: string, more: Record<string, unknown>): Promise<void> {
  const { version, data } = JSON.parse((await storedValues(page))[key]!) as { version: number; data: object };
  await putValue(page, key, JSON.stringify({ version, data: { ...data, ...more } }));
}

test('a water in a zone that there is not is put aside and named; every page opens', async ({ page }) => {
  await openDemo(page);
  await damage(page, 'water/water-lantern', { zone: 'Mars/Olympus' });
  await page.goto('/');
  await expect(place(page, 'Lures')).toBeVisible();
  for (const name of ['Lures', 'Retrieve', 'Strikes', 'Lessons'] as const) {
    await place(page, name).click();
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    await expect(page.getByText(/stumbled/)).toHaveCount(0);
  }
  await page.getByRole('link', { name: 'Kit' }).click();
  await expect(page.getByText(/could not be read/).first()).toBeVisible();
});

test('the rescue page saves all, puts one aside and back, leaves the open day, and reads its own file in', async ({
  page,
}) => {
  await openDemo(page);
  const before = await storedValues(page);
  await page.goto('/rescue.html');
  await expect(page.getByRole('heading', { level: 1, name: 'Your record, as it is stored' })).toBeVisible();
  const found = await new AxeBuilder({ page }).analyze();
  expect(found.violations).toEqual([]);

  const [saved] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save all of it to a file' }).click(),
  ]);
  const file = JSON.parse(readFileSync(await saved.path(), 'utf8')) as { entries: Record<string, string> };
  expect(file.entries).toEqual(before);

  await page.getByText(/^Waters: \d+$/).click();
  const name = 'water/water-lantern';
  await page.getByRole('button', { name: new RegExp(`^Put aside: ${name}`) }).click();
  await expect(page.getByRole('status')).toContainText(`${name} is put aside`);
  let stored = await storedValues(page);
  expect([stored[name], stored[`quarantine/${name}`]]).toEqual([undefined, before[name]]);
  await page.getByRole('button', { name: new RegExp(`^Put back: ${name}`) }).click();
  await expect(page.getByRole('status')).toContainText('is back');
  expect((await storedValues(page))[name]).toBe(before[name]);

  await page.getByRole('button', { name: 'Leave the day that is open' }).click();
  await expect(page.getByRole('status')).toContainText('No day is open now');
  stored = await storedValues(page);
  expect(JSON.parse(stored['preferences/mine']!).data.activeTripId).toBeNull();

  // A file of something else changes nothing; its own brings everything back, after it was asked.
  const read = page.getByLabel('Read in a file saved here');
  await read.setInputFiles({ name: 'other.json', mimeType: 'application/json', buffer: Buffer.from('{"a":1}') });
  await expect(page.getByRole('status')).toContainText('could not be read');
  expect(await storedValues(page)).toEqual(stored);
  page.once('dialog', (d) => void d.accept());
  await read.setInputFiles(await saved.path());
  await expect(page.getByRole('status')).toContainText('Read in');
  const records = (all: Record<string, string>) =>
    Object.fromEntries(Object.entries(all).filter(([key]) => !key.startsWith('meta/')));
  expect(records(await storedValues(page))).toEqual(records(before));
  // What gave way for the file was kept: it is put back, and the file's in its turn.
  const back = page.getByRole('button', { name: /^Put back what was here before/ });
  await back.click();
  await expect(page.getByRole('status')).toContainText('Put back');
  expect(records(await storedValues(page))).toEqual(records(stored));
  await back.click();
  await expect.poll(async () => records(await storedValues(page))).toEqual(records(before));
  await page.getByRole('link', { name: 'Open Moss Kettle' }).click();
  await expect(place(page, 'Lures')).toBeVisible();
});

test('the rescue page opens without a network', async ({ page, context }) => {
  await openDemo(page);
  await page.evaluate(() => navigator.serviceWorker.ready);
  await page.waitForTimeout(1500);
  await context.setOffline(true);
  await page.goto('/rescue.html');
  await expect(page.getByText(/^Waters: \d+$/)).toBeVisible();
  await context.setOffline(false);
});
