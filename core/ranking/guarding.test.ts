import type { Conditions, Water } from '../water/conditions';
import { FAMILIES } from '../lures/family';
import { raisedBy } from '../mood/guarding';
import { GUARDING_FACTORS } from './guarding';
import { rankLures, type Ranking } from './rank';
import type { RankedLure } from './ranked';
import type { Sign } from '../water/terms';

const BED: Conditions = {
  species: 'largemouth-bass',
  behaviour: 'guarding',
  month: 4,
  water: {
    setting: 'lake',
    surfaceTempC: 18,
    clarityM: 3,
    depthM: 1.5,
    fishDepthM: 1.4,
    cover: { kind: 'none', density: 0 },
  },
  forage: ['bluegill'],
};
const on = (signs: Sign[] = [], more: Partial<Conditions> = {}): Ranking => rankLures({ ...BED, signs, ...more });
const place = (r: Ranking, family: string): number => r.ranked.findIndex((x) => x.family === family);
const ANGRY: Sign[] = [
  { kind: 'flare', count: 3, minutesAgo: 1 },
  { kind: 'quick-turns', count: 3, minutesAgo: 1 },
  { kind: 'short-strike', count: 2, minutesAgo: 1 },
];

describe('fish on their beds', () => {
  const calm = on();
  const angry = on(ANGRY);
  test('calm ones are provoked with something big, angry ones offered something small', () => {
    expect(place(calm, 'big-swimbait')).toBeLessThan(3);
    expect(place(calm, 'big-swimbait')).toBeLessThan(place(calm, 'small-swimbait'));
    expect(place(angry, 'small-swimbait')).toBeLessThan(place(angry, 'big-swimbait'));
  });
  test('signs count for the lure that raised them; passes it let by count against that one alone', () => {
    const [first, second] = calm.ranked;
    const lure = second!.family;
    const rate = (r: Ranking, f: string): number => r.ranked.find((x) => x.family === f)!.strikesPerHour;
    const flared = on([{ kind: 'flare', count: 1, minutesAgo: 30, lure }]);
    const unsaid = on([{ kind: 'flare', count: 1, minutesAgo: 30 }]);
    expect(rate(flared, lure)).toBeGreaterThan(1.3 * rate(unsaid, lure));
    expect(rate(flared, first!.family)).toBeCloseTo(rate(unsaid, first!.family), 9);
    const passed = on([{ kind: 'empty-cast', count: 25, minutesAgo: 0, lure: first!.family }]);
    expect(passed.ranked[0]!.family).not.toBe(first!.family);
    // Nothing raised, nothing lost: nobody knows by which lure.
    expect(raisedBy('popper', [{ kind: 'flare', count: 4 }])).toBe(1);
    expect(raisedBy('popper', [{ kind: 'flare', count: 400, lure: 'popper' }])).toBe(2.5);
    expect(raisedBy('popper', [{ kind: 'empty-cast', count: 4000, lure: 'popper' }])).toBe(0.25);
  });
  test('the reasons are their own, and add up to the score', () => {
    for (const x of [...calm.ranked, ...angry.ranked]) {
      expect(x.why.map((w) => w.factor)).toEqual([...GUARDING_FACTORS]);
      expect(x.why.reduce((s, w) => s + w.ln, 0)).toBeCloseTo(Math.log(x.score), 9);
      expect(x.low).toBeLessThanOrEqual(x.strikesPerHour);
      expect(x.high).toBeGreaterThanOrEqual(x.strikesPerHour);
    }
  });
  test('hard limits hold for them too, and every family is either ranked or told why not', () => {
    expect(calm.ranked.length + calm.excluded.length).toBe(FAMILIES.length);
    const reeds = on([], {
      water: {
        setting: 'lake',
        surfaceTempC: 18,
        depthM: 1,
        fishDepthM: 0.9,
        cover: { kind: 'matted-grass', density: 1 },
      },
    });
    expect(reeds.excluded.map((x) => x.code)).toContain('snags');
  });
  test('the anger answers a pass more often: more strikes an hour from whatever ranks first', () => {
    expect(angry.ranked[0]!.strikesPerHour).toBeGreaterThan(2 * calm.ranked[0]!.strikesPerHour);
  });
  test('the three: one for now, one for when it has turned, one of another kind', () => {
    expect(calm.plan!.start).toBe(calm.ranked[0]!.family);
    expect(place(angry, calm.plan!.follow)).toBeLessThan(3);
    expect(new Set([calm.plan!.start, calm.plan!.follow, calm.plan!.refusal]).size).toBe(3);
    expect(calm.plan!.reworked).toEqual([]);
  });
  test('what lies on the bed beats what must leave it', () => {
    expect(place(angry, 'finesse-jig')).toBeLessThan(place(angry, 'square-bill'));
    expect(place(angry, 'finesse-jig')).toBeLessThan(place(angry, 'popper'));
  });
  test('a lure more in the box never turns two others round', () => {
    const all = on().ranked.map((x) => x.family);
    const fewer = rankLures(BED, { families: FAMILIES.filter((f) => f !== all[2]) }).ranked.map((x) => x.family);
    expect(fewer).toEqual(all.filter((f) => f !== all[2]));
  });
});

describe('from the beach', () => {
  const surf = (windMps: number): Ranking =>
    rankLures({
      species: 'striped-bass',
      month: 10,
      access: 'surf',
      forage: ['sand-eel'],
      water: {
        setting: 'surf',
        salinity: 'salt',
        surfaceTempC: 14,
        clarityM: 1.2,
        depthM: 2.5,
        fishDepthM: 2,
        windMps,
        waveHeightM: 0.5,
        cover: { kind: 'none', density: 0 },
      },
    });
  const reach = (r: Ranking, family: string): number =>
    r.ranked.find((x) => x.family === family)!.why.find((w) => w.factor === 'distance')!.ln;
  test('what flies reaches them; the wind takes more from a sail than from a bullet', () => {
    const [calm, gale] = [surf(2), surf(13)];
    expect(reach(calm, 'slender-metal')).toBeGreaterThan(reach(calm, 'spinnerbait'));
    expect(reach(gale, 'slender-metal') - reach(calm, 'slender-metal')).toBeGreaterThan(
      reach(gale, 'spinnerbait') - reach(calm, 'spinnerbait'),
    );
  });
  test('where one moves to the fish a longer cast is worth a little, in cover in single pieces nothing', () => {
    const at = (water: Partial<Water>) =>
      rankLures(
        { species: 'largemouth-bass', water: { setting: 'lake', windMps: 2, ...water } },
        { withoutRange: true },
      ).ranked;
    const distance = (x: RankedLure) => x.why.find((w) => w.factor === 'distance')!;
    const thrown = (x: RankedLure) => distance(x).facts.way === 'cast';
    for (const x of at({}).filter(thrown))
      expect(distance(x).ln).toBeCloseTo(0.3 * Math.log(Number(distance(x).facts.castM) / 22), 9);
    for (const x of at({ cover: { kind: 'dock', density: 0.5 } }).filter(thrown))
      expect(distance(x).ln).toBeCloseTo(0, 9);
  });
});

test('over a bed the minutes are those of its passes, at the depth of the fish', () => {
  for (const x of on().ranked) {
    expect(x.zone.zoneMinutesPerHour).toBeCloseTo((x.zone.castsPerHour * x.zone.zoneSecondsPerCast) / 60, 9);
    expect(x.zone.zoneMinutesPerHour).toBeLessThan(60);
    expect(x.workingDepthM).toBe(1.4);
    expect(x.zone.share * x.zone.castS).toBeCloseTo(x.zone.zoneSecondsPerCast, 9);
  }
});
