/** The server is there for the first load and then never again. */
import { cpSync, mkdtempSync, readFileSync, readdirSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import type { Page } from '@playwright/test';
import { expect, PHONE, place, settled, test } from './kit';
import { held, ROOT, serve } from './ownServer';

test.use({ serviceWorkers: 'allow', viewport: PHONE, acceptDownloads: true });

test('the whole day with the server gone: cold start, deep links, the worker, the log, a reload, the export', async ({
  page,
  context,
}) => {
  const server = await serve(path.join(ROOT, 'dist'));
  await page.goto(server.address);
  await expect(page.getByRole('heading', { name: 'Lantern Kettle' })).toBeVisible({ timeout: 60_000 });
  await held(page);
  await server.kill();
  await expect(fetch(server.address)).rejects.toThrow();

  // A cold start: the page is closed and another opened, at a place never visited so far.
  await page.close();
  const again = await context.newPage();
  const errors: string[] = [];
  again.on('pageerror', (e) => errors.push(String(e)));
  again.on('console', (m) => m.type() === 'error' && errors.push(m.text()));
  await again.goto(`${server.address}/lessons`);
  await expect(again.getByRole('heading', { level: 1, name: 'What works' })).toBeVisible({ timeout: 60_000 });
  await again.goto(`${server.address}/kit/lure/lure-alder`);
  await expect(again.getByLabel('Name').first()).toHaveValue('Alder minnow');

  // The day: a reading, another lure by the ranking's worker, its plan, the log.
  await again.goto(server.address);
  await again.getByRole('button', { name: /^clarity: .*Change$/ }).click();
  await again.getByRole('radio', { name: '½ ft', exact: true }).click();
  await place(again, 'Lures').click();
  await expect(again.getByText('Start with', { exact: true })).toBeVisible({ timeout: 60_000 });
  await place(again, 'Retrieve').click();
  await settled(again);
  await place(again, 'Strikes').click();
  const cast = again.getByRole('button', { name: 'Cast: add one' });
  for (let i = 0; i < 3; i++) await cast.click();
  await again.getByRole('button', { name: /^Landed:/ }).click();
  await again.getByRole('button', { name: 'On the hang' }).click();
  await expect(again.getByText('3 casts, 1 strike, 1 hooked, 1 landed.')).toBeVisible();
  await again.reload();
  await expect(again.getByText('3 casts, 1 strike, 1 hooked, 1 landed.')).toBeVisible();
  await place(again, 'Lessons').click();
  await expect(again.getByText('Strikes by pattern')).toBeVisible();
  await again.goto(`${server.address}/kit`);
  const [download] = await Promise.all([
    again.waitForEvent('download'),
    again.getByRole('button', { name: 'Save the record to a file' }).click(),
  ]);
  const record = JSON.parse(readFileSync(await download.path(), 'utf8')) as { records: { cast: unknown[] } };
  expect(record.records.cast.length).toBeGreaterThan(3);
  expect(errors).toEqual([]);
});

/** The same application as another build would be: scripts under other names, the old ones gone. */
async function nextBuild(from: string, to: string): Promise<void> {
  cpSync(from, to, { recursive: true });
  const scripts = path.join(to, '_expo', 'static', 'js', 'web');
  const lazy = readdirSync(scripts).filter((f) => /^(lessons|strikes|lures|index)-[0-9a-f]{32}\.js$/.test(f));
  expect(lazy.length).toBeGreaterThanOrEqual(4);
  for (const f of readdirSync(scripts)) if (/\.(br|gz)$/.test(f)) rmSync(path.join(scripts, f));
  const renamed = lazy.map(
    (f) => [f, f.replace(/-[0-9a-f]{32}/, (h) => `-${[...h.slice(1)].reverse().join('')}`)] as const,
  );
  for (const f of [...readdirSync(scripts).map((s) => path.join(scripts, s)), path.join(to, 'index.html')]) {
    const text = readFileSync(f, 'utf8');
    writeFileSync(
      f,
      renamed.reduce((t, [a, b]) => t.split(a).join(b), text),
    );
  }
  for (const [a, b] of renamed) renameSync(path.join(scripts, a), path.join(scripts, b));
  const { finishBuild } = (await import(path.join(ROOT, 'scripts', 'finish-build.mjs'))) as {
    finishBuild: (dir: string, how: { hard: boolean }) => Promise<string>;
  };
  await finishBuild(to, { hard: false });
}

test('a new version waits until it is asked for, never reloads a log, and then every page is the new one', async ({
  page,
  context,
}) => {
  const folder = mkdtempSync(path.join(tmpdir(), 'kettle-builds-'));
  const live = path.join(folder, 'live');
  const next = path.join(folder, 'next');
  cpSync(path.join(ROOT, 'dist'), live, { recursive: true });
  await nextBuild(live, next);
  const server = await serve(live);
  const build = (p: Page): Promise<string | null> => p.locator('meta[name="build"]').getAttribute('content');

  await page.goto(server.address);
  await expect(page.getByRole('heading', { name: 'Lantern Kettle' })).toBeVisible({ timeout: 60_000 });
  await held(page);
  const old = await build(page);
  const other = await context.newPage();
  await other.goto(`${server.address}/strikes`);
  await place(page, 'Strikes').click();
  const cast = page.getByRole('button', { name: 'Cast: add one' });
  await expect(cast).toBeVisible({ timeout: 60_000 });
  await cast.click();
  await expect(page.getByRole('heading', { level: 1, name: '1 cast' })).toBeVisible();

  // The new build takes the old one's place on the server.
  renameSync(live, path.join(folder, 'gone'));
  renameSync(next, live);
  await page.evaluate(() => navigator.serviceWorker.getRegistration().then((r) => r!.update()));
  const notice = page.getByRole('status').filter({ hasText: 'A new version is ready' });
  await expect(notice).toBeVisible({ timeout: 60_000 });

  // Nothing happens by itself: the log goes on, pages of the old build that were not opened so far still open.
  await cast.click();
  await expect(page.getByRole('heading', { level: 1, name: '2 casts' })).toBeVisible();
  await place(page, 'Lessons').click();
  await expect(page.getByText('Strikes by pattern')).toBeVisible();
  expect(await build(page)).toBe(old);
  await notice.getByRole('button', { name: 'Later' }).click();
  await expect(notice).toHaveCount(0);

  // The other tab takes it: it alone loads again, this one is told.
  const theirs = other.getByRole('status').filter({ hasText: 'A new version is ready' });
  await expect(theirs).toBeVisible({ timeout: 60_000 });
  await theirs.getByRole('button', { name: 'Change to it now' }).click();
  await expect.poll(() => build(other), { timeout: 60_000 }).not.toBe(old);
  await expect(page.getByText('Another page has changed to a new version')).toBeVisible({ timeout: 60_000 });
  expect(await build(page)).toBe(old);
  await page.getByRole('button', { name: 'Load this page again' }).click();
  await expect.poll(() => build(page), { timeout: 60_000 }).not.toBe(old);
  await place(page, 'Strikes').click();
  await expect(page.getByRole('heading', { level: 1, name: '2 casts' })).toBeVisible({ timeout: 60_000 });
  await expect(page.getByText('A new version is ready')).toHaveCount(0);
  await server.kill();
  rmSync(folder, { recursive: true, force: true });
});
