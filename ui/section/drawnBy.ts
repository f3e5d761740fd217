/** Parts of the section that are drawn anew only when what they show has changed. */
import { memo, type ComponentType } from 'react';
import type { Frame } from './geometry';
import type { SectionModel } from './model';

export interface PartProps {
  m: SectionModel;
  f: Frame;
  label: number;
}

/** A part that is drawn anew only when what it shows has changed: a dragged reading moves two or three of them. */
export function drawnBy(Part: ComponentType<PartProps>, keys: readonly (keyof SectionModel)[]): ComponentType<PartProps> {
  return memo(Part, (a, b) => a.f === b.f && a.label === b.label && keys.every((k) => same(a.m[k], b.m[k])));
}

export const same = (a: unknown, b: unknown): boolean =>
  a === b ||
  (typeof a === 'object' &&
    typeof b === 'object' &&
    a !== null &&
    b !== null &&
    Object.keys(a).length === Object.keys(b).length &&
    Object.entries(a).every(([k, v]) => v === (b as Record<string, unknown>)[k]));
