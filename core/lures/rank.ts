/** Ranks families for a reading: score with its reasons and range, exclusions, and the three lures to take in hand. */
import { DRAW_COUNT, normalDraw, uniformDraw } from '../draws';
import { judgeMood, moodOfDraw, type MoodJudgement } from '../mood/filter';
import { signLogLikelihood } from '../mood/signs';
import { normalise, spreadMood, type MoodDistribution } from '../mood/states';
import { quantile } from '../numbers';
import type { RodSpec } from '../retrieve/tackle/rod';
import { drawReading, resolveConditions, type Reading } from '../water/defaults';
import type { Conditions } from '../water/conditions';
import { speciesProfile, type SpeciesProfile } from '../water/species';
import { allFamilies, familyById } from './families';
import type { Family, FamilyId } from './family';
import { readContext, scoreFamily, type ReadContext, type Score } from './factors';
import { scoreGuarding } from './guarding';
import { findExclusion, type Exclusion } from './limits';
import { chooseRig, type Rig } from './rig';
import { DEFAULT_SCHOOLS, type Schools } from './schools';

export interface RankedFamily extends Score {
  family: FamilyId;
  low: number;
  high: number;
  rig: Rig;
}

export interface Ranking {
  reading: Reading;
  mood: MoodJudgement;
  ranked: RankedFamily[];
  excluded: Exclusion[];
  plan: { start: FamilyId; follow: FamilyId; refusal: FamilyId } | null;
  notes: { code: 'setting-not-built'; value: string }[];
}

export interface RankOptions {
  rods?: readonly RodSpec[] | null;
  schools?: Schools;
  /** Only these families (the angler's box); all when absent. */
  families?: readonly FamilyId[];
  /** Thickness of the line in use, m; absent: what each kind is usually thrown on. */
  lineDiameterM?: number;
  /** Leave out the ranges (low = high = middle); ten times quicker. */
  withoutRange?: boolean;
}

/** Spread of a family's own strike rate that no reading explains, ln. prior: judgement. */
const FAMILY_SPREAD = 0.3;

/** Range of strikes per hour from the fixed draws: readings, mood and the family's own rate. */
function rangeOf(f: Family, draws: readonly ReturnType<typeof readContext>[], seat: number): [number, number] {
  const values = draws.map((c, n) => scoreFamily(f, c).strikesPerHour * Math.exp(FAMILY_SPREAD * normalDraw(n + 7 * seat, 7)));
  return [quantile(values, 0.05) ?? Infinity, quantile(values, 0.95) ?? 0];
}

/** The same for fish on their beds: the agitation is drawn instead of the mood. */
function guardingRange(f: Family, draws: readonly ReadContext[], agitation: readonly number[], seat: number): [number, number] {
  const values = draws.map((c, n) => {
    let u = uniformDraw(n, 6);
    let state = 0;
    while (state < agitation.length - 1 && u > agitation[state]!) u -= agitation[state++]!;
    const drawn = agitation.map((v, i) => 0.4 * v + (i === state ? 0.6 : 0));
    return scoreGuarding(f, c, drawn).strikesPerHour * Math.exp(FAMILY_SPREAD * normalDraw(n + 7 * seat, 7));
  });
  return [quantile(values, 0.05) ?? Infinity, quantile(values, 0.95) ?? 0];
}

/** A mood state drawn from the distribution, still a little spread. */
function drawMood(p: MoodDistribution, n: number): MoodDistribution {
  let u = uniformDraw(n, 6);
  let state = 0;
  while (state < 4 && u > p[state]!) u -= p[state++]!;
  return spreadMood(state, 0.6);
}

