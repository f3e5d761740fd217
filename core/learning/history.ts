/** Blocks of past fishing as the fit takes them: what the model expected of each, and what may have moved it. */
import { contentHash } from '../base/hash';
import { keeper } from '../base/keeper';
import { allFamilies, familyById } from '../lures/families';
import type { Colour, Family, FamilyId, Hook } from '../lures/family';
import { familyOfLure, type OwnLure } from '../lures/own';
import { atWeight } from '../lures/weights';
import { contextOptions } from '../ranking/layout';
import type { RankOptions } from '../ranking/rank';
import type { Score } from '../ranking/score';
import { scoringOf, type Scoring } from '../ranking/scoring';
import { weigh } from '../ranking/weighing';
import type { Conditions } from '../water/conditions';
import { resolveConditions, type ResolvedConditions } from '../water/resolve';
import { speciesProfile } from '../water/species';
import { effectsOf, type Effect, type WaterAndDay } from './effects';
import { judgedOnce, MAX_JUDGED, type Judgement } from './judged';
import type { Row } from './design';

/** How a lure was presented, as far as it is known. SI. */
export interface PastPresentation {
  family: FamilyId;
  weightKg?: number | null;
  sizeM?: number | null;
  colour?: Colour | null;
  hook?: Hook | null;
  /** The key of the lure in the box. */
  lure?: string | null;
}

/** Time fished one way in one water, and what came of it. */
export interface PastBlock extends WaterAndDay {
  conditions: Conditions;
  presentation: PastPresentation;
  /** Minutes fished, rests left out. */
  minutes: number;
  casts?: number | null;
  strikes: number;
  /** Of the strikes; absent: not noted. */
  hooked?: number | null;
  landed?: number | null;
  follows?: number | null;
  daysAgo?: number | null;
}

/** Half of what was learned is forgotten in so many days. prior: judgement. */
const HALF_LIFE_DAYS = 730;
/** How much a block of so many days ago counts, 0–1. */
export const freshness = (daysAgo: number | null | undefined): number =>
  0.5 ** (Math.max(0, daysAgo ?? 0) / HALF_LIFE_DAYS);

/** The lure of a block as a family: an own one where its weight and length are known. */
export function familyOfBlock(p: PastPresentation): Family {
  const kind = familyById(p.family);
  if (p.weightKg == null && p.sizeM == null && p.hook == null) return kind;
  const own: OwnLure = {
    id: '',
    family: p.family,
    weightKg: p.weightKg ?? kind.weightKg[1],
    lengthM: p.sizeM ?? kind.lengthM[1],
    hook: p.hook ?? kind.hook,
    colour: p.colour ?? null,
    priceMinor: 0,
  };
  const f = familyOfLure(own);
  // The kind comes in any weight: the best of them, as the ranking takes it.
  return p.weightKg == null ? { ...kind, lengthM: f.lengthM, hook: f.hook, weedlessToo: f.weedlessToo } : f;
}

/** Kinds that stand for lures in general, one of each way of working, thrown or let down. */
const PANEL: readonly FamilyId[] = [
  'walking-bait',
  'suspending-jerkbait',
  'spinnerbait',
  'paddletail',
  'small-swimbait',
  'casting-spoon',
  'bucktail-jig',
  'texas-rig',
  'panfish-jig-straight',
];
const ICE_PANEL = allFamilies()
  .filter((f) => f.forIce)
  .map((f) => f.id);

/** Strikes an hour below which an expectation is as good as none. */
const LEAST = 1e-4;

/** What is expected of lures in general in a water, strikes an hour. */
export function usualIn(scoring: Scoring): number {
  const panel = scoring.branch === 'ice' ? ICE_PANEL : PANEL;
  const mean = panel.reduce((sum, id) => sum + scoring.score(familyById(id)).strikesPerHour, 0) / panel.length;
  return Math.max(mean, LEAST);
}

/** ln of what is expected of a lure over what is of lures in general. */
export const leadOf = (strikesPerHour: number, usual: number): number =>
  Math.log(Math.max(strikesPerHour, LEAST) / usual);

/** Everything about a block that its content alone decides. */
interface Judged extends Judgement {
  /** Names its water and its presentation. */
  key: string;
  reading: ResolvedConditions;
  f: Family;
}
/** Blocks of one water come one after another; of a day under way what its signs make of it changes with every cast. */
const MAX_AT_HAND = 100;

const models = keeper<{ scoring: Scoring; usual: number }>(MAX_AT_HAND);
const readings = keeper<ResolvedConditions>(MAX_JUDGED);
const families = keeper<Family>(MAX_JUDGED);
const effectsByRow = keeper<Effect[]>(MAX_JUDGED);
const ofToday = keeper<Judgement>(MAX_AT_HAND);

const names = new WeakMap<object, string>();
/** A name by content, worked out once: nothing of a log is changed where it stands. */
function nameOf(of: object): string {
  const name = names.get(of) ?? contentHash(of);
  names.set(of, name);
  return name;
}

