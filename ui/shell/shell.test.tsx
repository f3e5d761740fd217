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

test('places stand in the order of the day', () => {
  expect(PLACES.map((p) => p.id)).toEqual(['water', 'lures', 'retrieve', 'strikes', 'lessons', 'kit']);
});

test('the demo day runs on from its pinned moment', () => {
  const realAtMs = appNowMs(null);
  const now = appNowMs({ demoAtMs: 1000, realAtMs });
  expect(now).toBeGreaterThanOrEqual(1000);
  expect(now).toBeLessThan(1000 + 5000);
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
