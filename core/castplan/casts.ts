/**
 * A cast at a place of a piece from where one stands: how far, past it, at which angle, what it promises, and what it
 * leaves of the others. prior: judgement throughout, within what practised anglers say: the inside crashed first is
 * lost, a fish is fought out over what lies on its way, the closer one stands the more is seen of one.
 */
import { clamp, lerp } from '../base/numbers';
import type { Piece } from '../records/piece';
import { TELLING_CURRENT_MPS } from '../tackle/stand';
import type { Access } from '../water/terms';
import { flowOf, inCover, lengthOf, middleOf, offWayM, onLand, wayInCoverM, type Point, type Target } from './shape';
import { isFromBank } from './stands';
import { windOnBoat, windOnCast, type WindOver } from './wind';

/** What is known of water, fish, lure and hands. */
export interface CastPlanQuestion {
  piece: Piece;
  access: Access;
  /** How tight fish sit in the cover: 0 all on the edge … 1 all inside (water/holding). */
  tightness: number;
  clarityM: number;
  currentMps: number;
  wind: WindOver;
  /** As far as one casts with ease, and past what one aims at, m (both the plan's own). */
  reachM: number;
  pastM: number;
  /** Strikes expected of a cast here, firm snags of a cast in such cover, and hooked of a strike. */
  strikesPerCast: number;
  snagsPerCast: number;
  hookedShare: number;
}

/** A cast as it is made. */
export interface PlannedCast {
  target: Target;
  /** From where one stands to the place, and on past it, m. */
  distanceM: number;
  pastM: number;
  /** To the left of the piece's outer end, °; to the right negative. */
  leftDeg: number;
  /** Where it comes down. */
  landing: Point;
  /** Chance of a strike with nothing disturbed, 0–1; of a firm snag. */
  chance: number;
  snag: number;
}

/** The least and the most that a place is worth by where fish sit. */
const [LEAST, MOST] = [0.5, 1.5];
/** Of what stands in the current fish take the lee most, then its face. */
const LEE = 1.3;
const FACE = 1.12;
/** Slower than this a current places nobody; from so much on it places them fully, m/s. */
const CURRENT_MPS: readonly [number, number] = [TELLING_CURRENT_MPS, 0.3];
/** With and against the current a lure is worth so much more or less. */
const WITH_CURRENT = 0.2;
/** Across an edge a cast is worth this share of one along it. */
const ACROSS = 0.5;
/** Half of the fish nearer than this are put off: so many times what one sees into the water, m. */
const SEEN = { perClarity: 3, least: 2.5, most: 12 } as const;
const CRAFT: Record<Access, number> = {
  bow: 1,
  stern: 1,
  kayak: 0.8,
  bank: 0.9,
  dock: 1,
  wade: 0.7,
  jetty: 1,
  surf: 0.8,
  ice: 1,
};
/** A cast misses what it is aimed at by so much of its way, and by so much it may miss, m. */
const MISS = { share: 0.03, m: 0.9 } as const;
/** From the stern: the bow has thrown at the open side. */
const BOW_LEFT: readonly [number, number] = [0.5, 0.9];
/** No chance above this. */
const MOST_CHANCE = 0.6;

/** How much of its force a current has on fish and lures, 0–1. */
const currentForce = (mps: number): number => clamp((mps - CURRENT_MPS[0]) / (CURRENT_MPS[1] - CURRENT_MPS[0]), 0, 1);

/** What a place is worth beside the others, whatever one throws from where. */
function placeWorth(q: CastPlanQuestion, t: Target): number {
  const sits = lerp(LEAST, MOST, (1 - t.in) * (1 - q.tightness) + t.in * q.tightness);
  const flow = flowOf(q.piece);
  const m = middleOf(q.piece);
  const half = Math.hypot(lengthOf(q.piece), q.piece.widthM) / 2;
  const down = flow ? ((t.x - m.x) * flow.x + (t.y - m.y) * flow.y) / half : 0;
  const lee = flow ? lerp(1, down > 0 ? LEE : FACE, Math.min(1, Math.abs(down))) : 1;
  const left = q.access === 'stern' ? lerp(BOW_LEFT[0], BOW_LEFT[1], t.in) : 1;
  return sits * lerp(1, lee, currentForce(q.currentMps)) * left;
}

const along = (a: Point, b: Point, share: number): Point => ({
  x: a.x + share * (b.x - a.x),
  y: a.y + share * (b.y - a.y),
});

/** So much cover behind a place is thrown over, m: more would be thrown into. */
const COVER_BEHIND_M = 0.75;

/** As far past a place as the lure needs, as far as there is reach and open water behind it, to half a metre. */
function pastWater(q: CastPlanQuestion, stand: Point, t: Target, distanceM: number, reachM: number): number {
  const wanted = Math.min(q.pastM, Math.max(0, reachM - distanceM));
  for (let past = wanted; past > 0; past -= 0.5) {
    const landing = along(stand, t, (distanceM + past) / distanceM);
    if (!onLand(q.piece, landing) && wayInCoverM(q.piece, t, landing) <= COVER_BEHIND_M) return past;
  }
  return 0;
}

