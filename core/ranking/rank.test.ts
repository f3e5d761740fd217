import { readFileSync } from 'node:fs';
import path from 'node:path';
import { expectationRows, holds } from '../fixtures/expectations';
import { speciesProfile } from '../water/species';
import type { Conditions } from '../water/conditions';
import { allFamilies, familyById } from '../lures/families';
import type { FamilyId } from '../lures/family';
import { findExclusion } from './limits';
import { lurePhysics } from '../lures/physics';
import { rankLures, type Ranking } from './rank';
import { freeSink } from '../simulation/sink';
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

  let last: { input: Conditions; ranking: Ranking } | null = null;
  test.each(rows)('%s', (_name, input, e) => {
    if (last?.input !== input) last = { input, ranking: rankLures(input, { withoutRange: true }) };
    expect(holds(e, last.ranking)).toBe(true);
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
