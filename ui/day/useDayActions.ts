/** What the angler can do to the day. Every action reads the book as it stands this instant, so that two quick taps never collide. */
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { presentationId } from '../../core/retrieve/presentation';
import type { Phase } from '../../core/retrieve/cadence/cadence';
import type { PlanSettings } from '../../core/retrieve/plan/request';
import { DEFAULT_PREFERENCES, type Preferences } from '../../core/records/preferences';
import { put, type Put } from '../../core/records';
import type { EffortBlock, Readings, StrikeEvent, Trip } from '../../core/records/trip';
import { openBlock } from '../../core/strikes/effort';
import type { EventKind } from '../../core/strikes/events';
import { blocksOfTrip } from '../../core/strikes/tally';
import type { SignKind, SpeciesId } from '../../core/water/conditions';
import type { Committer } from '../../data/useBook';
import { appNowMs, realNowMs } from '../platform/clock';
import { newId } from '../platform/ids';
import type { DayState } from './useDayState';

export const UNDO_MS = 10_000;

export interface LastAction {
  id: string;
  what: 'cast' | EventKind;
  untilRealMs: number;
}

export interface DayActions {
  savePrefs: (change: Partial<Preferences>) => void;
  changeTrip: (change: (t: Trip) => Trip) => void;
  setReadings: (change: (r: Readings) => Readings) => void;
  addSign: (kind: SignKind) => void;
  takeSign: (kind: SignKind) => void;
  setSettings: (change: PlanSettings | null) => void;
  chooseLure: (id: string | null) => void;
  startTrip: (waterId: string, species: SpeciesId) => void;
  endTrip: () => void;
  logCast: () => void;
  logEvent: (kind: EventKind) => string | null;
  setPhase: (eventId: string, phase: Phase) => void;
  takeBack: (id: string) => void;
  last: LastAction | null;
}

