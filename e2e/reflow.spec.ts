/** Narrow screens and large text: nothing is cut and nothing sticks out. */
import type { Page } from '@playwright/test';
import { expect, openDemo, PHONE, test } from './kit';
import { PAGES, setKit, settle, unfold } from './pages';

/** Texts that do not fit their box, or boxes that stick out of the page. */
const cutTexts = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const out: string[] = [];
    if (document.documentElement.scrollWidth > window.innerWidth + 1)
      out.push(`the page is ${document.documentElement.scrollWidth} wide`);
    /** What lies in a strip that is moved sideways is reached by moving it. */
    const inStrip = (e: Element | null): boolean =>
      !!e && (['auto', 'scroll'].includes(getComputedStyle(e).overflowX) || inStrip(e.parentElement));
    for (const e of document.querySelectorAll<HTMLElement>('[dir="auto"]')) {
      const r = e.getBoundingClientRect();
      if (r.width === 0 || r.height === 0) continue;
      const text = (e.textContent ?? '').slice(0, 40);
      if (e.scrollWidth > e.clientWidth + 2 && getComputedStyle(e).overflow !== 'visible') out.push(`cut: ${text}`);
      if ((r.right > window.innerWidth + 1 || r.left < -1) && !inStrip(e.parentElement))
        out.push(`off the side: ${text}`);
    }
    return out;
  });

test.describe('nothing is cut', () => {
  test.use({ viewport: { width: 320, height: 640 } });
  for (const scale of ['100 %', '200 %'] as const) {
    test(`320 wide at a text size of ${scale}`, async ({ page }) => {
      // Every page, unfolded: on a busy machine that takes longer than a test has.
      test.setTimeout(360_000);
      await openDemo(page);
      await setKit(page, scale, `"textScale":${parseInt(scale, 10) / 100}`);
      for (const path of PAGES) {
        await settle(page, path);
        await unfold(page, path);
        expect((await cutTexts(page)).map((t) => `${path}: ${t}`)).toEqual([]);
      }
    });
  }
});

test.describe('nothing is cut on a common phone', () => {
  test.use({ viewport: PHONE });
  test('390 wide at a text size of 200 %', async ({ page }) => {
    test.setTimeout(360_000);
    await openDemo(page);
    await setKit(page, '200 %', '"textScale":2');
    for (const path of PAGES) {
      await settle(page, path);
      expect((await cutTexts(page)).map((t) => `${path}: ${t}`)).toEqual([]);
    }
  });
});
