/** A line under the fingers: a new one, or one that is changed; point by point, the one in hand put elsewhere. */
import { distanceM, type Degrees } from '../../../core/base/ground';
import { MAX_SHORE_POINTS, type Shore } from '../../../core/records/shore';

export interface Drawing {
  points: readonly Degrees[];
  /** The point in hand, by its place in the line; null: none. */
  held: number | null;
  /** The line that is changed; null: a new one. */
  of: Shore | null;
}

export const newDrawing: Drawing = { points: [], held: null, of: null };
export const drawingOf = (of: Shore): Drawing => ({ points: of.points, held: null, of });

const plain = ({ latDeg, lonDeg }: Degrees): Degrees => ({ latDeg, lonDeg });

/** A point put there: the one in hand, else one more at the end. A full line takes no more. */
export function putAt(d: Drawing, at: Degrees): Drawing {
  if (d.held !== null) return { ...d, held: null, points: d.points.map((x, i) => (i === d.held ? plain(at) : x)) };
  return d.points.length >= MAX_SHORE_POINTS ? d : { ...d, points: [...d.points, plain(at)] };
}

/** The point in hand is taken out, else the last. */
export const takenOut = (d: Drawing): Drawing => ({
  ...d,
  held: null,
  points: d.held === null ? d.points.slice(0, -1) : d.points.filter((_, i) => i !== d.held),
});

/** Which point lies nearest; null: there is none. */
export const nearestTo = (d: Drawing, at: Degrees): number | null =>
  d.points.reduce<number | null>(
    (best, x, i) => (best === null || distanceM(x, at) < distanceM(d.points[best]!, at) ? i : best),
    null,
  );
