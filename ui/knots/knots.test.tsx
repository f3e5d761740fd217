import { KNOTS } from '../../core/ranking/joints';
import { KNOT_STEPS } from '../../wording/pages/knots';
import { KNOT_DRAWINGS } from './drawings';
import { FRAME, pathOf, strand, turns } from './strands';

test.each(KNOTS)(
  'each step of the %s has a sentence and a drawing within its frame, the working end in its colour',
  (knot) => {
    const drawn = KNOT_DRAWINGS[knot];
    expect(drawn.length).toBeGreaterThanOrEqual(3);
    expect(KNOT_STEPS[knot]).toHaveLength(drawn.length);
    for (const strands of drawn)
      for (const { points } of strands) {
        expect(points.length).toBeGreaterThanOrEqual(2);
        for (const [x, y] of points) {
          expect(x).toBeGreaterThanOrEqual(0);
          expect(x).toBeLessThanOrEqual(FRAME.width);
          expect(y).toBeGreaterThanOrEqual(0);
          expect(y).toBeLessThanOrEqual(FRAME.height);
        }
      }
    expect(drawn.slice(1).some((s) => s.some((x) => x.tone === 'end'))).toBe(true);
  },
);

test('turns go round: as often behind as before, each half beginning where the other ended', () => {
  const { behind, before } = turns('end', { from: 10, to: 60, y: 50, round: 12, count: 5 });
  expect([behind.length, before.length]).toEqual([5, 5]);
  behind.forEach((b, i) => expect(before[i]!.points[0]).toEqual(b.points.at(-1)));
  before.slice(0, -1).forEach((b, i) => expect(behind[i + 1]!.points[0]).toEqual(b.points.at(-1)));
});

test('a strand goes through all of its points', () => {
  expect(pathOf(strand('line', [0, 1], [10, 2], [20, 3]))).toMatch(/^M0 1C.* 10 2C.* 20 3$/);
});
