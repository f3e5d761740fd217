/** Photos: added on the water, seen in the diary, taken out and read in; never one without its picture. */
import { readFile } from 'node:fs/promises';
import type { Page } from '@playwright/test';
import { unzipSync } from 'fflate';
import { pageOf } from './faults';
import { emptyServer, expect, openDemo, PHONE, place, test } from './kit';
import { storedValues } from './store';

test.use({ viewport: PHONE, hasTouch: true });

/** What a camera writes into its files of where it was; nobody should find it again. */
const SECRET = 'where-the-camera-was';

/** A photo as a camera makes one: larger than what is kept, with words of the camera's own in it. */
async function photoFile(page: Page): Promise<{ name: string; mimeType: string; buffer: Buffer }> {
  const base64 = await page.evaluate(() => {
    const canvas = document.createElement('canvas');
    [canvas.width, canvas.height] = [3000, 2000];
    const on = canvas.getContext('2d')!;
    const sky = on.createLinearGradient(0, 0, 0, 2000);
    sky.addColorStop(0, '#9fb8a8');
    sky.addColorStop(1, '#28443c');
    on.fillStyle = sky;
    on.fillRect(0, 0, 3000, 2000);
    on.fillStyle = '#c98a3a';
    on.beginPath();
    on.ellipse(1500, 1100, 900, 300, 0, 0, 7);
    on.fill();
    return canvas.toDataURL('image/jpeg', 0.9).split(',')[1]!;
  });
  const plain = Buffer.from(base64, 'base64');
  const text = Buffer.from(`Exif\0\0${SECRET}`);
  const length = Buffer.alloc(2);
  length.writeUInt16BE(text.length + 2);
  const buffer = Buffer.concat([plain.subarray(0, 2), Buffer.from([0xff, 0xe1]), length, text, plain.subarray(2)]);
  expect(buffer.includes(SECRET)).toBe(true);
  return { name: 'fish.jpg', mimeType: 'image/jpeg', buffer };
}

type ChosenFile = Awaited<ReturnType<typeof photoFile>>;

async function choose(page: Page, button: RegExp, file: ChosenFile): Promise<void> {
  const [chooser] = await Promise.all([
    page.waitForEvent('filechooser'),
    page.getByRole('button', { name: button }).tap(),
  ]);
  await chooser.setFiles(file);
}

/** A fish in the hand, on the demo's day. */
async function landOne(page: Page): Promise<void> {
  await place(page, 'Strikes').tap();
  await page.getByRole('button', { name: /^Landed:/ }).tap();
  await expect(page.getByRole('button', { name: /^Add a photo: Landed/ })).toBeVisible();
}

/** Every picture that lies on the device, by its id. */
const pictures = (page: Page): Promise<Record<string, number[]>> =>
  page.evaluate(async () => {
    const done = <T>(r: IDBRequest<T>): Promise<T> =>
      new Promise((ok, no) => {
        r.onsuccess = () => ok(r.result);
        r.onerror = () => no(r.error as Error);
      });
    const db = await done(indexedDB.open('moss-kettle-pictures'));
    const store = db.transaction('pictures').objectStore('pictures');
    const [keys, values] = [await done(store.getAllKeys()), await done(store.getAll())];
    db.close();
    return Object.fromEntries(keys.map((k, i) => [String(k), [...(values[i] as { jpeg: Uint8Array }).jpeg]]));
  });

/** It is drawn, not only there. */
const drawn = (page: Page, name: RegExp): Promise<number> =>
  page
    .getByRole('button', { name })
    .locator('img')
    .evaluate(async (img: HTMLImageElement) => {
      await img.decode();
      return img.naturalWidth;
    });

const ONE = /^Photo 1 of 1: Landed/;

