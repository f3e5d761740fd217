/**
 * A box laid out for a water: what can be tied on and what not, each lure at the weight that is worth most by the table
 * of holds, with its range. Plans, the log and what is tied on come after it.
 */
import { contentHash } from '../base/hash';
import { keeper } from '../base/keeper';
import { allFamilies } from '../lures/families';
import type { FamilyId } from '../lures/family';
import { familyOfLure, type OwnLure } from '../lures/own';
import type { RodSpec } from '../tackle/rod';
import type { Conditions } from '../water/conditions';
import { resolveConditions } from '../water/resolve';
import { speciesProfile } from '../water/species';
import { findExclusion, type Exclusion } from './limits';
import type { RankEntry } from './ranked';
import { asHooked, chooseRig, type Rig } from './rig';
import { DEFAULT_SCHOOLS, withDefaults, type Schools } from './schools';
import { rangesOf, scoringOf, type Scoring } from './scoring';
import { lackOf, weigh, type Lack, type Weighed } from './weighing';

/** A lure that is left out; `key` as of the ranked ones. */
export interface LeftOut extends Exclusion {
  key: string;
}

/** What is chosen from, for whom. */
export interface BoxQuestion {
  rods?: readonly RodSpec[] | null;
  schools?: Partial<Schools> | null;
  /** The lures of a box; all families when absent. */
  lures?: readonly OwnLure[] | null;
  /** Only these families. */
  families?: readonly FamilyId[];
  /** Thickness of the line in use, m; absent: what each kind is usually thrown on. */
  lineDiameterM?: number;
  /** Leave out the ranges (low = high = middle); ten times quicker. */
  withoutRange?: boolean;
}

/** What is ranked: the lures of the box, or all families. */
export function entriesOf({ lures, families }: Pick<BoxQuestion, 'lures' | 'families'>): RankEntry[] {
  const wanted = (f: FamilyId): boolean => !families || families.includes(f);
  return lures
    ? lures.filter((l) => wanted(l.family)).map((lure) => ({ key: lure.id, f: familyOfLure(lure), lure }))
    : allFamilies()
        .filter((f) => wanted(f.id))
        .map((f) => ({ key: f.id, f, lure: null }));
}

/** The part of the options that the readings' context needs. */
export const contextOptions = (o: BoxQuestion): { lineDiameterM?: number; schools: Schools } => ({
  ...(o.lineDiameterM === undefined ? {} : { lineDiameterM: o.lineDiameterM }),
  schools: withDefaults(o.schools),
});

/** Entries that no hard limit keeps in the box here, and those that one does. */
export function sift(
  entries: readonly RankEntry[],
  s: Pick<Scoring, 'reading' | 'species' | 'options'>,
  rods: BoxQuestion['rods'],
): { able: RankEntry[]; excluded: LeftOut[] } {
  const able: RankEntry[] = [];
  const excluded: LeftOut[] = [];
  for (const e of entries) {
    const no = findExclusion(asHooked(e.f, s.reading), s.reading, s.species, rods ?? null, s.options.schools);
    if (no) excluded.push({ key: e.key, ...no });
    else able.push(e);
  }
  return { able, excluded };
}

/** The same entries at the weights that are worth most here. */
export const atBestWeight = (able: readonly RankEntry[], s: Scoring, rods: BoxQuestion['rods']): RankEntry[] =>
  able.map((e) => ({ ...e, f: weigh(e.f, s.score, rods).f }));

/** A lure by the table of holds, at the weight that is worth most. */
interface Laid {
  e: RankEntry;
  weighed: Weighed;
  /** 5–95 % of its strikes an hour. */
  range: readonly [number, number];
  rig: Rig;
  lacks: Lack | null;
}

/** What of a ranking hangs on neither plans nor the log nor what is tied on. */
interface Layout {
  scoring: Scoring;
  excluded: LeftOut[];
  laid: readonly Laid[];
}

/** The last of them: the same water and box are asked anew for every plan and with every cast. */
const layouts = keeper<Layout>(2);

/** So many of a box have a range of their own; those further down have that of the best of their kind. */
export const OWN_RANGES = 60;

/** Ranges of lures, best first: in a long box those far down take the shape of the best of their kind. */
function rangesIn(all: readonly Weighed[], s: Scoring): readonly [number, number][] {
  const range = rangesOf(s);
  const byKind = new Map<FamilyId, readonly [number, number]>();
  const order = all.map((w, i) => ({ w, i })).sort((a, b) => b.w.score.score - a.w.score.score);
  const out: [number, number][] = [];
  order.forEach(({ w: { f, score }, i }, place) => {
    const { strikesPerHour } = score;
    const kind = byKind.get(f.id);
    if (place >= OWN_RANGES && kind && strikesPerHour > 0) {
      out[i] = [strikesPerHour * kind[0], strikesPerHour * kind[1]];
      return;
    }
    const own = range(f, strikesPerHour);
    if (strikesPerHour > 0 && !kind) byKind.set(f.id, [own[0] / strikesPerHour, own[1] / strikesPerHour]);
    out[i] = own;
  });
  return out;
}

/** A box for a water, without ranges ten times quicker; kept for who asks again. */
export function layOut(conditions: Conditions, options: BoxQuestion): Layout {
  const { rods, lures, families, withoutRange } = options;
  const asked = { conditions, rods, lures, families, withoutRange, context: contextOptions(options) };
  return layouts(contentHash(asked), () => {
    const species = speciesProfile(conditions.species);
    const s = scoringOf(resolveConditions(conditions), species, contextOptions(options));
    const { able, excluded } = sift(entriesOf(options), s, rods);
    const weighed = able.map((e) => weigh(e.f, s.score, rods));
    const ranges = withoutRange ? null : rangesIn(weighed, s);
    const schools = s.options.schools ?? DEFAULT_SCHOOLS;
    return {
      scoring: s,
      excluded,
      laid: able.map((e, i): Laid => {
        const w = weighed[i]!;
        const middle = w.score.strikesPerHour;
        return {
          e,
          weighed: w,
          range: ranges?.[i] ?? [middle, middle],
          rig: chooseRig(w.f, s.reading, species, s.mood.mean, schools),
          lacks: lackOf(e.f, w.score, s.score, rods),
        };
      }),
    };
  });
}
