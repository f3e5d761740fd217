/** Every page of the application, brought to rest and unfolded, for the checks that look at all of them. */
import { expect, type Page } from '@playwright/test';
import { settled } from './kit';
import { storedValues } from './store';

export const PAGES = [
  '/',
  '/today',
  '/read',
  '/lures',
  '/lures/schools',
  '/lures/rods',
  '/lures/packing',
  '/retrieve',
  '/retrieve/cadence',
  '/retrieve/card',
  '/retrieve/below',
  '/strikes',
  '/strikes/cover',
  '/lessons',
  '/lessons/diary',
  '/lessons/day/trip-01',
  '/lessons/report/trip-01',
  '/lessons/catch-up',
  '/kit',
  '/kit/box',
  '/kit/box-sheet',
  '/kit/spots',
  '/kit/catches',
  '/kit/lure/lure-alder',
  '/kit/water/new',
] as const;

/** Those that a wide screen lays out in another way; the others have there what they have on a phone. */
export const WIDE_PAGES: readonly (typeof PAGES)[number][] = [
  '/',
  '/today',
  '/lures',
  '/lures/rods',
  '/retrieve',
  '/retrieve/cadence',
  '/strikes',
  '/lessons',
  '/lessons/diary',
  '/kit',
  '/kit/box',
  '/kit/spots',
  '/kit/catches',
];

/**
 * Another page of the open application, as the browser's own back and forward come to it: nothing is loaded anew. The
 * page before is gone when this ends.
 */
async function goWithin(page: Page, path: string): Promise<void> {
  await page.evaluate((to) => {
    if (window.location.pathname === to) return;
    document.querySelector('[role="heading"][aria-level="1"],h1')?.setAttribute('data-before', '');
    window.history.pushState(null, '', to);
    window.dispatchEvent(new PopStateEvent('popstate', { state: null }));
  }, path);
  await expect(page.locator('[data-before]')).toHaveCount(0);
}

export async function settle(page: Page, path: string): Promise<void> {
  await goWithin(page, path);
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  if (path === '/today') await expect(page.getByText(/^Best two hours/)).toBeVisible({ timeout: 60_000 });
  if (path === '/lures') await expect(page.getByText('Start with', { exact: true })).toBeVisible({ timeout: 60_000 });
  if (path === '/lures/schools')
    await expect(page.getByText('Trying it on today…')).toHaveCount(0, { timeout: 60_000 });
  if (path === '/lures/rods')
    await expect(page.getByRole('button', { name: 'Packing list' })).toBeVisible({ timeout: 60_000 });
  if (path === '/lures/packing')
    await expect(page.getByRole('region', { name: 'Packing list' })).toBeVisible({ timeout: 60_000 });
  if (path === '/retrieve') await settled(page);
  if (path === '/retrieve/cadence') await expect(page.getByText('Add after it')).toBeVisible({ timeout: 60_000 });
  if (path === '/retrieve/card')
    await expect(page.getByRole('button', { name: 'Print it' })).toBeVisible({ timeout: 60_000 });
  if (path === '/retrieve/below')
    await expect(page.getByRole('region', { name: 'The answer' })).toHaveAttribute('aria-busy', 'false', {
      timeout: 60_000,
    });
  if (path === '/lessons')
    await expect(page.getByText('Asking the model', { exact: false })).toHaveCount(0, { timeout: 60_000 });
  if (path === '/lessons/diary') await expect(page.getByText('Longest of each fish')).toBeVisible({ timeout: 60_000 });
  if (path === '/lessons/day/trip-01') await expect(page.getByText('Note of the day')).toBeVisible({ timeout: 60_000 });
  if (path === '/lessons/report/trip-01')
    await expect(page.getByRole('region', { name: 'The page', exact: true })).toBeVisible({ timeout: 60_000 });
  if (path === '/strikes/cover')
    await expect(page.getByRole('button', { name: 'Fish it in this order' })).toBeVisible({ timeout: 60_000 });
  if (path === '/kit/spots') await expect(page.getByRole('application')).toBeVisible({ timeout: 60_000 });
  if (path === '/strikes')
    await expect(page.getByRole('button', { name: 'Cast: add one' })).toBeVisible({ timeout: 60_000 });
  await expect(page.locator('[aria-busy="true"]')).toHaveCount(0, { timeout: 60_000 });
  await quiet(page);
}

