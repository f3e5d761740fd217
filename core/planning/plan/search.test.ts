import { firstSettings, setUpTask, type RetrieveSettings } from '../task/setup';
import { atOnce } from './casting';
import { places, spread, type Candidate, type Evaluate } from './candidates';
import { freeParameters } from './freedoms';
import { around } from './search';
import type { Track } from './track';

const task = setUpTask({
  conditions: {
    species: 'largemouth-bass',
    month: 6,
    water: {
      setting: 'lake',
      surfaceTempC: 20,
      clarityM: 1.5,
      depthM: 4,
      fishDepthM: 2,
      cover: { kind: 'none', density: 0 },
    },
    access: 'bow',
  },
  lure: { family: 'paddletail' },
  rod: { lengthM: 2.1, minLureKg: 0.004, maxLureKg: 0.03, action: 'fast' },
  reel: { ratio: 6.4, spoolM: 0.045, arborM: 0.03, capacityM: 140 },
  line: { material: 'braid', strengthLb: 15 },
});
const start = firstSettings(task);
const free = freeParameters(task, start);
const candidate = (more: Partial<RetrieveSettings>, worth: number): Candidate => ({
  hands: { ...start, ...more },
  track: {} as Track,
  worth,
});
/** Hands by a worth of one's own: nothing is cast. */
const by = (worth: (h: RetrieveSettings) => number): Evaluate =>
  function* (all) {
    return all.map((hands) => ({ hands, track: {} as Track, worth: worth(hands) }));
  };

test('a long cast wound quicker is found where each of the two alone is worse', () => {
  const u = (what: 'turns' | 'cast', h: RetrieveSettings): number => free.find((f) => f.what === what)!.of(h);
  // A ridge from short and slow to long and quick, higher towards its end, steep on both sides.
  const ridge = (h: RetrieveSettings): number =>
    u('cast', h) - 40 * Math.abs(u('turns', h) - 0.3 - 0.28 * u('cast', h));
  const at = (what: 'turns' | 'cast', h: RetrieveSettings, x: number): RetrieveSettings =>
    free.find((f) => f.what === what)!.at(h, x);
  const low = at('turns', at('cast', start, 0.2), 0.356);
  let best: Candidate = { hands: low, track: {} as Track, worth: ridge(low) };
  for (let i = 0; i < 6; i++) best = atOnce(around(free, best, 1, by(ridge)));
  expect(u('cast', low)).toBeLessThan(0.25);
  expect(u('cast', best.hands)).toBeGreaterThan(0.5);
  expect(best.hands.turnsPerS).toBeGreaterThan(low.turnsPerS);
});

test('a look around never ends on worse hands, and stops where it is told to', () => {
  const from = candidate({}, 5);
  expect(
    atOnce(
      around(
        free,
        from,
        1,
        by(() => 4),
      ),
    ),
  ).toBe(from);
  expect(
    atOnce(
      around(
        free,
        from,
        1,
        by(() => 9),
        () => false,
      ),
    ),
  ).toBe(from);
});

test('places keep apart what differs by tip, pace or count, each with its best few', () => {
  const all = [
    candidate({ turnsPerS: 1, countdownS: 2 }, 9),
    candidate({ turnsPerS: 1.05, countdownS: 2.5 }, 8),
    candidate({ turnsPerS: 1, countdownS: 1 }, 7),
    candidate({ turnsPerS: 2, countdownS: 2 }, 6),
    candidate({ turnsPerS: 1, countdownS: 9 }, 5),
  ];
  const found = places([...all].reverse(), 3, 2);
  expect(found.map((of) => of.map((c) => c.worth))).toEqual([[9, 8], [6], [5]]);
  expect(spread(all, 2)).toEqual([all[0], all[3]]);
});
