/** What a log may and may not do to a ranking. */
import { seededRandom } from '../base/random';
import { familyById } from '../lures/families';
import type { FamilyId } from '../lures/family';
import { rankWithGrounds } from '../ranking/rank';
import { choosingOf } from '../ranking/choosing';
import type { Conditions } from '../water/conditions';
import type { PastBlock } from './history';
import { learnedByKey } from './byKey';
import { learnRanking, type LearnedRanking, type LogQuestion } from './learned';

const WATER: Conditions = {
  species: 'largemouth-bass',
  water: { setting: 'lake', surfaceTempC: 17, clarityM: 1.2, depthM: 3, fishDepthM: 1.8, windMps: 3 },
  sky: { cloud: 0.5, sunElevationDeg: 25 },
  month: 5,
};
const KINDS: FamilyId[] = ['spinnerbait', 'texas-rig', 'suspending-jerkbait', 'swim-jig', 'square-bill'];
const OPTIONS = { families: KINDS };
const GROUNDS = rankWithGrounds(WATER, OPTIONS);
const HERE = { water: 'pond', trip: 'today' };
const ask = (history: PastBlock[], more: Partial<LogQuestion> = {}): LearnedRanking =>
  learnRanking(GROUNDS, OPTIONS, { history, here: HERE, ...more });

const block = (family: FamilyId, strikes: number, more: Partial<PastBlock> = {}): PastBlock => ({
  conditions: WATER,
  presentation: { family },
  minutes: 60,
  strikes,
  water: 'pond',
  trip: 'first',
  daysAgo: 3,
  ...more,
});
const rate = (r: LearnedRanking, family: FamilyId): number => r.ranked.find((x) => x.family === family)!.strikesPerHour;
const scoreOf = (r: LearnedRanking, family: FamilyId): number => r.ranked.find((x) => x.family === family)!.score;

/** A season: two blocks a day of kinds drawn at random, in waters that differ. */
function season(seed: number, blocks = 16): PastBlock[] {
  const random = seededRandom(seed);
  return Array.from({ length: blocks }, (_, i) =>
    block(KINDS[Math.floor(random() * KINDS.length)]!, Math.floor(random() ** 2 * 4), {
      conditions: {
        ...WATER,
        water: { ...WATER.water, surfaceTempC: 8 + 14 * random(), clarityM: 0.4 + 2 * random() },
      },
      trip: `day ${i >> 1}`,
      water: random() < 0.6 ? 'pond' : 'river',
      daysAgo: 40 - i,
      minutes: 20 + Math.floor(random() * 80),
    }),
  );
}
const SEASONS = [1, 2, 3, 4, 5, 6].map((seed) => season(seed));

test('without a log of this fish the ranking is as it was, to the digit', () => {
  for (const history of [[], [block('spinnerbait', 9, { conditions: { ...WATER, species: 'walleye' } })]]) {
    const r = ask(history);
    expect(r.ranked.map(({ prior, evidence, byLog, ...x }) => [x, prior.low, evidence.strikes * byLog])).toEqual(
      GROUNDS.ranking.ranked.map((x) => [x, x.low, 0]),
    );
    expect(r.plan).toEqual(GROUNDS.ranking.plan);
    expect(r.level.ratio).toBe(1);
  }
});

test('the reasons still add up to the score, and the log is one of them', () => {
  for (const x of ask(SEASONS[0]!).ranked) {
    expect(x.why.reduce((sum, w) => sum + w.ln, 0)).toBeCloseTo(Math.log(x.score), 9);
    expect(x.why.map((w) => w.factor)).toContain('log');
    expect(x.low).toBeLessThan(x.strikesPerHour);
    expect(x.high).toBeGreaterThan(x.strikesPerHour);
  }
});

test('neither the order of the blocks nor how they were cut changes anything', () => {
  for (const history of SEASONS) {
    const r = ask(history);
    expect(ask([...history].reverse())).toEqual(r);
    const [first, ...rest] = history;
    const { minutes, strikes } = first!;
    const halves = [
      { ...first!, minutes: minutes / 2, strikes: strikes >> 1 },
      { ...first!, minutes: minutes / 2, strikes: strikes - (strikes >> 1) },
    ];
    const cut = ask([...rest, ...halves]);
    KINDS.forEach((k) => expect(rate(cut, k)).toBeCloseTo(rate(r, k), 9));
  }
});

test('one strike more never lowers the kind it was on, and a blank hour more never raises it', () => {
  for (const history of SEASONS)
    for (const k of KINDS) {
      const before = ask(history);
      history.forEach((b, i) => {
        if (b.presentation.family !== k) return;
        const more = ask(history.map((x, j) => (j === i ? { ...x, strikes: x.strikes + 1 } : x)));
        expect(scoreOf(more, k)).toBeGreaterThan(scoreOf(before, k));
      });
      expect(rate(ask([...history, block(k, 0)]), k)).toBeLessThan(rate(before, k));
    }
});

