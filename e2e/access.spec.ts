/** Every page in every light: what axe finds, controls too small for a thumb, letters of strange fonts. */
import { AxeBuilder } from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { expect, openDemo, PHONE, test, WIDE } from './kit';
import { lettersOf } from './letters';
import { PAGES, preferFromElsewhere, settle, unfold, WIDE_PAGES } from './pages';

const AA = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa'];

const COLOUR_RULES = ['color-contrast', 'link-in-text-block'];

/** Controls smaller than a thumb. */
const smallTargets = (page: Page): Promise<string[]> =>
  page.evaluate(() =>
    [
      ...document.querySelectorAll(
        '[role="button"],[role="link"],[role="radio"],[role="checkbox"],[role="tab"],a[href],button,input,textarea',
      ),
    ]
      .map((e) => ({ e, r: e.getBoundingClientRect() }))
      .filter(({ r }) => r.width > 0 && (r.width < 47.5 || r.height < 47.5))
      // A text field is as tall as its frame.
      .filter(
        ({ e }) =>
          !(
            e.matches('input,textarea') &&
            (e.closest('[data-testid="text-input-outlined"]') ?? e.parentElement!).getBoundingClientRect().height >=
              47.5
          ),
      )
      .map(
        ({ e, r }) => `${e.getAttribute('aria-label') ?? e.textContent} ${Math.round(r.width)}×${Math.round(r.height)}`,
      ),
  );

const LIGHTS = ['Noon', 'Shade', 'Night'] as const;
type Light = (typeof LIGHTS)[number];
/** In parts, so that none takes long. */
const EACH = 6;

/** The browser's own colour for each light: the page stands in it when it is this. */
const groundOf = async (page: Page): Promise<string> =>
  (await page.locator('meta[name="theme-color"]').first().getAttribute('content'))!;

/** Sets the light as from another page, and waits until this one stands in it: each light has a ground of its own. */
async function setLight(page: Page, light: Light, grounds: Map<Light, string>): Promise<void> {
  const before = await groundOf(page);
  await preferFromElsewhere(page, { light: light.toLowerCase() });
  const known = grounds.get(light);
  if (known) await expect.poll(() => groundOf(page)).toBe(known);
  else await expect.poll(() => groundOf(page)).not.toBe(before);
  grounds.set(light, await groundOf(page));
}

for (const [size, viewport, all] of [
  ['phone', PHONE, PAGES],
  ['wide', WIDE, WIDE_PAGES],
] as const) {
  test.describe(size, () => {
    test.use({ viewport });
    for (let part = 0; part * EACH < all.length; part++) {
      const pages = all.slice(part * EACH, (part + 1) * EACH);
      test(`no barrier and no small target in any light: ${pages.join(' ')}`, async ({ page }) => {
        // On a busy machine one page in three lights takes a minute.
        test.setTimeout(360_000);
        await openDemo(page);
        // A new page stands in the shade.
        const grounds = new Map<Light, string>([['Shade', await groundOf(page)]]);
        const letters = await lettersOf(page);
        let looked = 0;
        for (const path of pages) {
          await settle(page, path);
          await unfold(page, path);
          // They are the same on a phone and wide.
          if (size === 'phone') {
            const found = await letters();
            expect(found.strangers.map((t) => `${path}: ${t}`)).toEqual([]);
            looked += found.looked;
          }
          // Colours are those of the phone: wide, one page of each part is looked at in all lights.
          for (const light of size === 'wide' && path !== pages[0] ? LIGHTS.slice(0, 1) : LIGHTS) {
            await setLight(page, light, grounds);
            // A light changes colours and nothing else: every rule is asked in the first, those of colour in the
            // others.
            // No page has frames; the legacy way asks in the page itself and opens no page of its own for it.
            const axe = new AxeBuilder({ page }).setLegacyMode();
            const { violations } = await (
              light === 'Noon' ? axe.withTags([...AA, 'wcag2aaa']) : axe.withRules(COLOUR_RULES)
            ).analyze();
            const barriers = violations.map(
              (v) =>
                `${path}, ${light}: ${v.id} ${v.nodes.map((n) => `${n.html.slice(-60)} ${JSON.stringify(n.any[0]?.data ?? null)}`).join(' | ')}`,
            );
            expect(barriers).toEqual([]);
            expect((await smallTargets(page)).map((t) => `${path}, ${light}: ${t}`)).toEqual([]);
          }
        }
        if (size === 'phone') expect(looked).toBeGreaterThan(50);
        expect(new Set(grounds.values()).size).toBe(LIGHTS.length);
      });
    }
  });
}
