/** The book over TanStack Query: shown at once from the cache, changed optimistically, rolled back when the device refuses to store. */
import { useCallback, useMemo } from 'react';
import { useIsMutating, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { applyPuts, type Book, type Put } from '../core/records';
import { queryKeys } from './keys';
import { clearStore, loadBook, replaceStore, savePuts, type Loaded } from './repository';
import { deviceStore } from './store';

export function useLoadedBook() {
  return useQuery({ queryKey: queryKeys.book, queryFn: () => loadBook(deviceStore()), staleTime: Infinity, gcTime: Infinity });
}

export interface Committer {
  /** Changes the book on screen at once and stores the change; a refusal by the device reads the truth back and is told. */
  commit: (puts: readonly Put[]) => void;
  /** The book as it stands this instant, even between two taps of one frame. */
  current: () => Book | null;
  /** Something is on its way to the device and not yet stored. */
  saving: boolean;
  error: Error | null;
  clearError: () => void;
}

const SAVE = ['save'];

export function useCommitter(): Committer {
  const client = useQueryClient();
  const saving = useIsMutating({ mutationKey: SAVE }) > 0;
  const { mutate, error, reset } = useMutation({
    mutationKey: SAVE,
    mutationFn: (puts: readonly Put[]) => savePuts(deviceStore(), puts),
    // What is stored is the truth: read it again rather than guess what to take back.
    onError: () => client.invalidateQueries({ queryKey: queryKeys.book }),
  });
  const commit = useCallback(
    (puts: readonly Put[]) => {
      client.setQueryData<Loaded>(queryKeys.book, (old) => old && { ...old, book: applyPuts(old.book, puts) });
      mutate(puts);
    },
    [client, mutate],
  );
  const current = useCallback(() => client.getQueryData<Loaded>(queryKeys.book)?.book ?? null, [client]);
  return useMemo(() => ({ commit, current, saving, error, clearError: reset }), [commit, current, saving, error, reset]);
}

export function useReplaceBook() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (puts: readonly Put[]) => (puts.length > 0 ? replaceStore(deviceStore(), puts) : clearStore(deviceStore())),
    onSettled: () => client.invalidateQueries({ queryKey: queryKeys.book }),
  });
}
