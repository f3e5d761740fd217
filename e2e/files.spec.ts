/** What leaves the device as files that other programs read. */
import { readFile } from 'node:fs/promises';
import { strFromU8, unzipSync } from 'fflate';
import { expect, openDemo, PHONE, test } from './kit';

test.use({ viewport: PHONE, hasTouch: true });

test('the log as tables: one ZIP, five tables and what their columns are, in the units asked', async ({ page }) => {
  await openDemo(page);
  await page.goto('/kit');
  let firstByte = 0;
  const files = async (): Promise<Record<string, string>> => {
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'Save the log as tables' }).tap(),
    ]);
    expect(download.suggestedFilename()).toMatch(/^moss-kettle-log-\d{4}-\d\d-\d\d\.zip$/);
    const zip = unzipSync(new Uint8Array(await readFile(await download.path())));
    firstByte = zip['blocks.csv']![0]!;
    return Object.fromEntries(Object.entries(zip).map(([name, bytes]) => [name, strFromU8(bytes)]));
  };
  const own = await files();
  expect(Object.keys(own).sort()).toEqual([
    'blocks.csv',
    'datapackage.json',
    'events.csv',
    'fish.csv',
    'photos.csv',
    'trips.csv',
  ]);
  expect(own['blocks.csv']).toMatch(/^block_id,trip_id,.*lure_weight_oz,.*water_temp_f/);
  expect(own['trips.csv']!.trim().split('\r\n').length).toBeGreaterThan(10);
  await expect(page.getByText('The tables are saved, with your downloads.')).toBeVisible();
  expect(firstByte).toBe('b'.charCodeAt(0));
  await page.getByRole('radio', { name: 'Metres, kilograms, °C' }).tap();
  await page.getByRole('radio', { name: 'For older spreadsheets' }).tap();
  const si = await files();
  expect(si['blocks.csv']).toMatch(/^\uFEFF?block_id,.*lure_weight_kg,.*water_temp_c/);
  // The mark by which older spreadsheets know the letters.
  expect(firstByte).toBe(0xef);
});
