/** The fit against truths that are known. */
import { poisson, seededRandom } from '../base/random';
import { drawnSeason, normal } from '../fixtures/anySeason';
import { dense, factorise, inverseWithin, solve } from './cholesky';
import { effect, GROUPS } from './effects';
import type { Row } from './design';
import { fit, JUDGED, learnSpreads } from './fit';

/** A system of this size with gaps: each of the first meets only its neighbour, the last ones meet all. */
function gappy(n: number): { a: number[][]; first: Int32Array } {
  const random = seededRandom(n);
  const meets = (i: number, j: number): boolean => i === j || i >= n - 2 || (i - j === 1 && j % 2 === 0);
  const a = Array.from({ length: n }, () => new Array<number>(n).fill(0));
  for (let i = 0; i < n; i++)
    for (let j = 0; j <= i; j++) if (meets(i, j)) a[i]![j] = a[j]![i] = i === j ? n + random() : random() - 0.5;
  return { a, first: Int32Array.from(a, (row) => row.findIndex((x) => x !== 0)) };
}

test.each([1, 3, 7, 12])('a factor of %i rows solves and inverts what it came from', (n) => {
  const { a, first } = gappy(n);
  const l = Float64Array.from(a.flat());
  factorise(l, n, first);
  const x = Float64Array.from({ length: n }, (_, i) => i + 1);
  solve(l, n, first, x);
  a.forEach((row, i) => expect(row.reduce((sum, v, j) => sum + v * x[j]!, 0)).toBeCloseTo(i + 1, 10));
  // Each column of the inverse by solving for it; only what lies within the system is asked for.
  const v = inverseWithin(l, n, first);
  for (let j = 0; j < n; j++) {
    const unit = new Float64Array(n);
    unit[j] = 1;
    solve(l, n, first, unit);
    for (let i = 0; i < n; i++) if (a[i]![j] !== 0) expect(v[i * n + j]).toBeCloseTo(unit[i]!, 10);
  }
});

test('what is no such system is refused', () => {
  expect(() => factorise(Float64Array.from([1, 2, 2, 1]), 2, dense(2))).toThrow('not positive definite');
});

test('one deviation alone: the mean solves y − e·exp(b) = b/s², and the variance is that of the curve there', () => {
  const s = GROUPS.level.spread;
  const p = fit(
    [{ expected: 4, strikes: 9, effects: [effect('level', 'level')] }],
    [[effect('level', 'level')]],
    JUDGED,
  );
  const b = p.mean[0]!;
  expect(9 - 4 * Math.exp(b)).toBeCloseTo(b / s ** 2, 6);
  expect(p.variance[0]!).toBeCloseTo(1 / (4 * Math.exp(b) + 1 / s ** 2), 6);
});

test('a day gone by, eliminated, gives what it gives when it is asked about', () => {
  const random = seededRandom(3);
  const rows = Array.from({ length: 24 }, (_, i): Row => {
    const trip = `day ${i >> 2}`;
    const family = `kind ${i % 3}`;
    return {
      expected: 0.5 + random(),
      strikes: Math.floor(3 * random()),
      effects: [
        effect('level', 'level'),
        effect('family', family),
        effect('trip', trip),
        effect('familyTrip', `${family} ${trip}`),
      ],
    };
  });
  const question = [effect('level', 'level'), effect('family', 'kind 1')];
  const days = [0, 1, 2, 3, 4, 5].map((d) => [effect('trip', `day ${d}`)]);
  const eliminated = fit(rows, [question]);
  const kept = fit(rows, [question, ...days]);
  expect(eliminated.mean[0]).toBeCloseTo(kept.mean[0]!, 6);
  expect(eliminated.variance[0]).toBeCloseTo(kept.variance[0]!, 6);
  expect(eliminated.spreads.trip).toBeCloseTo(kept.spreads.trip, 6);
});

test('nine ranges in ten hold the truth of seasons drawn from the spreads', () => {
  const random = seededRandom(11);
  const held = Array.from({ length: 300 }, () => drawnSeason(random).held).filter(Boolean).length / 300;
  expect(held).toBeGreaterThan(0.86);
  expect(held).toBeLessThan(0.95);
});

test('spreads that are wider than judged are learned from a long log', () => {
  const random = seededRandom(8);
  const families = Array.from({ length: 20 }, () => 1.2 * normal(random));
  const rows = Array.from({ length: 400 }, (_, i): Row => {
    const family = i % 20;
    return {
      expected: 2,
      strikes: poisson(random, Math.min(28, 2 * Math.exp(families[family]!))),
      effects: [effect('level', 'level'), effect('family', `kind ${family}`)],
    };
  });
  const { spreads } = fit(rows, [[effect('level', 'level')]]);
  expect(spreads.family).toBeGreaterThan(0.8);
  expect(fit(rows, [[effect('level', 'level')]], JUDGED).spreads.family).toBe(GROUPS.family.spread);
});

test('what is learned once is where the next fit sets out: every deviation of the rows, those of days gone by too', () => {
  const random = seededRandom(5);
  const rows = Array.from({ length: 60 }, (_, i): Row => {
    const trip = `day ${i % 6}`;
    return {
      expected: 2,
      strikes: poisson(random, i % 6 < 3 ? 5 : 1),
      effects: [effect('level', 'level'), effect('trip', trip), effect('familyTrip', `kind ${i % 2} ${trip}`)],
    };
  });
  const known = learnSpreads(rows);
  const days = Array.from({ length: 6 }, (_, d) => [effect('trip', `day ${d}`)]);
  const p = fit(rows, days, known);
  for (let d = 0; d < 6; d++) {
    const seat = [...known.from].find(([name]) => name.endsWith(`day ${d}`) && !name.includes('kind'));
    expect(seat).toBeDefined();
    // The curvature that served there was not made anew: near, not to the digit.
    expect(Math.abs(seat![1] - p.mean[d]!)).toBeLessThan(0.02);
  }
  expect(known.from.size).toBe(1 + 6 + 6);
});
