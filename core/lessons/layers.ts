/** Effort and strikes by the depth the lure was worked at. */
import type { Book } from '../records';
import { tallyByBlock } from '../log/tally';

/** A layer of water with what was fished in it. */
export interface DepthLayer {
  topM: number;
  bottomM: number;
  casts: number;
  strikes: number;
}

/** Layers by the middle of the band fished, m: the top, then ever thicker. */
const LAYERS_M = [0, 0.3, 1, 2, 3.5, 6, 300] as const;

/** Layers in which this fish was fished for, from the top. */
export function strikesByDepth(book: Book, species: string): DepthLayer[] {
  const tallies = tallyByBlock(book);
  const layers: DepthLayer[] = LAYERS_M.slice(0, -1).map((topM, i) => ({
    topM,
    bottomM: LAYERS_M[i + 1]!,
    casts: 0,
    strikes: 0,
  }));
  for (const b of Object.values(book.block)) {
    if (book.trip[b.tripId]?.species !== species) continue;
    const middleM = (b.presentation.bandM[0] + b.presentation.bandM[1]) / 2;
    const layer = layers.find((l) => middleM >= l.topM && middleM < l.bottomM);
    const t = tallies.get(b.id)!;
    if (!layer) continue;
    layer.casts += t.casts;
    layer.strikes += t.strikes;
  }
  return layers.filter((l) => l.casts > 0);
}
