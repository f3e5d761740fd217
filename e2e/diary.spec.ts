/** The log told in more detail, and the diary: by touch, stored, corrected, struck out and brought back. */
import { expect, openDemo, PHONE, place, test } from './kit';
import { setKit } from './pages';
import { storedValues } from './store';

test.use({ viewport: PHONE, hasTouch: true });

/** The newest event of the store. */
async function lastEvent(page: Parameters<typeof storedValues>[0]): Promise<Record<string, unknown>> {
  const all = Object.entries(await storedValues(page)).filter(([key]) => key.startsWith('event/'));
  const events = all.map(([, text]) => (JSON.parse(text) as { data: Record<string, unknown> }).data);
  return events.sort((a, b) => Number(a.atMs) - Number(b.atMs)).at(-1)!;
}

test('a fish: length, phase, place, released; corrected later, and what it said before is kept', async ({ page }) => {
  await openDemo(page);
  await place(page, 'Strikes').tap();
  await page.getByRole('button', { name: /^Landed: / }).tap();
  await page.getByRole('radio', { name: '16 in', exact: true }).tap();
  await page.getByRole('button', { name: 'On the hang' }).tap();
  await expect(page.getByText('Landed. When?')).toHaveCount(0);
  await page.getByRole('button', { name: /^Tell more: Landed at / }).tap();
  await page.getByRole('radio', { name: 'Edge', exact: true }).tap();
  await page.getByRole('radio', { name: 'Released', exact: true }).tap();
  await expect(page.getByText('16 in, at the edge, released')).toBeVisible();
  await expect(page.getByText(/pick the edge apart/)).toBeVisible();
  await page.getByRole('button', { name: 'Length: more', exact: true }).tap();
  await expect(page.getByText('16½ in, at the edge, released')).toBeVisible();
  await expect(page.getByText(/^Until \d+:\d\d am it said: 16 in\.$/)).toBeVisible();
  await expect
    .poll(async () => await lastEvent(page))
    .toMatchObject({ kind: 'landed', phase: 'pause', place: 'edge', released: true, was: [{ lengthM: 0.4064 }] });
  // All of it is there again after a reload, in the diary too.
  await page.goto('/lessons/diary');
  await page.getByRole('button', { name: /1 landed, the longest 16½ in\. Open$/ }).tap();
  await expect(page.getByText('16½ in, at the edge, released')).toBeVisible();
});

test('a missed fish rests its limb until a time, and one landed elsewhere does not end that', async ({ page }) => {
  await openDemo(page);
  await place(page, 'Strikes').tap();
  await page.getByRole('button', { name: /^Missed: / }).tap();
  await page.getByRole('button', { name: /^Tell more: Missed at / }).tap();
  await page.getByRole('radio', { name: 'Inside', exact: true }).tap();
  await page.getByRole('button', { name: /^Tell more: Missed at / }).tap();
  const resting = page.getByText(/^Leave the inside of North arm alders until \d+:\d\d am/);
  await expect(resting).toBeVisible({ timeout: 20_000 });
  const until = /until (\d+:\d\d am)/.exec((await resting.textContent())!)![1]!;
  await expect(page.getByText(new RegExp(`Leave the inside alone until ${until}`))).toBeVisible();
  await page.getByRole('button', { name: /^Landed: / }).tap();
  await expect(page.getByText(/Stay: pick that place apart/)).toBeVisible();
  await expect(resting).toBeVisible();
});

test('a whole day is struck out, counts nowhere, and comes back as it was', async ({ page }) => {
  await openDemo(page);
  await page.goto('/lessons/diary');
  await expect(page.getByText(/^14 days/)).toBeVisible();
  await page.getByRole('button', { name: /Sedge Kettle · crappie: 70 casts.* Open$/ }).tap();
  await page.getByLabel('Note of the day').fill('Fog till nine.');
  await page.getByRole('button', { name: 'Strike out the whole day' }).tap();
  await expect(page.getByText('This day is struck out', { exact: false })).toBeVisible();
  await page.getByRole('button', { name: 'Back to the diary' }).tap();
  await expect(page.getByText(/^13 days/)).toBeVisible();
  await page.goBack();
  await page.getByRole('button', { name: 'Bring the day back' }).tap();
  await expect(page.getByText('70 casts, 5 strikes', { exact: false }).first()).toBeVisible();
  await page.goto('/lessons/diary');
  await page.getByLabel('Find a lure, a spot, a word of a note').fill('fog nine');
  await expect(page.getByRole('button', { name: /Open$/ })).toHaveCount(1);
});

