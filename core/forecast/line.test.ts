/** The promise of each quarter of an hour, worked out beside the code from the same models. */
import { moodPrior } from '../mood/prior';
import { STRIKES_PER_ZONE_CAST } from '../mood/signs';
import { overMoods } from '../mood/states';
import { sunElevationDeg } from '../sky/sun';
import { luxAtDepth, surfaceLux } from '../water/light';
import { resolveConditions } from '../water/resolve';
import { speciesProfile } from '../water/species';
import type { Conditions } from '../water/conditions';
import type { TideSource } from '../tide/source';
import { computeDayLine, type DayQuestion } from './line';
import { STEP_MS } from './step';

const HOUR = 3_600_000;
const place = { latDeg: 45, lonDeg: -75, zone: 'Etc/GMT+5' };
const NOON = Date.parse('2026-07-04T12:00:00-05:00');
const MIDNIGHT = NOON - 12 * HOUR;
const walleye = speciesProfile('walleye');
const question = (more: Partial<DayQuestion> = {}, water: Partial<Conditions['water']> = {}): DayQuestion => ({
  place,
  date: '2026-07-04',
  reading: resolveConditions({
    species: 'walleye',
    month: 7,
    sky: { cloud: 0.2, front: 'none' },
    water: {
      setting: 'lake',
      surfaceTempC: 20,
      tempChange3dC: 0,
      clarityM: 1.5,
      depthM: 6,
      fishDepthM: 3,
      currentMps: 0,
      ...water,
    },
  }),
  tide: null,
  cloud: [],
  waterC: [],
  moonGain: 0,
  ...more,
});

/** What a moment promises, before it is told against the day’s mean. */
function promised(
  q: DayQuestion,
  atMs: number,
  more: { cloud?: number; tempC?: number; currentMps?: number } = {},
): number {
  const sunDeg = sunElevationDeg(atMs, place);
  const cloud = more.cloud ?? q.reading.cloud;
  const then = {
    ...q.reading,
    sunElevationDeg: sunDeg,
    cloud,
    surfaceTempC: more.tempC ?? q.reading.surfaceTempC,
    currentMps: more.currentMps ?? q.reading.currentMps,
  };
  const decades = Math.min(4, Math.max(0, 4.4 - Math.log10(Math.max(surfaceLux(sunDeg, cloud), 1e-3))));
  const mood = moodPrior(then, walleye).distribution;
  return overMoods(mood, (m) => STRIKES_PER_ZONE_CAST[m]!) * Math.exp(walleye.lowLightGain * (decades - 0.6));
}

test('each quarter promises what its mood and its light are worth', () => {
  const q = question();
  const d = computeDayLine(q);
  expect(d.steps[0]!.atMs).toBe(MIDNIGHT);
  expect(d.steps[1]!.atMs - d.steps[0]!.atMs).toBe(STEP_MS);
  const noon = d.steps.find((s) => s.atMs === NOON)!;
  for (const h of [0, 4, 5, 9, 15, 20, 22]) {
    const s = d.steps.find((x) => x.atMs === MIDNIGHT + h * HOUR)!;
    expect(s.promise / noon.promise).toBeCloseTo(promised(q, s.atMs) / promised(q, NOON), 9);
    expect(s.luxAtFish).toBeCloseTo(luxAtDepth(surfaceLux(s.sunDeg, 0.2), 1.5, 3), 9);
    expect([s.tideM, s.tideMps, s.tempC]).toEqual([null, null, 20]);
  }
});

test('forecast cloud and warmth are taken from their own hour, between hours in between, and cloud stays a share', () => {
  const q = question({
    cloud: [
      [NOON - 2 * HOUR, 0],
      [NOON + 2 * HOUR, 1],
    ],
    waterC: [
      [NOON - 4 * HOUR, 16],
      [NOON + 4 * HOUR, 24],
    ],
  });
  const d = computeDayLine(q);
  const at = (ms: number) => d.steps.find((s) => s.atMs === ms)!;
  expect(at(NOON).tempC).toBeCloseTo(20, 9);
  expect(at(NOON + 2 * HOUR).tempC).toBeCloseTo(22, 9);
  expect(at(NOON + HOUR).promise / at(NOON).promise).toBeCloseTo(
    promised(q, NOON + HOUR, { cloud: 0.75, tempC: 21 }) / promised(q, NOON, { cloud: 0.5, tempC: 20 }),
    9,
  );
});

test('the hours that are fished: from three quarters before the first light to three quarters after the last', () => {
  const d = computeDayLine(question());
  const { civilDawnMs, civilDuskMs } = d.almanac;
  expect(d.fished.fromMs).toBe(civilDawnMs! - 45 * 60_000);
  expect(d.fished.toMs).toBe(civilDuskMs! + 45 * 60_000);
  const midsummer = computeDayLine(
    question({ place: { latDeg: 74, lonDeg: 20, zone: 'Europe/Oslo' }, date: '2026-06-21' }),
  );
  expect(midsummer.fished).toEqual({ fromMs: midsummer.fromMs, toMs: midsummer.toMs });
});

