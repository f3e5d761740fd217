import { conditionsSchema } from '../schemas/conditions';
import { planSchema } from '../schemas/plan';
import { checkWith } from '../schemas/check';
import { simulateDocument, simulateSchema } from './simulateDocument';
import { FORAGES, SETTINGS, SIGN_KINDS, SPECIES } from '../water/terms';
import { resolveConditions } from '../water/resolve';

const base = { species: 'crappie', water: { setting: 'lake' } };
const at = (change: Record<string, unknown>, water: Record<string, unknown> = {}) => ({
  ...base,
  ...change,
  water: { ...base.water, ...water },
});
const paths = (v: unknown): string[] => {
  const r = checkWith(conditionsSchema(), v);
  return r.ok ? [] : r.problems.map((p) => p.path);
};

describe('conditions', () => {
  test.each(SPECIES)('%s is a fish one may ask about', (species) => {
    expect(paths(at({ species }))).toEqual([]);
  });
  test.each(SETTINGS)('%s is a water one may ask about, and every default is legal', (setting) => {
    expect(paths(at({}, { setting }))).toEqual([]);
    const r = resolveConditions({ species: 'crappie', water: { setting } });
    for (const v of [r.surfaceTempC, r.clarityM, r.depthM, r.fishDepthM, r.waveHeightM])
      expect(Number.isFinite(v)).toBe(true);
  });
  test('all signs and all forage', () => {
    expect(paths(at({ signs: SIGN_KINDS.map((kind) => ({ kind, count: 1 })), forage: FORAGES }))).toEqual([]);
  });
  test('null means not read', () => {
    expect(
      paths(at({ sky: null, month: null, forage: null }, { surfaceTempC: null, cover: null, bottom: null })),
    ).toEqual([]);
  });
  test.each([
    ['a fraction of a month', at({ month: 4.5 }), 'month'],
    ['cloud in per cent', at({ sky: { cloud: 60 } }), 'sky.cloud'],
    ['no water', { species: 'crappie' }, 'water'],
    ['an unknown cover', at({}, { cover: { kind: 'jungle' } }), 'water.cover.kind'],
    ['text for a number', at({}, { depthM: '3' }), 'water.depthM'],
    ['a negative depth', at({}, { depthM: -3 }), 'water.depthM'],
    ['half a sign', at({ signs: [{ kind: 'follow', count: 1.5 }] }), 'signs[0].count'],
    ['a band of one', at({}, { fishBandM: [1] }), 'water.fishBandM'],
    ['an unknown reading of the water', at({}, { temperature: 20 }), 'water'],
  ])('%s is refused in its place', (_name, v, path) => {
    expect(paths(v)).toContain(path);
  });
  test('several problems are told at once', () => {
    expect(paths({ species: 'whale', water: { setting: 'bath', depthM: -1 } }).sort()).toEqual([
      'species',
      'water.depthM',
      'water.setting',
    ]);
  });
});

describe('plan requests', () => {
  const ask = (v: unknown) => checkWith(planSchema(), v);
  test('only conditions and a family are needed', () => {
    const r = ask({ conditions: base, lure: { family: 'popper' } });
    expect(r.ok && r.value.rod.lengthM).toBe(2.13);
    expect(r.ok && r.value.line).toEqual({ material: 'braid', strengthLb: 15 });
  });
  test.each([
    ['a family nobody built', { conditions: base, lure: { family: 'kite' } }, 'lure.family'],
    [
      'a rod of ten metres',
      {
        conditions: base,
        lure: { family: 'popper' },
        rod: { lengthM: 10, minLureKg: 0.01, maxLureKg: 0.02, action: 'fast' },
      },
      'rod.lengthM',
    ],
    ['a cast across the lake', { conditions: base, lure: { family: 'popper' }, set: { castM: 500 } }, 'set.castM'],
    ['a rod tip sideways', { conditions: base, lure: { family: 'popper' }, set: { tip: 'sideways' } }, 'set.tip'],
  ])('%s is refused', (_name, v, path) => {
    const r = ask(v);
    expect(r.ok ? [] : r.problems.map((p) => p.path)).toContain(path);
  });
});

