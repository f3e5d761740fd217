/** A day as it begins, and as it goes on at another water. */
import type { Trip } from '../records/trip';
import type { SpeciesId } from '../water/terms';

/** A day before anything was read or logged. */
export const newTrip = (id: string, waterId: string, species: SpeciesId, startedAtMs: number): Trip => ({
  id,
  waterId,
  movedFrom: null,
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
  aimM: null,
  over: null,
  castPlan: null,
  note: '',
  readAtMs: startedAtMs,
  thunder: [],
  cautionsSeen: [],
});

/** Thunder is heard on the next water too: what was told within this time is told there, ms. */
const THUNDER_KEPT_MS = 2 * 3_600_000;

/** Thunder that still counts, of whatever day it was told on. */
export const thunderOf = (trips: readonly Trip[], atMs: number): Trip['thunder'] =>
  trips
    .flatMap((t) => t.thunder)
    .filter((t) => t.atMs <= atMs && atMs - t.atMs < THUNDER_KEPT_MS)
    .sort((a, b) => a.atMs - b.atMs);

/** The outing at its next water: the same hands, rod and lure; the water is read anew, and its cautions said anew. */
export function movedOn(from: Trip, to: Trip): Trip {
  const { access, behaviour: _, ...read } = from.readings;
  return {
    ...to,
    movedFrom: from.id,
    readings: { ...to.readings, sky: read.sky, ...(access && !to.readings.access ? { access } : {}) },
    lureId: from.lureId,
    rodId: from.rodId,
    reelId: from.reelId,
    lineId: from.lineId,
  };
}
