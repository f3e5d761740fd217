/**
 * A piece of cover on the plan, in metres: its outer end, or the near end of its edge, is at (0, 0), x runs in from
 * there or along the edge, y to the right as seen from open water. What is cover, what is land, and the places on it
 * that are worth a cast. prior: judgement, as practised anglers go over such a piece.
 */
import type { Piece } from '../records/piece';
import { acrossAt, insideOutline, outlineOf } from './outline';
import type { Flow, PieceKind, TargetId } from '../water/pieces';
import type { CoverKind } from '../water/terms';

export interface Point {
  x: number;
  y: number;
}

/** A place worth a cast. */
export interface Target extends Point {
  id: TargetId;
  /** How far in it is: 0 on the open side … 1 in its heart. */
  in: number;
  /** It is a stretch of an edge that runs along x: a cast along it fishes it longest. */
  along: boolean;
}

/** What a piece is made of, for hooks and lures. */
export const COVER_OF: Record<PieceKind, CoverKind> = {
  laydown: 'wood',
  dock: 'dock',
  'brush-pile': 'brush',
  'pads-edge': 'pads',
  'grass-line': 'submerged-grass',
  point: 'none',
  ledge: 'none',
  'rock-pile': 'rock',
  'oyster-bar': 'oyster',
  jetty: 'rock',
  seam: 'none',
  bed: 'none',
};

/** Pieces that are an edge: cover, or the shallow side, lies to the right of it. */
const EDGES: ReadonlySet<PieceKind> = new Set(['pads-edge', 'grass-line', 'ledge', 'seam']);
export const isEdge = (kind: PieceKind): boolean => EDGES.has(kind);
/** Pieces that begin on the bank: land lies behind their inner end. */
const FROM_BANK: ReadonlySet<PieceKind> = new Set(['laydown', 'dock', 'point', 'jetty']);
export const growsFromBank = (kind: PieceKind): boolean => FROM_BANK.has(kind);

/** Shorter than this a piece has no middle that is thrown at by itself, m. */
const SHORT_M = 4;

type Row = readonly [id: TargetId, x: number, y: number, inward: number, along?: true];

