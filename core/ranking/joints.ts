/**
 * From reel to lure: what leader, which knot for which joint, snap or tied, wire for teeth. Knots by their usual names.
 * prior: judgement, from what is common practice; strengths are classes printed on spools.
 */
import type { Family } from '../lures/family';
import type { Schools } from './schools';
import type { SpeciesProfile } from '../water/species';
import type { LineSpec } from '../tackle/line';
import type { ResolvedConditions } from '../water/resolve';
import type { SpeciesId } from '../water/terms';
import { isFar, neededLb, wireNeeded } from './pull';

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

/** Why there is a leader, or none. */
export type LeaderWhy =
  'teeth' | 'abrasion' | 'clear' | 'breaks-first' | 'shock' | 'cover' | 'same-line' | 'straight-in-cover';

/** What stands between main line and lure, and why. */
export interface Joints {
  leader: Leader | null;
  /** Main line to leader; null without one. */
  toLeader: Knot | null;
  end: End;
  toLure: Knot;
  leaderWhy: LeaderWhy;
  endWhy: 'wobbles' | 'spins' | 'straight' | 'plain' | 'small';
}

/** Strengths leaders are sold in, lb. */
const LEADERS_LB = [4, 6, 8, 10, 12, 15, 20, 25, 30, 40, 50, 60, 80] as const;
/** The weakest sold that holds so many lb. */
const leaderLb = (lb: number): number => LEADERS_LB.find((x) => x >= lb - 1e-9) ?? LEADERS_LB.at(-1)!;
/** A knot takes a fifth of what it is tied in: the leader makes up for it. */
const FOR_THE_KNOT = 1.25;

/** A leader bears the throw of so much lure for each pound, kg. */
const THROWN_KG_PER_LB = 0.0028;

/** Below a boat in clear water, lb, by how wary and how strong. */
const BELOW_LB: Partial<Record<SpeciesId, number>> = { 'lake-trout': 15, 'coho-salmon': 20, 'chinook-salmon': 25 };
const BELOW_M = 2.1;
/** From this clarity on what is near the lure is looked at, m. */
const CLEAR_M = 1.5;
/** Standing cover as thick as this is fished with a heavy leader, or none. */
const THICK = 0.3;
/** Braid goes straight into what lies on top; into wood and under docks from this strength on, lb. */
const STRAIGHT_LB = 50;
const ON_TOP: readonly string[] = ['pads', 'matted-grass'];
const STANDING: readonly string[] = ['wood', 'brush', 'dock', 'reeds'];
/** A snap is a part of the weight of anything lighter, kg. */
const SNAP_FROM_KG = 0.004;

function endOf(f: Family, wired: boolean): Pick<Joints, 'end' | 'endWhy'> {
  if (f.id === 'inline-spinner' || f.id === 'towed-natural-bait') return { end: 'swivel', endWhy: 'spins' };
  const hard = f.build.kind === 'piece' && !f.soft && f.hook !== 'weedless' && f.id !== 'buzzbait';
  if (!hard) return { end: 'direct', endWhy: f.mode === 'bottom' ? 'straight' : 'plain' };
  if (f.weightKg[1] < SNAP_FROM_KG && !wired) return { end: 'loop', endWhy: 'small' };
  return { end: 'snap', endWhy: 'wobbles' };
}

const roughOf = (p: SpeciesProfile, r: ResolvedConditions): boolean =>
  r.cover.kind === 'rock' ||
  r.cover.kind === 'oyster' ||
  r.bottom === 'rock' ||
  r.bottom === 'shell' ||
  p.teeth === 'rasp' ||
  p.teeth === 'sharp';

/** The leader for a lure on a line, or why there is none. Teeth are asked about before. */
function leaderOf(
  f: Family,
  line: LineSpec,
  p: SpeciesProfile,
  r: ResolvedConditions,
  schools: Pick<Schools, 'line'>,
): { leader: Leader | null; why: LeaderWhy } {
  const needLb = Math.max(neededLb(p, r), f.weightKg[1] / THROWN_KG_PER_LB);
  if (f.id === 'carolina-rig') {
    const strengthLb = Math.max(6, Math.min(leaderLb(line.strengthLb * 0.7), line.strengthLb));
    return { leader: { material: 'fluorocarbon', strengthLb, lengthM: 0.7 }, why: 'breaks-first' };
  }
  if (line.material !== 'braid' || schools.line === 'fluorocarbon') return { leader: null, why: 'same-line' };
  const standing = STANDING.includes(r.cover.kind) && r.cover.density >= THICK;
  if (ON_TOP.includes(r.cover.kind) || (standing && line.strengthLb >= STRAIGHT_LB))
    return { leader: null, why: 'straight-in-cover' };
  if (isFar(r)) {
    const strengthLb = Math.max(20, leaderLb(needLb * FOR_THE_KNOT));
    return {
      leader: { material: f.mode === 'surface' ? 'nylon' : 'fluorocarbon', strengthLb, lengthM: 1.2 },
      why: 'shock',
    };
  }
  const below = f.mode === 'vertical' || f.mode === 'tow';
  const wanted = below && BELOW_LB[r.species] ? BELOW_LB[r.species]! : leaderLb(needLb * FOR_THE_KNOT);
  return {
    leader: {
      // Fluorocarbon sinks, and would pull down the nose of what floats.
      material: f.mode === 'surface' ? 'nylon' : 'fluorocarbon',
      // In standing cover as strong as the line is; elsewhere never stronger than it.
      strengthLb: standing ? Math.max(wanted, leaderLb(0.75 * line.strengthLb)) : Math.min(wanted, line.strengthLb),
      lengthM: below && r.clarityM > CLEAR_M ? BELOW_M : standing ? 0.5 : r.clarityM > CLEAR_M ? 1.5 : 0.7,
    },
    why: standing ? 'cover' : roughOf(p, r) ? 'abrasion' : 'clear',
  };
}

/** Leader, knots and end of the line for a lure, a fish and a water. */
export function chooseJoints(
  f: Family,
  line: LineSpec,
  p: SpeciesProfile,
  r: ResolvedConditions,
  schools: Pick<Schools, 'line'>,
): Joints {
  if (wireNeeded(p)) {
    const { end, endWhy } = endOf(f, true);
    return {
      leader: { material: 'wire', strengthLb: Math.max(30, leaderLb(neededLb(p, r))), lengthM: 0.3 },
      toLeader: 'albright',
      end,
      toLure: 'haywire-twist',
      leaderWhy: 'teeth',
      endWhy,
    };
  }
  const { leader, why } = leaderOf(f, line, p, r, schools);
  const { end, endWhy }: Pick<Joints, 'end' | 'endWhy'> =
    f.id === 'carolina-rig' ? { end: 'swivel', endWhy: 'spins' } : endOf(f, false);
  // A Palomar grips braid; it wants a thick doubled end, which stiff leader makes clumsy.
  const toLure: Knot =
    end === 'loop'
      ? 'non-slip-loop'
      : f.id === 'carolina-rig' ||
          (leader === null && schools.line !== 'fluorocarbon' && (line.material === 'braid' || f.mode === 'bottom'))
        ? 'palomar'
        : 'improved-clinch';
  return {
    leader,
    toLeader:
      leader === null
        ? null
        : end === 'swivel' && f.id === 'carolina-rig'
          ? 'improved-clinch'
          : leader.strengthLb >= 30
            ? 'fg'
            : 'double-uni',
    end,
    toLure,
    leaderWhy: why,
    endWhy,
  };
}
