import { spreadMood } from '../mood/states';
import type { Conditions } from '../water/conditions';
import { speciesProfile } from '../water/species';
import { readContext } from './context';
import { familyById } from '../lures/families';
import { calledRadiusM, scoreIce } from './ice';
import { rankLures, type Ranking } from './rank';
import { resolveConditions } from '../water/resolve';

const on = (given: Partial<Omit<Conditions, 'water'>> & { water?: Partial<Conditions['water']> } = {}): Conditions => ({
  species: 'walleye',
  access: 'ice',
  month: 1,
  ...given,
  water: { setting: 'ice', surfaceTempC: 1, clarityM: 2.5, depthM: 6, fishDepthM: 5.5, ...given.water },
});
const order = (r: Ranking): string[] => r.ranked.map((x) => x.family);
const context = (mood: number, c = on()) =>
  readContext(resolveConditions(c), speciesProfile(c.species), spreadMood(mood, 0.4));
const LADDER = [
  'ice-lipless',
  'ice-gliding-jig',
  'ice-rattle-spoon',
  'ice-flutter-spoon',
  'ice-slender-spoon',
  'ice-dead-stick',
] as const;

test('only what goes through a hole is ranked, and says so of the rest', () => {
  const r = rankLures(on(), { withoutRange: true });
  expect(r.branch).toBe('ice');
  expect(order(r).sort()).toEqual([...LADDER].sort());
  expect(r.excluded.every((x) => x.code === 'not-through-ice')).toBe(true);
  const open = rankLures({ ...on(), access: 'bow', water: { ...on().water, setting: 'lake' } }, { withoutRange: true });
  expect(open.excluded.filter((x) => x.code === 'only-ice').map((x) => x.family)).toEqual([...LADDER]);
});

test('a lively fish is best called loudly, a shut one in clear water left alone with something still', () => {
  const value = (id: (typeof LADDER)[number], mood: number, clarityM: number) =>
    scoreIce(familyById(id), context(mood, on({ water: { clarityM } }))).score;
  const best = (mood: number, clarityM: number) =>
    LADDER.reduce((a, b) => (value(b, mood, clarityM) > value(a, mood, clarityM) ? b : a));
  expect(best(3.7, 1.2)).toBe('ice-lipless');
  expect(['ice-dead-stick', 'ice-slender-spoon']).toContain(best(0.2, 5));
});

test('louder calls from further, murk takes sight but not sound', () => {
  const clear = context(2, on({ water: { clarityM: 4 } }));
  const murk = context(2, on({ water: { clarityM: 0.4 } }));
  const radius = (id: (typeof LADDER)[number], c: typeof clear) => calledRadiusM(familyById(id), c);
  expect(radius('ice-lipless', clear)).toBeGreaterThan(radius('ice-slender-spoon', clear));
  expect(radius('ice-slender-spoon', murk) / radius('ice-slender-spoon', clear)).toBeLessThan(0.3);
  expect(radius('ice-lipless', murk) / radius('ice-lipless', clear)).toBeGreaterThan(0.6);
});

test('neither chase nor casts count: no such factor stands in the reasons', () => {
  const [x] = rankLures(on(), { withoutRange: true }).ranked;
  expect(x!.why.map((w) => w.factor)).toEqual([
    'called',
    'appetite',
    'travel',
    'pause',
    'noise',
    'food',
    'size',
    'colour',
    'light',
    'hold',
    'fall',
    'hooked',
    'snags',
  ]);
  expect(x!.why.reduce((s, w) => s + w.ln, 0)).toBeCloseTo(Math.log(x!.score), 9);
});

test('leaving one out reorders no other; a small step is a small step', () => {
  const all = rankLures(on(), { withoutRange: true });
  const fewer = rankLures(on(), { withoutRange: true, families: LADDER.filter((f) => f !== order(all)[1]) });
  expect(order(fewer)).toEqual(order(all).filter((f) => f !== order(all)[1]));
  const score = (clarityM: number) =>
    new Map(rankLures(on({ water: { clarityM } }), { withoutRange: true }).ranked.map((x) => [x.family, x.score]));
  const [a, b] = [score(2.5), score(2.51)];
  for (const [f, v] of b) expect(Math.abs(Math.log(v / a.get(f)!))).toBeLessThan(0.05);
});