/** Places of each kind: x in lengths, y in widths, how far in. */
const ROWS: Record<PieceKind, readonly Row[]> = {
  laydown: [
    ['tip', 0, 0, 0],
    ['outer-left', 0.15, -0.5, 0.1],
    ['outer-right', 0.15, 0.5, 0.1],
    ['middle-left', 0.48, -0.4, 0.5],
    ['middle-right', 0.48, 0.4, 0.5],
    ['inner-left', 0.78, -0.28, 0.8],
    ['inner-right', 0.78, 0.28, 0.8],
    ['trunk', 0.6, 0, 0.9],
    ['root', 0.95, 0, 1],
  ],
  dock: [
    ['corner-left', 0, -0.5, 0.1],
    ['corner-right', 0, 0.5, 0.1],
    ['face', 0, 0, 0.25],
    ['side-left', 0.45, -0.5, 0.4],
    ['side-right', 0.45, 0.5, 0.4],
    ['under-front', 0.18, 0, 0.75],
    ['under-middle', 0.55, 0, 1],
    ['walkway', 0.88, 0, 0.8],
  ],
  'brush-pile': [
    ['front', 0, 0, 0.1],
    ['side-left', 0.5, -0.5, 0.2],
    ['side-right', 0.5, 0.5, 0.2],
    ['over', 0.35, 0, 0.5],
    ['heart', 0.6, 0, 1],
    ['back', 1, 0, 0.3],
  ],
  'pads-edge': [
    ['corner', 0, 0, 0.1],
    ['stretch-1', 0.2, 0, 0.2, true],
    ['stretch-2', 0.5, 0, 0.2, true],
    ['stretch-3', 0.8, 0, 0.2, true],
    ['turn', 1, 0, 0.3],
    ['inside', 0.5, 0.6, 1],
  ],
  'grass-line': [
    ['corner', 0, 0, 0.1],
    ['stretch-1', 0.2, 0, 0.2, true],
    ['stretch-2', 0.5, 0, 0.2, true],
    ['stretch-3', 0.8, 0, 0.2, true],
    ['turn', 1, 0, 0.3],
    ['top', 0.5, 0.5, 0.7],
  ],
  point: [
    ['drop', -0.2, 0, 0.05],
    ['tip', 0.05, 0, 0.15],
    ['shoulder-left', 0.4, -0.4, 0.4],
    ['shoulder-right', 0.4, 0.4, 0.4],
    ['top', 0.45, 0, 0.5],
    ['base-left', 0.8, -0.5, 0.7],
    ['base-right', 0.8, 0.5, 0.7],
  ],
  ledge: [
    ['end', 0, 0, 0.1],
    ['stretch-1', 0.2, 0, 0.2, true],
    ['stretch-2', 0.5, 0, 0.2, true],
    ['stretch-3', 0.8, 0, 0.2, true],
    ['top', 0.5, 0.5, 0.4],
    ['foot', 0.5, -0.5, 0.7],
  ],
  'rock-pile': [
    ['front', 0, 0, 0.1],
    ['side-left', 0.5, -0.5, 0.2],
    ['side-right', 0.5, 0.5, 0.2],
    ['over', 0.4, 0, 0.5],
    ['heart', 0.6, 0, 0.9],
    ['back', 1, 0, 0.3],
  ],
  'oyster-bar': [
    ['tip', 0, 0, 0.1],
    ['outer-left', 0.3, -0.5, 0.25],
    ['outer-right', 0.3, 0.5, 0.25],
    ['inner-left', 0.7, -0.5, 0.35],
    ['inner-right', 0.7, 0.5, 0.35],
    ['end', 1, 0, 0.4],
  ],
  jetty: [
    ['drop', -0.06, 0, 0.05],
    ['tip', -0.01, 0, 0.1],
    ['outer-left', 0.12, -0.6, 0.2],
    ['outer-right', 0.12, 0.6, 0.2],
    ['middle-left', 0.4, -0.6, 0.4],
    ['middle-right', 0.4, 0.6, 0.4],
    ['inner-left', 0.75, -0.6, 0.6],
    ['inner-right', 0.75, 0.6, 0.6],
  ],
  seam: [
    ['stretch-1', 0.1, 0, 0.1, true],
    ['stretch-2', 0.37, 0, 0.2, true],
    ['stretch-3', 0.63, 0, 0.2, true],
    ['stretch-4', 0.9, 0, 0.2, true],
    ['slack', 0.5, 0.5, 0.6],
    ['fast', 0.5, -0.5, 0.05],
  ],
  bed: [
    ['rim', 0, 0, 0.1],
    ['mate-left', 0.5, -1.2, 0.2],
    ['mate-right', 0.5, 1.2, 0.2],
    ['bed', 0.5, 0, 1],
  ],
};

/** Where there are holes in it. */
const GAPS: Partial<Record<PieceKind, readonly Row[]>> = {
  'pads-edge': [
    ['pocket-1', 0.33, 0.3, 0.6],
    ['pocket-2', 0.67, 0.3, 0.6],
  ],
  'grass-line': [
    ['pocket-1', 0.33, 0.3, 0.6],
    ['pocket-2', 0.67, 0.3, 0.6],
  ],
  'oyster-bar': [['gap', 0.5, 0, 0.6]],
  jetty: [['gap', 0.55, 0.55, 0.5]],
};

/** Of a longer one only its outer part is one piece of casts, m: for the rest one moves on. */
const LONGEST_M = 36;
export const lengthOf = (p: Pick<Piece, 'lengthM'>): number => Math.min(p.lengthM, LONGEST_M);

type Sized = Pick<Piece, 'kind' | 'lengthM' | 'widthM' | 'gaps' | 'outline'>;

/** Where the edge of an unsketched piece is at such a share of its length, in widths from its middle line. */
function edgeAt(kind: PieceKind, x: number): number {
  // Widest where the limbs are, and bare towards the root.
  if (kind === 'laydown') return 0.5 * (1 - 0.6 * x);
  if (kind === 'brush-pile' || kind === 'rock-pile' || kind === 'oyster-bar')
    return 0.5 * Math.sqrt(Math.max(0, 1 - (2 * x - 1) ** 2));
  return 0.5;
}
/** Corners in one line have no width to go by. */
const THIN = 0.02;

