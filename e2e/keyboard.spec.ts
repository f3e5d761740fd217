/** The whole day without touching anything but keys, and what a screen reader is told on the way. */
import type { Page } from '@playwright/test';
import { drawnPath, expect, openDemo, PHONE, place, pressOn, settled, test, WIDE } from './kit';

for (const [name, viewport] of [
  ['phone', PHONE],
  ['wide', WIDE],
] as const) {
  test.describe(name, () => {
    test.use({ viewport });

    test('the whole day by Tab, Enter and Space', async ({ page }) => {
      await openDemo(page);
      const before = await drawnPath(page);
      // A reading.
      await pressOn(page, page.getByRole('button', { name: /^clarity: .*Change$/ }));
      await pressOn(page, page.getByRole('radio', { name: '½ ft', exact: true }), 'Space');
      await page.keyboard.press('ArrowRight');
      await expect(page.getByRole('radio', { name: '1½ ft', exact: true })).toHaveAttribute('aria-checked', 'true');
      await page.keyboard.press('ArrowLeft');
      await expect(page.getByRole('button', { name: /^clarity: ½ ft\. Change$/ })).toBeVisible();
      await expect.poll(() => drawnPath(page)).not.toBe(before);
      // The lure, opened to its reasons.
      await page.keyboard.press('Escape');
      await pressOn(page, place(page, 'Lures'));
      await expect(page.getByText('Start with', { exact: true })).toBeVisible({ timeout: 60_000 });
      await pressOn(page, page.getByRole('button', { name: /^1\. / }));
      await expect(page.getByText('Time at depth', { exact: true })).toBeVisible();
      // The plan, played and stopped.
      await pressOn(page, place(page, 'Retrieve'));
      // Both casts are made with the settled plan: they are one pattern.
      await settled(page);
      await pressOn(page, page.getByRole('button', { name: 'Play the beat' }));
      await pressOn(page, page.getByRole('button', { name: 'Stop the beat' }), 'Space');
      // The log.
      await pressOn(page, place(page, 'Strikes'));
      const cast = page.getByRole('button', { name: 'Cast: add one' });
      await expect(cast).toBeVisible({ timeout: 60_000 });
      await pressOn(page, cast);
      await page.keyboard.press('Space');
      await expect(page.getByRole('heading', { level: 1, name: '2 casts' })).toBeVisible();
      await pressOn(page, page.getByRole('button', { name: /^Landed:/ }));
      await pressOn(page, page.getByRole('button', { name: 'On the hang' }));
      await expect(page.getByText('2 casts, 1 strike, 1 hooked, 1 landed.')).toBeVisible();
      await pressOn(page, page.getByRole('button', { name: /^Bump:/ }));
      await pressOn(page, page.getByRole('button', { name: 'Undo the bump' }));
      await expect(page.getByText('2 casts, 1 strike, 1 hooked, 1 landed.')).toBeVisible();
      // What it taught.
      await pressOn(page, place(page, 'Lessons'));
      if (viewport === WIDE)
        await pressOn(
          page,
          page
            .getByRole('row')
            .filter({ has: page.getByRole('cell', { name: '2', exact: true }) })
            .filter({ has: page.getByRole('cell', { name: '1', exact: true }) })
            .getByRole('button')
            .first(),
        );
      const row = page.getByRole('button', { name: /: .* 2 casts on 1 day · 1 struck, 1 hooked, 1 landed/ });
      await expect(row).toBeVisible({ timeout: 60_000 });
      if (viewport !== WIDE) await pressOn(page, row);
      await expect(row).toHaveAttribute('aria-expanded', 'true');
    });
  });
}

test.describe('single keys', () => {
  test.use({ viewport: WIDE });

  test('log, take back, lead about; ? lists them; they are off while typing and when switched off', async ({
    page,
  }) => {
    await openDemo(page);
    await page.keyboard.press('4');
    await expect(page.getByRole('button', { name: 'Cast: add one' })).toBeVisible({ timeout: 60_000 });
    await page.keyboard.press('c');
    await page.keyboard.press('c');
    await expect(page.getByRole('heading', { level: 1, name: '2 casts' })).toBeVisible();
    await page.keyboard.press('l');
    await expect(page.getByText('Landed. When?')).toBeVisible();
    await page.keyboard.press('e');
    await expect(page.getByText('Landed · hang')).toBeVisible();
    await page.keyboard.press('b');
    await expect(page.getByText('2 casts, 2 strikes, 1 hooked, 1 landed.')).toBeVisible();
    await page.keyboard.press('u');
    await expect(page.getByText('2 casts, 1 strike, 1 hooked, 1 landed.')).toBeVisible();
    // With another key held they are the browser's.
    await page.keyboard.press('Control+m');
    await expect(page.getByText('2 casts, 1 strike, 1 hooked, 1 landed.')).toBeVisible();

    await page.keyboard.press('?');
    const list = page.getByRole('dialog', { name: 'Keys' });
    await expect(list).toBeVisible();
    for (const says of ['Water', 'One cast more', 'Landed', 'Undo the last', 'Hang'])
      await expect(list.getByText(says, { exact: true })).toBeVisible();
    await expect(list.getByRole('button', { name: 'Close' })).toBeVisible();
    await page.keyboard.press('Escape');
    await expect(list).toHaveCount(0);

    // From another place too, and said aloud.
    await page.keyboard.press('1');
    await expect(page.getByRole('heading', { level: 1, name: 'Lantern Kettle' })).toBeVisible();
    await page.keyboard.press('m');
    await expect(page.getByRole('status').filter({ hasText: 'Stored: missed' })).toHaveCount(1);
    await page.keyboard.press('4');
    await expect(page.getByText('2 casts, 2 strikes, 1 hooked, 1 landed.')).toBeVisible();

    // Letters typed into a field are letters.
    await page.goto('/kit/lure/lure-alder');
    await page.getByLabel('Name').first().fill('');
    await page.getByLabel('Name').first().pressSequentially('lcb?4');
    await expect(page.getByLabel('Name').first()).toHaveValue('lcb?4');
    await expect(page.getByRole('dialog')).toHaveCount(0);

    await page.goto('/kit');
    await page.getByRole('radio', { name: 'Keys off' }).click();
    await expect(page.getByRole('radio', { name: 'Keys off' })).toHaveAttribute('aria-checked', 'true');
    await page.keyboard.press('1');
    await page.keyboard.press('?');
    await expect(page.getByRole('dialog')).toHaveCount(0);
    await expect(page.getByRole('heading', { level: 1, name: 'Kit' })).toBeVisible();
    await page.getByRole('radio', { name: 'Keys on' }).click();
    await expect(page.getByRole('radio', { name: 'Keys on' })).toHaveAttribute('aria-checked', 'true');
    await page.keyboard.press('4');
    await expect(page.getByText('2 casts, 2 strikes, 1 hooked, 1 landed.')).toBeVisible({ timeout: 60_000 });
  });
});

