/** What every browser test shares: a page that fails on any error, and hands that touch or click. */
import { test as base, expect, type Locator, type Page } from '@playwright/test';

export const PHONE = { width: 390, height: 844 };
export const WIDE = { width: 1280, height: 800 };

/** Console noise that says nothing about us. */
const HARMLESS = [/Download the React DevTools/];

export const test = base.extend<{ errors: string[] }>({
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
