/**
 * A kind of lure at one weight: what the scale says of its size and drag, and the weights that are sold of it. A head
 * of lead keeps its body whatever it weighs; what is of one piece grows in all directions.
 */
import { clamp } from '../base/numbers';
import type { Family } from './family';

/** Weights sold, kg (1/32 … 6 oz). */
export const SOLD_KG = [
  0.9, 1.8, 2.7, 3.5, 5.3, 7.1, 8.9, 10.6, 14.2, 17.7, 21.3, 28.3, 35.4, 42.5, 56.7, 70.9, 85, 113, 170,
].map((g) => g / 1000);

/** Share of the drag of a lure on a lead head that is the head's: the rest is the body's. prior: judgement. */
const HEAD_DRAG = 0.25;
/** Areas of like shapes grow with this power of the weight, lengths with the cube root. */
export const AREA_POWER = 2 / 3;
/** A head of lead that is swum can be kept as much deeper as it is heavier, with this power. prior: judgement. */
const DEEPER_POWER = 0.25;
/** A maker's lure of one weight comes this much shorter and longer. prior: judgement. */
const LENGTH_SLACK = 1.12;

/** Drag area at a weight against that at the family's middle weight: `share` = weight / middle weight. */
export const dragScale = (build: Family['build']['kind'], share: number): number =>
  build === 'piece' ? share ** AREA_POWER : 1 - HEAD_DRAG + HEAD_DRAG * share ** AREA_POWER;

/** Lengths that a lure of one piece has at a weight, m: no longer and no shorter than the family comes in. */
function lengthsAt(f: Family, share: number): Family['lengthM'] {
  if (f.build.kind === 'head' || f.mode === 'tow') return f.lengthM;
  const [lo, mid, hi] = f.lengthM;
  const lengthM = clamp(mid * Math.cbrt(share), lo, hi);
  return [Math.max(lo, lengthM / LENGTH_SLACK), lengthM, Math.min(hi, lengthM * LENGTH_SLACK)];
}

/** Depths it can be worked at, m. */
const depthsAt = (f: Family, share: number): Family['depthM'] =>
  f.mode === 'swim' && f.build.kind === 'head'
    ? [f.depthM[0], Math.max(f.depthM[0], f.depthM[1] * share ** DEEPER_POWER)]
    : f.depthM;

const kept = new WeakMap<Family, Map<number, Family>>();

/** The family as if it came in this one weight, kg; the same object for the same question. */
export function atWeight(f: Family, weightKg: number): Family {
  let known = kept.get(f);
  if (!known) kept.set(f, (known = new Map()));
  let at = known.get(weightKg);
  if (!at) {
    const share = weightKg / f.weightKg[1];
    at = {
      ...f,
      weightKg: [weightKg, weightKg, weightKg],
      atHandKg: undefined,
      lengthM: lengthsAt(f, share),
      depthM: depthsAt(f, share),
      dragAreaM2: f.dragAreaM2 * dragScale(f.build.kind, share),
      liftAreaM2: f.liftAreaM2 * share ** AREA_POWER,
      weightShare: f.weightShare * share,
    };
    known.set(weightKg, at);
  }
  return at;
}

const isOneWeight = (f: Family): boolean => f.weightKg[0] === f.weightKg[2];

/** The weights of a family that can be tied on, kg, lightest first: those at hand, else sold; an own lure's own. */
export const weightsOf = (f: Family): readonly number[] => f.atHandKg ?? soldWeightsKg(f);

/** The weights of a family that are sold, kg, lightest first; an own lure has its own. */
export function soldWeightsKg(f: Family): readonly number[] {
  // What is towed is chosen by its depth and size; a weight on the line does the rest.
  if (isOneWeight(f) || f.mode === 'tow') return [f.weightKg[1]];
  const [lo, , hi] = f.weightKg;
  const sold = SOLD_KG.filter((w) => w >= lo * 0.95 && w <= hi * 1.05);
  return sold.length > 0 ? sold : [f.weightKg[1]];
}
