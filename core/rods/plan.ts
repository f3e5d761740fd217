/**
 * The set-ups for a day: from a box, rods and what the day may bring to a set, what it leaves open, and what each place
 * could be swapped for.
 */
import type { RankOptions } from '../ranking/rank';
import type { RankEntry } from '../ranking/ranked';
import { lineHolds, lineLets } from '../ranking/pairing';
import { neededLb } from '../ranking/pull';
import type { LineSpec } from '../tackle/line';
import { rodFit, rodStiffnessNpm } from '../tackle/rod';
import { speciesProfile } from '../water/species';
import { resolveConditions } from '../water/resolve';
import { coverDay, swapsFor, coverAnswer, worthOf, type RodCover, type CoverProblem } from './cover';
import type { Conditions } from '../water/conditions';
import type { LightShares } from './light';
import { entriesFor, dayScenarios, lacksOf, likeliestOf, valuesOf, type Lack, type Scenario } from './scenarios';

/** One rod rigged, what it is for, and what would be missed without it. */
export interface SetUp {
  key: string;
  /** What it weighs, kg. */
  weightKg: number;
  /** Place among the rods; null: rods were not asked about. */
  rod: number | null;
  /** Share of the day, by weight, in which it is the best of the set. */
  share: number;
  /** Scenarios it is the best in. */
  covers: number[];
  /** Share of the set's worth that would be lost without it. */
  missed: number;
  /** Others in its place, by what that loses. */
  swaps: { key: string; loss: number }[];
}

/** Which lures to have rigged for a day, and what they leave open. */
export interface RodPlan {
  setUps: SetUp[];
  /** Expected strikes an hour over the day, and with the whole box along. */
  perHour: number;
  possiblePerHour: number;
  exact: boolean;
  /** Scenarios where the best of the set is worth less than half of what the box could do, by weight. */
  uncovered: { scenario: number; share: number; better: string }[];
  scenarios: Scenario[];
  /** The lures the day was reckoned with. */
  considered: number;
  /** No line is strong enough for these fish in this cover: what would be, lb; null: one is, or lines were not said. */
  needLb: number | null;
}

/** Scenarios, how many rods, and what to choose from. */
export interface RodRequest extends RankOptions {
  scenarios: readonly Scenario[];
  k: number;
  /** Of each rod, the line on it; null or absent: any. */
  lines?: readonly (LineSpec | null)[] | null;
  /** A set chosen by hand, by key; absent: the best is found. */
  chosen?: readonly string[] | null;
}

const HALF = 0.5;
const MAX_SWAPS = 6;

/** The best k set-ups of lures and rods for scenarios; exact for k up to 4, else greedy (at least 63 %). */
export function planRods({ scenarios, k, chosen, lines, ...options }: RodRequest): RodPlan {
  const entries = entriesFor(scenarios, options);
  const outfits = outfitsFor(scenarios, entries, options.rods ?? [], lines ?? []);
  const p: CoverProblem = {
    values: valuesOf(entries, scenarios, options),
    weights: scenarios.map((s) => s.weight),
    k,
    ...(outfits ? { rods: outfits.of, unease: outfits.unease } : {}),
  };
  const byHand = chosen?.flatMap((key) => {
    const i = entries.findIndex((e) => e.key === key);
    return i < 0 ? [] : [i];
  });
  const cover = byHand ? coverAnswer(byHand, p, false) : coverDay(p);
  return { ...answer(cover, p, entries, scenarios), needLb: outfits?.needLb ?? null };
}

/**
 * Of each lure, the rods that throw it on a line that lets it fly and fall and holds the fish where they most likely
 * are. Where no line holds them that is said, and left aside: the strongest there is must do.
 */
