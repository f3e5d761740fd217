import { ACCESSES } from '../water/terms';
import { STANDS, tipSetting, TIP_POSITIONS } from './stand';

test('from the stern nobody casts up-current: the bow has that water', () => {
  for (const angleDeg of STANDS.stern.anglesDeg) expect(angleDeg).toBeGreaterThanOrEqual(90);
  expect(STANDS.bow.anglesDeg).toContain(0);
});

test('where stones or breakers lie at the feet the tip is not held low, and the last metres are theirs', () => {
  for (const access of ['jetty', 'surf'] as const) {
    expect(STANDS[access].tips).not.toContain('down');
    expect(STANDS[access].nearestM).toBeGreaterThan(3);
  }
});

test.each(ACCESSES)('%s: every tip that fishes is out of the water, and higher the higher it is held', (access) => {
  const rod = { lengthM: 2.1 };
  const heights = TIP_POSITIONS.map((t) => tipSetting(t, rod, access).heightM);
  expect(heights[0]).toBeGreaterThanOrEqual(0.2);
  expect(heights[1]).toBeGreaterThan(heights[0]!);
  expect(heights[2]).toBeGreaterThan(heights[1]!);
  expect(tipSetting('level', rod, access).heightM).toBeCloseTo(
    STANDS[access].handM + 1.68 * Math.sin((10 * Math.PI) / 180),
    9,
  );
});
