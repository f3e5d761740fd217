import { act, renderHook } from '@testing-library/react-native';
import type { Day } from '../../core/trip/day';
import { usePlanWater } from './usePlanWater';

const day = (windMps: number, trip: object = {}): Day =>
  ({
    trip: { id: 't', species: 'walleye', spotId: null, readings: {}, signs: [], lureId: null, settings: {}, ...trip },
    water: { usual: {} },
    conditions: { species: 'walleye', water: { setting: 'lake', windMps }, sky: { sunElevationDeg: 30 } },
  }) as unknown as Day;

const hook = (first: Day) =>
  renderHook(({ d }: { d: Day | null }) => usePlanWater(d), { initialProps: { d: first as Day | null } });
const wind = (h: ReturnType<typeof hook>): unknown => h.result.current.conditions?.water.windMps;

test('before a plan is in hand it follows the station; in hand it stands still and says what has moved on', () => {
  const h = hook(day(2));
  h.rerender({ d: day(4) });
  expect([wind(h), h.result.current.movedTo]).toEqual([4, null]);
  h.rerender({ d: day(4, { lureId: 'a' }) });
  h.rerender({ d: day(7, { lureId: 'a' }) });
  expect(wind(h)).toBe(4);
  expect(h.result.current.movedTo?.water.windMps).toBe(7);
  // A change of the plan, and taking it back, is no reason to look at the water again.
  h.rerender({ d: day(7, { lureId: 'a', settings: { castM: 20 } }) });
  expect(wind(h)).toBe(4);
  act(() => h.result.current.planAnew());
  expect([wind(h), h.result.current.movedTo]).toEqual([7, null]);
});

test('what the angler says himself, and another lure, count at once; without a day there is nothing', () => {
  const h = hook(day(3, { lureId: 'a' }));
  h.rerender({ d: day(9, { lureId: 'a', readings: { water: { windMps: 9 } } }) });
  expect([wind(h), h.result.current.movedTo]).toEqual([9, null]);
  h.rerender({ d: day(5, { lureId: 'b', readings: { water: { windMps: 9 } } }) });
  expect(wind(h)).toBe(5);
  h.rerender({ d: null });
  expect([h.result.current.conditions, h.result.current.movedTo]).toEqual([null, null]);
});
