import { readFileSync } from 'node:fs';
import path from 'node:path';
import { normalDraw } from '../base/draws';
import { poisson, seededRandom } from '../base/random';
import { castsToTell, compare, ratesOf, type PatternEffort } from './learn';
import { betaInterval, chanceGreater, gammaInterval, gammaRate, type Interval, type RatePrior } from './rates';

interface Case {
  given: { efforts: PatternEffort[]; prior: RatePrior };
  expect: {
    rates: { presentation: string; perCast: Interval; hooked: Interval; landed: Interval }[];
    comparisons: { a: string; b: string; aBeatsB: number }[];
  };
}
const [reference] = JSON.parse(readFileSync(path.join(__dirname, '../fixtures/learn.json'), 'utf8')) as Case[];

test('the reference efforts give the reference rates and comparison', () => {
  const rates = ratesOf(reference!.given.efforts, () => reference!.given.prior);
  const comparisons = compare(rates);
  reference!.expect.rates.forEach((want, i) => {
    const got = rates[i]!;
    for (const k of ['mean', 'low', 'high'] as const) {
      expect(got.perCast[k]).toBeCloseTo(want.perCast[k], 5);
      expect(got.hookedShare[k]).toBeCloseTo(want.hooked[k], 5);
      expect(got.landedShare[k]).toBeCloseTo(want.landed[k], 5);
    }
  });
  expect(comparisons[0]!.aBeatsB).toBeCloseTo(reference!.expect.comparisons[0]!.aBeatsB, 5);
});

test('more casts narrow the interval, strikes move it', () => {
  const prior = { meanPerCast: 0.04, weightCasts: 50 };
  const width = (strikes: number, casts: number): number => {
    const i = gammaInterval(gammaRate(strikes, casts, prior));
    return i.high - i.low;
  };
  expect(width(40, 1000)).toBeLessThan(width(4, 100));
  expect(gammaInterval(gammaRate(6, 60, prior)).mean).toBeGreaterThan(gammaInterval(gammaRate(2, 60, prior)).mean);
});

test('without any effort the rate is the prior, and it is called thin', () => {
  const rates = ratesOf([{ presentation: 'x', casts: 0, strikes: 0, hooked: 0, landed: 0 }], () => ({
    meanPerCast: 0.05,
    weightCasts: 50,
  }));
  expect(rates[0]!.perCast.mean).toBeCloseTo(0.05, 10);
  expect(rates[0]!.tooThin).toBe(true);
});

test('a rate is thin below thirty casts and not from there on, whatever it caught', () => {
  const thin = (casts: number, strikes: number) =>
    ratesOf([{ presentation: 'x', casts, strikes, hooked: 0, landed: 0 }], () => ({
      meanPerCast: 0.05,
      weightCasts: 50,
    }))[0]!.tooThin;
  expect([thin(29, 9), thin(30, 0), thin(31, 2)]).toEqual([true, false, false]);
});

test('beating is symmetrical, and sure for plain cases', () => {
  const a = { shape: 20, rate: 200 };
  const b = { shape: 5, rate: 200 };
  expect(chanceGreater(a, b) + chanceGreater(b, a)).toBeCloseTo(1, 8);
  expect(chanceGreater(a, b)).toBeGreaterThan(0.99);
  expect(chanceGreater(a, a)).toBeCloseTo(0.5, 6);
});

test('shares of nothing are wide open', () => {
  const i = betaInterval(0, 0);
  expect([i.low, i.mean, i.high].map((v) => Math.round(v * 100))).toEqual([5, 50, 95]);
});

test('nine intervals in ten hold the truth when truths come from the prior (seed 5)', () => {
  const random = seededRandom(5);
  const prior = { meanPerCast: 0.05, weightCasts: 50 };
  // Truths from the prior: a Gamma of shape 2.5 by adding exponentials and one half of a squared normal.
  const truth = (k: number): number =>
    (-Math.log(random()) - Math.log(random()) + 0.5 * normalDraw(k, 3) ** 2) / prior.weightCasts;
  let inside = 0;
  const rounds = 600;
  for (let k = 0; k < rounds; k++) {
    const rate = truth(k);
    const i = gammaInterval(gammaRate(poisson(random, rate * 80), 80, prior));
    if (rate >= i.low && rate <= i.high) inside++;
  }
  expect(inside / rounds).toBeGreaterThan(0.86);
  expect(inside / rounds).toBeLessThan(0.94);
});

test('casts more until two are told apart: none where they are, ever more the nearer they lie', () => {
  const at = (strikes: number, casts: number) => ({ shape: 2 + strikes, rate: 50 + casts });
  expect(castsToTell(at(20, 100), at(2, 100))).toBe(0);
  const far = castsToTell(at(6, 60), at(1, 60))!;
  const near = castsToTell(at(6, 60), at(4, 60))!;
  expect(far).toBeLessThan(near);
  // As promised: with so many more at the same rates the better one is nine times in ten the better.
  const grown = (g: { shape: number; rate: number }) => ({ shape: g.shape * (1 + near / g.rate), rate: g.rate + near });
  expect(chanceGreater(grown(at(6, 60)), grown(at(4, 60)))).toBeCloseTo(0.9, 1);
  expect(castsToTell(at(4, 60), at(4, 60))).toBeNull();
});
