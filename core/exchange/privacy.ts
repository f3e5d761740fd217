/**
 * What of the angler's places goes along with what leaves the device: one scale for calendars, the record, spots and
 * tables.
 */
import { recordsOf, type Book } from '../records';
import { withRows } from '../records/logTable';

/** From nothing of them to all: no names, names, names and about where, names and exactly where. */
export const TELLS = ['nothing', 'names', 'roughly', 'all'] as const;
export type Tells = (typeof TELLS)[number];

/** A place rounded so far, °, is somewhere within half a mile. */
const ROUGH_DEG = 0.01;
/** A water whose place is not told is rounded so far, °: its sun and its tide stay right within minutes. */
const BARE_DEG = 0.5;

const roundDeg = (deg: number, to: number): number => Number((Math.round(deg / to) * to).toFixed(2));
interface Place {
  latDeg: number;
  lonDeg: number;
}
const rounded = <P extends Place>(p: P, to: number): P => ({
  ...p,
  latDeg: roundDeg(p.latDeg, to),
  lonDeg: roundDeg(p.lonDeg, to),
});

/** A position as it is told; null: not at all. */
export const placeTold = ({ latDeg, lonDeg }: Place, tells: Tells): Place | null =>
  tells === 'all' ? { latDeg, lonDeg } : tells === 'roughly' ? rounded({ latDeg, lonDeg }, ROUGH_DEG) : null;

type Rows<T> = Readonly<Record<string, T>>;
const each = <T>(rows: Rows<T>, change: (row: T, n: number) => T): Rows<T> =>
  Object.fromEntries(Object.entries(rows).map(([id, row], i) => [id, change(row, i + 1)]));

/** What one may have written of places oneself. */
const UNWRITTEN = { note: '' } as const;

/** Waters, spots and shores as they are told. */
export function placesTold<B extends Pick<Book, 'water' | 'spot' | 'shore'>>(book: B, tells: Tells): B {
  if (tells === 'all') return book;
  const to = tells === 'roughly' ? ROUGH_DEG : BARE_DEG;
  const water = each(book.water, (w) => rounded(w, to));
  const spot = each(book.spot, (s) => {
    const on = tells === 'roughly' ? undefined : water[s.waterId];
    const apart = { ...s, pins: [] };
    return on ? { ...apart, latDeg: on.latDeg, lonDeg: on.lonDeg } : rounded(apart, to);
  });
  return { ...book, water, spot, shore: {} };
}

/**
 * The book as it is told. Below `all` no shore and no pin is in it. `roughly`: places within half a mile. `names`:
 * every spot lies where its water does, and that is told to half a degree. `nothing`: neither names nor notes of
 * waters, spots and pieces, nor notes of days and strikes, in which one may have named a place, nor the station that
 * reports there, nor photos, which may show it.
 */
export function bookTold(book: Book, tells: Tells): Book {
  const placed = placesTold(book, tells);
  return tells === 'nothing' ? unnamed(placed) : placed;
}

/** The same without the names of places and without all that was written. */
function unnamed(book: Book): Book {
  return {
    ...book,
    water: each(book.water, (w, n) => ({ ...w, ...UNWRITTEN, name: `Water ${n}`, station: null })),
    stationReport: {},
    spot: each(book.spot, (s, n) => ({ ...s, ...UNWRITTEN, name: `Spot ${n}`, hazards: '', lowWater: '' })),
    piece: each(book.piece, (x, n) => ({ ...x, ...UNWRITTEN, name: `Piece ${n}` })),
    trip: each(book.trip, (t) => ({ ...t, ...UNWRITTEN })),
    event: withRows(
      book.event,
      recordsOf(book, 'event').map((e) => ({ ...e, ...UNWRITTEN, was: e.was.map(({ note: _, ...was }) => was) })),
    ),
    photo: {},
  };
}
