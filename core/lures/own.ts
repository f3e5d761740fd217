/** An own lure as its family would be if it came in this one weight, length, colour and hook. */
import { familyById } from './families';
import type { Colour, Family, FamilyId, Hook } from './family';
import { hookSnagRatio } from './hookSnag';
import { atWeight } from './weights';

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

/** Weights 0.2 g – 0.5 kg, lengths 5 mm – 0.5 m. */
export function familyOfLure(lure: OwnLure): Family {
  const f = familyById(lure.family);
  const snagRatio = hookSnagRatio(f.hook, lure.hook);
  return {
    ...atWeight(f, lure.weightKg),
    lengthM: [lure.lengthM, lure.lengthM, lure.lengthM],
    hook: lure.hook,
    weedlessToo: lure.hook === 'weedless',
    hooking: lure.hook === f.hook ? f.hooking : (f.hooking * HOLD[lure.hook]) / HOLD[f.hook],
    snag: Object.fromEntries(Object.entries(f.snag).map(([cover, chance]) => [cover, chance * snagRatio])),
    colour: lure.colour,
  };
}
