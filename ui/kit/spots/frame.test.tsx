/** The plan of a water's spots: all of them in the picture, names that lie over nothing, a scale that is round. */
import * as fc from 'fast-check';
import { middleOf } from '../../../core/base/ground';
import { fitAll, labelsThatFit, movedBy, pixelOf, roundLengthM } from './frame';

const [WIDTH, HEIGHT] = [358, 340];
const anyPlace = fc.record({
  latDeg: fc.double({ min: 44.9, max: 45.1, noNaN: true }),
  lonDeg: fc.double({ min: -75.1, max: -74.9, noNaN: true }),
});

test('every place is in the picture, with room at its edges; one alone is not drawn to the inch', () => {
  fc.assert(
    fc.property(fc.array(anyPlace, { minLength: 1, maxLength: 40 }), (places) => {
      const f = fitAll(places, middleOf(places)!, WIDTH, HEIGHT);
      for (const x of places) {
        const [px, py] = pixelOf(x, f, WIDTH, HEIGHT);
        expect(px).toBeGreaterThan(20);
        expect(px).toBeLessThan(WIDTH - 20);
        expect(py).toBeGreaterThan(20);
        expect(py).toBeLessThan(HEIGHT - 20);
      }
      expect(f.mPerPx * WIDTH).toBeGreaterThan(240);
    }),
    { numRuns: 80, seed: 1 },
  );
});

test('north is up and east to the right; the frame moved to a place has it in the middle', () => {
  const f = fitAll([], { latDeg: 45, lonDeg: -75 }, WIDTH, HEIGHT);
  const [x, y] = pixelOf({ latDeg: 45.0005, lonDeg: -74.9995 }, f, WIDTH, HEIGHT);
  expect(x).toBeGreaterThan(WIDTH / 2);
  expect(y).toBeLessThan(HEIGHT / 2);
  const moved = movedBy(f, x - WIDTH / 2, y - HEIGHT / 2);
  expect(moved.middle.latDeg).toBeCloseTo(45.0005, 6);
  expect(moved.middle.lonDeg).toBeCloseTo(-74.9995, 6);
});

test('no name lies over another, over a mark or over the edge; the first ones have theirs first', () => {
  const anyMark = fc.record({
    id: fc.uuid(),
    name: fc.constantFrom('Elbow', 'North arm alders', 'Sluice inflow', 'Tip'),
    at: fc.tuple(fc.integer({ min: 0, max: WIDTH }), fc.integer({ min: 0, max: HEIGHT })),
  });
  fc.assert(
    fc.property(fc.array(anyMark, { maxLength: 30 }), (marks) => {
      const labels = labelsThatFit(marks, WIDTH, HEIGHT);
      const boxes = labels.map((l) => ({ x: l.x, y: l.y - 14, w: l.text.length * 7.6, h: 18 }));
      boxes.forEach((a, i) => {
        expect(a.x).toBeGreaterThanOrEqual(0);
        expect(a.x + a.w).toBeLessThanOrEqual(WIDTH);
        for (const b of boxes.slice(i + 1))
          expect(a.x + a.w < b.x || b.x + b.w < a.x || a.y + a.h < b.y || b.y + b.h < a.y).toBe(true);
        for (const { at } of marks)
          expect(at[0] < a.x || at[0] > a.x + a.w || at[1] < a.y || at[1] > a.y + a.h).toBe(true);
      });
    }),
    { numRuns: 100, seed: 2 },
  );
  const alone = { id: 'a', name: 'Elbow', at: [100, 100] as const };
  expect(labelsThatFit([alone], WIDTH, HEIGHT)).toHaveLength(1);
  expect(labelsThatFit([alone, { ...alone, id: 'b' }], WIDTH, HEIGHT)[0]!.id).toBe('a');
});

test('the scale is one, two or five with noughts, in its own unit, and no longer than there is room', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.5, max: 50_000, noNaN: true }),
      fc.constantFrom(1, 0.9144, 1609.344),
      (room, unit) => {
        const m = roundLengthM(room, unit);
        expect(m).toBeLessThanOrEqual(room * 1.000001);
        expect(m).toBeGreaterThan(room / 2.6);
        expect((m / unit).toExponential(3)).toMatch(/^[125]\.000e/);
      },
    ),
    { numRuns: 200, seed: 3 },
  );
});
