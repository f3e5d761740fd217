/**
 * The day walked at full speed: tasks that hold the page up, how soon a touch is answered on the screen, and what an
 * hour of logging costs in memory.
 */
import { readFileSync } from 'node:fs';
import type { Browser, Page } from '@playwright/test';
import { ORIGIN, phone, slow } from './browser';
import { spread, spreadText, table } from './report';
import { workMs } from './speed';

const LONG_MS = 50;
const ROUNDS = 2;

/** Someone who reads what came before touching on, and someone who does not. */
const PACES = { read: 2000, hurried: 300 } as const;

const go = (page: Page, name: string): Promise<void> =>
  page.getByRole('navigation', { name: 'Places' }).getByRole('link', { name, exact: true }).tap();
const button = (page: Page, name: string | RegExp): Promise<void> => page.getByRole('button', { name }).first().tap();
const PATIENT = { timeout: 90_000 };

/** The day, step by step. */
const STEPS: readonly (readonly [string, (page: Page) => Promise<void>])[] = [
  ['open a reading', (p) => button(p, /^clarity: .*Change$/)],
  ['set the clarity', (p) => p.getByRole('radio', { name: '½ ft', exact: true }).tap()],
  ['set it back', (p) => p.getByRole('radio', { name: '1½ ft', exact: true }).tap()],
  ['close the reading', (p) => p.keyboard.press('Escape')],
  ['go to Lures', (p) => go(p, 'Lures')],
  ['see the ranking', (p) => p.getByText('Start with', { exact: true }).waitFor(PATIENT)],
  ['open the reasons', (p) => button(p, /^1\. /)],
  ['go to Retrieve', (p) => go(p, 'Retrieve')],
  ['see the settled plan', (p) => p.getByText(/A first answer/).waitFor({ state: 'detached', ...PATIENT })],
  ['play the beat', (p) => button(p, 'Play the beat')],
  ['five seconds of it', (p) => p.waitForTimeout(5000)],
  ['stop the beat', (p) => button(p, 'Stop the beat')],
  ['go to Strikes', (p) => go(p, 'Strikes')],
  ['twelve casts', async (p) => void (await times(12, () => button(p, 'Cast: add one')))],
  ['a landed fish', (p) => button(p, /^Landed:/)],
  ['on the hang', (p) => button(p, 'On the hang')],
  ['undo', (p) => button(p, 'Undo the landed')],
  ['go to Lessons', (p) => go(p, 'Lessons')],
  [
    'see the patterns',
    (p) =>
      p
        .getByRole('button', { name: /in 100 casts, likely/ })
        .first()
        .waitFor(PATIENT),
  ],
  ['open a pattern', (p) => button(p, /in 100 casts, likely/)],
  ['go to Water', (p) => go(p, 'Water')],
  ['a sign seen', (p) => button(p, /follow, no bite/)],
  ['open the Kit', (p) => p.getByRole('link', { name: /^Kit/ }).first().tap()],
  ['change the light', (p) => p.getByRole('radio', { name: 'Noon' }).tap()],
  ['and back', (p) => p.getByRole('radio', { name: 'Shade' }).tap()],
];

async function times(n: number, work: () => Promise<void>): Promise<void> {
  for (let i = 0; i < n; i++) await work();
}

export async function openAndSettle(page: Page): Promise<void> {
  await page.goto(ORIGIN);
  await page.getByRole('button', { name: /^clarity: .*Change$/ }).waitFor(PATIENT);
}

interface TraceEvent {
  name: string;
  ph: string;
  pid: number;
  tid: number;
  ts: number;
  dur?: number;
  tdur?: number;
}
/**
 * The longest task of the main thread in a step: the work in it (processor time) and how long it took by the clock, ms.
 */
interface Longest {
  workMs: number;
  clockMs: number;
}
const MARK = 'step:';

