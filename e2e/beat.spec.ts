/** The beat: by sight, sound and buzz on one clock, and tapping along to it. */
import { expect, openDemo, PHONE, place, settled, test } from './kit';
import { storedValues } from './store';

test.use({ viewport: PHONE, hasTouch: true });

/** The worked plan with its beat. */
async function openBeat(page: Parameters<typeof openDemo>[0]): Promise<void> {
  await openDemo(page);
  await place(page, 'Retrieve').click();
  await expect(page.getByText('The beat', { exact: true })).toBeVisible({ timeout: 60_000 });
  await settled(page);
}

test('plays with sound on the sound’s own clock: every cue is timed ahead, and the picture goes with it', async ({
  page,
}) => {
  // What the page asks the sound to do, and when by the sound's clock.
  await page.addInitScript(() => {
    const told: [number, number][] = [];
    (globalThis as unknown as { told: typeof told }).told = told;
    const start = OscillatorNode.prototype.start;
    OscillatorNode.prototype.start = function (when) {
      told.push([when ?? 0, this.context.currentTime]);
      return start.call(this, when);
    };
  });
  await openBeat(page);
  await page.getByRole('button', { name: 'Play the beat' }).tap();
  await expect(page.getByRole('button', { name: 'Stop the beat' })).toBeVisible();
  await page.waitForTimeout(9000);
  await page.getByRole('button', { name: 'Stop the beat' }).tap();
  const told = await page.evaluate(() => (globalThis as unknown as { told: [number, number][] }).told);
  const silent = await page.getByText('This device cannot sound now').count();
  // A machine without any sound says so; with one, each cue was handed over before its moment.
  if (silent === 0) {
    expect(told.length).toBeGreaterThan(3);
    expect(told.filter(([when, now]) => when < now - 0.001)).toEqual([]);
  }
  const after = await page.getByText(/ s · .* down$/).textContent();
  await page.waitForTimeout(600);
  expect(await page.getByText(/ s · .* down$/).textContent()).toBe(after);
});

test('sound and buzz are switched off and stay off', async ({ page }) => {
  await openBeat(page);
  await page.getByRole('checkbox', { name: 'Sound' }).tap();
  await page.getByRole('checkbox', { name: 'Buzz' }).tap();
  await expect
    .poll(async () => (await storedValues(page))['preferences/mine'])
    .toContain('"beat":{"sound":false,"buzz":false');
  await page.reload();
  await expect(page.getByRole('checkbox', { name: 'Sound' })).toHaveAttribute('aria-checked', 'false', {
    timeout: 60_000,
  });
});

test('tapping along is scored, and the score kept', async ({ page }) => {
  await openBeat(page);
  await page.getByRole('button', { name: 'Practise: tap along' }).tap();
  const key = page.getByRole('button', { name: 'Tap at each move' });
  // Someone who taps twice a second hits the moves and rushes every hang.
  for (let i = 0; i < 40; i++) {
    await key.tap();
    await page.waitForTimeout(400);
  }
  await page.getByRole('button', { name: 'Enough: how was it?' }).tap();
  await expect(page.getByText(/of \d+ moves, .* of 100\.$/)).toBeVisible();
  await expect
    .poll(async () => Object.keys(await storedValues(page)).filter((k) => k.startsWith('practice/')).length)
    .toBe(1);
});

test('a hidden page stops the beat and says so', async ({ page }) => {
  await openBeat(page);
  await page.getByRole('button', { name: 'Play the beat' }).tap();
  await expect(page.getByRole('button', { name: 'Stop the beat' })).toBeVisible();
  await page.waitForTimeout(1000);
  await page.evaluate(() => {
    Object.defineProperty(document, 'visibilityState', { value: 'hidden', configurable: true });
    document.dispatchEvent(new Event('visibilitychange'));
  });
  await expect(page.getByText('The beat stopped while the page was hidden.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Play the beat' })).toBeVisible();
});
