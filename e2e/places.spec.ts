/** Each place for itself, as someone who has just opened it would try it. */
import { drawnPath, expect, openDemo, openMore, PHONE, place, settled, test, WIDE } from './kit';

test.describe('on a phone', () => {
  test.use({ viewport: PHONE });

  test('Water: every tile opens its control and takes a change', async ({ page }) => {
    await openDemo(page);
    for (const group of [/^Cover and bottom/, /^Wind, current and tide/])
      await page.getByRole('button', { name: group }).click();
    for (const [tile, more] of [
      ['three days', 'Three days: more'],
      ['depth', 'Depth: more'],
      ['fish at', 'Fish at: less'],
      ['how thick', 'How thick: more'],
      ['branches', 'Branches: more'],
      ['chop', 'Chop: more'],
      ['sky', 'Sky: less'],
      ['wind', 'Wind: more'],
      ['open water', 'Open water: more'],
      ['current', 'Current: more'],
    ] as const) {
      const button = page.getByRole('button', { name: new RegExp(`^${tile}: `) });
      const before = await button.getAttribute('aria-label');
      await button.click();
      await page.getByRole('button', { name: more, exact: true }).click();
      await page.getByRole('button', { name: more, exact: true }).click();
      await expect(button).not.toHaveAttribute('aria-label', before!);
      await button.click();
    }
    await page.getByRole('button', { name: /^weather: / }).click();
    await page.getByRole('radio', { name: 'Front just passed' }).click();
    await expect(page.getByRole('button', { name: 'weather: front just passed. Change' })).toBeVisible();
    await expect(page.getByText(/front just passed/).first()).toBeVisible();
    await page.getByRole('button', { name: 'Forget this reading' }).click();
    await expect(page.getByRole('button', { name: 'weather: no front, station. Change' })).toBeVisible();
  });

  test('Water: cover changes the drawing, signs move the mood and can be taken back', async ({ page }) => {
    await openDemo(page);
    const before = await drawnPath(page);
    await page.getByRole('button', { name: /^cover: / }).click();
    await page.getByRole('radio', { name: 'Lily pads' }).click();
    await expect.poll(() => drawnPath(page)).not.toBe(before);
    await expect(page.getByText('pads', { exact: false }).first()).toBeVisible();

    const bars = page.getByRole('img', { name: /^Chances: shut/ });
    const calm = await bars.getAttribute('aria-label');
    await page.getByRole('button', { name: 'hit at once: add one' }).click();
    await page.getByRole('button', { name: 'hit at once, seen 1: add one' }).click();
    await expect(page.getByText('hit at once ×2')).toBeVisible();
    await expect(bars).not.toHaveAttribute('aria-label', calm!);
    await page.getByRole('button', { name: 'hit at once: take one back' }).click();
    await page.getByRole('button', { name: 'hit at once: take one back' }).click();
    await expect(bars).toHaveAttribute('aria-label', calm!);
    await page.getByRole('button', { name: 'Why this mood?' }).click();
    await expect(page.getByText(/for largemouth bass/).first()).toBeVisible();
  });

  test('Lures: every factor opens as a sentence, another lure can be taken', async ({ page }) => {
    await openDemo(page);
    await page.getByRole('button', { name: 'What to tie on' }).click();
    await expect(page.getByText('Start with', { exact: true })).toBeVisible();
    await page.getByRole('button', { name: /^2\. / }).click();
    for (const factor of ['Time at depth', 'Being noticed', 'Hang time', 'Hooking up', 'Snags'])
      await expect(page.getByText(factor, { exact: true })).toBeVisible();
    // One that is hardly worse than the first would stay tied on.
    const worse = page.getByRole('button', { name: /^9\. / });
    const name = (await worse.getAttribute('aria-label'))!.match(/^9\. ([^,]+),/)![1]!;
    await worse.click();
    await page
      .getByRole('button', { name: `Take the ${name}` })
      .last()
      .click();
    await expect(page.getByRole('heading', { level: 1, name })).toBeVisible();
    await expect(page.getByText('Another would now start')).toBeVisible();
    await page.getByRole('button', { name: /^Change to the/ }).click();
    await expect(page.getByRole('heading', { level: 1, name })).toHaveCount(0);
  });

  test('Retrieve: set by hand, take a change, go back; the beat moves the lure', async ({ page }) => {
    await openDemo(page);
    await place(page, 'Retrieve').click();
    await expect(page.getByText('What one change would buy')).toBeVisible({ timeout: 60_000 });
    await settled(page);
    const planned = await drawnPath(page);

    await page.getByRole('button', { name: /^rod tip: / }).click();
    await page.getByRole('radio', { name: 'Up', exact: true }).click();
    await expect(page.getByRole('button', { name: 'rod tip, yours: up. Change' })).toBeVisible();
    await expect.poll(() => drawnPath(page), { timeout: 60_000 }).not.toBe(planned);
    await page.getByRole('button', { name: 'Rod tip up: take back' }).click();
    await expect(page.getByRole('button', { name: /^rod tip: / })).toBeVisible();
    await settled(page);

    await page.getByRole('button', { name: /^cast: / }).click();
    for (let i = 0; i < 3; i++) await page.getByRole('button', { name: 'Cast: less' }).click();
    await expect(page.getByRole('button', { name: /^cast, yours: / })).toBeVisible();
    await page.getByRole('button', { name: 'Let the plan choose' }).click();
    await expect(page.getByRole('button', { name: /^cast: / })).toBeVisible();

    await page.getByRole('button', { name: 'Play the beat' }).click();
    await expect(page.getByText(/^\d+(\.\d)? s · (Splash|Fall|Move|Hang)/)).toBeVisible();
    const moving = await drawnPath(page);
    await expect.poll(() => drawnPath(page)).not.toBe(moving);
    await page.getByRole('button', { name: 'Stop the beat' }).click();
    await page.getByRole('button', { name: 'On two seconds' }).click();
    await page.getByRole('button', { name: 'How to read the beat' }).click();
    await expect(page.getByText(/Each dot is a second/)).toBeVisible();
  });

  test('Retrieve: a thicker line changes the path', async ({ page }) => {
    await openDemo(page);
    await place(page, 'Retrieve').click();
    await settled(page);
    const thin = await drawnPath(page);
    await openMore(page);
    await page.getByRole('button', { name: 'Change rod, reel or line' }).click();
    await page.getByRole('radio', { name: 'Braid 40' }).click();
    await expect.poll(() => drawnPath(page), { timeout: 60_000 }).not.toBe(thin);
    await expect(page.getByText('Braid 40', { exact: false }).first()).toBeVisible();
  });

  test('Strikes: the log lists, strikes out, and the day ends into the lessons', async ({ page }) => {
    await openDemo(page);
    await place(page, 'Strikes').click();
    await expect(page.getByRole('button', { name: 'Cast: add one' })).toBeVisible({ timeout: 60_000 });
    await page.getByRole('button', { name: 'Cast: add one' }).click();
    await page.getByRole('button', { name: /^Lost:/ }).click();
    await page.getByRole('button', { name: 'At your feet' }).click();
    await page.getByRole('button', { name: /^Snag:/ }).click();
    await expect(page.getByText('Lost · at your feet')).toBeVisible();
    await expect(page.getByText('1 cast, 1 strike, 1 hooked, 0 landed.')).toBeVisible();
    await page.getByRole('button', { name: /^Strike out: Lost/ }).click();
    await expect(page.getByText('1 cast, 0 strikes, 0 hooked, 0 landed.')).toBeVisible();
    await page.getByRole('button', { name: /^Bring back: Lost/ }).click();
    await expect(page.getByText('1 cast, 1 strike, 1 hooked, 0 landed.')).toBeVisible();
    await page.getByRole('button', { name: /^Strike out: Lost/ }).click();
    await expect(page.getByText('1 cast, 0 strikes, 0 hooked, 0 landed.')).toBeVisible();
    await page.getByRole('button', { name: 'End the day…' }).click();
    await page.getByRole('button', { name: 'Keep fishing' }).click();
    await page.getByRole('button', { name: 'End the day…' }).click();
    await page.getByRole('button', { name: 'End the day', exact: true }).click();
    await expect(page.getByRole('button', { name: 'Go on with this day' })).toBeVisible();
    await place(page, 'Strikes').click();
    await expect(page.getByText('Nothing can be logged without a day')).toBeVisible();
    await page.goto('/lessons');
    await expect(page.getByText('Strikes by pattern')).toBeVisible();
  });

  test('Water: its head opens where one is, and another spot is two touches away', async ({ page }) => {
    await openDemo(page);
    const head = page.getByRole('button', { name: 'Another spot, water or fish' });
    await expect(head).toHaveText(/^North arm alders · largemouth bass/);
    await head.click();
    await expect(page.getByRole('button', { name: 'End this day and start a new one' })).toBeVisible();
    await page.getByRole('radio', { name: 'Three boulders' }).click();
    await expect(head).toHaveText(/^Three boulders · /);
    await head.click();
    await expect(page.getByRole('radio', { name: 'Three boulders' })).toHaveCount(0);
  });

  test('Lessons: another fish, a pattern opened, thin ones named as thin', async ({ page }) => {
    await openDemo(page);
    await place(page, 'Lessons').click();
    await expect(page.getByRole('button', { name: /^Alder minnow, / })).toBeVisible();
    await page.getByRole('radio', { name: 'Crappie' }).click();
    const fern = page.getByRole('button', { name: /^Fern curl, / });
    await fern.click();
    await expect(page.getByText(/Hooked \d+ %–\d+ % of strikes/)).toBeVisible();
    await expect(page.getByText(/^The model expected \d+(\.\d)?: /)).toBeVisible();
    await page.getByRole('radio', { name: 'Spotted seatrout' }).click();
    await expect(page.getByText(/Not enough yet: \d+ more casts/).first()).toBeVisible();
    await page.getByRole('button', { name: /^When in the cast/ }).click();
    await expect(page.getByRole('table', { name: 'Strikes by part of the cast' })).toBeVisible();
  });

  test('a page asked for by its address opens there', async ({ page }) => {
    await page.goto('/lessons');
    await expect(page.getByRole('heading', { level: 1, name: 'What works' })).toBeVisible({ timeout: 60_000 });
    await page.goto('/kit/lure/nothing-there');
    await expect(page.getByText('This lure is not in the Kit any more.')).toBeVisible();
  });
});

test.describe('wide', () => {
  test.use({ viewport: WIDE });
  test('the section stays open beside every place on the water; Lessons and Kit have the width to themselves', async ({
    page,
  }) => {
    await openDemo(page);
    for (const name of ['Lures', 'Retrieve', 'Strikes', 'Lessons', 'Kit', 'Water']) {
      await place(page, name).click();
      await expect(page.locator('svg[aria-label^="Section through the water"]')).toHaveCount(
        name === 'Kit' || name === 'Lessons' ? 0 : 1,
      );
      await expect(place(page, name)).toHaveAttribute('aria-current', 'page');
    }
  });
});
