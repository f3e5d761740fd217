/** Everything stored but the log, as one value that stays the same while only casts and events come in. */
import { useMemo } from 'react';
import { useShallow } from 'zustand/react/shallow';
import { inBox, KINDS, type Book, type Kind } from '../../core/records';
import type { Lure } from '../../core/records/lure';

const LOG = ['block', 'event', 'cast', 'preferences'] as const satisfies readonly Kind[];
type KeptKind = Exclude<Kind, (typeof LOG)[number]>;
const KEPT = KINDS.filter((k): k is KeptKind => !(LOG as readonly Kind[]).includes(k));

export type BookWithoutLog = Pick<Book, KeptKind> & {
  /** What can be tied on, by name. */
  box: Lure[];
};

const withoutLog = (book: Book): Pick<Book, KeptKind> =>
  Object.fromEntries(KEPT.map((k) => [k, book[k]])) as Pick<Book, KeptKind>;

export function useWithoutLog(book: Book): BookWithoutLog {
  const kept = useShallow(withoutLog)(book);
  return useMemo(() => ({ ...kept, box: inBox(kept.lure).sort((a, b) => a.name.localeCompare(b.name)) }), [kept]);
}