/** From a trace with a mark at each step's beginning. */
function longestBySteps(events: readonly TraceEvent[]): Longest[] {
  const marks = events.filter((e) => e.name.startsWith(MARK)).sort((a, b) => a.ts - b.ts);
  const { pid, tid } = marks[0]!;
  const tasks = events.filter((e) => e.pid === pid && e.tid === tid && e.ph === 'X' && e.name.endsWith('RunTask'));
  return marks.map((m, i) => {
    const until = marks[i + 1]?.ts ?? Infinity;
    const mine = tasks.filter((t) => t.ts >= m.ts && t.ts < until);
    const most = (f: (t: TraceEvent) => number): number => Math.max(0, ...mine.map(f)) / 1000;
    return { workMs: most((t) => t.tdur ?? 0), clockMs: most((t) => t.dur ?? 0) };
  });
}

/**
 * For each step, one entry a round: the work from a trace, and from a round without one the longest of the tasks that
 * the browser itself calls long.
 */
async function walk(browser: Browser, paceMs: number): Promise<Longest[][]> {
  const held: Longest[][] = STEPS.map(() => []);
  for (let round = 0; round < ROUNDS; round++) {
    const traced = await walkOnce(browser, paceMs, true);
    const told = await walkOnce(browser, paceMs, false);
    STEPS.forEach((_, i) => held[i]!.push({ workMs: traced[i]!.workMs, clockMs: told[i]!.clockMs }));
  }
  return held;
}

/** Collects what the browser reports as long tasks (50 ms and more by the clock), each with its beginning. */
export const LISTEN = `globalThis.longTasks = [];
new PerformanceObserver((l) => { for (const e of l.getEntries()) globalThis.longTasks.push([e.startTime, e.duration]); }).observe({ type: 'longtask' });`;

async function walkOnce(browser: Browser, paceMs: number, trace: boolean): Promise<Longest[]> {
  const context = await phone(browser);
  await context.addInitScript(LISTEN);
  const page = await context.newPage();
  await openAndSettle(page);
  await page.waitForTimeout(PACES.read);
  if (trace)
    await browser.startTracing(page, {
      categories: ['toplevel', 'blink.user_timing', 'disabled-by-default-devtools.timeline'],
    });
  const began: number[] = [];
  for (const [name, act] of STEPS) {
    began.push(await page.evaluate((mark) => (performance.mark(mark), performance.now()), MARK + name));
    await act(page);
    await page.waitForTimeout(paceMs);
  }
  let longest: Longest[];
  if (trace) {
    longest = longestBySteps(
      (JSON.parse((await browser.stopTracing()).toString()) as { traceEvents: TraceEvent[] }).traceEvents,
    );
  } else {
    const long = await page.evaluate(() => (globalThis as unknown as { longTasks: [number, number][] }).longTasks);
    longest = began.map((from, i) => {
      const mine = long.filter(([at]) => at >= from && at < (began[i + 1] ?? Infinity)).map(([, ms]) => ms);
      return { workMs: 0, clockMs: Math.max(0, ...mine) };
    });
  }
  await context.close();
  return longest;
}

/** Share of the time in which another machine had this one's processor, 0–1; null where the system does not tell. */
function stolen(): { since: () => number | null } {
  const read = (): number[] | null => {
    try {
      return readFileSync('/proc/stat', 'utf8').split('\n')[0]!.trim().split(/\s+/).slice(1).map(Number);
    } catch {
      return null;
    }
  };
  const before = read();
  return {
    since: () => {
      const now = read();
      if (!before || !now) return null;
      const all = now.reduce((s, x, i) => s + x - before[i]!, 0);
      return (now[7]! - before[7]!) / all;
    },
  };
}

export async function longTaskBench(browser: Browser): Promise<string> {
  const theft = stolen();
  const read = await walk(browser, PACES.read);
  const hurried = await walk(browser, PACES.hurried);
  const share = theft.since();
  const most = (xs: readonly Longest[], k: keyof Longest): number => Math.max(...xs.map((x) => x[k]));
  const workAndClock = (xs: readonly Longest[]): string =>
    `${most(xs, 'workMs').toFixed(0)} · ${most(xs, 'clockMs') > 0 ? most(xs, 'clockMs').toFixed(0) : '–'}`;
  const all = [...read, ...hurried].flat();
  const over = (k: keyof Longest): number => all.filter((x) => x[k] > LONG_MS).length;
  return `## Long tasks

The day walked at full speed on a phone's screen after the first screen stood, ${ROUNDS} times at each pace. For each step: the most work (processor time) in one task of the main
thread, from a trace; and, from rounds without a trace, which itself costs time, the longest task that the browser calls long, by the clock (none: a dash). “Reading”: ${PACES.read / 1000} s between
touches. “Hurried”: ${PACES.hurried / 1000} s, so that the next touch falls into the time in which a worker still looks for the settled plan. By the clock a task is longer than its work when
the two cores are wanted by the worker, the drawing of the picture without a graphics processor, and the program that drives the browser.

${table(
  ['step', 'reading', 'hurried'],
  STEPS.map(([name], i) => [name, workAndClock(read[i]!), workAndClock(hurried[i]!)]),
)}

Of ${all.length} steps walked, ${over('workMs')} had a task of more than ${LONG_MS} ms of work and ${over('clockMs')} one that the browser called long${share === null ? '' : `; ${(100 * share).toFixed(0)} % of the machine's time went to its neighbours meanwhile`}.`;
}

