import { readFileSync } from 'node:fs';
import path from 'node:path';
import { seededRandom } from '../base/random';
import { expectationRows, holds, place } from '../fixtures/expectations';
import { speciesProfile } from '../water/species';
import type { Conditions } from '../water/conditions';
import { allFamilies, familyById } from '../lures/families';
import { FAMILIES, type FamilyId } from '../lures/family';
import { findExclusion } from './limits';
import { lurePhysics } from '../lures/physics';
import { rankLures } from './rank';
import { freeSink } from '../simulation/sink';
import { COVER_KINDS, SPECIES } from '../water/terms';
import { resolveConditions } from '../water/resolve';

type Waters = Parameters<typeof expectationRows>[0];
const read = (file: string): unknown => JSON.parse(readFileSync(path.join(__dirname, '../fixtures', file), 'utf8'));
const fixture = read('rank.json') as Waters;
/** More waters of every kind and species, each with what the job's own rules of thumb say of it. */
const waters = read('waters.json') as Pick<Waters, 'cases'>;

describe('what experienced anglers agree on', () => {
  const rows = expectationRows({ base: fixture.base, cases: [...fixture.cases, ...waters.cases] });

  test('they are many', () => {
    expect(rows.length).toBeGreaterThanOrEqual(200);
  });

  test.each(rows)('%s', (_name, input, e) => {
    expect(holds(e, rankLures(input, { withoutRange: true }))).toBe(true);
  });
});

const random = seededRandom(11);
const pick = <T>(all: readonly T[]): T => all[Math.floor(random() * all.length)]!;
function someConditions(): Conditions {
  const depthM = 0.8 + 8 * random();
  return {
    species: pick(SPECIES),
    water: {
      setting: pick(['pond', 'lake', 'flat', 'tidal-creek'] as const),
      surfaceTempC: 3 + 27 * random(),
      tempChange3dC: 4 * random() - 2,
      clarityM: 0.15 + 3 * random(),
      depthM,
      fishDepthM: depthM * random(),
      waveHeightM: 0.5 * random(),
      cover: { kind: pick(COVER_KINDS), density: random(), branchDiameterM: 0.05 * random() },
    },
    sky: { cloud: random(), sunElevationDeg: 60 * random() - 10, front: 'none' },
    month: 1 + Math.floor(12 * random()),
    pressure: pick(['low', 'normal', 'high'] as const),
  };
}
const many = Array.from({ length: 40 }, (_, i) => [i, someConditions()] as const);

describe('properties over forty random waters (seed 11)', () => {
  test.each(many)('water %d: reasons sum to the score, ranges hold the middle, order follows score', (_i, c) => {
    const r = rankLures(c);
    expect(r.ranked.length + r.excluded.length).toBe(FAMILIES.length);
    r.ranked.forEach((x, i) => {
      expect(x.why.reduce((s, w) => s + w.ln, 0)).toBeCloseTo(Math.log(x.score), 9);
      expect(Number.isFinite(x.score)).toBe(true);
      expect(x.low).toBeLessThanOrEqual(x.strikesPerHour);
      expect(x.high).toBeGreaterThanOrEqual(x.strikesPerHour);
      if (i > 0) expect(x.score).toBeLessThanOrEqual(r.ranked[i - 1]!.score);
    });
    for (const x of r.excluded) expect(place(r, x.family)).toBe(Infinity);
  });

  test('leaving a lure out of the box never reorders the others', () => {
    for (const [, c] of many.slice(0, 12)) {
      const all = rankLures(c, { withoutRange: true }).ranked.map((x) => x.family);
      const fewer = rankLures(c, { withoutRange: true, families: FAMILIES.filter((f) => f !== all[1]) }).ranked.map(
        (x) => x.family,
      );
      expect(fewer).toEqual(all.filter((f) => f !== all[1]));
    }
  });

  /** Strikes an hour: a lure worth less is never tied on, and how steeply its worth falls says nothing. */
  const NEVER = 1e-5;

  test('a small step in temperature or clarity is a small step in score', () => {
    for (const [, c] of many.slice(0, 12)) {
      const score = (dT: number, k: number) =>
        new Map(
          rankLures(
            { ...c, water: { ...c.water, surfaceTempC: c.water.surfaceTempC! + dT, clarityM: c.water.clarityM! * k } },
            { withoutRange: true },
          ).ranked.map((x) => [x.family, x.score]),
        );
      const at = score(0, 1);
      for (const [f, v] of score(0.05, 1.005)) {
        const before = at.get(f);
        if (before !== undefined && before > NEVER) expect(Math.abs(Math.log(v / before))).toBeLessThan(0.1);
      }
    }
  });

  test('the three in hand differ and none is left in the box', () => {
    for (const [, c] of many) {
      const r = rankLures(c, { withoutRange: true });
      if (!r.plan) continue;
      const three = [r.plan.start, r.plan.follow, r.plan.refusal];
      expect(new Set(three).size).toBe(3 - r.plan.reworked.length);
      for (const f of three) expect(place(r, f)).toBeLessThan(Infinity);
    }
  });
});

