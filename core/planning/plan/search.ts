/**
 * The search for the best hands: a first scatter over everything that is free, then steps of shrinking size from the
 * best few, at least a hundred casts simulated on the coarsest mesh. The finalists are cast again on finer meshes by
 * the planner.
 */
import { DRAW_COUNT, uniformDraw } from '../../base/draws';
import { clamp, roundTo, toHalf } from '../../base/numbers';
import { seededRandom } from '../../base/random';
import { hangs } from '../cadence/library';
import { TELLING_CURRENT_MPS, tipSetting, type TipPosition } from '../../tackle/stand';
import {
  angleWasRead,
  MIN_TURNS_PER_S,
  maxTurnsPerS,
  tableStarts,
  turnsFor,
  type RetrieveSettings,
  type PlanTask,
} from '../task/setup';
import { together, type Steps } from './casting';
import type { Track } from './track';

/** One setting of the hands, its track, and what it is worth. */
export interface Candidate {
  hands: RetrieveSettings;
  track: Track;
  worth: number;
}

/** One thing the hands can vary, between 0 and 1. */
export interface FreeParameter {
  what: 'tip' | 'turns' | 'count' | 'hang' | 'cast' | 'angle';
  /** The hands with it at u, 0–1. */
  at: (h: RetrieveSettings, u: number) => RetrieveSettings;
  /** Where it stands, 0–1. */
  of: (h: RetrieveSettings) => number;
  /** Number of settings when they are few and have no order worth stepping through in halves; else a step, 0–1. */
  settings?: number;
  step?: number;
}

/** Handle speeds a hand can tell apart. */
export const twentieth = (turns: number): number => roundTo(Math.round(turns * 20) / 20, 2);

/** From a to b, evenly in the logarithm. */
const between = (a: number, b: number) => ({
  at: (u: number): number => a * (b / a) ** u,
  of: (x: number): number => (b > a ? clamp(Math.log(x / a) / Math.log(b / a), 0, 1) : 0),
});

/** Past what is aimed at so many times the usual way past it is looked at. prior: judgement. */
const FURTHEST_PAST = 2.5;

/** How far to throw: by rod and wind; aimed at something, onto it and past it as far as the lure may need. */
function castRange(p: PlanTask): ReturnType<typeof between> {
  if (p.targetM === null || p.targetM >= p.comfortableM - 1) return between(0.6 * p.comfortableM, p.comfortableM);
  return between(p.targetM + 1, Math.min(p.comfortableM, p.targetM + Math.max(4, FURTHEST_PAST * p.overshootM)));
}

/** What is free to vary in this problem: what the angler set is not, nor what the way of working settles by itself. */
export function freeParameters(p: PlanTask, start: RetrieveSettings): FreeParameter[] {
  if (p.onBed) return [];
  const set = p.request.set ?? {};
  const swims = p.family.mode === 'swim';
  const out: FreeParameter[] = [];
  const tips = p.stand.tips;
  if (set.tip === undefined && p.family.mode !== 'float')
    out.push({
      what: 'tip',
      settings: tips.length,
      at: (h, u) => ({
        ...h,
        tip: tipSetting(tips[Math.min(tips.length - 1, Math.floor(u * tips.length))]!, p.request.rod, p.reading.access),
      }),
      of: (h) => (tips.indexOf(h.tip.position as TipPosition) + 0.5) / tips.length,
    });
  if (set.turnsPerS === undefined && !set.cadence) {
    const range = between(
      Math.max(MIN_TURNS_PER_S, 0.4 * start.turnsPerS),
      Math.max(MIN_TURNS_PER_S + 0.1, Math.min(maxTurnsPerS(p), 2 * start.turnsPerS)),
    );
    out.push({
      what: 'turns',
      step: 0.2,
      at: (h, u) => ({ ...h, turnsPerS: twentieth(range.at(u)) }),
      of: (h) => range.of(h.turnsPerS),
    });
  }
  if (set.countdownS === undefined && p.family.mode !== 'float' && p.sinkS > 0) {
    const most = clamp(1.8 * Math.max(start.countdownS, p.sinkS), 2, 60);
    out.push({
      what: 'count',
      step: 0.15,
      at: (h, u) => ({ ...h, countdownS: toHalf(most * u) }),
      of: (h) => clamp(h.countdownS / most, 0, 1),
    });
  }
  if (set.pauseS === undefined && !set.cadence && hangs(start.style) && p.wantedPauseS >= 1) {
    // From hardly a rest to the one that the fish want, as far as the lure can be left alone.
    const longest = Math.max(1, toHalf(Math.min(p.wantedPauseS, p.hangLimitS)));
    const range = between(0.5, longest);
    out.push({
      what: 'hang',
      step: 0.25,
      at: (h, u) => ({ ...h, pauseS: Math.max(0.5, toHalf(range.at(u))) }),
      of: (h) => range.of(h.pauseS),
    });
  }
  if (swims && set.castM === undefined && !p.pitched && p.comfortableM > 8) {
    const range = castRange(p);
    out.push({
      what: 'cast',
      step: 0.35,
      at: (h, u) => ({ ...h, castM: Math.round(range.at(u)) }),
      of: (h) => range.of(h.castM),
    });
  }
  const angles = p.stand.anglesDeg;
  // An angle that was read is where the angler throws; one that nobody read is free.
  if (set.angleDeg === undefined && p.reading.currentMps >= TELLING_CURRENT_MPS && !angleWasRead(p))
    out.push({
      what: 'angle',
      settings: angles.length,
      at: (h, u) => ({ ...h, angleDeg: angles[Math.min(angles.length - 1, Math.floor(u * angles.length))]! }),
      of: (h) => (Math.max(0, angles.indexOf(h.angleDeg)) + 0.5) / angles.length,
    });
  return out;
}