test('a photo is stored small and without what the camera wrote, shown, deleted and brought back', async ({ page }) => {
  await openDemo(page);
  const file = await photoFile(page);
  await landOne(page);
  await choose(page, /^Add a photo: Landed/, { name: 'notes.txt', mimeType: 'text/plain', buffer: Buffer.from('no') });
  await expect(page.getByRole('alert')).toContainText('not a picture this browser can read');
  await choose(page, /^Add a photo: Landed/, file);
  await expect(page.getByText('Photo stored.')).toBeVisible();
  expect(await drawn(page, ONE)).toBe(1600);
  const kept = Object.values(await pictures(page));
  expect(kept).toHaveLength(1);
  expect(kept[0]!.length).toBeLessThan(file.buffer.length);
  expect(Buffer.from(kept[0]!).includes(SECRET)).toBe(false);

  await page.reload();
  await page
    .getByRole('button', { name: /^Tell more: landed/i })
    .first()
    .tap();
  await page.getByRole('button', { name: ONE }).tap();
  const whole = page.getByRole('dialog', { name: ONE });
  await expect(whole.getByRole('img', { name: ONE })).toBeVisible();
  await whole.getByRole('button', { name: 'Delete this photo' }).tap();
  await expect(page.getByText('Photo deleted.')).toBeVisible();
  await expect(page.getByRole('button', { name: ONE })).toHaveCount(0);
  await page.getByRole('button', { name: 'Bring the photo back' }).tap();
  expect(await drawn(page, ONE)).toBe(1600);
});

test('on the day’s page and the sheet; out with the record and in on another device', async ({ page, browser }) => {
  await openDemo(page);
  const file = await photoFile(page);
  await landOne(page);
  await choose(page, /^Add a photo: Landed/, file);
  await expect(page.getByText('Photo stored.')).toBeVisible();
  await page.getByRole('button', { name: 'End the day…' }).tap();
  await page.getByRole('button', { name: 'End the day', exact: true }).tap();
  await expect(page.getByRole('heading', { name: 'Photos' })).toBeVisible();
  expect(await drawn(page, ONE)).toBe(1600);
  await page.getByRole('button', { name: 'A page for a friend' }).tap();
  const sheet = page.getByRole('region', { name: 'The page' });
  await expect(sheet.getByRole('img', { name: /^Landed, / })).toBeVisible();
  await page.getByRole('radio', { name: 'Without photos' }).tap();
  await expect(sheet.getByRole('img', { name: /^Landed, / })).toHaveCount(0);

  await page.getByRole('link', { name: 'Kit' }).tap();
  await expect(page.getByRole('radio', { name: /^With 1 photo, about 0\.\d MB$/ }).first()).toBeChecked();
  const [tables] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save the log as tables' }).tap(),
  ]);
  const inTables = Object.keys(unzipSync(new Uint8Array(await readFile(await tables.path()))));
  expect(inTables.filter((name) => name.startsWith('photos/'))).toHaveLength(1);
  const [record] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save the record to a file' }).tap(),
  ]);
  expect(record.suggestedFilename()).toMatch(/\.zip$/);
  const path = await record.path();

  const other = await browser.newPage({ viewport: PHONE, hasTouch: true });
  await other.goto(`${emptyServer}/kit`);
  const [chooser] = await Promise.all([
    other.waitForEvent('filechooser'),
    other.getByRole('button', { name: 'Read a record from a file…' }).tap(),
  ]);
  await chooser.setFiles({ name: 'record.zip', mimeType: 'application/zip', buffer: await readFile(path) });
  await other.getByRole('button', { name: /in place of what is here/ }).tap();
  await expect(other.getByText('The record was read in.')).toBeVisible();
  expect(Object.values(await pictures(other))).toHaveLength(1);
  await other.close();
});

