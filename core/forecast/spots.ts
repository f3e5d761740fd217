/**
 * Where to go today, and in what order. A spot is worth what is found together there (bait, current, structure, a near
 * change of depth), more at the tide and light it is known for; a day's round is the order of stays and ways between
 * them that promises most.
 */
import { distanceM } from '../base/ground';
import type { DayLine } from './line';
import { STEP_MS } from './step';
import type { SpotLight, TideStage } from '../water/terms';

/** A spot as the round weighs it: what is there, and when it fishes. */
export interface SpotCandidate {
  id: string;
  latDeg: number;
  lonDeg: number;
  bait: boolean;
  current: boolean;
  structure: boolean;
  depthChange: boolean;
  bestTide: TideStage | 'any';
  bestLight: SpotLight;
  /** What the season makes of the part of the water it lies in, 0–1 (forecast/parts); absent: nothing. */
  season?: number;
  /** Left alone until then. */
  restUntilMs: number | null;
}

/** What each feature multiplies a spot by. prior: judgement. Found together they multiply: one alone is little. */
const GAIN = { bait: 1.8, current: 1.5, structure: 1.7, depthChange: 1.5 } as const;
const FEATURES = Object.keys(GAIN) as (keyof typeof GAIN)[];
const ALL = FEATURES.reduce((x, f) => x * GAIN[f], 1);
/** A spot out of its tide, or out of its light, keeps this share. prior: judgement. */
const OFF_TIDE = 0.45;
const OFF_LIGHT = 0.6;

/** How many of the four signs are found together there. */
export const spotSigns = (s: Pick<SpotCandidate, keyof typeof GAIN>): number => FEATURES.filter((f) => s[f]).length;

/** 0.15 (nothing there) … 1 (all four found together). */
export const spotQuality = (s: Pick<SpotCandidate, keyof typeof GAIN>): number =>
  FEATURES.reduce((x, f) => x * (s[f] ? GAIN[f] : 1), 1) / ALL;

export const SLOT_MS = 30 * 60_000;
/** Shortest and longest stay, slots. */
const STAY: readonly [number, number] = [1, 6];
/** What a further half hour at the same spot is worth against the one before. prior: judgement. */
const STALE = 0.75;
/** Reeling in, walking or starting up, and reading the water anew, min. */
const MOVE_MIN = 6;
const MAX_SPOTS = 7;
/** Nearer than this is the same place, m. */
const HERE_M = 25;

/** A stay at one spot of the round. */
export interface Stay {
  id: string;
  fromMs: number;
  toMs: number;
  /** Minutes on the way there. */
  travelMin: number;
  /** Mean promise while there, times the day's mean, weighed by the spot. */
  promise: number;
}

/** The order of spots for the hours left, and what each would be worth by itself. */
export interface Round {
  stays: Stay[];
  /** What the round is worth, in half hours of an ordinary spot with everything at the day's mean. */
  worth: number;
  /** All spots by what they are worth at their best hour left today. */
  ranked: { id: string; quality: number; bestAtMs: number | null; promise: number }[];
}

function stageAt(line: DayLine, atMs: number): TideStage | null {
  const near = line.turns.find((t) => Math.abs(t.atMs - atMs) < 50 * 60_000);
  if (near) return near.kind;
  const s = stepAt(line, atMs);
  return !s || s.tideMps === null ? null : s.tideMps > 0 ? 'rising' : 'falling';
}

const stepAt = (line: DayLine, atMs: number) => line.steps[Math.floor((atMs - line.fromMs) / STEP_MS)] ?? null;

/**
 * Worth of half an hour at a spot, in half hours of an ordinary spot with everything at the day's mean; nothing while
 * it rests.
 */
export function worthAt(c: SpotCandidate, line: DayLine, atMs: number): number {
  const s = stepAt(line, atMs);
  if (!s || (c.restUntilMs !== null && atMs < c.restUntilMs)) return 0;
  const stage = stageAt(line, atMs);
  const tide = c.bestTide === 'any' || stage === null || stage === c.bestTide ? 1 : OFF_TIDE;
  const low = s.sunDeg < 10;
  const light = c.bestLight === 'any' || (c.bestLight === 'low') === low ? 1 : OFF_LIGHT;
  return s.promise * spotQuality(c) * (c.season ?? 1) * tide * light;
}

