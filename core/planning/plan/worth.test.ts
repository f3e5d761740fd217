import { usualRequest } from '../../fixtures/usualRequest';
import type { Planned } from '../../ranking/planned';
import { rankLures } from '../../ranking/rank';
import { BETWEEN_CASTS_S } from '../../tackle/cast';
import type { Whereabouts } from '../../water/terms';
import { setUpTask, firstSettings, type PlanTask, type RetrieveSettings } from '../task/setup';
import { simulateSettings, type Track } from './track';
import { MESH } from '../../simulation/types';
import { movingSpeedMps, workedSpeedMps } from './pace';
import { worth } from './worth';

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

test('half the seconds among the fish are worth half', () => {
  expect(of({}, p, { ...track, countedS: track.countedS / 2 }) / of({})).toBeCloseTo(0.5, 9);
});

test('a hang counts where the way of working has one: too short costs, longer than wanted does not', () => {
  const hung = (pauseS: number): number => of({ style: 'stop-and-go', pauseS });
  expect(hung(0) / hung(30)).toBeLessThan(0.95);
  expect(hung(0) / hung(30)).toBeGreaterThan(0.45);
  expect(hung(1)).toBeGreaterThan(hung(0));
  expect(hung(30)).toBeCloseTo(hung(60), 9);
  expect(of({ style: 'steady', pauseS: 0 })).toBe(of({ style: 'steady', pauseS: 9 }));
});

test('what hangs is caught at its average speed and provokes at the one it moves at', () => {
  const way = { depthM: p.depthM, zoneMinutesPerHour: 30, castsPerHour: 60, hangS: 2, contactShare: 0 };
  const at = (speedMps: number, movingMps: number): number => p.worthOf({ ...way, speedMps, movingMps });
  // Slow on the whole: better where it darts between its hangs.
  expect(at(0.05, 0.5)).toBeGreaterThan(1.2 * at(0.05, 0.05));
  // Too fast on the whole: how fast it darts makes no difference.
  expect(at(3, 4)).toBeCloseTo(at(3, 3), 9);
});

test('a lip that knocks on rock is worth more than one that does not', () => {
  const crank = setUpTask({ ...p.request, lure: { family: 'deep-crank' } });
  const rock = setUpTask({
    ...crank.request,
    conditions: { ...crank.request.conditions, water: { ...crank.request.conditions.water, bottom: 'rock' } },
  });
  const digs = (contactShare: number): number =>
    rock.worthOf({
      depthM: 1.5,
      speedMps: 0.6,
      movingMps: 0.6,
      zoneMinutesPerHour: 30,
      castsPerHour: 60,
      hangS: 0,
      contactShare,
    });
  expect(digs(0.8) / digs(0)).toBeGreaterThan(1.15);
  expect(digs(0.8)).toBeGreaterThan(digs(0.4));
});

test('pace is over what was worked, not over what was only reeled in', () => {
  const cut: Track = { ...track, workedToM: 10, workedS: 20 };
  expect(workedSpeedMps({ ...settings, castM: 26, countdownS: 4 }, cut)).toBeCloseTo(1, 9);
});

test.each([0, 3, 7])(
  'in %d m/s of wind the planner and the ranking like one speed better than another by as much',
  (windMps) => {
    const r = usualRequest('suspending-jerkbait', { windMps });
    const q = setUpTask(r);
    const cast = (turnsPerS: number) => {
      const hands = { ...firstSettings(q), style: 'twitch-pause' as const, pauseS: 4, turnsPerS };
      const t = simulateSettings(q, hands, { mesh: MESH.scan, workedToM: null });
      const planned: Planned = {
        weightKg: q.rig.weightKg,
        zoneShare: t.countedS / t.castS,
        depthM: q.depthM,
        flightM: q.flightM,
        castS: t.castS,
        castsPerHour: 3600 / (t.castS + BETWEEN_CASTS_S),
        speedMps: workedSpeedMps(hands, t),
        movingMps: movingSpeedMps(hands, t),
      };
      const { ranked } = rankLures(r.conditions, {
        withoutRange: true,
        lures: [
          {
            id: 'own',
            family: 'suspending-jerkbait',
            weightKg: q.rig.weightKg,
            lengthM: q.rig.sizeM,
            hook: 'treble',
            colour: null,
            priceMinor: 0,
          },
        ],
        planned: { own: planned },
      });
      return { worth: worth(q, hands, t), strikes: ranked[0]!.strikesPerHour };
    };
    const [slow, quick] = [cast(0.6), cast(1.4)];
    expect(quick.worth / slow.worth / (quick.strikes / slow.strikes)).toBeCloseTo(1, 1);
  },
);

test('the same cast again and slower where they were found: a quick pace is worth less than while one searches', () => {
  const way = { depthM: 1.6, zoneMinutesPerHour: 30, castsPerHour: 60, hangS: 0, contactShare: 0 };
  const times = (whereabouts: Whereabouts): number => {
    const r = usualRequest('paddletail');
    const q = setUpTask({ ...r, conditions: { ...r.conditions, whereabouts } });
    return q.worthOf({ ...way, speedMps: 0.9, movingMps: 0.9 }) / q.worthOf({ ...way, speedMps: 0.4, movingMps: 0.4 });
  };
  expect(times('located')).toBeLessThan(0.95 * times('searching'));
  expect(times('seen')).toBeLessThan(times('located'));
});
