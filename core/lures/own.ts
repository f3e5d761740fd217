/** An own lure as its family would be if it came in this one weight, length, colour and hook. */
import { familyById } from './families';
import { asCounted, type Colour, type Counted, type Family, type FamilyId, type Hook } from './family';
import { withHook } from './hookSnag';
import { atWeight } from './weights';

/** A lure of the angler's box. */
export interface OwnLure {
  id: string;
  family: FamilyId;
  weightKg: number;
  lengthM: number;
  hook: Hook;
  /** A body without head or hook: weight and hook are chosen as for its kind. */
  bare?: boolean;
  /** Weights that its rod throws, kg: a bare body gets one of these. */
  throwsKg?: readonly [number, number];
  /** Heads or weights at hand for it, kg; absent or none: any that is sold. */
  atHandKg?: readonly number[];
  /** Thickness of the line on its rod, m; absent: the line in use. */
  lineM?: number;
  /** What the angler's counts say of it; absent: it sinks and dives as its kind does. */
  counted?: Counted;
  /** Null: one of the right colour is there. */
  colour: Colour | null;
  /** Smallest coin; 0: not known. */
  priceMinor: number;
}

/** A bare body comes in the weights that its rod throws and that are at hand. */
function bareFamily(f: Family, { throwsKg, atHandKg = [] }: OwnLure): Family {
  const [from, to] = throwsKg ?? [0, Infinity];
  const [lo, mid, hi] = f.weightKg;
  const thrown = from < hi && to > lo;
  // What is sold counts as within these by a twentieth: the rod's own limits are kept.
  const weightKg = thrown ? ([Math.max(lo, from / 0.95), mid, Math.min(hi, to / 1.05)] as const) : f.weightKg;
  const able = atHandKg.filter((w) => w >= from && w <= to);
  const ofUse = able.length > 0 ? able : atHandKg;
  return { ...f, weightKg, ...(ofUse.length > 0 ? { atHandKg: [...ofUse].sort((a, b) => a - b) } : {}) };
}

/** Weights 0.2 g – 0.5 kg, lengths 5 mm – 0.5 m. */
export function familyOfLure(lure: OwnLure): Family {
  const kind = familyById(lure.family);
  const f = lure.counted ? asCounted(kind, lure.counted) : kind;
  const own = {
    lengthM: [lure.lengthM, lure.lengthM, lure.lengthM] as const,
    colour: lure.colour,
    ...(lure.lineM === undefined ? {} : { lineM: lure.lineM }),
  };
  if (lure.bare) return { ...bareFamily(f, lure), ...own };
  return { ...withHook(atWeight(f, lure.weightKg), lure.hook), weedlessToo: lure.hook === 'weedless', ...own };
}

/** What is tied on: an own lure as it is, or a kind of lure, or a bare body, at the weight that was chosen, kg. */
export function tiedOn(own: OwnLure | undefined, family: FamilyId, weightKg: number): Family {
  if (own && !own.bare) return familyOfLure(own);
  return atWeight(own ? familyOfLure(own) : familyById(family), weightKg);
}

/** About what is thrown, kg: of a bare body the usual weight of its kind. */
export const thrownKg = (lure: Pick<OwnLure, 'bare' | 'family' | 'weightKg'>): number =>
  lure.bare ? familyById(lure.family).weightKg[1] : lure.weightKg;
