// Takes the pictures of docs/screenshots from the demo world: npm run screenshots (after npm run build).
import { mkdirSync } from 'node:fs';
import path from 'node:path';
import { chromium } from '@playwright/test';
import { ensureBuild } from './ensure-build.mjs';
import { ensureChromium, isPortFree, ROOT, startServer, stop } from './lib.mjs';

const PORT = 4397;
const OUT = path.join(ROOT, 'docs', 'screenshots');
const PHONE = { width: 390, height: 844 };
const WIDE = { width: 1280, height: 800 };

await ensureBuild();
const executablePath = ensureChromium();
if (!(await isPortFree(PORT))) stop(`Port ${PORT} is taken.`);
const server = await startServer(PORT, ['--demo']);
mkdirSync(OUT, { recursive: true });
const browser = await chromium.launch({
  executablePath,
  args: ['--no-sandbox', '--disable-gpu', '--disable-dev-shm-usage', '--no-first-run'],
});

async function session(viewport, light, shots) {
  const page = await (await browser.newContext({ viewport })).newPage();
  const url = (p) => `http://127.0.0.1:${PORT}${p}`;
  await page.goto(url('/'));
  await page.getByRole('heading', { name: 'Lantern Kettle' }).waitFor({ timeout: 60_000 });
  if (light !== 'Shade') {
    await page.goto(url('/kit'));
    await page.getByRole('radio', { name: light }).click();
    await page.getByRole('radio', { name: light, checked: true }).waitFor();
    // Shown at once, stored a moment later.
    await page.waitForTimeout(1000);
  }
  for (const [name, where, act] of shots) {
    await page.goto(url(where));
    await page.getByRole('heading', { level: 1 }).waitFor();
    if (where === '/lures') {
      await page.getByText('Start with', { exact: true }).waitFor({ timeout: 60_000 });
      // The first order stands at once; the head of it is planned, and the lure in hand in full, in a few seconds.
      await page.waitForTimeout(8000);
    }
    if (where === '/retrieve') {
      await page.getByText('What one change would buy').waitFor({ timeout: 60_000 });
      await page.getByText(/A first answer/).waitFor({ state: 'detached', timeout: 60_000 });
      await page.getByText(/^How deep is|stays on top/).waitFor();
    }
    if (where === '/' || where === '/today')
      await page
        .getByText(/^Best /)
        .first()
        .waitFor({ timeout: 60_000 });
    if (where === '/strikes') await page.getByRole('button', { name: 'Cast: add one' }).waitFor({ timeout: 60_000 });
    await act?.(page);
    await page.waitForTimeout(500);
    await page.screenshot({ path: path.join(OUT, `${name}.png`) });
    console.log(name);
  }
  await page.context().close();
}

const logSome = async (page) => {
  // The settled plan first, so that the marks lie on the path that stays.
  await page.waitForTimeout(6000);
  const cast = page.getByRole('button', { name: 'Cast: add one' });
  for (let i = 0; i < 14; i++) await cast.click();
  for (const [kind, phase] of [
    ['Landed', 'On the hang'],
    ['Missed', 'On the hang'],
    ['Follow', 'On the move'],
  ]) {
    await page.getByRole('button', { name: new RegExp(`^${kind}:`) }).click();
    await page.getByRole('button', { name: phase }).click();
  }
};

const rodsReady = (page) => page.getByRole('button', { name: 'Packing list' }).waitFor({ timeout: 60_000 });
const settled = async (page) => {
  await page.waitForTimeout(6000);
  await page.getByText('Being worked out…').first().waitFor({ state: 'detached', timeout: 60_000 });
};

const buildCadence = async (page) => {
  await page.getByText('Add after it').waitFor({ timeout: 60_000 });
  await settled(page);
  await page.getByRole('button', { name: /^Add: twitch/ }).click();
  await page.getByRole('heading', { level: 1 }).scrollIntoViewIfNeeded();
};

const castsShown = (page) => page.getByRole('button', { name: 'Fish it in this order' }).waitFor({ timeout: 60_000 });

const anotherDay = async (page) => {
  await page.getByRole('button', { name: /Sedge Kettle · crappie: 70 casts.* Open$/ }).click();
  await page.getByText('Fern curl, steady turn').first().waitFor();
};
const towed = async (page) => {
  await page.getByRole('radio', { name: 'Towed behind' }).click();
  await page
    .getByRole('region', { name: 'The answer' })
    .getByText(/Pass 1/)
    .waitFor({ timeout: 60_000 });
};

const showModel = async (page) => {
  await page.getByText('Asking the model', { exact: false }).first().waitFor({ state: 'detached', timeout: 60_000 });
  await page.getByRole('button', { name: /^Was the model right/ }).click();
};

const compare = async (page) => {
  await page.getByRole('button', { name: /^More: compare plans/ }).click();
  await page.getByRole('button', { name: 'Put this plan aside' }).click();
  await page.getByRole('button', { name: /^rod tip: / }).click();
  await page.getByRole('radiogroup', { name: 'Rod tip' }).getByRole('radio', { name: 'Up' }).click();
  await page.getByText(/A first answer/).waitFor({ timeout: 60_000 });
  await page.getByText(/A first answer/).waitFor({ state: 'detached', timeout: 60_000 });
};

try {
  await session(PHONE, 'Shade', [
    ['water-phone', '/'],
    ['today-phone', '/today'],
    ['lures-phone', '/lures'],
    ['rods-phone', '/lures/rods', rodsReady],
    ['retrieve-phone', '/retrieve'],
    ['cadence-phone', '/retrieve/cadence', buildCadence],
    ['below-phone', '/retrieve/below', towed],
    ['strikes-phone', '/strikes', logSome],
    ['lessons-phone', '/lessons'],
    ['kit-phone', '/kit'],
    ['box-phone', '/kit/box'],
    ['spots-phone', '/kit/spots'],
  ]);
  await session(PHONE, 'Noon', [['castplan-phone-noon', '/strikes/cover', castsShown]]);
  await session(PHONE, 'Night', [['retrieve-phone-night', '/retrieve']]);
  await session(WIDE, 'Shade', [
    ['water-wide', '/', settled],
    ['lures-wide', '/lures'],
    ['retrieve-wide', '/retrieve', compare],
    ['lessons-wide', '/lessons', showModel],
    ['diary-wide', '/lessons/diary', anotherDay],
  ]);
} finally {
  await browser.close();
  server.kill();
}
