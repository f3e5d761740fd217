import { nameOfCadence, type OwnCadence } from './cadence';

const slow = {
  steps: [
    { kind: 'turn', durationS: 1, handleTurns: 1 },
    { kind: 'pause', durationS: 5 },
  ],
  loop: true,
} as const;
const kept = (over: Partial<OwnCadence>): OwnCadence => ({
  id: 'c1',
  name: 'Cold morning',
  cadence: { steps: [...slow.steps], loop: true },
  atMs: 0,
  retiredAtMs: null,
  ...over,
});

test('a cadence goes by the name it is kept under, whatever order its fields are in', () => {
  const turnedRound = { loop: true, steps: slow.steps.map((s) => Object.fromEntries(Object.entries(s).reverse())) };
  expect(nameOfCadence({ c1: kept({}) }, turnedRound as never)).toBe('Cold morning');
});

test('another cadence, and one that was let go, have no name', () => {
  expect(nameOfCadence({ c1: kept({}) }, { ...slow, loop: false })).toBeNull();
  expect(nameOfCadence({ c1: kept({ retiredAtMs: 5 }) }, slow)).toBeNull();
  expect(nameOfCadence({}, slow)).toBeNull();
});