/** A place of such shares on a piece as it was sketched: as far out of its middle there as it usually is. */
function placedIn(p: Sized, x: number, y: number): Point {
  const outline = outlineOf(p);
  const usual = { x: x * lengthOf(p), y: y * p.widthM };
  const across = outline && acrossAt(outline, Math.min(Math.max(usual.x, THIN * p.lengthM), (1 - THIN) * p.lengthM));
  if (!across) return usual;
  const [low, high] = across;
  if (isEdge(p.kind)) return { x: usual.x, y: low + (y > 0 ? y * (high - low) : usual.y) };
  if (x < 0 || x > 1) return usual;
  const share = y === 0 ? 0 : y / Math.max(0.1, 2 * edgeAt(p.kind, x));
  return { x: usual.x, y: (low + high) / 2 + share * (high - low) };
}

/** On its middle line, at such a share of the length that is fished from one place. */
export const onMiddleLine = (p: Sized, share: number): Point => placedIn(p, share, 0);

/** The places of a piece that are worth a cast, at most ten. */
export function targetsOf(p: Sized): Target[] {
  const rows = [...ROWS[p.kind], ...(p.gaps ? (GAPS[p.kind] ?? []) : [])];
  const short = p.lengthM < SHORT_M && (p.kind === 'laydown' || p.kind === 'dock' || p.kind === 'point');
  return rows
    .filter(([id]) => !short || !/^(middle|inner|side|base)/.test(id))
    .map(([id, x, y, inward, along]) => ({
      id,
      ...placedIn(p, x, y),
      in: inward,
      along: along ?? false,
    }));
}

/** Whether a place is in the cover itself: what lands there, or is brought through it, may hang up. */
export function inCover(p: Sized, { x, y }: Point): boolean {
  const outline = outlineOf(p);
  if (outline) return COVER_OF[p.kind] !== 'none' && insideOutline(outline, { x, y });
  switch (p.kind) {
    case 'laydown':
    case 'dock':
    case 'jetty':
    case 'brush-pile':
    case 'rock-pile':
    case 'oyster-bar':
      return x >= 0 && x <= p.lengthM && Math.abs(y) <= p.widthM * edgeAt(p.kind, x / p.lengthM);
    case 'pads-edge':
    case 'grass-line':
      return x >= 0 && x <= p.lengthM && y > 0 && y <= p.widthM;
    default:
      return false;
  }
}

/** Whether a place is dry: no boat, and nothing to throw at. */
export function onLand(p: Sized, { x, y }: Point): boolean {
  const outline = p.kind === 'jetty' ? outlineOf(p) : null;
  if (outline && x <= p.lengthM) return insideOutline(outline, { x, y });
  if (p.kind === 'jetty') return x >= 0 && Math.abs(y) <= p.widthM / 2;
  return FROM_BANK.has(p.kind) && x > p.lengthM;
}

/** Metres of the way between two places that lie in the cover, to half a metre. */
export function wayInCoverM(p: Sized, a: Point, b: Point): number {
  const far = Math.hypot(b.x - a.x, b.y - a.y);
  const n = Math.max(1, Math.ceil(far / 0.5));
  let inside = 0;
  for (let i = 0; i < n; i++) {
    const t = (i + 0.5) / n;
    if (inCover(p, { x: a.x + t * (b.x - a.x), y: a.y + t * (b.y - a.y) })) inside += far / n;
  }
  return inside;
}

/** The middle of a piece, as far as it is fished from one place. */
export const middleOf = (p: Sized): Point => ({ x: lengthOf(p) / 2, y: 0 });

/** How far from a stretch between two places a place is, m. */
export function offWayM(c: Point, a: Point, b: Point): number {
  const [dx, dy] = [b.x - a.x, b.y - a.y];
  const long = dx * dx + dy * dy;
  const t = long === 0 ? 0 : Math.max(0, Math.min(1, ((c.x - a.x) * dx + (c.y - a.y) * dy) / long));
  return Math.hypot(c.x - a.x - t * dx, c.y - a.y - t * dy);
}

/** The way the current runs, as one looks at the piece from open water: in, and to the right. */
const FLOW: Record<Flow, readonly [inward: number, right: number]> = {
  none: [0, 0],
  inward: [1, 0],
  outward: [-1, 0],
  'from-left': [0, 1],
  'from-right': [0, -1],
};

/** The same on the plan; null: none. An edge lies across the way one looks at it. */
export function flowOf(p: Pick<Piece, 'kind' | 'flow'>): Point | null {
  const [inward, right] = FLOW[p.flow];
  if (p.flow === 'none') return null;
  return isEdge(p.kind) ? { x: right, y: inward } : { x: inward, y: right };
}