test.describe('what a screen reader is told', () => {
  test.use({ viewport: PHONE });

  /** Controls without a name, pictures without a description, and regions that matter missing. */
  const silent = (page: Page): Promise<string[]> =>
    page.evaluate(() => {
      const shown = (e: Element): boolean => e.getBoundingClientRect().width > 0;
      const name = (e: Element): string => (e.getAttribute('aria-label') ?? e.textContent ?? '').trim();
      const out: string[] = [];
      for (const e of document.querySelectorAll(
        '[role="button"],[role="link"],[role="radio"],[role="checkbox"],a,button',
      )) {
        if (shown(e) && name(e).length < 2) out.push(`no name: ${e.outerHTML.slice(0, 120)}`);
      }
      for (const e of document.querySelectorAll('svg')) {
        if (
          shown(e) &&
          !e.closest('[aria-hidden="true"]') &&
          !e.getAttribute('aria-label') &&
          !e.closest('[aria-label]')
        )
          out.push(`no description: ${e.outerHTML.slice(0, 120)}`);
      }
      if (document.querySelectorAll('[role="main"], main').length !== 1) out.push('not one main');
      if (document.querySelectorAll('h1, [role="heading"][aria-level="1"]').length !== 1)
        out.push('not one first heading');
      return out;
    });

  test('every place has its title, its heading, names for what can be pressed and words for what is drawn', async ({
    page,
  }) => {
    await openDemo(page);
    for (const [where, title] of [
      ['Lures', 'Lures · Moss Kettle'],
      ['Retrieve', 'Retrieve · Moss Kettle'],
      ['Strikes', 'Strikes · Moss Kettle'],
      ['Lessons', 'Lessons · Moss Kettle'],
      ['Water', 'Water · Moss Kettle'],
    ] as const) {
      await place(page, where).click();
      await expect(page).toHaveTitle(title);
      await expect(page.getByRole('heading', { level: 1 })).toHaveCount(1);
      await expect(place(page, where)).toHaveAttribute('aria-current', 'page');
      if (where === 'Strikes')
        await expect(page.getByRole('button', { name: 'Cast: add one' })).toBeVisible({ timeout: 60_000 });
      expect((await silent(page)).map((s) => `${where}: ${s}`)).toEqual([]);
    }
    const section = page.locator('svg[aria-label^="Section through the water"]');
    expect(await section.getAttribute('aria-label')).toMatch(
      /\d+ ft deep, wood at the far end\. Fish expected .* down/,
    );
  });

  test('what happens is said in a live region, what matters at once in an alert', async ({ page }) => {
    await openDemo(page);
    await place(page, 'Strikes').click();
    await page.getByRole('button', { name: 'Cast: add one' }).click({ timeout: 60_000 });
    await page.getByRole('button', { name: /^Landed:/ }).click();
    await expect(page.locator('[aria-live="polite"]').filter({ hasText: 'Stored: landed' })).toHaveCount(1);
    await expect(page.getByRole('button', { name: 'Undo the landed' })).toBeVisible();
  });
});

test('with less motion wished for, the picture steps once a second', async ({ page }) => {
  await page.setViewportSize(PHONE);
  await page.emulateMedia({ reducedMotion: 'reduce' });
  await openDemo(page);
  await place(page, 'Retrieve').click();
  await settled(page);
  await expect(page.getByRole('button', { name: 'Play the beat' })).toBeVisible({ timeout: 60_000 });
  await page.getByRole('button', { name: 'Play the beat' }).click();
  const changes = await page.evaluate(async () => {
    let n = 0;
    const seen = new MutationObserver(() => n++);
    seen.observe(document.querySelector('svg[aria-label^="Section through the water"]')!, {
      attributes: true,
      subtree: true,
      childList: true,
    });
    const frames = new Set<number>();
    const began = performance.now();
    while (performance.now() - began < 3500) {
      const was = n;
      await new Promise((r) => requestAnimationFrame(r));
      if (n !== was) frames.add(Math.round(performance.now() / 100));
    }
    seen.disconnect();
    return frames.size;
  });
  expect(changes).toBeGreaterThanOrEqual(2);
  expect(changes).toBeLessThanOrEqual(6);
  // Nothing of the interface moves by itself.
  expect(await page.evaluate(() => document.getAnimations().filter((a) => a.playState === 'running').length)).toBe(0);
});
