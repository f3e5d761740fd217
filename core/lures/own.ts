/** An own lure as its family would be if it came in this one weight, length, colour and hook. */
import { familyById } from './families';
import type { Colour, Family, FamilyId, Hook } from './family';
import { withHook } from './hookSnag';
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

/** Weights 0.2 g – 0.5 kg, lengths 5 mm – 0.5 m. */
export function familyOfLure(lure: OwnLure): Family {
  const f = familyById(lure.family);
  return {
    ...withHook(atWeight(f, lure.weightKg), lure.hook),
    lengthM: [lure.lengthM, lure.lengthM, lure.lengthM],
    weedlessToo: lure.hook === 'weedless',
    colour: lure.colour,
  };
}

/** What is tied on: an own lure as it is, or a kind of lure at the weight that was chosen, kg. */
export const tiedOn = (own: OwnLure | undefined, family: FamilyId, weightKg: number): Family =>
  own ? familyOfLure(own) : atWeight(familyById(family), weightKg);
