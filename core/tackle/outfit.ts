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

/** From light to heavy, each for lures below a weight, kg. prior: judgement. */
const USUAL: readonly (Outfit & { belowKg: number })[] = [
  {
    belowKg: 0.005,
    rod: { lengthM: 1.98, minLureKg: 0.0005, maxLureKg: 0.007, action: 'moderate' },
    reel: { ratio: 5.2, spoolM: 0.04, arborM: 0.028, capacityM: 120 },
    line: { material: 'braid', strengthLb: 8 },
  },
  {
    belowKg: 0.03,
    rod: { lengthM: 2.13, minLureKg: 0.004, maxLureKg: 0.03, action: 'fast' },
    reel: { ratio: 6.2, spoolM: 0.045, arborM: 0.03, capacityM: 140 },
    line: { material: 'braid', strengthLb: 15 },
  },
  {
    belowKg: 0.06,
    rod: { lengthM: 2.4, minLureKg: 0.02, maxLureKg: 0.06, action: 'fast' },
    reel: { ratio: 5.6, spoolM: 0.05, arborM: 0.034, capacityM: 200 },
    line: { material: 'braid', strengthLb: 20 },
  },
  {
    belowKg: Infinity,
    rod: { lengthM: 3, minLureKg: 0.05, maxLureKg: 0.25, action: 'moderate' },
    reel: { ratio: 5, spoolM: 0.06, arborM: 0.045, capacityM: 300 },
    line: { material: 'braid', strengthLb: 30 },
  },
];

/** What a lure of this weight, kg, is usually thrown with. */
export function usualOutfit(lureKg: number): Outfit {
  const { rod, reel, line } = USUAL.find(({ belowKg }) => lureKg < belowKg)!;
  return { rod, reel, line };
}