/**
 * Waits until the page has stood still for `stillMs`, at most `longestMs`: long lists are drawn by and by. `styles`:
 * what only changes its look moves too.
 */
const quiet = (page: Page, stillMs = 400, longestMs = 8000, styles = false): Promise<void> =>
  page.evaluate(
    ([still, longest, attributes]) =>
      new Promise<void>((resolve) => {
        const done = (): void => {
          watch.disconnect();
          resolve();
        };
        let timer = setTimeout(done, still);
        const watch = new MutationObserver(() => {
          clearTimeout(timer);
          timer = setTimeout(done, still);
        });
        watch.observe(document.body, { subtree: true, childList: true, characterData: true, attributes });
        setTimeout(done, longest);
      }),
    [stillMs, longestMs, styles] as const,
  );

/** Pages of many rows alike: so much opened shows each kind of row. */
const ENOUGH: Partial<Record<string, number>> = { '/lures': 5, '/lessons': 32, '/lessons/day/trip-01': 4 };
const MOST_OPENED = 13;

/**
 * Opens everything that opens, so that what is folded away is looked at too. Pressed in the page itself, one after
 * another as each is drawn: a hand that waits until each stands still takes half a second a row.
 */
export async function unfold(page: Page, path: string): Promise<void> {
  await page.evaluate(async (most) => {
    const drawn = (): Promise<void> =>
      new Promise((resolve) => requestAnimationFrame(() => setTimeout(() => resolve(), 0)));
    for (let i = 0; i < most; i++) {
      const closed = document.querySelector<HTMLElement>('[aria-expanded="false"]');
      if (!closed) break;
      closed.click();
      await drawn();
    }
  }, ENOUGH[path] ?? MOST_OPENED);
  // What opens fades in.
  await quiet(page, 250, 2000, true);
}

/**
 * Changes the preferences as another open page would: stored with the store's next revision, and told. This page stays
 * as it stands, with all that is unfolded.
 */
export const preferFromElsewhere = (page: Page, change: Record<string, unknown>): Promise<void> =>
  page.evaluate(async (wanted) => {
    const db = await new Promise<IDBDatabase>((ok, no) => {
      const r = indexedDB.open('moss-kettle');
      r.onsuccess = () => ok(r.result);
      r.onerror = () => no(r.error as Error);
    });
    await new Promise<void>((ok, no) => {
      const tx = db.transaction('entries', 'readwrite');
      const entries = tx.objectStore('entries');
      const edit = (key: string, by: (value: Record<string, unknown>) => unknown): void => {
        const r = entries.get(key);
        r.onsuccess = () => entries.put(JSON.stringify(by(JSON.parse(r.result as string))), key);
      };
      edit('preferences/mine', (x) => ({ ...x, data: { ...(x.data as object), ...wanted } }));
      edit('meta/revision', (x) => {
        const count = (x.count as number) + 1;
        return { count, recent: [...(x.recent as unknown[]), { count, keys: ['preferences/mine'] }] };
      });
      tx.oncomplete = () => ok();
      tx.onerror = () => no(tx.error as Error);
    });
    db.close();
    const channel = new BroadcastChannel('moss-kettle-record');
    channel.postMessage('changed');
    channel.close();
  }, change);

/** Presses a choice of the Kit and waits until the device has stored what it comes to. */
export async function setKit(page: Page, radio: string, stored: string): Promise<void> {
  await page.goto('/kit');
  await page.getByRole('radio', { name: radio }).click();
  await expect(page.getByRole('radio', { name: radio })).toHaveAttribute('aria-checked', 'true');
  await expect.poll(async () => (await storedValues(page))['preferences/mine']).toContain(stored);
}
