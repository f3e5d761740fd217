/** What is promised of the record, tried in the real browser with faults that are seeded and counted. */
import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import {
  acknowledged,
  crashWhileLogging,
  expectEachOnce,
  logFromBoth,
  openSettledStrikes,
  pageOf,
  openStrikes,
  toStrikes,
} from './faults';
import { expect, openDemo, PHONE, test } from './kit';
import { putValue, storedLog, storedValues } from './store';

const QUOTA_REMEMBERED_MS = 33_000;

test.use({ viewport: PHONE, acceptDownloads: true });

/** Hundreds are made by the benchmark `crashes`. */
const CRASHES = 5;
/** A record as it lies on the device. */
interface Stored {
  version: number;
  data: Record<string, unknown>;
}
/** Things that each of two tabs logs. */
const EACH_TAB = 40;

test('crashes of the page while logging lose nothing that was acknowledged', async ({ page, context }) => {
  test.setTimeout(300_000);
  await openDemo(page);
  await openStrikes(page);
  const r = await crashWhileLogging(pageOf(context), page, CRASHES, 20261125);
  console.log(JSON.stringify(r));
  expect(r).toMatchObject({ crashes: CRASHES, lostAcknowledged: 0 });
  expect(r.stored + r.lostUnacknowledged).toBe(r.tapped);
});

test('two tabs log things at once: each exactly once, and both tabs agree', async ({ page, context }) => {
  await openDemo(page);
  await openSettledStrikes(page);
  const other = await context.newPage();
  await openSettledStrikes(other);
  const log = await logFromBoth([page, other], EACH_TAB, 7);
  expect(log).toHaveLength(2 * EACH_TAB);
  expectEachOnce(log);
  expect(log.map((l) => l.seq)).toEqual(log.map((_, i) => i + 1));
  // One presentation, one block, however many tabs.
  expect(new Set(log.map((l) => l.blockId)).size).toBe(1);
  await expect.poll(() => acknowledged(page)).toBe(2 * EACH_TAB);
  await expect.poll(() => acknowledged(other)).toBe(2 * EACH_TAB);
});

test('a reading set in one tab is there in the other', async ({ page, context }) => {
  await openDemo(page);
  const other = await context.newPage();
  await other.goto('/');
  await expect(other.getByRole('heading', { name: 'Lantern Kettle' })).toBeVisible({ timeout: 60_000 });
  await page.getByRole('button', { name: /^clarity: .*Change$/ }).click();
  await page.getByRole('radio', { name: '½ ft', exact: true }).click();
  await expect(other.getByRole('button', { name: 'clarity: ½ ft. Change' })).toBeVisible();
  await page.close();
});

/** A day of three years ago with forty casts, as it lies apart on a device that is in order. */
async function putDayLongOver(page: Page, id: string, nth: number): Promise<void> {
  const stored = Object.entries(await storedValues(page)).filter(([, v]) => typeof v === 'string');
  const records = stored.map(([k, v]) => [k, JSON.parse(v) as Stored] as const);
  const [, trip] = records.find(([k, r]) => k.startsWith('trip/') && r.data.endedAtMs !== null)!;
  const [, block] = records.find(([k]) => k.startsWith('block/'))!;
  const years = 3 * 365 * 86_400_000 + nth * 86_400_000;
  const startedAtMs = (trip.data.startedAtMs as number) - years;
  const day = { ...trip, data: { ...trip.data, id, startedAtMs, endedAtMs: startedAtMs + 3_600_000 } };
  const old: [string, Stored][] = [
    [
      `block/b-${id}`,
      { ...block, data: { ...block.data, id: `b-${id}`, tripId: id, startedAtMs, endedAtMs: startedAtMs + 3_000_000 } },
    ],
    ...Array.from({ length: 40 }, (_, seq): [string, Stored] => [
      `cast/b-${id}/${String(seq).padStart(6, '0')}-${id}-${seq}`,
      {
        version: 2,
        data: { id: `${id}-${seq}`, blockId: `b-${id}`, seq, atMs: startedAtMs + seq * 60_000, count: 1 },
      },
    ]),
  ];
  await putValue(page, `trip/${id}`, JSON.stringify(day));
  await putValue(page, `trip/~together~!${String(nth).padStart(9, '0')}`, {
    version: 1_000_000,
    data: { keys: old.map(([k]) => k), values: old.map(([, r]) => JSON.stringify(r)) },
  });
}