/**
 * From the touch to the end of the frame that shows its answer, ms, by the page's own clock. What shows it is looked
 * for whenever something of the page has changed; the next frame draws that change, and what waits for the frame's
 * end is called once it is drawn.
 */
const touched = (page: Page, label: string, { text, key }: { text?: RegExp; key?: string }): Promise<number> =>
  page.evaluate(
    ([name, pattern, answer]) =>
      new Promise<number>((resolve) => {
        const look = pattern ? new RegExp(pattern) : null;
        const shown = (): unknown =>
          look
            ? [...document.querySelectorAll('[dir="auto"]')]
                .map((e) => e.textContent ?? '')
                .filter((t) => look.test(t))
                .join('|')
            : document.querySelector(`[aria-label="${answer}"]`);
        const before = shown();
        const changes = new MutationObserver(() => {
          const now = shown();
          if (!now || now === before) return;
          changes.disconnect();
          requestAnimationFrame(() => {
            const { port1, port2 } = new MessageChannel();
            port1.onmessage = () => resolve(performance.now() - began);
            port2.postMessage(null);
          });
        });
        changes.observe(document.body, { childList: true, subtree: true, characterData: true });
        const began = performance.now();
        document.querySelector<HTMLElement>(`[role="button"][aria-label^="${name}"]`)!.click();
      }),
    [label, text?.source ?? '', key ?? ''] as const,
  );

/** From the touch to the frame that shows its answer, a text that has changed. */
export const tapToDrawn = (page: Page, label: string, text: RegExp): Promise<number> => touched(page, label, { text });

/** From the touch to the drawn key that takes it back, which stands once the device has confirmed it. */
export const tapToStored = (page: Page, label: string, key: string): Promise<number> => touched(page, label, { key });

/** Nobody casts sooner than this after the last touch, ms. */
const BETWEEN_MS = 700;
const CASTS = 180;
/** So many of them at a processor four times slower. */
const SLOW_CASTS = 90;
/** What a touch may take, at full and at a quarter of the speed, ms. */
const GOAL_MS = { full: 50, slowed: 100 };

/** A touch, and the longer of two fixed pieces of work right before and right after it: how slow the machine was. */
interface Timed {
  ms: number;
  workMs: number;
}
async function timed(touch: () => Promise<number>): Promise<Timed> {
  const before = workMs();
  const ms = await touch();
  return { ms, workMs: Math.max(before, workMs()) };
}
/** While the fixed work took more than so many times its least, the machine was busy with its neighbours. */
const BUSY = 2;

/** “24 (8–94) ms, 178 of 180 within 50 ms; 170 of 171 while the machine was calm”. */
function told(touches: readonly Timed[], goalMs: number, leastWorkMs: number): string {
  const within = (of: readonly Timed[]): string => `${of.filter((x) => x.ms <= goalMs).length} of ${of.length}`;
  const calm = touches.filter((x) => x.workMs <= BUSY * leastWorkMs);
  const all = spreadText(spread(touches.map((x) => x.ms)));
  return `${all}, ${within(touches)} within ${goalMs} ms; ${within(calm)} while the machine was calm`;
}

/** A long day: so many casts and events before it is touched again, hurried into the log by the page itself. */
const FULL_DAY = { casts: 1500, events: 300 };
const AFTER_FULL_DAY = 42;

