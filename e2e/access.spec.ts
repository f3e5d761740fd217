/** Every page in every light: what axe finds, and controls too small for a thumb. */
import { AxeBuilder } from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { expect, openDemo, PHONE, test, WIDE } from './kit';
import { PAGES, setKit, settle, unfold } from './pages';

const AA = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa'];

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

/** In two parts, so that no part takes long. */
const HALF = Math.ceil(PAGES.length / 2);
const inTwo = (light: 'Noon' | 'Shade' | 'Night') =>
  [
    [light, 'first half of the pages', PAGES.slice(0, HALF)],
    [light, 'second half', PAGES.slice(HALF)],
  ] as const;
/** A wide screen in another light has the same layout as in Shade and the same colours as on a phone: there the places will do. */
const PLACES = ['/', '/lures', '/retrieve', '/strikes', '/lessons', '/kit'] as const;
const LOOKED_AT = {
  phone: [...inTwo('Noon'), ...inTwo('Shade'), ...inTwo('Night')],
  wide: [...inTwo('Shade'), ['Noon', 'the places', PLACES] as const, ['Night', 'the places', PLACES] as const],
};

for (const [size, viewport] of [
  ['phone', PHONE],
  ['wide', WIDE],
] as const) {
  test.describe(size, () => {
    test.use({ viewport });
    for (const [light, part, pages] of LOOKED_AT[size]) {
      test(`no barrier and no small target, ${light}, ${part}`, async ({ page }) => {
        await openDemo(page);
        await setKit(page, light, `"light":"${light.toLowerCase()}"`);
        for (const path of pages) {
          await settle(page, path);
          await unfold(page, path);
          const { violations } = await new AxeBuilder({ page }).withTags(light === 'Noon' ? [...AA, 'wcag2aaa'] : AA).analyze();
          const barriers = violations.map((v) => `${path}: ${v.id} ${v.nodes.map((n) => n.html.slice(0, 160)).join(' | ')}`);
          expect(barriers).toEqual([]);
          expect((await smallTargets(page)).map((t) => `${path}: ${t}`)).toEqual([]);
        }
      });
    }
  });
}
