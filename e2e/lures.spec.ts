/** Choosing lures, rigging them, packing few rods: by hand, as an angler would. */
import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { emptyServer, expect, openDemo, PHONE, place, test, WIDE } from './kit';
import { storedValues } from './store';

test.use({ viewport: PHONE });

const ranked = (page: Page) => page.getByRole('button', { name: /^\d+\. .*Reasons$/ });
async function openLures(page: Page): Promise<void> {
  await place(page, 'Lures').click();
  await expect(page.getByText('Start with', { exact: true })).toBeVisible({ timeout: 60_000 });
  await expect(ranked(page).first()).toBeVisible({ timeout: 60_000 });
}

test('from the water to “tie this on, because”: one tap, and reasons in sentences', async ({ page }) => {
  await openDemo(page);
  await place(page, 'Lures').click();
  await expect(page.getByRole('heading', { level: 1, name: 'Tie this on' })).toBeVisible();
  await expect(page.getByText('Start with', { exact: true })).toBeVisible({ timeout: 60_000 });
  await expect(
    page.getByText(/Slow enough for them|what they like best|minutes of each hour|sees about|own depth/).first(),
  ).toBeVisible();
  await page.getByRole('button', { name: 'How to rig it, and why' }).first().click();
  await expect(page.getByText(/^Weight: /)).toBeVisible();
  await expect(page.getByText(/^To the lure: .*(knot|loop|twist)/)).toBeVisible();
  // The knot, a drawing and a sentence a step.
  await page.getByRole('button', { name: 'How to tie the improved clinch knot' }).click();
  await expect(page.getByText('Step 4 of 4')).toBeVisible();
  await expect(page.getByText('Five turns around the line, away from the eye.')).toBeVisible();
  // What would change its mind, and the way from loud to quiet.
  await expect(page.getByText(/overtakes|leads by a long way|is out /).first()).toBeVisible({ timeout: 60_000 });
  await expect(page.getByRole('heading', { name: 'From loud to quiet' })).toBeVisible();
  await expect(page.getByText(/\d+ casts through them \(about/).first()).toBeVisible();
});

test('an own lure entered is ranked by its own weight, length and colour, and can be taken', async ({ page }) => {
  await openDemo(page);
  await openLures(page);
  await expect(ranked(page)).toHaveCount(21);
  for (const [name, longer] of [
    ['Sedge minnow', 0],
    ['Sedge minnow, long', 14],
  ] as const) {
    await page.goto('/kit/lure/new');
    await page.getByLabel('Name').first().fill(name);
    await page.getByRole('radio', { name: 'Suspending jerkbait' }).click();
    for (let i = 0; i < longer; i++) await page.getByRole('button', { name: 'Length: more' }).click();
    await page.getByRole('button', { name: 'Save', exact: true }).click();
    await expect(page.getByRole('button', { name: /^The box/ })).toBeVisible();
  }
  await openLures(page);
  await expect(ranked(page)).toHaveCount(21 + 2);
  const labels = await ranked(page).evaluateAll((all) => all.map((x) => x.getAttribute('aria-label')!));
  const place1 = labels.findIndex((l) => l.includes('Sedge minnow,') && !l.includes('long'));
  const place2 = labels.findIndex((l) => l.includes('Sedge minnow, long'));
  expect(place1).toBeGreaterThanOrEqual(0);
  expect(place2).toBeGreaterThan(place1);
  await ranked(page).nth(place2).click();
  await expect(page.getByText(/^Bigger than what they like best/)).toBeVisible();
  await expect(page.getByText(/^What it costs: /)).toBeVisible();
  await page.getByRole('button', { name: 'Compare with another' }).click();
  await expect(page.getByText(/should bring \d+\.\d times what/)).toBeVisible();
  await page.getByRole('button', { name: 'Take the Sedge minnow, long' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Sedge minnow, long' })).toBeVisible();
});

test('a school is flipped: what would move is said before, and has moved after', async ({ page }) => {
  await openDemo(page);
  await openLures(page);
  await expect(page.getByRole('button', { name: 'Take the Slate crank' })).toHaveCount(0);
  const names = () =>
    ranked(page).evaluateAll((all) => all.map((x) => /^\d+\. ([^,]+),/.exec(x.getAttribute('aria-label')!)![1]));
  await expect.poll(names, { timeout: 60_000 }).toContain('Slate crank');
  await page.getByRole('button', { name: 'Where good anglers disagree' }).click();
  const away = page.getByRole('radio', { name: /^Keep them away\./ });
  await expect(away).toHaveAttribute('aria-label', /Today: .*stays in the box/, { timeout: 60_000 });
  await away.click();
  await expect(away).toBeChecked();
  await openLures(page);
  await expect.poll(names, { timeout: 60_000 }).not.toContain('Slate crank');
  await expect(page.getByText(/your school keeps trebles away from wood/).first()).toBeVisible();
  // Kept for this fish alone.
  const stored = Object.entries(await storedValues(page)).find(([k]) => k.startsWith('preferences/'))![1];
  expect(JSON.parse(stored)).toMatchObject({
    data: { schools: { bySpecies: { 'largemouth-bass': { trebles: 'keep-away' } } } },
  });
});

test('three rods for the day, one swapped by hand, and the list printed', async ({ page }) => {
  await page.addInitScript(() => {
    window.print = () => document.body.setAttribute('data-printed', 'yes');
  });
  await openDemo(page);
  await openLures(page);
  await page.getByRole('button', { name: 'Few rods: what to take along' }).click();
  await page.getByRole('radio', { name: '3', exact: true }).click();
  await page.getByRole('radio', { name: '8 hours' }).click();
  await expect(page.getByText(/fish an hour on the hook/)).toBeVisible({ timeout: 60_000 });
  for (const rod of ['Seven-foot middle', 'Brush rod'])
    await expect(page.getByText(new RegExp(`^${rod}: .*; `))).toBeVisible();
  // Either the third has its lure, or it is said that it would add nothing.
  await expect(page.getByText(/^Whip: |^A further rod would add nothing/)).toBeVisible();
  await expect(page.getByRole('heading', { name: 'What stays open' })).toBeVisible();
  const swap = page.getByRole('button', { name: /^Swap the / }).first();
  const out = (await swap.getAttribute('aria-label'))!.replace('Swap the ', '');
  await swap.click();
  const other = page.getByRole('button', { name: /: (nothing lost|\d+ % (less|more))$/ }).first();
  const into = /^([^:]+):/.exec((await other.getAttribute('aria-label'))!)![1]!;
  await other.click();
  await expect(page.getByText(/^Your own choice: /)).toBeVisible({ timeout: 60_000 });
  await expect(page.getByRole('heading', { level: 2, name: into, exact: true })).toBeVisible();
  await expect(page.getByRole('heading', { level: 2, name: out, exact: true })).toHaveCount(0);
  await page.getByRole('button', { name: 'Packing list' }).click();
  const sheet = page.getByRole('region', { name: 'Packing list' });
  await expect(sheet.getByRole('checkbox', { name: new RegExp(`^${into} on `) })).toBeVisible();
  await expect(sheet.getByText(/^Leader: |^No leader: /).first()).toBeVisible();
  await sheet.getByRole('checkbox', { name: 'Licence' }).click();
  await expect(sheet.getByRole('checkbox', { name: 'Licence' })).toBeChecked();
  await page.emulateMedia({ media: 'print' });
  await expect(sheet).toBeVisible();
  await expect(page.getByRole('heading', { level: 1, name: 'Packing list' })).toBeHidden();
  await page.emulateMedia({ media: 'screen' });
  await page.getByRole('button', { name: 'Print it' }).click();
  await expect(page.locator('body')).toHaveAttribute('data-printed', 'yes');
});

test('a table of two hundred lures with a dozen bad lines: 188 in, 12 explained, nothing lost', async ({ page }) => {
  await openDemo(page);
  const bad = ['', 'popper,heavy', 'no such thing,9', 'popper,9,99999'];
  const rows = Array.from({ length: 200 }, (_, i) =>
    i % 17 === 5
      ? `Row ${i},${bad[i % bad.length] || 'umbrella,9'}`
      : `Row ${i},${['popper', 'Hollow frog', 'texas-rig'][i % 3]},9`,
  );
  const text = ['name,family,weight_g,length_mm', ...rows].join('\n');
  await page.goto('/kit/box');
  const pick = async (name: string, body: string): Promise<void> => {
    const [chooser] = await Promise.all([
      page.waitForEvent('filechooser'),
      page.getByRole('button', { name: 'Read lures from a file…' }).click(),
    ]);
    await chooser.setFiles({ name, mimeType: 'text/csv', buffer: Buffer.from(body) });
  };
  await pick('box.csv', text);
  await expect(page.getByText('188 lures can be read; 12 lines cannot.')).toBeVisible();
  await expect(page.getByText(/^Line \d+: /)).toHaveCount(12);
  // Nothing is taken before it is asked for.
  const lures = async () => Object.keys(await storedValues(page)).filter((k) => k.startsWith('lure/')).length;
  expect(await lures()).toBe(21);
  await page.getByRole('button', { name: 'Put 188 lures into the box' }).click();
  await expect(page.getByText(/^188 lures are in the box\. The 12 other lines/)).toBeVisible({ timeout: 60_000 });
  expect(await lures()).toBe(21 + 188);
  const [saved] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save those lines to mend them' }).click(),
  ]);
  const mended = readFileSync(await saved.path(), 'utf8')
    .replace(/umbrella|no such thing/g, 'popper')
    .replace(/heavy/g, '9')
    .replace(/99999/g, '65');
  await page.getByRole('button', { name: 'Put the file away' }).click();
  await pick('mended.csv', mended);
  await expect(page.getByText('12 lures can be read.')).toBeVisible();
  await page.getByRole('button', { name: 'Put 12 lures into the box' }).click();
  await expect(page.getByText('12 lures are in the box.')).toBeVisible();
  expect(await lures()).toBe(21 + 200);
  const [out] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save the box as a table (CSV)' }).click(),
  ]);
  expect(
    readFileSync(await out.path(), 'utf8')
      .trim()
      .split('\n'),
  ).toHaveLength(1 + 221);
  await pick('nonsense.csv', 'this is no table');
  await expect(page.getByText(/must name the columns/)).toBeVisible();
});

