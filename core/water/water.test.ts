import * as fc from 'fast-check';
import { thermalComfort } from './comfort';
import { likelyForage } from './forage';
import { computeHolding } from './holding';
import { attenuationPerM, luxAtDepth, sightingRangeM, surfaceLux } from './light';
import { seasonPhase } from './season';
import { speciesIn, speciesProfile } from './species';
import type { Conditions } from './conditions';
import { SETTINGS, SPECIES } from './terms';
import { chopFromWindM, defaultFishBandM } from './usual';
import { drawConditions } from './drawn';
import { resolveConditions } from './resolve';

const bass = speciesProfile('largemouth-bass');

describe('light', () => {
  test.each([
    [-18, 0, 0.002],
    [-6, 0, 3],
    [0, 0, 500],
    [30, 0, 50_000],
  ])('clear sky with the sun at %d° is about %d lx', (elevation, cloud, lux) => {
    expect(surfaceLux(elevation, cloud) / lux).toBeGreaterThan(0.9);
    expect(surfaceLux(elevation, cloud) / lux).toBeLessThan(1.1);
  });

  test('overcast leaves a quarter', () => {
    expect(surfaceLux(30, 1) / surfaceLux(30, 0)).toBeCloseTo(0.25, 6);
  });

  test('light falls with depth by the visible depth', () => {
    expect(attenuationPerM(1.7)).toBeCloseTo(1, 10);
    expect(luxAtDepth(1000, 1.7, 1)).toBeCloseTo(1000 / Math.E, 6);
  });

  test('a fish sees 0.7 of the visible depth in good light, less in the dark', () => {
    expect(sightingRangeM(1.2, 10_000)).toBeCloseTo(0.84, 1);
    expect(sightingRangeM(1.2, 0.1)).toBeLessThan(0.2);
  });
});

describe('comfort and season', () => {
  test('best at the optimum, none at the lethal limit', () => {
    expect(thermalComfort(bass, bass.toptC)).toBe(1);
    expect(thermalComfort(bass, bass.ctMaxC)).toBe(0);
    expect(thermalComfort(bass, 15)).toBeCloseTo(Math.exp(-((12 / 16) ** 2)), 10);
  });

  test.each(SPECIES)('%s: the curve never rises past its best nor falls below nothing', (id) => {
    const p = speciesProfile(id);
    for (let t = -2; t <= 40; t += 0.5) {
      const c = thermalComfort(p, t);
      expect(c).toBeGreaterThanOrEqual(0);
      expect(c).toBeLessThanOrEqual(1);
    }
  });

  test.each([
    [4, 1, 'winter'],
    [13, 3, 'pre-spawn'],
    [18, 5, 'spawn'],
    [23, 6, 'post-spawn'],
    [27, 7, 'summer'],
    [24, 9, 'summer'],
    [16, 10, 'autumn-cooling'],
    [9, 11, 'late-autumn'],
  ] as const)('bass water of %d °C in month %d is %s', (temp, month, phase) => {
    expect(seasonPhase(bass, temp, month)).toBe(phase);
  });
});

describe('conditions', () => {
  const bare: Conditions = { species: 'largemouth-bass', water: { setting: 'lake' } };

  test('what is missing is filled and named', () => {
    const r = resolveConditions(bare);
    expect(r.assumed).toEqual(expect.arrayContaining(['water.surfaceTempC', 'water.clarityM', 'sky.cloud', 'forage']));
    expect(r.fishDepthM).toBeLessThanOrEqual(r.depthM);
    expect(r.salinity).toBe('fresh');
  });

  test('what is read is kept and not named', () => {
    const r = resolveConditions({
      ...bare,
      water: { setting: 'flat', surfaceTempC: 22, clarityM: 0.8, depthM: 1.2, fishDepthM: 0.7 },
      month: 5,
    });
    expect([r.surfaceTempC, r.clarityM, r.depthM, r.fishDepthM]).toEqual([22, 0.8, 1.2, 0.7]);
    expect(r.assumed).not.toContain('water.clarityM');
    expect(r.salinity).toBe('salt');
  });

  test('fish are never deeper than the water', () => {
    expect(resolveConditions({ ...bare, water: { setting: 'lake', depthM: 2, fishDepthM: 5 } }).fishDepthM).toBe(2);
  });

  test('the default band is 0.3 m or a tenth, inside the water', () => {
    expect(defaultFishBandM(1, 5)).toEqual([0.7, 1.3]);
    expect(defaultFishBandM(8, 20)).toEqual([7.2, 8.8]);
    expect(defaultFishBandM(0.1, 0.3)).toEqual([0, 0.3]);
  });

  test('draws are the same every time and wider for what was assumed', () => {
    const read = resolveConditions({ ...bare, water: { setting: 'lake', surfaceTempC: 18 } });
    const assumed = resolveConditions({ ...bare, month: 5, water: { setting: 'lake' } });
    const spread = (r: typeof read): number => {
      const v = Array.from({ length: 32 }, (_, n) => drawConditions(r, n).surfaceTempC);
      return Math.max(...v) - Math.min(...v);
    };
    expect(drawConditions(read, 5)).toEqual(drawConditions(read, 5));
    expect(spread(assumed)).toBeGreaterThan(3 * spread(read));
  });
});

