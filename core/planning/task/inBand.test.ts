import { inBand } from './inBand';

test.each([
  [1.99, true],
  [1.97, false],
  [2.5, true],
  [3.04, true],
  [3.06, false],
])('%d m in a band of 2–3 m: %s', (depthM, counts) => {
  expect(inBand(depthM, [2, 3])).toBe(counts);
});
