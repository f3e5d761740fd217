// Draws the application's icons from their one drawing, public/icon.svg. Run by hand when it changes:  npm run icons
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { chromium } from '@playwright/test';
import { findChromium, ROOT } from './lib.mjs';

const svg = readFileSync(path.join(ROOT, 'public', 'icon.svg'), 'utf8');
/** A maskable icon is cut to any shape by the device: ground to the edge, the drawing inside the safe circle. */
const maskable = svg.replace('rx="14" ', '');
const out = path.join(ROOT, 'public', 'icons');
mkdirSync(out, { recursive: true });
const browser = await chromium.launch({ executablePath: findChromium(), args: ['--no-sandbox'] });
for (const [name, size, drawing, inset] of [
  ['icon-192.png', 192, svg, 0],
  ['icon-512.png', 512, svg, 0],
  ['maskable-512.png', 512, maskable, 0.1],
  ['apple-180.png', 180, maskable, 0.06],
]) {
  const page = await browser.newPage({ viewport: { width: size, height: size } });
  const pad = Math.round(size * inset);
  await page.setContent(
    `<style>body{margin:0;background:${inset ? '#3F5F36' : 'transparent'}}svg{display:block;width:${size - 2 * pad}px;height:${size - 2 * pad}px;padding:${pad}px}</style>${drawing}`,
  );
  writeFileSync(path.join(out, name), await page.screenshot({ omitBackground: true }));
  await page.close();
}
await browser.close();
