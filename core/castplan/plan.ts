/**
 * The casts at a piece of cover: from where, which first, how far and how far past. What was cast already, what was
 * hooked and what rests is taken into account, and the rest is ordered anew.
 */
import { roundTo } from '../base/numbers';
import type { PieceKind, SideOfPiece, TargetId } from '../water/pieces';
import { castsFrom, foughtOver, keptBy, leftByCast, type CastPlanQuestion, type PlannedCast } from './casts';
import { bestOrder, worthOfOrder, type OrderQuestion } from './order';
import { growsFromBank, targetsOf, type Point } from './shape';
import { sideOf, standsFor } from './stands';
import type { WindOver } from './wind';

/** What came of the casts so far. */
export interface Fished {
  /** Places that had their cast. */
  cast: readonly TargetId[];
  /** Places where a fish was hooked, in order. */
  hooked: readonly TargetId[];
  /** Places left alone: a fish was touched there, or it was left out. */
  resting: readonly TargetId[];
  /** Cast at next by choice, whatever the plan would have first. */
  next?: TargetId | null;
}
export const NOTHING_FISHED: Fished = { cast: [], hooked: [], resting: [] };

/** Why a place has no cast. */
export type LeftOut = 'cast' | 'resting' | 'out-of-reach';

export interface CastPlan {
  stand: Point;
  side: SideOfPiece;
  wind: WindOver;
  /** From where one stands to the piece's outer end, m. */
  offM: number;
  /** Next first. */
  casts: (PlannedCast & {
    /** Of its chance this share is left when its turn comes. */
    kept: number;
  })[];
  leftOut: { id: TargetId; why: LeftOut }[];
  /** Strikes expected of all these casts, in this order and begun from the inside. */
  strikes: number;
  insideFirst: number;
}

/** Of the places with the most promise so many are looked at with every order of their casts. */
const LOOKED_AT = 14;

/** A bite says that fish are in such places: these are worth so much more. prior: judgement. */
const LIKE_THE_BITE = 1.4;
const ALIKE = 0.25;

/** What has a heart to be crashed: it is fished from its open side in, unless one stands at its root. */
const HEARTED: ReadonlySet<PieceKind> = new Set(['laydown', 'dock', 'brush-pile', 'rock-pile']);
const OPEN_SIDE = 0.15;
const HEART = 0.75;

/** The order question of casts from one place. */
function questionOf(q: CastPlanQuestion, casts: readonly PlannedCast[], stand: Point): OrderQuestion {
  const outsideIn = HEARTED.has(q.piece.kind) && !(growsFromBank(q.piece.kind) && sideOf(q.piece, stand) === 'behind');
  const open = casts.flatMap((c, i) => (c.target.in <= OPEN_SIDE ? [i] : []));
  return {
    chance: casts.map((c) => c.chance),
    keep: casts.map((k) => casts.map((j) => keptBy(q, k, j, stand))),
    ...(outsideIn ? { after: casts.map((c) => (c.target.in >= HEART ? open : [])) } : {}),
  };
}

/** What was done so far leaves this of each cast's chance, and a bite makes places like it worth more. */
function afterwards(all: readonly PlannedCast[], stand: Point, f: Fished): PlannedCast[] {
  const of = (id: TargetId): PlannedCast | undefined => all.find((c) => c.target.id === id);
  const done = f.cast.map(of).filter((c) => c !== undefined);
  const hooked = f.hooked.map(of).filter((c) => c !== undefined);
  return all.map((j) => {
    let chance = j.chance;
    for (const k of done) if (k !== j) chance *= leftByCast(k, j, stand);
    for (const k of hooked) if (k !== j) chance *= 1 - foughtOver(k, j, stand);
    if (hooked.some((k) => k !== j && Math.abs(k.target.in - j.target.in) <= ALIKE)) chance *= LIKE_THE_BITE;
    return { ...j, chance: Math.min(chance, 1) };
  });
}

/**
 * Where to hold or stand: of the likeliest places the one whose best order promises most; null where no place of the
 * wished side is open, and through ice. It is chosen with the piece untouched: one does not move for each cast.
 */
export function bestStand(q: CastPlanQuestion, side: SideOfPiece | null = null): Point | null {
  if (q.access === 'ice') return null;
  const targets = targetsOf(q.piece);
  const open = standsFor(q.piece, q.access, side).map((stand) => {
    const able = castsFrom(q, targets, stand).filter((c) => c.chance > 0);
    return { stand, able, bound: able.reduce((s, c) => s + c.chance, 0) };
  });
  open.sort((a, b) => b.bound - a.bound);
  let best: { stand: Point; worth: number } | null = null;
  for (const { stand, able, bound } of open.slice(0, LOOKED_AT)) {
    // No order is worth more than its chances together.
    if (able.length === 0 || (best && bound <= best.worth)) break;
    const { worth } = bestOrder(questionOf(q, able, stand));
    if (!best || worth > best.worth + 1e-12) best = { stand, worth };
  }
  return best?.stand ?? null;
}

/** The casts from there that are still to be made, in their best order. */
export function planFrom(q: CastPlanQuestion, stand: Point, fished: Fished = NOTHING_FISHED): CastPlan {
  const now = afterwards(castsFrom(q, targetsOf(q.piece), stand), stand, fished);
  const skip = new Set<TargetId>([...fished.cast, ...fished.resting]);
  // From the open side in, then the nearest: what is worth the same is fished in that order.
  const able = now
    .filter((c) => c.chance > 0 && !skip.has(c.target.id))
    .sort((a, b) => a.target.in - b.target.in || a.distanceM - b.distanceM);
  const isNext = (c: PlannedCast): boolean => c.target.id === fished.next;
  const question = questionOf(q, able, stand);
  const best = bestOrder(question).order;
  const order = [...best].sort((a, b) => Number(isNext(able[b]!)) - Number(isNext(able[a]!)));
  const inside = able.map((_, i) => i).sort((a, b) => able[b]!.target.in - able[a]!.target.in);
  return {
    stand,
    side: sideOf(q.piece, stand),
    wind: q.wind,
    offM: Math.hypot(stand.x, stand.y),
    casts: order.map((j, i) => ({
      ...able[j]!,
      kept: order.slice(0, i).reduce((left, k) => left * question.keep[k]![j]!, 1),
    })),
    leftOut: now
      .filter((c) => !able.includes(c))
      .map(({ target: { id } }) => ({
        id,
        why: fished.resting.includes(id) ? 'resting' : fished.cast.includes(id) ? 'cast' : 'out-of-reach',
      })),
    strikes: worthOfOrder(question, order),
    insideFirst: worthOfOrder(question, inside),
  };
}

/** The way to the middle of the casts, m: what Retrieve aims at while they are fished; null without any. */
export function middleCastM({ casts }: CastPlan): number | null {
  const far = casts.map((c) => c.distanceM).sort((a, b) => a - b);
  const middle = far[Math.floor(far.length / 2)];
  return middle === undefined ? null : roundTo(middle, 1);
}
