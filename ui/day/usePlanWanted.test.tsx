import { act, renderHook } from '@testing-library/react-native';
import { usePlanWanted } from './usePlanWanted';

let mockPath = '/';
let mockWide = false;
jest.mock('expo-router', () => ({ usePathname: () => mockPath }));
jest.mock('../shell/useWide', () => ({ useWide: () => mockWide }));

const LONG_MS = 60_000;
const hook = (at: string, isWide = false) => {
  [mockPath, mockWide] = [at, isWide];
  return renderHook(({ id }: { id: string }) => usePlanWanted(id), { initialProps: { id: 'a' } });
};
type Hook = ReturnType<typeof hook>;
const pass = (ms: number): void => act(() => void jest.advanceTimersByTime(ms));
const goTo = (h: Hook, to: string): boolean => {
  mockPath = to;
  h.rerender({ id: 'a' });
  return h.result.current;
};

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

test('where it is read it is wanted at once; on the way there after a rest, and after each change anew', () => {
  expect([hook('/retrieve').result.current, hook('/strikes/cover').result.current]).toEqual([true, true]);
  const h = hook('/lures');
  expect(h.result.current).toBe(false);
  pass(3000);
  h.rerender({ id: 'b' });
  pass(3000);
  expect(h.result.current).toBe(false);
  pass(1500);
  expect(h.result.current).toBe(true);
  h.rerender({ id: 'c' });
  expect(h.result.current).toBe(false);
});

test('over the kit and the diary it is not worked ahead; the way from there to the water begins it', () => {
  for (const far of ['/kit', '/kit/box', '/lessons', '/lessons/day/trip-01']) {
    const h = hook(far);
    pass(LONG_MS);
    expect(h.result.current).toBe(false);
    expect(goTo(h, '/retrieve')).toBe(true);
  }
  const h = hook('/');
  pass(LONG_MS);
  expect([h.result.current, goTo(h, '/kit')]).toEqual([true, true]);
});

test('wide, the board shows it beside every place', () => {
  expect(hook('/kit', true).result.current).toBe(true);
});
