/** An own lure as its family would be if it came in this one weight, length, colour and hook. */
import { familyById } from './families';
import type { Colour, Family, FamilyId, Hook } from './family';
import { hookSnagRatio } from './hookSnag';

/** A lure of the angler's box. */
export interface OwnLure {
  id: string;
  family: FamilyId;
  weightKg: number;
  lengthM: number;
  hook: Hook;
  /** Null: one of the right colour is there. */
  colour: Colour | null;
  /** Smallest coin; 0: not known. */
  priceMinor: number;
}

/** Hooked per strike with another hook than the family's own, as a ratio. prior: judgement. */
const HOLD: Record<Hook, number> = { treble: 1, single: 0.95, weedless: 0.82 };
/** Areas grow with this power of the weight, as for like shapes. */
const AREA_POWER = 2 / 3;

/** Weights 0.2 g – 0.5 kg, lengths 5 mm – 0.5 m. */
export function familyOfLure(lure: OwnLure): Family {
  const f = familyById(lure.family);
  const weightShare = lure.weightKg / f.weightKg[1];
  const area = weightShare ** AREA_POWER;
  const snagRatio = hookSnagRatio(f.hook, lure.hook);
  return {
    ...f,
    weightKg: [lure.weightKg, lure.weightKg, lure.weightKg],
    lengthM: [lure.lengthM, lure.lengthM, lure.lengthM],
    dragAreaM2: f.dragAreaM2 * area,
    liftAreaM2: f.liftAreaM2 * area,
    hook: lure.hook,
    weedlessToo: lure.hook === 'weedless',
    hooking: lure.hook === f.hook ? f.hooking : (f.hooking * HOLD[lure.hook]) / HOLD[f.hook],
    snag: Object.fromEntries(Object.entries(f.snag).map(([cover, chance]) => [cover, chance * snagRatio])),
    colour: lure.colour,
    weightShare,
  };
}
