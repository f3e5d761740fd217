/** A day as it begins, and as it goes on at another water. */
import { thunderClearMs } from '../cautions/cautions';
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

/** Thunder that is still waited out, of whatever day it was told on: it is heard on the next water too. */
export const thunderOf = (trips: readonly Trip[], atMs: number): Trip['thunder'] =>
  trips
    .flatMap((t) => t.thunder)
    .filter((t) => t.atMs <= atMs && thunderClearMs([t])! > atMs)
    .sort((a, b) => a.atMs - b.atMs);

/** The outing at its next water: the same hands, rod and lure; the water is read anew, and its cautions said anew. */
export function movedOn(from: Trip, to: Trip): Trip {
  const { access, sky } = from.readings;
  return {
    ...to,
    movedFrom: from.id,
    readings: { ...to.readings, sky, ...(access && !to.readings.access ? { access } : {}) },
    lureId: from.lureId,
    rodId: from.rodId,
    reelId: from.reelId,
    lineId: from.lineId,
  };
}
