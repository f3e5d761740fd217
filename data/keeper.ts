/**
 * Keeps the book: one source of truth, the store. A change is a function of the book; it is worked out again on what is
 * really stored, under a lock that all tabs share, and counts only once the store has taken it. What the store refuses
 * is held, over a reload too, told and tried again.
 */
import type { Storable } from '../core/exchange/bookDocument';
import { isAsMade } from '../core/lessons/longPast';
import { activeTrip, applyPuts, emptyBook, type Book, type Kind, type Put } from '../core/records';
import type { Before } from '../core/records/replaced';
import {
  Behind,
  isStill,
  keysSince,
  loadBook,
  loadKeys,
  putBack,
  readRevision,
  replaceStore,
  saveEntries,
  savePuts,
  Unreadable,
  type Late,
  type Loaded,
  type Quarantined,
  type Revision,
} from './repository';
import { heldChanges, heldText, type HeldStore } from './held';
import type { LongPast } from './longPast';
import { memoryStore } from './memoryStore';
import type { KeyValueStore } from './store';

/**
 * Works out what to store from the book as it stands; run again when the book has moved on, so without effects of its
 * own.
 */
export type BookChange = (book: Book) => readonly Put[];

export interface Snapshot {
  /**
   * `day`: the book is there without what is long over, which is being read; nothing is stored until then. `late`: the
   * same, but it is read only when it is asked for (`whole`), or at rest.
   */
  status: 'loading' | 'day' | 'late' | 'error' | 'ready';
  /** What stands for what is long over while it is left unread; null: nothing does. */
  past: LongPast | null;
  /** What is stored, and on it the changes under way that show at once. */
  book: Book;
  quarantined: readonly Quarantined[];
  /** Changes on their way to the store. */
  storing: number;
  /** Some have been on their way for longer than a moment: told on the page. */
  slow: boolean;
  /** Changes the store refused; they are held on this page. */
  refused: number;
  /** Stored values that only a newer build can read: while there are any, nothing is stored from here. */
  newer: number;
  /** What was here before the record was last replaced, and can be put back. */
  before: Before | null;
  /** Nothing is stored on the device: the record lives on this page alone. */
  inMemory: boolean;
  /** A change that was dropped as it would have made the record unreadable: what is wrong with it. */
  dropped: string | null;
}

/** Whether the days of late are there to be gone on with. */
export const isOpen = (status: Snapshot['status']): boolean => status === 'ready' || isPart(status);
/** Whether what is long over is not there. */
export const isPart = (status: Snapshot['status']): boolean => status === 'day' || status === 'late';

export interface Keeper {
  subscribe: (changed: () => void) => () => void;
  snapshot: () => Snapshot;
  /** `dayFirst`: the day may stand before what is long over has been read. */
  open: (dayFirst?: boolean) => Promise<void>;
  /** Reads what is long over where it was left unread; done once all is there. */
  whole: () => Promise<void>;
  /** Goes on without the device's store, with a record that is empty and ends with the page. */
  openInMemory: () => Promise<void>;
  /** Reads what other tabs have stored. */
  catchUp: () => Promise<void>;
  /**
   * Stores a change; true once it is stored, false when it was refused. `told` hears the same in the moment in which it
   * is shown, so that what is drawn of it is drawn in one go.
   */
  commit: (change: BookChange, shown: Shown, told?: Told) => Promise<boolean>;
  /**
   * Stores a part of something long, whatever the book is; true once it is stored. It shows with the next change that
   * is shown: nobody should see it by halves.
   */
  part: (part: Storable) => Promise<boolean>;
  /**
   * Puts a whole record in place of this one, which is kept so that it can be put back; not where `keep` is false: a
   * device that has no room for both.
   */
  replaceAll: (puts: readonly Put[], how: Pick<Before, 'by' | 'atMs'> & { keep?: boolean }) => Promise<void>;
  /** Puts back what was here before the record was last replaced. */
  putBack: (atMs: number) => Promise<void>;
  retryRefused: () => Promise<boolean>;
  dropRefused: () => void;
  /** It was read that a change was dropped. */
  forgetDropped: () => void;
  /** One step of making what is stored quick to open; whether there may be more to do. */
  tidy: () => Promise<boolean>;
  /** What would be stored if the store took everything: for a file saved in need. */
  withRefused: () => Promise<Book>;
}

