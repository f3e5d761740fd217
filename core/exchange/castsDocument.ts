/** The question of `casts`: a piece of cover, the water, what is thrown; its casts in order. */
import * as z from 'zod';
import { castPlanQuestion } from '../castplan/asked';
import { anglesAfter, bestStand, planFrom, type Fished } from '../castplan/plan';
import { FAMILIES, HOOKS } from '../lures/family';
import { withHook } from '../lures/hookSnag';
import { familyById } from '../lures/families';
import { newPiece, outlineSchema } from '../records/piece';
import { conditionsSchema } from '../schemas/conditions';
import { FLOWS, PIECE_KINDS, PIECE_LENGTH_M, PIECE_WIDTH_M, SIDES_OF_PIECE, TARGETS } from '../water/pieces';
import { resolveConditions } from '../water/resolve';

const targets = z.array(z.enum(TARGETS)).max(TARGETS.length);

export const castsDocumentSchema = z.strictObject({
  conditions: conditionsSchema(),
  piece: z.strictObject({
    kind: z.enum(PIECE_KINDS),
    lengthM: z.number().min(PIECE_LENGTH_M[0]).max(PIECE_LENGTH_M[1]),
    widthM: z.number().min(PIECE_WIDTH_M[0]).max(PIECE_WIDTH_M[1]),
    outline: outlineSchema().nullish(),
    depthM: z.number().min(0.2).max(60).nullish(),
    topM: z.number().min(0).max(60).nullish(),
    branchM: z.number().min(0.002).max(1).nullish(),
    gaps: z.boolean().nullish(),
    flow: z.enum(FLOWS).nullish(),
  }),
  lure: z.strictObject({ family: z.enum(FAMILIES), hook: z.enum(HOOKS).nullish() }).nullish(),
  /** As far as one casts with ease, and past what is aimed at, m; strikes expected of a cast. */
  reachM: z.number().min(2).max(120).nullish(),
  pastM: z.number().min(0).max(30).nullish(),
  strikesPerCast: z.number().min(0).max(1).nullish(),
  /** From this side; absent: from the best place. */
  side: z.enum(SIDES_OF_PIECE).nullish(),
  /** What came of it so far. */
  fished: z.strictObject({ cast: targets.nullish(), hooked: targets.nullish(), resting: targets.nullish() }).nullish(),
});

/** Depth and top where they are not given, m. */
const USUAL = { depthM: 2, topM: 0.5 } as const;

/** The cast plan as a document; `stand` is null where it cannot be fished from there. */
export function castsDocument(d: z.infer<typeof castsDocumentSchema>) {
  const { depthM, topM, branchM, gaps, flow, outline, ...size } = d.piece;
  const piece = newPiece({
    id: 'piece',
    waterId: 'water',
    name: 'piece',
    ...size,
    depthM: depthM ?? USUAL.depthM,
    topM: topM ?? USUAL.topM,
    branchM: branchM ?? null,
    gaps: gaps ?? false,
    flow: flow ?? 'none',
    outline: outline ?? null,
  });
  const family = d.lure ? familyById(d.lure.family) : null;
  const q = castPlanQuestion(piece, resolveConditions(d.conditions), {
    family: family && withHook(family, d.lure?.hook ?? family.hook),
    flightM: d.reachM ?? null,
    castM: null,
    pastM: d.pastM ?? null,
    strikesPerCast: d.strikesPerCast ?? null,
  });
  const stand = bestStand(q, d.side ?? null);
  if (!stand) return { stand: null, casts: [], angles: [] };
  const fished: Fished = {
    cast: d.fished?.cast ?? [],
    hooked: d.fished?.hooked ?? [],
    resting: d.fished?.resting ?? [],
  };
  const plan = planFrom(q, stand, fished);
  return {
    stand: { xM: stand.x, yM: stand.y, side: plan.side, offM: plan.offM },
    casts: plan.casts.map(({ target, distanceM, pastM, leftDeg, chance, kept, snag }) => ({
      target: target.id,
      xM: target.x,
      yM: target.y,
      distanceM,
      pastM,
      leftDeg,
      chance,
      kept,
      snag,
    })),
    leftOut: plan.leftOut,
    strikes: plan.strikes,
    insideFirst: plan.insideFirst,
    // Then from these places, in order.
    angles: anglesAfter(q, stand, fished).map((a) => ({
      stand: { xM: a.stand.x, yM: a.stand.y, side: a.side, offM: a.offM },
      casts: a.casts.map((c) => c.target.id),
      strikes: a.strikes,
    })),
  };
}
