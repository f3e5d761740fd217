/**
 * What swims there to be eaten, by place and month. `prior: judgement` after the anglers' rules: crawfish in spring,
 * young of the year in late summer, small brown shrimp in brackish creeks from spring to early summer, large white
 * shrimp near inlets from midsummer into autumn. Northern months.
 */
import type { SpeciesProfile } from './species';
import type { Forage, Setting } from './terms';

interface Run {
  forage: Forage;
  in: readonly Setting[];
  /** First and last month; a run may go over the new year. */
  months: readonly [number, number];
  /** How much of it there is, relative. */
  weight: number;
}

const STILL = ['pond', 'lake', 'reservoir', 'ice'] as const;
const COAST = ['flat', 'inlet', 'back-bay', 'jetty', 'surf', 'tidal-creek'] as const;

const RUNS: readonly Run[] = [
  { forage: 'minnow', in: [...STILL, 'river', 'spillway'], months: [1, 12], weight: 1 },
  { forage: 'shad', in: ['reservoir', 'lake', 'river', 'spillway'], months: [5, 12], weight: 1 },
  { forage: 'shad', in: ['reservoir', 'spillway'], months: [1, 4], weight: 0.8 },
  { forage: 'crawfish', in: ['pond', 'lake', 'reservoir', 'river'], months: [3, 6], weight: 1.2 },
  { forage: 'crawfish', in: ['river', 'lake'], months: [7, 10], weight: 0.6 },
  { forage: 'bluegill', in: ['pond', 'lake', 'reservoir'], months: [5, 9], weight: 1.1 },
  { forage: 'bluegill', in: ['pond', 'lake'], months: [10, 11], weight: 0.6 },
  { forage: 'perch', in: ['lake', 'ice', 'reservoir'], months: [1, 12], weight: 0.8 },
  { forage: 'frog', in: ['pond', 'lake'], months: [5, 9], weight: 0.5 },
  { forage: 'insect', in: [...STILL, 'river'], months: [4, 10], weight: 0.8 },
  { forage: 'insect', in: ['ice', 'river'], months: [11, 3], weight: 0.6 },
  { forage: 'worm', in: ['pond', 'lake', 'reservoir', 'river'], months: [3, 10], weight: 0.5 },
  { forage: 'silverside', in: [...COAST, 'lake', 'reservoir'], months: [4, 11], weight: 0.9 },
  { forage: 'shrimp-small', in: ['tidal-creek', 'back-bay', 'flat'], months: [3, 7], weight: 1.3 },
  { forage: 'shrimp-large', in: ['inlet', 'tidal-creek', 'back-bay', 'flat', 'jetty'], months: [7, 11], weight: 1.2 },
  { forage: 'mullet', in: COAST, months: [3, 12], weight: 1 },
  { forage: 'menhaden', in: ['inlet', 'back-bay', 'jetty', 'surf'], months: [4, 11], weight: 1 },
  { forage: 'sand-eel', in: ['surf', 'inlet', 'jetty'], months: [4, 12], weight: 1 },
];

const inMonths = ([from, to]: Run['months'], month: number): boolean =>
  from <= to ? month >= from && month <= to : month >= from || month <= to;

/**
 * The likeliest food of a species in a place and month, most of it first; what it likes best where nothing is known. At
 * most three.
 */
export function likelyForage(p: Pick<SpeciesProfile, 'forage'>, setting: Setting, month: number): Forage[] {
  const weight = new Map<Forage, number>();
  for (const r of RUNS)
    if (r.in.includes(setting) && inMonths(r.months, month) && p.forage.includes(r.forage))
      weight.set(r.forage, Math.max(weight.get(r.forage) ?? 0, r.weight * (1 - 0.08 * p.forage.indexOf(r.forage))));
  const found = [...weight].sort((a, b) => b[1] - a[1]).map(([f]) => f);
  return (found.length > 0 ? found : [p.forage[0]!]).slice(0, 3);
}
