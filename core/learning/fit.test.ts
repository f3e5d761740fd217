/** The fit against truths that are known. */
import { normalQuantile } from '../base/draws';
import { poisson, seededRandom, type Random } from '../base/random';
import { factorise, inverse, solve } from './cholesky';
import { GROUPS, type Effect, type Group } from './effects';
import { fit, type Row } from './fit';

const normal = (random: Random): number => normalQuantile(0.5e-9 + (1 - 1e-9) * random());
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
  expect(p.covariance[0]!).toBeCloseTo(1 / (4 * Math.exp(b) + 1 / s ** 2), 9);
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

/** A season drawn from the judged spreads, or from heavier ones; its truth for a new day, and what the fit says of it. */
function drawnSeason(random: Random, times: Partial<Record<Group, number>> = {}): boolean {
  const values = new Map<string, number>();
  const valueOf = (e: Effect): number => {
    const key = `${e.group} ${e.name}`;
    if (!values.has(key)) values.set(key, normal(random) * GROUPS[e.group].spread * (times[e.group] ?? 1));
    return values.get(key)! * e.x;
  };
  const effects = (family: number, day: number, warm: number): Effect[] => {
    const loud = (family % 4) / 2 - 0.75;
    return [
      effect('level', 'level'),
      effect('family', `kind ${family}`),
      effect('water', `water ${day % 3}`),
      effect('familyWater', `${family} ${day % 3}`),
      effect('trip', `day ${day}`),
      effect('familyTrip', `${family} ${day}`),
      effect('feature', 'loud', loud),
      effect('crossed', 'loud warm', loud * warm),
    ];
  };
  const sum = (of: Effect[]): number => of.reduce((s, e) => s + valueOf(e), 0);
  const rows = Array.from({ length: 40 }, (_, i): Row => {
    const of = effects(Math.floor(8 * random()), i >> 2, 2 * random() - 1);
    const expected = 0.3 + 1.5 * random();
    return { expected, strikes: poisson(random, Math.min(25, expected * Math.exp(sum(of)))), effects: of };
  });
  const asked = effects(Math.floor(8 * random()), 12, 2 * random() - 1);
  const p = fit(rows, [asked]);
  return Math.abs(sum(asked) - p.mean[0]!) <= 1.6449 * Math.sqrt(p.covariance[0]!);
}

test('nine ranges in ten hold the truth of seasons drawn from the spreads', () => {
  const random = seededRandom(11);
  const held = Array.from({ length: 300 }, () => drawnSeason(random)).filter(Boolean).length / 300;
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
