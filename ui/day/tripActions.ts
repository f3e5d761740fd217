/** The day itself: begun and ended, read, signs tapped, the lure and the settings of its plan. */
import type { PlanSettings } from '../../core/planning/task/request';
import { activeTrip, preferencesOf, put, type Book, type Put } from '../../core/records';
import type { Trip } from '../../core/records/trip';
import type { EnteredReadings } from '../../core/schemas/conditions';
import { readingsNow } from '../../core/trip/day';
import type { SignKind, SpeciesId } from '../../core/water/terms';
import { newId } from '../platform/ids';
import type { ActionPorts } from './ports';

export interface TripActions {
  changeTrip: (change: (t: Trip) => Trip) => void;
  setReadings: (change: (r: EnteredReadings) => EnteredReadings) => void;
  addSign: (kind: SignKind) => void;
  takeSign: (kind: SignKind) => void;
  setSettings: (change: PlanSettings | null) => void;
  chooseLure: (id: string | null) => void;
  startTrip: (waterId: string, species: SpeciesId) => void;
  endTrip: () => void;
}

/** What is to be stored for the trip under way; nothing without one. */
export const forTrip = (book: Book, puts: (t: Trip) => Put[]): Put[] => {
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

export function tripActions({ commit, now }: ActionPorts): TripActions {
  const changeTrip = (change: (t: Trip) => Trip): void =>
    void commit((book) => forTrip(book, (t) => [put('trip', change(t))]));
  return {
    changeTrip,
    setReadings: (change) => {
      const atMs = now();
      void commit((book) =>
        forTrip(book, (t) => [put('trip', { ...t, readings: change(readingsNow(book, t, atMs)), readAtMs: atMs })]),
      );
    },
    addSign: (kind) => {
      const atMs = now();
      changeTrip((t) => {
        const old = t.signs.find((s) => s.kind === kind);
        return {
          ...t,
          signs: [...t.signs.filter((s) => s.kind !== kind), { kind, count: (old?.count ?? 0) + 1, atMs }],
        };
      });
    },
    takeSign: (kind) =>
      changeTrip((t) => ({
        ...t,
        signs: t.signs.map((s) => (s.kind === kind ? { ...s, count: s.count - 1 } : s)).filter((s) => s.count > 0),
      })),
    setSettings: (change) =>
      changeTrip((t) => ({ ...t, settings: change === null ? {} : { ...t.settings, ...change } })),
    chooseLure: (id) => changeTrip((t) => ({ ...t, lureId: id, settings: {} })),
    startTrip: (waterId, species) => {
      const atMs = now();
      const trip = newTrip(newId(), waterId, species, atMs);
      void commit((book) => [
        ...forTrip(book, (old) => [put('trip', { ...old, endedAtMs: atMs })]),
        put('trip', trip),
        put('preferences', { ...preferencesOf(book), activeTripId: trip.id }),
      ]);
    },
    endTrip: () => {
      const atMs = now();
      void commit((book) =>
        forTrip(book, (t) => [
          put('trip', { ...t, endedAtMs: atMs }),
          put('preferences', { ...preferencesOf(book), activeTripId: null }),
        ]),
      );
    },
  };
}
