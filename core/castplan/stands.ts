/** Where one can hold the boat or stand to fish a piece. */
import { roundTo } from '../base/numbers';
import { SIDES_OF_PIECE, type SideOfPiece } from '../water/pieces';
import type { Access } from '../water/terms';
import type { Piece } from '../records/piece';
import { inCover, isEdge, lengthOf, middleOf, onLand, onMiddleLine, type Point } from './shape';

/** Looked at so far off the piece's own half, m. */
const OFF_M = [4, 6, 8, 11, 14, 18, 23, 29] as const;
const BEARINGS = 16;
/** A boat keeps so far from what it fishes, m. */
const KEEP_OFF_M = 2;
/** On foot: along the bank every so many metres, so far to each side. */
const BANK_STEP_M = 2;
const BANK_REACH_M = 20;
/** Who stands behind cover that grows from the bank has it between him and the water, m. */
const BANK_BEHIND_M = 1;

const ON_FOOT: ReadonlySet<Access> = new Set(['bank', 'dock', 'jetty', 'surf']);
/** Fished from land: what is left from open water is to the right. */
export const isFromBank = (access: Access): boolean => ON_FOOT.has(access);

/** Of a long piece one says the side of its outer end. */
const OUTER_M = 6;
const nearMiddle = (p: Piece): Point => ({ x: Math.min(middleOf(p).x, OUTER_M), y: 0 });

/** From which side a place looks at the piece. */
export function sideOf(p: Piece, at: Point): SideOfPiece {
  if (isEdge(p.kind)) {
    // Along the edge from one of its ends, or across it from open water; left and right as one looks at it.
    if (at.y > 0) return 'behind';
    if (at.x <= 0) return at.y > at.x ? 'left' : 'left-front';
    if (at.x >= lengthOf(p)) return -at.y < at.x - lengthOf(p) ? 'right' : 'right-front';
    return 'end';
  }
  const m = nearMiddle(p);
  // 0° straight off the outer end, to the right positive.
  const deg = (Math.atan2(at.y - m.y, m.x - at.x) * 180) / Math.PI;
  const off = Math.abs(deg);
  if (off <= 22.5) return 'end';
  if (at.x > lengthOf(p)) return 'behind';
  const front = off <= 67.5;
  return deg < 0 ? (front ? 'left-front' : 'left') : front ? 'right-front' : 'right';
}

/** Half of what one goes round, m. */
const halfM = (p: Piece): number => (lengthOf(p) + p.widthM) / 4;

function around(p: Piece): Point[] {
  const m = middleOf(p);
  const all: Point[] = [];
  for (const off of OFF_M)
    for (let i = 0; i < BEARINGS; i++) {
      const a = (i / BEARINGS) * 2 * Math.PI;
      const r = halfM(p) + off;
      all.push({ x: m.x - r * Math.cos(a), y: m.y + r * Math.sin(a) });
    }
  // Off the ends of a long edge, close beside it: from there a cast runs along it.
  if (isEdge(p.kind))
    for (const off of OFF_M)
      for (const beside of [0.5, 1, 2]) {
        all.push({ x: -off, y: -beside });
        all.push({ x: lengthOf(p) + off, y: -beside });
      }
  return all;
}

const nearCover = (p: Piece, at: Point): boolean =>
  [-1, 0, 1].some((i) =>
    [-1, 0, 1].some((j) => inCover(p, { x: at.x + i * KEEP_OFF_M * 0.99, y: at.y + j * KEEP_OFF_M * 0.99 })),
  );

/** On the stones, on the boards, or on the bank that the piece grows from or lies before. */
function onFoot(p: Piece, access: Access): Point[] {
  if (p.kind === 'jetty') return [0.02, 0.25, 0.5, 0.75].map((x) => onMiddleLine(p, x));
  if (p.kind === 'dock' && access === 'dock') return [0.05, 0.4].map((x) => onMiddleLine(p, x));
  const out: Point[] = [];
  if (isEdge(p.kind)) {
    for (let x = -BANK_REACH_M / 2; x <= lengthOf(p) + BANK_REACH_M / 2; x += BANK_STEP_M)
      out.push({ x, y: p.widthM + BANK_BEHIND_M });
    return out;
  }
  for (let y = -BANK_REACH_M; y <= BANK_REACH_M; y += BANK_STEP_M) out.push({ x: p.lengthM + BANK_BEHIND_M, y });
  return out;
}

/** All places to fish a piece from, of one side only where that is wished. */
export function standsFor(p: Piece, access: Access, side: SideOfPiece | null): Point[] {
  const afloat = !ON_FOOT.has(access);
  const raw = afloat ? around(p) : onFoot(p, access);
  // As it is kept: what is planned before is planned after.
  const kept = raw.map(({ x, y }) => ({ x: roundTo(x, 1), y: roundTo(y, 1) }));
  const all = afloat
    ? kept.filter((at) => !onLand(p, at) && !nearCover(p, at) && !(isEdge(p.kind) && at.y >= 0))
    : kept;
  return side === null ? all : all.filter((at) => sideOf(p, at) === side);
}

/** The sides from which it can be fished at all. */
export const openSides = (p: Piece, access: Access): SideOfPiece[] =>
  SIDES_OF_PIECE.filter((side) => standsFor(p, access, side).length > 0);
