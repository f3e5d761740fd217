/** A reading that is being dragged: the section and what follows from it show it at once; it is stored when let go. */
import { useEffect, useSyncExternalStore } from 'react';
import type { Readings } from '../../core/records/trip';
import type { Conditions } from '../../core/water/conditions';
import { resolveConditions, type Reading } from '../../core/water/defaults';

/** What is dragged: the reading it would make, the control under the finger and its value there. */
export interface Draft {
  reading: Reading;
  id: string;
  value: number;
}

let draft: Draft | null = null;
let held = false;
const listeners = new Set<() => void>();

function show(next: Draft | null): void {
  if (next === draft) return;
  draft = next;
  for (const l of listeners) l();
}

const subscribe = (l: () => void): (() => void) => {
  listeners.add(l);
  return () => void listeners.delete(l);
};

/** What the day would be with these readings in place of its own. */
export function previewReading(c: Conditions, r: Readings): Reading {
  const known = <T extends object>(o: T): Partial<T> =>
    Object.fromEntries(Object.entries(o).filter(([, v]) => v !== null && v !== undefined)) as Partial<T>;
  const { water, sky, ...rest } = r;
  return resolveConditions({ ...c, ...known(rest), water: { ...c.water, ...known(water) }, sky: { ...c.sky, ...known(sky) } } as Conditions);
}

let frame = 0;
/** Shown with the next frame; of several moves within one only the last. */
export function dragTo(next: () => Draft): void {
  held = true;
  cancelAnimationFrame(frame);
  frame = requestAnimationFrame(() => show(next()));
}
/** Let go: the draft stands until the day has caught up with it. */
export function letGo(): void {
  held = false;
}

export const useDraft = (): Draft | null => useSyncExternalStore(subscribe, () => draft);

/** Takes the draft away once the day has a new reading, and in any case soon after it was let go. */
export function useDraftEnds(reading: Reading | null): void {
  const shown = useDraft();
  useEffect(() => {
    if (!held) show(null);
  }, [reading]);
  useEffect(() => {
    if (!shown) return;
    const t = setInterval(() => {
      if (!held) show(null);
    }, 1500);
    return () => clearInterval(t);
  }, [shown]);
}
