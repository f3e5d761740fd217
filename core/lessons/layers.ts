/** Effort and strikes by the depth the lure was worked at. */
import type { Book } from '../records';
import { fishedIn, total, type Fished } from './fished';

/** A layer of water with what was fished in it. */
export interface DepthLayer {
  topM: number;
  bottomM: number;
  casts: number;
  strikes: number;
  minutes: number;
  expected: number;
}

/** Layers by the middle of the band fished, m: the top, then ever thicker. */
const LAYERS_M = [0, 0.3, 1, 2, 3.5, 6, 300] as const;

/** Layers in which was fished, from the top. */
export const byDepth = (fished: readonly Fished[]): DepthLayer[] =>
  LAYERS_M.slice(0, -1).flatMap((topM, i) => {
    const bottomM = LAYERS_M[i + 1]!;
    const of = fished.filter(({ block: { presentation } }) => {
      const middleM = (presentation.bandM[0] + presentation.bandM[1]) / 2;
      return middleM >= topM && middleM < bottomM;
    });
    const casts = total(of, (f) => f.tally.casts);
    return casts > 0
      ? [
          {
            topM,
            bottomM,
            casts,
            strikes: total(of, (f) => f.tally.strikes),
            minutes: total(of, (f) => f.minutes),
            expected: total(of, (f) => f.expected),
          },
        ]
      : [];
  });

/** Layers in which this fish was fished for, from the top. */
export const strikesByDepth = (book: Book, species: string): DepthLayer[] => byDepth(fishedIn(book, { species }));
