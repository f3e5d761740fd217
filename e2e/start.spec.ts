import { emptyServer, expect, openDemo, PHONE, place, test } from './kit';

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
  await expect(page.getByRole('alert')).toContainText('name wants');
  await page.getByLabel('Name').first().fill('Alder, repainted');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await page.getByRole('button', { name: /^Alder, repainted, suspending jerkbait, 7\/16 oz/ }).click();
  await page.getByRole('button', { name: 'Retire this lure' }).click();
  await page.getByRole('button', { name: 'Retired (1)' }).click();
  await page.getByRole('button', { name: /^Alder, repainted.*retired/ }).click();
  await page.getByRole('button', { name: 'Bring this lure back' }).click();
  await expect(page.getByRole('button', { name: /^Alder, repainted, suspending/ })).toBeVisible();
});

test('units change every number at once', async ({ page }) => {
  await openDemo(page);
  await expect(page.getByRole('button', { name: 'surface: 54 °F. Change' })).toBeVisible();
  await page.goto('/kit');
  await page.getByRole('radio', { name: '°C, metres, grams' }).click();
  await page.goto('/');
  await expect(page.getByRole('button', { name: 'surface: 12.2 °C. Change' })).toBeVisible();
  await expect(page.getByText(/°F|\d ft/)).toHaveCount(0);
});

test('a damaged stored value is told, kept aside and can be saved', async ({ page }) => {
  await openDemo(page);
  // Write half a value where the application keeps a lure.
  await page.evaluate(async () => {
    const names = (await indexedDB.databases()).map((d) => d.name!);
    for (const name of names) {
      const db = await new Promise<IDBDatabase>((ok, no) => {
        const r = indexedDB.open(name);
        r.onsuccess = () => ok(r.result);
        r.onerror = () => no(r.error as Error);
      });
      for (const store of db.objectStoreNames) {
        const tx = db.transaction(store, 'readwrite').objectStore(store);
        const keys = await new Promise<IDBValidKey[]>((ok) => {
          const r = tx.getAllKeys();
          r.onsuccess = () => ok(r.result);
        });
        if (!keys.includes('lure/lure-alder')) continue;
        await new Promise<void>((ok) => {
          const r =
            tx.keyPath === null
              ? tx.put('{"version":2,"da', 'lure/lure-alder')
              : tx.put({ [tx.keyPath as string]: 'lure/lure-alder', value: '{"version":2,"da' });
          r.onsuccess = () => ok();
        });
      }
      db.close();
    }
  });
  await page.goto('/kit');
  await page.getByRole('button', { name: '1 stored value could not be read' }).click();
  await expect(page.getByText(/lure\/lure-alder/)).toBeVisible();
  await expect(page.getByRole('button', { name: /^Alder minnow/ })).toHaveCount(0);
});

test('the day by keyboard alone', async ({ page }) => {
  await openDemo(page);
  await place(page, 'Strikes').focus();
  await page.keyboard.press('Enter');
  const cast = page.getByRole('button', { name: 'Cast: add one' });
  await expect(cast).toBeVisible({ timeout: 60_000 });
  await cast.focus();
  await page.keyboard.press('Enter');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1, name: '2 casts' })).toBeVisible();
  await page.getByRole('button', { name: /^Undo the cast/ }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1, name: '1 cast' })).toBeVisible();
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

test('a device that refuses to store is told, and what is shown is what is stored', async ({ page }) => {
  await openDemo(page);
  await place(page, 'Strikes').click();
  const cast = page.getByRole('button', { name: 'Cast: add one' });
  await expect(cast).toBeVisible({ timeout: 60_000 });
  await cast.click();
  await expect(page.getByText('all stored')).toBeVisible();
  await page.evaluate(() => {
    IDBObjectStore.prototype.put = () => {
      throw new DOMException('full', 'QuotaExceededError');
    };
  });
  await cast.click();
  await expect(page.getByRole('alert')).toContainText('refused to store');
  await expect(page.getByRole('heading', { level: 1, name: '1 cast' })).toBeVisible();
  await page.getByRole('button', { name: 'Understood' }).click();
  await expect(page.getByRole('alert')).toHaveCount(0);
});