/** What the model expects of a block's lure in its water; without the signs, which are what the blocks tell. */
function judge(
  { conditions, presentation }: PastBlock,
  options: Pick<RankOptions, 'schools'>,
  signs: Conditions['signs'] = null,
): Judged {
  const waterKey = `${nameOf(conditions)} ${contentHash([signs, contextOptions(options).schools])}`;
  const reading = readings(waterKey, () => resolveConditions({ ...conditions, signs }));
  const key = `${waterKey} ${nameOf(presentation)}`;
  const once = signs ? ofToday : judgedOnce;
  const j = once(key, () => {
    const { scoring, usual } = models(waterKey, () => {
      const of = scoringOf(reading, speciesProfile(reading.species), contextOptions(options));
      return { scoring: of, usual: usualIn(of) };
    });
    const { score } = weigh(familyOfBlock(presentation), scoring.score);
    return {
      perHour: Math.max(score.strikesPerHour, LEAST),
      hooked: hookedShare(score),
      usual,
      weightKg: score.weightKg,
    };
  });
  return { ...j, key, reading, f: families(key, () => atWeight(familyOfBlock(presentation), j.weightKg)) };
}

/** The day under way, and the signs that its ranking knows of. */
export interface Today {
  trip: string;
  signs: Conditions['signs'];
}

/** Strikes that the model expects of each block, not knowing the signs. */
export const expectedOf = (history: readonly PastBlock[], options: Pick<RankOptions, 'schools'> = {}): number[] =>
  history.map((b) => (b.minutes / 60) * judge(b, options).perHour);

/** What was fished of one kind, added up as it counts. */
export interface RowOfHistory extends Row {
  /** What was fished, where and how: rows of one name have one expectation. */
  key: string;
  family: FamilyId;
  lure: string | null;
  reading: ResolvedConditions;
  /** As it counts by now, and as it was. */
  hours: number;
  was: { hours: number; strikes: number; expected: number };
  water: string | null;
  hooked: number;
  /** Of these strikes it was noted whether they were hooked, and so many were expected to be. */
  hookedExpected: number;
  /** Hooked of which it was noted whether they were landed, and the landed. */
  landable: number;
  landed: number;
}

/** Chance that a strike is hooked, as the model has it. */
export const hookedShare = (score: Pick<Score, 'why'>): number =>
  Math.min(1, Math.exp(score.why.find((w) => w.factor === 'hooked')?.ln ?? 0));

/**
 * The blocks of this fish as rows, in an order of their own and like ones added up: neither the order of a history nor
 * how it was cut into blocks can change an answer.
 */
export function rowsOf(
  history: readonly PastBlock[],
  species: Conditions['species'],
  options: Pick<RankOptions, 'schools'> = {},
  today: Today | null = null,
): RowOfHistory[] {
  const rows = new Map<string, RowOfHistory>();
  for (const b of history) {
    if (b.conditions.species !== species || (b.minutes <= 0 && b.strikes === 0)) continue;
    const { f, perHour, hooked, usual, reading, key: judged } = judge(b, options);
    const { presentation: p } = b;
    const lure = p.lure ?? null;
    const o = { water: b.water ?? null, trip: b.trip ?? null };
    const weight = freshness(b.daysAgo);
    const hours = (b.minutes / 60) * weight;
    const noted = b.hooked == null ? 0 : b.strikes * weight;
    const key = contentHash([judged, o]);
    const landable = b.landed == null ? 0 : (b.hooked ?? b.strikes) * weight;
    const landed = (b.landed ?? 0) * weight;
    const row = rows.get(key);
    const was = { hours: b.minutes / 60, strikes: b.strikes, expected: (b.minutes / 60) * perHour };
    // What today's signs say of the mood lies in what is expected now: of today's blocks it is expected too, or one
    // bad hour would count twice.
    const ofToday = today?.signs && b.trip === today.trip;
    const expected = ofToday ? hours * judge(b, options, today.signs).perHour : hours * perHour;
    if (row) {
      row.hours += hours;
      row.was.hours += was.hours;
      row.was.strikes += was.strikes;
      row.was.expected += was.expected;
      row.expected += expected;
      row.strikes += b.strikes * weight;
      row.hooked += (b.hooked ?? 0) * weight;
      row.hookedExpected += noted * hooked;
      row.landable += landable;
      row.landed += landed;
    } else
      rows.set(key, {
        key,
        expected,
        strikes: b.strikes * weight,
        hours,
        was,
        family: f.id,
        lure,
        reading,
        water: o.water,
        hooked: (b.hooked ?? 0) * weight,
        hookedExpected: noted * hooked,
        landable,
        landed,
        effects: effectsByRow(key, () =>
          effectsOf(f, { lead: leadOf(perHour, usual), colour: p.colour, lure, ...o }, reading),
        ),
      });
  }
  return [...rows.values()].sort((a, b) => (a.key < b.key ? -1 : 1));
}
