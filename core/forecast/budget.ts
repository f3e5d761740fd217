/** A round for so much time as one has: when on that day it is spent best, and what beginning at once is worth. */
import { planRound, SLOT_MS, type Round, type RoundOptions, type SpotCandidate } from './spots';

/** The best stretch of the day that long, and its round. */
export interface BudgetedRound extends Round {
  fromMs: number;
  toMs: number;
  /** What the same time from the begin of the day is worth, as a share of the best; today that is from now. */
  atOnce: number;
}

/** Exact over every begin by the half hour. Null: so much time is not asked, or not left. */
export function planBudget(candidates: readonly SpotCandidate[], o: RoundOptions): BudgetedRound | null {
  if (o.budgetMin === undefined) return null;
  const firstMs = Math.max(o.fromMs, o.line.fished.fromMs);
  const lastMs = Math.min(o.toMs, o.line.fished.toMs);
  const longMs = Math.floor((o.budgetMin * 60_000) / SLOT_MS) * SLOT_MS;
  if (longMs < SLOT_MS || firstMs + longMs > lastMs) return null;
  const at = (fromMs: number): Round => planRound(candidates, { ...o, fromMs, toMs: fromMs + longMs });
  const first = at(firstMs);
  let best = { round: first, fromMs: firstMs };
  for (let fromMs = firstMs + SLOT_MS; fromMs + longMs <= lastMs; fromMs += SLOT_MS) {
    const round = at(fromMs);
    if (round.worth > best.round.worth + 1e-9) best = { round, fromMs };
  }
  // Each spot's own best hour is that of the whole day, as without a budget.
  const { ranked } = planRound(candidates, o);
  return {
    ...best.round,
    ranked,
    fromMs: best.fromMs,
    toMs: best.fromMs + longMs,
    atOnce: best.round.worth > 0 ? first.worth / best.round.worth : 1,
  };
}
