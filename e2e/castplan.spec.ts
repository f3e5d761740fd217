/** The casts at a piece of cover: looked at, fished from Strikes, checked off, reordered by what the log says. */
import { expect, openDemo, PHONE, place, pressOn, test, WIDE } from './kit';
import { storedValues } from './store';
import type { Page } from '@playwright/test';

const openPlan = async (page: Page): Promise<void> => {
  await openDemo(page);
  await place(page, 'Strikes').click();
  await page.getByRole('button', { name: 'Cast plan of a piece of cover' }).click();
  await expect(page.getByRole('button', { name: 'Fish it in this order' })).toBeVisible({ timeout: 60_000 });
};
const casts = (page: Page) => page.getByRole('list').getByRole('listitem');
const logged = async (page: Page, kind: 'cast' | 'event'): Promise<{ at?: { target: string }; place?: string }[]> =>
  Object.entries(await storedValues(page))
    .filter(([key]) => key.startsWith(`${kind}/`))
    .map(([, v]) => (JSON.parse(v) as { data: { at?: { target: string }; place?: string } }).data)
    .filter((x) => x.at);

test.describe('on a phone', () => {
  test.use({ viewport: PHONE, hasTouch: true });

  test('a laydown is fished in its order: casts are checked off, a missed fish rests its limb, and one can leave', async ({
    page,
  }) => {
    await openPlan(page);
    await expect(page.getByText(/^Stand on the bank/)).toBeVisible();
    await expect(casts(page).first()).toContainText('he outer limbs');
    await expect(page.getByText(/Begun from the inside it would be \d+ % less/)).toBeVisible();
    await page.getByRole('button', { name: 'Seen from the side' }).tap();
    await expect(
      page.getByRole('img', { name: /^Fallen alder from the side, .* of water at its outer end/ }),
    ).toBeVisible();
    // The wind is told as one looks at it, drawn, read out, and goes along.
    await expect(page.getByRole('img', { name: /Wind \d+ mph, from the left: / })).toHaveCount(0);
    await page.getByRole('radio', { name: 'From the left', exact: true }).tap();
    await expect(
      page.getByRole('img', { name: /Wind \d+ mph, from the left: with it a cast goes further/ }),
    ).toBeVisible();
    const n = await casts(page).count();
    await page.getByRole('button', { name: 'Fish it in this order' }).tap();
    await expect(page.getByText(/^Next: the outer limbs/)).toBeVisible();
    await expect(page.getByText(`Fallen alder: ${n} casts to go`)).toBeVisible();
    // The day has the same wind: from one's left, as one faces the casts.
    type Stored = { data: { readings: { water: { windAngleDeg?: number } } } };
    const trip = JSON.parse((await storedValues(page))['trip/trip-today']!) as Stored;
    expect([-45, -90, -135]).toContain(trip.data.readings.water.windAngleDeg);

    await page.getByRole('button', { name: 'Cast: add one' }).tap();
    await expect(page.getByText(`Fallen alder: ${n - 1} casts to go`)).toBeVisible();
    await page.getByRole('button', { name: /^Missed/ }).tap();
    // The fish belongs to the cast that was made, and so does its rest.
    await expect(page.getByText(/^Leave the outer limbs on the (left|right) at Fallen alder until/)).toBeVisible();
    const [event] = await logged(page, 'event');
    const [cast] = await logged(page, 'cast');
    expect(event!.at).toEqual(cast!.at);
    expect(event!.place).toBe('edge');

    await page.getByRole('button', { name: 'Cast plan', exact: true }).tap();
    await expect(casts(page)).toHaveCount(n - 1);
    await expect(page.getByRole('radio', { name: 'From the left', exact: true })).toBeChecked();
    await expect(page.getByText(/^In the picture .*two bars a place that rests\.$/)).toBeVisible();
    await page.getByRole('button', { name: 'Why in this order' }).tap();
    await expect(page.getByText(/^Left alone: the outer limbs/)).toBeVisible();
    // One is left out, another is made next.
    await page.getByRole('button', { name: /^Leave it out: Along the trunk/ }).tap();
    await expect(casts(page)).toHaveCount(n - 2);
    await page.getByRole('button', { name: /^Cast at it next: The root/ }).tap();
    await expect(casts(page).first()).toContainText('The root');
    await page.getByRole('button', { name: 'Begin it again' }).tap();
    await expect(casts(page).first()).not.toContainText('The root');
    await page.getByRole('button', { name: 'Leave this plan' }).tap();
    await expect(page.getByRole('button', { name: 'Fish it in this order' })).toBeVisible();
    await place(page, 'Strikes').tap();
    await expect(page.getByText(/^Next: /)).toHaveCount(0);
  });

  test('a new piece has its casts at once', async ({ page }) => {
    await openPlan(page);
    await page.getByRole('button', { name: 'Add a piece of cover' }).tap();
    await page.getByRole('textbox', { name: 'Name' }).fill('Two-post landing');
    await page.getByRole('radio', { name: 'Dock', exact: true }).tap();
    await page.getByRole('button', { name: 'Save' }).tap();
    await page.getByRole('radio', { name: 'Two-post landing' }).tap();
    await expect(casts(page).first()).toContainText(/corner|front/);
    await expect(page.getByRole('img', { name: /^Two-post landing from above\. Stand/ })).toBeVisible();
  });
});

