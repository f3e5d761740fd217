/** What lies in the browser's cache is used only when it is what was built: damaged, emptied, or a stranger's page. */
import { createServer, type Server } from 'node:http';
import path from 'node:path';
import type { Page } from '@playwright/test';
import { expect, PHONE, place, test } from './kit';
import { held, ROOT, serve } from './ownServer';

test.use({ serviceWorkers: 'allow', viewport: PHONE });

/** Every file of the application in one of its caches becomes empty, garbage or a stranger's page, in turn. */
const damage = (page: Page, which: RegExp): Promise<number> =>
  page.evaluate(async (source) => {
    const bad = ['', 'garbage {', '<!doctype html><title>Welcome to our network</title>'];
    let n = 0;
    for (const name of (await caches.keys()).filter((k) => new RegExp(source).test(k))) {
      const cache = await caches.open(name);
      for (const request of await cache.keys()) {
        const was = (await cache.match(request))!;
        await cache.put(request, new Response(bad[n++ % bad.length], { status: 200, headers: was.headers }));
      }
    }
    return n;
  }, which.source);

const bytes = (page: Page, which: RegExp): Promise<number> =>
  page.evaluate(async (source) => {
    let sum = 0;
    for (const name of (await caches.keys()).filter((k) => new RegExp(source).test(k))) {
      const cache = await caches.open(name);
      for (const request of await cache.keys()) sum += (await (await cache.match(request))!.blob()).size;
    }
    return sum;
  }, which.source);

async function opens(page: Page, address: string): Promise<void> {
  await page.goto(address);
  await expect(page.getByRole('heading', { name: 'Lantern Kettle' })).toBeVisible({ timeout: 60_000 });
  await place(page, 'Lures').click();
  await expect(page.getByText('Start with', { exact: true })).toBeVisible({ timeout: 60_000 });
}

test('every cached file damaged: opens and heals, with the server up and with it gone', async ({ page }) => {
  const server = await serve(path.join(ROOT, 'dist'));
  await opens(page, server.address);
  await held(page);
  await opens(page, server.address);
  const whole = await bytes(page, /^workbox-precache/);
  await expect.poll(() => bytes(page, /^spare-/), { timeout: 30_000 }).toBe(whole);

  // The server is there, and both copies are bad.
  expect(await damage(page, /^(workbox-precache|spare-)/)).toBeGreaterThan(60);
  await opens(page, server.address);
  for (const copy of [/^workbox-precache/, /^spare-/])
    await expect.poll(() => bytes(page, copy), { timeout: 30_000 }).toBe(whole);

  // The server is gone, and the first copy is bad: the spare one stands in and heals it.
  await server.kill();
  await damage(page, /^workbox-precache/);
  await opens(page, server.address);
  await expect.poll(() => bytes(page, /^workbox-precache/), { timeout: 30_000 }).toBe(whole);
});

test('behind a captive portal the application stays the application, and goes on when the server is back', async ({
  page,
}) => {
  const server = await serve(path.join(ROOT, 'dist'));
  const port = Number(new URL(server.address).port);
  await opens(page, server.address);
  await held(page);
  await server.kill();
  // Every path answers 200 with a page of its own, the service worker's script too.
  const portal = await new Promise<Server>((done) => {
    const s = createServer((_, answer) => {
      answer.writeHead(200, { 'Content-Type': 'text/html' });
      answer.end('<!doctype html><title>Welcome to our network</title><h1>Please sign in</h1>');
    }).listen(port, '127.0.0.1', () => done(s));
  });
  await opens(page, server.address);
  await page.evaluate(() =>
    navigator.serviceWorker
      .getRegistration()
      .then((r) => r!.update())
      .catch(() => undefined),
  );
  await opens(page, server.address);
  await expect(page.getByText('Please sign in')).toHaveCount(0);
  portal.closeAllConnections();
  await new Promise((done) => portal.close(done));
  const again = await serve(path.join(ROOT, 'dist'), port);
  await opens(page, again.address);
  await again.kill();
});

test('a cache that never answers is not waited for: the page comes from the network', async ({ page, context }) => {
  const server = await serve(path.join(ROOT, 'dist'));
  await opens(page, server.address);
  await held(page);
  const asked = await context.serviceWorkers()[0]!.evaluate(() => {
    const counts = { opened: 0 };
    CacheStorage.prototype.open = () => {
      counts.opened++;
      return new Promise<Cache>(() => {});
    };
    Object.assign(globalThis, { counts });
    return counts.opened;
  });
  expect(asked).toBe(0);
  await opens(page, server.address);
  const opened = await context
    .serviceWorkers()[0]!
    .evaluate(() => (globalThis as unknown as { counts?: { opened: number } }).counts?.opened ?? 0);
  expect(opened).toBeGreaterThan(10);
  await server.kill();
});
