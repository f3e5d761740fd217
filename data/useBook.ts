/** The book for the screens. */
import { startTransition, useEffect, useMemo, useState, useSyncExternalStore } from 'react';
import { useMutation } from '@tanstack/react-query';
import type { Storable } from '../core/exchange/bookDocument';
import type { Book, Put } from '../core/records';
import type { Before } from '../core/records/replaced';
import { deviceKeeper } from './deviceKeeper';
import { isOpen, type BookChange, type Snapshot, type Told } from './keeper';

/** One part of what the keeper shows; the component is drawn again only when that part changes. */
export function useStored<T>(part: (s: Snapshot) => T): T {
  const keeper = deviceKeeper();
  return useSyncExternalStore(keeper.subscribe, () => part(keeper.snapshot()));
}

/** All that the keeper shows, a moment later: what follows from it is drawn in slices that hold up no finger. */
export function useStoredLater(): Snapshot {
  const keeper = deviceKeeper();
  const [shown, setShown] = useState(keeper.snapshot);
  useEffect(() => {
    const follow = (): void => startTransition(() => setShown(keeper.snapshot()));
    // It may have changed since it was first drawn.
    follow();
    return keeper.subscribe(follow);
  }, [keeper]);
  return shown;
}

export interface Committer {
  /** For what is easily set again (readings, settings, the kit): shows at once, stored at the next moment. */
  commit: (change: BookChange) => Promise<boolean>;
  /** For the log: shows only when it is stored, and tells so in that moment. */
  record: (change: BookChange, told?: Told) => Promise<boolean>;
  /** The book as it stands this instant, even between two taps of one frame; null before it is open. */
  current: () => Book | null;
}

/** For long lists too. */
export interface PartCommitter extends Committer {
  /** A part of something long: stored now, shown with the next change that is shown. */
  part: (part: Storable) => Promise<boolean>;
}

export function useCommitter(): PartCommitter {
  return useMemo(() => {
    const keeper = deviceKeeper();
    return {
      commit: (change) => keeper.commit(change, 'at-once'),
      record: (change, told) => keeper.commit(change, 'when-stored', told),
      part: (part) => keeper.part(part),
      current: () => {
        const { status, book } = keeper.snapshot();
        return isOpen(status) ? book : null;
      },
    };
  }, []);
}

/** A whole record to put in place of this one; it may still have to be made or fetched. */
export interface Replacement extends Pick<Before, 'by' | 'atMs'> {
  record: () => readonly Put[] | Promise<readonly Put[]>;
  /** False: what is here is not kept to be put back. */
  keep?: boolean;
}

export function useReplaceBook() {
  return useMutation({
    mutationFn: async ({ record, ...how }: Replacement) => deviceKeeper().replaceAll(await record(), how),
  });
}

/** Puts back what was here before the record was last replaced. */
export const usePutBack = () => useMutation({ mutationFn: (atMs: number) => deviceKeeper().putBack(atMs) });
