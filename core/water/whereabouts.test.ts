import { resolveConditions } from './resolve';
import type { Conditions } from './conditions';
import { whereaboutsFrom } from './whereabouts';

test('one searches until a fish shows: a bite, a follow, marks; beds and schools on top are in sight', () => {
  expect(whereaboutsFrom('feeding', [], [])).toBe('searching');
  expect(whereaboutsFrom('feeding', [], [{ kind: 'empty-cast', count: 40 }])).toBe('searching');
  expect(whereaboutsFrom('feeding', [], [{ kind: 'marks-ignore-lure', count: 3 }])).toBe('searching');
  expect(whereaboutsFrom('feeding', [], [{ kind: 'follow', count: 1 }])).toBe('located');
  expect(whereaboutsFrom('feeding', [{ depthM: 3, count: 4 }], [])).toBe('located');
  expect(whereaboutsFrom('guarding', [], [])).toBe('seen');
  expect(whereaboutsFrom('surface-schooling', [], [])).toBe('seen');
});

test('a place is known for an hour after a fish showed there', () => {
  const bite = (minutesAgo: number) => whereaboutsFrom('feeding', [], [{ kind: 'bite-on-fall', count: 1, minutesAgo }]);
  expect(bite(59)).toBe('located');
  expect(bite(61)).toBe('searching');
});

test('what is said by hand stands over the signs, and is no assumption when left open', () => {
  const c: Conditions = {
    species: 'crappie',
    month: 5,
    water: { setting: 'lake', surfaceTempC: 18 },
    signs: [{ kind: 'follow', count: 1 }],
  };
  expect(resolveConditions(c).whereabouts).toBe('located');
  expect(resolveConditions({ ...c, whereabouts: 'searching' }).whereabouts).toBe('searching');
  expect(resolveConditions(c).assumed).not.toContain('whereabouts');
});
