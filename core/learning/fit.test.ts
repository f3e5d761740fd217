/** The fit against truths that are known. */
import { poisson, seededRandom } from '../base/random';
import { drawnSeason, normal } from '../fixtures/anySeason';
import { factorise, inverse, solve } from './cholesky';
import { GROUPS, type Effect, type Group } from './effects';
import type { Row } from './design';
import { fit } from './fit';

const effect = (group: Group, name: string, x = 1): Effect => ({ group, name, x });

test('a factor solves and inverts what it came from', () => {
  const a = [4, 2, 0.6, 2, 5, 1.1, 0.6, 1.1, 3];
  const l = Float64Array.from(a);
  factorise(l, 3);
  const x = Float64Array.from([1, 2, 3]);
  solve(l, 3, x);
  [0, 1, 2].forEach((i) =>
    expect(a[3 * i]! * x[0]! + a[3 * i + 1]! * x[1]! + a[3 * i + 2]! * x[2]!).toBeCloseTo(i + 1, 12),
  );
  const v = inverse(l, 3);
  for (let i = 0; i < 3; i++)
    for (let j = 0; j < 3; j++)
      expect([0, 1, 2].reduce((s, k) => s + a[3 * i + k]! * v[3 * k + j]!, 0)).toBeCloseTo(i === j ? 1 : 0, 12);
  expect(() => factorise(Float64Array.from([1, 2, 2, 1]), 2)).toThrow('not positive definite');
});

test('one deviation alone: the mean solves y − e·exp(b) = b/s², and the variance is that of the curve there', () => {
  const s = GROUPS.level.spread;
  const p = fit([{ expected: 4, strikes: 9, effects: [effect('level', 'level')] }], [[effect('level', 'level')]], {
    learnSpreads: false,
  });
  const b = p.mean[0]!;
  expect(9 - 4 * Math.exp(b)).toBeCloseTo(b / s ** 2, 6);
  expect(p.covariance[0]!).toBeCloseTo(1 / (4 * Math.exp(b) + 1 / s ** 2), 6);
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
  expect(eliminated.covariance[0]).toBeCloseTo(kept.covariance[0]!, 6);
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
  expect(fit(rows, [[effect('level', 'level')]], { learnSpreads: false }).spreads.family).toBe(GROUPS.family.spread);
});
