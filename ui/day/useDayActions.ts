/** What the angler can do to the day. Every action reads the book as it stands this instant, so that two quick taps never collide. */
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { Phase } from '../../core/planning/cadence/cadence';
import type { PlanSettings } from '../../core/planning/task/request';
import { lureBack, lureLost } from '../../core/box/lost';
import type { SchoolId } from '../../core/ranking/schools';
import type { Preferences } from '../../core/records/preferences';
import { activeTrip, preferencesOf, put, type Book, type Put } from '../../core/records';
import type { Trip } from '../../core/records/trip';
import { readingsNow } from '../../core/trip/day';
import { placeInLog, type Opening } from '../../core/log/effort';
import type { Committer } from '../../data/useBook';
import { appNowMs, realNowMs } from '../platform/clock';
import { newId } from '../platform/ids';
import { askToKeep } from '../platform/persistence';
import type { DayState } from './useDayState';
import type { EventKind } from '../../core/records/event';
import type { SignKind, SpeciesId } from '../../core/water/terms';
import type { EnteredReadings } from '../../core/schemas/conditions';

export const UNDO_MS = 10_000;

export interface LastAction {
  id: string;
  what: 'cast' | EventKind;
  untilRealMs: number;
}

export interface DayActions {
  savePrefs: (change: Partial<Preferences>) => void;
  /** One of the ways good anglers disagree about; kept for today's fish, or for all where no day is open. */
  chooseSchool: (school: SchoolId, value: string) => void;
  changeTrip: (change: (t: Trip) => Trip) => void;
  setReadings: (change: (r: EnteredReadings) => EnteredReadings) => void;
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
  /** The last touch, once it is stored and as long as it can be undone. */
  last: LastAction | null;
  /** For keys, which may be quicker than the store: they mean the last touch, stored or not. */
  takeBackLast: () => void;
  setPhaseOfLast: (phase: Phase) => void;
}

const forTrip = (book: Book, puts: (t: Trip) => Put[]): Put[] => {
  const t = activeTrip(book);
  return t ? puts(t) : [];
};

const newTrip = (id: string, waterId: string, species: SpeciesId, startedAtMs: number): Trip => ({
  id,
  waterId,
  spotId: null,
  species,
  startedAtMs,
  endedAtMs: null,
  readings: { water: {}, sky: {} },
  signs: [],
  lureId: null,
  rodId: null,
  reelId: null,
  lineId: null,
  settings: {},
  note: '',
  readAtMs: startedAtMs,
  thunder: [],
  cautionsSeen: [],
});

