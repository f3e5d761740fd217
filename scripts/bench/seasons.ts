/**
 * Seasons on made-up waters whose truth the product does not know: what each way of choosing catches of what one who
 * knew everything would, and how often the ranges hold. Twelve days of five hours on three waters, ten lures.
 */
import { poisson, seededRandom, type Random } from '../../core/base/random';
import { drawnSeason, normal, type Otherwise } from '../../core/fixtures/anySeason';
import { leadOf, usualIn, type PastBlock } from '../../core/learning/history';
import { learnRanking } from '../../core/learning/learned';
import { allFamilies } from '../../core/lures/families';
import type { Family } from '../../core/lures/family';
import type { OwnLure } from '../../core/lures/own';
import { rankWithGrounds, type RankingWithGrounds, type RankOptions } from '../../core/ranking/rank';
import type { Conditions } from '../../core/water/conditions';
import { speciesProfile } from '../../core/water/species';
import { COVER_KINDS, type SpeciesId } from '../../core/water/terms';

const SPECIES: SpeciesId[] = [
  'largemouth-bass',
  'smallmouth-bass',
  'walleye',
  'red-drum',
  'spotted-seatrout',
  'crappie',
];
const [DAYS, HOURS, WATERS, LURES] = [12, 5, 3, 10];
const WAYS = ['random', 'the first without a log', 'the favourite', 'greedy', 'next trial'] as const;
type Way = (typeof WAYS)[number];

/** How the truth differs: spread of what no model knows, and the share of the model's own differences that is so. */
interface World {
  name: string;
  unknown: number;
  slope: number;
}
const WORLDS: World[] = [
  { name: 'as experts differ', unknown: 1, slope: 0.6 },
  { name: 'further off', unknown: 1.3, slope: 0.6 },
];

interface Hour {
  conditions: Conditions;
  water: number;
  day: number;
  grounds: RankingWithGrounds;
  truth: ReadonlyMap<string, number>;
}

const ownLure = (f: Family, i: number): OwnLure => ({
  id: `lure-${i + 1}`,
  family: f.id,
  weightKg: f.weightKg[1],
  lengthM: f.lengthM[1],
  hook: f.hook,
  colour: null,
  priceMinor: 0,
});

/** A season's hours with their truth: every kind has its own ways with warmth, clarity and light, and each water. */
function hoursOf(
  species: SpeciesId,
  { unknown, slope }: World,
  random: Random,
): { hours: Hour[]; options: RankOptions } {
  const pick = <T>(of: readonly T[]): T => of[Math.floor(random() * of.length)]!;
  const p = speciesProfile(species);
  const waters = Array.from({ length: WATERS }, () => ({
    setting: pick(p.lives.filter((x) => x !== 'ice')),
    clarityM: 1.2 * Math.exp(0.7 * normal(random)),
    depthM: 1.5 + 5 * random(),
    cover: { kind: pick(COVER_KINDS), density: 0.4 },
  }));
  const suited = new Map<string, number>();
  for (const w of waters)
    for (const x of rankWithGrounds(
      { species, month: 6, water: { ...w, surfaceTempC: 17, fishDepthM: w.depthM / 2 } },
      { withoutRange: true },
    ).ranking.ranked)
      suited.set(x.family, (suited.get(x.family) ?? 0) + Math.log(x.strikesPerHour + 0.002) + 7);
  const kinds = [...allFamilies()]
    .sort((a, b) => (suited.get(b.id) ?? 0) - (suited.get(a.id) ?? 0))
    .slice(0, Math.round(1.6 * LURES))
    .map((f) => ({ f, by: random() }))
    .sort((a, b) => a.by - b.by)
    .slice(0, LURES)
    .map(({ f }) => f);
  const options: RankOptions = { lures: kinds.map(ownLure) };
  const ways = new Map(
    kinds.map((f) => {
      const n = (spread: number): number => spread * unknown * normal(random);
      return [f.id, { own: n(0.6), warm: n(0.35), clear: n(0.35), light: n(0.3), by: waters.map(() => n(0.35)) }];
    }),
  );
  const level = 0.5 * normal(random);
  const levels = waters.map(() => 0.3 * normal(random));
  const hours: Hour[] = [];
  for (let day = 0; day < DAYS; day++) {
    const water = day % WATERS;
    const w = waters[water]!;
    const month = 3 + Math.floor((day * 9) / DAYS);
    const tempC = Math.max(3, 14 + 11 * Math.sin(((month - 4) / 6) * Math.PI) + 2 * normal(random));
    const luck = 0.35 * normal(random);
    for (let h = 0; h < HOURS; h++) {
      const sun = -2 + 12 * h + 3 * random();
      const clarityM = Math.min(9, Math.max(0.25, w.clarityM * Math.exp(0.2 * normal(random))));
      const conditions: Conditions = {
        species,
        month,
        water: { ...w, clarityM, surfaceTempC: tempC, fishDepthM: w.depthM * (0.3 + 0.5 * random()), windMps: 3 },
        sky: { cloud: random(), sunElevationDeg: sun },
      };
      const grounds = rankWithGrounds(conditions, options);
      const usual = usualIn(grounds.scoring);
      const truth = new Map(
        grounds.ranking.ranked.map((x) => {
          const t = ways.get(x.family)!;
          const ln =
            level +
            levels[water]! +
            luck +
            Math.log(0.8) +
            slope * Math.max(-4, leadOf(x.strikesPerHour, usual)) +
            t.own +
            (t.warm * (tempC - 15)) / 8 +
            t.clear * Math.log(clarityM) +
            (t.light * (sun - 25)) / 20 +
            t.by[water]!;
          return [x.key, Math.min(20, Math.exp(ln))] as const;
        }),
      );
      hours.push({ conditions, water, day, grounds, truth });
    }
  }
  return { hours, options };
}

