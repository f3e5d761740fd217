/** Pieces of cover and the places on them, by the names that go with each kind. */
import type { ThrownAt } from '../core/records/piece';
import { capital } from './names';
import type { Flow, PieceKind, SideOfPiece, TargetId } from '../core/water/pieces';

export const PIECE_NAME: Record<PieceKind, string> = {
  laydown: 'laydown',
  dock: 'dock',
  'brush-pile': 'brush pile',
  'pads-edge': 'edge of pads',
  'grass-line': 'grass line',
  point: 'point',
  ledge: 'ledge',
  'rock-pile': 'rock pile',
  'oyster-bar': 'oyster bar',
  jetty: 'jetty',
  seam: 'current seam',
  bed: 'bed',
};

export const FLOW_NAME: Record<Flow, string> = {
  none: 'none to speak of',
  inward: 'at it, from open water',
  outward: 'out past it, from the bank',
  'from-left': 'across it, from the left',
  'from-right': 'across it, from the right',
};

const EDGE: Partial<Record<TargetId, string>> = {
  corner: 'the left corner',
  end: 'the left end',
  'stretch-1': 'the left third of the edge',
  'stretch-2': 'the middle of the edge',
  'stretch-3': 'the right third of the edge',
  turn: 'the right corner',
  'pocket-1': 'the left pocket',
  'pocket-2': 'the right pocket',
};
const HEAP: Partial<Record<TargetId, string>> = {
  front: 'the open side',
  'side-left': 'the left side',
  'side-right': 'the right side',
  over: 'over its top',
  heart: 'the heart of it',
  back: 'the back of it',
};

/** Left and right are as one looks at the piece from open water. */
const TARGET_NAME: Record<PieceKind, Partial<Record<TargetId, string>>> = {
  laydown: {
    tip: 'the end of the trunk',
    'outer-left': 'the outer limbs on the left',
    'outer-right': 'the outer limbs on the right',
    'middle-left': 'the middle limbs on the left',
    'middle-right': 'the middle limbs on the right',
    'inner-left': 'the inner limbs on the left',
    'inner-right': 'the inner limbs on the right',
    trunk: 'along the trunk',
    root: 'the root at the bank',
  },
  dock: {
    'corner-left': 'the left corner',
    'corner-right': 'the right corner',
    face: 'the front',
    'side-left': 'the left side',
    'side-right': 'the right side',
    'under-front': 'under the front boards',
    'under-middle': 'far under it',
    walkway: 'the walkway',
  },
  'brush-pile': HEAP,
  'rock-pile': HEAP,
  'pads-edge': { ...EDGE, inside: 'inside the pads' },
  'grass-line': { ...EDGE, top: 'over the grass' },
  ledge: { ...EDGE, top: 'up on top of it', foot: 'the foot of it' },
  point: {
    drop: 'the drop off its end',
    tip: 'the end of it',
    'shoulder-left': 'the left shoulder',
    'shoulder-right': 'the right shoulder',
    top: 'across its top',
    'base-left': 'the left side, by the bank',
    'base-right': 'the right side, by the bank',
  },
  'oyster-bar': {
    tip: 'the outer end',
    'outer-left': 'the outer half on the left',
    'outer-right': 'the outer half on the right',
    'inner-left': 'the inner half on the left',
    'inner-right': 'the inner half on the right',
    end: 'the inner end',
    gap: 'the gap in it',
  },
  jetty: {
    drop: 'the drop off its head',
    tip: 'the head',
    'outer-left': 'the left side of the head',
    'outer-right': 'the right side of the head',
    'middle-left': 'further in on the left',
    'middle-right': 'further in on the right',
    'inner-left': 'far in on the left',
    'inner-right': 'far in on the right',
    gap: 'the break in the stones',
  },
  seam: {
    'stretch-1': 'the left end of the seam',
    'stretch-2': 'the seam, left of its middle',
    'stretch-3': 'the seam, right of its middle',
    'stretch-4': 'the right end of the seam',
    slack: 'the slack side',
    fast: 'the fast side',
  },
  bed: {
    rim: 'the open side of the bed',
    'mate-left': 'left of the bed',
    'mate-right': 'right of the bed',
    bed: 'the bed itself',
  },
};

/** From the bank left is right. */
export const asSeen = (text: string, fromBank: boolean): string =>
  fromBank ? text.replace(/\b(left|right)\b/g, (side) => (side === 'left' ? 'right' : 'left')) : text;

/** A place of a piece as it is seen, for the middle of a sentence. */
export const targetName = (kind: PieceKind, target: TargetId, fromBank: boolean): string =>
  asSeen(TARGET_NAME[kind][target] ?? 'that place', fromBank);

/** What a cast was thrown at. */
export const thrownAtName = (at: ThrownAt): string => targetName(at.kind, at.target, at.fromBank);

/** From where it is fished. */
const SIDE_TEXT: Record<SideOfPiece, string> = {
  end: 'straight off its outer end',
  'left-front': 'off its outer end, to the left',
  'right-front': 'off its outer end, to the right',
  left: 'off its left side',
  right: 'off its right side',
  behind: 'from behind it',
};
const EDGE_SIDE_TEXT: Record<SideOfPiece, string> = {
  end: 'out in front of it',
  'left-front': 'off its left end',
  'right-front': 'off its right end',
  left: 'off its left end, close along it',
  right: 'off its right end, close along it',
  behind: 'from the bank side',
};
export const sideText = (edge: boolean, side: SideOfPiece): string => (edge ? EDGE_SIDE_TEXT : SIDE_TEXT)[side];

/** The same on a choice. */
export const sideTitle = (edge: boolean, side: SideOfPiece): string => capital(sideText(edge, side));
