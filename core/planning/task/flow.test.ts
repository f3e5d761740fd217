import { flowVelocity } from './flow';

test.each([
  ['from the target', 0, [-0.5, 0]],
  ['from right to left', 90, [0, 0.5]],
  ['away from the angler', 180, [0.5, 0]],
  ['from left to right', -90, [0, -0.5]],
])('%s (%d°)', (_name, angleDeg, [x, y]) => {
  const [vx, vy, vz] = flowVelocity(0.5, angleDeg);
  expect(vx).toBeCloseTo(x!, 12);
  expect(vy).toBeCloseTo(y!, 12);
  expect(vz).toBe(0);
});
