/** A record of many years and a box of five hundred lures in a browser: read in, opened, logged to, looked through. */
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import type { Browser, Page } from '@playwright/test';
import { COLOURS } from '../../core/lures/family';
import { exportBook } from '../../core/exchange/bookDocument';
import { applyPuts, emptyBook, put, type Book } from '../../core/records';
import { buildDemoWorld } from '../../demo/world';
import { ORIGIN, phone } from './browser';
import { longSeason } from './learning';
import { spread, spreadText, table } from './report';
import { speedText } from './speed';
import { LISTEN, tapToDrawn } from './walk';

const TOUCHES = 50_000;
const LURES = 500;
/** So long after it was read in everything is put in order, ms. */
const IN_ORDER_MS = 90_000;
const PATIENT = { timeout: 180_000 };

/** The sample world with so many casts and events, and so many lures. */
export function longBook(): Book {
  const world = applyPuts(emptyBook(), buildDemoWorld(0));
  const lures = Object.values(world.lure);
  const more = Array.from({ length: LURES - lures.length }, (_, i) => {
    const like = lures[i % lures.length]!;
    // No two of them are the same: each is ranked for itself.
    return put('lure', {
      ...like,
      id: `${like.id}-${i}`,
      name: `${like.name.slice(0, 40)} ${i}`,
      weightKg: like.weightKg * (0.8 + 0.1 * (i % 5)),
      lengthM: like.lengthM * (0.9 + 0.05 * (i % 7)),
      colour: COLOURS[i % COLOURS.length]!,
    });
  });
  return applyPuts(applyPuts(world, longSeason(TOUCHES)), more);
}

/** Long tasks of the page since it was last asked, ms. */
export const longTasks = (page: Page): Promise<number[]> =>
  page.evaluate(() => {
    const all = (globalThis as unknown as { longTasks: [number, number][] }).longTasks.splice(0);
    return all.map(([, ms]) => Math.round(ms));
  });
const most = (tasks: readonly number[]): string => (tasks.length === 0 ? 'none' : `${Math.max(...tasks)} ms`);

/** What shows that a page stands: an element, and what is said on it. */
interface Stands {
  what: string;
  says: RegExp;
}
const CAST: Stands = { what: '[role="button"]', says: /^Cast: add one$/ };

/** So often each page is opened. */
const OPENINGS = 7;

/** From the navigation to the drawn frame in which a page stands, by its own clock, ms. */
async function openingMs(page: Page, path: string, { what, says }: Stands): Promise<number> {
  await page.goto(`${ORIGIN}${path}`, { waitUntil: 'commit' });
  return page.evaluate(
    ([selector, pattern]) =>
      new Promise<number>((resolve) => {
        const look = (): void => {
          const said = [...document.querySelectorAll(selector)].map(
            (e) => e.getAttribute('aria-label') ?? e.textContent ?? '',
          );
          if (said.some((s) => new RegExp(pattern).test(s))) setTimeout(() => resolve(performance.now()));
          else requestAnimationFrame(look);
        };
        requestAnimationFrame(look);
      }),
    [what, says.source] as const,
  );
}

/** Opens a page again and again: how long until it stands, and the longest task of each until it rests. */
async function opened(page: Page, path: string, stands: Stands): Promise<[string, string]> {
  const times: number[] = [];
  const tasks: number[] = [];
  for (let i = 0; i < OPENINGS; i++) {
    times.push(await openingMs(page, path, stands));
    await page.waitForTimeout(4000);
    tasks.push(Math.max(0, ...(await longTasks(page))));
  }
  tasks.sort((a, b) => a - b);
  return [spreadText(spread(times)), `${tasks.map((ms) => (ms === 0 ? '< 50' : ms)).join(', ')} ms`];
}

