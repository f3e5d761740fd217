/**
 * Which branch of the ranking holds for these fish, as one function from a lure to its score; and the same where fewer
 * or other things are known.
 */
import { DRAW_COUNT, normalDraw, uniformDraw } from '../base/draws';
import { keeper } from '../base/keeper';
import { judgeGuarding } from '../mood/guarding';
import { judgeMood, moodOfDraw, type MoodJudgement } from '../mood/filter';
import { signLogLikelihood } from '../mood/signs';
import { normalise, spreadMood, type MoodDistribution } from '../mood/states';
import { quantile } from '../base/numbers';
import type { SpeciesProfile } from '../water/species';
import { readContext, type ContextOptions, type ReadContext } from './context';
import { allFamilies } from '../lures/families';
import type { Family } from '../lures/family';
import { scoreFeeding } from './feeding';
import { scoreGuarding } from './guarding';
import { scoreIce } from './ice';
import type { Planned } from './planned';
import { asHooked } from './rig';
import type { Score } from './score';
import { drawConditions } from '../water/drawn';
import type { ResolvedConditions } from '../water/resolve';

/** Scores one kind of lure in the water and mood it was made for: by the table, or by the plan it was given. */
export type ScoreLure = (f: Family, planned?: Planned) => Score;
/** Three ways of judging a lure. */
export const BRANCHES = ['feeding', 'guarding', 'ice'] as const;
export type Branch = (typeof BRANCHES)[number];

/** Which branch of the ranking holds: ice, guarding or feeding fish. */
export const branchOf = (r: ResolvedConditions): Branch =>
  r.setting === 'ice' || r.access === 'ice' ? 'ice' : r.behaviour === 'guarding' ? 'guarding' : 'feeding';

/** All that is needed to score lures in one water, worked out once. */
export interface Scoring {
  reading: ResolvedConditions;
  species: SpeciesProfile;
  branch: Branch;
  mood: MoodJudgement;
  context: ReadContext;
  options: ContextOptions;
  score: ScoreLure;
  /** What was scored in other moods. */
  moods: (name: string, make: () => ScoreLure) => ScoreLure;
}

/** Moods kept beside the one at hand. */
const OTHER_MOODS = 8;

const scorerIn = (branch: Branch, c: ReadContext, agitation: readonly number[]): ScoreLure =>
  branch === 'ice'
    ? (f) => scoreIce(f, c)
    : branch === 'guarding'
      ? (f) => scoreGuarding(asHooked(f, c.r), c, agitation)
      : (f, planned) => scoreFeeding(asHooked(f, c.r), c, planned);

const CALM = [1, 0, 0, 0] as const;

/** One function from a lure to its score for these conditions. */
export function scoringOf(reading: ResolvedConditions, species: SpeciesProfile, options: ContextOptions = {}): Scoring {
  const mood = judgeMood(reading, species);
  const branch = branchOf(reading);
  const context = readContext(reading, species, mood.distribution, options);
  return {
    reading,
    species,
    branch,
    mood,
    context,
    options,
    score: scorerIn(branch, context, mood.guarding?.distribution ?? CALM),
    moods: keeper<ScoreLure>(OTHER_MOODS),
  };
}

/** One function from a lure to its score for fish whose mood is given, without judging it. */
export function scorerFor(
  { reading, species, options }: Pick<Scoring, 'reading' | 'species' | 'options'>,
  mood: MoodDistribution,
): ScoreLure {
  const agitation = reading.behaviour === 'guarding' ? judgeGuarding(reading.signs).distribution : CALM;
  return scorerIn(branchOf(reading), readContext(reading, species, mood, options), agitation);
}

/** The same fish in another mood; kept, since what is asked of one is asked again when one of the plans is known. */
export function inMood(s: Scoring, distribution: MoodDistribution): ScoreLure {
  const { reading, species, branch, options, mood, moods } = s;
  return moods(distribution.join(), () => {
    const score = scorerIn(
      branch,
      readContext(reading, species, distribution, options),
      mood.guarding?.distribution ?? CALM,
    );
    const kept = new WeakMap<Family, Score>();
    return (f, planned) => {
      if (planned) return score(f, planned);
      const scored = kept.get(f) ?? score(f);
      kept.set(f, scored);
      return scored;
    };
  });
}

/** The same fish on their beds in another state of anger. */
export const whenAngry = (s: Scoring, agitation: readonly number[]): ScoreLure =>
  scorerIn(s.branch, s.context, agitation);

/** Casts through the zone that drew nothing. */
export interface Empties {
  casts: number;
  zoneShare: number;
}

/** The mood once so many casts of one lure after another drew nothing, as the filter has it. */
export function moodAfter(s: Scoring, empties: readonly Empties[]): MoodDistribution {
  const ln = empties.map(({ casts, zoneShare }) => signLogLikelihood({ kind: 'empty-cast', count: casts, zoneShare })!);
  return normalise(s.mood.distribution.map((v, i) => v * Math.exp(ln.reduce((sum, x) => sum + x[i]!, 0))));
}

/**
 * Spread of a lure's own strike rate that no reading explains, ln: against truths drawn around what experts say the
 * ranges were too narrow with 0.3 (off by 1.0 where they said 0.7). prior: judgement.
 */
export const OWN_SPREAD = 0.6;

/** A state drawn from a distribution, still a little spread. */
function drawnState(p: readonly number[], n: number): number {
  let u = uniformDraw(n, 6);
  let state = 0;
  while (state < p.length - 1 && u > p[state]!) u -= p[state++]!;
  return state;
}

/** Range of strikes per hour, 5–95 %, from the fixed draws: readings, mood (or anger) and the family's own rate. */
export function rangesOf(s: Scoring): (f: Family, strikesPerHour: number) => [number, number] {
  const { reading, species, branch, options, mood } = s;
  const anger = mood.guarding?.distribution ?? CALM;
  const draws = Array.from({ length: DRAW_COUNT }, (_, n) => {
    const drawn = drawConditions(reading, n);
    const c = readContext(drawn, species, spreadMood(drawnState(moodOfDraw(drawn, species), n), 0.6), options);
    const state = drawnState(anger, n);
    return scorerIn(
      branch,
      c,
      anger.map((v, i) => 0.4 * v + (i === state ? 0.6 : 0)),
    );
  });
  const seats = new Map(allFamilies().map((f, i) => [f.id, i]));
  return (f, strikesPerHour) => {
    const seat = seats.get(f.id)!;
    const values = draws.map(
      (score, n) => score(f).strikesPerHour * Math.exp(OWN_SPREAD * normalDraw(n + 7 * seat, 7)),
    );
    return [Math.min(quantile(values, 0.05)!, strikesPerHour), Math.max(quantile(values, 0.95)!, strikesPerHour)];
  };
}