describe('where they sit', () => {
  const at = (water: Partial<Conditions['water']>, sky: Conditions['sky']) =>
    computeHolding(
      resolveConditions({
        species: 'largemouth-bass',
        water: { setting: 'pond', cover: { kind: 'wood', density: 0.5 }, surfaceTempC: 20, waveHeightM: 0, ...water },
        sky,
      }),
    ).place;

  test.each([
    ['bright and calm: inside', {}, { sunElevationDeg: 50, cloud: 0 }, 'inside'],
    ['dawn: on the edge', {}, { sunElevationDeg: 2, cloud: 0.5 }, 'outer-edge'],
    ['overcast and choppy: on the edge', { waveHeightM: 0.4 }, { sunElevationDeg: 30, cloud: 1 }, 'outer-edge'],
    ['cold: deep and tight', { surfaceTempC: 5 }, { sunElevationDeg: 30, cloud: 0.3 }, 'deep-tight'],
    ['no cover: in the open', { cover: { kind: 'none' as const } }, { sunElevationDeg: 30, cloud: 0.3 }, 'open'],
  ] as const)('%s', (_name, water, sky, place) => {
    expect(at(water, sky)).toBe(place);
  });
});

describe('whatever the readings', () => {
  test.each(SPECIES)('%s: no comfort at and above its lethal limit', (id) => {
    const p = speciesProfile(id);
    for (let t = p.ctMaxC; t < p.ctMaxC + 15; t += 0.25) expect(thermalComfort(p, t)).toBe(0);
    expect(p.spawnC[0]).toBeLessThan(p.spawnC[1]);
    expect(p.toptC).toBeLessThan(p.ctMaxC);
    expect(p.preyLengthM[0]).toBeLessThan(p.preyLengthM[1]);
    for (const list of [p.chaseMps, p.reachM]) expect([...list].sort((a, b) => a - b)).toEqual([...list]);
  });

  test('a fish sees farther in clearer water and in more light', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.05, max: 15, noNaN: true }),
        fc.double({ min: 1.01, max: 3, noNaN: true }),
        fc.double({ min: -3, max: 5, noNaN: true }),
        fc.double({ min: 0.01, max: 2, noNaN: true }),
        (clarityM, times, decade, more) => {
          const lux = 10 ** decade;
          const r = sightingRangeM(clarityM, lux);
          expect(sightingRangeM(clarityM * times, lux)).toBeGreaterThan(r);
          expect(sightingRangeM(clarityM, lux * 10 ** more)).toBeGreaterThanOrEqual(r);
          // At depth too: clearer water lets more light down.
          const at = (zs: number) => sightingRangeM(zs, luxAtDepth(lux, zs, 3));
          expect(at(clarityM * times)).toBeGreaterThan(at(clarityM));
        },
      ),
      { seed: 3 },
    );
  });

  test('waves grow with the wind and with open water, and are never higher than a grown sea', () => {
    expect(chopFromWindM(5, 400)).toBeCloseTo(0.051, 2);
    expect(chopFromWindM(0, 400)).toBe(0);
    for (const u of [1, 3, 8, 15]) {
      expect(chopFromWindM(u + 1, 2000)).toBeGreaterThan(chopFromWindM(u, 2000));
      expect(chopFromWindM(u, 4000)).toBeGreaterThanOrEqual(chopFromWindM(u, 2000));
      expect(chopFromWindM(u, 500_000)).toBeLessThanOrEqual(0.0246 * u ** 2 + 1e-12);
    }
  });

  test('marks on the screen say how deep they are', () => {
    const r = resolveConditions({
      species: 'largemouth-bass',
      water: { setting: 'lake', depthM: 8 },
      marks: [
        { depthM: 5, count: 3 },
        { depthM: 6, count: 1 },
      ],
    });
    expect(r.fishDepthM).toBeCloseTo(5.25, 9);
  });
});

describe('what there is to eat', () => {
  test.each([
    ['red-drum', 'tidal-creek', 5, 'shrimp-small'],
    ['red-drum', 'inlet', 9, 'shrimp-large'],
    ['smallmouth-bass', 'river', 4, 'crawfish'],
    ['striped-bass', 'surf', 6, 'menhaden'],
    ['yellow-perch', 'ice', 1, 'minnow'],
  ] as const)('%s in the %s in month %d: %s', (id, setting, month, forage) => {
    expect(likelyForage(speciesProfile(id), setting, month)[0]).toBe(forage);
  });
  test('there is always something', () => {
    for (const id of SPECIES)
      for (const setting of SETTINGS)
        for (let m = 1; m <= 12; m++) expect(likelyForage(speciesProfile(id), setting, m).length).toBeGreaterThan(0);
  });
});

test.each([
  ['brown-trout', 4, 11, 'late-autumn'],
  ['brown-trout', 8, 11, 'spawn'],
  ['brown-trout', 12, 10, 'pre-spawn'],
  ['brown-trout', 18, 7, 'summer'],
  ['red-drum', 24, 9, 'spawn'],
  ['lake-trout', 2, 1, 'winter'],
] as const)('%s at %d °C in month %d: %s', (id, temp, month, phase) => {
  expect(seasonPhase(speciesProfile(id), temp, month)).toBe(phase);
});

test('a water holds the fish that are fished for in it', () => {
  expect(speciesIn('pond', 'fresh')).toContain('largemouth-bass');
  expect(speciesIn('surf', 'salt')).toEqual(expect.arrayContaining(['striped-bass', 'bluefish']));
  expect(speciesIn('surf', 'salt')).not.toContain('crappie');
  expect(speciesIn('ice', 'fresh')).toEqual(expect.arrayContaining(['walleye', 'yellow-perch', 'crappie']));
  // Every fish has a water.
  for (const id of SPECIES) expect(SETTINGS.some((s) => speciesIn(s, 'fresh').includes(id))).toBe(true);
});