/** The page has no rest for so long after it was opened, ms: what is long over is not read by then. */
const NO_REST_MS = 6000;

test('of a record of years the day stands first and takes a cast; what is long over follows, whole', async ({
  page,
}) => {
  await openDemo(page);
  await openStrikes(page);
  await page.getByRole('button', { name: 'Cast: add one' }).click();
  await expect(page.getByRole('heading', { level: 1, name: '1 cast' })).toBeVisible();
  await putDayLongOver(page, 'years-ago', 1);
  await page.addInitScript((ms) => {
    window.requestIdleCallback = (run) =>
      Number(setTimeout(() => run({ didTimeout: true, timeRemaining: () => 0 }), ms));
  }, NO_REST_MS);

  await openStrikes(page);
  await page.getByRole('button', { name: 'Cast: add one' }).click();
  await expect(page.getByText('storing…')).toBeVisible();
  expect(await storedLog(page)).toHaveLength(1);
  // What looks at all days waits for them.
  await page.getByRole('link', { name: 'Lessons' }).click();
  await expect(page.getByRole('status').filter({ hasText: 'Opening your record…' })).toBeVisible();
  await page.getByRole('link', { name: 'Strikes' }).click();
  await expect(page.getByRole('heading', { level: 1, name: '2 casts' })).toBeVisible({ timeout: 30_000 });
  expect(await storedLog(page)).toHaveLength(2);
  await page.goto('/lessons/day/years-ago');
  await expect(page.getByText('40 casts').first()).toBeVisible({ timeout: 30_000 });
});

/** What the page asked its database for by name, since it was opened. */
const askedFor = (page: Page): Promise<string[]> =>
  page.evaluate(() => (globalThis as unknown as { askedFor: string[] }).askedFor);
const isOld = (key: string): boolean => key.startsWith('trip/~together~!');

test('opened again, the day goes on without what is long over, learns from it, and has it where it is asked for', async ({
  page,
}) => {
  test.setTimeout(180_000);
  await openDemo(page);
  await openStrikes(page);
  await page.getByRole('button', { name: 'Cast: add one' }).click();
  await expect(page.getByRole('heading', { level: 1, name: '1 cast' })).toBeVisible();
  for (let nth = 1; nth <= 6; nth++) await putDayLongOver(page, `old-${nth}`, nth);
  await page.addInitScript(() => {
    const asked: string[] = [];
    Object.assign(globalThis, { askedFor: asked });
    const { get } = IDBObjectStore.prototype;
    IDBObjectStore.prototype.get = function (key) {
      asked.push(String(key));
      return get.call(this, key);
    };
  });
  const firstOfAll = async (): Promise<string> => {
    await page.goto('/lures');
    await expect(page.getByText('Start with', { exact: true })).toBeVisible({ timeout: 60_000 });
    await page.waitForLoadState('networkidle');
    // What the log says of the angler hangs on every day of it.
    return (await page.getByText(/^By your log you draw/).textContent())!;
  };
  const read = await firstOfAll();
  expect((await askedFor(page)).filter(isOld).length).toBeGreaterThan(5);
  // At rest it is put in order.
  await expect.poll(async () => Object.keys(await storedValues(page)), { timeout: 90_000 }).toContain('meta/past');

  const unread = await firstOfAll();
  expect((await askedFor(page)).filter(isOld)).toEqual([]);
  expect(unread).toBe(read);
  await page.getByRole('link', { name: 'Strikes' }).click();
  await page.getByRole('button', { name: 'Cast: add one' }).click();
  await expect(page.getByRole('heading', { level: 1, name: '2 casts' })).toBeVisible();
  await expect.poll(() => storedLog(page)).toHaveLength(2);
  expect((await askedFor(page)).filter(isOld)).toEqual([]);
  await page.getByRole('link', { name: 'Lessons' }).click();
  await page.getByRole('link', { name: 'Strikes' }).click();
  await expect(page.getByRole('heading', { level: 1, name: '2 casts' })).toBeVisible();
  expect((await askedFor(page)).filter(isOld).length).toBeGreaterThan(5);
  await page.goto('/lessons/day/old-4');
  await expect(page.getByText('40 casts').first()).toBeVisible({ timeout: 30_000 });
});