/** Strikes in the middle of a day with the sample season alone, to be compared with. */
async function demoOpened(browser: Browser): Promise<[string, string, string]> {
  const context = await phone(browser);
  await context.addInitScript(LISTEN);
  const page = await context.newPage();
  const cast = page.getByRole('button', { name: 'Cast: add one' });
  await page.goto(`${ORIGIN}/strikes`);
  await cast.click(PATIENT);
  await page.getByText('1 cast', { exact: true }).first().waitFor(PATIENT);
  await page.waitForTimeout(12_000);
  const row = await opened(page, '/strikes', CAST);
  await context.close();
  return ['the sample season alone: Strikes opened', ...row];
}

/** A whole record put in the place of what is there, as a file from the disk; how long each step took. */
export async function readIn(page: Page, book: Book): Promise<[string, string, string][]> {
  // From the disk, as a file comes: handed over by what drives the browser it would hold the page up.
  const file = path.join(mkdtempSync(path.join(tmpdir(), 'long-')), 'long.json');
  const text = JSON.stringify(exportBook(book, '2026-10-08T00:00:00Z'));
  writeFileSync(file, text);
  await page.goto(`${ORIGIN}/kit`);
  const [chooser] = await Promise.all([
    page.waitForEvent('filechooser'),
    page.getByRole('button', { name: 'Read a record from a file…' }).click(),
  ]);
  await longTasks(page);
  const steps: [string, string, string][] = [];
  let from = Date.now();
  await chooser.setFiles(file);
  await page.getByRole('button', { name: /in place of what is here/ }).waitFor(PATIENT);
  steps.push([
    `its file of ${(text.length / 1e6).toFixed(0)} MB read`,
    `${Date.now() - from} ms`,
    most(await longTasks(page)),
  ]);
  from = Date.now();
  await page.getByRole('button', { name: /in place of what is here/ }).click();
  await page.getByText('The record was read in.').waitFor(PATIENT);
  steps.push(['put in place', `${Date.now() - from} ms`, most(await longTasks(page))]);
  return steps;
}

export async function longRecordBench(browser: Browser): Promise<string> {
  const speed = await speedText();
  const rows: [string, string, string][] = [await demoOpened(browser)];
  const context = await phone(browser);
  await context.addInitScript(LISTEN);
  const page = await context.newPage();
  rows.push(...(await readIn(page, longBook())));

  // In the middle of a day, and once the device has put in order what it was given.
  await page.goto(`${ORIGIN}/strikes`);
  await page.getByRole('button', { name: 'Cast: add one' }).click(PATIENT);
  await page.getByText('1 cast', { exact: true }).first().waitFor(PATIENT);
  await page.waitForTimeout(IN_ORDER_MS);

  for (const [what, path, stands] of [
    ['Strikes opened', '/strikes', CAST],
    ['the diary opened', '/lessons/diary', { what: '[role="button"]', says: /: open the day|\d{4}/ }],
    ['Lures opened', '/lures', { what: '[dir="auto"]', says: /^Start with$/ }],
    ['the box opened', '/kit/box', { what: 'h1', says: /./ }],
  ] as const)
    rows.push([what, ...(await opened(page, path, stands))]);
  await page.goto(`${ORIGIN}/strikes`);
  await page.getByRole('button', { name: 'Cast: add one' }).waitFor(PATIENT);
  await page.waitForTimeout(6000);
  const taps: number[] = [];
  for (let i = 0; i < 15; i++) {
    taps.push(await tapToDrawn(page, 'Cast: add one', /^\d+ casts?$/));
    await page.waitForTimeout(3000);
  }
  rows.push(['a cast, touch to drawn', spreadText(spread(taps)), most(await longTasks(page))]);
  await context.close();
  return `## A long record

${TOUCHES.toLocaleString('en')} casts and events over some years and ${LURES} lures, on a phone's screen, in the middle of a day's fishing; times by the page's own clock from the navigation to the frame that shows it (median and range), and the longest task of each opening and the four seconds after it. ${speed}

${table(['what', 'time', 'longest task'], rows)}`;
}