test('low light is from eight degrees below the horizon to eight above, in runs, in order', () => {
  const d = computeDayLine(question());
  const low = d.windows.filter((w) => w.kind === 'low-light');
  expect(low).toHaveLength(2);
  for (const s of d.steps) {
    const inside = low.some((w) => s.atMs >= w.fromMs && s.atMs < w.toMs);
    expect([s.atMs, inside]).toEqual([s.atMs, s.sunDeg > -8 && s.sunDeg < 8]);
  }
  expect(d.windows.map((w) => w.fromMs)).toEqual([...d.windows.map((w) => w.fromMs)].sort((a, b) => a - b));
});

describe('a tide of its own', () => {
  const tide: TideSource = {
    kind: 'turns',
    turns: [-9, -3, 3, 9, 15].map((h, i) => ({ atMs: NOON + h * HOUR, heightM: i % 2 === 0 ? 0 : 1 })),
  };
  const q = question({ tide }, { salinity: 'salt', setting: 'inlet' });
  const d = computeDayLine(q);
  test('its strong half of flood and of ebb are told apart, where the water runs at more than half its most', () => {
    const strongest = Math.max(...d.steps.map((s) => Math.abs(s.tideMps ?? 0)));
    for (const [kind, way] of [
      ['flood', 1],
      ['ebb', -1],
    ] as const) {
      const runs = d.windows.filter((w) => w.kind === kind);
      expect(runs.length).toBeGreaterThan(0);
      for (const s of d.steps) {
        const inside = runs.some((w) => s.atMs >= w.fromMs && s.atMs < w.toMs);
        const strong = s.tideMps !== null && way * s.tideMps > 0.5 * strongest;
        if (inside) expect(strong).toBe(true);
      }
    }
    const turned = [-3, 3, 9].map((h) => NOON + h * HOUR);
    expect(d.turns).toHaveLength(3);
    d.turns.forEach((t, k) => expect(Math.abs(t.atMs - turned[k]!)).toBeLessThan(1000));
  });
  test('the water runs as the tide says, whichever way, and still as it was read where the tide is not known', () => {
    const at = (ms: number) => d.steps.find((s) => s.atMs === ms)!;
    const [a, b] = [at(NOON), at(NOON + HOUR)];
    expect(Math.sign(a.tideMps!)).toBe(-1);
    expect(b.promise / a.promise).toBeCloseTo(
      promised(q, b.atMs, { currentMps: Math.abs(b.tideMps!) }) /
        promised(q, a.atMs, { currentMps: Math.abs(a.tideMps!) }),
      9,
    );
    expect(at(MIDNIGHT).tideMps).toBeNull();
  });
  test('a tide that hardly runs has no strong half', () => {
    const weak = { ...tide, turns: tide.turns!.map((t) => ({ ...t, heightM: t.heightM * 0.01 })) } as TideSource;
    const kinds = computeDayLine(question({ tide: weak }, { salinity: 'salt', setting: 'inlet' })).windows.map(
      (w) => w.kind,
    );
    expect(new Set(kinds)).toEqual(new Set(['low-light']));
  });
});

test('the best two hours say why, the strongest reason first, and nothing that hardly counts', () => {
  const { best, steps, fished } = computeDayLine(question());
  const inBest = steps.filter((s) => s.atMs >= best!.fromMs && s.atMs < best!.toMs);
  expect(inBest).toHaveLength(8);
  expect(best!.times).toBeCloseTo(inBest.reduce((s, x) => s + x.promise, 0) / 8, 9);
  expect(best!.because.map((b) => b.ln)).toEqual([...best!.because.map((b) => b.ln)].sort((a, b) => b - a));
  for (const b of best!.because) expect(b.ln).toBeGreaterThan(0.03);
  const decades = (sunDeg: number) =>
    Math.min(4, Math.max(0, 4.4 - Math.log10(Math.max(surfaceLux(sunDeg, 0.2), 1e-3))));
  const mean = (v: readonly number[]) => v.reduce((s, x) => s + x, 0) / v.length;
  const open = steps.filter((s) => s.atMs >= fished.fromMs && s.atMs < fished.toMs);
  const gain =
    walleye.lowLightGain * (mean(inBest.map((s) => decades(s.sunDeg))) - mean(open.map((s) => decades(s.sunDeg))));
  expect(best!.because.find((b) => b.factor === 'low-light')!.ln).toBeCloseTo(gain, 9);
});

test('of equal stretches the first is named; a stretch that has begun is not', () => {
  const polar = question({ place: { latDeg: 89.9, lonDeg: 0, zone: 'UTC' }, date: '2026-12-21' });
  const d = computeDayLine(polar);
  expect(d.best!.fromMs).toBe(d.fromMs);
  const later = computeDayLine(polar, d.fromMs + HOUR + 1);
  expect(later.best!.fromMs).toBe(d.fromMs + HOUR + STEP_MS);
});
