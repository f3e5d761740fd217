/**
 * The hook for a body of soft plastic, or the strength of the hooks a hard lure carries: size by the length of the
 * body, wire by fish and line, weight on its shank where the head is taken off to hide the point. prior: judgement.
 */
import type { Family } from '../lures/family';
import { HOOK_SIZES, type HookSize } from '../lures/terminal';
import type { SpeciesProfile } from '../water/species';
import type { ResolvedConditions } from '../water/resolve';
import { isPanfish, neededLb } from './pull';
import type { Rig } from './rig';

/** How strong the hook's wire is. */
export const HOOK_WIRES = ['light', 'standard', 'strong'] as const;
export type HookWire = (typeof HOOK_WIRES)[number];

/** What to hook a lure with. */
export interface HookChoice {
  /** Null: the lure comes with its own. */
  size: HookSize | null;
  /** The size that would be best, where hooks are kept and this one is not among them. */
  lacks: HookSize | null;
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

/** A hook one size off still does. */
const NEAR = 1;

/** Of the sizes at hand the nearest that does; the best one where none does, or where none are kept. */
function atHand(best: HookSize, sizes: readonly HookSize[]): Pick<HookChoice, 'size' | 'lacks'> {
  if (sizes.length === 0 || sizes.includes(best)) return { size: best, lacks: null };
  const off = (s: HookSize): number => Math.abs(HOOK_SIZES.indexOf(s) - HOOK_SIZES.indexOf(best));
  const near = [...sizes].sort((a, b) => off(a) - off(b))[0]!;
  return { size: off(near) <= NEAR ? near : best, lacks: best };
}

/** Hook size, wire and belly weight of a lure made up for this water; of the hooks at hand, if any are kept. */
export function chooseHooks(
  f: Family,
  rig: Pick<Rig, 'hook' | 'sizeM' | 'weightKg'>,
  p: SpeciesProfile,
  r: ResolvedConditions,
  kept: readonly HookSize[] = [],
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
    ...(f.soft && rig.hook !== 'treble'
      ? atHand(UP_TO_M.find(([, m]) => rig.sizeM <= m)?.[0] ?? '6/0', kept)
      : { size: null, lacks: null }),
    wire: wireWhy === 'usual' ? 'standard' : wireWhy === 'small-mouths' ? 'light' : 'strong',
    wireWhy,
    bellyKg:
      f.soft && !f.trailers && f.mode === 'swim' && f.build.kind === 'head' && rig.hook === 'weedless'
        ? rig.weightKg
        : null,
  };
}
