/** The question of a cast plan from the water, the lure in hand and its plan. */
import type { Family } from '../lures/family';
import { snagChance } from '../ranking/cover';
import type { Schools } from '../ranking/schools';
import type { Piece } from '../records/piece';
import type { Flow } from '../water/pieces';
import { computeHolding } from '../water/holding';
import type { ResolvedConditions } from '../water/resolve';
import type { CastPlanQuestion } from './casts';
import { COVER_OF } from './shape';

/** What is thrown, and how; what is not known has what is usual in its place. */
export interface Thrown {
  family: Family | null;
  /** How far it flies with ease; how far its plan casts it where it aims at nothing; how far past an aim, m. */
  flightM: number | null;
  castM: number | null;
  pastM: number | null;
  strikesPerCast: number | null;
}

/** Until lure and plan are there. prior: judgement. */
const USUAL = { reachM: 22, pastM: 2, strikesPerCast: 0.04, snagsPerCast: 0.1, hookedShare: 0.66 } as const;
/** A plan that casts no further pitches the lure, m. */
const PITCHED_M = 9;
/** Cover is as dense as this where it is a piece by itself. */
const DENSITY = 0.7;

/** The water around the piece: its own cover and depth, the rest as it was read. */
const around = (piece: Piece, r: ResolvedConditions): ResolvedConditions => ({
  ...r,
  cover: {
    ...r.cover,
    kind: COVER_OF[piece.kind],
    density: COVER_OF[piece.kind] === 'none' ? 0 : DENSITY,
    topDepthM: Math.min(piece.topM, piece.depthM),
    ...(piece.branchM === null ? {} : { branchDiameterM: piece.branchM }),
  },
});

/** What is asked of the planner for a piece in this water. */
export function castPlanQuestion(
  piece: Piece,
  r: ResolvedConditions,
  { family, flightM, castM, pastM, strikesPerCast }: Thrown,
  schools?: Schools,
  wind: Flow = 'none',
): CastPlanQuestion {
  const here = around(piece, r);
  return {
    piece,
    access: r.access,
    tightness: computeHolding(here).tightness,
    clarityM: r.clarityM,
    currentMps: r.currentMps,
    wind: { to: wind, mps: r.windMps },
    reachM: castM !== null && castM <= PITCHED_M ? castM : (flightM ?? USUAL.reachM),
    pastM: pastM ?? USUAL.pastM,
    strikesPerCast: strikesPerCast ?? USUAL.strikesPerCast,
    snagsPerCast: family ? snagChance(family, here, schools) : USUAL.snagsPerCast,
    hookedShare: family?.hooking ?? USUAL.hookedShare,
  };
}
