import { FAMILIES } from '../../lures/family';
import { familyById } from '../../lures/families';
import type { PlanRequest } from '../task/request';
import { workedUnplanned } from './unplanned';

const request = (family: PlanRequest['lure']['family']): PlanRequest => ({
  conditions: {
    species: 'largemouth-bass',
    month: 6,
    water: { setting: 'lake', surfaceTempC: 19, clarityM: 1.5, depthM: 4, fishDepthM: 2 },
    sky: { cloud: 0.4, sunElevationDeg: 30 },
  },
  lure: { id: 'x', family, name: 'Mine' },
  rod: { lengthM: 2.1, minLureKg: 0.004, maxLureKg: 0.03, action: 'fast' },
  reel: { ratio: 6.2, spoolM: 0.045, arborM: 0.03, capacityM: 140 },
  line: { material: 'nylon', strengthLb: 10 },
});

test.each(FAMILIES.filter((f) => !familyById(f).forIce))(
  '%s is worked by the rules: all a block keeps, finite and in range',
  (f) => {
    const { presentation, zoneShare, zoneSecondsPerCast, phaseS, castS } = workedUnplanned(request(f));
    expect(presentation).toMatchObject({ lureId: 'x', lureName: 'Mine' });
    expect(zoneShare.mean).toBeGreaterThanOrEqual(0);
    expect(zoneShare.mean).toBeLessThanOrEqual(1);
    expect(zoneSecondsPerCast).toBeLessThanOrEqual(castS + 1e-9);
    const seconds = Object.values(phaseS);
    expect(seconds.every((s) => Number.isFinite(s) && s >= 0)).toBe(true);
    const sum = seconds.reduce((a, b) => a + b, 0);
    expect(sum).toBeGreaterThan(0.5 * castS);
    expect(sum).toBeLessThan(1.3 * castS + 5);
  },
);
