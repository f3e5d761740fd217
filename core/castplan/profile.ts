/**
 * A piece of cover from the side, in metres: how deep the bottom and the top of the cover are along a line through it.
 * The line runs along the piece, x as on the plan; of an edge across it, y as on the plan. From the few numbers that
 * are known of it: the shapes between them are usual ones. prior: judgement.
 */
import { clamp } from '../base/numbers';
import type { Piece } from '../records/piece';
import { growsFromBank, isEdge, lengthOf, type Target } from './shape';

type Sized = Pick<Piece, 'kind' | 'lengthM' | 'widthM' | 'depthM' | 'topM' | 'gaps'>;

/** The bottom rises towards the bank to this share of its depth, and the land so high behind it, m. */
const AT_BANK = { share: 0.15, landM: 0.8, withinM: 1.5 } as const;
/** A bed is fanned so deep, m. */
const BED_M = 0.12;
/** What stands above the water: a deck, stones, m. */
const ABOVE_M = { dock: 0.5, jetty: 0.9 } as const;

/** How far the line goes through the piece itself, m. */
export const spanOf = (p: Sized): number => (isEdge(p.kind) ? p.widthM : lengthOf(p));
/** Where on the line a place lies, m. */
export const alongOf = (p: Sized, t: Pick<Target, 'x' | 'y'>): number => (isEdge(p.kind) ? t.y : t.x);

/** From a to b as u goes from one to the other, level outside. */
const ramp = (u: number, [u0, a]: readonly [number, number], [u1, b]: readonly [number, number]): number =>
  a + (b - a) * clamp((u - u0) / (u1 - u0), 0, 1);

/** Depth of the bottom there, m; above the water: less than 0. */
export function floorAtM(p: Sized, u: number): number {
  const [D, T, S] = [p.depthM, Math.min(p.topM, p.depthM), spanOf(p)];
  if (growsFromBank(p.kind)) {
    const atBank = p.kind === 'point' ? 0 : AT_BANK.share * D;
    if (u > S) return ramp(u, [S, atBank], [S + AT_BANK.withinM, -AT_BANK.landM]);
    if (p.kind !== 'point') return ramp(u, [0, D], [S, atBank]);
    return u < S / 2 ? ramp(u, [-S / 5, D], [S / 2, T]) : ramp(u, [S / 2, T], [S, atBank]);
  }
  if (p.kind === 'ledge') return ramp(u, [-S / 8, D], [S / 8, T]);
  if (p.kind === 'bed') return D + (u >= 0 && u <= S ? BED_M * Math.sin((Math.PI * u) / S) : 0);
  return D;
}

/** Depth of the top of the cover there, m, less than 0 above the water; null: there is none. */
export function topAtM(p: Sized, u: number): number | null {
  const [D, T, S] = [p.depthM, Math.min(p.topM, p.depthM), spanOf(p)];
  if (u < 0 || u > S) return null;
  switch (p.kind) {
    case 'laydown':
      return T * (1 - u / S);
    case 'dock':
    case 'jetty':
      return -ABOVE_M[p.kind];
    case 'brush-pile':
    case 'rock-pile':
    case 'oyster-bar':
      // A mound; steeper than it is round.
      return D - (D - T) * Math.sqrt(Math.max(0, 1 - ((2 * u) / S - 1) ** 2));
    case 'pads-edge':
      return 0;
    case 'grass-line':
      return T;
    default:
      return null;
  }
}

/** In its heart a lure comes over the top; beside it, through the middle of the water. */
const OVER_IN = 0.5;
/** Under what stands above the water. */
const UNDER: ReadonlySet<string> = new Set(['under-front', 'under-middle', 'walkway']);

/** How deep a place is drawn, m. */
export function depthOfM(p: Sized, t: Target): number {
  const u = alongOf(p, t);
  const floor = Math.max(0.1, floorAtM(p, u));
  const top = UNDER.has(t.id) ? null : topAtM(p, u);
  if (top !== null && t.in >= OVER_IN && (isEdge(p.kind) || t.y === 0)) return clamp(top, 0, floor);
  return floor / 2;
}
