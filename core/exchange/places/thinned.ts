/** A line with more points than a shore has, with the fewest of them left out that its course can spare. */
import { simplify } from '@turf/simplify';
import type { Degrees } from '../../base/ground';
import { MAX_SHORE_POINTS } from '../../records/shore';

/** A point within so much of the line, degrees (about a metre), says nothing; doubled until few enough are left. */
const SPARE_DEG = 1e-5;
/** Of a longer line first every so manieth is taken: to weigh each against all is work that grows with its square. */
const MOST_WEIGHED = 4000;

/**
 * The same course with as many points as a shore may have, at the most. Positions must be on the earth: then a few
 * doublings end it.
 */
export function thinned(points: readonly Degrees[]): Degrees[] {
  const each = Math.ceil(points.length / MOST_WEIGHED);
  let line = points.filter((_, i) => i % each === 0 || i === points.length - 1);
  for (let tolerance = SPARE_DEG; line.length > MAX_SHORE_POINTS; tolerance *= 2) {
    const { coordinates } = simplify(
      { type: 'LineString', coordinates: line.map((p) => [p.lonDeg, p.latDeg]) },
      { tolerance, highQuality: true },
    );
    line = coordinates.map(([lonDeg, latDeg]) => ({ latDeg: latDeg!, lonDeg: lonDeg! }));
  }
  return line;
}
