/**
 * What lures cost where lures die: snags an hour · chance that the line parts in one · price. Money never enters the
 * score; it stands beside it.
 */
import type { LineSpec } from '../tackle/line';
import type { Hook } from '../lures/family';
import type { Score } from './score';

/**
 * Chance that a firm snag takes the lure, by hook: a weedless one comes back out, trebles are dug in. prior: judgement.
 */
const KEPT_BY_SNAG: Record<Hook, number> = { treble: 0.42, single: 0.35, weedless: 0.25 };
/** At this strength, lb, that chance holds; it falls with the square root of stronger line. */
const COMMON_LB = 15;
const MAX_BREAK_OFF = 0.95;

/** Chance that a firm snag ends with the lure lost, 0–0.95, by hook and line. */
export const breakOffChance = (hook: Hook, line: Pick<LineSpec, 'strengthLb'> | null): number =>
  Math.min(MAX_BREAK_OFF, KEPT_BY_SNAG[hook] * Math.sqrt(COMMON_LB / (line?.strengthLb ?? COMMON_LB)));

const factsOf = (s: Pick<Score, 'why'>) => {
  const snags = s.why.find((w) => w.factor === 'snags')!.facts;
  const hooked = s.why.find((w) => w.factor === 'hooked')!.facts;
  return { perCast: Number(snags.perCast), keptShare: Number(snags.share), hook: hooked.hook as Hook };
};

/** Lures lost in an hour of fishing it, and the money, smallest coin. */
export function lossPerHour(
  s: Pick<Score, 'why' | 'zone'>,
  priceMinor: number,
  line: Pick<LineSpec, 'strengthLb'> | null = null,
): { lures: number; minor: number } {
  const { perCast, keptShare, hook } = factsOf(s);
  const lures = s.zone.castsPerHour * keptShare * perCast * breakOffChance(hook, line);
  return { lures, minor: lures * priceMinor };
}

/** Money for one hooked fish, smallest coin. */
export const costPerStrike = (
  s: Pick<Score, 'why' | 'zone' | 'score'>,
  priceMinor: number,
  line: Pick<LineSpec, 'strengthLb'> | null = null,
): number => lossPerHour(s, priceMinor, line).minor / Math.max(s.score, 1e-6);

/** What lures lost to snags cost, in the smallest coin. */
export interface Ledger {
  lostPerHour: number;
  costPerHourMinor: number;
  costPerStrikeMinor: number;
  /** Over the hours of a day. */
  lostInDay: number;
  costInDayMinor: number;
}

/** Priced at `priceMinor`; `hours` of fishing, 0–24. */
export function ledgerOf(
  s: Pick<Score, 'why' | 'zone' | 'score'>,
  priceMinor: number,
  hours: number,
  line: Pick<LineSpec, 'strengthLb'> | null,
): Ledger {
  const { lures, minor } = lossPerHour(s, priceMinor, line);
  return {
    lostPerHour: lures,
    costPerHourMinor: minor,
    costPerStrikeMinor: costPerStrike(s, priceMinor, line),
    lostInDay: lures * hours,
    costInDayMinor: minor * hours,
  };
}

/**
 * How many times as many fish the dear one must bring for its strikes to cost no more than the cheap one's, both fished
 * and lost alike: the ratio of what is lost in an hour. Null where nothing is lost.
 */
export function breakEvenAdvantage(dear: Ledger, cheap: Ledger): number | null {
  return cheap.costPerHourMinor > 0 ? dear.costPerHourMinor / cheap.costPerHourMinor : null;
}
