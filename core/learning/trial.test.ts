/** Which lure is tried next, from a ranking and doubts that are known. */
import type { RankedLure } from '../ranking/ranked';
import type { Posterior } from './fit';
import { nextTrial } from './trial';

/** Lures by score, best first, each in doubt by itself by so many spreads. */
function asked(scores: readonly number[], spread: (i: number) => number) {
  const ranked = scores.map((score, i) => ({ x: { key: `lure-${i}`, family: 'popper', score } as RankedLure, i }));
  const variance = Float64Array.from(scores, (_, i) => spread(i) ** 2);
  const between = (i: number, j: number): number => (i === j ? variance[i]! : 0);
  return { ranked, p: { variance, between } as unknown as Posterior };
}
const trials = (scores: readonly number[], spread: (i: number) => number, seeds = 60) => {
  const { ranked, p } = asked(scores, spread);
  return Array.from({ length: seeds }, (_, seed) => nextTrial(ranked, p, { seed })!);
};

test('with no doubt at all the best is always tied on, and is the best', () => {
  for (const t of trials([3, 2, 1], () => 0)) expect(t).toMatchObject({ key: 'lure-0', why: 'best', pBest: 1 });
});

test('what is in doubt and not far behind is tried now and then, what is far behind never', () => {
  const keys = new Set(trials([2, 1.9, 0.01], (i) => (i === 1 ? 0.8 : 0.05)).map((t) => t.key));
  expect([...keys].sort()).toEqual(['lure-0', 'lure-1']);
});

test('its chance of being the best is what the doubts give: two alike, half each', () => {
  for (const t of trials([1, 1], () => 0.5)) {
    expect(t.pBest).toBeGreaterThan(0.4);
    expect(t.pBest).toBeLessThan(0.6);
  }
});

test('what is on already is kept; another may be the best', () => {
  const { ranked, p } = asked([2, 1], () => 0);
  expect(nextTrial(ranked, p, { seed: 1, onNow: 'lure-0' })!.why).toBe('stay');
  expect(nextTrial(ranked, p, { seed: 1, onNow: 'lure-1' })!.why).toBe('best');
  expect(nextTrial([], p, { seed: 1 })).toBeNull();
});

test('of a great many lures those that may well be the best are drawn for, whatever their place', () => {
  // The last of 150 is known by nothing, the others well: only its doubt makes it promising.
  const scores = Array.from({ length: 150 }, (_, i) => 2 - i / 1000);
  const spread = (i: number): number => (i === 149 ? 3 : 0.001);
  const tried = trials(scores, spread);
  expect(tried.some((t) => t.key === 'lure-149' && t.why === 'may-be-best')).toBe(true);
  // Where nothing is in doubt the first is tried: the few that are drawn for stand in the order of the ranking.
  for (const t of trials(scores, () => 0.0001, 10)) expect(t).toMatchObject({ key: 'lure-0', why: 'best' });
});

test('a hundred and twenty are drawn for: the last of them can win, the next one cannot', () => {
  // All but one are hopeless; that one is promising by its score alone, at the edge of those drawn for.
  const at = (n: number) => {
    const scores = Array.from({ length: n }, () => 1e-6);
    return trials([...scores, 1], () => 0.5, 3).map((t) => t.key);
  };
  expect(at(119)).toEqual(['lure-119', 'lure-119', 'lure-119']);
  expect(at(140)).toEqual(['lure-140', 'lure-140', 'lure-140']);
});
