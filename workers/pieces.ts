/**
 * A ranking as it is handed to the page: of a box of hundreds it is two megabytes, too much to copy or to read in one
 * go. As texts it is read far quicker than as values, a few lures at a time.
 */
import type { LearnedRanking } from '../core/learning/learned';
import { rest } from './rest';

export interface RankingPieces {
  /** All but the lures. */
  frame: string;
  /** The lures in their order, some to a text. */
  ranked: string[];
}

/** Lures that are read in one go: a few milliseconds. */
const AT_ONCE = 40;

export function inPieces({ ranked, ...frame }: LearnedRanking): RankingPieces {
  const texts: string[] = [];
  for (let from = 0; from < ranked.length; from += AT_ONCE)
    texts.push(JSON.stringify(ranked.slice(from, from + AT_ONCE)));
  return { frame: JSON.stringify(frame), ranked: texts };
}

/** The ranking again; the page has its turn in between. */
export async function whole({ frame, ranked }: RankingPieces): Promise<LearnedRanking> {
  const lures: LearnedRanking['ranked'] = [];
  for (const [i, text] of ranked.entries()) {
    if (i > 0) await rest();
    lures.push(...(JSON.parse(text) as LearnedRanking['ranked']));
  }
  return { ...(JSON.parse(frame) as Omit<LearnedRanking, 'ranked'>), ranked: lures };
}
