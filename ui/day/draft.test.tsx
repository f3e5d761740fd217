import { act, renderHook } from '@testing-library/react-native';
import { dragTo, letGo, useDraft, useDraftEnds } from './draft';
import { resolveConditions, type ResolvedConditions } from '../../core/water/resolve';

const readingAt = (depthM: number): ResolvedConditions =>
  resolveConditions({
    species: 'largemouth-bass',
    month: 6,
    water: { setting: 'pond', surfaceTempC: 18, clarityM: 1.2, depthM },
    sky: { sunElevationDeg: 20, cloud: 0.3 },
  });

describe('a reading under the finger', () => {
  beforeEach(() => jest.useFakeTimers());
  afterEach(() => {
    act(() => {
      letGo();
      jest.runAllTimers();
    });
    jest.useRealTimers();
  });
  const nextFrame = (): void => act(() => jest.advanceTimersByTime(40));

  test('of several moves within a frame the last is shown, and worked out alone', () => {
    const { result } = renderHook(() => useDraft((d) => d));
    const asked: number[] = [];
    act(() => {
      for (const v of [2, 3, 4])
        dragTo('depth', v, () => {
          asked.push(v);
          return readingAt(v);
        });
    });
    expect(result.current).toBeNull();
    nextFrame();
    expect(asked).toEqual([4]);
    expect(result.current).toMatchObject({ id: 'depth', value: 4, reading: { depthM: 4 } });
  });

  test('a move to the same value draws nothing; back to an earlier one does', () => {
    let drawn = 0;
    renderHook(() => {
      drawn++;
      return useDraft((d) => d);
    });
    const move = (v: number): void => {
      dragTo('depth', v, () => readingAt(v));
      nextFrame();
    };
    move(2);
    const once = drawn;
    move(2);
    expect(drawn).toBe(once);
    move(3);
    move(2);
    expect(drawn).toBe(once + 2);
  });

  test('let go, it stands until the day has a new reading, and not for good', () => {
    const { result, rerender } = renderHook(
      ({ reading }: { reading: ResolvedConditions }) => {
        useDraftEnds(reading);
        return useDraft((d) => d);
      },
      { initialProps: { reading: readingAt(3) } },
    );
    dragTo('depth', 5, () => readingAt(5));
    nextFrame();
    // A day that changes while the finger is down takes nothing from under it.
    rerender({ reading: readingAt(3.1) });
    expect(result.current?.value).toBe(5);
    act(() => letGo());
    expect(result.current?.value).toBe(5);
    rerender({ reading: readingAt(5) });
    expect(result.current).toBeNull();

    dragTo('depth', 6, () => readingAt(6));
    nextFrame();
    act(() => letGo());
    // Taken up again before it ended: it is the finger's once more.
    dragTo('depth', 7, () => readingAt(7));
    act(() => jest.advanceTimersByTime(5000));
    expect(result.current?.value).toBe(7);
    act(() => letGo());
    act(() => jest.advanceTimersByTime(5000));
    expect(result.current).toBeNull();
  });
});
