/**
 * What the first screen weighs and how long it takes, on a first visit and on a later one, at full and at a quarter of
 * the speed.
 */
import type { Browser, Page } from '@playwright/test';
import { ORIGIN, phone, slow } from './browser';
import { spread, table, spreadText } from './report';

const RUNS = 7;

interface Times {
  fcp: number;
  usable: number;
}

/** Marks in the page itself: the first paint of content, the tiles drawn and touchable. */
async function watchFirstScreen(page: Page): Promise<void> {
  await page.addInitScript(() => {
    const times: Record<string, number> = {};
    (window as unknown as { firstScreen: Record<string, number> }).firstScreen = times;
    const look = (): void => {
      if (times.usable === undefined && document.querySelector('[role="button"][aria-label^="clarity: "]')) {
        requestAnimationFrame(() => setTimeout(() => (times.usable ??= performance.now())));
      } else if (times.usable === undefined) requestAnimationFrame(look);
    };
    look();
  });
}

async function timesOf(page: Page): Promise<Times> {
  await page.waitForFunction(
    () => (window as unknown as { firstScreen: { usable?: number } }).firstScreen.usable !== undefined,
    null,
    {
      timeout: 120_000,
    },
  );
  return page.evaluate(() => {
    const t = (window as unknown as { firstScreen: { usable: number } }).firstScreen;
    return { fcp: performance.getEntriesByName('first-contentful-paint')[0]!.startTime, usable: t.usable };
  });
}

export async function firstScreenBench(browser: Browser): Promise<string> {
  const rows: string[][] = [];
  for (const rate of [1, 4]) {
    const first: Times[] = [];
    const later: Times[] = [];
    for (let i = 0; i < RUNS; i++) {
      const context = await phone(browser);
      const page = await context.newPage();
      await slow(page, rate);
      await watchFirstScreen(page);
      await page.goto(ORIGIN);
      first.push(await timesOf(page));
      await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
      await page.close();
      const again = await context.newPage();
      await slow(again, rate);
      await watchFirstScreen(again);
      await again.goto(ORIGIN);
      later.push(await timesOf(again));
      await context.close();
    }
    for (const [name, times] of [
      ['first visit, the demo season made and stored', first],
      ['a later visit, from the device', later],
    ] as const)
      rows.push([
        `${name}, ${rate === 1 ? 'full speed' : `${rate}× slowed`}`,
        ...(['fcp', 'usable'] as const).map((k) => spreadText(spread(times.map((t) => t[k])))),
      ]);
  }
  return `## First screen

A phone's screen, the server on the same machine, median and range of ${RUNS} runs. “Usable”: the tiles of Water are drawn and take a touch;
the section, where the fish should sit and the mood stand with them.

${table(['visit', 'first contentful paint', 'usable'], rows)}`;
}
