/**
 * The hook for a body of soft plastic, or the strength of the hooks a hard lure carries: size by the length of the
 * body, wire by fish and line, weight on its shank where the head is taken off to hide the point. prior: judgement.
 */
import type { Family } from '../lures/family';
import type { SpeciesProfile } from '../water/species';
import type { ResolvedConditions } from '../water/resolve';
import { isPanfish, neededLb } from './pull';
import type { Rig } from './rig';

/** Sizes of hooks, small to large, as they are sold. */
export const HOOK_SIZES = ['8', '6', '4', '2', '1', '1/0', '2/0', '3/0', '4/0', '5/0', '6/0'] as const;
export type HookSize = (typeof HOOK_SIZES)[number];
/** How strong the hook's wire is. */
export const HOOK_WIRES = ['light', 'standard', 'strong'] as const;
export type HookWire = (typeof HOOK_WIRES)[number];

/** What to hook a lure with. */
export interface HookChoice {
  /** Null: the lure comes with its own. */
  size: HookSize | null;
  wire: HookWire;
  /** Why that wire. */
  wireWhy: 'heavy-fish' | 'pulled-from-cover' | 'small-mouths' | 'usual';
  /** Weight on the shank in place of a head, kg; null: none. */
  bellyKg: number | null;
}

/** Longest body for each size, m: the point comes out in the first third of a worm, by the middle of a short tail. */
const UP_TO_M: readonly (readonly [HookSize, number])[] = [
  ['8', 0.032],
  ['6', 0.042],
  ['4', 0.055],
  ['2', 0.062],
  ['1', 0.07],
  ['1/0', 0.08],
  ['2/0', 0.095],
  ['3/0', 0.12],
  ['4/0', 0.15],
  ['5/0', 0.18],
];

/** Line that pulls so hard straightens common wire, lb. */
const HARD_PULL_LB = 22;

/** Hook size, wire and belly weight of a lure made up for this water. */
export function chooseHooks(
  f: Family,
  rig: Pick<Rig, 'hook' | 'sizeM' | 'weightKg'>,
  p: SpeciesProfile,
  r: ResolvedConditions,
): HookChoice {
  const pulled = neededLb(p, r) >= HARD_PULL_LB;
  const wireWhy = p.handling.includes('heavy')
    ? 'heavy-fish'
    : pulled
      ? 'pulled-from-cover'
      : isPanfish(p)
        ? 'small-mouths'
        : 'usual';
  return {
    size: f.soft && rig.hook !== 'treble' ? (UP_TO_M.find(([, m]) => rig.sizeM <= m)?.[0] ?? '6/0') : null,
    wire: wireWhy === 'usual' ? 'standard' : wireWhy === 'small-mouths' ? 'light' : 'strong',
    wireWhy,
    bellyKg:
      f.soft && !f.trailers && f.mode === 'swim' && f.build.kind === 'head' && rig.hook === 'weedless'
        ? rig.weightKg
        : null,
  };
}