test.describe('other angles, and a sketch', () => {
  test.use({ viewport: PHONE, hasTouch: true });

  test('a point is cast over from one place, then from the next, and what was cast stays in mind', async ({ page }) => {
    await openPlan(page);
    await page.getByRole('button', { name: 'Add a piece of cover' }).tap();
    await page.getByRole('textbox', { name: 'Name' }).fill('Gravel point');
    await page.getByRole('radio', { name: 'Point', exact: true }).tap();
    await page.getByRole('button', { name: 'Save' }).tap();
    await page.getByRole('radio', { name: 'Gravel point' }).tap();
    const angles = page.getByText(/^\d\. Stand .*: \d+ casts?, about 0\.\d\d strikes\.$/);
    await expect(angles.first()).toBeVisible();
    await expect(
      page.getByRole('img', { name: /^Gravel point from above, fished from \d places\. 1: Stand/ }),
    ).toBeVisible();
    const next = (await angles.first().textContent())!.replace(/^2\. /, '');
    await page.getByRole('button', { name: 'Fish it in this order' }).tap();
    const cast = page.getByRole('button', { name: 'Cast: add one' });
    const over = page.getByText('All of it was cast at from here.');
    for (let i = 0; i < 10 && !(await over.isVisible()); i++) {
      const toGo = page.getByText(/^Gravel point: \d+ casts? to go$/);
      const was = await toGo.textContent();
      await cast.tap();
      await expect(page.getByText(was!)).toHaveCount(0);
    }
    await expect(over).toBeVisible();
    // The same place as was foretold, with about as much left in it.
    await expect(page.getByText(next.replace(/: \d.*/, ''), { exact: false })).toBeVisible();
    await page.getByRole('button', { name: 'Go on from there' }).tap();
    await expect(page.getByText(/^Next: /)).toBeVisible();
    await cast.tap();
    await page.reload();
    await expect(page.getByText(/^Next: /)).toBeVisible({ timeout: 30_000 });
    type Stored = { castPlan: { earlier: unknown[] } };
    const trip = JSON.parse((await storedValues(page))['trip/trip-today']!) as { data: Stored };
    expect(trip.data.castPlan.earlier).toHaveLength(1);
  });

  test('a dock that bends is sketched, by touch and by keys, and its casts lie on the sketch', async ({ page }) => {
    await openPlan(page);
    await page.getByRole('button', { name: 'Add a piece of cover' }).tap();
    await page.getByRole('textbox', { name: 'Name' }).fill('Bent landing');
    await page.getByRole('radio', { name: 'Dock', exact: true }).tap();
    const pad = page.getByRole('application', { name: /^Sketch pad/ });
    const box = (await pad.boundingBox())!;
    const touch = (x: number, y: number) => pad.tap({ position: { x: x * box.width, y: y * box.height } });
    await touch(0.4, 0.85);
    await touch(0.6, 0.85);
    await expect(page.getByText('2 corners: three make a shape.')).toBeVisible();
    await touch(0.8, 0.3);
    await touch(0.6, 0.3);
    await expect(page.getByText(/^4 corners: \d+ ft long, \d+ ft wide\.$/)).toBeVisible();
    await pad.focus();
    await page.keyboard.press('ArrowLeft');
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('Enter');
    await expect(pad).toHaveAccessibleName(/^Sketch pad\. Cross .*; 5 corners\.$/);
    await page.keyboard.press('Backspace');
    await expect(page.getByText(/^4 corners/)).toBeVisible();
    await page.getByRole('button', { name: 'Wipe it off' }).tap();
    await expect(page.getByText(/^Not sketched/)).toBeVisible();
    await page.getByRole('button', { name: 'Bring it back' }).tap();
    await expect(page.getByText(/^4 corners/)).toBeVisible();
    const size = (await page.getByText(/^4 corners/).textContent())!.match(/(\d+) ft long, (\d+) ft wide/)!;
    await page.getByRole('button', { name: 'Save' }).tap();
    await page.getByRole('radio', { name: 'Bent landing' }).tap();
    await expect(page.getByText(`Dock, ${size[1]} ft by ${size[2]} ft`, { exact: false })).toBeVisible();
    await expect(casts(page).first()).toContainText(/corner|front|boards/);
  });
});