test('favourites stand first, the search finds, what was lost is out of the ranking and comes back', async ({
  page,
}) => {
  await openDemo(page);
  await page.goto('/kit/box');
  await page.getByRole('checkbox', { name: 'Twin leaf is a favourite' }).click();
  await page.getByRole('radio', { name: 'Favourites', exact: true }).click();
  await expect(page.getByRole('button', { name: /^Twin leaf/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Alder minnow/ })).toHaveCount(0);
  await page.getByRole('radio', { name: 'All', exact: true }).click();
  await page.getByLabel('Find by name, kind or note').fill('jerk');
  await page.getByRole('button', { name: /^Alder minnow/ }).click();
  // What is done with a lure leads back to the Kit, once it is stored.
  const inKit = page.getByRole('heading', { level: 1, name: 'Kit', exact: true });
  await page.getByRole('button', { name: 'It was lost' }).click();
  await expect(inKit).toBeVisible();
  await openLures(page);
  await expect(ranked(page).filter({ hasText: 'Alder minnow' })).toHaveCount(0);
  await page.goto('/kit/box');
  await page.getByRole('radio', { name: 'Retired and lost' }).click();
  await page.getByRole('button', { name: /^Alder minnow.*lost: open$/ }).click();
  await page.getByRole('button', { name: 'Bring this lure back' }).click();
  await expect(inKit).toBeVisible();
  await openLures(page);
  await expect(ranked(page).filter({ hasText: 'Alder minnow' })).toHaveCount(1);
});

