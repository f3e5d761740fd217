/**
 * A piece as it was sketched: its corners in metres, x in from its outer end or along its edge, y to the right or into
 * the cover, as core/castplan/shape lays it out.
 */
import inPolygon from 'point-in-polygon-hao';
import type { Piece } from '../records/piece';
import type { PieceKind } from '../water/pieces';

interface XY {
  x: number;
  y: number;
}

/** Of a bed and of a seam there is nothing to sketch. */
export const canBeSketched = (kind: PieceKind): boolean => kind !== 'bed' && kind !== 'seam';

type Sketched = Pick<Piece, 'kind' | 'lengthM' | 'widthM' | 'outline'>;

interface Box {
  x: readonly [number, number];
  y: readonly [number, number];
}
const boxOf = (points: readonly XY[]): Box => ({
  x: [Math.min(...points.map((p) => p.x)), Math.max(...points.map((p) => p.x))],
  y: [Math.min(...points.map((p) => p.y)), Math.max(...points.map((p) => p.y))],
});
const long = ([from, to]: readonly [number, number]): number => to - from;

/** A corner that lies within this share of the length counts to the outer end. */
const OUTER_END = 0.12;

/**
 * What was drawn anywhere, moved to where a piece lies: its outer end, or the left end of its edge, at (0, 0), which
 * was at `from`.
 */
export function laidDown(drawn: readonly XY[], edge: boolean): { outline: XY[]; from: XY } {
  const { x, y } = boxOf(drawn);
  const outer = drawn.filter((p) => p.x - x[0] <= OUTER_END * long(x));
  const from = { x: x[0], y: edge ? y[0] : outer.reduce((s, p) => s + p.y, 0) / Math.max(1, outer.length) };
  return { outline: drawn.map((p) => ({ x: p.x - from.x, y: p.y - from.y })), from };
}

/** How long and wide what was drawn is, m. */
export function sizeOf(drawn: readonly XY[]): { lengthM: number; widthM: number } {
  const { x, y } = boxOf(drawn);
  return { lengthM: long(x), widthM: long(y) };
}

/** Metres of one thing for another where both are as they should be. */
const ratio = (wanted: number, is: number): number => (is > 0 ? wanted / is : 1);

interface Outline {
  points: readonly XY[];
  ring: [number, number][];
  box: Box;
}
const made = new WeakMap<readonly XY[], { key: string; outline: Outline }>();

/** The outline, as long and as wide as the piece is said to be; null: it was not sketched. */
export function outlineOf(p: Sketched): Outline | null {
  if (!p.outline || !canBeSketched(p.kind)) return null;
  const key = `${p.lengthM} ${p.widthM}`;
  const kept = made.get(p.outline);
  if (kept?.key === key) return kept.outline;
  const size = sizeOf(p.outline);
  const [kx, ky] = [ratio(p.lengthM, size.lengthM), ratio(p.widthM, size.widthM)];
  const points = p.outline.map((c) => ({ x: kx * c.x, y: ky * c.y }));
  const ring = [...points, points[0]!].map((c): [number, number] => [c.x, c.y]);
  const outline = { points, ring, box: boxOf(points) };
  made.set(p.outline, { key, outline });
  return outline;
}

/** Whether a place lies within it, or on its line. */
export function insideOutline({ ring, box }: Outline, { x, y }: XY): boolean {
  if (x < box.x[0] || x > box.x[1] || y < box.y[0] || y > box.y[1]) return false;
  return inPolygon([x, y], [ring]) !== false;
}

/** From where to where it reaches across at x, m; null where it does not. */
export function acrossAt({ ring }: Outline, x: number): readonly [number, number] | null {
  const at: number[] = [];
  for (let i = 1; i < ring.length; i++) {
    const [[ax, ay], [bx, by]] = [ring[i - 1]!, ring[i]!];
    if (x < Math.min(ax, bx) || x > Math.max(ax, bx)) continue;
    if (ax === bx) at.push(ay, by);
    else at.push(ay + ((by - ay) * (x - ax)) / (bx - ax));
  }
  return at.length === 0 ? null : [Math.min(...at), Math.max(...at)];
}