function outfitsFor(
  scenarios: readonly Scenario[],
  entries: readonly RankEntry[],
  rods: NonNullable<RankOptions['rods']>,
  lines: readonly (LineSpec | null)[],
): { of: number[][]; unease: number[][]; needLb: number | null } | null {
  const likeliest = likeliestOf(scenarios);
  if (rods.length === 0 || !likeliest) return null;
  const reading = resolveConditions(likeliest.conditions);
  const species = speciesProfile(reading.species);
  const on = (n: number): LineSpec | null => lines[n] ?? null;
  const holds = rods.map((_, n) => on(n) === null || lineHolds(on(n)!, species, reading));
  const none = !holds.includes(true);
  const suits = (n: number, weightKg: number): boolean =>
    rodFit(rods[n]!, weightKg) === 'fits' &&
    (none || holds[n]!) &&
    (on(n) === null || lineLets(on(n)!, weightKg, species, reading));
  return {
    of: entries.map((e) => rods.flatMap((_, n) => (suits(n, e.f.weightKg[1]) ? [n] : []))),
    unease: entries.map((e) => rods.map((rod, n) => uneaseOf(e.f, rod, on(n)))),
    needLb: none ? Math.round(neededLb(species, reading)) : null,
  };
}

/** Trebles tear out against a stiffer rod than this, N/m; what has one strong hook wants a stiffer one. */
const STIFF_NPM = 75;
/** A lure of this weight, kg, bears a line of a pound for each gram. */
const KG_PER_LB = 0.001;

/** How ill a lure sits on an outfit: off the middle of its rating, trebles on what does not give, thick line. */
function uneaseOf(f: RankEntry['f'], rod: NonNullable<RankOptions['rods']>[number], line: LineSpec | null): number {
  const weightKg = f.weightKg[1];
  const stiffer = Math.log(rodStiffnessNpm(rod) / STIFF_NPM);
  const off = Math.abs(Math.log(weightKg / Math.sqrt(rod.minLureKg * rod.maxLureKg)));
  const thick = line ? Math.max(0, Math.log((line.strengthLb * KG_PER_LB) / weightKg)) : 0;
  const braidInTrebles = f.hook === 'treble' && line?.material === 'braid' ? 0.3 : 0;
  return off + Math.max(0, f.hook === 'treble' ? stiffer : -stiffer) + thick + braidInTrebles;
}

function answer(
  c: RodCover,
  p: CoverProblem,
  entries: readonly RankEntry[],
  scenarios: readonly Scenario[],
): Omit<RodPlan, 'needLb'> {
  const keys = entries.map((e) => e.key);
  const setUps = c.chosen.map((row, n): SetUp => {
    const covers = c.best.flatMap((b, j) => (b.of === n && p.values[row]![j]! > 0 ? [j] : []));
    return {
      key: keys[row]!,
      weightKg: entries[row]!.f.weightKg[1],
      rod: c.rods[n] ?? null,
      share: covers.reduce((s, j) => s + p.weights[j]!, 0),
      covers,
      missed:
        c.worth > 0
          ? 1 -
            worthOf(
              c.chosen.filter((x) => x !== row),
              p,
            ) /
              c.worth
          : 0,
      swaps: swapsFor(c.chosen, row, p)
        .slice(0, MAX_SWAPS)
        .map((x) => ({ key: keys[x.row]!, loss: x.loss })),
    };
  });
  const uncovered = c.best
    .flatMap((b, j) => {
      if (b.share >= HALF) return [];
      const better = p.values.reduce((top, row, i) => (row[j]! > p.values[top]![j]! ? i : top), 0);
      return [{ scenario: j, share: b.share, better: keys[better]! }];
    })
    .sort((a, b) => p.weights[b.scenario]! - p.weights[a.scenario]!);
  return {
    setUps,
    perHour: c.worth,
    possiblePerHour: c.possible,
    exact: c.exact,
    uncovered,
    scenarios: [...scenarios],
    considered: keys.length,
  };
}

/** A day from now on: its scenarios made from the conditions and the light of its hours. */
export const planRodsForDay = (
  conditions: Conditions,
  light: LightShares,
  request: Omit<RodRequest, 'scenarios'>,
): RodPlan => planRods({ ...request, scenarios: dayScenarios(conditions, light) });

/** What the box has nothing of, for a day like this; with the scenarios it is about. */
export function lacksForDay(
  conditions: Conditions,
  light: LightShares,
  options: RankOptions,
): { lacks: Lack[]; scenarios: Scenario[] } {
  const scenarios = dayScenarios(conditions, light);
  return { lacks: lacksOf(scenarios, options), scenarios };
}
