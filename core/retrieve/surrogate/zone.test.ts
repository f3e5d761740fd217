import { allFamilies, familyById } from '../../lures/families';
import { MESH } from '../simulate/types';
import { sharesOf } from './build';
import { DEPTH_GRID_M, tableSpeeds } from './grid';
import { ZONE_TABLE } from './table';
import { estimateZone, hangLimitS, holdingOptions, shareAt } from './zone';

const swimmers = allFamilies().filter((f) => f.mode === 'swim');

test('every swimming family has its row of the table', () => {
  expect(Object.keys(ZONE_TABLE).sort()).toEqual(swimmers.map((f) => f.id).sort());
});

/** The stated error of the table against a fine re-run of the same hands. */
const STATED_ERROR = 0.12;

test.each([
  ['paddletail', 5, 2],
  ['suspending-jerkbait', 3, 3],
  ['deep-crank', 5, 3],
  ['sinking-twitchbait', 2, 1],
  ['spinnerbait', 4, 3],
] as const)('the table keeps its stated error: %s at grid depth %d, speed %d', (id, depth, speed) => {
  const f = familyById(id);
  const [share, countdownS, tipM] = ZONE_TABLE[id]![depth]![speed]!;
  const again = sharesOf(f, { countdownS, tipM, speedMps: tableSpeeds(f)[speed]! }, MESH.fine)[depth]!;
  expect(Math.abs(again - share)).toBeLessThan(STATED_ERROR);
});

test('between grid depths and speeds the share is between its neighbours', () => {
  const f = familyById('paddletail');
  const speed = tableSpeeds(f)[2]!;
  const at = (d: number): number => shareAt(holdingOptions(f, d), speed);
  const [a, b] = [at(DEPTH_GRID_M[4]), at(DEPTH_GRID_M[5])];
  const middle = at((DEPTH_GRID_M[4] + DEPTH_GRID_M[5]) / 2);
  expect(middle).toBeGreaterThanOrEqual(Math.min(a, b) - 1e-9);
  expect(middle).toBeLessThanOrEqual(Math.max(a, b) + 1e-9);
});

test('a sinker cannot be held in mid-water at a crawl, a suspender can', () => {
  expect(shareAt(holdingOptions(familyById('paddletail'), 1.2), 0.2)).toBeLessThan(0.4);
  expect(shareAt(holdingOptions(familyById('suspending-jerkbait'), 0.8), 0.2)).toBeGreaterThan(0.5);
  expect(hangLimitS(familyById('suspending-jerkbait'), [1, 1.6])).toBeGreaterThan(10);
  expect(hangLimitS(familyById('sinking-twitchbait'), [1, 1.6])).toBeLessThan(4);
});

test.each(allFamilies().map((f) => [f.id, f] as const))('%s: minutes in the zone fit into an hour', (_id, f) => {
  for (const speed of [f.speedMps[0], f.speedMps[1]])
    for (const pitched of [0, 1]) {
      const z = estimateZone(f, Math.min(1, f.depthM[1]), Math.max(speed, 0.02), f.mode === 'bottom' ? pitched : 0, 0.5);
      expect(z.zoneMinutesPerHour).toBeGreaterThan(0);
      expect(z.zoneMinutesPerHour).toBeLessThan(60);
      expect(z.zoneSecondsPerCast).toBeLessThanOrEqual(z.castS + 1e-9);
    }
});

test('single pieces of cover shorten the time in front of the fish', () => {
  const f = familyById('spinnerbait');
  expect(estimateZone(f, 1, 0.6, 0, 1).zoneMinutesPerHour).toBeLessThan(estimateZone(f, 1, 0.6, 0, 0).zoneMinutesPerHour);
});
