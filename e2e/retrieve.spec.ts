/**
 * The planner on its screen, what one change buys, two plans side by side, the cadence built by hand, below and behind,
 * the card.
 */
import { expect, openDemo, openMore, PHONE, place, settled, test, WIDE } from './kit';
import { storedValues } from './store';
import type { Locator, Page } from '@playwright/test';

async function openPlan(page: Page): Promise<void> {
  await openDemo(page);
  await place(page, 'Retrieve').click();
  await settled(page);
}

const settings = async (page: Page): Promise<Record<string, unknown>> => {
  const trips = Object.entries(await storedValues(page)).filter(([k]) => k.startsWith('trip/'));
  const open = trips
    .map(([, v]) => JSON.parse(v) as { data: { endedAtMs: number | null; settings: Record<string, unknown> } })
    .find((t) => t.data.endedAtMs === null);
  return open?.data.settings ?? {};
};

const steps = (page: Page): Locator =>
  page.getByRole('radiogroup', { name: 'Steps of the cadence' }).getByRole('radio');
/** How long the last step is in the cadence that lies half made on the device, s. */
const lastKeptS = async (page: Page): Promise<number | undefined> => {
  const left = (await storedValues(page, 'moss-kettle-sketches')).cadence;
  return left === undefined
    ? undefined
    : (JSON.parse(left) as { history: { now: { steps: { durationS: number }[] } } }).history.now.steps.at(-1)!
        .durationS;
};
const names = async (page: Page): Promise<string[]> =>
  (await steps(page).all()).reduce<Promise<string[]>>(
    async (all, s) => [...(await all), (await s.getAttribute('aria-label')) ?? ''],
    Promise.resolve([]),
  );

test.describe('a device that has planned nothing yet', () => {
  test.use({ neverOpened: true });
  const shares: string[] = [];
  for (const cores of [2, 4])
    test(`with ${cores} cores: helpers for the long plan where there are cores to spare, and the same plan`, async ({
      page,
    }) => {
      await page.addInitScript(
        (n) => Object.defineProperty(navigator, 'hardwareConcurrency', { get: () => n, configurable: true }),
        cores,
      );
      await openPlan(page);
      shares.push((await page.getByRole('status', { name: /^In the zone/ }).getAttribute('aria-label'))!);
      // Rank, head, first, settled; and of four cores two are left for helpers.
      if (cores === 2) expect(page.workers().length).toBeLessThanOrEqual(5);
      else expect(page.workers().length).toBeGreaterThanOrEqual(6);
      expect(new Set(shares).size).toBe(1);
    });
});

test('what was planned before is there again without being worked out; damaged it is worked out anew', async ({
  page,
}) => {
  await openPlan(page);
  const share = await page.getByRole('status', { name: /^In the zone/ }).getAttribute('aria-label');
  /** The places of the settled plans that are kept: each that is worked out has a new one. */
  const places = (damage: boolean): Promise<number[]> =>
    page.evaluate(
      (damaging) =>
        new Promise<number[]>((ok) => {
          const opening = indexedDB.open('moss-kettle-worked-out');
          opening.onsuccess = () => {
            const tx = opening.result.transaction('answers', 'readwrite');
            const found: number[] = [];
            const walk = tx.objectStore('answers').openCursor();
            walk.onsuccess = () => {
              const at = walk.result;
              if (!at) return;
              const kept = at.value as { kind: string; answer: object };
              if (kept.kind === 'settled') found.push(Number(at.key));
              if (damaging) at.update({ ...kept, answer: {} });
              at.continue();
            };
            tx.oncomplete = () => {
              opening.result.close();
              ok(found);
            };
          };
        }),
      damage,
    );
  const before = await places(false);
  expect(before).toHaveLength(1);
  await page.reload();
  await settled(page);
  await expect(page.getByRole('status', { name: share! })).toBeVisible();
  expect(await places(true)).toEqual(before);
  await page.reload();
  await settled(page);
  await expect(page.getByRole('status', { name: share! })).toBeVisible();
  await expect.poll(() => places(false)).not.toEqual(before);
});