test.describe('this place, marked', () => {
  test.use({ viewport: PHONE, hasTouch: true });

  test('one touch keeps a spot where the device is, and the day goes on there', async ({ page, context }) => {
    await context.grantPermissions(['geolocation']);
    await context.setGeolocation({ latitude: 45.0123, longitude: -75.0456 });
    await openDemo(page);
    await place(page, 'Strikes').tap();
    await page.getByRole('button', { name: 'Mark this place' }).tap();
    await expect(page.getByText(/^Kept as “Mark of .*The day goes on there\.$/)).toBeVisible();
    type Stored = { id: string; name: string; latDeg: number; spotId: string };
    const marked = async (): Promise<Stored | undefined> =>
      Object.entries(await storedValues(page))
        .filter(([key]) => key.startsWith('spot/'))
        .map(([, v]) => (JSON.parse(v) as { data: Stored }).data)
        .find((s) => s.name.startsWith('Mark of'));
    await expect.poll(async () => (await marked())?.latDeg).toBeCloseTo(45.0123, 6);
    const spot = (await marked())!;
    await expect
      .poll(async () => (JSON.parse((await storedValues(page))['trip/trip-today']!) as { data: Stored }).data.spotId)
      .toBe(spot.id);
    // A limb of it by another touch; too far from it is said.
    await context.setGeolocation({ latitude: 45.0125, longitude: -75.0456 });
    await page.getByRole('button', { name: `Pin it at ${spot.name}` }).tap();
    await expect(page.getByText(/^Pinned at Mark of .*, \d+ (ft|yd) north of it\.$/)).toBeVisible();
    await context.setGeolocation({ latitude: 45.2, longitude: -75.0456 });
    await page.getByRole('button', { name: `Pin it at ${spot.name}` }).tap();
    await expect(page.getByText(/too far for a pin of it/)).toBeVisible();
    await context.setGeolocation({ latitude: 45.0125, longitude: -75.0456 });
    await page.getByRole('button', { name: 'Mark this place' }).tap();
    await page.getByRole('button', { name: 'Say what is there' }).tap();
    await expect(page.getByRole('textbox', { name: 'Name' })).toHaveValue(/^Mark of /);
  });

  test('a device that does not tell is said, and the spot can be put in by hand', async ({ page }) => {
    await openDemo(page);
    await place(page, 'Strikes').tap();
    await page.getByRole('button', { name: 'Mark this place' }).tap();
    await expect(page.getByText(/Type the position instead|Type it instead/)).toBeVisible({ timeout: 30_000 });
    await page.getByRole('button', { name: 'Put it in by hand' }).tap();
    await expect(page.getByRole('heading', { level: 1, name: 'A new spot' })).toBeVisible();
  });
});

test.describe('wide', () => {
  test.use({ viewport: WIDE });
  test('by keys: the plan is begun, a cast is logged, and every cast can be reached and is named', async ({ page }) => {
    await openPlan(page);
    await pressOn(page, page.getByRole('radio', { name: 'Boathouse dock' }), 'Space');
    await pressOn(page, page.getByRole('button', { name: 'Fish it in this order' }));
    await expect(page.getByText(/^Next: /)).toBeVisible();
    // A cast is logged with what is in hand.
    await expect(page.getByRole('button', { name: 'Cast: add one' })).toBeVisible({ timeout: 60_000 });
    await page.keyboard.press('c');
    await expect.poll(async () => (await logged(page, 'cast')).length).toBe(1);
    await pressOn(page, page.getByRole('button', { name: 'Cast plan', exact: true }));
    const all = page.getByRole('button', { name: /^Leave it out: / });
    await expect(all.first()).toBeVisible();
    const n = await all.count();
    expect(n).toBeGreaterThan(2);
    for (let i = 0; i < n; i++) expect(await all.nth(i).getAttribute('aria-label')).toMatch(/^Leave it out: [A-Z]/);
    await pressOn(page, all.last());
    await expect(all).toHaveCount(n - 1);
  });
});