test('a full device is told, nothing that shows is untrue, and the rest can be saved to a file or tried again', async ({
  page,
  context,
}) => {
  await openDemo(page);
  await openStrikes(page);
  const cast = page.getByRole('button', { name: 'Cast: add one' });
  await cast.click();
  await expect(page.getByRole('heading', { level: 1, name: '1 cast' })).toBeVisible();
  // The browser's own limit, set to nothing; what it remembers of the room it had holds for half a minute.
  const client = await context.newCDPSession(page);
  const origin = new URL(page.url()).origin;
  await client.send('Storage.overrideQuotaForOrigin', { origin, quotaSize: 1 });
  await page.waitForTimeout(QUOTA_REMEMBERED_MS);
  for (let i = 0; i < 5; i++) await cast.click();
  const alert = page.getByRole('alert');
  await expect(alert).toContainText('refused to store 5 changes');
  await expect(page.getByRole('heading', { level: 1, name: '1 cast' })).toBeVisible();
  expect(await storedLog(page)).toHaveLength(1);
  await alert.getByRole('button', { name: 'Try again' }).click();
  await expect(alert).toContainText('still refuses');
  // They outlast a reload, before which the page asks.
  page.once('dialog', (d) => void d.accept());
  await page.reload();
  await expect(alert).toContainText('refused to store 5 changes');
  await expect(page.getByRole('heading', { level: 1, name: '1 cast' })).toBeVisible();

  const [download] = await Promise.all([
    page.waitForEvent('download'),
    alert.getByRole('button', { name: 'Save everything to a file now' }).click(),
  ]);
  const saved = JSON.parse(readFileSync(await download.path(), 'utf8')) as {
    records: { cast: { data: { id: string } }[] };
  };
  const known = new Set((await storedLog(page)).map((l) => l.id));
  const before = Object.keys(await storedValues(page)).filter((k) => k.startsWith('cast/')).length;
  expect(saved.records.cast).toHaveLength(before + 5);
  expect(saved.records.cast.filter((c) => known.has(c.data.id))).toHaveLength(1);

  await client.send('Storage.overrideQuotaForOrigin', { origin });
  await alert.getByRole('button', { name: 'Try again' }).click();
  await expect(alert).toHaveCount(0);
  await expect(page.getByRole('heading', { level: 1, name: '6 casts' })).toBeVisible();
  const log = await storedLog(page);
  expect(log).toHaveLength(6);
  expectEachOnce(log);
  // It can be read about afterwards.
  await page.getByRole('link', { name: 'Kit' }).click();
  await page.getByRole('button', { name: /^\d+ problems? noted$/ }).click();
  await expect(page.getByText(/^Storing/).first()).toBeVisible();
  const [report] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save the problem report to a file' }).click(),
  ]);
  const problems = JSON.parse(readFileSync(await report.path(), 'utf8')) as {
    format: string;
    problems: { where: string }[];
  };
  expect(problems.format).toBe('moss-kettle-problems');
  expect(problems.problems.map((p) => p.where)).toContain('storing');
});

test('damaged values in the log are put aside, shown and can be saved; the rest of the day stands', async ({
  page,
}) => {
  await openDemo(page);
  await openStrikes(page);
  const cast = page.getByRole('button', { name: 'Cast: add one' });
  for (let i = 0; i < 6; i++) await cast.click();
  await expect(page.getByRole('heading', { level: 1, name: '6 casts' })).toBeVisible();
  const values = await storedValues(page);
  const casts = Object.keys(values).filter((k) => k.startsWith('cast/') && !k.includes('-casts'));
  expect(casts.length).toBeGreaterThanOrEqual(6);
  const damage: Record<string, string> = {
    [casts[0]!]: values[casts[0]!]!.slice(0, 25),
    [casts[1]!]: values[casts[1]!]!.replace('"count":1', '"count":-1'),
    [casts[2]!]: '',
    [casts[3]!]: values[casts[3]!]!.replace(/"version":\d+/, '"version":"one"'),
  };
  for (const [k, v] of Object.entries(damage)) await putValue(page, k, v);
  await page.reload();
  await expect(page.getByRole('heading', { level: 1, name: '2 casts' })).toBeVisible({ timeout: 60_000 });
  await page.goto('/kit');
  await page.getByRole('button', { name: '4 stored values could not be read' }).click();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save them to a file' }).click(),
  ]);
  const aside = JSON.parse(readFileSync(await download.path(), 'utf8')) as { key: string; text: string }[];
  expect(Object.fromEntries(aside.map((a) => [a.key, a.text]))).toEqual(damage);
});

