/**
 * The cadence under the fingers, with what was undone. Outlives a look at another place and a page that is closed; the
 * record gets it when it is used or saved.
 */
import { useEffect } from 'react';
import { create } from 'zustand';
import * as z from 'zod';
import { once } from '../../../core/base/once';
import type { Cadence } from '../../../core/planning/cadence/cadence';
import { startHistory, type History } from '../../../core/planning/cadence/edit';
import { cadenceSchema } from '../../../core/schemas/plan';
import { deviceSketches } from '../../../data/deviceSketches';

export interface CadenceDraft {
  history: History;
  /** The step in hand. */
  at: number;
  /** What it was begun from: another plan begins another draft. */
  from: string;
  /** The day it was begun on: another day begins another draft. */
  trip: string;
}

const NAME = 'cadence';
/** So many changes can still be taken back, or made again, after the page was closed. */
const KEPT = 30;
const draftSchema = once(() => {
  const several = z.array(cadenceSchema());
  return z.object({
    history: z.object({ past: several, now: cadenceSchema(), future: several }),
    at: z.number(),
    from: z.string(),
    trip: z.string(),
  });
});

const shown = create<{ draft: CadenceDraft | null }>(() => ({ draft: null }));
const show = (draft: CadenceDraft | null): void => shown.setState({ draft });

let touched = false;
export function setCadenceDraft(next: CadenceDraft | null): void {
  touched = true;
  show(next);
  const changed = next && next.history.past.length + next.history.future.length > 0;
  const shorter = (h: History): History => ({ ...h, past: h.past.slice(-KEPT), future: h.future.slice(0, KEPT) });
  deviceSketches().write(NAME, changed ? { ...next, history: shorter(next.history) } : null);
}

let restored: Promise<void> | null = null;
/** What was left half made, once a page; nothing if the fingers were quicker. */
const restore = (): Promise<void> =>
  (restored ??= deviceSketches()
    .read(NAME)
    .then((left) => {
      const found = draftSchema().safeParse(left);
      if (found.success && !touched) show(found.data);
    }));

export const beginDraft = (c: Cadence, trip: string): CadenceDraft => ({
  history: startHistory(c),
  at: 0,
  from: JSON.stringify(c),
  trip,
});

export function useCadenceDraft(trip: string | undefined): CadenceDraft | null {
  useEffect(() => void restore(), []);
  return shown(({ draft }) => (draft && draft.trip === trip ? draft : null));
}
