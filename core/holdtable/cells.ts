/**
 * The zone table as text: a cell is five letters, the count, the tip and the best share on each of TABLE_LINES_M. A row
 * is a depth, its cells the speeds; depths below the last that is held at all are left out.
 */
import { DEPTH_GRID_M, SPEEDS, TABLE_LINES_M } from './grid';

/** What holds the lure longest at a depth at one speed. */
export interface Cell {
  /** How the share on the middle line was had: count, s; height of the tip, m. */
  countdownS: number;
  tipM: number;
  /** Best share of a cast in the default band on each of the table's lines, 0–1. */
  shares: number[];
}

/** Tips the table is made with, m over the water: low, and held up. */
export const TABLE_TIPS_M = [0.3, 2.2] as const;

const LETTERS = 'ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789-_';
const TOP = LETTERS.length - 1;
const CELL = 2 + TABLE_LINES_M.length;
/** Nobody counts longer before a swimming lure is turned, s. */
export const MAX_COUNT_S = 45;

const letter = (share: number): string => LETTERS[Math.round(share * TOP)]!;
const of = (text: string, at: number): number => LETTERS.indexOf(text[at]!) / TOP;

/** A count as the table can write it, s: finer where it is short. */
export const writtenCountS = (s: number): number =>
  MAX_COUNT_S * (Math.round(Math.sqrt(s / MAX_COUNT_S) * TOP) / TOP) ** 2;

/** Cells, a row a depth, as one text. */
export function written(rows: readonly (readonly Cell[])[]): string {
  const held = (cells: readonly Cell[]): boolean => cells.some((c) => c.shares.some((s) => s >= 0.5 / TOP));
  const last = Math.max(-1, ...rows.map((cells, d) => (held(cells) ? d : -1)));
  return rows
    .slice(0, last + 1)
    .flat()
    .map(
      (c) =>
        letter(Math.sqrt(c.countdownS / MAX_COUNT_S)) +
        letter(TABLE_TIPS_M.indexOf(c.tipM as 0.3)) +
        c.shares.map(letter).join(''),
    )
    .join('');
}

/** The text as cells again; shares to within 1/126. */
export const read = (text: string): Cell[][] =>
  DEPTH_GRID_M.map((_, d) =>
    Array.from({ length: SPEEDS }, (_, k) => {
      const at = CELL * (d * SPEEDS + k);
      if (at >= text.length) return { countdownS: 0, tipM: TABLE_TIPS_M[0], shares: TABLE_LINES_M.map(() => 0) };
      return {
        countdownS: MAX_COUNT_S * of(text, at) ** 2,
        tipM: TABLE_TIPS_M[of(text, at + 1)]!,
        shares: TABLE_LINES_M.map((_, l) => of(text, at + 2 + l)),
      };
    }),
  );