test('a clock set back an hour and a zone crossed in the middle of the day change no order and lose nothing', async ({
  page,
  context,
}) => {
  await openDemo(page);
  await toStrikes(page);
  const cast = page.getByRole('button', { name: 'Cast: add one' });
  await cast.click();
  await page.getByRole('button', { name: /^Landed:/ }).click();
  await expect(page.getByText('1 cast, 1 strike, 1 hooked, 1 landed.')).toBeVisible();

  // Every clock the page can ask is an hour back, from now on and after each load.
  const setBack = (hours: number): void => {
    const RealDate = Date;
    const shift = hours * 3600_000;
    const Shifted = function (...args: unknown[]) {
      return args.length === 0
        ? new RealDate(RealDate.now() - shift)
        : new (RealDate as unknown as new (...a: unknown[]) => Date)(...args);
    } as unknown as DateConstructor;
    Object.assign(Shifted, { now: () => RealDate.now() - shift, parse: RealDate.parse, UTC: RealDate.UTC });
    Object.defineProperty(Shifted, 'prototype', { value: RealDate.prototype });
    globalThis.Date = Shifted;
  };
  await page.addInitScript(setBack, 1);
  await page.evaluate(setBack, 1);
  await cast.click();
  await page.getByRole('button', { name: /^Missed:/ }).click();
  await expect(page.getByText('2 casts, 2 strikes, 1 hooked, 1 landed.')).toBeVisible();

  // The device crosses into another zone.
  const client = await context.newCDPSession(page);
  await client.send('Emulation.setTimezoneOverride', { timezoneId: 'Pacific/Auckland' });
  await page.reload();
  await expect(page.getByText('2 casts, 2 strikes, 1 hooked, 1 landed.')).toBeVisible({ timeout: 60_000 });
  await page.getByRole('button', { name: /^Bump:/ }).click();
  await cast.click();
  await expect(page.getByText('3 casts, 3 strikes, 1 hooked, 1 landed.')).toBeVisible();

  const log = await storedLog(page);
  expect(log.map((l) => l.kind)).toEqual(['cast', 'landed', 'cast', 'missed', 'bump', 'cast']);
  expectEachOnce(log);
  // The clock did go back; the order did not. The lower sun may have opened another block, but one that was left is not
  // returned to.
  expect(log[2]!.atMs).toBeLessThan(log[1]!.atMs);
  const blocks = log.map((l) => l.blockId).filter((b, i, all) => b !== all[i - 1]);
  expect(new Set(blocks).size).toBe(blocks.length);
  // The list shows the newest first, in the water's own zone: the landed one in the early morning of the demo day.
  const rows = page.getByRole('button', { name: /^Strike out: / });
  await expect(rows).toHaveCount(3);
  expect(await rows.first().getAttribute('aria-label')).toContain('Bump');
  expect(await rows.last().getAttribute('aria-label')).toMatch(/Landed at 5:\d\d am$/);
});