export interface Ports {
  store: () => KeyValueStore;
  /** Runs alone among all tabs. */
  alone: <T>(run: () => Promise<T>) => Promise<T>;
  /** Tells other tabs that the store has changed, and hears of theirs. */
  tell: () => void;
  hear: (changed: () => void) => void;
  /** Where what was refused outlasts a reload; absent: nowhere. */
  held?: HeldStore;
  /** One step of making what the store holds quick to open; whether there may be more to do. */
  tidy?: (book: Book, isStill: (revision: string | null) => boolean) => Promise<boolean>;
  /** Done once what is shown has been drawn. */
  drawn?: () => Promise<void>;
  /** Something went wrong that the angler may read about later. */
  trouble: (where: string, e: unknown) => void;
}

/** When a change is shown: at once, or only when it is stored. */
export type Shown = 'at-once' | 'when-stored';

/** Hears whether a change is stored. */
export type Told = (stored: boolean) => void;

interface Pending {
  change: BookChange;
  shown: Shown | 'with-the-next';
  /** What it comes to whatever the book is, read back already. */
  part?: Storable;
  /** It was refused before, here or on the page that was loaded anew. */
  again: boolean;
  told?: Told | undefined;
  /** For longer than a moment. */
  slow: boolean;
  done: Told;
}

/** So often somebody may be quicker, who does not wait for the lock. */
const TRIES = 50;

/** By these it can become plain that what stands for the days long over counts no more. */
const DECIDING: ReadonlySet<Kind> = new Set<Kind>(['trip', 'block', 'tombstone', 'preferences']);
const stillCounts = ({ made, species }: Late, book: Book): boolean => {
  const now = activeTrip(book)?.species;
  return (now === undefined || now === species) && isAsMade(made, book);
};

/** What is stored within so long needs no word that it is on its way, ms. */
const SOON_MS = 250;