test('an outing goes on at another water and comes back when nothing was logged; in the diary both are one', async ({
  page,
}) => {
  await openDemo(page);
  await place(page, 'Strikes').tap();
  await page.getByRole('button', { name: /^Missed: / }).tap();
  await place(page, 'Water').tap();
  const change = page.getByRole('button', { name: /^Another water, fish or day/ });
  const moveTo = async (water: string): Promise<void> => {
    await change.tap();
    await page.getByRole('radio', { name: water, exact: true }).last().tap();
    await page.getByRole('button', { name: `Go on at ${water}` }).tap();
    await expect(page.getByRole('heading', { level: 1, name: water })).toBeVisible();
  };
  await moveTo('Sedge Kettle');
  // Moved by mistake.
  await change.tap();
  await page.getByRole('button', { name: 'Back to Lantern Kettle, as if never moved' }).tap();
  await expect(page.getByRole('heading', { level: 1, name: 'Lantern Kettle' })).toBeVisible();
  await moveTo('Sedge Kettle');
  await place(page, 'Strikes').tap();
  await page.getByRole('button', { name: /^Missed: / }).tap({ timeout: 60_000 });
  await place(page, 'Water').tap();
  await change.tap();
  await page.getByRole('button', { name: /^Back to Lantern Kettle/ }).tap();
  await expect(page.getByText('Something is logged here: the outing keeps both waters.')).toBeVisible();
  await page.goto('/lessons/diary');
  const outing = page.getByRole('button', { name: /Lantern Kettle, then Sedge Kettle · .*2 strikes.* Open$/ });
  await outing.tap();
  await expect(page.getByText(/^The whole outing, 2 waters: .*2 strikes\.$/)).toBeVisible();
  await page.getByRole('button', { name: /, Sedge Kettle: .*1 strike$/ }).tap();
  await expect(page.getByText(/^The whole outing, 2 waters: .*2 strikes\.$/).last()).toBeVisible();
  await expect(page.getByRole('button', { name: 'To the log of today' })).toBeVisible();
});

test('casts logged on the wrong day go to the right one, and are found there', async ({ page }) => {
  await openDemo(page);
  await page.goto('/lessons/day/trip-01');
  const blocks = page.getByRole('button', { name: /^The water and the spot at / });
  await expect(blocks.first()).toBeVisible();
  const before = await blocks.count();
  await blocks.first().tap();
  await page.getByRole('button', { name: 'On which day these casts were made: Made on another day…' }).tap();
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByText('On which day these casts were made')).toBeVisible();
  await dialog.getByRole('button', { name: '1', exact: true }).tap();
  await page.getByRole('button', { name: 'Take this day' }).tap();
  await expect(page).not.toHaveURL(/trip-01$/);
  await expect(blocks).toHaveCount(1);
  await page.goto('/lessons/day/trip-01');
  await expect(blocks).toHaveCount(before - 1);
});

test('a day that was not logged: what is missing is said, nothing is lost, then it has its page', async ({ page }) => {
  await openDemo(page);
  await page.goto('/lessons/catch-up');
  await page.getByRole('button', { name: 'Write the day in' }).tap();
  await expect(page.getByText('Choose what was thrown.')).toBeVisible();
  await page.getByRole('radio', { name: 'Lantern Kettle', exact: true }).tap();
  await page.getByRole('radio', { name: 'Alder minnow', exact: true }).tap();
  await page.getByLabel('Casts', { exact: true }).fill('0');
  await page.getByRole('button', { name: 'Write the day in' }).tap();
  await expect(page.getByText(/How many casts, roughly/)).toBeVisible();
  await page.getByLabel('Casts', { exact: true }).fill('35');
  await page.getByRole('button', { name: 'Landed: more' }).tap();
  await page.getByRole('button', { name: 'Write the day in' }).tap();
  await expect(page.getByText('35 casts, 1 strike, 1 landed.', { exact: false })).toBeVisible();
  await expect(page.getByText(/^How long was the fish of /)).toBeVisible();
});

test('for the left hand the keys stand on the other side', async ({ page }) => {
  await openDemo(page);
  const left = async (name: RegExp): Promise<number> => {
    await place(page, 'Strikes').tap();
    const key = page.getByRole('button', { name });
    await expect(key).toBeVisible({ timeout: 60_000 });
    return (await key.boundingBox())!.x;
  };
  const [lost, missed] = [await left(/^Lost: /), await left(/^Missed: /)];
  expect(lost).toBeLessThan(missed);
  await setKit(page, 'Left hand', '"hand":"left"');
  expect(await left(/^Lost: /)).toBeGreaterThan(await left(/^Missed: /));
});

test('a page for a friend: places as far as asked, printed on one sheet, its words handed on', async ({
  page,
  context,
}) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write']);
  await openDemo(page);
  await page.goto('/lessons/day/trip-01');
  await page.getByRole('button', { name: 'A page for a friend' }).tap();
  const sheet = page.getByRole('region', { name: 'The page', exact: true });
  await expect(sheet.getByText(/^A day at .+ Kettle$/)).toBeVisible();
  await expect(sheet.getByText('What was thrown', { exact: true })).toBeVisible();
  await expect(sheet.locator('svg[aria-label^="Section through the water"]')).toBeVisible();
  await page.getByRole('radio', { name: 'No names', exact: true }).tap();
  await expect(sheet.getByText(/Kettle/)).toHaveCount(0);
  await page.evaluate(() => Object.defineProperty(Navigator.prototype, 'share', { value: undefined }));
  await page.getByRole('button', { name: 'Send the words' }).tap();
  await expect(page.getByText(/^The words are copied/)).toBeVisible();
  const words = await page.evaluate(() => navigator.clipboard.readText());
  expect(words).toContain('What came of it\n');
  expect(words).not.toContain('Kettle');
  for (const line of words.split('\n').filter((x) => x)) await expect(sheet.getByText(line).first()).toBeAttached();
  const pdf = (await page.pdf({ format: 'A4' })).toString('latin1');
  expect(pdf.match(/\/Type\s*\/Page\b/g)).toHaveLength(1);
});
