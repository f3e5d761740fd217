import { STILL_LAKE } from '../fixtures/stillLake';
import { allFamilies } from '../lures/families';
import { COLOURS } from '../lures/family';
import type { OwnLure } from '../lures/own';
import { rankLures, rankWithGrounds } from './rank';
import { OWN_RANGES } from './layout';

/** A box in which no two lures are the same. */
const box = (n: number): OwnLure[] => {
  const kinds = allFamilies();
  return Array.from({ length: n }, (_, i) => {
    const f = kinds[i % kinds.length]!;
    return {
      id: `own-${i}`,
      family: f.id,
      weightKg: f.weightKg[1] * (0.8 + 0.1 * (i % 5)),
      lengthM: f.lengthM[1] * (0.9 + 0.05 * (i % 7)),
      hook: f.hook,
      colour: COLOURS[i % COLOURS.length]!,
      priceMinor: 0,
    };
  });
};
const long = box(3 * allFamilies().length);

describe('a long box', () => {
  const ranking = rankLures(STILL_LAKE, { lures: long });

  test('is ranked as it is without its ranges', () => {
    const without = rankLures(STILL_LAKE, { lures: long, withoutRange: true });
    expect(ranking.ranked.map((x) => [x.key, x.strikesPerHour])).toEqual(
      without.ranked.map((x) => [x.key, x.strikesPerHour]),
    );
    expect(ranking.plan).toEqual(without.plan);
  });

  test('the first have ranges of their own; those further down are near to theirs', () => {
    expect(ranking.ranked.length).toBeGreaterThan(OWN_RANGES);
    const alone = (key: string) => rankLures(STILL_LAKE, { lures: long.filter((l) => l.id === key) }).ranked[0]!;
    ranking.ranked.forEach((x, place) => {
      expect(x.low).toBeLessThanOrEqual(x.strikesPerHour);
      expect(x.high).toBeGreaterThanOrEqual(x.strikesPerHour);
      if (place % 7 !== 0) return;
      const own = alone(x.key);
      if (place < OWN_RANGES) expect([x.low, x.high]).toEqual([own.low, own.high]);
      else expect(Math.abs(Math.log(x.high / own.high))).toBeLessThan(0.5);
    });
  });
});

describe('a box that is asked again', () => {
  const lures = box(30);
  const first = rankLures(STILL_LAKE, { lures });
  /** Asked in other words, it is laid out anew. */
  const anew = { lures, families: allFamilies().map((f) => f.id) };

  test('tells the same, whatever was asked between', () => {
    rankLures(STILL_LAKE, { lures, learned: { [first.ranked[5]!.key]: 9 } });
    rankLures(STILL_LAKE, { lures, inHand: first.ranked[1]!.key });
    expect(rankLures(STILL_LAKE, { lures })).toEqual(first);
    expect(rankLures(STILL_LAKE, anew)).toEqual(first);
  });

  test('what the log says and what is tied on count as in a box laid out anew', () => {
    for (const more of [{ learned: { [first.ranked[4]!.key]: 5 } }, { inHand: first.ranked[1]!.key }]) {
      const again = rankWithGrounds(STILL_LAKE, { lures, ...more }).ranking;
      expect(again).toEqual(rankWithGrounds(STILL_LAKE, { ...anew, ...more }).ranking);
      expect(again).not.toEqual(first);
    }
  });

  test('another water, box, rod or school is another answer', () => {
    const windy = { ...STILL_LAKE, water: { ...STILL_LAKE.water, windMps: 8, waveHeightM: 0.5 } };
    const rod = { lengthM: 2, minLureKg: 0.002, maxLureKg: 0.008, action: 'fast' as const };
    for (const other of [
      rankLures(windy, { lures }),
      rankLures(STILL_LAKE, { lures: lures.slice(0, 20) }),
      rankLures(STILL_LAKE, { lures, rods: [rod] }),
      rankLures(STILL_LAKE, { lures, schools: { order: 'quiet-first' } }),
      rankLures(STILL_LAKE, { lures, lineDiameterM: 0.0005 }),
    ])
      expect(other).not.toEqual(first);
  });
});