test('another fish counts for nothing, another water for less, and what is long ago for less', () => {
  const lift = (more: Partial<PastBlock>): number =>
    Math.log(rate(ask([block('texas-rig', 5, more)]), 'texas-rig') / rate(ask([]), 'texas-rig'));
  const here = lift({});
  expect(here).toBeGreaterThan(0.2);
  expect(lift({ conditions: { ...WATER, species: 'crappie' } })).toBe(0);
  expect(lift({ water: 'river' })).toBeLessThan(here);
  expect(lift({ water: 'river' })).toBeGreaterThan(0);
  expect(lift({ daysAgo: 1500 })).toBeLessThan(here);
});

test('a day of bad luck moves the level and not one lure', () => {
  const day = KINDS.map((k) => block(k, 0, { minutes: 120, trip: 'bad' }));
  const r = ask(day);
  expect(r.level.ratio).toBeLessThan(0.8);
  const ratios = KINDS.map((k) => Math.log(rate(r, k) / rate(ask([]), k)) / Math.log(r.level.ratio));
  // All of them fall about as far as the level does.
  expect(Math.max(...ratios) - Math.min(...ratios)).toBeLessThan(0.6);
  // One kind that failed alone, while the others caught what was expected, falls by itself.
  const expected = (k: FamilyId): number => Math.max(1, Math.round(2 * rate(ask([]), k)));
  const alone = ask(KINDS.map((k) => block(k, k === 'spinnerbait' ? 0 : expected(k), { minutes: 120 })));
  expect(rate(alone, 'spinnerbait') / rate(ask([]), 'spinnerbait')).toBeLessThan(
    0.8 * (rate(alone, 'texas-rig') / rate(ask([]), 'texas-rig')),
  );
});

test('what caught where little was expected comes to the head, with how much stands behind it', () => {
  const last = GROUNDS.ranking.ranked.at(-1)!.family;
  const r = ask(
    [0, 1, 2, 3].flatMap((i) => KINDS.map((k) => block(k, k === last ? 6 : 1, { trip: `day ${i}`, minutes: 60 }))),
  );
  expect(r.ranked[0]!.family).toBe(last);
  expect(r.plan!.start).toBe(last);
  const { evidence } = r.ranked[0]!;
  expect(evidence).toMatchObject({ tooThin: false });
  expect(evidence.strikes).toBeCloseTo(24, 0);
  expect(evidence.effectiveHours).toBeCloseTo(4, 0);
  expect(ask([block(last, 6)]).ranked.find((x) => x.family !== last)!.evidence).toMatchObject({
    hours: 0,
    tooThin: true,
  });
});

test('strikes that were never hooked lower the score and not the strikes', () => {
  const hooked = (n: number) => ask([0, 1, 2].map((i) => block('swim-jig', 5, { trip: `day ${i}`, hooked: n })));
  const [none, most] = [hooked(0), hooked(4)];
  expect(rate(none, 'swim-jig')).toBe(rate(most, 'swim-jig'));
  expect(scoreOf(none, 'swim-jig')).toBeLessThan(0.75 * scoreOf(most, 'swim-jig'));
});

describe('the next trial', () => {
  const trialOf = (seed: number, history: PastBlock[], onNow: string | null = null) =>
    ask(history, { trial: { seed, onNow } }).trial!;

  test('same log and seed, same trial; other seeds try other things', () => {
    const history = SEASONS[1]!;
    expect(trialOf(7, history)).toEqual(trialOf(7, history));
    // Where little is known the draw decides.
    const tried = new Set(Array.from({ length: 40 }, (_, seed) => trialOf(seed, []).family));
    expect(tried.size).toBeGreaterThan(1);
  });

  test('it says when that is on already, and what it is tried for', () => {
    const sure = [0, 1, 2, 3, 4, 5].flatMap((i) =>
      KINDS.map((k) => block(k, k === 'square-bill' ? 9 : 1, { trip: `day ${i}` })),
    );
    const t = trialOf(1, sure, 'square-bill');
    expect(t).toMatchObject({ family: 'square-bill', why: 'stay' });
    expect(t.pBest).toBeGreaterThan(0.6);
    expect(trialOf(1, sure).why).toBe('best');
  });

  test('what nobody fished is tried more often than what failed for long', () => {
    const failed = [0, 1, 2, 3].map((i) => block('spinnerbait', 0, { minutes: 180, trip: `day ${i}` }));
    const tries = (k: FamilyId, history: PastBlock[]): number =>
      Array.from({ length: 60 }, (_, seed) => trialOf(seed, history).family).filter((f) => f === k).length;
    expect(tries('spinnerbait', failed)).toBeLessThan(Math.max(1, tries('spinnerbait', [])));
  });
});

