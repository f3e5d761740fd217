/** Narrow screens and large text: nothing is cut and nothing sticks out. */
import type { Page } from '@playwright/test';
import { expect, openDemo, PHONE, test } from './kit';
import { PAGES, preferFromElsewhere, settle, unfold } from './pages';

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

/** The size of the page's title, px: it goes with the text size. */
const titlePx = (page: Page): Promise<number> =>
  page
    .locator('h1')
    .first()
    .evaluate((e) => parseFloat(getComputedStyle(e).fontSize));

/** Sets the text size as from another page, and waits until this one stands in it. */
async function setTextSize(page: Page, scale: number, ofOne: number): Promise<void> {
  await preferFromElsewhere(page, { textScale: scale });
  await expect.poll(() => titlePx(page)).toBeCloseTo(ofOne * scale, 1);
}

const SMALL = { width: 320, height: 640 };
/** In parts, so that none takes long. */
const EACH = 8;
test.use({ viewport: SMALL });
for (let from = 0; from < PAGES.length; from += EACH) {
  const pages = PAGES.slice(from, from + EACH);
  test(`nothing is cut, 320 and 390 wide, text of 100 and 200 %: ${pages.join(' ')}`, async ({ page }) => {
    // Every page, unfolded: on a busy machine that takes longer than a test has.
    test.setTimeout(360_000);
    await openDemo(page);
    for (const path of pages) {
      await settle(page, path);
      await unfold(page, path);
      const cut = async (where: string): Promise<void> =>
        expect((await cutTexts(page)).map((t) => `${path}, ${where}: ${t}`)).toEqual([]);
      const ofOne = await titlePx(page);
      await cut('320 at 100 %');
      await setTextSize(page, 2, ofOne);
      await cut('320 at 200 %');
      await page.setViewportSize(PHONE);
      await expect.poll(() => page.evaluate(() => window.innerWidth)).toBe(PHONE.width);
      await cut('390 at 200 %');
      await page.setViewportSize(SMALL);
      await setTextSize(page, 1, ofOne);
    }
  });
}
