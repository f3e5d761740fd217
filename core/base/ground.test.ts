import * as fc from 'fast-check';
import { distanceM, groundOf, lengthM, middleOf, placeOf } from './ground';

const anyPlace = fc.record({
  latDeg: fc.double({ min: -75, max: 75, noNaN: true }),
  lonDeg: fc.double({ min: -180, max: 180, noNaN: true }),
});
const anyStep = fc.record({
  eastM: fc.double({ min: -5000, max: 5000, noNaN: true }),
  northM: fc.double({ min: -5000, max: 5000, noNaN: true }),
});

test('a place laid flat and back is the place, as far away as on the sphere', () => {
  fc.assert(
    fc.property(anyPlace, anyStep, (from, step) => {
      const there = placeOf(step, from);
      const back = groundOf(there, from);
      expect(Math.abs(back.eastM - step.eastM)).toBeLessThan(0.01);
      expect(Math.abs(back.northM - step.northM)).toBeLessThan(0.01);
      const far = Math.hypot(step.eastM, step.northM);
      expect(Math.abs(distanceM(from, there) - far)).toBeLessThan(0.5 + 0.005 * far);
    }),
    { numRuns: 300, seed: 3 },
  );
});

test('east is east across the line where the day changes; the middle of a frame lies in it', () => {
  const from = { latDeg: 0, lonDeg: 179.999 };
  expect(groundOf({ latDeg: 0, lonDeg: -179.999 }, from).eastM).toBeCloseTo(222.4, 0);
  const middle = middleOf([from, { latDeg: 1, lonDeg: -179.999 }])!;
  expect(middle.latDeg).toBeCloseTo(0.5, 6);
  expect(Math.abs(middle.lonDeg)).toBeCloseTo(180, 6);
  expect(middleOf([])).toBeNull();
});

test('a line is as long as its parts, and back to its begin where it is closed', () => {
  const from = { latDeg: 45, lonDeg: -75 };
  const corner = placeOf({ eastM: 300, northM: 0 }, from);
  const far = placeOf({ eastM: 300, northM: 400 }, from);
  expect(lengthM([])).toBe(0);
  expect(lengthM([from, corner, far])).toBeCloseTo(700, 0);
  expect(lengthM([from, corner, far], true)).toBeCloseTo(1200, 0);
});
