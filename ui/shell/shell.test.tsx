import { act, renderHook } from '@testing-library/react-native';
import type { ReactNode } from 'react';
import { PlaybackProvider, usePlayback } from '../section/Playback';
import { PLACES, placeOfPath } from './places';
import { appNowMs } from '../platform/clock';

test.each([
  ['/', 'water'],
  ['/lures', 'lures'],
  ['/retrieve', 'retrieve'],
  ['/strikes', 'strikes'],
  ['/lessons', 'lessons'],
  ['/kit', 'kit'],
  ['/kit/lure/new', 'kit'],
  ['/nowhere', 'water'],
])('%s belongs to %s', (path, id) => {
  expect(placeOfPath(path)).toBe(id);
});

test('every place has a path that leads back to it, also from its pages within, and a name of its own', () => {
  for (const p of PLACES) {
    expect(placeOfPath(p.path)).toBe(p.id);
    if (p.path !== '/') expect(placeOfPath(`${p.path}/within`)).toBe(p.id);
  }
  expect(new Set(PLACES.map((p) => p.name)).size).toBe(PLACES.length);
});

test('the demo day runs on from its pinned moment as the real clock does, and not otherwise', () => {
  jest.useFakeTimers();
  const realAtMs = appNowMs(null);
  const clock = { demoAtMs: 1000, realAtMs };
  expect(appNowMs(clock)).toBe(1000);
  jest.advanceTimersByTime(90_000);
  expect(appNowMs(clock)).toBe(91_000);
  expect(appNowMs(null)).toBe(realAtMs + 90_000);
  jest.useRealTimers();
});

describe('playing the cast', () => {
  const wrapper = ({ children }: { children: ReactNode }) => <PlaybackProvider>{children}</PlaybackProvider>;
  test('seeks, plays and stops', () => {
    const { result } = renderHook(usePlayback, { wrapper });
    expect(result.current.atS).toBeNull();
    act(() => result.current.seek(3.5));
    expect(result.current.atS).toBe(3.5);
    act(() => result.current.play(20));
    expect(result.current.playing).toBe(true);
    act(() => result.current.stop());
    expect(result.current.playing).toBe(false);
  });
});