const SCATTER = 40;
/** Casts simulated at the least where there is anything to find; from so many on no further step is begun. */
export const MIN_CANDIDATES = 100;
const MAX_CANDIDATES = 220;
/** The steps shrink, as shares of a freedom's own; of the best so many are followed at each size. */
const SCALES = [2, 0.8, 0.4, 0.2] as const;
const KEPT = [4, 4, 2, 2] as const;

const keyOf = (h: RetrieveSettings): string =>
  `${h.castM} ${h.countdownS} ${h.turnsPerS} ${h.tip.position} ${h.pauseS} ${h.angleDeg} ${h.style}`;

const sameSettings = (a: RetrieveSettings, b: RetrieveSettings): boolean => keyOf(a) === keyOf(b);

/** Where the search begins: the table's own answers, then a fixed scatter over all that is free. */
export function openings(p: PlanTask, start: RetrieveSettings, free: readonly FreeParameter[]): RetrieveSettings[] {
  const set = p.request.set ?? {};
  const fromTable = tableStarts(p).map((o) => ({
    ...start,
    countdownS: set.countdownS ?? toHalf(o.countdownS),
    turnsPerS: set.turnsPerS ?? turnsFor(p, o.speedMps, p.style, p.pauseS),
    tip: set.tip ? start.tip : tipSetting(nearestTip(p, o.tipM > 1 ? 'up' : 'down'), p.request.rod, p.reading.access),
  }));
  const scattered = Array.from({ length: SCATTER }, (_, n) =>
    free.reduce((h, f, k) => f.at(h, uniformDraw(n, k + (n < DRAW_COUNT ? 0 : 6))), start),
  );
  return [...fromTable, ...scattered];
}

/** The closed form, and all that the search begins with besides; nothing free: it alone. */
export const guessesOf = (p: PlanTask, start: RetrieveSettings, free: readonly FreeParameter[]): RetrieveSettings[] =>
  free.length === 0 ? [start] : [start, ...openings(p, start, free)];

/** Casts all these hands, each on the same task and mesh. */
export type Evaluate = (hands: readonly RetrieveSettings[]) => Steps<Candidate[]>;

/** Guesses besides the closed form: what swims has more to find than what lies on the bottom or under a float. */
const FIRST_GUESSES = { swim: 12, other: 3 } as const;
/** The first looks around the best of them go in steps of these sizes. */
const FIRST_LOOKS = [1, 0.5, 0.25] as const;

/** So many of them are worth a finer look. */
const FIRST_KEPT = 3;

/** The hands that are likely to be best, by some forty casts: the closed form, a few guesses, a look around. */
export function* firstHands(
  p: PlanTask,
  guesses: readonly RetrieveSettings[],
  free: readonly FreeParameter[],
  evaluate: Evaluate,
): Steps<Candidate[]> {
  const all = new Map<string, Candidate>();
  function* tried(hands: readonly RetrieveSettings[]): Steps<Candidate[]> {
    const cast = yield* evaluate(hands);
    for (const c of cast) all.set(keyOf(c.hands), c);
    return cast;
  }
  const swims = p.family.mode === 'swim';
  let best = bestOf(yield* tried(guesses.slice(0, 1 + (swims ? FIRST_GUESSES.swim : FIRST_GUESSES.other))));
  if (swims) for (const step of FIRST_LOOKS) best = yield* around(free, best, step, tried);
  return [...all.values()].sort((a, b) => b.worth - a.worth).slice(0, FIRST_KEPT);
}

/** Hands tried a time where each builds on the best so far. */
const AT_A_TIME = 4;

/** What a search has found. */
export interface Found {
  /** All candidates, best first. */
  sifted: Candidate[];
  /** Those that the first answer looks at. */
  first: Candidate[];
}

