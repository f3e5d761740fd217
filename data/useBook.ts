/** The book over TanStack Query: shown at once from the cache, changed optimistically, rolled back when the device refuses to store. */
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { applyPuts, type Put } from '../core/records';
import { queryKeys } from './keys';
import { clearStore, loadBook, replaceStore, savePuts, type Loaded } from './repository';
import { deviceStore } from './store';

export function useLoadedBook() {
  return useQuery({ queryKey: queryKeys.book, queryFn: () => loadBook(deviceStore()), staleTime: Infinity, gcTime: Infinity });
}

/** Store changes. The screen shows them before the device has answered; a refusal takes exactly these back. */
export function useCommit() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (puts: readonly Put[]) => savePuts(deviceStore(), puts),
    onMutate: async (puts) => {
      await client.cancelQueries({ queryKey: queryKeys.book });
      client.setQueryData<Loaded>(queryKeys.book, (old) => old && { ...old, book: applyPuts(old.book, puts) });
    },
    // What is stored is the truth: read it again rather than guess what to take back.
    onError: () => client.invalidateQueries({ queryKey: queryKeys.book }),
  });
}

export function useReplaceBook() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (puts: readonly Put[]) => (puts.length > 0 ? replaceStore(deviceStore(), puts) : clearStore(deviceStore())),
    onSettled: () => client.invalidateQueries({ queryKey: queryKeys.book }),
  });
}
