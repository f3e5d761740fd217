/** How a lure is tied and hooked on the line in hand, for the fish and the water of the day. */
import type { Family } from '../../core/lures/family';
import { hooksAtHand } from '../../core/lures/terminal';
import { inUse } from '../../core/records';
import { chooseHooks, type HookChoice } from '../../core/ranking/hooks';
import { chooseJoints, type Joints } from '../../core/ranking/joints';
import type { Rig } from '../../core/ranking/rig';
import { weakestLink, type WeakestLink } from '../../core/ranking/weakest';
import type { LineSpec } from '../../core/tackle/line';
import { speciesProfile } from '../../core/water/species';
import { useBookWithoutLog, useConditions } from '../day/contexts';

export interface Tied {
  joints: Joints;
  hooks: HookChoice;
  weakest: WeakestLink;
}

/** Null before the day's reading is there. */
export function useTied(): (f: Family, rig: Pick<Rig, 'hook' | 'sizeM' | 'weightKg'>, line: LineSpec) => Tied | null {
  const { reading, schools } = useConditions();
  const kept = hooksAtHand(inUse(useBookWithoutLog().terminal));
  return (f, rig, line) => {
    if (!reading) return null;
    const species = speciesProfile(reading.species);
    const joints = chooseJoints(f, line, species, reading, schools);
    return { joints, hooks: chooseHooks(f, rig, species, reading, kept), weakest: weakestLink(line, joints) };
  };
}
