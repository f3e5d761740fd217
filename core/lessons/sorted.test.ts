import type { Pattern } from './patterns';
import { PATTERN_ORDERS, sortedPatterns } from './sorted';

const pattern = (lureName: string, casts: number, mean: number, bandM: readonly [number, number]): Pattern =>
  ({ lureName, casts, strikes: casts / 10, landed: casts / 20, perCast: { mean }, bandM }) as unknown as Pattern;
const FOUR = [
  pattern('Spoon 10', 400, 0.01, [2, 3]),
  pattern('Spoon 9', 300, 0.04, [0, 1]),
  pattern('Alder', 20, 0.02, [1, 2]),
  pattern('Alder', 10, 0.05, [4, 6]),
];

test('patterns go in every order, both ways, and stay as they are without one', () => {
  const names = (by: Parameters<typeof sortedPatterns>[1]): number[] =>
    sortedPatterns(FOUR, by).map((x) => FOUR.indexOf(x));
  expect(names(null)).toEqual([0, 1, 2, 3]);
  expect(names({ order: 'name', up: true })).toEqual([2, 3, 1, 0]);
  expect(names({ order: 'name', up: false })).toEqual([0, 1, 2, 3]);
  expect(names({ order: 'depth', up: true })).toEqual([1, 2, 0, 3]);
  expect(names({ order: 'rate', up: false })).toEqual([3, 1, 2, 0]);
  for (const order of PATTERN_ORDERS) {
    expect(sortedPatterns(FOUR, { order, up: true })).toHaveLength(4);
    expect(FOUR.map((x) => x.casts)).toEqual([400, 300, 20, 10]);
  }
});