describe('line-and-lure problems', () => {
  const lure = { massKg: 0.01, volumeM3: 3.4e-6, dragAreaM2: 2e-4 };
  const line = { diameterM: 0.0003, densityKgM3: 1140, stiffnessN: 214 };
  const solve = (v: unknown) => {
    const r = checkWith(simulateSchema, v);
    if (!r.ok) throw new Error(JSON.stringify(r.problems));
    return simulateDocument(r.value) as Record<string, number[] & number & string[]>;
  };
  test('a floater has no sink, and says so', () => {
    expect(solve({ kind: 'free-sink', lure: { ...lure, volumeM3: 2e-5 }, timesS: [1] })).toMatchObject({
      terminalMps: null,
      notes: ['the lure floats'],
    });
  });
  const HANGING = { kind: 'cast-retrieve', lure, line, tipM: [0, 0, 1], lureM: [6, 0, 0] };
  test('a locked reel and no moves: the lure swings down under the tip', () => {
    const out = solve({
      ...HANGING,
      lineLengthM: 6.2,
      timesS: [1, 5, 25],
    });
    expect(out.xM![2]!).toBeLessThan(out.xM![0]!);
    expect(out.maxDepthM).toBeLessThan(5.3);
    expect(out.lineOutM![2]!).toBeCloseTo(6.2, 6);
  });
  test('a bottom stops it', () => {
    const out = solve({
      ...HANGING,
      lineLengthM: 8,
      floorDepthM: 1,
      timesS: [10],
    });
    expect(out.depthM![0]!).toBeCloseTo(1, 1);
  });
  test('a drop from a drifting boat and a towed pass are problems of their own', () => {
    const jig = solve({
      kind: 'vertical-jig',
      lure,
      line,
      tipHeightM: 1,
      letOutM: 5,
      driftMps: 0.3,
      timesS: [20],
      lineShapes: true,
    });
    expect(jig.depthM![0]!).toBeGreaterThan(2);
    expect(jig.depthM![0]!).toBeLessThan(5);
    expect((jig.lineXZ as unknown as number[][])[0]!.length).toBeGreaterThan(10);
    const crank = { ...lure, volumeM3: 1.2e-5, liftAreaM2: 3e-4 };
    const tow = solve({
      kind: 'towed-pass',
      lure: crank,
      line,
      tipHeightM: 1,
      lineOutM: 15,
      speedMps: 1.2,
      timesS: [1, 15],
    });
    expect(tow.depthM![1]!).toBeGreaterThan(tow.depthM![0]!);
  });
  test('a profile of the reel, wind, a leader and a rod that gives', () => {
    const base = {
      kind: 'cast-retrieve',
      lure,
      line,
      tipM: [0, 0, 1],
      lureM: [10, 0, 0],
      lineLengthM: 10.2,
      timesS: [8],
    };
    const reel = [
      { startS: 2, speedMps: 0.5, rampS: 0.2 },
      { startS: 4, speedMps: 0, rampS: 0.2 },
    ];
    expect(solve({ ...base, reel }).lineOutM![0]!).toBeCloseTo(9.2, 1);
    expect(Math.abs(solve({ ...base, windMps: [0, 8, 0] }).yM![0]!)).toBeGreaterThan(0.01);
    const leader = { lengthM: 1, line: { ...line, densityKgM3: 1780 } };
    expect(solve({ ...base, leader, rodStiffnessNpm: 80 }).depthM![0]!).toBeGreaterThan(0.5);
  });
  test('what cannot be solved is named by its path', () => {
    const bad = {
      kind: 'cast-retrieve',
      lure,
      line,
      tipM: [0, 0, 1],
      lureM: [60, 0, 0],
      lineLengthM: 6,
      reel: [
        { startS: 5, speedMps: 1, rampS: 0 },
        { startS: 1, speedMps: 1, rampS: 0 },
      ],
      timesS: [1],
    };
    const r = checkWith(simulateSchema, bad);
    expect(r.ok ? [] : r.problems.map((p) => p.path)).toEqual(['lineLengthM', 'reel[1].startS']);
  });
  test.each([
    ['a lure without weight', { kind: 'free-sink', lure: { ...lure, massKg: 0 }, timesS: [1] }],
    ['no times', { kind: 'free-sink', lure, timesS: [] }],
    ['an unknown problem', { kind: 'fly', lure, timesS: [1] }],
    [
      'a line without thickness',
      {
        kind: 'cast-retrieve',
        lure,
        line: { ...line, diameterM: 0 },
        tipM: [0, 0, 1],
        lureM: [6, 0, 0],
        lineLengthM: 6,
        timesS: [1],
      },
    ],
    [
      'two coordinates',
      { kind: 'cast-retrieve', lure, line, tipM: [0, 1], lureM: [6, 0, 0], lineLengthM: 6, timesS: [1] },
    ],
  ])('%s is a problem, not a number', (_name, v) => {
    expect(checkWith(simulateSchema, v).ok).toBe(false);
  });
});