export function useDayActions(state: DayState, { commit, record, current }: Committer): DayActions {
  const [last, setLast] = useState<LastAction | null>(null);
  const touched = useRef<LastAction | null>(null);
  const latest = useRef(state);
  useEffect(() => {
    latest.current = state;
  });
  useEffect(() => {
    if (!last) return;
    const id = setTimeout(() => setLast(null), Math.max(0, last.untilRealMs - realNowMs()));
    return () => clearTimeout(id);
  }, [last]);

  const now = useCallback(() => Math.round(appNowMs(preferencesOf(current()).demoClock)), [current]);

  const savePrefs = useCallback(
    (change: Partial<Preferences>) => void commit((book) => [put('preferences', { ...preferencesOf(book), ...change })]),
    [commit],
  );
  const chooseSchool = useCallback(
    (school: SchoolId, value: string) =>
      void commit((book) => {
        const prefs = preferencesOf(book);
        const species = activeTrip(book)?.species;
        const chosen = { [school]: value };
        const schools = species
          ? { ...prefs.schools, bySpecies: { ...prefs.schools.bySpecies, [species]: { ...prefs.schools.bySpecies[species], ...chosen } } }
          : { ...prefs.schools, all: { ...prefs.schools.all, ...chosen } };
        return [put('preferences', { ...prefs, schools })];
      }),
    [commit],
  );
  const changeTrip = useCallback((change: (t: Trip) => Trip) => void commit((book) => forTrip(book, (t) => [put('trip', change(t))])), [commit]);

  /** Logs one thing against the plan in hand: what must be stored first, and the thing itself; told as done once it is stored. */
  const log = useCallback(
    (what: LastAction['what'], thing: (at: { id: string; blockId: string; seq: number; atMs: number }) => Put): string | null => {
      const { plan, request, ranking, lure } = latest.current;
      const book = current();
      if (!book || !activeTrip(book) || !plan || !request || !lure) return null;
      const id = newId();
      const atMs = now();
      const ranked = ranking?.ranked.find((r) => r.lureId === lure.id) ?? null;
      const opening: Opening = { blockId: newId(), atMs, plan, request, lureId: lure.id, ranked };
      const touch: LastAction = { id, what, untilRealMs: realNowMs() + UNDO_MS };
      touched.current = touch;
      setLast(null);
      void record((b) =>
        forTrip(b, (trip) => {
          const { blockId, seq, puts } = placeInLog(b, trip, opening);
          return [...puts, thing({ id, blockId, seq, atMs }), ...(what === 'lure-lost' ? lureLost(b, lure.id, atMs) : [])];
        }),
      ).then((stored) => {
        if (!stored) return;
        if (touched.current === touch) setLast(touch);
        void askToKeep();
      });
      return id;
    },
    [current, now, record],
  );

  const logCast = useCallback(() => void log('cast', (at) => put('cast', { ...at, count: 1 })), [log]);
  const logEvent = useCallback(
    (kind: EventKind): string | null =>
      log(kind, (at) => put('event', { ...at, kind, phase: null, place: null, side: null, depthM: null, lengthM: null })),
    [log],
  );

  const takeBack = useCallback(
    (id: string) => {
      const atMs = now();
      void record((b) => [put('tombstone', { id: `gone-${id}`, of: id, atMs }), ...lureBack(b, id)]);
      if (touched.current?.id === id) touched.current = null;
      setLast(null);
    },
    [record, now],
  );

  const setPhase = useCallback(
    (eventId: string, phase: Phase) =>
      void record((book) => {
        const e = book.event[eventId];
        return e ? [put('event', { ...e, phase })] : [];
      }),
    [record],
  );

  const takeBackLast = useCallback(() => {
    const t = touched.current;
    if (t && t.untilRealMs > realNowMs()) takeBack(t.id);
  }, [takeBack]);
  const setPhaseOfLast = useCallback(
    (phase: Phase) => {
      const t = touched.current;
      if (t && t.what !== 'cast' && t.untilRealMs > realNowMs()) setPhase(t.id, phase);
    },
    [setPhase],
  );

  const setReadings = useCallback(
    (change: (r: EnteredReadings) => EnteredReadings) => {
      const atMs = now();
      void commit((book) => forTrip(book, (t) => [put('trip', { ...t, readings: change(readingsNow(book, t, atMs)), readAtMs: atMs })]));
    },
    [commit, now],
  );
  const addSign = useCallback(
    (kind: SignKind) => {
      const atMs = now();
      changeTrip((t) => {
        const old = t.signs.find((s) => s.kind === kind);
        return { ...t, signs: [...t.signs.filter((s) => s.kind !== kind), { kind, count: (old?.count ?? 0) + 1, atMs }] };
      });
    },
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
      const atMs = now();
      const trip = newTrip(newId(), waterId, species, atMs);
      void commit((book) => [
        ...forTrip(book, (old) => [put('trip', { ...old, endedAtMs: atMs })]),
        put('trip', trip),
        put('preferences', { ...preferencesOf(book), activeTripId: trip.id }),
      ]);
    },
    [commit, now],
  );
  const endTrip = useCallback(() => {
    const atMs = now();
    void commit((book) =>
      forTrip(book, (t) => [put('trip', { ...t, endedAtMs: atMs }), put('preferences', { ...preferencesOf(book), activeTripId: null })]),
    );
  }, [commit, now]);

  return useMemo(
    () => ({
      savePrefs,
      chooseSchool,
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
      takeBackLast,
      setPhaseOfLast,
    }),
    [
      savePrefs,
      chooseSchool,
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
      takeBackLast,
      setPhaseOfLast,
    ],
  );
}
