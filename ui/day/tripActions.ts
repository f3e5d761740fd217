/** The day itself: begun and ended, read, signs tapped, the lure and the settings of its plan. */
import { lureById } from './usual';
import { blocksOfTrip, isEmptyTally, tallyTrip } from '../../core/log/tally';
import type { Faced } from '../../core/castplan/plan';
import type { Point } from '../../core/castplan/shape';
import type { FamilyId } from '../../core/lures/family';
import type { PlanSettings } from '../../core/planning/task/request';
import { activeTrip, preferencesOf, put, takeBackPuts, tripsOf, type Book, type Put } from '../../core/records';
import type { LureTrial } from '../../core/records/trial';
import { MAX_PINS, newSpot, type Pin, type Spot } from '../../core/records/spot';
import { MOST_EARLIER, type Trip } from '../../core/records/trip';
import { movedOn, newTrip, thunderOf } from '../../core/trip/newTrip';
import type { EnteredReadings } from '../../core/schemas/conditions';
import { readingsNow } from '../../core/trip/day';
import type { Flow } from '../../core/water/pieces';
import type { Access, SignKind, SpeciesId } from '../../core/water/terms';
import { newId } from '../platform/ids';
import type { ActionPorts } from './ports';

export interface TripActions {
  changeTrip: (change: (t: Trip) => Trip) => void;
  setReadings: (change: (r: EnteredReadings) => EnteredReadings) => void;
  addSign: (kind: SignKind) => void;
  takeSign: (kind: SignKind) => void;
  setSettings: (change: PlanSettings | null) => void;
  chooseLure: (id: string | null) => void;
  /** Ties a lure on to find out, and says so in the record. */
  startTrial: (trial: Omit<LureTrial, 'id' | 'tripId' | 'startedAtMs'>) => void;
  /** `access`: where it is fished from, where that is known. */
  startTrip: (waterId: string, species: SpeciesId, access?: Access | null) => void;
  /** The same outing goes on at another water, with the same rod and lure. */
  moveOn: (waterId: string, species: SpeciesId, access?: Access | null) => void;
  /** Moved by mistake, and nothing logged yet: back to the water before; false: something was logged. */
  moveBack: () => Promise<boolean>;
  /** A day that was ended goes on. */
  takeUpTrip: (id: string) => void;
  endTrip: () => void;
  /** A spot of which only the position is known, where the day goes on. */
  markSpot: (spot: Pick<Spot, 'id' | 'waterId' | 'name' | 'latDeg' | 'lonDeg'>) => void;
  /** A mark on the spot the day is at, where one is now. */
  pinMark: (spotId: string, at: Pick<Pin, 'name' | 'latDeg' | 'lonDeg'>) => void;
  /** A piece of cover is fished by its plan, from there; `faced`: what Retrieve goes by meanwhile. */
  startCastPlan: (pieceId: string, stand: Point, wind: Flow, faced: Faced) => void;
  /** The wind over the piece has turned. */
  turnWind: (wind: Flow, faced: Faced) => void;
  changeCastPlan: (change: (on: NonNullable<Trip['castPlan']>) => NonNullable<Trip['castPlan']>) => void;
  /** The same casts from a better place, as the wind is now. */
  standAt: (stand: Point, faced: Faced) => void;
  /** The same piece from another place: what was cast at from here stays in mind. */
  goToAngle: (stand: Point, faced: Faced) => void;
  /** From its first cast, with what was left out. */
  beginCastPlanAgain: () => void;
  leaveCastPlan: () => void;
}

/** What is to be stored for the trip under way; nothing without one. */
export const forTrip = (book: Book, puts: (t: Trip) => Put[]): Put[] => {
  const t = activeTrip(book);
  return t ? puts(t) : [];
};

/** The trip at another spot, or at none: what was aimed at, what rose on the way and the cast plan stay behind. */
export const atSpot = (t: Trip, spotId: string | null): Trip => ({
  ...t,
  spotId,
  aimM: null,
  over: null,
  castPlan: null,
});

const asKept = ({ x, y }: Point): { xM: number; yM: number } => ({ xM: x, yM: y });

/** The trip with what its cast plan makes of aim and wind; what that does not say stays as it is. */
const facing = (t: Trip, { aimM, windAngleDeg }: Faced): Trip => ({
  ...t,
  aimM: aimM ?? t.aimM,
  readings: windAngleDeg === null ? t.readings : { ...t.readings, water: { ...t.readings.water, windAngleDeg } },
});

/** The kind of lure that fish on a bed are being shown: picked by hand, else the one last cast. */
function shownOnBed(book: Book, t: Trip): FamilyId | undefined {
  if (t.readings.behaviour !== 'guarding') return undefined;
  return lureById(book.lure, t.lureId ?? '')?.family ?? blocksOfTrip(book, t.id).at(-1)?.presentation.rig.family;
}

