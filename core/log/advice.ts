/**
 * The one thing to do now, from what was logged: the newest touch first, then what the casts without one say. One
 * change at a time: depth or angle, then pace or hang, then the lure, then the spot. Sentences: wording/advice.ts.
 */
import type { Change } from '../records/advice';
import type { CastTally } from '../records/cast';
import type { EffortBlock } from '../records/block';
import type { EventKind, EventPlace, StrikeEvent } from '../records/event';
import type { ThrownAt } from '../records/piece';
import type { SignKind } from '../water/terms';
import { isStrike } from './events';
import { depthOf, paceOf } from './worked';

export type Advice =
  /** Nothing was logged yet. */
  | { code: 'begin' }
  /** Hung up this moment; broken off this moment. */
  | { code: 'snag' }
  | { code: 'retie' }
  /** Fish on a bed: what they show decides, not the count of casts. */
  | { code: 'watch' }
  /** A school went for it: back through it with the quieter one. */
  | { code: 'school'; follow: string | null }
  /** A fish was touched and not landed: until then that place is left alone. */
  | { code: 'rest'; kind: EventKind; place: EventPlace | null; at: ThrownAt | null; untilMs: number }
  /** It followed and turned: the same again and slower, then the one that follows. */
  | { code: 'again'; follow: string | null }
  /** One was landed: that place is picked apart. */
  | { code: 'stay'; place: EventPlace | null; at: ThrownAt | null }
  /** So many more casts before this is judged. */
  | { code: 'give'; more: number; strikes: number }
  /** So many casts drew nothing: change this, and nothing else. */
  | { code: 'change'; casts: number; what: Change; lure: string | null }
  /** So many casts drew nothing, and the bites before them ask something of the hands that was not done yet. */
  | { code: 'asked'; casts: number };

/** What was logged, and what is known around it. */
export interface AdviceQuestion {
  /** Of this trip, in the order of their sequence, without what was taken back. */
  events: readonly StrikeEvent[];
  casts: readonly CastTally[];
  blocks: readonly EffortBlock[];
  /** Signs tapped by hand, with when. */
  signs: readonly { kind: SignKind; atMs: number }[];
  /** What rests, with since when and until when. */
  rests: readonly { sinceMs: number; readyAtMs: number }[];
  /** Casts that a lure is given. */
  giveIt: number;
  /** Names: of the lure that follows, and of the next of the ladder. */
  follow: string | null;
  next: string | null;
  guarding: boolean;
  /** Whether the bites ask something of the hands that is not done (log/asked). */
  asks: boolean;
  nowMs: number;
}

/** A school is there for so long after it was seen to fire, ms. prior: judgement. */
const SCHOOL_MS = 15 * 60_000;
/** So many bites within so long are a school. prior: judgement. */
const FIRES = { bites: 3, withinMs: 3 * 60_000 } as const;
/** After a fish, a place is worth this share of the casts that a lure is given without one. prior: judgement. */
const STAY_SHARE = 0.75;

const firedSince = (q: AdviceQuestion): boolean => {
  if (q.signs.some((s) => s.kind === 'school-fires' && q.nowMs - s.atMs <= SCHOOL_MS)) return true;
  const bites = q.events.filter((e) => isStrike(e.kind)).slice(-FIRES.bites);
  return (
    bites.length === FIRES.bites &&
    q.nowMs - bites.at(-1)!.atMs <= SCHOOL_MS &&
    bites.at(-1)!.atMs - bites[0]!.atMs <= FIRES.withinMs
  );
};

/** What was changed already without a touch: the next change in order. Depth and pace are the hands' on one lure. */
function nextChange(
  q: AdviceQuestion,
  since: readonly EffortBlock[],
  enough: number,
  castsOf: (b: EffortBlock) => number,
): Change {
  const spotId = since.at(-1)?.spotId ?? null;
  const here = since.filter((b) => b.spotId === spotId);
  const lureId = here.at(-1)?.presentation.lureId ?? null;
  const lures = new Set(here.map((b) => b.presentation.lureId));
  if (lures.size >= 3) return 'spot';
  const ofLure = here.filter((b) => b.presentation.lureId === lureId);
  const depths = new Set(ofLure.map((b) => depthOf(b)));
  const paces = new Set(ofLure.map((b) => paceOf(b)));
  const casts = ofLure.reduce((s, b) => s + castsOf(b), 0);
  if (depths.size < 2 && casts < 2 * enough) return 'depth';
  if (paces.size < 2 && casts < 3 * enough) return 'pace';
  return q.next ? 'lure' : 'spot';
}

/** The one thing to do now. */
export function adviceOf(q: AdviceQuestion): Advice {
  const { events, casts } = q;
  const made = casts.reduce((s, c) => s + c.count, 0);
  const strikes = events.filter((e) => isStrike(e.kind)).length;
  const last = events.at(-1);
  if (made === 0 && !last) return q.guarding ? { code: 'watch' } : { code: 'begin' };
  const after = (seq: number): number => casts.filter((c) => c.seq > seq).reduce((s, c) => s + c.count, 0);
  const sinceLast = last ? after(last.seq) : made;
  if (last && sinceLast === 0 && last.kind === 'snag') return { code: 'snag' };
  if (last && sinceLast === 0 && last.kind === 'lure-lost') return { code: 'retie' };
  if (q.guarding) return { code: 'watch' };
  if (firedSince(q)) return { code: 'school', follow: q.follow };
  const enough = Math.max(1, Math.round(q.giveIt));
  const touch = events.filter((e) => isStrike(e.kind) || e.kind === 'follow').at(-1);
  const since = touch ? after(touch.seq) : made;
  if (touch && since < STAY_SHARE * enough) {
    const { kind, place, at = null } = touch;
    if (kind === 'landed') return { code: 'stay', place, at };
    if (kind === 'follow') return { code: 'again', follow: q.follow };
    const untilMs = q.rests.find((r) => r.sinceMs === touch.atMs)?.readyAtMs;
    if (untilMs !== undefined && untilMs > q.nowMs) return { code: 'rest', kind, place, at, untilMs };
  }
  // Casts with what is in hand here, since the last touch: each change is given its own.
  const castsOf = (b: EffortBlock): number =>
    casts.filter((c) => c.blockId === b.id && c.seq > (touch?.seq ?? -1)).reduce((s, c) => s + c.count, 0);
  const inHand = q.blocks.at(-1) ? castsOf(q.blocks.at(-1)!) : 0;
  if (inHand < enough) return { code: 'give', more: enough - inHand, strikes };
  if (q.asks) return { code: 'asked', casts: inHand };
  const fished = q.blocks.filter((b) => castsOf(b) > 0);
  const what = nextChange(q, fished, enough, castsOf);
  return { code: 'change', casts: inHand, what, lure: what === 'lure' ? q.next : null };
}