/** A season fished one way: strikes that were to be had, and how the ranges held at the start of each day. */
function fish(way: Way, hours: readonly Hour[], options: RankOptions, seed: number) {
  const random = seededRandom(seed);
  const history: PastBlock[] = [];
  const held = { of: 0, in: 0 };
  let got = 0;
  let onNow: string | null = null;
  hours.forEach(({ conditions, water, day, grounds, truth }, n) => {
    const { ranked } = grounds.ranking;
    if (ranked.length === 0) return;
    const here = { water: `water ${water}`, trip: `day ${day}` };
    let key = ranked[0]!.key;
    if (way === 'random') key = ranked[Math.floor(random() * ranked.length)]!.key;
    if (way === 'the favourite') key = truth.has(onNow ?? '') ? onNow! : key;
    if (way === 'greedy' || way === 'next trial') {
      const r = learnRanking(grounds, options, { history, here, trial: { seed: seed + n, onNow } });
      key = way === 'greedy' ? r.ranked[0]!.key : r.trial!.key;
      if (way === 'next trial' && n > 0 && n % HOURS === 0)
        for (const x of r.ranked) {
          held.of++;
          if (truth.get(x.key)! >= x.low && truth.get(x.key)! <= x.high) held.in++;
        }
    }
    onNow = key;
    const family = ranked.find((x) => x.key === key)!.family;
    got += truth.get(key)!;
    history.push({
      conditions,
      presentation: { family, lure: key },
      minutes: 60,
      strikes: poisson(random, truth.get(key)!),
      ...here,
    });
  });
  return { got, held };
}

/** Seasons a world. */
const SEASONS = 24;
const DRAWN = 1000;
const DRAWN_AS: [string, Otherwise][] = [
  ['from the judged spreads', {}],
  ['all spreads half as wide again', { times: { level: 1.5, family: 1.5, water: 1.5, trip: 1.5, familyWater: 1.5 } }],
  ['one kind twenty times better', { firstKind: 20 }],
  ['luck by day twice as wide', { times: { trip: 2 } }],
];

export function seasonsBench(): string {
  const rows = WORLDS.map((world) => {
    const sums = new Map<string, number>();
    const add = (what: string, v: number): void => void sums.set(what, (sums.get(what) ?? 0) + v);
    for (let w = 0; w < SEASONS; w++) {
      const { hours, options } = hoursOf(SPECIES[w % SPECIES.length]!, world, seededRandom(9000 + w));
      for (const { truth } of hours) if (truth.size > 0) add('all', Math.max(...truth.values()));
      for (const way of WAYS) {
        const { got, held } = fish(way, hours, options, 100 + w);
        add(way, got);
        add('of', held.of);
        add('in', held.in);
      }
    }
    const of = (what: string): string => (sums.get(what)! / sums.get('all')!).toFixed(2);
    return `| ${world.name} | ${WAYS.map(of).join(' | ')} | ${(sums.get('in')! / sums.get('of')!).toFixed(2)} |`;
  });
  const held = DRAWN_AS.map(([name, otherwise]) => {
    const random = seededRandom(31);
    const n = Array.from({ length: DRAWN }, () => drawnSeason(random, otherwise)).filter((s) => s.held).length;
    return `| ${name} | ${((100 * n) / DRAWN).toFixed(1)} % |`;
  });
  return [
    `## What learning from the log is worth: ${SEASONS} seasons a world`,
    '',
    'Share of what one who knows every rate would have drawn; ranges (5–95 %) that held the truth, first hour of a day.',
    '',
    `| world | ${WAYS.join(' | ')} | ranges held |`,
    `|${'---|'.repeat(WAYS.length + 2)}`,
    ...rows,
    '',
    `Ranges that held the truth in ${DRAWN} drawn seasons:`,
    '',
    '| drawn | held |',
    '|---|---|',
    ...held,
  ].join('\n');
}
