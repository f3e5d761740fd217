/** What can happen on a cast, and what counts as what. */
import type { EventKind } from '../records/event';
import type { Phase } from '../planning/cadence/cadence';
import type { Sign, SignKind } from '../water/terms';

/** A strike is any touch of a fish. */
export const isStrike = (k: EventKind): boolean => k === 'bump' || k === 'missed' || k === 'lost' || k === 'landed';
/** Hooked: lost or landed. */
export const isHooked = (k: EventKind): boolean => k === 'lost' || k === 'landed';
/** Bumped it or missed the hook. */
export const isShort = (k: EventKind): boolean => k === 'bump' || k === 'missed';
/** In the hand. */
export const isLanded = (k: EventKind): boolean => k === 'landed';

const BITE_SIGN: Record<Phase, SignKind> = {
  splash: 'bite-on-splash',
  fall: 'bite-on-fall',
  pause: 'bite-on-pause',
  move: 'bite-on-move',
  deflection: 'bite-on-deflection',
  boat: 'bite-on-move',
};

/** An event as far as the mood asks: what, in which part of the cast, when. */
export interface LoggedEvent {
  kind: EventKind;
  phase: Phase | null;
  atMs: number;
}

/**
 * Events and empty casts to signs for the mood: follow → follow; bump, missed → short-strike; missed, lost, landed →
 * bite-on-phase; a hit on the splash also hit-at-once; casts without a strike → empty-cast weighted by zone share. Like
 * signs are counted together.
 */
export function signsFromLog(events: readonly LoggedEvent[], casts: number, zoneShare: number, nowMs: number): Sign[] {
  const byKind = new Map<SignKind, { count: number; newest: number }>();
  const add = (kind: SignKind, atMs: number): void => {
    const x = byKind.get(kind) ?? { count: 0, newest: 0 };
    byKind.set(kind, { count: x.count + 1, newest: Math.max(x.newest, atMs) });
  };
  let strikes = 0;
  for (const e of events) {
    if (isStrike(e.kind)) strikes++;
    if (e.kind === 'follow') add('follow', e.atMs);
    if (isShort(e.kind)) add('short-strike', e.atMs);
    if (e.kind === 'missed' || isHooked(e.kind)) {
      if (e.phase) add(BITE_SIGN[e.phase], e.atMs);
      if (e.phase === 'splash') add('hit-at-once', e.atMs);
    }
  }
  const signs: Sign[] = [...byKind].map(([kind, x]) => ({
    kind,
    count: x.count,
    minutesAgo: Math.max(0, Math.round((nowMs - x.newest) / 60_000)),
  }));
  const empty = Math.max(0, casts - strikes);
  if (empty > 0) signs.push({ kind: 'empty-cast', count: empty, zoneShare });
  return signs;
}