export function tripActions({ commit, now }: ActionPorts): TripActions {
  const changeTrip = (change: (t: Trip) => Trip): void =>
    void commit((book) => forTrip(book, (t) => [put('trip', change(t))]));
  const changeCastPlan: TripActions['changeCastPlan'] = (change) =>
    changeTrip((t) => (t.castPlan ? { ...t, castPlan: change(t.castPlan) } : t));
  /** Another day begins, and the one under way is over; thunder is heard on both. */
  const begin = (
    waterId: string,
    species: SpeciesId,
    access: Access | null | undefined,
    made: (trip: Trip, old: Trip | null) => Trip,
  ): void => {
    const atMs = now();
    const id = newId();
    void commit((book) => {
      const old = activeTrip(book);
      const { readings, ...rest } = newTrip(id, waterId, species, atMs);
      const begun = {
        ...rest,
        readings: access ? { ...readings, access } : readings,
        thunder: thunderOf(tripsOf(book), atMs),
      };
      return [
        ...(old ? [put('trip', { ...old, endedAtMs: atMs })] : []),
        put('trip', made(begun, old)),
        put('preferences', { ...preferencesOf(book), activeTripId: id }),
      ];
    });
  };
  return {
    changeTrip,
    changeCastPlan,
    markSpot: (spot) =>
      void commit((book) => [put('spot', newSpot(spot)), ...forTrip(book, (t) => [put('trip', atSpot(t, spot.id))])]),
    pinMark: (spotId, at) =>
      void commit((book) => {
        const spot = book.spot[spotId];
        if (!spot || spot.pins.length >= MAX_PINS) return [];
        return [put('spot', { ...spot, pins: [...spot.pins, { kind: 'mark', ...at }] })];
      }),
    startCastPlan: (pieceId, stand, wind, faced) => {
      const castPlan = { pieceId, sinceMs: now(), stand: asKept(stand), earlier: [], wind, skipped: [], next: null };
      changeTrip((t) => facing({ ...t, castPlan }, faced));
    },
    turnWind: (wind, faced) =>
      changeTrip((t) => (t.castPlan ? facing({ ...t, castPlan: { ...t.castPlan, wind } }, faced) : t)),
    standAt: (stand, faced) =>
      changeTrip((t) => (t.castPlan ? facing({ ...t, castPlan: { ...t.castPlan, stand: asKept(stand) } }, faced) : t)),
    goToAngle: (stand, faced) => {
      const sinceMs = now();
      changeTrip((t) => {
        const on = t.castPlan;
        if (!on) return t;
        const earlier = [...on.earlier, { sinceMs: on.sinceMs, stand: on.stand }].slice(-MOST_EARLIER);
        const castPlan = { ...on, sinceMs, stand: asKept(stand), earlier, skipped: [], next: null };
        return facing({ ...t, castPlan }, faced);
      });
    },
    beginCastPlanAgain: () => {
      const sinceMs = now();
      changeCastPlan((on) => ({ ...on, sinceMs, earlier: [], skipped: [], next: null }));
    },
    leaveCastPlan: () => changeTrip((t) => ({ ...t, castPlan: null, aimM: null })),
    setReadings: (change) => {
      const atMs = now();
      void commit((book) =>
        forTrip(book, (t) => [put('trip', { ...t, readings: change(readingsNow(book, t, atMs)), readAtMs: atMs })]),
      );
    },
    addSign: (kind) => {
      const atMs = now();
      void commit((book) =>
        forTrip(book, (t) => {
          const lure = shownOnBed(book, t);
          const same = (s: Trip['signs'][number]): boolean => s.kind === kind && s.lure === lure;
          const count = (t.signs.find(same)?.count ?? 0) + 1;
          const sign = { kind, count, atMs, ...(lure ? { lure } : {}) };
          return [put('trip', { ...t, signs: [...t.signs.filter((s) => !same(s)), sign] })];
        }),
      );
    },
    takeSign: (kind) =>
      changeTrip((t) => {
        // The newest of its kind goes first.
        const last = t.signs.filter((s) => s.kind === kind).sort((a, b) => b.atMs - a.atMs)[0];
        const fewer = t.signs.map((s) => (s === last ? { ...s, count: s.count - 1 } : s));
        return { ...t, signs: fewer.filter((s) => s.count > 0) };
      }),
    setSettings: (change) =>
      changeTrip((t) => ({ ...t, settings: change === null ? {} : { ...t.settings, ...change } })),
    chooseLure: (id) => changeTrip((t) => ({ ...t, lureId: id, settings: {} })),
    startTrial: (trial) => {
      const startedAtMs = now();
      const id = newId();
      void commit((book) =>
        forTrip(book, (t) => [
          put('trial', { ...trial, id, tripId: t.id, startedAtMs }),
          put('trip', { ...t, lureId: trial.lureId, settings: {} }),
        ]),
      );
    },
    startTrip: (waterId, species, access) => begin(waterId, species, access, (trip) => trip),
    moveOn: (waterId, species, access) =>
      begin(waterId, species, access, (trip, old) => (old ? movedOn(old, trip) : trip)),
    moveBack: async () => {
      const atMs = now();
      let moved = false;
      const stored = await commit((book) =>
        forTrip(book, (t) => {
          // Asked again where another tab was quicker.
          moved = false;
          const before = t.movedFrom === null ? undefined : book.trip[t.movedFrom];
          if (!before || !isEmptyTally(tallyTrip(book, t.id, atMs))) return [];
          moved = true;
          return [
            ...takeBackPuts(book, t.id, atMs),
            put('trip', { ...t, endedAtMs: atMs }),
            put('trip', { ...before, endedAtMs: null }),
            put('preferences', { ...preferencesOf(book), activeTripId: before.id }),
          ];
        }),
      );
      return stored && moved;
    },
    takeUpTrip: (id) =>
      void commit((book) => {
        const ended = book.trip[id];
        if (!ended || activeTrip(book)) return [];
        return [
          put('trip', { ...ended, endedAtMs: null }),
          put('preferences', { ...preferencesOf(book), activeTripId: id }),
        ];
      }),
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
