/**
 * The ranking has no cliffs but hard limits: a step in any reading, made smaller and smaller, moves every score less
 * and less.
 */
import { DEMO_LURES } from '../../demo/tackle';
import { seededRandom } from '../base/random';
import type { Conditions } from '../water/conditions';
import { rankLures } from './rank';
import { COVER_KINDS, SPECIES } from '../water/terms';

const random = seededRandom(21);
const pick = <T>(all: readonly T[]): T => all[Math.floor(random() * all.length)]!;
const between = (lo: number, hi: number): number => lo + (hi - lo) * random();

function someWater(): Conditions {
  const depthM = between(0.8, 9);
  return {
    species: pick(SPECIES),
    access: pick(['bow', 'bank', 'ice'] as const),
    behaviour: pick(['feeding', 'feeding', 'guarding'] as const),
    water: {
      setting: pick(['pond', 'lake', 'flat', 'tidal-creek', 'jetty'] as const),
      surfaceTempC: between(3, 30),
      tempChange3dC: between(-2, 2),
      clarityM: between(0.15, 3),
      depthM,
      fishDepthM: between(0, depthM),
      waveHeightM: between(0, 0.5),
      windMps: between(0, 8),
      currentMps: between(0, 0.6),
      cover: { kind: pick(COVER_KINDS), density: random(), branchDiameterM: between(0, 0.05) },
    },
    sky: { cloud: random(), sunElevationDeg: between(-10, 50), front: 'none' },
    month: 1 + Math.floor(12 * random()),
  };
}

const water =
  (key: 'surfaceTempC' | 'clarityM' | 'fishDepthM' | 'waveHeightM' | 'windMps' | 'currentMps' | 'tempChange3dC') =>
  (c: Conditions, v: number): Conditions => ({ ...c, water: { ...c.water, [key]: v } });
const READINGS: readonly (readonly [string, number, number, (c: Conditions, v: number) => Conditions])[] = [
  ['temperature', 0, 32, water('surfaceTempC')],
  ['clarity', 0.1, 3, water('clarityM')],
  ['depth of the fish', 0.05, 8, water('fishDepthM')],
  ['waves', 0, 0.8, water('waveHeightM')],
  ['wind', 0, 12, water('windMps')],
  ['current', 0, 1, water('currentMps')],
  ['trend', -4, 4, water('tempChange3dC')],
  ['sun', -12, 60, (c, v) => ({ ...c, sky: { ...c.sky, sunElevationDeg: v } })],
  ['cloud', 0, 1, (c, v) => ({ ...c, sky: { ...c.sky, cloud: v } })],
  ['density of the cover', 0, 1, (c, v) => ({ ...c, water: { ...c.water, cover: { ...c.water.cover!, density: v } } })],
  ['branches', 0, 0.06, (c, v) => ({ ...c, water: { ...c.water, cover: { ...c.water.cover!, branchDiameterM: v } } })],
];

const scores = (c: Conditions): Map<string, number> =>
  new Map(
    rankLures(c, { lures: DEMO_LURES, withoutRange: true, schools: { peg: 'free' } }).ranked.map((x) => [
      x.key,
      x.score,
    ]),
  );
/** The largest change of a score between two, ln; lures that one of them leaves in the box do not count. */
function jump(a: Map<string, number>, b: Map<string, number>): number {
  let most = 0;
  for (const [key, v] of b) {
    const before = a.get(key);
    if (before !== undefined && Math.min(v, before) > 1e-6) most = Math.max(most, Math.abs(Math.log(v / before)));
  }
  return most;
}

/**
 * Steps of this share of the reading's range; where one moves a score by more than a little it is halved towards the
 * steeper side.
 */
const STEP = 0.001;
const LITTLE = 0.02;
const HALVINGS = 12;

test.each(READINGS)('no cliff in %s (seed 21)', (_name, lo, hi, set) => {
  for (let i = 0; i < 12; i++) {
    const c = someWater();
    let a = between(lo, hi - STEP * (hi - lo));
    let b = a + STEP * (hi - lo);
    let [at, bt] = [scores(set(c, a)), scores(set(c, b))];
    for (let n = 0; n < HALVINGS && jump(at, bt) > LITTLE; n++) {
      const mid = (a + b) / 2;
      const mt = scores(set(c, mid));
      if (jump(at, mt) > jump(mt, bt)) [b, bt] = [mid, mt];
      else [a, at] = [mid, mt];
    }
    expect(jump(at, bt)).toBeLessThanOrEqual(LITTLE);
  }
});
