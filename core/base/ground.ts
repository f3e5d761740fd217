/**
 * A small stretch of the earth laid flat: metres east and north of a place, and back. Good to 0.1 % within 50 km of it
 * and away from the poles.
 */
import { distance } from '@turf/distance';

export interface Degrees {
  latDeg: number;
  lonDeg: number;
}
/** Metres east and north. */
export interface Ground {
  eastM: number;
  northM: number;
}

/** The earth as a sphere, m. */
const EARTH_M = 6_371_008.8;
/** Metres of a degree of latitude. */
const DEGREE_M = (EARTH_M * Math.PI) / 180;
/** Nearer to a pole the circles of longitude are too small to go by. */
const MIN_COS = 0.01;
const eastPerDegree = (from: Degrees): number => DEGREE_M * Math.max(MIN_COS, Math.cos((from.latDeg * Math.PI) / 180));

/** The shorter way round, °. */
const turn = (deg: number): number => ((((deg + 180) % 360) + 360) % 360) - 180;

/** Where a place lies from another, m. */
export const groundOf = (place: Degrees, from: Degrees): Ground => ({
  eastM: turn(place.lonDeg - from.lonDeg) * eastPerDegree(from),
  northM: (place.latDeg - from.latDeg) * DEGREE_M,
});

/** The place so many metres from another. */
export const placeOf = (at: Ground, from: Degrees): Degrees => ({
  latDeg: Math.max(-90, Math.min(90, from.latDeg + at.northM / DEGREE_M)),
  lonDeg: turn(from.lonDeg + at.eastM / eastPerDegree(from)),
});

/** The middle of the smallest frame, with its edges north and east, that holds all of the places; null: none. */
export function middleOf(places: readonly Degrees[]): Degrees | null {
  const first = places[0];
  if (!first) return null;
  const flat = places.map((p) => groundOf(p, first));
  const mid = (of: (g: Ground) => number): number => {
    const all = flat.map(of);
    return (all.reduce((a, b) => Math.min(a, b)) + all.reduce((a, b) => Math.max(a, b))) / 2;
  };
  return placeOf({ eastM: mid((g) => g.eastM), northM: mid((g) => g.northM) }, first);
}

/** Distance along the earth, m (on a sphere, ± 0.5 %). */
export const distanceM = (a: Degrees, b: Degrees): number =>
  distance([a.lonDeg, a.latDeg], [b.lonDeg, b.latDeg], { units: 'meters' });

/** Length of a line from place to place, m; `closed`: back to its first place. */
export const lengthM = (points: readonly Degrees[], closed = false): number =>
  points.reduce((sum, x, i) => sum + (i > 0 ? distanceM(points[i - 1]!, x) : 0), 0) +
  (closed && points.length > 0 ? distanceM(points.at(-1)!, points[0]!) : 0);
