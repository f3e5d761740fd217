/**
 * What stands beside the ranking: what would change its mind, the ladder, the schools, the rig's reasons, what lures
 * cost.
 */
import { seededRandom } from '../base/random';
import type { Conditions } from '../water/conditions';
import { speciesProfile } from '../water/species';
import { breakEvens } from './breakEven';
import { breakEvenAdvantage, breakOffChance, ledgerOf } from './cost';
import { familyById } from '../lures/families';
import { ladderOf, type Rung } from './ladder';
import { contextOptions, entriesOf, sift } from './layout';
import { rankLures, type RankOptions } from './rank';
import { rigReasons } from './rigReasons';
import { DEFAULT_SCHOOLS, SCHOOL_IDS, SCHOOLS, withDefaults, type Schools } from './schools';
import { schoolEffects } from './schoolEffects';
import { scoringOf } from './scoring';
import { resolveConditions } from '../water/resolve';

type Given = Partial<Omit<Conditions, 'water'>> & { water?: Partial<Conditions['water']> };
const lake = (given: Given = {}): Conditions => ({
  species: 'largemouth-bass',
  month: 6,
  sky: { cloud: 0.4, sunElevationDeg: 25, front: 'none' },
  forage: ['shad'],
  ...given,
  water: {
    setting: 'lake',
    surfaceTempC: 20,
    clarityM: 1.2,
    depthM: 4,
    fishDepthM: 1.5,
    waveHeightM: 0.05,
    ...given.water,
  },
});

/** A few of every way of working: enough for the lead to change. */
const SOME: RankOptions = {
  families: [
    'popper',
    'lipless-vibrating',
    'spinnerbait',
    'paddletail',
    'deep-crank',
    'texas-rig',
    'finesse-jig',
    'swim-jig',
  ],
  withoutRange: true,
};
describe('what would change its mind', () => {
  test('at the value named another leads, just short of it the same', () => {
    let tried = 0;
    for (const c of [
      lake(),
      lake({ water: { surfaceTempC: 12 } }),
      lake({ water: { cover: { kind: 'wood', density: 0.5 } } }),
    ]) {
      for (const turn of breakEvens(c, SOME)) {
        if (turn.reading === 'mood') continue;
        tried++;
        const top = (value: number) =>
          rankLures(
            turn.reading === 'sunElevationDeg'
              ? { ...c, sky: { ...c.sky, sunElevationDeg: value } }
              : {
                  ...c,
                  water: {
                    ...c.water,
                    [turn.reading]: value,
                    ...(turn.reading === 'fishDepthM' ? { fishBandM: bandAt(c, value) } : {}),
                  },
                },
            SOME,
          ).ranked[0]!.key;
        const leader = top(turn.from);
        // It is found to a few thousandths of a step: what lies nearer is not asked.
        const near =
          Math.abs(turn.at - turn.from) < 0.02 * Math.abs(turn.from)
            ? turn.from
            : turn.from + (turn.at - turn.from) * 0.97;
        expect([turn.reading, top(near)]).toEqual([turn.reading, leader]);
        expect([turn.reading, top(turn.at) === leader]).toEqual([turn.reading, false]);
      }
    }
    expect(tried).toBeGreaterThan(4);
  });
  // The band goes with the fish, as it does where one drags the depth.
  function bandAt(c: Conditions, depthM: number): [number, number] {
    const r = resolveConditions(c);
    const by = depthM - r.fishDepthM;
    return [Math.max(0, r.fishBandM[0] + by), Math.min(r.depthM, r.fishBandM[1] + by)];
  }
  test('it asks nothing of waves under ice, and has nothing to say of one lure', () => {
    const ice = breakEvens({ species: 'walleye', water: { setting: 'ice' } });
    expect(ice.some((t) => t.reading === 'waveHeightM')).toBe(false);
    expect(breakEvens(lake(), { families: ['popper'] })).toEqual([]);
  });
  test('mood is told both ways', () => {
    const moods = breakEvens(lake(), SOME).filter((t) => t.reading === 'mood');
    for (const t of moods) expect(t.way === 'up' ? t.at > t.from : t.at < t.from).toBe(true);
  });
});

