/**
 * A reading dragged under a finger: how much script each move costs until the section shows it, on a processor four
 * times slower.
 */
import type { Browser, Page } from '@playwright/test';
import { phone, slow } from './browser';
import { spread, table, spreadText } from './report';
import { openAndSettle } from './walk';

const RATE = 4;
const MOVES = 60;
const ROUNDS = 3;
const FRAME_MS = 16;
/** Less is no redraw. */
const NOTHING_MS = 0.5;

interface TraceEvent {
  name: string;
  ph: string;
  pid: number;
  tid: number;
  ts: number;
  dur?: number;
  /** The same on the thread's own clock: without what other processes took of the machine meanwhile. */
  tdur?: number;
}
/** What the browser calls script. */
const SCRIPT = new Set([
  'EventDispatch',
  'FunctionCall',
  'RunMicrotasks',
  'FireAnimationFrame',
  'TimerFire',
  'EvaluateScript',
  'V8.InvokeApiInterruptCallbacks',
]);
const MARK = 'drag';

/** Milliseconds of script between each move and the next, nested ones counted once, on the thread's clock. */
function scriptByMove(events: readonly TraceEvent[], names: ReadonlySet<string> = SCRIPT): number[] {
  const marks = events.filter((e) => e.name === MARK).sort((a, b) => a.ts - b.ts);
  const { pid, tid } = marks[0]!;
  const script = events
    .filter((e) => e.pid === pid && e.tid === tid && e.ph === 'X' && names.has(e.name) && e.dur !== undefined)
    .map((e) => [e.ts, e.ts + (e.tdur ?? e.dur!)] as const)
    .sort((a, b) => a[0] - b[0]);
  return marks.slice(0, -1).map((m, i) => {
    const until = marks[i + 1]!.ts;
    let sum = 0;
    let covered = -Infinity;
    for (const [from, to] of script) {
      if (to <= m.ts || from >= until) continue;
      const [a, b] = [Math.max(from, m.ts, covered), Math.min(to, until)];
      if (b > a) sum += b - a;
      covered = Math.max(covered, b);
    }
    return sum / 1000;
  });
}

/** All script of each move, and the redrawing frame alone. */
interface Moves {
  all: number[];
  frame: number[];
}

async function drag(browser: Browser, page: Page, tile: RegExp, slider: string): Promise<Moves> {
  await page.getByRole('button', { name: tile }).tap();
  const thumb = page.getByRole('slider', { name: slider });
  await thumb.waitFor();
  await page.waitForTimeout(4000);
  const box = (await thumb.boundingBox())!;
  const y = box.y + box.height / 2;
  await page.mouse.move(box.x + 0.2 * box.width, y);
  await page.mouse.down();
  await browser.startTracing(page, { categories: ['blink.user_timing', 'devtools.timeline'] });
  for (let i = 0; i < MOVES; i++) {
    await page.mouse.move(box.x + (0.2 + (0.7 * i) / MOVES) * box.width, y);
    // A finger moves with the frames of a phone; two of them here, so that the answers do not run into each other.
    await page.waitForTimeout(90);
  }
  const trace = JSON.parse((await browser.stopTracing()).toString()) as { traceEvents: TraceEvent[] };
  await page.mouse.up();
  await page.getByRole('button', { name: tile }).tap();
  return {
    all: scriptByMove(trace.traceEvents),
    frame: scriptByMove(trace.traceEvents, new Set(['FireAnimationFrame'])),
  };
}

/** The same drag a few times over: of each move the middle one, because a shared machine stands still now and then. */
async function dragAgain(browser: Browser, page: Page, tile: RegExp, slider: string): Promise<Moves> {
  const rounds: Moves[] = [];
  await page.evaluate(
    (mark) => document.addEventListener('input', () => performance.mark(mark), { capture: true }),
    MARK,
  );
  for (let i = 0; i < ROUNDS; i++) rounds.push(await drag(browser, page, tile, slider));
  const middle = (of: keyof Moves, move: number): number =>
    rounds.map((r) => r[of][move] ?? 0).sort((a, b) => a - b)[ROUNDS >> 1]!;
  // A move too short for a step of the reading's own redraws nothing: it would only flatter the figures.
  const redraws = rounds[0]!.frame.flatMap((_, i) => (middle('frame', i) > NOTHING_MS ? [i] : []));
  return { all: redraws.map((i) => middle('all', i)), frame: redraws.map((i) => middle('frame', i)) };
}

export async function dragBench(browser: Browser): Promise<string> {
  const rows: [string, Moves][] = [];
  for (const [name, tile, slider] of [
    ['clarity', /^clarity: .*Change$/, 'Clarity'],
    ['surface temperature', /^surface: .*Change$/, 'Surface'],
    ['depth of the water', /^depth: .*Change$/, 'Depth'],
    ['depth of the fish', /^fish at: .*Change$/, 'Fish at'],
  ] as const) {
    const context = await phone(browser);
    const page = await context.newPage();
    await openAndSettle(page);
    // The other places' scripts are read in while the page is at rest.
    await page.waitForTimeout(8000);
    await slow(page, RATE);
    rows.push([name, await dragAgain(browser, page, tile, slider)]);
    await context.close();
  }
  const p90 = (v: readonly number[]): number => [...v].sort((a, b) => a - b)[Math.floor(0.9 * v.length)]!;
  return `## Dragging a reading

A slider on the Water page moved ${MOVES} times, ${ROUNDS} times over (of each move the middle one), ${RATE}× slowed processor, phone's screen; the moves that changed the reading. Script from a trace: the frame that redraws the section, what follows from the readings and the
slider's number; and all script from each move until the next, the browser's and the library's own events with it. A frame has ${FRAME_MS} ms.

${table(
  [
    'reading',
    'redraw: median and range',
    `redraws within ${FRAME_MS} ms`,
    'with the events of the finger',
    '90 % of these under',
  ],
  rows.map(([name, { all, frame }]) => [
    name,
    spreadText(spread(frame), 'ms', 1),
    `${frame.filter((x) => x <= FRAME_MS).length} of ${frame.length}`,
    spreadText(spread(all), 'ms', 1),
    `${p90(all).toFixed(1)} ms`,
  ]),
)}`;
}