export function createKeeper(ports: Ports): Keeper {
  let status: Snapshot['status'] = 'loading';
  let applied = emptyBook();
  /** Parts of something long that are stored; what they make of the book is worked out when somebody looks. */
  let unseen: Put[] = [];
  const stored = (): Book => {
    if (unseen.length > 0) stands(applyPuts(applied, unseen));
    return applied;
  };
  const stands = (book: Book): void => {
    applied = book;
    unseen = [];
  };
  let revision: Revision = { count: 0, recent: [] };
  let quarantined: readonly Quarantined[] = [];
  let pending: Pending[] = [];
  let refused: BookChange[] = [];
  let running = false;
  let newer = 0;
  let before: Before | null = null;
  let dropped: string | null = null;
  /** Where what is long over was left unread, and whether what stands for it counts. */
  let late: Late | null = null;
  let holds = true;
  let memory: KeyValueStore | null = null;
  const device = (): KeyValueStore => memory ?? ports.store();
  /** Other tabs have nothing of what lives on this page alone. */
  const tell = (): void => {
    if (!memory) ports.tell();
  };
  const shows = (book: Book): Snapshot => ({
    status,
    past: late && holds ? late : null,
    book,
    quarantined,
    storing: pending.length,
    slow: pending.some((p) => p.slow),
    refused: refused.length,
    newer,
    before,
    inMemory: memory !== null,
    dropped,
  });
  let snapshot: Snapshot = shows(applied);
  const listeners = new Set<() => void>();

  const play = (book: Book, changes: readonly BookChange[]): Book =>
    changes.reduce((b, change) => {
      try {
        return applyPuts(b, change(b));
      } catch {
        // Told when its turn to be stored comes.
        return b;
      }
    }, book);

  const publish = (): void => {
    const shown = pending.filter((p) => p.shown === 'at-once').map((p) => p.change);
    snapshot = shows(play(stored(), shown));
    for (const l of listeners) l();
  };

  /** What was refused, as it outlasts a reload. */
  let kept: string | null = null;
  const keepHeld = (): void => {
    if (refused.length === 0 && kept === null) return;
    const text = heldText(stored(), [...refused, ...pending.filter((p) => p.again).map((p) => p.change)]);
    if (text !== kept) ports.held?.write(text);
    kept = text;
  };

  const takes = (loaded: Loaded, as: 'day' | 'ready'): void => {
    ({ revision, quarantined, newer, before } = loaded);
    stands(loaded.book);
    late = loaded.late ?? null;
    holds = true;
    status = late ? 'late' : as;
  };

  const readAll = async (dayFirst = false): Promise<void> => {
    const counted = revision.count;
    let stood = false;
    const dayStands = async (day: Loaded): Promise<void> => {
      stood = true;
      takes(day, 'day');
      publish();
      await ports.drawn?.();
    };
    let loaded = await loadBook(device(), dayFirst ? dayStands : undefined);
    // A touch of this page was stored while it was read: with it, once more.
    if (revision.count > Math.max(counted, loaded.revision.count)) loaded = await loadBook(device());
    takes(loaded, 'ready');
    // What other tabs told meanwhile was not heard.
    if (stood) await readNews();
  };

  const readNews = async (): Promise<void> => {
    const now = await readRevision(device());
    if (now.count === revision.count) return;
    const keys = keysSince(revision, now);
    const puts = keys && (await loadKeys(device(), keys));
    if (!puts) return readAll();
    stands(applyPuts(stored(), puts));
    revision = now;
    // Of a day long over: what stands for it counts no more.
    if (late && !stillCounts(late, applied)) await readAll();
  };

  /** What is long over is put to the rest; what is stored meanwhile is in it. */
  const readLongOver = async (): Promise<void> => {
    if (!late) return;
    await readNews();
    const of = late;
    if (!of) return publish();
    const found = await of.rest(() => revision);
    if (late !== of) return;
    ({ quarantined, newer } = found);
    stands(found.under(stored()));
    late = null;
    status = 'ready';
    publish();
  };
  let reading: Promise<void> | null = null;
  const whole = (): Promise<void> =>
    (reading ??= ports.alone(readLongOver).finally(() => {
      reading = null;
    }));

  /** Stores what these come to, in one transaction. */
  const store = async (batch: readonly Pending[]): Promise<void> => {
    if (newer > 0) throw new Error('a newer version has stored here');
    const parts = batch.flatMap((p) => p.part ?? []);
    if (parts.length === batch.length) {
      revision = await saveEntries(device(), Object.assign({}, ...parts.map((p) => p.entries)), revision);
      for (const { puts } of parts) for (const p of puts) unseen.push(p);
      return;
    }
    let book = stored();
    const puts: Put[] = [];
    for (const { change } of batch) {
      const more = change(book);
      puts.push(...more);
      book = applyPuts(book, more);
    }
    if (puts.length === 0) return;
    revision = await savePuts(device(), puts, revision);
    stands(book);
    // It is the day of another fish, or touches a day long over.
    if (late && holds && puts.some((p) => DECIDING.has(p.kind)) && !stillCounts(late, book)) {
      holds = false;
      void whole().catch((e: unknown) => ports.trouble('reading what is long over', e));
    }
  };

  const settle = (batch: readonly Pending[], ok: boolean, hold = true): void => {
    pending = pending.filter((p) => !batch.includes(p));
    if (!ok && hold) refused.push(...batch.map((p) => p.change));
    for (const p of batch) p.told?.(ok);
    if (!ok || batch.some((p) => p.shown !== 'with-the-next')) {
      publish();
      if (ok) tell();
    }
    keepHeld();
    for (const p of batch) p.done(ok);
  };

  const attempt = async (batch: readonly Pending[]): Promise<void> => {
    if (batch.length === 0) return;
    try {
      await store(batch);
      settle(batch, true);
    } catch (e) {
      if (e instanceof Behind) throw e;
      if (batch.length === 1) {
        ports.trouble('storing', e);
        // To try it again would come to the same.
        if (e instanceof Unreadable) dropped = e.message;
        settle(batch, false, !(e instanceof Unreadable));
      } else for (const p of batch) await attempt([p]);
    }
  };

  /** Done again, what others stored read first, as long as somebody was quicker. */
  const untilNewest = async <T>(work: () => Promise<T>, readFirst: () => Promise<void>): Promise<T> => {
    for (let tries = 1; ; tries++) {
      try {
        await readFirst();
        return await work();
      } catch (e) {
        if (!(e instanceof Behind) || tries === TRIES) throw e;
      }
    }
  };

  /**
   * Mostly no other tab has stored since, and the transaction itself makes sure of that; only where one has is the lock
   * waited for, and what it stored read first.
   */
  const onNewest = async (batch: readonly Pending[]): Promise<void> => {
    const left = (): Pending[] => batch.filter((p) => pending.includes(p));
    try {
      await attempt(batch);
    } catch (e) {
      if (!(e instanceof Behind)) throw e;
      await ports.alone(() => untilNewest(() => attempt(left()), readNews));
    }
  };

  const stores = (): boolean => status === 'ready' || status === 'late';

  const pump = async (): Promise<void> => {
    if (running || !stores()) return;
    running = true;
    try {
      while (pending.length > 0) {
        const batch = [...pending];
        try {
          await onNewest(batch);
        } catch (e) {
          ports.trouble('reading before storing', e);
          const left = batch.filter((p) => pending.includes(p));
          settle(left, false);
        }
      }
    } finally {
      running = false;
    }
  };

  /** What is soon stored needs no word that it is on its way. */
  const tellIfSlow = (p: Pending): void => {
    setTimeout(() => {
      if (!pending.includes(p)) return;
      p.slow = true;
      publish();
    }, SOON_MS);
  };

  const wait = (asked: Omit<Pending, 'done' | 'slow'>): Promise<boolean> =>
    new Promise((done) => {
      const p = { ...asked, slow: false, done };
      pending.push(p);
      if (asked.shown === 'at-once') publish();
      else if (asked.shown === 'when-stored') snapshot = shows(snapshot.book);
      if (asked.shown !== 'with-the-next') tellIfSlow(p);
      void pump();
    });

  /** Another whole record takes the place of this one. */
  const replaced = async (by: (seen: Revision) => Promise<Revision>): Promise<void> => {
    try {
      await ports.alone(async () => {
        await untilNewest(async () => {
          if (newer > 0) throw new Error('a newer version has stored here');
          revision = await by(await readRevision(device()));
        }, readNews);
      });
      refused = [];
      keepHeld();
      tell();
    } finally {
      await ports.alone(() => readAll()).catch((e: unknown) => ports.trouble('reading after replacing', e));
      publish();
    }
  };

  const catchUp = async (): Promise<void> => {
    if (!stores()) return;
    try {
      await ports.alone(readNews);
      publish();
    } catch (e) {
      ports.trouble('reading what another tab stored', e);
    }
  };
  ports.hear(() => void catchUp());

  return {
    subscribe: (changed) => {
      listeners.add(changed);
      return () => listeners.delete(changed);
    },
    snapshot: () => snapshot,
    open: async (dayFirst = false) => {
      try {
        // What the device refused before the page was loaded anew has its next try: on all that stands.
        const was = ports.held?.read() ?? null;
        await ports.alone(() => readAll(dayFirst && was === null));
        kept = was;
        for (const change of heldChanges(kept)) {
          pending.push({ change, shown: 'when-stored', again: true, slow: false, done: () => undefined });
        }
      } catch (e) {
        status = 'error';
        ports.trouble('opening the record', e);
      }
      publish();
      await pump();
    },
    openInMemory: async () => {
      memory = memoryStore();
      revision = { count: 0, recent: [] };
      await readAll();
      publish();
      await pump();
    },
    catchUp,
    commit: (change, shown, told) => wait({ change, shown, told, again: false }),
    part: (part) => wait({ change: () => part.puts, part, shown: 'with-the-next', again: false }),
    replaceAll: (puts, how) => replaced((seen) => replaceStore(device(), puts, seen, { keep: true, ...how })),
    putBack: (atMs) => replaced((seen) => putBack(device(), seen, atMs)),
    retryRefused: async () => {
      const again = refused;
      refused = [];
      const results = await Promise.all(again.map((change) => wait({ change, shown: 'when-stored', again: true })));
      return results.every(Boolean);
    },
    dropRefused: () => {
      refused = [];
      keepHeld();
      publish();
    },
    forgetDropped: () => {
      dropped = null;
      publish();
    },
    tidy: async () => {
      if (!stores() || newer > 0 || pending.length > 0) return false;
      if (status === 'late') {
        await whole();
        return true;
      }
      const seen = revision;
      return ports.alone(async () => (!memory && (await ports.tidy?.(stored(), isStill(seen)))) || false);
    },
    whole: async () => {
      try {
        await whole();
      } catch (e) {
        status = 'error';
        ports.trouble('reading what is long over', e);
        publish();
      }
    },
    withRefused: async () => {
      // What there is, where the rest cannot be read.
      if (isPart(status)) await whole().catch((e: unknown) => ports.trouble('reading what is long over', e));
      return play(snapshot.book, [...refused, ...pending.filter((p) => p.shown !== 'at-once').map((p) => p.change)]);
    },
  };
}
