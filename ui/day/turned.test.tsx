import type { ResolvedConditions } from '../../core/water/resolve';
import { afterRanking } from './turned';

const reading = (clarityM: number, sunElevationDeg = 5): ResolvedConditions =>
  ({
    species: 'walleye',
    windMps: 2,
    surfaceTempC: 15,
    currentMps: 0,
    depthM: 3,
    clarityM,
    fishDepthM: 1,
    sunElevationDeg,
  }) as never;
const ranking = (start: string, clarityM: number, sun?: number) => ({
  reading: reading(clarityM, sun),
  plan: { start } as never,
});
const NONE = { tripId: null, reading: null, first: null, turned: null };

test('a reading that moved says what came of it, and what is planned later counts', () => {
  const first = afterRanking(NONE, 't', ranking('a', 2), 1e6);
  expect(first.turned).toBeNull();
  const moved = afterRanking(first, 't', ranking('b', 0.5), 1e6);
  expect(moved.turned).toMatchObject({ before: 'a', after: 'b', then: { clarityM: 2 }, now: { clarityM: 0.5 } });
  expect(afterRanking(moved, 't', ranking('c', 0.5), 1e6).turned).toMatchObject({ before: 'a', after: 'c' });
});

test('steps soon after each other are one change, a small drift is none', () => {
  const first = afterRanking(NONE, 't', ranking('a', 2), 0);
  const one = afterRanking(first, 't', ranking('b', 1.5), 1000);
  const two = afterRanking(one, 't', ranking('c', 1), 9000);
  expect(two.turned).toMatchObject({ before: 'a', after: 'c', then: { clarityM: 2 }, now: { clarityM: 1 } });
  expect(afterRanking(two, 't', ranking('d', 1.01), 20_000).turned).toMatchObject({ before: 'a', after: 'd' });
  const later = afterRanking(two, 't', ranking('e', 3), 90_000);
  expect(later.turned).toMatchObject({ before: 'c', after: 'e', then: { clarityM: 1 } });
});

test('the sun alone is no change, and another day begins anew', () => {
  const first = afterRanking(NONE, 't', ranking('a', 2), 1e6);
  expect(afterRanking(first, 't', ranking('b', 2, 30), 1e6).turned).toBeNull();
  const moved = afterRanking(first, 't', ranking('b', 0.5), 1e6);
  expect(afterRanking(moved, 'u', ranking('b', 2), 1e6).turned).toBeNull();
});
