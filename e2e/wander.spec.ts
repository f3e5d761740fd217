/** A walk without a plan through the whole application: nothing gives way, and what was logged reads back. */
import { expect, openDemo, PHONE, test } from './kit';
import { held } from './ownServer';
import { wander } from './wander';

test.use({ viewport: PHONE, serviceWorkers: 'allow', acceptDownloads: true });
const STEPS = 160;

test('a hundred and sixty touches, words, sizes and losses of the network: nothing gives way', async ({ page }) => {
  await openDemo(page);
  await held(page);
  const { wrong, touches, pages } = await wander(page, STEPS, 1);
  expect(wrong).toEqual([]);
  expect(touches).toBeGreaterThan(70);
  expect(pages.size).toBeGreaterThan(6);
  await page.goto('/lessons/diary');
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
});
