/** The cadence under the fingers, with what was undone. Outlives a look at another place; the record gets it when it is used or saved. */
import { useSyncExternalStore } from 'react';
import type { Cadence } from '../../../core/retrieve/cadence/cadence';
import { startHistory, type History } from '../../../core/retrieve/cadence/edit';

export interface CadenceDraft {
  history: History;
  /** The step in hand. */
  at: number;
  /** What it was begun from: another plan begins another draft. */
  from: string;
}

let draft: CadenceDraft | null = null;
const listeners = new Set<() => void>();

export function setCadenceDraft(next: CadenceDraft | null): void {
  draft = next;
  listeners.forEach((l) => l());
}

export const beginDraft = (c: Cadence): CadenceDraft => ({ history: startHistory(c), at: 0, from: JSON.stringify(c) });

export const useCadenceDraft = (): CadenceDraft | null =>
  useSyncExternalStore(
    (l) => {
      listeners.add(l);
      return () => listeners.delete(l);
    },
    () => draft,
  );
