/** A round for so much time as one has: when it is spent best. */
import { assert as assertProperty, boolean, constantFrom, double, integer, property, record } from 'fast-check';
import { STATIONS } from '../stations/places';
import { candidate } from '../fixtures/usualSpot';
import { resolveConditions } from '../water/resolve';
import { planBudget } from './budget';
import { computeDayLine } from './line';
import { planRound } from './spots';

const line = computeDayLine({
  place: { latDeg: 45, lonDeg: -75, zone: 'Etc/GMT+5' },
  date: '2026-07-04',
  reading: resolveConditions({
    species: 'spotted-seatrout',
    month: 7,
    water: { setting: 'inlet', salinity: 'salt', surfaceTempC: 26, clarityM: 1.5, depthM: 4, fishDepthM: 1.5 },
  }),
  tide: { kind: 'constituents', ...STATIONS['arm-light'].tide! },
  cloud: [],
  waterC: [],
  moonGain: 0,
});
const at = (clock: string): number => Date.parse(`2026-07-04T${clock}:00-05:00`);
const HALF_MS = 30 * 60_000;

const options = (from: string, budgetMin?: number) => ({
  line,
  fromMs: at(from),
  toMs: Infinity,
  at: null,
  travelMps: 1.4,
  ...(budgetMin === undefined ? {} : { budgetMin }),
});

const anySpot = record({
  bait: boolean(),
  current: boolean(),
  latDeg: double({ min: 45, max: 45.02, noNaN: true }),
  bestTide: constantFrom('any' as const, 'rising' as const, 'falling' as const),
  bestLight: constantFrom('any' as const, 'low' as const),
});

test('no other begin by the half hour is worth more; the stays lie within the time', () => {
  assertProperty(
    property(
      anySpot,
      anySpot,
      integer({ min: 5, max: 12 }),
      constantFrom(60, 90, 150, 240),
      (a, b, hour, budgetMin) => {
        const all = [candidate('a', a), candidate('b', b)];
        const o = options(`${String(hour).padStart(2, '0')}:00`, budgetMin);
        const best = planBudget(all, o)!;
        expect(best.toMs - best.fromMs).toBe(budgetMin * 60_000);
        for (const s of best.stays) {
          expect(s.fromMs).toBeGreaterThanOrEqual(best.fromMs);
          expect(s.toMs).toBeLessThanOrEqual(best.toMs);
        }
        for (let fromMs = o.fromMs; fromMs + budgetMin * 60_000 <= line.fished.toMs; fromMs += HALF_MS) {
          const other = planRound(all, { ...o, fromMs, toMs: fromMs + budgetMin * 60_000 });
          expect(other.worth).toBeLessThanOrEqual(best.worth + 1e-9);
          if (fromMs === o.fromMs) expect(best.atOnce).toBeCloseTo(best.worth > 0 ? other.worth / best.worth : 1, 9);
        }
      },
    ),
    { numRuns: 30, seed: 4 },
  );
});

test('a spot for low light alone draws the time to dusk; more time is never worth less', () => {
  const dusk = candidate('dusk', { bestLight: 'low' });
  const best = planBudget([dusk], options('12:00', 90))!;
  expect(best.fromMs).toBeGreaterThan(at('17:30'));
  expect(best.atOnce).toBeLessThan(0.8);
  const worths = [60, 90, 150, 240].map((min) => planBudget([dusk], options('12:00', min))!.worth);
  expect([...worths].sort((x, y) => x - y)).toEqual(worths);
  // Its own best hour is that of the day, whatever the time one has.
  expect(best.ranked).toEqual(planRound([dusk], options('12:00')).ranked);
});

test('nothing asked, less than half an hour, or more than the day has left: no stretch', () => {
  const all = [candidate('a')];
  expect(planBudget(all, options('06:00'))).toBeNull();
  expect(planBudget(all, options('06:00', 20))).toBeNull();
  expect(planBudget(all, options('06:00', 60 * 30))).toBeNull();
});
