/** What was counted of a lure or a reel, and how sure that makes us. */
import type { Narrowed, Told } from '../core/planning/calibrate/assess';
import { REFERENCE_RUN } from '../core/planning/calibrate/reference';
import { say, type UnitPrefs } from './units';
import type { Measurement } from '../core/records/measurement';

/** What a narrowed quantity is of. */
export type Known = 'sink' | 'runs' | 'turn';

const PLACE: Record<Known, (u: UnitPrefs) => [before: string, after: string]> = {
  sink: () => ['Sinks', ' a second, free of the line'],
  runs: (u) => [
    'Runs',
    ` down on a ${say.distance(REFERENCE_RUN.castM, u)} cast at ${say.speed(REFERENCE_RUN.speedMps, u)}`,
  ],
  turn: () => ['Takes', ' of line a turn with half a cast out'],
};

/** How wide a range is, in words: its ends as a ratio. */
export function surenessText({ low, high }: Told): string {
  const k = high / Math.max(low, 1e-9);
  return k < 1.12 ? 'Well known' : k < 1.3 ? 'Known fairly well' : k < 1.6 ? 'Roughly known' : 'Only guessed';
}

const counts = (n: number): string => (n === 1 ? 'your one count' : `your ${n} counts`);

/**
 * "Roughly known. Sinks 2.4 ft a second, free of the line; likely 2.1–2.7 ft, from your 2 counts (before: 1.9–3.6 ft)."
 */
export function knownSentence(kind: Known, { before, after }: Narrowed, used: number, u: UnitPrefs): string {
  const [start, end] = PLACE[kind](u);
  const why =
    used === 0
      ? '. That is what its kind does: nothing is counted yet.'
      : `, from ${counts(used)} (before: ${say.fineRange(before.low, before.high, u)}).`;
  return `${surenessText(after)}. ${start} ${say.fine(after.mid, u)}${end}; likely ${say.fineRange(after.low, after.high, u)}${why}`;
}

export const MEASUREMENT_TITLE: Record<Measurement['kind'], string> = {
  'sink-slack': 'Sink, line slack',
  'sink-tight': 'Sink, line tight',
  'ticks-bottom': 'Ticks bottom',
  'turns-in': 'Turns for a length',
};

export const MEASUREMENT_HOW: Record<Measurement['kind'], string> = {
  'sink-slack':
    'Drop it where you know the depth, feed line so that it falls freely, and count until the line goes limp.',
  'sink-tight':
    'Cast it where you know the depth, hold the line tight with the tip at your chest, and count until it touches.',
  'ticks-bottom':
    'Wind it in steadily over a bottom that you know, with the tip at your chest: the depth at which it just begins to tick.',
  'turns-in': 'Lay out a known length of line, and count the turns of the handle that bring it in.',
};

/** One line of the list: what was counted. */
export function measurementText(c: Measurement, u: UnitPrefs): string {
  const on = c.line ? `, on ${say.line(c.line.strengthLb, u)} ${c.line.material}` : '';
  const out = c.castM ? `, ${say.distance(c.castM, u)} out` : '';
  switch (c.kind) {
    case 'turns-in':
      return `${say.distance(c.castM ?? 0, u)} in ${c.turns ?? 0} turns`;
    case 'ticks-bottom':
      return `Ticked at ${say.depth(c.depthM ?? 0, u)}${out}, at ${say.speed(c.speedMps ?? 0, u)}${on}`;
    default:
      return `${say.depth(c.depthM ?? 0, u)} in ${say.seconds(c.seconds ?? 0)}, line ${c.kind === 'sink-slack' ? 'slack' : 'tight'}${out}${on}`;
  }
}

export const SLIP_TEXT = 'Looks like a slip: nothing of its kind does that. It is kept, but not used.';
