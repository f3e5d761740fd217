/**
 * The search for the best hands: a first scatter over everything that is free, then steps of shrinking size from the
 * best few, a hundred casts and more simulated on the coarsest mesh, fewer where each takes long (see budget). The
 * finalists are cast again on finer meshes (see finest).
 */
import { DRAW_COUNT, uniformDraw } from '../../base/draws';
import { clamp, toHalf } from '../../base/numbers';
import { seededRandom } from '../../base/random';
import { tipSetting, type TipPosition } from '../../tackle/stand';
import { tableStarts, turnsFor, type PlanTask, type RetrieveSettings } from '../task/setup';
import { affordable, rationed, workEach, WORK } from './budget';
import { bestOf, spread, type Candidate, type Evaluate } from './candidates';
import { together, type Steps } from './casting';
import { freeParameters, type FreeParameter } from './freedoms';

/** Guesses over everything that is free: as many as can be afforded, between these. */
const SCATTER = [12, 40] as const;
/** What is scattered may take so much of the search. */
const SCATTER_SHARE = 0.4;
/** Casts simulated at the least where there is anything to find and it can be afforded. */
export const MIN_CANDIDATES = 100;
/** From so many on no further step is begun: as many as can be afforded, between these. */
export const CANDIDATES = { least: 40, most: 220 } as const;
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
  const scattered = Array.from({ length: SCATTER[1] }, (_, n) =>
    free.reduce((h, f, k) => f.at(h, uniformDraw(n, k + (n < DRAW_COUNT ? 0 : 6))), start),
  );
  return [...fromTable, ...scattered];
}

/** The closed form, and all that the search begins with besides; nothing free: it alone. */
export const guessesOf = (p: PlanTask, start: RetrieveSettings, free: readonly FreeParameter[]): RetrieveSettings[] =>
  free.length === 0 ? [start] : [start, ...openings(p, start, free)];

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
  const ration = rationed(evaluate, WORK.search);
  function* tried(hands: readonly RetrieveSettings[]): Steps<Candidate[]> {
    const fresh = new Map(hands.map((h) => [keyOf(h), h] as const).filter(([key]) => !seen.has(key)));
    for (const c of yield* ration.tried([...fresh.values()])) seen.set(keyOf(c.hands), c);
    return hands.map((h) => seen.get(keyOf(h))!);
  }
  const best = (): Candidate[] => [...seen.values()].sort((a, b) => b.worth - a.worth);

  const guesses = guessesOf(p, start, free);
  if (free.length === 0) return { first: yield* firstHands(p, guesses, free, tried), sifted: best() };
  const beyond = guesses.length - SCATTER[1];
  const least = yield* tried(guesses.slice(0, beyond + SCATTER[0]));
  yield* tried(guesses.slice(0, beyond + affordable(SCATTER_SHARE * WORK.search, workEach(least), SCATTER)));
  // Where the first answer ends up takes no other place's turn.
  let front = spread(best(), KEPT[0]!);
  const first = yield* firstHands(p, guesses, free, tried);

  const more = (): boolean => seen.size < CANDIDATES.least || (ration.more() && seen.size < CANDIDATES.most);
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
  for (let n = 0; seen.size < MIN_CANDIDATES && more() && n < 4 * MIN_CANDIDATES; n += AT_A_TIME) {
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

const nearestTip = (p: PlanTask, wished: TipPosition): TipPosition =>
  p.stand.tips.includes(wished) ? wished : p.stand.tips[0]!;
