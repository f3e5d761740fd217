/** Strikes by how warm and how clear the water was. */
import { groupBy } from '../log/tally';
import type { Conditions } from '../water/conditions';
import { total, type Fished } from './fished';

/** Edges of the cells: °C and m. The last of each is open. */
export const WARM_EDGES_C = [-2, 8, 13, 18, 23, 45] as const;
export const CLEAR_EDGES_M = [0, 0.5, 1, 2, 60] as const;

/** Less than this in a water tells nothing of it, min. */
export const KNOWN_MIN = 60;

/** Waters of like warmth and clarity: from, to. */
export interface WaterCell {
  warmC: readonly [number, number];
  clearM: readonly [number, number];
  days: number;
  minutes: number;
  strikes: number;
  expected: number;
  /** What was fished there, most strikes first, and of like ones the longest fished. */
  byLure: { lureName: string; strikes: number; minutes: number }[];
}

/** Whether a water lies in the cell. */
export const liesIn = (c: Pick<WaterCell, 'warmC' | 'clearM'>, tempC: number, clarityM: number): boolean =>
  cellOf(WARM_EDGES_C, tempC) === cellOf(WARM_EDGES_C, c.warmC[0]) &&
  cellOf(CLEAR_EDGES_M, clarityM) === cellOf(CLEAR_EDGES_M, c.clearM[0]);

/** A step of warmth sets waters further apart than a step of clarity. prior: judgement. */
const WARMTH = 1.5;

/** The fished water that is most like this one. Null without any. */
export function nearest(cells: readonly WaterCell[], w: { tempC: number; clarityM: number }): WaterCell | null {
  const [t, c] = [cellOf(WARM_EDGES_C, w.tempC), cellOf(CLEAR_EDGES_M, w.clarityM)];
  const steps = (x: WaterCell): number =>
    WARMTH * Math.abs(cellOf(WARM_EDGES_C, x.warmC[0]) - t) + Math.abs(cellOf(CLEAR_EDGES_M, x.clearM[0]) - c);
  return cells.reduce<WaterCell | null>(
    (a, x) => (!a || steps(x) < steps(a) || (steps(x) === steps(a) && x.minutes > a.minutes) ? x : a),
    null,
  );
}

const waterOf = (f: Fished): Conditions['water'] => (f.block.conditions as Conditions).water;

function cellOf(edges: readonly number[], x: number): number {
  for (let i = edges.length - 2; i > 0; i--) if (x >= edges[i]!) return i;
  return 0;
}

/** Cells in which was fished, the cold first and in each the murky first; and blocks whose water was not read. */
export function byWater(fished: readonly Fished[]): { cells: WaterCell[]; unread: number } {
  const read = fished.filter((f) => {
    const { surfaceTempC, clarityM } = waterOf(f);
    return surfaceTempC != null && clarityM != null;
  });
  const cells = groupBy(
    read,
    (f) => `${cellOf(WARM_EDGES_C, waterOf(f).surfaceTempC!)} ${cellOf(CLEAR_EDGES_M, waterOf(f).clarityM!)}`,
  );
  return {
    unread: fished.length - read.length,
    cells: [...cells]
      .map(([key, of]): WaterCell & { key: string } => {
        const [t, c] = key.split(' ').map(Number) as [number, number];
        return {
          key,
          warmC: [WARM_EDGES_C[t]!, WARM_EDGES_C[t + 1]!],
          clearM: [CLEAR_EDGES_M[c]!, CLEAR_EDGES_M[c + 1]!],
          days: new Set(of.map((f) => f.trip.id)).size,
          minutes: total(of, (f) => f.minutes),
          strikes: total(of, (f) => f.tally.strikes),
          expected: total(of, (f) => f.expected),
          byLure: [...groupBy(of, (f) => f.block.presentation.lureName)]
            .map(([lureName, own]) => ({
              lureName,
              strikes: total(own, (f) => f.tally.strikes),
              minutes: total(own, (f) => f.minutes),
            }))
            .sort((a, b) => b.strikes - a.strikes || b.minutes - a.minutes),
        };
      })
      .sort((a, b) => (a.key < b.key ? -1 : 1))
      .map(({ key: _, ...cell }) => cell),
  };
}
