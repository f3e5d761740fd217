/** What every browser test shares: a page that fails on any error, and hands that touch or click. */
import {
  test as base,
  expect,
  type Browser,
  type BrowserContextOptions,
  type Locator,
  type Page,
} from '@playwright/test';

export const PHONE = { width: 390, height: 844 };
export const WIDE = { width: 1280, height: 800 };

/** Console noise that says nothing about us. */
const HARMLESS = [/Download the React DevTools/];

type Stored = Exclude<BrowserContextOptions['storageState'], string | undefined>;
/** As the browser's driver tells it when asked for the databases too. */
interface WithDatabases {
  indexedDB?: { name: string }[];
}

/** What workers keep on the device. */
const WORKED_OUT = 'moss-kettle-worked-out';
/** Rankings and plans of the demo's water are worked out within this, ms. */
const WORKED_OUT_MS = 120_000;

/** A device on which the demo world was opened before: what was worked out for it then, and nothing else. */
async function workedOutBefore(browser: Browser, baseURL: string): Promise<Stored> {
  const context = await browser.newContext({ baseURL, viewport: PHONE, hasTouch: true, serviceWorkers: 'block' });
  const page = await context.newPage();
  await openDemo(page);
  await page.goto('/retrieve');
  await settled(page);
  const { origins } = await context.storageState({ indexedDB: true });
  await context.close();
  const kept = origins.map((o) => {
    const indexedDB = (o as WithDatabases).indexedDB?.filter((db) => db.name === WORKED_OUT);
    return { ...o, localStorage: [], indexedDB };
  });
  return { cookies: [], origins: kept };
}

export const test = base.extend<{ errors: string[]; neverOpened: boolean }, { workedOut: Stored }>({
  workedOut: [
    async ({ browser }, use, info) => use(await workedOutBefore(browser, String(info.project.use.baseURL))),
    { scope: 'worker', timeout: WORKED_OUT_MS },
  ],
  /** A device that has never opened the application: for how it is the first time. */
  neverOpened: [false, { option: true }],
  storageState: async ({ workedOut, neverOpened }, go) => go(neverOpened ? undefined : workedOut),
  errors: [
    async ({ page }, use) => {
      const errors: string[] = [];
      page.on('console', (m) => {
        if (m.type() === 'error' && !HARMLESS.some((h) => h.test(m.text()))) errors.push(m.text());
      });
      page.on('pageerror', (e) => errors.push(String(e)));
      await use(errors);
      expect(errors, 'no console error, no unhandled rejection').toEqual([]);
    },
    { auto: true },
  ],
});
export { expect };

export const emptyServer = `http://127.0.0.1:${Number(process.env.E2E_PORT ?? 4391) + 1}`;

/** Opens the demo world and waits until it stands. */
export async function openDemo(page: Page): Promise<void> {
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Lantern Kettle' })).toBeVisible({ timeout: 60_000 });
}

/** The settled plan stands on Retrieve: a share that is not about, and nothing more under way. */
export async function settled(page: Page): Promise<void> {
  await expect(page.getByRole('status', { name: /^In the zone \d/ })).toBeVisible({ timeout: 100_000 });
  await expect(page.getByText(/A first answer/)).toHaveCount(0, { timeout: 100_000 });
}

/** Touches on a phone, clicks with a mouse. */
export const presser =
  (touch: boolean) =>
  async (l: Locator): Promise<void> => {
    if (touch) await l.tap();
    else await l.click();
  };

export const place = (page: Page, name: string): Locator =>
  page.getByRole('navigation', { name: 'Places' }).getByRole('link', { name, exact: true });

/** The path drawn in the section, as one text to compare. */
export const drawnPath = (page: Page): Promise<string> =>
  page.locator('svg[aria-label^="Section through the water"]').first().innerHTML();

/** Unfolds what the Retrieve page keeps for experts. */
export const openMore = (page: Page): Promise<void> =>
  page.getByRole('button', { name: /^More: compare plans/ }).click();

/**
 * Goes forward with Tab until the wanted control has the focus: proof that it can be reached, in the page's own order.
 */
async function tabTo(page: Page, wanted: Locator, most = 90): Promise<void> {
  await expect(wanted).toHaveCount(1);
  for (let i = 0; i < most; i++) {
    if (await wanted.evaluate((e) => e === document.activeElement)) return;
    await page.keyboard.press('Tab');
  }
  throw new Error(`not reached by Tab: ${String(wanted)}`);
}
/** The focus can be seen: an outline of three pixels. */
const outline = (l: Locator): Promise<string> => l.evaluate((e) => getComputedStyle(e).outlineWidth);

/** Goes there by Tab and presses. */
export async function pressOn(page: Page, l: Locator, key = 'Enter'): Promise<void> {
  await tabTo(page, l);
  expect(await outline(l)).toBe('3px');
  await page.keyboard.press(key);
}
