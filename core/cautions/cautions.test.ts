import type { Conditions } from '../water/conditions';
import { cautionsFor, flashDistanceM, thunderClearMs, THUNDER_WAIT_MIN, type CautionQuestion } from './cautions';
import { resolveConditions } from '../water/resolve';

const NOW = 1_000_000_000_000;
const MIN = 60_000;
const mild = { airTempC: 18, windMps: 3, gustMps: 4, thunder: 0 };
function about(
  access: Conditions['access'],
  water: Partial<Conditions['water']> = {},
  more: Partial<CautionQuestion> = {},
) {
  const reading = resolveConditions({
    species: 'largemouth-bass',
    month: 6,
    access,
    water: { setting: access === 'ice' ? 'ice' : 'lake', surfaceTempC: 20, waveHeightM: 0.05, ...water },
  });
  return cautionsFor({ reading, weather: mild, thunder: [], rising: null, nowMs: NOW, ...more });
}
const codes = (...a: Parameters<typeof about>) => about(...a).map((c) => c.code);

test('a mild day on the bank needs no caution', () => {
  expect(codes('bank')).toEqual([]);
});

describe('thunder', () => {
  test('nine seconds in mild air are three kilometres', () => {
    expect(flashDistanceM(9, 20)).toBeCloseTo(3091, -1);
    expect(flashDistanceM(0)).toBe(0);
  });
  test('every new thunder starts the half hour again; then it is over', () => {
    const heard = [
      { atMs: NOW - 25 * MIN, seconds: 20 },
      { atMs: NOW - 10 * MIN, seconds: null },
    ];
    expect(thunderClearMs(heard)).toBe(NOW - 10 * MIN + THUNDER_WAIT_MIN * MIN);
    const now = about('bank', {}, { thunder: heard })[0]!;
    expect(now).toMatchObject({ code: 'lightning', weight: 3, facts: { leftMin: 20 } });
    expect(codes('bank', {}, { thunder: heard, nowMs: NOW + 21 * MIN })).toEqual([]);
  });
  test('likely thunder is said before it is heard', () => {
    expect(codes('bow', {}, { weather: { ...mild, thunder: 0.4 } })).toContain('thunder-likely');
  });
});

describe('ice', () => {
  test('without a thickness it asks; thin is told; nothing ever calls it safe', () => {
    expect(about('ice')[0]).toMatchObject({ code: 'ice-unknown', weight: 3 });
    expect(about('ice', { iceThicknessM: 0.06 })[0]).toMatchObject({ code: 'ice-thin', weight: 3 });
    expect(codes('ice', { iceThicknessM: 0.6 })).toContain('ice');
  });
});

test.each([
  ['cold water under a kayak', 'kayak', { surfaceTempC: 9 }, {}, 'cold-water'],
  ['wind for a kayak', 'kayak', { windMps: 7 }, {}, 'wind'],
  ['gusts count when nobody read the wind', 'bow', {}, { weather: { ...mild, gustMps: 15 } }, 'wind'],
  ['waves on the stones', 'jetty', { waveHeightM: 0.8 }, {}, 'waves'],
  ['slick stones always', 'jetty', {}, {}, 'slick-rock'],
  ['shuffle when wading', 'wade', {}, {}, 'wading'],
  ['the tide coming in', 'wade', {}, { rising: { highAtMs: NOW + 3 * 3_600_000, byM: 0.7 } }, 'rising-tide'],
  ['strong water to the knees', 'wade', { currentMps: 0.8 }, {}, 'current'],
  ['heat', 'bank', {}, { weather: { ...mild, airTempC: 34 } }, 'heat'],
] as const)('%s', (_name, access, water, more, code) => {
  expect(codes(access, water, more as Partial<CautionQuestion>)).toContain(code);
});

test('the same wind is nothing on the bank', () => {
  expect(codes('bank', { windMps: 9 })).toEqual([]);
});

test('the heaviest comes first', () => {
  const all = about(
    'kayak',
    { surfaceTempC: 7, windMps: 12, waveHeightM: 0.4 },
    { thunder: [{ atMs: NOW, seconds: 12 }] },
  );
  expect(all.map((c) => c.weight)).toEqual([...all.map((c) => c.weight)].sort((a, b) => b - a));
  expect(all[0]!.code).toBe('lightning');
});
