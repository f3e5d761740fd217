/**
 * From reel to lure: is the line strong enough and not too thick, what leader, which knot for which joint, snap or
 * direct, wire for teeth. Knots by their usual names. prior: judgement, from what is common practice; strengths are
 * classes printed on spools.
 */
import type { Family } from '../lures/family';
import type { Schools } from './schools';
import type { SpeciesProfile } from '../water/species';
import type { LineSpec } from '../tackle/line';
import { rodFit, type RodSpec } from '../tackle/rod';
import type { ResolvedConditions } from '../water/resolve';

/** Knots that are advised. */
export const KNOTS = [
  'double-uni',
  'fg',
  'albright',
  'improved-clinch',
  'palomar',
  'non-slip-loop',
  'haywire-twist',
] as const;
export type Knot = (typeof KNOTS)[number];
/** How the lure is fastened. */
export const ENDS = ['direct', 'loop', 'snap', 'swivel'] as const;
export type End = (typeof ENDS)[number];

/** A leader between main line and lure. */
export interface Leader {
  material: 'fluorocarbon' | 'nylon' | 'wire';
  strengthLb: number;
  lengthM: number;
}

/** What stands between main line and lure, and why. */
export interface Joints {
  leader: Leader | null;
  /** Main line to leader; null without one. */
  toLeader: Knot | null;
  end: End;
  toLure: Knot;
  /** Why there is a leader, or none. */
  leaderWhy: 'teeth' | 'abrasion' | 'clear' | 'breaks-first' | 'shock' | 'same-line';
  endWhy: 'wobbles' | 'spins' | 'straight' | 'plain';
}

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

/** Line that fish of this kind ask for in open water, lb; hard pullers more. */
const OPEN_LB: Record<SpeciesProfile['teeth'], number> = { none: 8, rasp: 8, sharp: 8, cutting: 15 };
const HEAVY_LB = 20;
/** Cover that fish must be pulled out of multiplies it. */
const COVER_PULLS: Partial<Record<ResolvedConditions['cover']['kind'], number>> = {
  pads: 3,
  'matted-grass': 4,
  'submerged-grass': 1.6,
  reeds: 2.2,
  wood: 2,
  brush: 2.2,
  dock: 1.8,
  rock: 1.3,
  oyster: 1.8,
};
const PANFISH_LB = 4;
const PANFISH_PREY_M = 0.05;

/** Weakest class that suits fish and cover, lb, 2–80. */
export function neededLb(p: SpeciesProfile, r: ResolvedConditions): number {
  const open =
    p.preyLengthM[1] < PANFISH_PREY_M ? PANFISH_LB : p.handling.includes('heavy') ? HEAVY_LB : OPEN_LB[p.teeth];
  const pull = 1 + ((COVER_PULLS[r.cover.kind] ?? 1) - 1) * r.cover.density;
  return Math.min(80, open * pull * (r.setting === 'jetty' || r.setting === 'surf' ? 1.3 : 1));
}

/** Lines as thick as this kill the fall or the dive of a light lure, lb of braid equal. */
const THICK_FOR_KG: readonly (readonly [lureKg: number, lb: number])[] = [
  [0.003, 10],
  [0.007, 18],
  [0.012, 30],
  [0.03, 60],
];

const wireNeeded = (p: SpeciesProfile): boolean => p.teeth === 'cutting';

/** Leader, knots and end of the line for a lure, a fish and a water. */
export function chooseJoints(
  f: Family,
  line: LineSpec,
  p: SpeciesProfile,
  r: ResolvedConditions,
  schools: Pick<Schools, 'line'>,
): Joints {
  const needLb = Math.round(neededLb(p, r));
  const end: Joints['end'] =
    f.liftAreaM2 > 0 || f.mode === 'surface'
      ? wireNeeded(p)
        ? 'snap'
        : 'loop'
      : f.id === 'inline-spinner' || f.mode === 'tow'
        ? 'swivel'
        : 'direct';
  const endWhy: Joints['endWhy'] =
    end === 'swivel'
      ? 'spins'
      : end === 'loop' || end === 'snap'
        ? 'wobbles'
        : f.mode === 'bottom'
          ? 'straight'
          : 'plain';
  const braided = line.material === 'braid';
  const toLure: Knot =
    end === 'loop' ? 'non-slip-loop' : braided || f.mode === 'bottom' ? 'palomar' : 'improved-clinch';
  if (wireNeeded(p))
    return {
      leader: { material: 'wire', strengthLb: Math.max(30, needLb), lengthM: 0.3 },
      toLeader: 'albright',
      end: end === 'direct' ? 'direct' : 'snap',
      toLure: 'haywire-twist',
      leaderWhy: 'teeth',
      endWhy,
    };
  if (f.id === 'carolina-rig')
    return {
      leader: { material: 'fluorocarbon', strengthLb: Math.max(6, Math.round(line.strengthLb * 0.75)), lengthM: 0.7 },
      toLeader: 'improved-clinch',
      end: 'swivel',
      toLure: 'palomar',
      leaderWhy: 'breaks-first',
      endWhy: 'spins',
    };
  const rough =
    r.cover.kind === 'rock' ||
    r.cover.kind === 'oyster' ||
    r.bottom === 'rock' ||
    r.bottom === 'shell' ||
    p.teeth === 'rasp' ||
    p.teeth === 'sharp';
  const thickCover = r.cover.kind === 'pads' || r.cover.kind === 'matted-grass';
  if (!braided || (thickCover && f.mode === 'surface') || schools.line === 'fluorocarbon')
    return {
      leader: null,
      toLeader: null,
      end,
      toLure: schools.line === 'fluorocarbon' && toLure === 'palomar' ? 'improved-clinch' : toLure,
      leaderWhy: 'same-line',
      endWhy,
    };
  const far = r.setting === 'surf' || r.setting === 'jetty';
  const strengthLb = far ? Math.max(20, needLb) : Math.max(6, Math.min(Math.round(needLb), line.strengthLb));
  return {
    leader: {
      material: f.mode === 'surface' ? 'nylon' : 'fluorocarbon',
      strengthLb,
      lengthM: far ? 1.2 : r.clarityM > 1.5 ? 1.5 : 0.7,
    },
    toLeader: strengthLb >= 30 ? 'fg' : 'double-uni',
    end,
    toLure: end === 'loop' ? 'non-slip-loop' : 'improved-clinch',
    leaderWhy: far ? 'shock' : rough ? 'abrasion' : 'clear',
    endWhy,
  };
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
    const needLb = neededLb(p, r);
    if (line.strengthLb < 0.7 * needLb)
      faults.push({
        code: 'line-too-weak',
        facts: { hasLb: line.strengthLb, needLb: Math.round(needLb), cover: r.cover.kind },
      });
    const most = THICK_FOR_KG.find(([kg]) => weightKg <= kg)?.[1] ?? Infinity;
    const asBraidLb = line.strengthLb * (line.material === 'braid' ? 1 : 2.2);
    if (asBraidLb > most * 1.35 && line.strengthLb > needLb)
      faults.push({ code: 'line-too-thick', facts: { hasLb: line.strengthLb, weightKg } });
    if (line.material === 'braid' && f.hook === 'treble' && p.softMouth)
      faults.push({ code: 'drag-of-braid', facts: {} });
  }
  if (wireNeeded(p) && tackle.wired === false) faults.push({ code: 'no-wire', facts: {} });
  return faults;
}
