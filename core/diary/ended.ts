/** What a day came to, when it is over: what did best, whether it was a good one, what is still to be told of it. */
import { isLanded, isStrike } from '../log/events';
import { minutesOf } from '../log/effort';
import { luckOf } from '../lessons/luck';
import type { EffortBlock } from '../records/block';
import type { StrikeEvent } from '../records/event';
import type { DiaryDay } from './days';

/** A lure of the day with what it drew. */
export interface LureOfDay {
  lureId: string | null;
  name: string;
  casts: number;
  strikes: number;
  landed: number;
  minutes: number;
}

/** The lures of a day: most strikes first, then fewest casts. */
export function luresOf({ blocks, byBlock }: DiaryDay): LureOfDay[] {
  const out = new Map<string, LureOfDay>();
  blocks.forEach((b, i) => {
    const { lureId, lureName } = b.presentation;
    const t = byBlock[i]!;
    const l = out.get(lureId ?? lureName) ?? { lureId, name: lureName, casts: 0, strikes: 0, landed: 0, minutes: 0 };
    out.set(lureId ?? lureName, {
      ...l,
      casts: l.casts + t.casts,
      strikes: l.strikes + t.strikes,
      landed: l.landed + t.landed,
      minutes: l.minutes + minutesOf(b, Math.max(t.casts, t.strikes)),
    });
  });
  return [...out.values()]
    .filter((l) => l.casts + l.strikes > 0)
    .sort((a, b) => b.strikes - a.strikes || a.casts - b.casts || (a.name < b.name ? -1 : 1));
}

/** The block that drew most, by strikes and then by fewest casts; null: none drew anything. */
export function bestBlock({ blocks, byBlock }: DiaryDay): EffortBlock | null {
  let best = -1;
  blocks.forEach((_, i) => {
    const [a, b] = [byBlock[i]!, byBlock[best]];
    if (a.strikes === 0) return;
    if (!b || a.strikes > b.strikes || (a.strikes === b.strikes && a.casts < b.casts)) best = i;
  });
  return blocks[best] ?? null;
}

/** Strikes against what the model expected when each block was opened, with what luck alone brings. */
export interface DayAgainstModel {
  strikes: number;
  expected: number;
  byLuck: readonly [number, number];
  outcome: 'as-expected' | 'better' | 'worse';
}

/** Null: nothing was expected of it. Where fewer casts than strikes were logged, the casts were not counted. */
export function againstModel({ blocks, byBlock }: Pick<DiaryDay, 'blocks' | 'byBlock'>): DayAgainstModel | null {
  const whole = blocks.map((b, i) => ({ b, ...byBlock[i]! })).filter((x) => x.casts >= x.strikes);
  const expected = whole.reduce((s, { b, casts }) => s + b.expectedPerCast * casts, 0);
  if (expected <= 0) return null;
  const byLuck = luckOf(expected);
  const strikes = whole.reduce((s, x) => s + x.strikes, 0);
  const outcome = strikes > byLuck[1] ? 'better' : strikes < byLuck[0] ? 'worse' : 'as-expected';
  return { strikes, expected, byLuck, outcome };
}

/** What is asked about a day that is over: at most three, what teaches most first. */
export type DayQuestion =
  { ask: 'phase'; event: StrikeEvent } | { ask: 'length'; event: StrikeEvent } | { ask: 'note' };

const MOST = 3;

export function questionsOf({ tally, trip }: Pick<DiaryDay, 'tally' | 'trip'>): DayQuestion[] {
  const phase = tally.events
    .filter((e) => isStrike(e.kind) && e.phase === null && e.side === null)
    .map((event): DayQuestion => ({ ask: 'phase', event }));
  const length = tally.events
    .filter((e) => isLanded(e.kind) && e.lengthM === null)
    .map((event): DayQuestion => ({ ask: 'length', event }));
  const note: DayQuestion[] = trip.note === '' ? [{ ask: 'note' }] : [];
  // The newest are remembered best.
  return [...length.reverse().slice(0, 1), ...phase.reverse().slice(0, 1), ...note].slice(0, MOST);
}

/** When a block was fished: to the next one's beginning, else to the last thing logged in it. */
export function spanOf(
  block: EffortBlock,
  events: readonly { atMs: number }[],
  casts: readonly { atMs: number }[],
): [number, number] {
  const last = [...events, ...casts].reduce((m, x) => Math.max(m, x.atMs), block.startedAtMs);
  return [block.startedAtMs, Math.max(last, block.endedAtMs ?? 0)];
}
