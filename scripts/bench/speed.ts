/**
 * How fast the machine is just now. Shared with others it runs at a third of its speed one minute and at all of it the
 * next: what is timed counts when a fixed piece of work, done right before it and right after, took about as long as
 * the quickest ever in this run.
 */
import { setTimeout as rest } from 'node:timers/promises';
import { spread, spreadText } from './report';

/** A work that takes this much longer than the quickest one was done at less than full speed. */
const SLOWER = 1.25;
const PROBES = 40;

let quickestMs = Infinity;

/** Numbers and small objects, as a page has them; ms. */
function workMs(): number {
  const from = performance.now();
  let h = 1;
  const kept: { h: number }[] = [];
  for (let i = 0; i < 2_000_000; i++) {
    h = (h * 31 + i) | 0;
    if (kept.push({ h }) > 1000) kept.length = 0;
  }
  const ms = performance.now() - from;
  quickestMs = Math.min(quickestMs, ms);
  return h === 0 ? 0 : ms;
}

/** Looks for the machine's full speed for some seconds. */
export async function findFullSpeed(): Promise<void> {
  for (let i = 0; i < PROBES; i++) {
    workMs();
    await rest(200);
  }
}

const isFull = (): boolean => workMs() <= SLOWER * quickestMs;

/** What was timed: at full speed, and whenever it was, ms. */
export interface Timed {
  full: number[];
  all: number[];
}
export const noneTimed = (): Timed => ({ full: [], all: [] });

/** Times something once more; whether it was at full speed. */
export async function timeInto(timed: Timed, run: () => Promise<number>): Promise<boolean> {
  const before = isFull();
  const ms = await run();
  const full = isFull() && before;
  timed.all.push(ms);
  if (full) timed.full.push(ms);
  return full;
}

/** "430 (402–461) ms in 5 of 14; in all 655 (402–1302) ms". */
export function timedText({ full, all }: Timed): string {
  const any = spreadText(spread(all));
  if (full.length === all.length) return any;
  const quick =
    full.length > 0 ? `${spreadText(spread(full))} in ${full.length} of ${all.length}` : 'never at full speed';
  return `${quick}; in all ${any}`;
}

/** How the texts above are to be read. */
export const speedText = (): string =>
  `What is told first was timed while a fixed piece of work took no more than ${SLOWER} times its quickest ` +
  `(${quickestMs.toFixed(0)} ms), right before and right after; the rest had other work beside it on the machine.`;
