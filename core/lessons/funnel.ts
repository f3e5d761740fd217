/** From cast to landed fish, and where fish were lost on the way. */
import { isHooked, isLanded, isStrike } from '../log/events';
import { PHASES, type Phase } from '../planning/cadence/cadence';
import type { EventKind } from '../records/event';
import { groupBy } from '../log/tally';
import { total, type Fished } from './fished';
import { betaInterval, type Interval } from './rates';

/** What became of the fish that struck, of one lure or in one part of the cast. */
export interface Outcome {
  strikes: number;
  bumps: number;
  missed: number;
  lost: number;
  landed: number;
}

/** Every step with its count, the share of the step before it, and who lost most. */
export interface Funnel extends Outcome {
  casts: number;
  follows: number;
  hooked: number;
  hookedShare: Interval;
  landedShare: Interval;
  byPhase: ({ phase: Phase } & Outcome)[];
  byLure: ({ lureName: string } & Outcome)[];
}

type Events = readonly { kind: EventKind; phase: Phase | null }[];
const outcomeOf = (events: Events): Outcome => {
  const count = (of: (k: EventKind) => boolean): number => events.filter((e) => of(e.kind)).length;
  return {
    strikes: count(isStrike),
    bumps: count((k) => k === 'bump'),
    missed: count((k) => k === 'missed'),
    lost: count((k) => k === 'lost'),
    landed: count(isLanded),
  };
};

export function funnelOf(fished: readonly Fished[]): Funnel {
  const events = fished.flatMap((f) => f.tally.events);
  const outcome = outcomeOf(events);
  const hooked = events.filter((e) => isHooked(e.kind)).length;
  return {
    ...outcome,
    casts: total(fished, (f) => Math.max(f.tally.casts, f.tally.strikes)),
    follows: events.filter((e) => e.kind === 'follow').length,
    hooked,
    hookedShare: betaInterval(hooked, outcome.strikes),
    landedShare: betaInterval(outcome.landed, hooked),
    byPhase: PHASES.map((phase) => ({ phase, ...outcomeOf(events.filter((e) => e.phase === phase)) })).filter(
      (x) => x.strikes > 0,
    ),
    byLure: [...groupBy(fished, (f) => f.block.presentation.lureName)]
      .map(([lureName, of]) => ({ lureName, ...outcomeOf(of.flatMap((f) => f.tally.events)) }))
      .filter((x) => x.strikes > 0)
      .sort((a, b) => b.strikes - a.strikes || (a.lureName < b.lureName ? -1 : 1)),
  };
}