function ladder(c: Conditions, options: RankOptions = {}): Rung[] {
  const s = scoringOf(resolveConditions(c), speciesProfile(c.species), contextOptions(options));
  return ladderOf(rankLures(c, { ...options, withoutRange: true }).ranked, sift(entriesOf(options), s, null).able, s);
}

describe('the ladder', () => {
  const action = (r: Rung) => familyById(r.key as 'popper').action;
  test('goes from loud to quiet, or the other way by school, and ends somewhere', () => {
    for (const c of [
      lake(),
      lake({ water: { clarityM: 0.4 } }),
      { species: 'walleye', water: { setting: 'ice' } } as Conditions,
    ]) {
      const down = ladder(c);
      expect(down.length).toBeGreaterThan(1);
      down.slice(1).forEach((r, i) => expect(action(r)).toBeLessThan(action(down[i]!)));
      expect(down[down.length - 1]!.casts).toBeNull();
      const up = ladder(c, { schools: { order: 'quiet-first' } });
      up.slice(1).forEach((r, i) => expect(action(r)).toBeGreaterThan(action(up[i]!)));
    }
  });
  test('the believed mood falls from rung to rung, and casts are not one fixed number', () => {
    const steps = new Set<number | null>();
    for (const pressure of ['low', 'normal', 'high'] as const)
      for (const kind of ['chase-miss', 'marks-ignore-lure'] as const) {
        const rungs = ladder(lake({ pressure, signs: [{ kind, count: 2 }] }));
        rungs.slice(1).forEach((r, i) => expect(r.moodMean).toBeLessThan(rungs[i]!.moodMean + 1e-9));
        for (const r of rungs) steps.add(r.casts);
      }
    expect(steps.size).toBeGreaterThan(3);
  });
  test('fish that showed themselves lively are given more casts of the loud lure', () => {
    const first = (signs: Conditions['signs']) => ladder(lake({ signs }))[0]!.casts ?? Infinity;
    expect(first([{ kind: 'hit-at-once', count: 3 }])).toBeGreaterThan(
      first([{ kind: 'marks-ignore-lure', count: 5 }]),
    );
  });
  test('fish on their beds have none: their anger says when', () => {
    expect(ladder(lake({ behaviour: 'guarding' }))).toEqual([]);
  });
});

