/** What each school would change today: the same water ranked as the other school has it. */
import type { Conditions } from '../water/conditions';
import { rankLures, type Ranking, type RankOptions } from './rank';
import type { Three } from './three';
import { SCHOOL_IDS, SCHOOLS, withDefaults, type SchoolId, type Schools } from './schools';

/** What following another school of thought would change today. */
export interface SchoolEffect {
  school: SchoolId;
  value: string;
  /** The three in hand as this way has them. */
  plan: Three | null;
  planMoved: boolean;
  /** Places that change, the largest first; null: not ranked. */
  moved: { key: string; from: number | null; to: number | null }[];
  /** Of the first lure: what its rig would become, where that alone changes. */
  rig: { key: string; field: 'peg' | 'sizeM' | 'colour'; from: unknown; to: unknown } | null;
}

const MAX_MOVED = 3;
const RIG_FIELDS = ['peg', 'colour', 'sizeM'] as const;
/** A difference in size that nobody would see, m. */
const SAME_SIZE_M = 0.002;

const placeIn = (r: Ranking, key: string): number | null => {
  const i = r.ranked.findIndex((x) => x.key === key);
  return i < 0 ? null : i + 1;
};

/** What each other way of each school would change today. */
export function schoolEffects(conditions: Conditions, options: RankOptions): SchoolEffect[] {
  const chosen = withDefaults(options.schools);
  const as = (schools: Schools): Ranking => rankLures(conditions, { ...options, schools, withoutRange: true });
  const now = as(chosen);
  return SCHOOL_IDS.flatMap((school) =>
    SCHOOLS[school]
      .filter((value) => value !== chosen[school])
      .map((value): SchoolEffect => {
        const then = as({ ...chosen, [school]: value } as Schools);
        const keys = [...new Set([...now.ranked, ...now.excluded, ...then.ranked].map((x) => x.key))];
        const moved = keys
          .map((key) => ({ key, from: placeIn(now, key), to: placeIn(then, key) }))
          .filter((m) => m.from !== m.to)
          .sort((a, b) => size(b) - size(a) || (a.key < b.key ? -1 : 1))
          .slice(0, MAX_MOVED);
        const planMoved = JSON.stringify(now.plan) !== JSON.stringify(then.plan);
        return {
          school,
          value,
          plan: then.plan,
          planMoved,
          moved,
          rig: moved.length > 0 || planMoved ? null : rigChange(now, then),
        };
      }),
  );
}

/** Out of the list or into it counts as the longest way. */
const size = (m: { from: number | null; to: number | null }): number => Math.abs((m.from ?? 60) - (m.to ?? 60));

function rigChange(now: Ranking, then: Ranking): SchoolEffect['rig'] {
  for (const x of now.ranked) {
    const y = then.ranked.find((z) => z.key === x.key);
    if (!y) continue;
    for (const field of RIG_FIELDS) {
      const [from, to] = [x.rig[field], y.rig[field]];
      const same = field === 'sizeM' ? Math.abs(Number(from) - Number(to)) < SAME_SIZE_M : from === to;
      if (!same) return { key: x.key, field, from, to };
    }
  }
  return null;
}
