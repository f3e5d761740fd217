/** A list of catches in hand: its text, what is told for it, what it would put in, and putting it in. */
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useEffect, useMemo } from 'react';
import { create } from 'zustand';
import { comparedWith } from '../../../core/exchange/catches/days';
import { inBatches, keptAs, takeOutPuts, toldOfCatches, type ToldOfCatches } from '../../../core/exchange/catches/kept';
import type { CatchChoices } from '../../../core/exchange/catches/look';
import { storableOrNot, type Storable } from '../../../core/exchange/bookDocument';
import { inUse, type Put } from '../../../core/records';
import { deviceSketches } from '../../../data/deviceSketches';
import { useCommitter } from '../../../data/useBook';
import { FAMILY_OF_NAME, SPECIES_OF_NAME } from '../../../wording/readNames';
import { CATCHES_PAGE } from '../../../wording/pages/catches';
import type { UnitPrefs } from '../../../wording/units';
import { compute } from '../../../workers/client';
import type { CatchSight } from '../../../workers/files';
import { usePrefs } from '../../day/contexts';
import { appNowMs, realNowMs } from '../../platform/clock';
import { isZip, pickFile } from '../../platform/files';
import { useTheme } from '../../theme/theme';

/** As much of a file is read, bytes. */
const MAX_BYTES = 20_000_000;
/** Of the log's own file, which may hold photos too. */
const MAX_ZIP_BYTES = 1_000_000_000;
/** The names of the columns stand within so much of it, letters. */
const HEAD_CHARS = 20_000;

/** One file that was picked; another time the same is another. */
interface Picked {
  n: number;
  text: string;
  columns: readonly string[];
}

/** A table's text; of the log's own tables in one file, the list that they make. */
async function textOf(file: File): Promise<string> {
  if (!(await isZip(file))) return file.text();
  const list = await compute.ownTables(new AbortController().signal, new Uint8Array(await file.arrayBuffer()));
  if (list === null) throw new Error(CATCHES_PAGE.unreadable);
  return list;
}

const usual = (u: UnitPrefs, waterId: string | null): ToldOfCatches => ({
  units: {
    length: u.size,
    weight: u.line === 'lb' ? 'lb' : 'kg',
    depth: u.depth,
  },
  // As people write dates where they write temperatures so.
  order: u.temp === 'F' ? 'month-first' : 'day-first',
  waterId,
  species: null,
  castsADay: null,
  aliases: {},
});

/** What is in hand: a page that is turned or left for a moment finds it as it was. */
interface InHand {
  file: Picked | null;
  told: ToldOfCatches | null;
  asLast: boolean;
  said: { text: string; wrong: boolean } | null;
  opening: boolean;
  /** How much of the list is worked out, per cent. */
  percent: number;
  /** Parts that are stored, of how many; null: nothing is being stored. */
  storing: { done: number; of: number } | null;
  undo: readonly Put[] | null;
}
const inHand = create<InHand>(() => ({
  file: null,
  told: null,
  asLast: false,
  said: null,
  opening: false,
  percent: 0,
  storing: null,
  undo: null,
}));
/** How far it is, is told after so many parts. */
const SAID_EACH = 3;
/** Days that are taken out at once. */
const OUT_AT_ONCE = 200;
let picks = 0;
/** What was worked out is kept so long after the page was left, ms. */
const KEPT_MS = 60_000;