test.describe('on a phone', () => {
  test.use({ viewport: PHONE, hasTouch: true });

  test('a first answer at once with how far the search is, then the settled one; a change is done with a touch and taken back with another', async ({
    page,
  }) => {
    await openDemo(page);
    await place(page, 'Retrieve').click();
    await expect(page.getByText('Your hands')).toBeVisible({ timeout: 60_000 });
    await settled(page);
    await page.getByRole('button', { name: 'And what would cost most' }).tap();
    const bar = page.getByRole('button', { name: /Do it$/ }).first();
    const before = await page.getByRole('status', { name: /^In the zone/ }).getAttribute('aria-label');
    await bar.tap();
    await expect(page.getByRole('heading', { name: 'Your changes' })).toBeVisible();
    // The change, and all else held as it was.
    await expect.poll(async () => Object.keys(await settings(page)).length).toBe(2);
    expect(await settings(page)).toHaveProperty('held.castM');
    await expect(page.getByRole('progressbar', { name: 'The settled plan' })).toBeVisible();
    await settled(page);
    await page
      .getByRole('button', { name: /: take back$/ })
      .first()
      .tap();
    await expect.poll(async () => Object.keys(await settings(page)).length).toBe(0);
    await settled(page);
    await expect(page.getByRole('status', { name: /^In the zone/ })).toHaveAttribute('aria-label', before!);
  });

  test('two plans stand side by side, both drawn', async ({ page }) => {
    await openPlan(page);
    await openMore(page);
    await page.getByRole('button', { name: 'Put this plan aside' }).tap();
    await page.getByRole('button', { name: /^rod tip: / }).tap();
    await page.getByRole('radiogroup', { name: 'Rod tip' }).getByRole('radio', { name: 'Up' }).tap();
    await settled(page);
    const table = page.getByRole('table', { name: 'The plan put aside, and the one in hand' });
    await expect(table.getByRole('row', { name: /rod tip/ })).toContainText('up');
    await expect(page.locator('svg[aria-label^="Section through the water"]').first()).toContainText('put aside');
    await page.getByRole('button', { name: 'Fish the one put aside' }).tap();
    await expect.poll(async () => (await settings(page)).tip).not.toBe('up');
    await page.getByRole('button', { name: 'Stop comparing' }).tap();
    await expect(page.getByRole('button', { name: 'Put this plan aside' })).toBeVisible();
  });

  test('a cadence is built by touch: twitch, twitch, pause; stretched by its edge, undone, kept under a name, fished', async ({
    page,
  }) => {
    await openPlan(page);
    await page.getByRole('button', { name: 'Change the cadence step by step' }).tap();
    await expect(page.getByText('Add after it')).toBeVisible();
    // Down to one step, then built anew.
    while ((await steps(page).count()) > 1) await page.getByRole('button', { name: 'Remove', exact: true }).tap();
    await page.getByRole('button', { name: /^Add: turn/ }).tap();
    await page.getByRole('button', { name: /^Add: twitch/ }).tap();
    await page.getByRole('button', { name: 'Copy', exact: true }).tap();
    await page.getByRole('button', { name: /^Add: hang/ }).tap();
    await steps(page).first().tap();
    await page.getByRole('button', { name: 'Remove', exact: true }).tap();
    expect((await names(page)).map((n) => n.replace(/^Step \d: (\S+).*$/, '$1'))).toEqual([
      'turn',
      'twitch',
      'twitch',
      'hang',
    ]);
    // The right edge of the hang, drawn out by the finger.
    await steps(page).last().tap();
    const length = async (): Promise<number> => Number(/hang ([\d.]+) s/.exec((await names(page)).at(-1)!)![1]);
    const wide = await steps(page).last().boundingBox();
    const before = await length();
    const [x, y] = [wide!.x + wide!.width - 6, wide!.y + 50];
    await page.mouse.move(x, y);
    await page.mouse.down();
    await page.mouse.move(x - 20, y, { steps: 4 });
    await page.mouse.up();
    expect(await length()).toBeLessThan(before);
    await page.getByRole('button', { name: 'Undo', exact: true }).tap();
    expect(await length()).toBe(before);
    await page.getByRole('button', { name: 'Redo', exact: true }).tap();
    expect(await length()).toBeLessThan(before);
    // A page that is killed half way loses nothing of it, nor of what can be taken back.
    const made = await names(page);
    await expect.poll(() => lastKeptS(page)).toBe(await length());
    await page.reload();
    await expect.poll(() => names(page), { timeout: 60_000 }).toEqual(made);
    await page.getByRole('button', { name: 'Undo', exact: true }).tap();
    expect(await length()).toBe(before);
    await page.getByRole('button', { name: 'Redo', exact: true }).tap();
    await steps(page).last().tap();
    await page.getByRole('textbox', { name: 'Name of this cadence' }).fill('Cold morning');
    await page.getByRole('button', { name: 'Keep it', exact: true }).tap();
    await expect(page.getByRole('button', { name: /^Begin from Cold morning/ })).toBeVisible();
    await page.getByRole('button', { name: 'Fish it like this' }).tap();
    await settled(page);
    await expect.poll(async () => Object.keys(await settings(page))).toEqual(['cadence']);
    await expect(page.getByRole('button', { name: '“Cold morning”: take back' })).toBeVisible();
    // It is the angler's for good.
    await page.goto('/retrieve/cadence');
    await expect(page.getByRole('button', { name: /^Begin from Cold morning/ })).toBeVisible({ timeout: 60_000 });
  });

  test('what a wrist cannot do is said, and cannot be fished', async ({ page }) => {
    await openPlan(page);
    await page.goto('/retrieve/cadence');
    await expect(page.getByText('Add after it')).toBeVisible({ timeout: 60_000 });
    await page.getByRole('button', { name: /^Add: lift/ }).tap();
    await expect(page.getByText(/a lift wants a fall/)).toBeVisible();
    await expect(page.getByRole('button', { name: 'It cannot be done like this' })).toBeDisabled();
    await page.getByRole('button', { name: /^Add: let fall/ }).tap();
    await expect(page.getByText(/a lift wants a fall/)).toHaveCount(0);
    await expect(page.getByRole('button', { name: 'Fish it like this' })).toBeEnabled();
  });

  test('shut fish: a longer hang, and it says why', async ({ page }) => {
    await openPlan(page);
    const hang = async (): Promise<number> =>
      Number(/hangs of about ([\d.]+) s/.exec((await page.getByText(/^The fish are /).textContent())!)![1]);
    const before = await hang();
    await page.goto('/');
    await page
      .getByRole('button', { name: /^surface: /i })
      .first()
      .tap();
    // Ten degrees colder.
    for (let i = 0; i < 18; i++) await page.getByRole('button', { name: /surface.*: less$/i }).tap();
    await expect.poll(async () => JSON.stringify(await storedValues(page))).toContain('surfaceTempC');
    await page.goto('/retrieve');
    await settled(page);
    expect(await hang()).toBeGreaterThan(before);
    await expect(page.getByText(/^The fish are (shut|reluctant)/)).toContainText('if they are slower to bite');
  });

  test('short strikes: one touch gives them longer and says so; another takes it back; the page says the same', async ({
    page,
  }) => {
    await openPlan(page);
    await place(page, 'Strikes').click();
    for (let i = 0; i < 2; i++) {
      await page.getByRole('button', { name: /^Missed/ }).tap();
      await expect(page.getByText(`0 casts, ${i === 0 ? '1 strike' : '2 strikes'}, 0 hooked, 0 landed.`)).toBeVisible();
    }
    await expect(page.getByText(/Look at the hook points first/)).toBeVisible();
    const longer = page.getByRole('button', { name: /^Give them longer: hang .* instead of/ });
    const [, now, before] = /hang ([\d.]+) s instead of ([\d.]+) s/.exec((await longer.textContent())!)!;
    expect(Number(now)).toBeGreaterThan(Number(before));
    await longer.tap();
    await expect(page.getByText(`Now hang ${now} s instead of ${before} s. All else stays as it was.`)).toBeVisible();
    await expect.poll(async () => (await settings(page)).pauseS).toBe(Number(now));
    expect(await settings(page)).toHaveProperty('held.castM');
    await place(page, 'Retrieve').click();
    await expect(page.getByRole('button', { name: `hang, yours: ${now} s. Change` })).toBeVisible();
    await expect(page.getByText(/That was changed for it/)).toBeVisible();
    await page.getByRole('button', { name: `Hang ${now} s: take back` }).tap();
    await expect.poll(async () => Object.keys(await settings(page))).toEqual([]);
  });

  test('aimed at something: the flag, how far past, and back to nothing', async ({ page }) => {
    // Three settled plans, each of more than a hundred casts.
    test.setTimeout(240_000);
    await openPlan(page);
    await page.getByRole('button', { name: 'I aim at something' }).tap();
    await expect(page.getByText(/^Throw .* past what you aim at: .* as it comes by\.$/).first()).toBeVisible({
      timeout: 60_000,
    });
    await expect(page.getByRole('img', { name: /A flag marks what you aim at, \d+ ft off/ })).toBeVisible();
    await settled(page);
    await page.goto('/retrieve/card');
    await expect(page.getByRole('region', { name: 'The card' })).toContainText('throw past it', { timeout: 60_000 });
    await page.goto('/retrieve');
    await settled(page);
    await page.getByRole('button', { name: 'Aim at nothing' }).tap();
    await expect(page.getByRole('img', { name: /A flag marks/ })).toHaveCount(0);
  });

  test('a length is typed, with a comma too; what is no number is said and kept; the path goes with it', async ({
    page,
  }) => {
    await openPlan(page);
    await page.goto('/retrieve/cadence');
    await expect(page.getByText('Add after it')).toBeVisible({ timeout: 60_000 });
    await steps(page).last().tap();
    const type = page.getByRole('button', { name: 'How long: type it' });
    const length = page.getByRole('textbox', { name: 'How long: type it' });
    await type.tap();
    await length.fill('2,5');
    await length.press('Enter');
    await expect.poll(async () => (await names(page)).at(-1)).toMatch(/2\.5 s/);
    await expect(page.getByText(/^Like this: about \d+ % of the cast among the fish/)).toBeVisible();
    await type.tap();
    await length.fill('soon');
    await length.press('Enter');
    await expect(page.getByText('Type a number, such as 1.5 or 3/8.')).toBeVisible();
    await expect(length).toHaveValue('soon');
    await expect.poll(async () => (await names(page)).at(-1)).toMatch(/2\.5 s/);
  });

  test('below and behind answer in words, and the card holds the plan', async ({ page }) => {
    await openPlan(page);
    await page.goto('/retrieve/below');
    const answer = page.getByRole('region', { name: 'The answer' });
    await expect(answer).toContainText(/count|does not sink/, { timeout: 60_000 });
    await page.getByRole('radio', { name: 'Towed behind' }).tap();
    await expect(answer).toContainText(/Let out .* of line|stays on top/, { timeout: 60_000 });
    // Towed like that from now on: with a weight on the line, logged so, and taken back.
    const trip = async (): Promise<string> => JSON.stringify(await storedValues(page));
    await page.getByRole('button', { name: 'Weight on the line: more' }).tap();
    const tow = page.getByRole('button', { name: /^Tow it at / });
    await expect(tow).toBeVisible({ timeout: 60_000 });
    await tow.tap();
    const taken = page.getByRole('button', { name: /^Towed behind.*, 1 oz on the line: take back$/ });
    await expect(taken).toBeVisible({ timeout: 60_000 });
    await place(page, 'Strikes').click();
    await page.getByRole('button', { name: 'Cast: add one' }).tap();
    await expect.poll(trip).toContain('inlineKg');
    await place(page, 'Retrieve').click();
    await taken.tap();
    await expect(taken).toHaveCount(0);
    await page.goto('/retrieve/card');
    const card = page.getByRole('region', { name: 'The card' });
    await expect(card).toContainText('count down', { timeout: 60_000 });
    await page.evaluate(() => ((window as unknown as { printed: number }).printed = 0));
    await page.evaluate(() => (window.print = () => void (window as unknown as { printed: number }).printed++));
    await page.getByRole('button', { name: 'Print it' }).tap();
    expect(await page.evaluate(() => (window as unknown as { printed: number }).printed)).toBe(1);
    // On paper nothing but the card.
    await page.emulateMedia({ media: 'print' });
    await expect(page.getByRole('button', { name: 'Print it' })).toBeHidden();
    await expect(card).toBeVisible();
  });
});

