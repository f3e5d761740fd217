/** What does not go together, said before it costs a fish. prior: judgement. */
import type { Family } from '../lures/family';
import type { LineSpec } from '../tackle/line';
import { rodFit, type RodSpec } from '../tackle/rod';
import type { ResolvedConditions } from '../water/resolve';
import type { SpeciesProfile } from '../water/species';
import { neededLb, wireNeeded } from './pull';

/** What can be wrong with lure, line and rod together. */
export const PAIRING_FAULTS = [
  'rod-too-light',
  'rod-too-heavy',
  'line-too-weak',
  'line-too-thick',
  'no-wire',
  'drag-of-braid',
] as const;
/** One such fault with its figures, SI. */
export type PairingFault = { code: (typeof PAIRING_FAULTS)[number]; facts: Record<string, number | string> };

/** Lines as thick as this kill the fall or the dive of a light lure, lb of braid equal. */
const THICK_FOR_KG: readonly (readonly [lureKg: number, lb: number])[] = [
  [0.003, 10],
  [0.007, 18],
  [0.012, 30],
  [0.03, 60],
];

/** A line weaker than this share of what is asked for breaks; one thicker than this of what a lure bears spoils it. */
const WEAK = 0.7;
const THICK = 1.35;
const asBraidLb = (line: LineSpec): number => line.strengthLb * (line.material === 'braid' ? 1 : 2.2);

/** Whether a line holds these fish in this cover. */
export const lineHolds = (line: LineSpec, p: SpeciesProfile, r: ResolvedConditions): boolean =>
  line.strengthLb >= WEAK * neededLb(p, r);

/** Whether a line lets a lure of this weight, kg, fly and fall, or must be as thick as it is to hold the fish. */
export function lineLets(line: LineSpec, weightKg: number, p: SpeciesProfile, r: ResolvedConditions): boolean {
  const most = THICK_FOR_KG.find(([kg]) => weightKg <= kg)?.[1] ?? Infinity;
  return asBraidLb(line) <= most * THICK || line.strengthLb <= neededLb(p, r);
}

/** What is wrong between rod, line, lure, fish and cover, before it costs a fish. `wired`: a wire trace will be on. */
export function pairingFaults(
  f: Family,
  weightKg: number,
  tackle: { rod: RodSpec | null; line: LineSpec | null; wired?: boolean },
  p: SpeciesProfile,
  r: ResolvedConditions,
): PairingFault[] {
  const faults: PairingFault[] = [];
  const { rod, line } = tackle;
  if (rod) {
    const fit = rodFit(rod, weightKg);
    if (fit !== 'fits')
      faults.push({
        code: fit === 'too-heavy' ? 'rod-too-light' : 'rod-too-heavy',
        facts: { weightKg, minKg: rod.minLureKg, maxKg: rod.maxLureKg },
      });
  }
  if (line) {
    if (!lineHolds(line, p, r))
      faults.push({
        code: 'line-too-weak',
        facts: { hasLb: line.strengthLb, needLb: Math.round(neededLb(p, r)), cover: r.cover.kind },
      });
    if (!lineLets(line, weightKg, p, r))
      faults.push({ code: 'line-too-thick', facts: { hasLb: line.strengthLb, weightKg } });
    if (line.material === 'braid' && f.hook === 'treble' && p.softMouth)
      faults.push({ code: 'drag-of-braid', facts: {} });
  }
  if (wireNeeded(p) && tackle.wired === false) faults.push({ code: 'no-wire', facts: {} });
  return faults;
}
