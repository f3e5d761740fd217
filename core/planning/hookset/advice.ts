/**
 * Setting the hook and the drag, from the springs in between: the line (EA/L) and the rod in series take up the sweep
 * of the hands,
 *   sweep = F·(L/EA + 1/k)     for the force F that the hook wants,
 * and a fish's lunge of a metre near the angler adds 1/(L/EA + 1/k) of pull before the drag gives. Static: no swing of
 * the rod, no water drag on a moving line (both help near and hinder far). Forces that hooks want and mouths bear are
 * prior: judgement; ± 40 %.
 */
import type { Family, Hook } from '../../lures/family';
import type { SpeciesProfile } from '../../water/species';
import { hookSet } from '../../simulation/steady';
import { NEWTON_PER_LB, linePhysics, type LineSpec } from '../../tackle/line';
import { rodStiffnessNpm, type RodSpec } from '../../tackle/rod';
import type { HookWire } from '../../ranking/hooks';
import type { WeakestLink } from '../../ranking/weakest';

/** Ways of setting a hook. */
export const SET_WAYS = [
  'wait-longer',
  'wait-for-weight',
  'reel-then-lift',
  'sweep',
  'hard',
  'lift',
  'lift-and-wind',
] as const;
export type SetWay = (typeof SET_WAYS)[number];

/** How and when to set the hook, and how to set the drag for it. */
export interface HookSetAdvice {
  way: SetWay;
  /** From the bite to the set, s. */
  waitS: readonly [number, number];
  /** What the hook wants at its point, N. */
  neededN: number;
  /** Movement of the rod tip that brings it there, m, at the end of the cast and close by. */
  sweepFarM: number;
  sweepNearM: number;
  /** More than one sweep of this rod can do at that range: reel down first, and strike twice. */
  tooFar: boolean;
  /** Longest range at which one good sweep still does it, m. */
  reachM: number;
  /** Drag, N, and what share that is of the pull that breaks the weakest link. */
  dragN: number;
  dragShare: number;
  /** What bounds it: the weakest link, the hook's wire, or the mouth. */
  dragBy: 'link' | 'hook' | 'mouth';
  weakest: WeakestLink;
  /** Pull that a metre's lunge near the angler adds, N, on this line and on nylon of the same strength. */
  lungeN: number;
  lungeOnNylonN: number;
}

/** Force at the point, N: fine trebles slide in, a weedless hook must come out of its bait and through the jaw. */
const NEEDED_N: Record<Hook, number> = { treble: 7, single: 14, weedless: 26 };
/** Pull that opens or tears out the hook, N. */
const HOLDS_N: Record<Hook, number> = { treble: 32, single: 55, weedless: 90 };
/** A paper mouth tears at about this, N. */
const SOFT_MOUTH_N = 13;
/** How much easier thin wire goes in, and how much sooner it opens. */
const WIRE_NEEDS: Record<HookWire, number> = { light: 0.75, standard: 1, strong: 1.2 };
const WIRE_HOLDS: Record<HookWire, number> = { light: 0.6, standard: 1, strong: 1.6 };
/** Share of the weakest link that the drag may have, a quarter to a third: less on a line that does not give. */
const LINK_SHARE = { braid: 0.25, fluorocarbon: 0.3, nylon: 0.33, 'lead-core': 0.25 } as const;
/** Of what the hook or the mouth holds, so much by the drag; the rest is for lunges. */
const OF_HOLD = 0.5;
/** What two arms and this much rod can move the tip in one sweep. */
const sweepOfRodM = (rod: RodSpec): number => 0.75 * rod.lengthM + 0.3;
/** Line out beside the boat or the bank, m. */
const NEAR_M = 4;

function wayOf(
  f: Pick<Family, 'id' | 'mode' | 'hook'>,
  softMouth: boolean,
): { way: SetWay; waitS: readonly [number, number] } {
  if (f.id === 'hollow-frog') return { way: 'wait-longer', waitS: [1, 2] };
  if (f.mode === 'surface') return { way: 'wait-for-weight', waitS: [0.5, 1] };
  if (f.mode === 'float') return { way: 'reel-then-lift', waitS: [0.5, 1.5] };
  if (softMouth) return { way: 'lift', waitS: [0, 0.5] };
  // Below the rod there is no side to sweep to.
  if (f.mode === 'vertical') return { way: 'lift-and-wind', waitS: [0, 0.5] };
  if (f.hook === 'treble') return { way: 'sweep', waitS: [0, 0.5] };
  return f.hook === 'weedless' ? { way: 'hard', waitS: [0.3, 1] } : { way: 'sweep', waitS: [0, 0.5] };
}

/** What the advice depends on. */
export interface HookSetQuestion {
  family: Pick<Family, 'id' | 'mode' | 'hook'>;
  species: Pick<SpeciesProfile, 'softMouth'>;
  rod: RodSpec;
  line: LineSpec;
  /** What breaks first between reel and lure (see weakestLink). */
  weakest: WeakestLink;
  wire: HookWire;
  /** Where the fish may take it, m: the length of the cast. */
  castM: number;
}

/** How to set the hook and the drag, from hook, line, rod and distance; forces in N. */
export function adviseHookSet({ family, species, rod, line, weakest, wire, castM }: HookSetQuestion): HookSetAdvice {
  const physics = linePhysics(line);
  const k = rodStiffnessNpm(rod);
  const neededN = WIRE_NEEDS[wire] * NEEDED_N[family.hook];
  const sweepAt = (lengthM: number): number => neededN * (lengthM / physics.stiffnessN + 1 / k);
  const most = sweepOfRodM(rod);
  const strengthN = weakest.strengthLb * NEWTON_PER_LB;
  const bounds = [
    ['link', LINK_SHARE[line.material] * strengthN],
    ['hook', OF_HOLD * WIRE_HOLDS[wire] * HOLDS_N[family.hook]],
    ['mouth', species.softMouth ? OF_HOLD * SOFT_MOUTH_N : Infinity],
  ] as const;
  const [dragBy, dragN] = bounds.reduce((a, b) => (b[1] < a[1] ? b : a));
  const lunge = (l: LineSpec): number =>
    hookSet({ line: linePhysics(l), lineLengthM: NEAR_M, sweepM: 1, rodStiffnessNpm: k }).forceN;
  return {
    ...wayOf(family, species.softMouth),
    neededN,
    sweepFarM: sweepAt(castM),
    sweepNearM: sweepAt(NEAR_M),
    tooFar: sweepAt(castM) > most,
    reachM: Math.max(0, (most / neededN - 1 / k) * physics.stiffnessN),
    dragN,
    dragShare: dragN / strengthN,
    dragBy,
    weakest,
    lungeN: lunge(line),
    lungeOnNylonN: lunge({ ...line, material: 'nylon' }),
  };
}