describe('schools', () => {
  const effects = schoolEffects(
    lake({ forageAbundance: 'thick', water: { cover: { kind: 'wood', density: 0.5, branchDiameterM: 0.01 } } }),
    {},
  );
  test('every other way of each is tried', () => {
    expect(effects).toHaveLength(SCHOOL_IDS.reduce((s, k) => s + SCHOOLS[k].length - 1, 0));
    for (const e of effects) for (const m of e.moved) expect(m.from).not.toBe(m.to);
  });
  test('what each is about is what it moves', () => {
    const of = (school: string, value: string) => effects.find((e) => e.school === school && e.value === value)!;
    expect(of('trebles', 'keep-away').moved.some((m) => m.to === null)).toBe(true);
    expect(of('hatch', 'exact').moved.length > 0 || of('hatch', 'exact').rig?.field === 'sizeM').toBe(true);
    expect(of('moon', 'counted')).toMatchObject({ moved: [], planMoved: false, rig: null });
  });
  const rank = (c: Conditions, schools: Partial<Schools>) => rankLures(c, { schools, withoutRange: true });
  const place = (c: Conditions, schools: Partial<Schools>, key: string) =>
    rank(c, schools).ranked.findIndex((x) => x.key === key);
  test('topwater: at noon only the school of any time keeps it, the school of low light sends it down', () => {
    const noon = lake({ sky: { cloud: 0, sunElevationDeg: 60 }, water: { fishDepthM: 0.6, surfaceTempC: 24 } });
    const score = (topwater: Schools['topwater']) =>
      rank(noon, { topwater }).ranked.find((x) => x.key === 'walking-bait')!.score;
    expect(score('low-light')).toBeLessThan(0.5 * score('weighed'));
    expect(score('any-time')).toBeGreaterThan(score('weighed'));
  });
  test('trebles: trusting the bill brings a crank up in wood, keeping away leaves it in the box', () => {
    const wood = lake({ water: { cover: { kind: 'wood', density: 0.6 } } });
    expect(place(wood, { trebles: 'trust-the-bill' }, 'square-bill')).toBeLessThanOrEqual(
      place(wood, {}, 'square-bill'),
    );
    expect(place(wood, { trebles: 'keep-away' }, 'square-bill')).toBe(-1);
  });
  test('full fish: slow or fast, as the school has it', () => {
    const full = lake({ forageAbundance: 'thick', baitSeen: true, water: { surfaceTempC: 26 } });
    const speed = (v: Schools['full']) => rank(full, { full: v }).ranked[0]!;
    expect(speed('slow').speedMps).toBeLessThanOrEqual(speed('fast').speedMps);
  });
  test('a school that ignores everything: by mood nothing changes, a reaction is fast, finesse slow and still', () => {
    const none = lake({ water: { surfaceTempC: 22 } });
    const ignoring = { ...none, signs: [{ kind: 'marks-ignore-lure' as const, count: 8, minutesAgo: 5 }] };
    const first = (c: Conditions, ignored: Schools['ignored']) => rank(c, { ignored }).ranked[0]!;
    expect(first(none, 'reaction').key).toBe(first(none, 'by-mood').key);
    const [fast, slow] = [first(ignoring, 'reaction'), first(ignoring, 'finesse')];
    expect(fast.speedMps).toBeGreaterThan(2 * slow.speedMps);
    expect(familyById(fast.family).action).toBeGreaterThan(familyById(slow.family).action + 0.2);
    expect(first(ignoring, 'by-mood').strikesPerHour).toBeLessThan(first(none, 'by-mood').strikesPerHour);
  });
  test('quiet first starts with something quiet; the rest keep their places', () => {
    const c = lake();
    const quiet = rank(c, { order: 'quiet-first' });
    expect(familyById(quiet.plan!.start as 'popper').action).toBeLessThanOrEqual(0.3);
    expect(quiet.ranked.map((x) => x.key)).toEqual(rank(c, {}).ranked.map((x) => x.key));
  });
  test('defaults fill in', () => expect(withDefaults({ peg: 'free' })).toEqual({ ...DEFAULT_SCHOOLS, peg: 'free' }));
});

describe('the rig’s reasons', () => {
  const reasons = (family: Parameters<typeof familyById>[0], given: Given = {}, schools: Partial<Schools> = {}) => {
    const c = lake(given);
    const x = rankLures(c, { families: [family], schools, withoutRange: true }).ranked[0]!;
    const r = resolveConditions(c);
    return rigReasons(x.rig, familyById(family), r, speciesProfile(c.species), x.weighing, withDefaults(schools));
  };
  const part = <P extends ReturnType<typeof reasons>[number]['part']>(all: ReturnType<typeof reasons>, p: P) =>
    all.find((x): x is Extract<ReturnType<typeof reasons>[number], { part: P }> => x.part === p)!;
  test('weight: current asks for more, and the runner-up is another that is sold', () => {
    const calm = part(reasons('flipping-jig'), 'weight');
    const flow = part(reasons('flipping-jig', { water: { currentMps: 0.4, depthM: 6, fishDepthM: 5.5 } }), 'weight');
    expect(flow.value).toBeGreaterThan(calm.value);
    expect(flow.notLighter).toBe('hold');
    for (const w of [calm, flow]) expect(w.runnerUp).not.toBe(w.value);
    expect(Math.sign(calm.runnerUp! - calm.value)).toBe(Math.sign(calm.runnerUpFallMps! - calm.fallMps!));
  });
  test.each([
    ['murk', 'swim-jig', { water: { clarityM: 0.3 } }, 'colour', 'murk'],
    ['crawfish', 'finesse-jig', { forage: ['crawfish'] }, 'colour', 'craw'],
    ['cold', 'flipping-jig', { water: { surfaceTempC: 6 } }, 'trailer', 'cold'],
    ['thick bait', 'paddletail', { forageAbundance: 'thick' }, 'size', 'thick'],
    ['pads', 'paddletail', { water: { cover: { kind: 'pads', density: 0.3 } } }, 'hook', 'cover'],
    ['a mat', 'texas-rig', { water: { cover: { kind: 'matted-grass', density: 0.6 } } }, 'peg', 'mat'],
    [
      'thin limbs',
      'texas-rig',
      { water: { cover: { kind: 'wood', density: 0.6, branchDiameterM: 0.01 } } },
      'peg',
      'thin',
    ],
    ['open water', 'texas-rig', {}, 'peg', 'glide'],
  ] as const)('%s speaks for the %s', (_name, family, given, p, why) => {
    expect(part(reasons(family, given as unknown as Given), p).why).toBe(why);
  });
  test('a school speaks for itself', () => {
    expect(part(reasons('texas-rig', {}, { peg: 'free' }), 'peg').why).toBe('school');
    expect(part(reasons('paddletail', {}, { colour: 'one' }), 'colour').why).toBe('trusted');
  });
});