test('a connection that the browser closed without a word is opened anew: the next cast is stored', async ({
  page,
}) => {
  await page.addInitScript(() => {
    const open = IDBFactory.prototype.open;
    const kept: IDBDatabase[] = ((window as unknown as { connections: IDBDatabase[] }).connections = []);
    IDBFactory.prototype.open = function (...asked) {
      const request = open.apply(this, asked);
      request.addEventListener('success', () => kept.push(request.result));
      return request;
    };
  });
  await openDemo(page);
  await openStrikes(page);
  const cast = page.getByRole('button', { name: 'Cast: add one' });
  await cast.click();
  await expect(page.getByRole('heading', { level: 1, name: '1 cast' })).toBeVisible();
  const closed = await page.evaluate(() => {
    const { connections } = window as unknown as { connections: IDBDatabase[] };
    for (const db of connections) db.close();
    return connections.length;
  });
  expect(closed).toBeGreaterThan(0);
  await cast.click();
  await expect(page.getByRole('heading', { level: 1, name: '2 casts' })).toBeVisible();
  await expect(page.getByRole('alert')).toHaveCount(0);
  expect(await storedLog(page)).toHaveLength(2);
});

test('a page that hangs with the lock keeps the others waiting for seconds, not for ever', async ({
  page,
  context,
}) => {
  await openDemo(page);
  const hanging = await context.newPage();
  await hanging.goto('/rescue.html');
  await hanging.evaluate(() => {
    void navigator.locks.request('moss-kettle-record', () => new Promise(() => undefined));
  });
  await page.goto('/');
  await expect(page.getByText('Opening your record…')).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Lantern Kettle' })).toBeVisible({ timeout: 40_000 });
  await hanging.close();
});

test('a newer build in another tab: its records stay, this page stores nothing and says so', async ({ page }) => {
  await openDemo(page);
  await openStrikes(page);
  const was = JSON.parse((await storedValues(page))['trip/trip-today']!) as { data: object };
  const newer = JSON.stringify({ version: 99, data: was.data });
  await putValue(page, 'trip/trip-today', newer);
  await putValue(page, 'meta/revision', JSON.stringify({ count: 9_999, recent: [] }));
  await page.getByRole('button', { name: 'Cast: add one' }).click();
  const alert = page.getByRole('alert').filter({ hasText: 'A newer version of Moss Kettle has stored' });
  await expect(alert.getByRole('button', { name: 'Load this page again' })).toBeVisible();
  const stored = await storedValues(page);
  expect(stored['trip/trip-today']).toBe(newer);
  expect(Object.keys(stored).some((k) => k.startsWith('quarantine/'))).toBe(false);
});

test('a record that was cleared is put back, also after a reload', async ({ page }) => {
  await openDemo(page);
  const records = async () =>
    Object.fromEntries(Object.entries(await storedValues(page)).filter(([k]) => !k.startsWith('meta/')));
  const before = await records();
  await page.goto('/kit');
  await page.getByRole('button', { name: 'Clear everything…' }).click();
  await page.getByRole('button', { name: 'Clear everything now' }).click();
  await expect(page.getByText('Cleared.')).toBeVisible();
  expect(Object.keys(await records()).filter((k) => !k.startsWith('preferences/'))).toEqual([]);
  await page.reload();
  await expect(page.getByText(/^Kept from before you cleared it/)).toBeVisible();
  await page.getByRole('button', { name: 'Put it back' }).click();
  await expect(page.getByText('It is back.')).toBeVisible();
  expect(await records()).toEqual(before);
});

test('a browser that gives no store: said at once, gone on with, saved to a file', async ({ page }) => {
  await page.addInitScript(() =>
    Object.defineProperty(window, 'indexedDB', {
      get: () => {
        throw new DOMException('no', 'SecurityError');
      },
    }),
  );
  await page.goto('/');
  await expect(page.getByText(/could not be opened\. Nothing has been changed\./)).toBeVisible({ timeout: 60_000 });
  await page.getByRole('button', { name: 'Go on without storing' }).click();
  await expect(page.getByRole('alert')).toContainText('Nothing is stored on this device');
  await expect(page.getByRole('heading', { name: 'Lantern Kettle' })).toBeVisible({ timeout: 60_000 });
  await toStrikes(page);
  await page.getByRole('button', { name: 'Cast: add one' }).click();
  await expect(page.getByRole('heading', { level: 1, name: '1 cast' })).toBeVisible();
  await expect(page.getByRole('alert')).toContainText('Nothing is stored on this device');
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save everything to a file now' }).click(),
  ]);
  const saved = JSON.parse(readFileSync(await file.path(), 'utf8')) as { records: { cast: unknown[] } };
  expect(saved.records.cast.length).toBeGreaterThan(0);
});
