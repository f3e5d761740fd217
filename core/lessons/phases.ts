/**
 * When in the cast they strike, by the time spent in each part, so that a long part does not look good by being long.
 */
import { isStrike } from '../log/events';
import { PHASES, type Phase } from '../planning/cadence/cadence';
import { total, type Fished } from './fished';

/** A part of the cast: strikes with this moment, and the time that lures spent in it, s. */
export interface PhaseRate {
  phase: Phase;
  strikes: number;
  seconds: number;
  /** Strikes in an hour of it; null where too little time was spent in it. */
  perHour: number | null;
}

/** Fewer strikes than that in a part may be luck. */
export const FEW_STRIKES = 3;

/** Below this exposure a rate by phase is noise, s. */
const ENOUGH_S = 120;

/** Every part of the cast, in its order. */
export const byPhase = (fished: readonly Fished[]): PhaseRate[] =>
  PHASES.map((phase) => {
    const seconds = total(fished, (f) => f.tally.casts * (f.block.phaseS[phase] ?? 0));
    const strikes = total(fished, (f) => f.tally.events.filter((e) => e.phase === phase && isStrike(e.kind)).length);
    return { phase, strikes, seconds, perHour: seconds > ENOUGH_S ? (strikes * 3600) / seconds : null };
  });
