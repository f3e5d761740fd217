/** An outfit: rod, reel and line spooled together; and the usual one for a weight where nobody said. */
import type { LineSpec } from './line';
import type { ReelSpec } from './reel';
import type { RodSpec } from './rod';

/** What a lure is thrown with. */
export interface Outfit {
  rod: RodSpec;
  reel: ReelSpec;
  line: LineSpec;
}

/**
 * From light to heavy, each for lures up to its rod's heaviest: lines are those that the hold table takes as usual.
 * prior: judgement.
 */
const USUAL: readonly Outfit[] = [
  {
    rod: { lengthM: 1.98, minLureKg: 0.0005, maxLureKg: 0.007, action: 'moderate' },
    reel: { ratio: 5.2, spoolM: 0.04, arborM: 0.028, capacityM: 120 },
    line: { material: 'braid', strengthLb: 8 },
  },
  {
    rod: { lengthM: 2.13, minLureKg: 0.004, maxLureKg: 0.03, action: 'fast' },
    reel: { ratio: 6.2, spoolM: 0.045, arborM: 0.03, capacityM: 140 },
    line: { material: 'braid', strengthLb: 15 },
  },
  {
    rod: { lengthM: 2.4, minLureKg: 0.02, maxLureKg: 0.06, action: 'fast' },
    reel: { ratio: 5.6, spoolM: 0.05, arborM: 0.034, capacityM: 200 },
    line: { material: 'braid', strengthLb: 20 },
  },
  {
    rod: { lengthM: 3, minLureKg: 0.05, maxLureKg: 0.25, action: 'moderate' },
    reel: { ratio: 5, spoolM: 0.06, arborM: 0.045, capacityM: 300 },
    line: { material: 'braid', strengthLb: 30 },
  },
];
/** Lures below this weight are thrown on the lightest, kg. */
const LIGHT_KG = 0.005;
const HEAVY_KG = [LIGHT_KG, 0.03, 0.06] as const;

/** What a lure of this weight, kg, is usually thrown with. */
export const usualOutfit = (lureKg: number): Outfit => {
  const at = HEAVY_KG.findIndex((limit) => lureKg < limit);
  return USUAL[at < 0 ? USUAL.length - 1 : at]!;
};
