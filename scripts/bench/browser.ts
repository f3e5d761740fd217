/** A real browser and a server with the demo world, for the measurements. */
import { chromium, type Browser, type BrowserContext, type Page } from '@playwright/test';
import { ensureBuild } from '../ensure-build.mjs';
import { ensureChromium, startServer } from '../lib.mjs';

/** Another by BENCH_PORT, where two benches run side by side. */
const PORT = Number(process.env.BENCH_PORT ?? 4396);
export const ORIGIN = `http://127.0.0.1:${PORT}`;
export const PHONE = { width: 390, height: 844 };

export async function withBrowser<T>(work: (browser: Browser) => Promise<T>): Promise<T> {
  await ensureBuild();
  const server = await startServer(PORT, ['--demo']);
  const browser = await chromium.launch({
    executablePath: ensureChromium(),
    args: [
      '--no-sandbox',
      '--disable-gpu',
      '--disable-dev-shm-usage',
      '--no-first-run',
      '--enable-precise-memory-info',
    ],
  });
  try {
    return await work(browser);
  } finally {
    await browser.close();
    server.kill();
  }
}

export async function phone(browser: Browser, serviceWorkers: 'allow' | 'block' = 'allow'): Promise<BrowserContext> {
  const context = await browser.newContext({
    viewport: PHONE,
    hasTouch: true,
    isMobile: true,
    deviceScaleFactor: 2,
    serviceWorkers,
  });
  await letNamesStand(context);
  return context;
}

/** What runs the scripts marks functions with their names by a helper that the page does not have. */
export const letNamesStand = (context: BrowserContext): Promise<unknown> =>
  context.addInitScript('globalThis.__name = (f) => f');

/** Slows the page's processor: 4 is four times slower. */
export async function slow(page: Page, rate: number): Promise<void> {
  const client = await page.context().newCDPSession(page);
  await client.send('Emulation.setCPUThrottlingRate', { rate });
}
