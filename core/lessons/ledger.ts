/** What each lure cost and brought. Money in the smallest unit of the angler's own. */
import { groupBy } from '../log/tally';
import type { Book } from '../records';
import { total, type Fished } from './fished';

export interface LureAccount {
  lureId: string | null;
  lureName: string;
  casts: number;
  minutes: number;
  strikes: number;
  landed: number;
  snags: number;
  /** Times it was lost, and what that cost; null where its price is not known. */
  lost: number;
  costMinor: number | null;
}

/** Every lure that was fished, the most fished first. */
export const accountsOf = (fished: readonly Fished[], lures: Book['lure']): LureAccount[] =>
  [...groupBy(fished, ({ block: { presentation: p } }) => p.lureId ?? p.lureName)]
    .map(([, of]): LureAccount => {
      const { lureId, lureName } = of.at(-1)!.block.presentation;
      const count = (kind: 'snag' | 'lure-lost'): number =>
        total(of, (f) => f.tally.events.filter((e) => e.kind === kind).length);
      const priceMinor = (lureId && lures[lureId]?.priceMinor) || null;
      const lost = count('lure-lost');
      return {
        lureId,
        lureName: (lureId && lures[lureId]?.name) || lureName,
        casts: total(of, (f) => Math.max(f.tally.casts, f.tally.strikes)),
        minutes: total(of, (f) => f.minutes),
        strikes: total(of, (f) => f.tally.strikes),
        landed: total(of, (f) => f.tally.landed),
        snags: count('snag'),
        lost,
        costMinor: lost === 0 ? 0 : priceMinor === null ? null : lost * priceMinor,
      };
    })
    .sort((a, b) => b.minutes - a.minutes || (a.lureName < b.lureName ? -1 : 1));
