/** How long the diary takes over a long record: its list, a search through it, the page of a day. */
import type { Browser } from '@playwright/test';
import { buildDemoWorld } from '../../demo/world';
import { bestsOf, diaryDay, diaryDays, findDays } from '../../core/diary/days';
import { applyPuts, emptyBook, type Book } from '../../core/records';
import { TO_THE_DIARY } from '../../wording/lessons';
import { ORIGIN, phone } from './browser';
import { longSeason } from './learning';
import { readIn } from './longRecord';
import { measure, spread, spreadText, table } from './report';
import { LISTEN, tapToDrawn } from './walk';

/** So many casts and events make some two hundred days. */
const TOUCHES = 10_000;

const PATIENT = { timeout: 120_000 };
/** The first opening is thrown away: it fetches the page's own script. */
const OPENINGS = 8;

/** From the touch on Lessons to the list of days drawn, ms. */
async function openings(browser: Browser, book: Book): Promise<number[]> {
  const context = await phone(browser);
  await context.addInitScript(LISTEN);
  const page = await context.newPage();
  await readIn(page, book);
  const times: number[] = [];
  await page.goto(`${ORIGIN}/lessons`);
  for (let i = 0; i <= OPENINGS; i++) {
    const key = page.getByRole('button', { name: TO_THE_DIARY });
    await key.waitFor(PATIENT);
    await page.waitForTimeout(3000);
    const ms = await tapToDrawn(page, TO_THE_DIARY, /^\d+ days/);
    if (i > 0) times.push(ms);
    await page.goBack();
  }
  await context.close();
  return times;
}

export async function diaryBench(browser: Browser): Promise<string> {
  const book: Book = applyPuts(applyPuts(emptyBook(), buildDemoWorld(0)), longSeason(TOUCHES));
  const days = diaryDays(book);
  const rows: [string, () => unknown][] = [
    ['the list', () => diaryDays(book)],
    ['three words looked for', () => findDays(book, days, { text: 'lantern bass minnow' }, (s) => s)],
    ['the longest of each fish', () => bestsOf(days)],
    ['the page of one day', () => diaryDay(book, days[0]!.trip.id)],
  ];
  const told = rows.map(([what, work]) => [`${what}, on Node`, spreadText(measure(work), 'ms', 1)]);
  const opened = [
    'opened from Lessons on a phone’s screen, touch to drawn',
    spreadText(spread(await openings(browser, book))),
  ];
  return `## The diary\n\n${days.length} days, ${TOUCHES} casts and events; median and range.\n\n${table(['what', 'time'], [...told, opened])}`;
}
