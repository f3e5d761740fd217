import { AxeBuilder } from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { expect, openDemo, PHONE, test, WIDE } from './kit';

const PAGES = ['/', '/lures', '/retrieve', '/strikes', '/lessons', '/kit', '/kit/lure/lure-alder', '/kit/water/new'] as const;

async function settle(page: Page, path: string): Promise<void> {
  await page.goto(path);
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  if (path === '/lures') await expect(page.getByText('Start with')).toBeVisible({ timeout: 60_000 });
  if (path === '/retrieve') await expect(page.getByText('Your hands')).toBeVisible({ timeout: 60_000 });
  if (path === '/strikes') await expect(page.getByRole('button', { name: 'Cast: add one' })).toBeVisible({ timeout: 60_000 });
}

/** Opens everything that opens, so that what is folded away is looked at too. */
async function unfold(page: Page): Promise<void> {
  for (let i = 0; i < 40; i++) {
    const closed = page.locator('[aria-expanded="false"]').nth(0);
    if ((await closed.count()) === 0 || i > 12) break;
    await closed.click();
  }
}

async function setKit(page: Page, radio: string): Promise<void> {
  await page.goto('/kit');
  await page.getByRole('radio', { name: radio }).click();
  await expect(page.getByRole('radio', { name: radio })).toHaveAttribute('aria-checked', 'true');
}

/** Controls smaller than a thumb. */
const smallTargets = (page: Page): Promise<string[]> =>
  page.evaluate(() =>
    [...document.querySelectorAll('[role="button"],[role="link"],[role="radio"],[role="checkbox"],[role="tab"],a[href],button,input,textarea')]
      .map((e) => ({ e, r: e.getBoundingClientRect() }))
      .filter(({ r }) => r.width > 0 && (r.width < 47.5 || r.height < 47.5))
      // A text field is as tall as its frame.
      .filter(
        ({ e }) =>
          !(
            e.matches('input,textarea') &&
            (e.closest('[data-testid="text-input-outlined"]') ?? e.parentElement!).getBoundingClientRect().height >= 47.5
          ),
      )
      .map(({ e, r }) => `${e.getAttribute('aria-label') ?? e.textContent} ${Math.round(r.width)}×${Math.round(r.height)}`),
  );

/** Texts that do not fit their box, or boxes that stick out of the page. */
const cutTexts = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const out: string[] = [];
    if (document.documentElement.scrollWidth > window.innerWidth + 1) out.push(`the page is ${document.documentElement.scrollWidth} wide`);
    for (const e of document.querySelectorAll<HTMLElement>('[dir="auto"]')) {
      const r = e.getBoundingClientRect();
      if (r.width === 0 || r.height === 0) continue;
      const text = (e.textContent ?? '').slice(0, 40);
      if (e.scrollWidth > e.clientWidth + 2 && getComputedStyle(e).overflow !== 'visible') out.push(`cut: ${text}`);
      if (r.right > window.innerWidth + 1 || r.left < -1) out.push(`off the side: ${text}`);
    }
    return out;
  });

for (const [size, viewport] of [
  ['phone', PHONE],
  ['wide', WIDE],
] as const) {
  test.describe(size, () => {
    test.use({ viewport });
    for (const light of ['Shade', 'Night'] as const) {
      test(`no serious barrier and no small target, ${light}`, async ({ page }) => {
        await openDemo(page);
        await setKit(page, light);
        for (const path of PAGES) {
          await settle(page, path);
          await unfold(page);
          const { violations } = await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa']).analyze();
          const serious = violations
            .filter((v) => v.impact === 'serious' || v.impact === 'critical')
            .map((v) => `${path}: ${v.id} ${v.nodes.map((n) => n.html.slice(0, 160)).join(' | ')}`);
          expect(serious).toEqual([]);
          expect((await smallTargets(page)).map((t) => `${path}: ${t}`)).toEqual([]);
        }
      });
    }
  });
}

test.describe('nothing is cut', () => {
  test.use({ viewport: { width: 320, height: 640 } });
  for (const scale of ['100 %', '200 %'] as const) {
    test(`320 wide at a text size of ${scale}`, async ({ page }) => {
      await openDemo(page);
      await setKit(page, scale);
      for (const path of PAGES) {
        await settle(page, path);
        await unfold(page);
        expect((await cutTexts(page)).map((t) => `${path}: ${t}`)).toEqual([]);
      }
    });
  }
});

test.describe('nothing is cut on a common phone', () => {
  test.use({ viewport: PHONE });
  test('390 wide at a text size of 200 %', async ({ page }) => {
    await openDemo(page);
    await setKit(page, '200 %');
    for (const path of PAGES) {
      await settle(page, path);
      expect((await cutTexts(page)).map((t) => `${path}: ${t}`)).toEqual([]);
    }
  });
});
