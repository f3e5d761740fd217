/** A ranking handed over in pieces is the same ranking, its lures in their order. */
import { rankWithLog, type LearnedRanking } from '../core/learning/learned';
import { usualRequest } from '../core/fixtures/usualRequest';
import { inPieces, whole } from './pieces';

const ranking = rankWithLog(usualRequest('paddletail').conditions, {}, null);
const withLures = (count: number): LearnedRanking => ({
  ...ranking,
  ranked: Array.from({ length: count }, (_, i) => ({
    ...ranking.ranked[i % ranking.ranked.length]!,
    key: `lure-${i}`,
  })),
});

test.each([0, 1, 39, 40, 41, 500])('%i lures', async (count) => {
  const given = withLures(count);
  const pieces = inPieces(given);
  expect(pieces.ranked).toHaveLength(Math.ceil(count / 40));
  expect(await whole(pieces)).toEqual(JSON.parse(JSON.stringify(given)));
});