test.describe('on a wide screen', () => {
  test.use({ viewport: WIDE });

  test('the cadence by the keyboard alone: taken, stretched, nudged, copied, removed, undone', async ({ page }) => {
    await openPlan(page);
    await page.goto('/retrieve/cadence');
    await expect(page.getByText('Add after it')).toBeVisible({ timeout: 60_000 });
    const before = await names(page);
    await steps(page).first().focus();
    await page.keyboard.press('ArrowRight');
    await expect(steps(page).nth(1)).toBeFocused();
    await page.keyboard.press('c');
    expect(await steps(page).count()).toBe(before.length + 1);
    await page.keyboard.press('Delete');
    await page.keyboard.press('Control+z');
    await page.keyboard.press('Control+z');
    expect(await names(page)).toEqual(before);
    for (let i = 0; i < before.length; i++) await page.keyboard.press('ArrowLeft');
    await expect(steps(page).first()).toBeFocused();
    await page.keyboard.press('Shift+ArrowRight');
    expect((await names(page))[0]).not.toBe(before[0]);
    await page.keyboard.press('Control+z');
    await page.keyboard.press('Alt+ArrowRight');
    expect((await names(page))[1]!.replace(/^Step \d/, '')).toBe(before[0]!.replace(/^Step \d/, ''));
    await page.keyboard.press('Control+z');
    await page.keyboard.press('Control+Shift+z');
    await page.keyboard.press('Control+z');
    expect(await names(page)).toEqual(before);
  });

  test('a step is nudged along the line with the mouse', async ({ page }) => {
    await openPlan(page);
    await page.goto('/retrieve/cadence');
    await expect(page.getByText('Add after it')).toBeVisible({ timeout: 60_000 });
    const kinds = async (): Promise<string[]> => (await names(page)).map((n) => n.replace(/^Step \d: (\S+).*$/, '$1'));
    const before = await kinds();
    await steps(page).first().click();
    const a = (await steps(page).nth(0).boundingBox())!;
    const b = (await steps(page).nth(1).boundingBox())!;
    await page.mouse.move(a.x + 12, a.y + 30);
    await page.mouse.down();
    await page.mouse.move(a.x + 12 + 0.8 * b.width, a.y + 30, { steps: 6 });
    await page.mouse.up();
    expect((await kinds()).slice(0, 2)).toEqual([before[1], before[0]]);
  });
});
