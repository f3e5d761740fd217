import { uniformDraw, normalDraw, normalQuantile } from './draws';
import { contentHash } from './hash';
import { bell, interpolate, logistic, quantile, roundTo } from './numbers';
import { poisson, seededRandom } from './random';
import { nextSunEvent, sunElevationDeg, sunTimes } from '../sky/sun';

test('draws fill the unit interval evenly and are always the same', () => {
  const u = Array.from({ length: 32 }, (_, n) => uniformDraw(n, 0));
  expect(u).toEqual(Array.from({ length: 32 }, (_, n) => uniformDraw(n, 0)));
  for (let k = 0; k < 8; k++) {
    const quarter = [0, 0, 0, 0];
    for (let n = 0; n < 32; n++) quarter[Math.floor(uniformDraw(n, k) * 4)]!++;
    for (const q of quarter) expect(q).toBeGreaterThanOrEqual(6);
  }
});

test.each([
  [0.5, 0],
  [0.975, 1.959964],
  [0.01, -2.326348],
  [0.999, 3.090232],
])('normal quantile of %d', (p, z) => {
  expect(normalQuantile(p)).toBeCloseTo(z, 5);
});

test('normal draws average to nothing', () => {
  const mean = Array.from({ length: 32 }, (_, n) => normalDraw(n, 2)).reduce((s, v) => s + v, 0) / 32;
  expect(Math.abs(mean)).toBeLessThan(0.1);
});

test('a seed is a seed, and Poisson has its mean (seed 9)', () => {
  const a = seededRandom(9);
  const b = seededRandom(9);
  expect([a(), a(), a()]).toEqual([b(), b(), b()]);
  const n = 4000;
  let sum = 0;
  for (let i = 0; i < n; i++) sum += poisson(a, 2.5);
  expect(sum / n).toBeCloseTo(2.5, 0);
});

test('a hash is of content, not of the order of keys', () => {
  expect(contentHash({ a: 1, b: [2, { c: 3, d: 4 }] })).toBe(contentHash({ b: [2, { d: 4, c: 3 }], a: 1 }));
  expect(contentHash({ a: 1 })).not.toBe(contentHash({ a: 2 }));
  expect(contentHash([1, 2])).not.toBe(contentHash([2, 1]));
});

test('numbers', () => {
  expect(
    interpolate(
      [
        [0, 0],
        [2, 4],
      ],
      1,
    ),
  ).toBe(2);
  expect(
    interpolate(
      [
        [0, 0],
        [2, 4],
      ],
      9,
    ),
  ).toBe(4);
  expect(logistic(5, 5, 1)).toBe(0.5);
  expect(bell(3, 3, 1)).toBe(1);
  expect(quantile([3, 1, 2], 0.5)).toBe(2);
  expect(quantile([], 0.5)).toBeNull();
  expect(roundTo(1.2345, 2)).toBe(1.23);
});

describe('the sun', () => {
  const kettle = { latDeg: 45, lonDeg: -75 };
  const noon = Date.parse('2026-06-21T12:00:00-05:00');
  test('stands high at midsummer noon and low at midwinter', () => {
    expect(sunElevationDeg(noon, kettle)).toBeCloseTo(68.4, 0);
    expect(sunElevationDeg(Date.parse('2026-12-21T12:00:00-05:00'), kettle)).toBeCloseTo(21.6, 0);
  });
  test('rises before it sets, and the next event follows', () => {
    const t = sunTimes(noon, kettle);
    expect(t.sunriseMs!).toBeLessThan(t.sunsetMs!);
    expect(nextSunEvent(noon, kettle)).toEqual({ kind: 'sunset', atMs: t.sunsetMs });
    expect(nextSunEvent(t.sunsetMs! + 1000, kettle)!.kind).toBe('sunrise');
  });
  test('has no rise where it never sets', () => {
    expect(sunTimes(noon, { latDeg: 75, lonDeg: 0 })).toEqual({ sunriseMs: null, sunsetMs: null });
    expect(nextSunEvent(noon, { latDeg: 75, lonDeg: 0 })).toBeNull();
  });
});