export function useDayActions(state: DayState, { commit, current }: Committer): DayActions {
  const [last, setLast] = useState<LastAction | null>(null);
  const latest = useRef(state);
  useEffect(() => {
    latest.current = state;
  });
  useEffect(() => {
    if (!last) return;
    const id = setTimeout(() => setLast(null), Math.max(0, last.untilRealMs - realNowMs()));
    return () => clearTimeout(id);
  }, [last]);

  const prefsNow = useCallback(() => current()?.preferences.mine ?? DEFAULT_PREFERENCES, [current]);
  const now = useCallback(() => Math.round(appNowMs(prefsNow().demoClock)), [prefsNow]);
  const tripNow = useCallback((): Trip | null => {
    const id = prefsNow().activeTripId;
    return id ? (current()?.trip[id] ?? null) : null;
  }, [prefsNow, current]);

  const savePrefs = useCallback((change: Partial<Preferences>) => commit([put('preferences', { ...prefsNow(), ...change })]), [commit, prefsNow]);
  const changeTrip = useCallback(
    (change: (t: Trip) => Trip) => {
      const t = tripNow();
      if (t) commit([put('trip', change(t))]);
    },
    [commit, tripNow],
  );

  /** The block for a cast made now, with what must be stored first. */
  const blockNow = useCallback((): { block: EffortBlock; puts: Put[]; seq: number } | null => {
    const book = current();
    const trip = tripNow();
    const { plan, request, ranking, lure } = latest.current;
    if (!book || !trip || !plan || !request || !lure) return null;
    const blocks = blocksOfTrip(book, trip.id);
    const ids = new Set(blocks.map((b) => b.id));
    const made = [...Object.values(book.event), ...Object.values(book.cast)].filter((x) => ids.has(x.blockId));
    const seq = made.reduce((m, x) => Math.max(m, x.seq + 1), 0);
    const id = presentationId(plan.presentation);
    const existing = openBlock(blocks, id, request.conditions);
    const puts: Put[] = [];
    // From the first cast on, the lure in hand stays until the angler changes it.
    if (trip.lureId !== lure.id) puts.push(put('trip', { ...trip, lureId: lure.id }));
    if (existing) return { block: existing, puts, seq };
    const ranked = ranking?.ranked.find((r) => r.family === lure.family);
    const block = {
      id: newId(),
      tripId: trip.id,
      presentationId: id,
      presentation: plan.presentation,
      conditions: request.conditions,
      startedAtMs: now(),
      endedAtMs: null,
      zoneShare: plan.zoneShare.mean,
      zoneSecondsPerCast: plan.zoneSecondsPerCast,
      phaseS: plan.phaseS,
      expectedPerCast: ranked ? Math.min(1, ranked.strikesPerHour / Math.max(ranked.zone.castsPerHour, 1)) : 0.02,
    } as EffortBlock;
    const previous = blocks[blocks.length - 1];
    if (previous && previous.endedAtMs === null) puts.push(put('block', { ...previous, endedAtMs: now() }));
    puts.push(put('block', block));
    return { block, puts, seq };
  }, [current, tripNow, now]);

  const remember = (id: string, what: LastAction['what']): void => setLast({ id, what, untilRealMs: realNowMs() + UNDO_MS });

  const logCast = useCallback(() => {
    const at = blockNow();
    if (!at) return;
    const id = newId();
    commit([...at.puts, put('cast', { id, blockId: at.block.id, seq: at.seq, atMs: now(), count: 1 })]);
    remember(id, 'cast');
  }, [blockNow, commit, now]);

  const logEvent = useCallback(
    (kind: EventKind): string | null => {
      const at = blockNow();
      if (!at) return null;
      const id = newId();
      const event: StrikeEvent = {
        id,
        blockId: at.block.id,
        seq: at.seq,
        atMs: now(),
        kind,
        phase: null,
        place: null,
        side: null,
        depthM: null,
        lengthM: null,
      };
      commit([...at.puts, put('event', event)]);
      remember(id, kind);
      return id;
    },
    [blockNow, commit, now],
  );

  const takeBack = useCallback(
    (id: string) => {
      commit([put('tombstone', { id: `gone-${id}`, of: id, atMs: now() })]);
      setLast(null);
    },
    [commit, now],
  );

  const setPhase = useCallback(
    (eventId: string, phase: Phase) => {
      const e = current()?.event[eventId];
      if (e) commit([put('event', { ...e, phase })]);
    },
    [commit, current],
  );

  const setReadings = useCallback((change: (r: Readings) => Readings) => changeTrip((t) => ({ ...t, readings: change(t.readings) })), [changeTrip]);
  const addSign = useCallback(
    (kind: SignKind) =>
      changeTrip((t) => {
        const old = t.signs.find((s) => s.kind === kind);
        return { ...t, signs: [...t.signs.filter((s) => s.kind !== kind), { kind, count: (old?.count ?? 0) + 1, atMs: now() }] };
      }),
    [changeTrip, now],
  );
  const takeSign = useCallback(
    (kind: SignKind) =>
      changeTrip((t) => ({ ...t, signs: t.signs.map((s) => (s.kind === kind ? { ...s, count: s.count - 1 } : s)).filter((s) => s.count > 0) })),
    [changeTrip],
  );
  const setSettings = useCallback(
    (change: PlanSettings | null) => changeTrip((t) => ({ ...t, settings: change === null ? {} : { ...t.settings, ...change } })),
    [changeTrip],
  );
  const chooseLure = useCallback((id: string | null) => changeTrip((t) => ({ ...t, lureId: id, settings: {} })), [changeTrip]);

  const startTrip = useCallback(
    (waterId: string, species: SpeciesId) => {
      const prefs = prefsNow();
      const trip: Trip = {
        id: newId(),
        waterId,
        spotId: null,
        species,
        startedAtMs: now(),
        endedAtMs: null,
        readings: { water: {}, sky: {} },
        signs: [],
        lureId: null,
        rodId: null,
        reelId: null,
        lineId: null,
        settings: {},
        note: '',
      };
      const old = tripNow();
      commit([
        ...(old ? [put('trip', { ...old, endedAtMs: now() })] : []),
        put('trip', trip),
        put('preferences', { ...prefs, activeTripId: trip.id }),
      ]);
    },
    [commit, now, prefsNow, tripNow],
  );
  const endTrip = useCallback(() => {
    const t = tripNow();
    if (t) commit([put('trip', { ...t, endedAtMs: now() }), put('preferences', { ...prefsNow(), activeTripId: null })]);
  }, [commit, now, prefsNow, tripNow]);

  return useMemo(
    () => ({
      savePrefs,
      changeTrip,
      setReadings,
      addSign,
      takeSign,
      setSettings,
      chooseLure,
      startTrip,
      endTrip,
      logCast,
      logEvent,
      setPhase,
      takeBack,
      last,
    }),
    [savePrefs, changeTrip, setReadings, addSign, takeSign, setSettings, chooseLure, startTrip, endTrip, logCast, logEvent, setPhase, takeBack, last],
  );
}
