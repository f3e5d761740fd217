/** Every number that leaves the ranking is one: for every species, setting and cover, to 300 m of water. */
import { seededRandom } from '../base/random';
import type { Conditions } from '../water/conditions';
import { COVER_KINDS, SETTINGS, SIGN_KINDS, SPECIES } from '../water/terms';
import { rankLures } from './rank';

/** Where a number stands that is none. */
function notFinite(value: unknown, path = ''): string[] {
  if (typeof value === 'number') return Number.isFinite(value) ? [] : [path];
  return value && typeof value === 'object'
    ? Object.entries(value).flatMap(([k, v]) => notFinite(v, `${path}.${k}`))
    : [];
}

const DEPTHS_M = [0.3, 6, 58, 120, 300] as const;

test.each(SPECIES)('%s: finite in every setting and cover, at every depth drawn for them', (species) => {
  const random = seededRandom(SPECIES.indexOf(species));
  const pick = <T>(all: readonly T[]): T => all[Math.floor(random() * all.length)]!;
  for (const setting of SETTINGS) {
    const depthM = pick(DEPTHS_M);
    const conditions: Conditions = {
      species,
      month: 1 + Math.floor(random() * 12),
      water: {
        setting,
        salinity: pick(['fresh', 'salt'] as const),
        depthM,
        fishDepthM: depthM * random(),
        cover: { kind: pick(COVER_KINDS), density: random() },
      },
      sky: {},
    };
    expect({ conditions, wrong: notFinite(rankLures(conditions, { withoutRange: random() < 0.8 })) }).toMatchObject({
      wrong: [],
    });
  }
});

test('deep water has an answer, and what cannot get down there is far behind or left out', () => {
  const { ranked, excluded } = rankLures(
    {
      species: 'walleye',
      month: 7,
      water: { setting: 'lake', salinity: 'fresh', depthM: 90, fishDepthM: 80 },
      sky: {},
    },
    { withoutRange: true },
  );
  const place = (family: string): number => ranked.findIndex((x) => x.family === family);
  expect(excluded.map((x) => x.family)).toEqual(expect.arrayContaining(['popper', 'square-bill']));
  expect(ranked[0]!.score).toBeGreaterThan(0);
  expect(place('floating-minnow')).toBe(-1);
});

test('signs of any age and number are taken in', () => {
  const water = { setting: 'lake', salinity: 'fresh', depthM: 3 } as const;
  const mood = (count: number, minutesAgo: number): number =>
    rankLures(
      { species: 'largemouth-bass', month: 7, water, sky: {}, signs: [{ kind: 'follow', count, minutesAgo }] },
      { withoutRange: true, families: [] },
    ).mood.mean;
  const before = mood(0, 0);
  expect(mood(2, 1e308)).toBeCloseTo(before, 6);
  expect(mood(2, 4 * 24 * 60)).toBeCloseTo(before, 6);
  expect(Number.isFinite(mood(10_000, 0))).toBe(true);
  for (const kind of SIGN_KINDS) {
    const { mood: judged } = rankLures(
      {
        species: 'largemouth-bass',
        month: 5,
        behaviour: 'guarding',
        water,
        sky: {},
        signs: [{ kind, count: 10_000, minutesAgo: 0 }],
      },
      { withoutRange: true, families: [] },
    );
    expect({ kind, wrong: notFinite(judged) }).toEqual({ kind, wrong: [] });
  }
});
