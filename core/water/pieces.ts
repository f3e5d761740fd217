/** Pieces of cover that casts are planned for, and the places on them. */
/** A piece of cover or structure that casts are planned for. */
export const PIECE_KINDS = [
  'laydown',
  'dock',
  'brush-pile',
  'pads-edge',
  'grass-line',
  'point',
  'ledge',
  'rock-pile',
  'oyster-bar',
  'jetty',
  'seam',
  'bed',
] as const;
export type PieceKind = (typeof PIECE_KINDS)[number];

/** How long and how wide a piece may be, m. */
export const PIECE_LENGTH_M = [1, 120] as const;
export const PIECE_WIDTH_M = [0.5, 40] as const;

/** How the current runs past a piece, looked at from open water: at it, away from it, across it. */
export const FLOWS = ['none', 'inward', 'outward', 'from-left', 'from-right'] as const;
export type Flow = (typeof FLOWS)[number];

/** From where a piece is fished, looked at from open water. */
export const SIDES_OF_PIECE = ['end', 'left-front', 'right-front', 'left', 'right', 'behind'] as const;
export type SideOfPiece = (typeof SIDES_OF_PIECE)[number];

/** What a place on a piece is. */
export const TARGETS = [
  'tip',
  'drop',
  'outer-left',
  'outer-right',
  'middle-left',
  'middle-right',
  'inner-left',
  'inner-right',
  'trunk',
  'root',
  'corner-left',
  'corner-right',
  'face',
  'side-left',
  'side-right',
  'under-front',
  'under-middle',
  'walkway',
  'front',
  'back',
  'over',
  'heart',
  'corner',
  'stretch-1',
  'stretch-2',
  'stretch-3',
  'stretch-4',
  'turn',
  'pocket-1',
  'pocket-2',
  'inside',
  'top',
  'foot',
  'shoulder-left',
  'shoulder-right',
  'base-left',
  'base-right',
  'end',
  'gap',
  'slack',
  'fast',
  'rim',
  'bed',
  'mate-left',
  'mate-right',
] as const;
export type TargetId = (typeof TARGETS)[number];
