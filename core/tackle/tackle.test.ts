import { lineDiameterM, linePhysics, thinnerLine } from './line';
import { metresPerTurn } from './reel';
import { comfortableCastM, rodFit } from './rod';
import { tipSetting } from './stand';

const ROD = { lengthM: 2.1, minLureKg: 0.007, maxLureKg: 0.021, action: 'fast' as const };

test.each([
  ['braid', 20, 0.22, 2542],
  ['fluorocarbon', 12, 0.305, 243],
  ['nylon', 12, 0.325, 214],
] as const)('%s of %d lb', (material, strengthLb, mm, ea) => {
  expect(lineDiameterM({ material, strengthLb }) * 1000).toBeCloseTo(mm, 6);
  expect(linePhysics({ material, strengthLb }).stiffnessN).toBeCloseTo(ea, -1);
  expect(linePhysics({ material, strengthLb }).normalDrag).toBeNull();
});

test('the next thinner class, until there is none', () => {
  expect(thinnerLine({ material: 'braid', strengthLb: 15 })?.strengthLb).toBe(10);
  expect(thinnerLine({ material: 'braid', strengthLb: 6 })).toBeNull();
});

test('a turn takes less line as the spool empties', () => {
  const reel = { ratio: 6.2, spoolM: 0.04, arborM: 0.025, capacityM: 100 };
  expect(metresPerTurn(reel, 0)).toBeCloseTo(0.779, 3);
  expect(metresPerTurn(reel, 60)).toBeLessThan(metresPerTurn(reel, 20));
  expect(metresPerTurn(reel, 500)).toBeCloseTo(6.2 * Math.PI * 0.025, 6);
});

test('tip heights follow the position and never go under', () => {
  const [down, level, up] = (['down', 'level', 'up'] as const).map((p) => tipSetting(p, ROD, 'bow').heightM);
  expect(down).toBeLessThan(level!);
  expect(level).toBeLessThan(up!);
  expect(tipSetting('down', { lengthM: 5 }, 'wade').heightM).toBeGreaterThanOrEqual(0.2);
});

test('a rod fits what it is rated for', () => {
  expect(rodFit(ROD, 0.01)).toBe('fits');
  expect(rodFit(ROD, 0.002)).toBe('too-light');
  expect(rodFit(ROD, 0.06)).toBe('too-heavy');
});

test('heavier lures and longer rods cast further, bulk shorter', () => {
  const cast = (kg: number, bulk = 0.2, rod = ROD) => comfortableCastM(rod, kg, bulk, 0.00022);
  expect(cast(0.018)).toBeGreaterThan(cast(0.008));
  expect(cast(0.01, 0.9)).toBeLessThan(cast(0.01, 0));
  expect(cast(0.01, 0.2, { ...ROD, lengthM: 2.7 })).toBeGreaterThan(cast(0.01));
});

test('a lure outside the rod’s rating flies three quarters as far, a longer rod and a compact lure further', () => {
  const rod = { lengthM: 2.1, minLureKg: 0.007, maxLureKg: 0.021, action: 'fast' as const };
  const cast = (change: Partial<typeof rod>, kg = 0.01, bulk = 0) =>
    comfortableCastM({ ...rod, ...change }, kg, bulk, 0.0002);
  expect(cast({})).toBeCloseTo(8 + 30 * (1 - Math.exp(-0.01 / 0.011)), 9);
  expect(cast({ minLureKg: 0.015 }) / cast({})).toBeCloseTo(0.75, 9);
  expect(cast({ maxLureKg: 0.008 }) / cast({})).toBeCloseTo(0.75, 9);
  expect(cast({ lengthM: 4.2 }) / cast({})).toBeCloseTo(1.6, 9);
  expect(cast({}, 0.01, 1) / cast({})).toBeCloseTo(0.75, 9);
});
