/**
 * The weakest link between reel and lure: line, knot to the leader, leader, knot at the lure. The drag is set by it,
 * not by what stands on the spool. What knots keep of the line they are tied in is prior: for a knot tied wet and drawn
 * down slowly; a hasty one keeps half.
 */
import type { LineSpec } from '../tackle/line';
import type { Joints, Knot } from './joints';

/** Share of the line's strength that a knot keeps. */
export const KNOT_KEEPS: Record<Knot, number> = {
  fg: 0.95,
  'haywire-twist': 0.9,
  palomar: 0.9,
  'improved-clinch': 0.85,
  'non-slip-loop': 0.85,
  'double-uni': 0.8,
  albright: 0.8,
};

/** What breaks first, what it is tied in, and at what pull. */
export interface WeakestLink {
  part: 'knot-to-leader' | 'knot-at-lure';
  knot: Knot;
  /** Class of what it is tied in, lb: the line, or the leader where there is one. */
  tiedInLb: number;
  /** Whether that is the leader. */
  inLeader: boolean;
  /** Pull at which it breaks, lb. */
  strengthLb: number;
}

/** A knot keeps less than all: one of the two is always the weakest. */
export function weakestLink(line: LineSpec, joints: Pick<Joints, 'leader' | 'toLeader' | 'toLure'>): WeakestLink {
  const { leader, toLeader, toLure } = joints;
  const endLb = leader?.strengthLb ?? line.strengthLb;
  const atLure: WeakestLink = {
    part: 'knot-at-lure',
    knot: toLure,
    tiedInLb: endLb,
    inLeader: leader !== null,
    strengthLb: KNOT_KEEPS[toLure] * endLb,
  };
  if (!leader || !toLeader) return atLure;
  const weakerLb = Math.min(line.strengthLb, leader.strengthLb);
  const between: WeakestLink = {
    part: 'knot-to-leader',
    knot: toLeader,
    tiedInLb: weakerLb,
    inLeader: leader.strengthLb <= line.strengthLb,
    strengthLb: KNOT_KEEPS[toLeader] * weakerLb,
  };
  return between.strengthLb <= atLure.strengthLb ? between : atLure;
}