test('a lure of the box is moved by what was caught on it more than another of its kind', () => {
  const f = familyById('texas-rig');
  const lure = (id: string) => ({
    id,
    family: f.id,
    weightKg: f.weightKg[1],
    lengthM: f.lengthM[1],
    hook: f.hook,
    colour: null,
    priceMinor: 0,
  });
  const options = { lures: [lure('mine'), lure('other')] };
  const r = learnRanking(rankWithGrounds(WATER, options), options, {
    history: [block('texas-rig', 6, { presentation: { family: 'texas-rig', lure: 'mine' } })],
    here: HERE,
  });
  expect(r.ranked.map((x) => x.key)).toEqual(['mine', 'other']);
  expect(r.ranked[0]!.strikesPerHour).toBeGreaterThan(r.ranked[1]!.strikesPerHour);
});

test('what would change its mind and the ladder are asked of the same ranking', () => {
  expect(learnedByKey(ask([]))).toBeNull();
  const last = GROUNDS.ranking.ranked.at(-1)!.family;
  const r = ask([0, 1, 2, 3].flatMap((i) => KINDS.map((k) => block(k, k === last ? 7 : 0, { trip: `day ${i}` }))));
  expect(r.plan!.start).toBe(last);
  const choosing = choosingOf(WATER, { ...OPTIONS, learned: learnedByKey(r)! });
  expect(choosing.leader).toBe(last);
  expect(choosing.ladder[0]!.key).toBe(last);
  expect(choosing.turns.every((t) => t.rival !== last)).toBe(true);
  expect(choosingOf(WATER, OPTIONS).leader).not.toBe(last);
});

test('landed is a stage of its own: it moves its share, by kind, and no order', () => {
  const landed = (n: number) =>
    ask([0, 1, 2].map((i) => block('swim-jig', 5, { trip: `day ${i}`, hooked: 4, landed: n })));
  const [none, most] = [landed(0), landed(4)];
  const shareOf = (r: LearnedRanking, k: FamilyId) => r.ranked.find((x) => x.family === k)!.evidence.landedShare;
  expect(shareOf(none, 'swim-jig')).toBeLessThan(0.3);
  expect(shareOf(most, 'swim-jig')).toBeGreaterThan(0.85);
  // Another kind hears of it, and less.
  expect(shareOf(none, 'texas-rig')).toBeGreaterThan(shareOf(none, 'swim-jig'));
  expect(shareOf(ask([]), 'swim-jig')).toBeCloseTo(0.75, 9);
  expect(none.ranked.map((x) => [x.key, x.score])).toEqual(most.ranked.map((x) => [x.key, x.score]));
});

test('what today’s signs say of the mood is not said again by today’s blocks', () => {
  const signs = [{ kind: 'empty-cast' as const, count: 60, zoneShare: 0.7 }];
  const shut = { ...WATER, signs };
  const blank = [block('spinnerbait', 0, { minutes: 90, trip: HERE.trip })];
  const level = (conditions: Conditions) =>
    learnRanking(rankWithGrounds(conditions, OPTIONS), OPTIONS, { history: blank, here: HERE }).level.ratio;
  // Where the mood has heard of the blank hour, less is left for the day's luck.
  expect(level(shut)).toBeGreaterThan(level(WATER));
  expect(level(shut)).toBeLessThan(1);
  // Of another day the signs of now say nothing.
  const yesterday = [block('spinnerbait', 0, { minutes: 90, trip: 'yesterday' })];
  const levelAfter = (conditions: Conditions) =>
    learnRanking(rankWithGrounds(conditions, OPTIONS), OPTIONS, { history: yesterday, here: HERE }).level.ratio;
  expect(levelAfter(shut)).toBeCloseTo(levelAfter(WATER), 9);
});

test('a log beyond all measure still gives an answer', () => {
  const wild = [
    ...Array.from({ length: 40 }, (_, i) => block('spinnerbait', 0, { minutes: 10_080, trip: `blank ${i}` })),
    ...KINDS.map((k) => block(k, 10_000, { minutes: 1, trip: 'feast' })),
    block('texas-rig', 0, { minutes: 0.001, trip: null, water: null }),
  ];
  const r = ask(wild, { trial: { seed: 1 } });
  for (const x of r.ranked) {
    expect(Number.isFinite(x.score)).toBe(true);
    expect(x.low).toBeLessThanOrEqual(x.high);
  }
  expect(r.trial).not.toBeNull();
});
