/**
 * The casts at a piece of cover: from where, which first, how far and how far past. What was cast already, what was
 * hooked and what rests is taken into account, and the rest is ordered anew.
 */
import { clamp, lerp, roundTo } from '../base/numbers';
import type { PieceKind, SideOfPiece, TargetId } from '../water/pieces';
import { castsFrom, foughtOver, keptBy, leftByCast, type CastPlanQuestion, type PlannedCast } from './casts';
import { bestOrder, worthOfOrder, type OrderQuestion } from './order';
import { COVER_OF, growsFromBank, middleOf, targetsOf, type Point } from './shape';
import { sideOf, standsFor } from './stands';
import { windFacedDeg, type WindOver } from './wind';

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
  /** From where the same piece was fished before, and what of it. */
  before?: readonly Visit[];
}

/** A piece fished from one place: where that was, what was cast at, what was hooked. */
export interface Visit {
  stand: Point;
  cast: readonly TargetId[];
  hooked: readonly TargetId[];
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

/** A fish that let it pass takes it so much less again on the same line, and past it another way. prior: judgement. */
const AGAIN = { same: 0.45, otherWay: 0.8, fromDeg: 60 } as const;

/** A place seen from two others lies so far apart between them, °. */
function turnDeg(at: Point, a: Point, b: Point): number {
  const turn = Math.atan2(a.y - at.y, a.x - at.x) - Math.atan2(b.y - at.y, b.x - at.x);
  return Math.abs((((((turn * 180) / Math.PI + 540) % 360) + 360) % 360) - 180);
}

/** The casts of an earlier visit, as they were made. */
interface Visited {
  stand: Point;
  cast: readonly PlannedCast[];
  hooked: readonly PlannedCast[];
}
function visitedIn(q: CastPlanQuestion, before: readonly Visit[] = []): Visited[] {
  const targets = targetsOf(q.piece);
  return before.map((v) => {
    const all = castsFrom(q, targets, v.stand);
    const those = (ids: readonly TargetId[]) => all.filter((c) => ids.includes(c.target.id));
    return { stand: v.stand, cast: those(v.cast), hooked: those(v.hooked) };
  });
}

/** What the visits before leave of a cast's chance. */
function leftByVisits(visits: readonly Visited[], j: PlannedCast, stand: Point): number {
  let left = 1;
  for (const v of visits) {
    for (const k of v.cast)
      left *=
        k.target.id === j.target.id
          ? lerp(AGAIN.same, AGAIN.otherWay, clamp(turnDeg(j.target, stand, v.stand) / AGAIN.fromDeg, 0, 1))
          : leftByCast(k, j, v.stand);
    for (const k of v.hooked) if (k.target.id !== j.target.id) left *= 1 - foughtOver(k, j, v.stand);
  }
  return left;
}

/** What was done so far leaves this of each cast's chance, and a bite makes places like it worth more. */
function afterwards(all: readonly PlannedCast[], stand: Point, f: Fished, visits: readonly Visited[]): PlannedCast[] {
  const of = (id: TargetId): PlannedCast | undefined => all.find((c) => c.target.id === id);
  const done = f.cast.map(of).filter((c) => c !== undefined);
  const hooked = f.hooked.map(of).filter((c) => c !== undefined);
  return all.map((j) => {
    let chance = j.chance * leftByVisits(visits, j, stand);
    for (const k of done) if (k !== j) chance *= leftByCast(k, j, stand);
    for (const k of hooked) if (k !== j) chance *= 1 - foughtOver(k, j, stand);
    if (hooked.some((k) => k !== j && Math.abs(k.target.in - j.target.in) <= ALIKE)) chance *= LIKE_THE_BITE;
    return { ...j, chance: Math.min(chance, 1) };
  });
}

/** From nearer to where one stood it is no other angle, °, as seen from the middle of the piece. */
const ANOTHER_DEG = 35;
const isAnotherAngle = (q: CastPlanQuestion, at: Point, before: readonly Visit[]): boolean =>
  before.every((v) => turnDeg(middleOf(q.piece), at, v.stand) >= ANOTHER_DEG);

/** What was cast at before is cast at again from another angle where it promises this share of the best there. */
const WORTH_AGAIN = 0.5;
function worthAgain(all: readonly PlannedCast[], before: readonly Visit[]): PlannedCast[] {
  const had = new Set(before.flatMap((v) => v.cast));
  const most = Math.max(0, ...all.map((c) => c.chance));
  return all.filter((c) => c.chance > 0 && (!had.has(c.target.id) || c.chance >= WORTH_AGAIN * most));
}

/**
 * Where to hold or stand: of the likeliest places the one whose best order promises most; null where no place of the
 * wished side is open, and through ice. It is chosen with the piece untouched: one does not move for each cast.
 */
export function bestStand(
  q: CastPlanQuestion,
  side: SideOfPiece | null = null,
  before: readonly Visit[] = [],
): Point | null {
  if (q.access === 'ice') return null;
  const targets = targetsOf(q.piece);
  const visits = visitedIn(q, before);
  const elsewhere = standsFor(q.piece, q.access, side).filter((at) => isAnotherAngle(q, at, before));
  const open = elsewhere.map((stand) => {
    const all = castsFrom(q, targets, stand);
    const able = worthAgain(afterwards(all, stand, NOTHING_FISHED, visits), before);
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
  const { before = [] } = fished;
  const now = afterwards(castsFrom(q, targetsOf(q.piece), stand), stand, fished, visitedIn(q, before));
  const skip = new Set<TargetId>([...fished.cast, ...fished.resting]);
  // From the open side in, then the nearest: what is worth the same is fished in that order.
  const again = new Set(worthAgain(now, before).map((c) => c.target.id));
  const able = now
    .filter((c) => again.has(c.target.id) && !skip.has(c.target.id))
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
      .map(({ target: { id }, chance }) => ({
        id,
        why: fished.resting.includes(id)
          ? 'resting'
          : fished.cast.includes(id) || (chance > 0 && !again.has(id))
            ? 'cast'
            : 'out-of-reach',
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

/** What the day takes over from a plan that is fished: how far one aims, m, and the wind as faced, °; null: nothing. */
export interface Faced {
  aimM: number | null;
  windAngleDeg: number | null;
}
export function facedIn(p: CastPlanQuestion['piece'], plan: CastPlan): Faced {
  // The middle of the casts: one does not read the wind anew for each.
  const [x, y] = plan.casts
    .map(({ target: t, distanceM: far }) => [(t.x - plan.stand.x) / far, (t.y - plan.stand.y) / far] as const)
    .reduce(([ax, ay], [bx, by]) => [ax + bx, ay + by] as const, [0, 0] as const);
  return { aimM: middleCastM(plan), windAngleDeg: x === 0 && y === 0 ? null : windFacedDeg(p, plan.wind.to, { x, y }) };
}

/** From so many places a piece is fished before one goes on. */
const MOST_ANGLES = 4;
/** For less than this share of the first place's strikes nobody moves; round bare ground, where fish wander, less. */
const WORTH_AN_ANGLE = { cover: 0.3, bare: 0.12 } as const;
/** Who stands behind someone, or beside a bed, does not go round it. */
const goesRound = (q: CastPlanQuestion): boolean =>
  q.access !== 'stern' && q.access !== 'ice' && q.piece.kind !== 'bed';

/**
 * The same piece from the next places, once all that is open from `stand` was cast: each as its own plan, the best
 * first and at most so many. Empty where no other place promises enough.
 */
export function anglesAfter(
  q: CastPlanQuestion,
  stand: Point,
  fished: Fished = NOTHING_FISHED,
  most = MOST_ANGLES,
): CastPlan[] {
  if (!goesRound(q)) return [];
  const here = planFrom(q, stand, fished);
  const all = (plan: CastPlan): TargetId[] => plan.casts.map((c) => c.target.id);
  const before: Visit[] = [
    ...(fished.before ?? []),
    { stand, cast: [...fished.cast, ...all(here)], hooked: fished.hooked },
  ];
  const first = planFrom(q, before[0]!.stand).strikes;
  const least = first * WORTH_AN_ANGLE[COVER_OF[q.piece.kind] === 'none' ? 'bare' : 'cover'];
  const out: CastPlan[] = [];
  while (before.length < MOST_ANGLES && out.length < most) {
    const at = bestStand(q, null, before);
    const next = at && planFrom(q, at, { cast: [], hooked: [], resting: fished.resting, before });
    if (!next || next.casts.length === 0 || next.strikes < least) break;
    out.push(next);
    before.push({ stand: next.stand, cast: all(next), hooked: [] });
  }
  return out;
}
