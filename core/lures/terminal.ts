/** What a body of soft plastic is hung on: heads, sinkers and hooks, kept apart from the bodies. */
import type { Family } from './family';

/** Heads carry their hook; sinkers run on the line or hang below; a hook may have weight on its shank. */
export const TERMINAL_PARTS = ['head', 'sinker', 'hook'] as const;
export type TerminalPart = (typeof TERMINAL_PARTS)[number];

/** Sizes of hooks, small to large, as they are sold. */
export const HOOK_SIZES = ['8', '6', '4', '2', '1', '1/0', '2/0', '3/0', '4/0', '5/0', '6/0'] as const;
export type HookSize = (typeof HOOK_SIZES)[number];

/** One kind of them. */
export interface TerminalItem {
  part: TerminalPart;
  /** kg; 0: a plain hook. */
  weightKg: number;
  hookSize: HookSize | null;
  count: number;
}

/** What gives a soft body of this kind its weight; null: nothing does, it is thrown as it is. */
export const weighedBy = (f: Family): 'head' | 'sinker' | null =>
  f.build.kind !== 'head' ? null : f.sliding || f.id === 'drop-shot' ? 'sinker' : 'head';

/** Weights at hand for a body of this kind, kg: heads, and hooks with weight on the shank; or sinkers. */
export function weightsAtHand(f: Family, items: readonly TerminalItem[]): number[] {
  const by = weighedBy(f);
  const fits = ({ part, weightKg, count }: TerminalItem): boolean =>
    count > 0 && weightKg > 0 && (part === by || (by === 'head' && part === 'hook' && f.weedlessToo));
  return [...new Set(items.filter(fits).map((x) => x.weightKg))].sort((a, b) => a - b);
}

/** Sizes of hook at hand, those of heads with them. */
export const hooksAtHand = (items: readonly TerminalItem[]): HookSize[] =>
  HOOK_SIZES.filter((s) => items.some((x) => x.count > 0 && x.hookSize === s));
