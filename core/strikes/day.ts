/** Puts a day together: what was read, what the water is usually like, what the log says, into one conditions document. */
import type { Book } from '../records';
import type { WaterPlace } from '../records/places';
import type { Trip } from '../records/trip';
import { sunElevationDeg } from '../sky/sun';
import type { Conditions, Sign } from '../water/conditions';

export interface Day {
  trip: Trip;
  water: WaterPlace;
  conditions: Conditions;
  /** The signs tapped by hand among those of the conditions; the rest come from the log. */
  handSigns: Sign[];
  /** Paths that were neither read today nor known from the clock: usual or default, so assumed. */
  assumed: ReadonlySet<string>;
}

/** Signs older than this say nothing any more, minutes. */
const FORGET_MIN = 360;

export function composeDay(book: Book, trip: Trip, logSigns: readonly Sign[], nowMs: number, month: number): Day | null {
  const water = book.water[trip.waterId];
  if (!water) return null;
  const u = water.usual;
  const r = trip.readings;
  const handSigns: Sign[] = trip.signs
    .map((x) => ({ kind: x.kind, count: x.count, minutesAgo: Math.max(0, Math.round((nowMs - x.atMs) / 60_000)) }))
    .filter((x) => x.minutesAgo < FORGET_MIN);
  const signs = [...handSigns, ...logSigns];
  const assumed = new Set<string>();
  const pick = <T>(path: string, read: T | null | undefined, usual: T | null): T | null => {
    if (read !== null && read !== undefined) return read;
    assumed.add(path);
    return usual;
  };
  const w = r.water;
  const conditions: Conditions = {
    species: trip.species,
    water: {
      ...w,
      setting: water.setting,
      salinity: w.salinity ?? water.salinity,
      surfaceTempC: pick('water.surfaceTempC', w.surfaceTempC, null),
      tempChange3dC: pick('water.tempChange3dC', w.tempChange3dC, null),
      clarityM: pick('water.clarityM', w.clarityM, u.clarityM),
      depthM: pick('water.depthM', w.depthM, u.depthM),
      fishDepthM: pick('water.fishDepthM', w.fishDepthM, u.fishDepthM),
      cover: pick('water.cover', w.cover, u.cover),
      bottom: pick('water.bottom', w.bottom, u.bottom),
      waveHeightM: pick('water.waveHeightM', w.waveHeightM, null),
      currentMps: pick('water.currentMps', w.currentMps, null),
    },
    sky: {
      cloud: pick('sky.cloud', r.sky.cloud, null),
      front: pick('sky.front', r.sky.front, null),
      sunElevationDeg: r.sky.sunElevationDeg ?? Math.round(sunElevationDeg(nowMs, water)),
    },
    month,
    forage: r.forage ?? (u.forage.length > 0 ? u.forage : null),
    forageAbundance: r.forageAbundance ?? null,
    pressure: r.pressure ?? null,
    access: r.access ?? null,
    behaviour: r.behaviour ?? null,
    signs,
  };
  return { trip, water, conditions, handSigns, assumed };
}