test('kept simple: three that are easy, and no figures to weigh', async ({ page }) => {
  await openDemo(page);
  await openLures(page);
  await page.getByRole('radio', { name: 'Keep it simple' }).click();
  await expect(page.getByText(/hard to fish wrong/)).toBeVisible();
  await expect(page.getByText('Third', { exact: true })).toBeVisible();
  await expect(ranked(page)).toHaveCount(0);
  await page.reload();
  await expect(page.getByText(/hard to fish wrong/)).toBeVisible({ timeout: 60_000 });
});

test('through ice: its own lures, a drop instead of a cast, and it is logged', async ({ page }) => {
  await page.goto(`${emptyServer}/kit/water/new`);
  await page.getByLabel('Name').first().fill('White Kettle');
  await page.getByRole('radio', { name: 'Ice', exact: true }).first().click();
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('radio', { name: 'White Kettle' })).toBeChecked();
  for (const [kind, name, family] of [
    ['rod', 'Short rod', null],
    ['reel', 'Small reel', null],
    ['line', 'Thin line', null],
    ['lure', 'Tin drummer', 'Rattle spoon'],
  ] as const) {
    await page.goto(`${emptyServer}/kit/${kind}/new`);
    await page.getByLabel('Name').first().fill(name);
    if (family) await page.getByRole('radio', { name: family }).click();
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByRole('button', { name: new RegExp(`^${name},`) })).toBeVisible();
  }
  await place(page, 'Water').click();
  await page.getByRole('radio', { name: 'Walleye' }).click();
  await page.getByRole('button', { name: 'Start the day' }).click();
  await place(page, 'Lures').click();
  await expect(page.getByText('Start with', { exact: true })).toBeVisible({ timeout: 60_000 });
  await page.getByRole('radio', { name: 'Every kind' }).click();
  await expect(page.getByRole('button', { name: /^1\. .*(rattler|jig|spoon|stick)/ })).toBeVisible({ timeout: 60_000 });
  await place(page, 'Retrieve').click();
  await expect(page.getByText(/drop among the fish/)).toBeVisible({ timeout: 60_000 });
  await expect(page.getByText(/^Open the spool and count/)).toBeVisible({ timeout: 60_000 });
  await place(page, 'Strikes').click();
  await page.getByRole('button', { name: 'Cast: add one' }).click();
  await expect(page.getByRole('heading', { level: 1, name: '1 cast' })).toBeVisible();
});

test.describe('wide', () => {
  test.use({ viewport: WIDE });
  test('the list and the section stand side by side, every kind can be ranked', async ({ page }) => {
    await openDemo(page);
    await openLures(page);
    await expect(page.locator('svg[aria-label^="Section through the water"]')).toBeVisible();
    const own = await ranked(page).count();
    await page.getByRole('radio', { name: 'Every kind' }).click();
    await expect.poll(() => ranked(page).count(), { timeout: 60_000 }).toBeGreaterThan(own);
  });
});