/** Presses in the page until so many more casts and events stand there, as fast as it takes them. */
const hurried = (page: Page, casts: number, events: number): Promise<void> =>
  page.evaluate(
    async ([moreCasts, moreEvents]) => {
      const rest = (): Promise<void> => new Promise((go) => setTimeout(go, 25));
      const press = async (name: string): Promise<void> => {
        const button = (): HTMLElement | undefined =>
          [...document.querySelectorAll<HTMLElement>('[role="button"]')].find((e) =>
            (e.getAttribute('aria-label') ?? e.textContent ?? '').startsWith(name),
          );
        while (!button()) await rest();
        button()!.click();
        await rest();
      };
      for (let i = 0; i < moreCasts; i++) await press('Cast: add one');
      for (let i = 0; i < moreEvents; i++) {
        await press('Missed:');
        await press('On the hang');
      }
    },
    [casts, events] as const,
  );

export async function loggingBench(browser: Browser): Promise<string> {
  const context = await phone(browser);
  const page = await context.newPage();
  await openAndSettle(page);
  await go(page, 'Strikes');
  await page.getByRole('button', { name: 'Cast: add one' }).waitFor(PATIENT);
  await page.waitForTimeout(8000);
  const client = await context.newCDPSession(page);
  const heap = async (): Promise<number> => {
    for (let i = 0; i < 3; i++) await client.send('HeapProfiler.collectGarbage');
    const { usedSize } = (await client.send('Runtime.getHeapUsage')) as { usedSize: number };
    return usedSize / 2 ** 20;
  };
  /** Casts, and something felt on every sixth. */
  const fish = async (times: number): Promise<{ casts: Timed[]; events: Timed[] }> => {
    const casts: Timed[] = [];
    const events: Timed[] = [];
    for (let i = 0; i < times; i++) {
      casts.push(await timed(() => tapToDrawn(page, 'Cast: add one', /^\d+ casts?$/)));
      await page.waitForTimeout(BETWEEN_MS);
      if (i % 6 !== 5) continue;
      events.push(await timed(() => tapToStored(page, 'Missed:', 'Undo the missed')));
      await page.getByRole('button', { name: 'On the hang' }).tap();
      await page.waitForTimeout(BETWEEN_MS);
    }
    return { casts, events };
  };
  const before = await heap();
  const full = await fish(CASTS);
  const after = await heap();
  await slow(page, 4);
  const slowed = await fish(SLOW_CASTS);
  await slow(page, 1);
  const done = CASTS + SLOW_CASTS;
  await hurried(page, FULL_DAY.casts - done, FULL_DAY.events - done / 6);
  await page.waitForTimeout(30_000);
  const late = await fish(AFTER_FULL_DAY);
  await slow(page, 4);
  const lateSlowed = await fish(AFTER_FULL_DAY);
  const all = [full, slowed, late, lateSlowed].flatMap((x) => [x.casts, x.events]);
  const least = Math.min(...all.flat().map((x) => x.workMs));
  await context.close();
  return `## Logging

An hour of brisk fishing: ${CASTS} casts, ${CASTS / 6} events, each with its moment, ${BETWEEN_MS / 1000} s between touches. From the touch to the drawn frame that shows the stored answer
(a cast's number, the key that takes an event back: both stand only once the device has confirmed it), median and range. Calm: a fixed piece of work right before and right after the touch took at the
most ${BUSY} times its least, ${least.toFixed(0)} ms.

${table(
  ['what', 'touch → drawn', 'at a quarter of the speed'],
  [
    ['cast', told(full.casts, GOAL_MS.full, least), told(slowed.casts, GOAL_MS.slowed, least)],
    ['event', told(full.events, GOAL_MS.full, least), told(slowed.events, GOAL_MS.slowed, least)],
    [
      `cast, after ${FULL_DAY.casts} casts and ${FULL_DAY.events} events`,
      told(late.casts, GOAL_MS.full, least),
      told(lateSlowed.casts, GOAL_MS.slowed, least),
    ],
    ['event, after them', told(late.events, GOAL_MS.full, least), told(lateSlowed.events, GOAL_MS.slowed, least)],
  ],
)}

Memory of the page after collecting garbage: ${before.toFixed(1)} MB before the hour, ${after.toFixed(1)} MB after it.`;
}
