import { BETWEEN_CASTS_S } from '../../tackle/cast';
import { setUpTask, firstSettings, type PlanTask, type RetrieveSettings } from '../task/setup';
import { simulateSettings, type Track } from './track';
import { MESH } from '../../simulation/types';
import { workedSpeedMps, worth } from './worth';

const task = (currentMps: number): PlanTask =>
  setUpTask({
    conditions: {
      species: 'smallmouth-bass',
      month: 6,
      water: {
        setting: 'river',
        surfaceTempC: 18,
        clarityM: 1.2,
        depthM: 2,
        fishDepthM: 1,
        currentMps,
        currentAngleDeg: 0,
        windMps: 0,
        cover: { kind: 'none' },
      },
    },
    lure: { family: 'inline-spinner' },
    rod: { lengthM: 2.1, minLureKg: 0.003, maxLureKg: 0.02, action: 'moderate' },
    reel: { ratio: 6.2, spoolM: 0.045, arborM: 0.03, capacityM: 140 },
    line: { material: 'braid', strengthLb: 10 },
  });

const p = task(0.5);
const settings = firstSettings(p);
const track: Track = simulateSettings(p, settings, { mesh: MESH.scan });
/** The same cast, so that nothing but what is named differs. */
const of = (change: Partial<RetrieveSettings>, q = p, t = track): number => worth(q, { ...settings, ...change }, t);

test('straight up into half a metre of current costs a fifth, down with it nothing, across a tenth', () => {
  expect(of({ angleDeg: 180 }) / of({ angleDeg: 0 })).toBeCloseTo(0.8, 9);
  expect(of({ angleDeg: 90 }) / of({ angleDeg: 0 })).toBeCloseTo(0.9, 9);
  const still = task(0);
  expect(of({ angleDeg: 180 }, still) / of({ angleDeg: 0 }, still)).toBeCloseTo(1, 9);
});

test('seconds among the fish for each second of fishing, at the pace and the hang that are wanted', () => {
  const speedMps = workedSpeedMps(settings, track);
  const wanted: PlanTask = { ...p, speedMps, pauseS: 0 };
  expect(of({ angleDeg: 0 }, wanted)).toBeCloseTo(track.zoneS / (track.castS + BETWEEN_CASTS_S), 9);
  // Too fast by e^0.5 leaves 0.3 + 0.7 · e^(−1/2).
  expect(
    of({ angleDeg: 0 }, { ...wanted, speedMps: speedMps / Math.exp(0.5) }) / of({ angleDeg: 0 }, wanted),
  ).toBeCloseTo(0.3 + 0.7 * Math.exp(-0.5), 9);
});

test('no hang at all where one is wanted costs half, a longer one nothing', () => {
  const waits: PlanTask = { ...p, pauseS: 4 };
  expect(of({ pauseS: 0 }, waits) / of({ pauseS: 4 }, waits)).toBeCloseTo(0.5, 9);
  expect(of({ pauseS: 2 }, waits) / of({ pauseS: 4 }, waits)).toBeCloseTo(0.75, 9);
  expect(of({ pauseS: 9 }, waits)).toBe(of({ pauseS: 4 }, waits));
});

test('pace is over what was worked, not over what was only reeled in', () => {
  const cut: Track = { ...track, workedToM: 10, workedS: 20 };
  expect(workedSpeedMps({ ...settings, castM: 26, countdownS: 4 }, cut)).toBeCloseTo(1, 9);
});
