/** A piece of cover, in the few numbers from which its casts are planned. */
import * as z from 'zod';
import { once } from '../base/once';
import { FLOWS, PIECE_KINDS, PIECE_LENGTH_M, PIECE_WIDTH_M, TARGETS } from '../water/pieces';
import { defineRecord } from './define';
import { id, itemName, retiredAtMs } from './fields';

/** Corners of a sketched piece. */
export const MAX_OUTLINE = 40;
const cornerM = z.number().min(-200).max(200);
export const outlineSchema = once(() =>
  z
    .array(z.strictObject({ x: cornerM, y: cornerM }))
    .min(3)
    .max(MAX_OUTLINE),
);

/** A laydown, a dock, a point … of a water, and of one of its spots where that is said. */
export const pieceRecord = defineRecord(
  'piece',
  () =>
    z.strictObject({
      id,
      waterId: id,
      spotId: id.nullable(),
      name: itemName,
      kind: z.enum(PIECE_KINDS),
      /** From its outer end in, or along its edge; and across, m. */
      lengthM: z.number().min(PIECE_LENGTH_M[0]).max(PIECE_LENGTH_M[1]),
      widthM: z.number().min(PIECE_WIDTH_M[0]).max(PIECE_WIDTH_M[1]),
      /**
       * As it was sketched, m: corner after corner, x in from its outer end or along its edge, y to the right or into
       * the cover; drawn as long and as wide as it is. Null: by its length and width alone.
       */
      outline: outlineSchema().nullable(),
      /** Depth of the water at its outer end, and of its top there, m. */
      depthM: z.number().min(0.2).max(60),
      topM: z.number().min(0).max(60),
      /** How thick its branches are, m; null: it has none, or nobody looked. */
      branchM: z.number().min(0.002).max(1).nullable(),
      /** Holes, pockets, breaks in it. */
      gaps: z.boolean(),
      flow: z.enum(FLOWS),
      note: z.string().max(500),
      retiredAtMs,
    }),
  [{ change: 'its outline, where it was sketched', up: (old) => ({ ...old, outline: null }) }],
);
export type Piece = z.infer<typeof pieceRecord.schema>;

/** A piece of which the numbers alone are known. */
export const newPiece = (
  of: Pick<Piece, 'id' | 'waterId' | 'name' | 'kind' | 'lengthM' | 'widthM' | 'depthM' | 'topM'> & Partial<Piece>,
): Piece => ({
  spotId: null,
  outline: null,
  branchM: null,
  gaps: false,
  flow: 'none',
  note: '',
  retiredAtMs: null,
  ...of,
});

/** What a cast was thrown at: which place of which piece, how far off, m, and to the left of its outer end, °. */
export const thrownAtSchema = once(() =>
  z.strictObject({
    pieceId: id,
    kind: z.enum(PIECE_KINDS),
    target: z.enum(TARGETS),
    /** Looked at from the bank: left and right of its places are the other way round. */
    fromBank: z.boolean(),
    distanceM: z.number().min(0).max(200),
    leftDeg: z.number().min(-180).max(180),
  }),
);
export type ThrownAt = z.infer<ReturnType<typeof thrownAtSchema>>;
