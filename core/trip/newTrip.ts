/** A day as it begins. */
import type { Trip } from '../records/trip';
import type { SpeciesId } from '../water/terms';

/** A day before anything was read or logged. */
export const newTrip = (id: string, waterId: string, species: SpeciesId, startedAtMs: number): Trip => ({
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
  aimM: null,
  over: null,
  castPlan: null,
  note: '',
  readAtMs: startedAtMs,
  thunder: [],
  cautionsSeen: [],
});
