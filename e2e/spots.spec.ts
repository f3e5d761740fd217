/** The spots of a water: from above, moved, out to a file and in again. */
import { readFile } from 'node:fs/promises';
import type { Page } from '@playwright/test';
import { expect, openDemo, PHONE, test, WIDE } from './kit';
import { storedValues } from './store';

const region = (page: Page) => page.getByRole('application', { name: /^Plan of 4 spots/ });
const gpx = (places: string): Buffer =>
  Buffer.from(
    `<?xml version="1.0"?><gpx version="1.1" creator="a plotter" xmlns="http://www.topografix.com/GPX/1/1">${places}</gpx>`,
  );

async function read(page: Page, name: string, buffer: Buffer): Promise<void> {
  const [chooser] = await Promise.all([
    page.waitForEvent('filechooser'),
    page.getByRole('button', { name: 'Read spots from a file…' }).click(),
  ]);
  await chooser.setFiles({ name, mimeType: 'application/octet-stream', buffer });
}

async function openSpots(page: Page): Promise<void> {
  await openDemo(page);
  await page.goto('/kit');
  await page.getByRole('button', { name: 'Spots from above; to and from a file' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Spots' })).toBeVisible();
}

test.describe('on a phone', () => {
  test.use({ viewport: PHONE, hasTouch: true });

  test('out to GPX and GeoJSON and in again: nothing is new; a foreign file is looked through first, taken, and taken back', async ({
    page,
  }) => {
    await openSpots(page);
    for (const kind of ['GPX', 'GeoJSON']) {
      const [download] = await Promise.all([
        page.waitForEvent('download'),
        page.getByRole('button', { name: `Save 11 spots and 1 shore as ${kind}` }).click(),
      ]);
      await read(page, download.suggestedFilename(), await readFile(await download.path()));
      await expect(page.getByText('12 are here already.')).toBeVisible();
      await expect(page.getByRole('button', { name: /^Take / })).toHaveCount(0);
      await page.getByRole('button', { name: 'Put the file away' }).click();
    }
    await read(
      page,
      'pier.gpx',
      gpx(
        '<wpt lat="45.001" lon="-75.001"><name>Old pier</name></wpt><wpt lat="95" lon="0"><name>Off the earth</name></wpt><trk/>',
      ),
    );
    await expect(page.getByText('1 spot is new and 1 cannot be taken. 1 line or area is left out.')).toBeVisible();
    await expect(page.getByText('Line 1, Off the earth has a position that is not on the earth.')).toBeVisible();
    await page
      .getByRole('radiogroup', { name: 'On which water' })
      .getByRole('radio', { name: 'Lantern Kettle' })
      .click();
    await page.getByRole('button', { name: 'Take 1 spot', exact: true }).click();
    await expect(page.getByText('1 spot taken from the file.')).toBeVisible();
    await expect(page.getByRole('button', { name: 'Old pier: show it' })).toBeVisible();
    await page.getByRole('button', { name: 'Take that back' }).click();
    await expect(page.getByText(/^Taken back/)).toBeVisible();
    await expect(page.getByRole('button', { name: 'Old pier: show it' })).toHaveCount(0);
  });

  test('what is broken, hostile or no list of places is refused with its reason, and nothing changes', async ({
    page,
  }) => {
    await openSpots(page);
    const files: [string, Buffer, RegExp][] = [
      ['x.gpx', gpx('<wpt lat="1" lon="2">'), /^This file is damaged.* It breaks in line 1\. Nothing was taken\.$/],
      ['x.gpx', Buffer.from('<!DOCTYPE gpx [<!ENTITY a "b">]><gpx>&a;</gpx>'), /declares entities/],
      ['x.gpx', gpx('<a>'.repeat(100_000)), /nested deeper/],
      ['x.json', Buffer.from('{"lures":[]}'), /neither a GPX nor a GeoJSON/],
    ];
    for (const [name, buffer, says] of files) {
      await read(page, name, buffer);
      await expect(page.getByText(says)).toBeVisible();
      await page.getByRole('button', { name: 'Put the file away' }).click();
    }
    await expect(page.getByText('4 spots of this water')).toBeVisible();
  });

  test('a mark is touched; its spot is moved under the cross by finger, and put back', async ({ page }) => {
    await openSpots(page);
    const plan = region(page);
    await page.getByRole('button', { name: 'Sluice inflow: show it' }).click();
    await page.getByRole('button', { name: 'Move Sluice inflow on the plan' }).click();
    await plan.scrollIntoViewIfNeeded();
    const box = (await plan.boundingBox())!;
    const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
    await page.mouse.move(x, y);
    await page.mouse.down();
    await page.mouse.move(x - 60, y, { steps: 5 });
    await page.mouse.up();
    await expect(page.getByText(/^The cross stands \d+ (yd|ft) [a-z-]+ of where it was\.$/)).toBeVisible();
    await page.getByRole('button', { name: 'Put it here' }).click();
    await expect(page.getByText('Sluice inflow is moved.')).toBeVisible();
    // The spot is where the cross was: touched there, it is in hand.
    await page.mouse.click(x, y - 120);
    await expect(page.getByText('Sluice inflow is moved.')).toHaveCount(0);
    await plan.click({ position: { x: box.width / 2, y: box.height / 2 } });
    await expect(page.getByRole('button', { name: 'Change Sluice inflow' })).toBeVisible();
  });
});

test.describe('pins', () => {
  test.use({ viewport: PHONE });

  test('a rock and a limb are pinned on the plan, named, taken out and put back; they go out with the file', async ({
    page,
  }) => {
    await openSpots(page);
    const plan = region(page);
    await page.getByRole('button', { name: 'Sluice inflow: show it' }).click();
    await page.getByRole('button', { name: 'Pin a limb, a rock, a mark…' }).click();
    await page.getByRole('radio', { name: 'Rock', exact: true }).click();
    await page.getByRole('textbox', { name: 'What you call it, if anything' }).fill('the split one');
    const box = (await plan.boundingBox())!;
    await plan.click({ position: { x: box.width / 2 + 40, y: box.height / 2 - 30 } });
    await expect(page.getByText('“The split one” is pinned at Sluice inflow.')).toBeVisible();
    await expect(page.getByRole('textbox', { name: 'What you call it, if anything' })).toHaveValue('');
    // By keys: the plan is moved under the cross.
    await plan.focus();
    await page.keyboard.press('ArrowLeft');
    await page.getByRole('radio', { name: 'Limb', exact: true }).click();
    await page.getByRole('button', { name: 'Put the pin here' }).press('Enter');
    await expect(page.getByText('Limb is pinned at Sluice inflow.')).toBeVisible();
    await page.getByRole('button', { name: 'No more pins' }).click();
    await expect(page.getByText(/^Rock “the split one”, \d+ (ft|yd) [a-z-]+ of the spot$/)).toBeVisible();
    await page.getByRole('button', { name: /^Limb, .* of the spot: take it out$/ }).click();
    await expect(page.getByText('Limb is taken out of Sluice inflow.')).toBeVisible();
    await expect(page.getByText(/^Limb, /)).toHaveCount(0);
    await page.getByRole('button', { name: 'Put it back as it was' }).click();
    await expect(page.getByText(/^Limb, /)).toBeVisible();
    type Stored = { name: string; pins: { kind: string; name: string }[] };
    const stored = Object.entries(await storedValues(page))
      .filter(([key]) => key.startsWith('spot/'))
      .map(([, v]) => (JSON.parse(v) as { data: Stored }).data)
      .find((x) => x.name === 'Sluice inflow')!;
    expect(stored.pins.map((x) => [x.kind, x.name])).toEqual([
      ['rock', 'the split one'],
      ['limb', ''],
    ]);
  });
});

test.describe('wide', () => {
  test.use({ viewport: WIDE });

  test('by keys: the plan is moved and brought closer, a spot is put elsewhere and back to the letter', async ({
    page,
  }) => {
    await openSpots(page);
    const plan = region(page);
    await plan.focus();
    const across = async (): Promise<string> => (await plan.getAttribute('aria-label'))!;
    const all = await across();
    await page.keyboard.press('+');
    await expect.poll(across).not.toBe(all);
    await page.keyboard.press('0');
    await expect.poll(across).toBe(all);
    await page.getByRole('button', { name: 'South bay pads: show it' }).focus();
    await page.keyboard.press('Enter');
    const where = page.getByText(/° N, .*° W$/);
    const before = await where.textContent();
    await page.getByRole('button', { name: 'Move South bay pads on the plan' }).press('Enter');
    await plan.focus();
    await page.keyboard.press('ArrowRight');
    await page.getByRole('button', { name: 'Put it here' }).press('Enter');
    await expect(page.getByText('South bay pads is moved.')).toBeVisible();
    await expect(where).not.toHaveText(before!);
    await page.getByRole('button', { name: 'Put it back as it was' }).press('Enter');
    await expect(where).toHaveText(before!);
  });

  test('a shore is drawn point by point by keys, kept, put away and brought back', async ({ page }) => {
    await openSpots(page);
    const plan = region(page);
    await page.getByRole('button', { name: 'Draw a line' }).press('Enter');
    await page.getByRole('button', { name: 'Put a point' }).press('Enter');
    for (const key of ['ArrowRight', 'ArrowDown', 'ArrowLeft']) {
      await plan.focus();
      await page.keyboard.press(key);
      await page.getByRole('button', { name: 'Put a point' }).press('Enter');
    }
    await page.getByRole('button', { name: 'Take the last one back' }).press('Enter');
    await expect(page.getByText(/^3 points so far, \d+ yd long\.$/)).toBeVisible();
    await page.getByRole('button', { name: 'Keep it, closed' }).press('Enter');
    await expect(page.getByText(/^3 points, \d+ yd, closed$/)).toBeVisible();
    // A line of one depth is drawn in the same way, and says how deep it is.
    await page.getByRole('button', { name: 'Draw a line' }).press('Enter');
    await page.getByRole('radio', { name: 'A line of one depth' }).press('Space');
    await page.getByRole('button', { name: 'Depth: more' }).press('Enter');
    await page.getByRole('button', { name: 'Put a point' }).press('Enter');
    await plan.focus();
    await page.keyboard.press('ArrowRight');
    await page.getByRole('button', { name: 'Put a point' }).press('Enter');
    await page.getByRole('button', { name: 'Keep it', exact: true }).press('Enter');
    const line = page.getByText(/^11 ft deep along it, 2 points, \d+ yd$/);
    const straight = (await line.textContent())!;
    // A line is bent: its nearest point is taken in hand and put elsewhere.
    await page.getByRole('button', { name: 'Depth line 3: change' }).press('Enter');
    await page.getByRole('button', { name: 'Move the nearest one' }).press('Enter');
    await expect(page.getByText(/^Point \d is in hand/)).toBeVisible();
    await plan.focus();
    for (let n = 0; n < 4; n++) await page.keyboard.press('ArrowDown');
    await page.getByRole('button', { name: 'Put it here' }).press('Enter');
    await expect(page.getByText(/^2 points so far, \d+ yd long\.$/)).toBeVisible();
    await page.getByRole('button', { name: 'Keep it', exact: true }).press('Enter');
    await expect(line).toBeVisible();
    await expect(line).not.toHaveText(straight);
    await expect(page.getByRole('button', { name: 'Depth line 3: change' })).toHaveCount(1);
    await page.getByRole('button', { name: 'Shore 2: put away' }).press('Enter');
    await expect(page.getByText('Shore 2 is put away.')).toBeVisible();
    await expect(page.getByText(/^3 points, \d+ yd, closed$/)).toHaveCount(0);
    await page.getByRole('button', { name: 'Bring it back' }).press('Enter');
    await expect(page.getByText(/^3 points, \d+ yd, closed$/)).toBeVisible();
  });
});
