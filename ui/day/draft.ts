/** A reading that is being dragged: the section and what follows from it show it at once; it is stored when let go. */
import { useEffect } from 'react';
import { create } from 'zustand';
import type { Conditions } from '../../core/water/conditions';
import { resolveConditions, type ResolvedConditions } from '../../core/water/resolve';
import type { EnteredReadings } from '../../core/schemas/conditions';

/** What is dragged: the reading it would make, the control under the finger and its value there. */
export interface ReadingDraft {
  reading: ResolvedConditions;
  id: string;
  value: number;
}

const shown = create<{ draft: ReadingDraft | null }>(() => ({ draft: null }));
/** What the finger asks for while it is down. */
let asked: Pick<ReadingDraft, 'id' | 'value'> | null = null;

function show(draft: ReadingDraft | null): void {
  if (draft !== shown.getState().draft) shown.setState({ draft });
}

/** A part of the draft, or what follows from it; drawn anew only when that changes. */
export const useDraft = <T>(part: (draft: ReadingDraft | null) => T): T => shown((s) => part(s.draft));

/** What the day would be with these readings in place of its own. */
export function previewReading(c: Conditions, r: EnteredReadings): ResolvedConditions {
  const known = <T extends object>(o: T): Partial<T> =>
    Object.fromEntries(Object.entries(o).filter(([, v]) => v !== null && v !== undefined)) as Partial<T>;
  const { water, sky, ...rest } = r;
  return resolveConditions({
    ...c,
    ...known(rest),
    water: { ...c.water, ...known(water) },
    sky: { ...c.sky, ...known(sky) },
  } as Conditions);
}

/** A day that has not caught up by then will not: the draft goes all the same, ms. */
const ENDS_MS = 1500;
let ending: ReturnType<typeof setTimeout> | undefined;
let frame = 0;
/** Shown with the next frame; of several moves within one only the last, and not again what is shown already. */
export function dragTo(id: string, value: number, readingThen: () => ResolvedConditions): void {
  clearTimeout(ending);
  if (asked?.id === id && asked.value === value) return;
  asked = { id, value };
  cancelAnimationFrame(frame);
  frame = requestAnimationFrame(() => show({ id, value, reading: readingThen() }));
}
/** Let go: the draft stands until the day has caught up with it. */
export function letGo(): void {
  asked = null;
  clearTimeout(ending);
  ending = setTimeout(() => show(null), ENDS_MS);
}

/** Takes the draft away once the day has a new reading. */
export function useDraftEnds(reading: ResolvedConditions | null): void {
  useEffect(() => {
    if (!asked) show(null);
  }, [reading]);
}