export function rankFamilies(conditions: Conditions, options: RankOptions = {}): Ranking {
  const reading = resolveConditions(conditions);
  const species = speciesProfile(conditions.species);
  const notes: Ranking['notes'] = [];
  if (reading.setting === 'ice') notes.push({ code: 'setting-not-built', value: 'ice' });
  const mood = judgeMood(reading, species);
  if (notes.length > 0) return { reading, mood, ranked: [], excluded: [], plan: null, notes };

  const schools = options.schools ?? DEFAULT_SCHOOLS;
  const context = readContext(reading, species, mood.distribution, options.lineDiameterM);
  const draws = Array.from({ length: options.withoutRange ? 0 : DRAW_COUNT }, (_, n) => {
    const drawn = drawReading(reading, n);
    return readContext(drawn, species, drawMood(moodOfDraw(drawn, species), n), options.lineDiameterM);
  });
  const { guarding } = mood;
  const scored = (f: Family): Score => (guarding ? scoreGuarding(f, context, guarding.distribution) : scoreFamily(f, context));
  const ranked: RankedFamily[] = [];
  const excluded: Exclusion[] = [];
  allFamilies().forEach((f, seat) => {
    if (options.families && !options.families.includes(f.id)) return;
    const no = findExclusion(f, reading, species, options.rods ?? null);
    if (no) {
      excluded.push(no);
      return;
    }
    const [low, high] = guarding ? guardingRange(f, draws, guarding.distribution, seat) : rangeOf(f, draws, seat);
    const score = scored(f);
    ranked.push({
      family: f.id,
      ...score,
      low: Math.min(low, score.strikesPerHour),
      high: Math.max(high, score.strikesPerHour),
      rig: chooseRig(f, reading, species, mood.mean, schools),
    });
  });
  ranked.sort((a, b) => b.score - a.score || (a.family < b.family ? -1 : 1));
  return {
    reading,
    mood,
    ranked,
    excluded,
    plan: guarding ? threeForGuarding(ranked, context, guarding.mean) : chooseThree(ranked, reading, species, options.lineDiameterM),
    notes,
  };
}

/** Casts without a sign after which the next lure is taken, for reckoning the three. */
const CASTS_BEFORE_CHANGE = 12;

/**
 * One to start, one to follow, one for when they refuse. The follow-up is the best once a dozen casts of the first drew nothing, of another
 * kind (another depth or another loudness); the refusal lure is the best quiet one once both drew nothing.
 */
export function chooseThree(ranked: readonly RankedFamily[], reading: Reading, species: SpeciesProfile, lineDiameterM?: number): Ranking['plan'] {
  const start = ranked[0];
  if (!start || ranked.length < 3) return null;
  const again = (casts: number) => {
    const distribution = afterEmpties(reading, species, casts, start.zone.share);
    const c = readContext(reading, species, distribution, lineDiameterM);
    return ranked
      .map((x) => ({ id: x.family, f: familyOf(x.family), score: scoreFamily(familyOf(x.family), c).score }))
      .sort((a, b) => b.score - a.score);
  };
  const first = familyOf(start.family);
  const differs = (f: Family, g: Family): boolean => f.id !== g.id && (f.mode !== g.mode || Math.abs(f.action - g.action) >= 0.25);
  const later = again(CASTS_BEFORE_CHANGE);
  const follow = (later.find((x) => differs(x.f, first)) ?? later.find((x) => x.id !== start.family)!).f;
  const last = again(2 * CASTS_BEFORE_CHANGE + 6).filter((x) => x.id !== first.id && x.id !== follow.id);
  const refusal = (last.find((x) => x.f.action <= Math.min(0.3, first.action) && x.f.mode !== 'surface') ?? last[0]!).f;
  return { start: start.family, follow: follow.id, refusal: refusal.id };
}

/** Calm, and at the peak of their anger. */
const CALM = [1, 0, 0, 0];
const AT_THE_PEAK = [0, 0, 0, 1];
const HALF_WAY = 1.5;

/** One for now, one for when their anger has turned, one of another kind when the first moves nothing. */
function threeForGuarding(ranked: readonly RankedFamily[], c: ReadContext, agitationMean: number): Ranking['plan'] {
  const [start] = ranked;
  if (!start || ranked.length < 3) return null;
  const turned = agitationMean < HALF_WAY ? AT_THE_PEAK : CALM;
  const rest = ranked.filter((x) => x !== start);
  const follow = rest.map((x) => ({ x, score: scoreGuarding(familyOf(x.family), c, turned).score })).sort((a, b) => b.score - a.score)[0]!.x;
  const others = rest.filter((x) => x !== follow);
  const refusal = others.find((x) => familyOf(x.family).mode !== familyOf(start.family).mode) ?? others[0]!;
  return { start: start.family, follow: follow.family, refusal: refusal.family };
}

const familyOf = familyById;

function afterEmpties(r: Reading, species: SpeciesProfile, casts: number, share: number): MoodDistribution {
  const ln = signLogLikelihood({ kind: 'empty-cast', count: casts, zoneShare: share })!;
  return normalise(judgeMood(r, species).distribution.map((v, i) => v * Math.exp(ln[i]!)));
}