export function useCatches() {
  const committer = useCommitter();
  const prefs = usePrefs();
  const { units } = useTheme();
  const hand = inHand();
  const { file, told, asLast, said, opening, percent, storing, undo } = hand;
  const nowMs = useMemo(() => appNowMs(prefs.demoClock), [prefs.demoClock]);

  const query = useQuery({
    queryKey: ['catches', file?.n ?? 0, told],
    // While it is stored the worker keeps the parts of this list, and the record moves on by them.
    enabled: file !== null && told !== null && storing === null,
    gcTime: KEPT_MS,
    // The record may have changed while another page stood here.
    staleTime: 0,
    refetchOnMount: 'always',
    refetchOnWindowFocus: false,
    retry: false,
    structuralSharing: false,
    placeholderData: keepPreviousData,
    queryFn: ({ signal }): Promise<CatchSight> => {
      const book = committer.current();
      if (!book || !file || !told) return Promise.reject(new Error('not open'));
      const choices: CatchChoices = { ...told, kinds: FAMILY_OF_NAME, fishes: SPECIES_OF_NAME, nowMs };
      inHand.setState({ percent: 0 });
      return compute.catches(signal, [file.text, comparedWith(book), choices], (percent) => {
        if (!signal.aborted) inHand.setState({ percent });
      });
    },
  });

  // The worker reads its own script while a file is being picked.
  useEffect(() => void compute.catchColumns(new AbortController().signal, '').catch(() => undefined), []);

  const { setState: set } = inHand;
  const put = (text: string, wrong = false): void => set({ said: { text, wrong } });
  const away = (): void => set({ file: null, told: null });
  const pick = async (): Promise<void> => {
    const picked = await pickFile('.csv,.tsv,.txt,.zip,text/csv,application/zip');
    if (!picked) return;
    set({ said: null, undo: null });
    away();
    if (picked.size > ((await isZip(picked)) ? MAX_ZIP_BYTES : MAX_BYTES)) return put(CATCHES_PAGE.tooBig, true);
    set({ opening: true });
    try {
      const text = await textOf(picked);
      const columns = await compute.catchColumns(new AbortController().signal, text.slice(0, HEAD_CHARS));
      const kept = toldOfCatches.safeParse(await deviceSketches().read(keptAs(columns)));
      const book = committer.current();
      const waters = book ? inUse(book.water) : [];
      set({
        asLast: kept.success,
        told: kept.success ? kept.data : usual(units, waters.length === 1 ? waters[0]!.id : null),
        file: { n: ++picks, text, columns },
      });
    } catch {
      put(CATCHES_PAGE.unreadable, true);
    } finally {
      set({ opening: false });
    }
  };
  /** Stores so many parts, seen together at the end; how many of them the device has. */
  const storeAll = async (of: number, partAt: (i: number) => Promise<Storable | null>): Promise<number> => {
    const asked = (i: number): Promise<Storable | null> =>
      i < of ? partAt(i).catch(() => null) : Promise.resolve(null);
    let done = 0;
    for (let next = asked(0); done < of; done++) {
      if (done % SAID_EACH === 0) set({ storing: { done, of } });
      const part = await next;
      // Made while this one is stored.
      next = asked(done + 1);
      if (!part || !(await committer.part(part))) break;
    }
    // What was stored without being shown is shown.
    await committer.record(() => []);
    return done;
  };
  const take = async (look: CatchSight): Promise<void> => {
    if (inHand.getState().storing || !file || !told) return;
    const parts: Put[][] = [];
    const done = await storeAll(look.batches, async (i) => {
      const part = await compute.catchBatch(new AbortController().signal, i);
      // Casts and blocks follow their day.
      parts[i] = part?.puts.filter((p) => p.kind === 'trip' || p.kind === 'event' || p.kind === 'tombstone') ?? [];
      return part;
    });
    set({ storing: null, undo: done > 0 ? parts.slice(0, done).flat() : null });
    if (done < look.batches) return put(done > 0 ? CATCHES_PAGE.halfTaken : CATCHES_PAGE.refused, true);
    deviceSketches().write(keptAs(file.columns), { ...told, mapping: look.mapping });
    put(CATCHES_PAGE.taken(look.days, look.fish));
    away();
  };
  const takeOut = async (): Promise<void> => {
    const book = committer.current();
    if (inHand.getState().storing || !undo || !book) return;
    const parts = inBatches(takeOutPuts(book, undo, realNowMs()), OUT_AT_ONCE);
    const done = await storeAll(parts.length, async (i) => storableOrNot(parts[i]!));
    set({ storing: null });
    if (done < parts.length) return put(CATCHES_PAGE.outRefused, true);
    set({ undo: null });
    put(CATCHES_PAGE.takenOut);
  };
  return {
    look: file && told ? (query.data ?? null) : null,
    told,
    tell: (more: Partial<ToldOfCatches>): void => set(({ told: t }) => ({ told: t && { ...t, ...more } })),
    asLast,
    /** What is shown is from before the last choice. */
    busy: opening || query.isFetching,
    percent: opening ? 0 : percent,
    failed: query.isError,
    said,
    storing,
    canTakeOut: undo !== null,
    pick,
    stop: (): void => {
      away();
      put(CATCHES_PAGE.stopped);
    },
    away,
    take,
    takeOut,
  };
}
export type Catches = ReturnType<typeof useCatches>;
