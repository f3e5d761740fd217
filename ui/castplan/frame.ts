/** A plan in metres on a picture in pixels. */
import { outlineOf } from '../../core/castplan/outline';
import { isEdge, type Point } from '../../core/castplan/shape';
import type { Piece } from '../../core/records/piece';

/** Around what is drawn, m. */
const MARGIN_M = 2.5;

export interface Frame {
  /** Of a place on the plan, px. */
  at: (p: Point) => readonly [number, number];
  perM: number;
}

/**
 * A piece as it is looked at: from open water what is further in is higher up, from the bank the other way round; an
 * edge lies across.
 */
export function frameOf(
  piece: Piece,
  points: readonly Point[],
  fromBank: boolean,
  width: number,
  height: number,
): Frame {
  const way = fromBank ? -1 : 1;
  const turned = (p: Point): readonly [number, number] =>
    isEdge(piece.kind) ? [way * p.x, way * p.y] : [way * p.y, way * p.x];
  const all = [...points, ...(outlineOf(piece)?.points ?? [])].map(turned);
  const [x0, x1] = [Math.min(...all.map(([x]) => x)) - MARGIN_M, Math.max(...all.map(([x]) => x)) + MARGIN_M];
  const [y0, y1] = [Math.min(...all.map(([, y]) => y)) - MARGIN_M, Math.max(...all.map(([, y]) => y)) + MARGIN_M];
  const perM = Math.min(width / (x1 - x0), height / (y1 - y0));
  const [left, low] = [(width - perM * (x1 - x0)) / 2, (height - perM * (y1 - y0)) / 2];
  return {
    perM,
    at: (p) => {
      const [x, y] = turned(p);
      return [left + perM * (x - x0), height - low - perM * (y - y0)];
    },
  };
}

/** A line through places, for a path. */
export const line = (f: Frame, points: readonly Point[]): string =>
  points
    .map(
      (p, i) =>
        `${i === 0 ? 'M' : 'L'}${f
          .at(p)
          .map((v) => v.toFixed(1))
          .join(' ')}`,
    )
    .join('');
