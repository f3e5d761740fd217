import { thermalComfort } from './comfort';
import { defaultFishBandM, drawReading, resolveConditions } from './defaults';
import { computeHolding } from './holding';
import { attenuationPerM, luxAtDepth, sightingRangeM, surfaceLux } from './light';
import { seasonPhase } from './season';
import { builtSpecies, speciesProfile } from './species';
import type { Conditions } from './conditions';

const bass = speciesProfile('largemouth-bass')!;

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

  test.each(builtSpecies())('%s: the curve never rises past its best nor falls below nothing', (id) => {
    const p = speciesProfile(id)!;
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
    const r = resolveConditions({ ...bare, water: { setting: 'flat', surfaceTempC: 22, clarityM: 0.8, depthM: 1.2, fishDepthM: 0.7 }, month: 5 });
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
      const v = Array.from({ length: 32 }, (_, n) => drawReading(r, n).surfaceTempC);
      return Math.max(...v) - Math.min(...v);
    };
    expect(drawReading(read, 5)).toEqual(drawReading(read, 5));
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
