/** Parts of the section that are drawn anew only when what they show has changed. */
import { memo, type ComponentType } from 'react';
import type { SectionFrame } from './geometry';
import type { SectionModel } from './model';

export interface PartProps {
  m: SectionModel;
  f: SectionFrame;
  label: number;
}

/**
 * A part that is drawn anew only when what it shows has changed: a dragged reading moves two or three of them.
 * `shows` gives all of it, in plain values: those of the model, and where a part stands by depth or along the cast the
 * depth, the length or the pixels themselves.
 */
export function drawnBy(
  Part: ComponentType<PartProps>,
  shows: (m: SectionModel, f: SectionFrame) => readonly unknown[],
): ComponentType<PartProps> {
  return memo(
    Part,
    (a, b) =>
      a.f.width === b.f.width &&
      a.f.height === b.f.height &&
      a.label === b.label &&
      same(shows(a.m, a.f), shows(b.m, b.f)),
  );
}

/** The same value, or an object or list of the same ones. */
export const same = (a: unknown, b: unknown): boolean =>
  a === b ||
  (typeof a === 'object' &&
    typeof b === 'object' &&
    a !== null &&
    b !== null &&
    Object.keys(a).length === Object.keys(b).length &&
    Object.entries(a).every(([k, v]) => v === (b as Record<string, unknown>)[k]));