/** Boards and stones are thrown under or beside, not through: so much of them may lie on the way out, m. */
const THROUGH_M = 1.5;
/** What is thrown under them on purpose. */
const UNDER = /^(under|walkway)/;

/** All casts from one place; a place out of reach, or behind what no cast goes through, has a chance of nothing. */
export function castsFrom(q: CastPlanQuestion, targets: readonly Target[], stand: Point): PlannedCast[] {
  const worths = targets.map((t) => placeWorth(q, t));
  const mean = worths.reduce((s, w) => s + w, 0) / worths.length;
  const ahead = Math.atan2(-stand.y, -stand.x);
  const flow = flowOf(q.piece);
  const seenM = clamp(q.clarityM * SEEN.perClarity, SEEN.least, SEEN.most) * CRAFT[q.access];
  // From boards and stones themselves one throws off them, not through.
  const solid = (q.piece.kind === 'dock' || q.piece.kind === 'jetty') && !inCover(q.piece, stand);
  return targets.map((t, i) => {
    const distanceM = Math.max(0.5, Math.hypot(t.x - stand.x, t.y - stand.y));
    const [ux, uy] = [(stand.x - t.x) / distanceM, (stand.y - t.y) / distanceM];
    const blown = windOnCast(q.piece, q.wind, { x: -ux, y: -uy });
    const reachM = q.reachM * blown.reach;
    const pastM = pastWater(q, stand, t, distanceM, reachM);
    const landing = along(stand, t, (distanceM + pastM) / distanceM);
    const wood = wayInCoverM(q.piece, landing, stand);
    const barred = solid && wayInCoverM(q.piece, t, stand) > THROUGH_M + (UNDER.test(t.id) ? q.piece.widthM / 2 : 0);
    const reached = distanceM <= reachM && !barred && !onLand(q.piece, t) ? 1 : 0;
    const unseen = 1 - 0.5 ** (distanceM / seenM);
    const hit = 1 / (1 + ((MISS.share * blown.miss * distanceM) / MISS.m) ** 2);
    const held = isFromBank(q.access) ? 1 : windOnBoat(q.piece, q.wind, { x: -ux, y: -uy });
    const led = t.along ? lerp(ACROSS, 1, Math.abs(ux)) : 1;
    const withIt = flow ? 1 + WITH_CURRENT * currentForce(q.currentMps) * (ux * flow.x + uy * flow.y) : 1;
    const chance = (q.strikesPerCast * worths[i]!) / mean;
    const turn = ((Math.atan2(t.y - stand.y, t.x - stand.x) - ahead) * 180) / Math.PI;
    return {
      target: t,
      distanceM,
      pastM,
      // y is to the right as one looks in: turned to it, the angle on the plan grows.
      leftDeg: -(((turn + 540) % 360) - 180),
      landing,
      chance: reached * clamp(chance * unseen * hit * held * led * withIt, 0, MOST_CHANCE),
      snag: clamp(q.snagsPerCast * clamp(wood / 3, 0.25, 2), 0, 0.9),
    };
  });
}

/** What a lure and its line over a fish, and a splash beside it, put off; and how near, m. */
const OVER = { most: 0.22, m: 1.2 } as const;
const SPLASH = { most: 0.06, m: 1.2 } as const;
/** A lure that comes down inside the cover, and is brought out of it, puts off all that is not further in. */
const CRASH = { most: 0.35, from: 0.25 } as const;
/** What a fish that is fought puts off all over the piece, and on its way out. */
const FIGHT = { all: 0.15, way: 0.55, m: 2 } as const;
/** What freeing a lure puts off, all over and around it. */
const FREEING = { all: 0.1, near: 0.5, m: 2.5 } as const;

const near = (offM: number, withinM: number): number => Math.exp(-((offM / withinM) ** 2));

/** What a fish fought out of the place of `k` puts off at `j`, 0–1: the more the further in it was hooked. */
export const foughtOver = (k: PlannedCast, j: PlannedCast, stand: Point): number =>
  (FIGHT.all + FIGHT.way * near(offWayM(j.target, k.target, stand), FIGHT.m)) * lerp(1, 1.35, k.target.in);

/** What a cast at `k` that draws nothing leaves of the chance at `j`. */
export const leftByCast = (k: PlannedCast, j: PlannedCast, stand: Point): number =>
  (j.target.in > k.target.in ? 1 : 1 - CRASH.most * Math.max(0, k.target.in - CRASH.from)) *
  (1 - OVER.most * near(offWayM(j.target, k.target, stand), OVER.m)) *
  (1 - SPLASH.most * near(Math.hypot(j.target.x - k.landing.x, j.target.y - k.landing.y), SPLASH.m));

/** What a cast at `k` leaves of the chance at `j`, all that may come of it weighed. */
export function keptBy(q: CastPlanQuestion, k: PlannedCast, j: PlannedCast, stand: Point): number {
  const fight = k.chance * q.hookedShare * foughtOver(k, j, stand);
  const apart = Math.hypot(j.target.x - k.target.x, j.target.y - k.target.y);
  const freeing = k.snag * (FREEING.all + FREEING.near * near(apart, FREEING.m));
  return leftByCast(k, j, stand) * (1 - fight) * (1 - freeing);
}
