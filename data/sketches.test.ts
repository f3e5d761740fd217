import { memoryStore } from './memoryStore';
import { createSketches } from './sketches';

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

const setUp = (start: Record<string, string> = {}) => {
  const store = memoryStore(start);
  const troubles: string[] = [];
  return {
    store,
    troubles,
    sketches: createSketches(
      () => store,
      (where) => troubles.push(where),
    ),
  };
};

test('of several changes at once the last is stored, and read again', async () => {
  const { store, sketches } = setUp();
  const sets = jest.spyOn(store, 'setMany');
  for (const n of [1, 2, 3]) sketches.write('cadence', { n });
  await jest.runAllTimersAsync();
  expect(sets).toHaveBeenCalledTimes(1);
  expect(await sketches.read('cadence')).toEqual({ n: 3 });
  sketches.write('cadence', { n: 4 });
  sketches.write('other', { n: 5 });
  await jest.runAllTimersAsync();
  expect([await sketches.read('cadence'), await sketches.read('other')]).toEqual([{ n: 4 }, { n: 5 }]);
});

test('what is not stored yet is read all the same', async () => {
  const { store, sketches } = setUp({ cadence: '{"n":1}' });
  sketches.write('cadence', { n: 2 });
  expect(await sketches.read('cadence')).toEqual({ n: 2 });
  let stored = (): void => undefined;
  jest.spyOn(store, 'setMany').mockReturnValue(new Promise((ok) => (stored = ok)));
  await jest.runAllTimersAsync();
  expect(await sketches.read('cadence')).toEqual({ n: 2 });
  sketches.write('cadence', null);
  expect(await sketches.read('cadence')).toBeNull();
  stored();
});

test('null forgets it; what was never there is null', async () => {
  const { store, sketches } = setUp({ cadence: '{"n":1}' });
  expect(await sketches.read('cadence')).toEqual({ n: 1 });
  sketches.write('cadence', null);
  await jest.runAllTimersAsync();
  expect(store.all.size).toBe(0);
  expect(await sketches.read('cadence')).toBeNull();
});

test('what cannot be read, or stored, is told and stops nothing', async () => {
  const { store, sketches, troubles } = setUp({ cadence: '{"n":' });
  expect(await sketches.read('cadence')).toBeNull();
  store.setMany = () => Promise.reject(new Error('full'));
  sketches.write('cadence', { n: 1 });
  await jest.runAllTimersAsync();
  expect(troubles).toEqual(['reading what was half made', 'keeping what is half made']);
  delete (store as Partial<typeof store>).setMany;
  store.setMany = memoryStore().setMany;
  sketches.write('cadence', { n: 2 });
  await jest.runAllTimersAsync();
  expect(troubles).toHaveLength(2);
});