/** Searches among all hands that are free. */
export function* search(p: PlanTask, start: RetrieveSettings, evaluate: Evaluate): Steps<Found> {
  const free = freeParameters(p, start);
  const seen = new Map<string, Candidate>();
  function* tried(hands: readonly RetrieveSettings[]): Steps<Candidate[]> {
    const fresh = new Map(hands.map((h) => [keyOf(h), h] as const).filter(([key]) => !seen.has(key)));
    for (const c of yield* evaluate([...fresh.values()])) seen.set(keyOf(c.hands), c);
    return hands.map((h) => seen.get(keyOf(h))!);
  }
  const best = (): Candidate[] => [...seen.values()].sort((a, b) => b.worth - a.worth);

  const guesses = guessesOf(p, start, free);
  yield* tried(guesses);
  // Where the first answer ends up takes no other place's turn.
  let front = spread(best(), KEPT[0]!);
  const first = yield* firstHands(p, guesses, free, tried);
  if (free.length === 0) return { sifted: best(), first };

  const more = (): boolean => seen.size < MAX_CANDIDATES;
  function* followed(from: Candidate, scale: number): Steps<Candidate> {
    let at = from;
    for (let again = 0; again < 3 && more(); again++) {
      const to = yield* around(free, at, scale, tried, more);
      if (to === at) break;
      at = to;
    }
    return at;
  }
  for (const [i, scale] of SCALES.entries())
    front = spread(yield* together(front.map((c) => followed(c, scale))), KEPT[i + 1] ?? 2);
  // What is left of the hundred goes around the best, then anywhere.
  const random = seededRandom(7);
  for (let n = 0; seen.size < MIN_CANDIDATES && n < 4 * MIN_CANDIDATES; n += AT_A_TIME) {
    const at = best()[0]!.hands;
    const width = n < MIN_CANDIDATES ? 0.3 : 1;
    yield* tried(
      Array.from({ length: AT_A_TIME }, () =>
        free.reduce((h, f) => f.at(h, clamp(f.of(at) + (random() - 0.5) * width, 0, 0.999)), at),
      ),
    );
  }
  return { sifted: best(), first };
}

/**
 * Steps of two freedoms at once, where one makes good what the other spoils: a longer cast is wound quicker, a tip held
 * higher slower.
 */
function* diagonals(free: readonly FreeParameter[], { hands }: Candidate, scale: number): Iterable<RetrieveSettings> {
  const [turns, cast, tip] = (['turns', 'cast', 'tip'] as const).map((w) => free.find((f) => f.what === w));
  if (!turns) return;
  const wound = (h: RetrieveSettings, steps: number): RetrieveSettings =>
    turns.at(h, clamp(turns.of(hands) + steps * turns.step! * scale, 0, 1));
  if (cast)
    for (const way of [1, -1])
      yield wound(cast.at(hands, clamp(cast.of(hands) + way * cast.step! * scale, 0, 1)), way / 2);
  if (tip)
    for (let i = 0; i < tip.settings!; i++) {
      const held = tip.at(hands, (i + 0.5) / tip.settings!);
      if (held.tip.position !== hands.tip.position) yield* [wound(held, 0.5), wound(held, -0.5)];
    }
}

/**
 * Takes every step of one size from a candidate, one freedom after the other, then two at once; the best place found.
 */
export function* around(
  free: readonly FreeParameter[],
  from: Candidate,
  scale: number,
  tried: Evaluate,
  more: () => boolean = () => true,
): Steps<Candidate> {
  let at = from;
  for (const f of free) {
    const u = f.of(at.hands);
    const to = f.settings
      ? Array.from({ length: f.settings }, (_, i) => (i + 0.5) / f.settings!)
      : [u + f.step! * scale, u - f.step! * scale].map((x) => clamp(x, 0, 1));
    if (!more()) return at;
    const hands = to.map((x) => f.at(at.hands, x)).filter((h) => !sameSettings(h, at.hands));
    at = bestOf([at, ...(yield* tried(hands))]);
  }
  if (!more()) return at;
  const hands = [...diagonals(free, at, scale)].filter((h) => !sameSettings(h, at.hands));
  return bestOf([at, ...(yield* tried(hands))]);
}

/** The first of those that are worth most. */
export const bestOf = (candidates: readonly Candidate[]): Candidate =>
  candidates.reduce((best, c) => (c.worth > best.worth ? c : best));

const nearestTip = (p: PlanTask, wished: TipPosition): TipPosition =>
  p.stand.tips.includes(wished) ? wished : p.stand.tips[0]!;

const isNear = ({ hands: a }: Candidate, { hands: b }: Candidate): boolean =>
  a.tip.position === b.tip.position &&
  Math.abs(Math.log(a.turnsPerS / b.turnsPerS)) < 0.25 &&
  Math.abs(a.countdownS - b.countdownS) < 1.5;

/** The best few places, best first, with so many candidates of each at the most, its best first. */
export function places(candidates: readonly Candidate[], most: number, each: number): Candidate[][] {
  const out: Candidate[][] = [];
  for (const c of [...candidates].sort((a, b) => b.worth - a.worth)) {
    const place = out.find(([head]) => isNear(head!, c));
    if (!place && out.length < most) out.push([c]);
    else if (place && place.length < each) place.push(c);
  }
  return out;
}

/** The best few that are not the same place twice. */
export const spread = (candidates: readonly Candidate[], most: number): Candidate[] =>
  places(candidates, most, 1).map(([head]) => head!);