test('killed while photos are added: whatever photo stands has its picture', async ({ context, page }) => {
  await openDemo(page);
  const file = await photoFile(page);
  await landOne(page);
  for (const afterMs of [20, 120, 260]) {
    await choose(page, /^Add (a|another) photo: Landed/, file);
    await page.waitForTimeout(afterMs);
    const next = await context.newPage();
    await page.close();
    page = next;
    await page.goto('/strikes');
    await page
      .getByRole('button', { name: /^Tell more: landed/i })
      .first()
      .tap();
    await expect(page.getByRole('button', { name: /^Add (a|another) photo: Landed/ })).toBeVisible();
    const shown = page.getByRole('button', { name: /^Photo \d of \d: Landed/ });
    for (const one of await shown.all()) await expect(one.locator('img')).toHaveCount(1);
  }
});

test('a device without room says so of the photo; the fish stays logged', async ({ page }) => {
  await page.addInitScript(() => {
    const put = IDBObjectStore.prototype.put;
    IDBObjectStore.prototype.put = function (...args) {
      if (this.name === 'pictures') throw new DOMException('no room', 'QuotaExceededError');
      return put.apply(this, args);
    };
  });
  await openDemo(page);
  const file = await photoFile(page);
  await landOne(page);
  await choose(page, /^Add a photo: Landed/, file);
  await expect(page.getByRole('alert').filter({ hasText: 'did not take the photo' })).toBeVisible();
  await page.reload();
  await expect(page.getByRole('button', { name: /^Tell more: landed/i }).first()).toBeVisible();
});

test('two tabs land fish, tell of them and add photos at once, the page killed after each round: all of it once', async ({
  page,
  context,
}) => {
  test.setTimeout(240_000);
  const ROUNDS = 3;
  await openDemo(page);
  const file = await photoFile(page);
  type Fish = { id: string; kind: string; lengthM: number | null; phase: string | null };
  const stored = async <T>(of: Page, kind: string): Promise<T[]> =>
    Object.entries(await storedValues(of))
      .filter(([key]) => key.startsWith(`${kind}/`))
      .map(([, text]) => (JSON.parse(text) as { data: T }).data);
  const before = new Set((await stored<Fish>(page, 'event')).map((e) => e.id));
  const landed = async (of: Page): Promise<Fish[]> =>
    (await stored<Fish>(of, 'event')).filter((e) => e.kind === 'landed' && !before.has(e.id));
  /** One fish with its length, its moment and a photo, as one logs it on the water. */
  const land = async (tab: Page, length: string): Promise<void> => {
    await tab.getByRole('button', { name: /^Landed:/ }).tap();
    await choose(tab, /^Add a photo: Landed/, file);
    await expect(tab.getByText('Photo stored.')).toBeVisible();
    await tab.getByRole('radio', { name: length, exact: true }).tap();
    await tab.getByRole('button', { name: 'On the hang' }).tap();
    await expect(tab.getByText('Landed. When?')).toHaveCount(0);
    await expect(tab.getByText('all stored')).toBeVisible();
  };
  let tabs = [page, await context.newPage()] as [Page, Page];
  for (let round = 1; round <= ROUNDS; round++) {
    for (const tab of tabs) {
      await tab.goto('/strikes');
      await expect(tab.getByRole('button', { name: /^Landed:/ })).toBeVisible({ timeout: 60_000 });
    }
    await Promise.all([land(tabs[0], '16 in'), land(tabs[1], '14 in')]);
    // Both were told that all is stored; then both die.
    const look = await context.newPage();
    await look.goto('/kit');
    for (const tab of tabs) await pageOf(context).kill(tab);
    const fish = await landed(look);
    expect(fish.map((f) => f.lengthM!.toFixed(4)).sort()).toEqual([
      ...Array<string>(round).fill('0.3556'),
      ...Array<string>(round).fill('0.4064'),
    ]);
    expect(fish.every((f) => f.phase === 'pause')).toBe(true);
    const photos = await stored<{ id: string; eventId: string }>(look, 'photo');
    expect(photos.map((x) => x.eventId).sort()).toEqual(fish.map((f) => f.id).sort());
    expect(Object.keys(await pictures(look)).sort()).toEqual(photos.map((x) => x.id).sort());
    tabs = [look, await context.newPage()];
  }
});