describe('hard limits', () => {
  const read = (water: Partial<Conditions['water']>, species: Conditions['species'] = 'largemouth-bass') =>
    [
      resolveConditions({
        species,
        water: { setting: 'lake', surfaceTempC: 22, depthM: 3, fishDepthM: 1.5, ...water },
      }),
      speciesProfile(species),
    ] as const;
  test.each([
    ['snags', 'suspending-jerkbait', { cover: { kind: 'pads', density: 0.8 } }],
    ['too-cold', 'buzzbait', { surfaceTempC: 6 }],
    ['cannot-reach', 'square-bill', { depthM: 14, fishDepthM: 12 }],
    ['fish-too-deep', 'walking-bait', { depthM: 14, fishDepthM: 11 }],
    ['no-grip-in-current', 'shaky-head', { currentMps: 2 }],
    ['drowned', 'popper', { setting: 'spillway' }],
  ] as const)('%s keeps the %s in the box', (code, family, water) => {
    expect(findExclusion(familyById(family), ...read(water as Partial<Conditions['water']>), null)?.code).toBe(code);
  });

  test('too big for the mouth, and no rod that throws it', () => {
    expect(findExclusion(familyById('walking-bait'), ...read({ setting: 'lake' }, 'crappie'), null)).toBeNull();
    expect(
      findExclusion(familyById('hollow-frog'), ...read({}), [
        { lengthM: 1.8, minLureKg: 0.001, maxLureKg: 0.004, action: 'slow' },
      ])?.code,
    ).toBe('no-rod');
    const tiny = { ...speciesProfile('crappie'), preyLengthM: [0.01, 0.02, 0.03] as const };
    expect(findExclusion(familyById('flipping-jig'), read({})[0], tiny, null)?.code).toBe('too-big');
  });
});

describe('the families', () => {
  test.each(allFamilies().map((f) => [f.id, f] as const))('%s has a row that makes sense', (_id, f) => {
    for (const [lo, mid, hi] of [f.weightKg, f.lengthM]) {
      expect(lo).toBeLessThanOrEqual(mid);
      expect(mid).toBeLessThanOrEqual(hi);
    }
    expect(f.speedMps[0]).toBeLessThan(f.speedMps[1]);
    expect(Math.max(...(Object.values(f.shapes) as number[]))).toBeGreaterThanOrEqual(0.6);
    for (const v of [
      f.action,
      f.thump,
      f.rattle,
      f.flash,
      f.hooking,
      f.bulk,
      ...Object.values(f.snag),
      ...Object.values(f.coverReach),
    ]) {
      expect(v).toBeGreaterThanOrEqual(0);
      expect(v).toBeLessThanOrEqual(1);
    }
    const physics = lurePhysics(f, f.weightKg[1]);
    const sink = freeSink(physics, 998);
    if (sink) expect(sink.terminalMps).toBeLessThan(2.5);
    if (f.mode === 'surface') expect(sink).toBeNull();
    if (f.mode === 'bottom') expect(sink!.terminalMps).toBeGreaterThan(0.2);
  });

  test.each([
    ['paddletail', 0.5, 1],
    ['sinking-twitchbait', 0.2, 0.45],
    ['flipping-jig', 0.45, 0.75],
    ['casting-spoon', 0.5, 1.1],
  ] as const)('%s sinks between %d and %d m/s', (id: FamilyId, lo, hi) => {
    const v = freeSink(lurePhysics(familyById(id), familyById(id).weightKg[1]), 998)!.terminalMps;
    expect(v).toBeGreaterThan(lo);
    expect(v).toBeLessThan(hi);
  });
});