describe('what lures cost where lures die', () => {
  const oyster = lake({
    species: 'red-drum',
    water: { setting: 'tidal-creek', cover: { kind: 'oyster', density: 0.5 }, bottom: 'shell' },
  });
  const spoon = rankLures(oyster, { families: ['shrimp-imitation'], withoutRange: true }).ranked[0]!;
  test('by hand: snags an hour, times the chance that the line parts, times the price', () => {
    const snags = Number(spoon.why.find((w) => w.factor === 'snags')!.facts.perCast);
    const kept = Number(spoon.why.find((w) => w.factor === 'snags')!.facts.share);
    const line = { strengthLb: 15 };
    const l = ledgerOf(spoon, 300, 5, line);
    expect(l.lostPerHour).toBeCloseTo(spoon.zone.castsPerHour * kept * snags * breakOffChance('weedless', line), 9);
    expect(l.costInDayMinor).toBeCloseTo(5 * 300 * l.lostPerHour, 9);
    expect(l.costPerStrikeMinor).toBeCloseTo(l.costPerHourMinor / spoon.score, 9);
  });
  test('stronger line loses fewer; nothing lost costs nothing', () => {
    expect(breakOffChance('treble', { strengthLb: 40 })).toBeLessThan(breakOffChance('treble', { strengthLb: 8 }));
    expect(ledgerOf(spoon, 0, 5, null).costPerStrikeMinor).toBe(0);
  });
  test('a lure of twice the price must bring twice the fish', () => {
    expect(breakEvenAdvantage(ledgerOf(spoon, 600, 5, null), ledgerOf(spoon, 300, 5, null))).toBeCloseTo(2, 9);
    expect(breakEvenAdvantage(ledgerOf(spoon, 600, 5, null), ledgerOf(spoon, 0, 5, null))).toBeNull();
  });
});

test('a lure that meets a hard limit never ranks, whatever the schools (seed 3)', () => {
  const random = seededRandom(3);
  for (let i = 0; i < 20; i++) {
    const schools = Object.fromEntries(
      SCHOOL_IDS.map((k) => [k, SCHOOLS[k][Math.floor(random() * SCHOOLS[k].length)]]),
    ) as unknown as Schools;
    const r = rankLures(lake({ water: { cover: { kind: 'wood', density: random() }, surfaceTempC: 30 * random() } }), {
      schools,
      withoutRange: true,
    });
    const out = new Set(r.excluded.map((x) => x.key));
    expect(r.ranked.some((x) => out.has(x.key))).toBe(false);
    for (const x of r.ranked) expect(x.why.reduce((s, w) => s + w.ln, 0)).toBeCloseTo(Math.log(x.score), 9);
  }
});
