/**
 * What the angler's own counts say of the tackle in hand, ready for a plan: ratios to the model's values with their
 * ranges.
 */
import { normalQuantile } from '../../base/draws';
import { contentHash } from '../../base/hash';
import type { LurePhysics } from '../../simulation/types';
import type { ReelSpec } from '../../tackle/reel';
import { priorBelief, type Belief } from './belief';
import { calibrateLure, calibrateReel, SPREAD, type LureMeasurement, type Tried, type TurnCount } from './calibrate';

/** The measurements of the lure and the reel in use. */
export interface Measured {
  lure?: readonly LureMeasurement[] | null;
  reel?: readonly TurnCount[] | null;
}

/** What they say of the lure. */
export interface KnownLure {
  drag: Belief;
  lift: Belief;
  /** For each measurement in the order given: a slip, of no use. */
  nonsense: readonly boolean[];
}
/** What they say of the reel. */
export interface KnownReel {
  reel: Belief;
  nonsense: readonly boolean[];
}

/** The newest answers are kept: a plan asks the same question many times. */
const KEPT = 24;
function remembered<A, B>(answer: (question: A) => B): (question: A) => B {
  const known = new Map<string, B>();
  return (question) => {
    const key = contentHash(question);
    let b = known.get(key);
    if (b === undefined) {
      b = answer(question);
      known.set(key, b);
      const [oldest] = known.keys();
      if (known.size > KEPT) known.delete(oldest!);
    }
    return b;
  };
}

/** What measurements say of a lure; with none, the prior. */
export const knownLure = remembered(
  ({ tried, measurements }: { tried: Tried; measurements: readonly LureMeasurement[] }): KnownLure => {
    const { drag, lift } = calibrateLure(tried, measurements);
    const sinks = [...drag.nonsense];
    const ticks = [...lift.nonsense];
    return {
      drag: drag.after,
      lift: lift.after,
      nonsense: measurements.map((m) => (m.kind === 'ticks-bottom' ? ticks : sinks).shift() ?? false),
    };
  },
);

/** The ratio of line a turn that counts give, with its doubt. */
export const knownReel = remembered(({ reel, counts }: { reel: ReelSpec; counts: readonly TurnCount[] }): KnownReel => {
  const { after, nonsense } = calibrateReel(reel, counts);
  return { reel: after, nonsense };
});

/** Before anything was measured. */
export const UNKNOWN: { drag: Belief; lift: Belief; reel: Belief } = {
  drag: priorBelief(SPREAD.drag),
  lift: priorBelief(SPREAD.lift),
  reel: priorBelief(SPREAD.reel),
};

/** A lure's physics with drag and lift as counted. */
export const adjustedLure = (lure: LurePhysics, known: { drag: Belief; lift: Belief }): LurePhysics => ({
  ...lure,
  dragAreaM2: lure.dragAreaM2 * known.drag.ratio,
  liftAreaM2: lure.liftAreaM2 * known.lift.ratio,
});

/** Standard deviation of the logarithm that a belief's range stands for. */
export const spreadOf = (b: Belief): number => Math.log(b.high / b.low) / (2 * normalQuantile(0.95));