/** When, from where and how fast one goes round. */
export interface RoundOptions {
  line: DayLine;
  fromMs: number;
  toMs: number;
  /** Where one is now; null: wherever the round begins. */
  at: { latDeg: number; lonDeg: number } | null;
  /** Between spots, m/s: on foot, paddling, under motor. */
  travelMps: number;
  /** How long one has, min; absent: to the end of the day. */
  budgetMin?: number;
}

/**
 * The best round by trying every order and length of stay (exact, for at most seven spots: the best seven of a longer
 * list).
 */
export function planRound(candidates: readonly SpotCandidate[], o: RoundOptions): Round {
  const { line } = o;
  const slots = Math.max(
    0,
    Math.floor((Math.min(o.toMs, line.fished.toMs) - Math.max(o.fromMs, line.fished.fromMs)) / SLOT_MS),
  );
  const startMs = Math.max(o.fromMs, line.fished.fromMs);
  const timeOf = (slot: number): number => startMs + slot * SLOT_MS;
  const worth = (c: SpotCandidate, slot: number): number => worthAt(c, line, timeOf(slot) + SLOT_MS / 2);
  const ranked = candidates
    .map((c) => {
      let best = { atMs: null as number | null, promise: 0 };
      for (let k = 0; k < slots; k++) if (worth(c, k) > best.promise) best = { atMs: timeOf(k), promise: worth(c, k) };
      return { id: c.id, quality: spotQuality(c), bestAtMs: best.atMs, promise: best.promise };
    })
    .sort((a, b) => b.promise - a.promise || (a.id < b.id ? -1 : 1));
  const list = ranked.slice(0, MAX_SPOTS).map((r) => candidates.find((c) => c.id === r.id)!);
  const travelMin = (from: { latDeg: number; lonDeg: number } | null, to: SpotCandidate): number =>
    from === null || distanceM(from, to) < HERE_M ? 0 : MOVE_MIN + distanceM(from, to) / o.travelMps / 60;

  interface Plan {
    value: number;
    next: { spot: number; arrive: number; leave: number; travelMin: number } | null;
  }
  const memo = new Map<number, Plan>();
  const none: Plan = { value: 0, next: null };
  /**
   * Best from this slot on, having been at the spots of `mask`, standing at `last` (−1: where one is now). Time lost on
   * the way is counted in minutes.
   */
  const from = (mask: number, last: number, slot: number): Plan => {
    if (slot >= slots) return none;
    const key = (mask * (list.length + 1) + last + 1) * 128 + slot;
    const known = memo.get(key);
    if (known) return known;
    // Waiting where one is costs nothing but time.
    let best: Plan = { ...from(mask, last, slot + 1) };
    list.forEach((c, i) => {
      if (mask & (1 << i)) return;
      const way = travelMin(last < 0 ? o.at : list[last]!, c);
      const lost = way / (SLOT_MS / 60_000);
      // Long ways take whole slots; what is left of the first half hour is fished.
      const arrive = slot + Math.floor(lost);
      let value = 0;
      for (let stay = 1; stay <= STAY[1] && arrive + stay <= slots; stay++) {
        const share = stay === 1 ? 1 - (lost - Math.floor(lost)) : 1;
        value += worth(c, arrive + stay - 1) * STALE ** (stay - 1) * share;
        if (stay < STAY[0]) continue;
        const rest = from(mask | (1 << i), i, arrive + stay);
        if (value + rest.value > best.value + 1e-9)
          best = { value: value + rest.value, next: { spot: i, arrive, leave: arrive + stay, travelMin: way } };
      }
    });
    memo.set(key, best);
    return best;
  };

  const stays: Stay[] = [];
  let state: [number, number, number] = [0, -1, 0];
  for (let k = 0; k < MAX_SPOTS; k++) {
    const { next } = from(...state);
    if (!next) break;
    const c = list[next.spot]!;
    const during = Array.from({ length: next.leave - next.arrive }, (_, j) => worth(c, next.arrive + j));
    stays.push({
      id: c.id,
      fromMs: timeOf(next.arrive),
      toMs: timeOf(next.leave),
      travelMin: Math.round(next.travelMin),
      promise: during.reduce((s, v) => s + v, 0) / during.length,
    });
    state = [state[0] | (1 << next.spot), next.spot, next.leave];
  }
  return { stays, worth: from(0, -1, 0).value, ranked };
}
