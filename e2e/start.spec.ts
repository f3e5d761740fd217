import { emptyServer, expect, openDemo, PHONE, place, test } from './kit';
import { setKit } from './pages';
import { putValue } from './store';

test.use({ viewport: PHONE });

test('a first day from nothing: a water, a day, tackle, a cast', async ({ page }) => {
  await page.goto(emptyServer);
  await expect(page.getByText('Start with a water')).toBeVisible();

  // Every place says honestly that there is nothing yet.
  for (const [name, text] of [
    ['Lures', 'Start a day on the Water page first'],
    ['Retrieve', 'Start a day on the Water page first'],
    ['Strikes', 'Nothing can be logged without a day'],
    ['Lessons', 'Nothing to learn from yet'],
  ] as const) {
    await place(page, name).click();
    await expect(page.getByText(text, { exact: false }).first()).toBeVisible();
  }
  await place(page, 'Water').click();

  await page.getByRole('button', { name: 'Add my first water' }).click();
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('alert')).toContainText('Not saved yet');
  await page.getByLabel('Name').first().fill('Bracken Pool');
  await page.getByRole('button', { name: 'Save' }).click();
  await place(page, 'Water').click();
  await page.getByRole('radio', { name: 'Largemouth bass' }).click();
  await page.getByRole('button', { name: 'Start the day' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Bracken Pool' })).toBeVisible();
  await expect(page.getByText(/not read today/)).toBeVisible();

  // With an empty box every kind is ranked; a lure and tackle of one's own make a plan.
  await place(page, 'Lures').click();
  await expect(page.getByText('every kind of lure, as the box is empty')).toBeVisible();
  for (const [kind, name] of [
    ['rod', 'My rod'],
    ['reel', 'My reel'],
    ['line', 'My line'],
    ['lure', 'My tail'],
  ] as const) {
    await page.goto(`${emptyServer}/kit/${kind}/new`);
    await page.getByLabel('Name').first().fill(name);
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByRole('button', { name: new RegExp(`^${name},`) })).toBeVisible();
  }
  await place(page, 'Retrieve').click();
  await expect(page.getByRole('heading', { level: 1, name: 'My tail' })).toBeVisible();
  await expect(page.getByText('Your hands')).toBeVisible({ timeout: 60_000 });
  await place(page, 'Strikes').click();
  await page.getByRole('button', { name: 'Cast: add one' }).click();
  await expect(page.getByRole('heading', { level: 1, name: '1 cast' })).toBeVisible();
});

test('the kit: change, retire, bring back, and what is typed is not lost', async ({ page }) => {
  await openDemo(page);
  await page.goto('/kit/lure/lure-alder');
  await page.getByLabel('Name').first().fill('');
  await page.getByRole('button', { name: 'Weight: more' }).click();
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('Give it a name.')).toBeVisible();
  await expect(page.getByRole('alert')).toContainText('look at name');
  await page.getByLabel('Name').first().fill('Alder, repainted');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await page.getByRole('button', { name: /^Alder, repainted, suspending jerkbait, 7\/16 oz/ }).click();
  await page.getByRole('button', { name: 'Retire this lure' }).click();
  await page.getByRole('button', { name: 'Retired and lost (1)' }).click();
  await page.getByRole('button', { name: /^Alder, repainted.*retired/ }).click();
  await page.getByRole('button', { name: 'Bring this lure back' }).click();
  await expect(page.getByRole('button', { name: /^Alder, repainted, suspending/ })).toBeVisible();
});

test('units change every number at once', async ({ page }) => {
  await openDemo(page);
  await expect(page.getByRole('button', { name: 'surface: 54 °F. Change' })).toBeVisible();
  await setKit(page, '°C, metres, grams', '"temp":"C"');
  await page.goto('/');
  await expect(page.getByRole('button', { name: 'surface: 12.2 °C. Change' })).toBeVisible();
  await expect(page.getByText(/°F|\d ft/)).toHaveCount(0);
});

test('a damaged stored value is told, kept aside and can be saved', async ({ page }) => {
  await openDemo(page);
  await putValue(page, 'lure/lure-alder', '{"version":2,"da');
  await page.goto('/kit');
  await page.getByRole('button', { name: '1 stored value could not be read' }).click();
  await expect(page.getByText(/lure\/lure-alder/)).toBeVisible();
  await expect(page.getByRole('button', { name: /^Alder minnow/ })).toHaveCount(0);
});

test('two quick taps are two casts, and the log survives the page being killed', async ({ page }) => {
  await openDemo(page);
  await place(page, 'Strikes').click();
  const cast = page.getByRole('button', { name: 'Cast: add one' });
  await expect(cast).toBeVisible({ timeout: 60_000 });
  await cast.evaluate((e: HTMLElement) => {
    for (let i = 0; i < 8; i++) e.click();
  });
  await expect(page.getByRole('heading', { level: 1, name: '8 casts' })).toBeVisible();
  await expect(page.getByText('all stored')).toBeVisible();
  await page.reload();
  await expect(page.getByRole('heading', { level: 1, name: '8 casts' })).toBeVisible();
});
