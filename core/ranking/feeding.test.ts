import { usualWater, type ConditionsChange } from '../fixtures/usualWater';
import { judgeMood } from '../mood/filter';
import { spreadMood, type MoodDistribution } from '../mood/states';
import type { Conditions } from '../water/conditions';
import { speciesProfile } from '../water/species';
import { gapM, readContext } from './context';
import { pitchedShare, snagChance } from './cover';
import { scoreFeeding } from './feeding';
import { chooseWorking } from './working';
import { SHAPE_OF_FORAGE } from './matches';
import { FACTORS } from './score';
import { familyById } from '../lures/families';
import type { FamilyId } from '../lures/family';
import { resolveConditions } from '../water/resolve';

const bass = speciesProfile('largemouth-bass');
type MoodChange = ConditionsChange & { mood?: MoodDistribution };

function context({ mood, ...c }: MoodChange = {}) {
  const r = usualWater(c);
  return readContext(r, bass, mood ?? judgeMood(r, bass).distribution);
}
const factor = (id: FamilyId, name: (typeof FACTORS)[number], c: MoodChange = {}): number =>
  scoreFeeding(familyById(id), context(c)).why.find((w) => w.factor === name)!.ln;
const shut = spreadMood(0.2, 0.5);
const aggressive = spreadMood(3.8, 0.5);

test('every factor stands once, in its order', () => {
  expect(scoreFeeding(familyById('paddletail'), context()).why.map((w) => w.factor)).toEqual([...FACTORS]);
});

describe('each factor moves the way an angler expects', () => {
  test.each([
    [
      'clear water shows a silent lure further',
      'noticed',
      'texas-rig',
      { water: { clarityM: 2.5 } },
      { water: { clarityM: 0.4 } },
    ],
    [
      'a shallow fish is nearer a surface lure',
      'travel',
      'popper',
      { water: { fishDepthM: 0.5 } },
      { water: { fishDepthM: 2 } },
    ],
    ['an aggressive fish travels further', 'travel', 'popper', { mood: aggressive }, { mood: shut }],
    ['a shut fish is not run down by a fast lure', 'speed', 'buzzbait', { mood: aggressive }, { mood: shut }],
    ['a buzzing bait cannot hang for a shut fish', 'pause', 'buzzbait', { mood: aggressive }, { mood: shut }],
    ['a shut fish dislikes a loud lure', 'noise', 'lipless-vibrating', { mood: aggressive }, { mood: shut }],
    ['murk asks for noise', 'noise', 'bladed-jig', { water: { clarityM: 0.2 } }, { water: { clarityM: 3 } }],
    ['crawfish about make a jig look right', 'food', 'finesse-jig', { forage: ['crawfish'] }, { forage: ['shad'] }],
    [
      'warm water suits a surface lure',
      'warmth',
      'walking-bait',
      { water: { surfaceTempC: 24 } },
      { water: { surfaceTempC: 9 } },
    ],
    [
      'cold water suits a blade',
      'warmth',
      'blade-bait',
      { water: { surfaceTempC: 4 } },
      { water: { surfaceTempC: 24 } },
    ],
    [
      'low light suits the top',
      'light',
      'walking-bait',
      { sky: { sunElevationDeg: 1, cloud: 0.8 } },
      { sky: { sunElevationDeg: 60, cloud: 0 } },
    ],
    ['chop drowns a popper', 'chop', 'popper', { water: { waveHeightM: 0 } }, { water: { waveHeightM: 0.5 } }],
    ['open water can all be shown', 'cover', 'deep-crank', {}, { water: { cover: { kind: 'dock', density: 0.8 } } }],
    [
      'clear water brings fish further',
      'travel',
      'suspending-jerkbait',
      { water: { clarityM: 3, fishDepthM: 2.9 } },
      { water: { clarityM: 0.5, fishDepthM: 2.9 } },
    ],
    [
      'a square bill glances off wood',
      'deflection',
      'square-bill',
      { water: { fishDepthM: 1, cover: { kind: 'wood', density: 0.3 } } },
      { water: { fishDepthM: 1 } },
    ],
    [
      'a deep crank digs rock, not mud',
      'deflection',
      'deep-crank',
      { water: { bottom: 'rock', fishDepthM: 2.9 } },
      { water: { bottom: 'mud', fishDepthM: 2.9 } },
    ],
    [
      'a deep crank digs only where it reaches bottom',
      'deflection',
      'deep-crank',
      { water: { bottom: 'rock', fishDepthM: 2.9 } },
      { water: { bottom: 'rock', depthM: 8, fishDepthM: 2.9 } },
    ],
    [
      'grass keeps an open hook from the fish',
      'cover',
      'texas-rig',
      { water: { cover: { kind: 'submerged-grass', density: 0.2 } } },
      { water: { cover: { kind: 'submerged-grass', density: 0.9 } } },
    ],
    ['pressed fish want it quieter', 'noise', 'lipless-vibrating', { pressure: 'low' }, { pressure: 'high' }],
    ['pressed fish follow slower', 'speed', 'spinnerbait', { pressure: 'low' }, { pressure: 'high' }],
    [
      'a school on top is loud itself',
      'noise',
      'walking-bait',
      { behaviour: 'surface-schooling', mood: spreadMood(2, 0.7) },
      { mood: spreadMood(2, 0.7) },
    ],
    [
      'a school on top is there in any light',
      'light',
      'popper',
      { behaviour: 'surface-schooling', sky: { sunElevationDeg: 60, cloud: 0 } },
      { sky: { sunElevationDeg: 60, cloud: 0 } },
    ],
    [
      'wood costs a lipless its hours',
      'snags',
      'lipless-vibrating',
      {},
      { water: { cover: { kind: 'wood', density: 0.5 } } },
    ],
  ] as [string, (typeof FACTORS)[number], FamilyId, MoodChange, MoodChange][])(
    '%s',
    (_name, name, id, better, worse) => {
      expect(factor(id, name, better)).toBeGreaterThan(factor(id, name, worse) + 0.02);
    },
  );

  test.each(['paddletail', 'texas-rig', 'suspending-jerkbait'] as const)('chop does not trouble a %s', (id) => {
    expect(factor(id, 'chop', { water: { waveHeightM: 0.5 } })).toBeCloseTo(0, 10);
  });
});

test('the cold takes no lure’s size from it: all mouthfuls shrink together', () => {
  const cold = { water: { surfaceTempC: 4 } };
  expect(factor('blade-bait', 'size', cold)).toBeGreaterThan(factor('blade-bait', 'size'));
  expect(Math.abs(factor('paddletail', 'size', cold) - factor('paddletail', 'size'))).toBeLessThan(0.05);
});

test('full fish take the still and the loud; the middle fails', () => {
  const thick: MoodChange = {
    forage: ['shad'],
    forageAbundance: 'thick',
    water: { surfaceTempC: 26, tempChange3dC: 0 },
    mood: spreadMood(2, 0.7),
  };
  expect(context(thick).extreme.chance).toBeGreaterThan(0.5);
  for (const id of ['texas-rig', 'lipless-vibrating'] as const)
    expect(factor(id, 'noise', thick)).toBeGreaterThan(factor('swim-jig', 'noise', thick) + 0.1);
});

test('teeth that cut take a soft body, not metal; others take neither', () => {
  const hooked = (id: FamilyId, species: Conditions['species']) => {
    const p = speciesProfile(species);
    const r = resolveConditions({ species, water: { setting: 'inlet' } });
    return scoreFeeding(familyById(id), readContext(r, p, judgeMood(r, p).distribution)).why.find(
      (w) => w.factor === 'hooked',
    )!.ln;
  };
  expect(hooked('paddletail', 'spanish-mackerel')).toBeCloseTo(
    hooked('paddletail', 'striped-bass') + Math.log(0.65),
    6,
  );
  expect(hooked('slender-metal', 'spanish-mackerel')).toBeGreaterThan(hooked('slender-metal', 'red-drum') - 0.06);
});

test('the depth is chosen by the score itself: a swimmer kept at another scores no higher', () => {
  for (const id of ['spinnerbait', 'paddletail', 'suspending-jerkbait', 'blade-bait'] as const) {
    for (const fishDepthM of [0.6, 1.4, 2.6]) {
      const c = context({ water: { fishDepthM, cover: { kind: 'wood', density: 0.3, branchDiameterM: 0.05 } } });
      const f = familyById(id);
      const best = scoreFeeding(f, c).score;
      for (const depthM of [0.8, 1.2, 1.6, 2, 2.5])
        if (depthM >= f.depthM[0] && depthM <= f.depthM[1])
          expect(scoreFeeding({ ...f, depthM: [depthM, depthM] }, c).score).toBeLessThanOrEqual(best * (1 + 1e-9));
    }
  }
});

describe('where and how fast it is worked', () => {
  const working = (id: FamilyId, c: MoodChange = {}) => chooseWorking(familyById(id), context(c));
  test('on top, on the bottom, or at the fish', () => {
    expect(working('popper').depthM).toBe(0);
    expect(working('football-jig').depthM).toBe(3);
    expect(working('popping-cork-shrimp', { water: { fishDepthM: 0.9 } }).depthM).toBeCloseTo(0.9, 6);
    expect(Math.abs(working('paddletail').depthM - 2)).toBeLessThan(0.6);
  });

  test('never below the grass tops, never below the bottom', () => {
    expect(
      working('paddletail', { water: { cover: { kind: 'submerged-grass', density: 0.5, topDepthM: 0.9 } } }).depthM,
    ).toBeLessThan(0.9);
    expect(working('casting-spoon', { water: { depthM: 1, fishDepthM: 1 } }).depthM).toBeLessThanOrEqual(1);
  });

  test('faster for livelier fish', () => {
    expect(working('paddletail', { mood: aggressive }).speedMps).toBeGreaterThan(
      working('paddletail', { mood: shut }).speedMps,
    );
  });

  test.each(['paddletail', 'bladed-jig', 'shaky-head', 'popper', 'panfish-jig-straight'] as const)(
    'a %s within what it can do',
    (id) => {
      const f = familyById(id);
      for (const mood of [shut, aggressive]) {
        const { speedMps } = working(id, { mood });
        expect(speedMps).toBeGreaterThanOrEqual(f.speedMps[0] * 0.999);
        expect(speedMps).toBeLessThanOrEqual(f.speedMps[1] * 1.001);
      }
    },
  );
});

test('a lure is dropped into standing cover the more, the thicker it is and the better it gets in', () => {
  const at = (id: FamilyId, kind: 'wood' | 'rock', density: number) =>
    pitchedShare(familyById(id), context({ water: { cover: { kind, density } } }).r);
  expect(at('flipping-jig', 'wood', 0.5)).toBe(1);
  expect(at('flipping-jig', 'wood', 0.1)).toBeCloseTo(0.4, 6);
  expect(at('football-jig', 'wood', 0.5)).toBeLessThan(0.5);
  expect(at('flipping-jig', 'rock', 0.5)).toBe(0);
  expect(at('paddletail', 'wood', 0.5)).toBe(0);
});

test('the gap is to the near edge of the band', () => {
  expect([gapM(0, [1, 2]), gapM(1.5, [1, 2]), gapM(3, [1, 2])]).toEqual([1, 0, 1]);
});

test('snags come from cover and, near the bottom, from the bottom', () => {
  const chance = (id: FamilyId, bottom: 'mud' | 'rock') => snagChance(familyById(id), context({ water: { bottom } }).r);
  expect(chance('football-jig', 'rock')).toBeGreaterThan(chance('football-jig', 'mud'));
  expect(chance('popper', 'rock')).toBe(0);
});

test('every forage has a shape', () => {
  expect(new Set(Object.values(SHAPE_OF_FORAGE)).size).toBeGreaterThan(5);
});

test('a better angler’s luck is not in the model: the same reading gives the same score', () => {
  const a = scoreFeeding(familyById('swim-jig'), context());
  const b = scoreFeeding(familyById('swim-jig'), context());
  expect(a).toEqual(b);
});

test('full fish: a crawl or a burn beats the middle; hungry ones take the middle', () => {
  const speedOf = (id: 'spinnerbait' | 'paddletail' | 'casting-spoon', abundance: 'normal' | 'thick') => {
    const r = resolveConditions({
      species: 'white-bass',
      month: 8,
      forageAbundance: abundance,
      forage: ['shad'],
      water: { setting: 'reservoir', surfaceTempC: 25, tempChange3dC: 0, clarityM: 1.5, depthM: 5, fishDepthM: 2 },
      sky: { front: 'none', cloud: 0.3, sunElevationDeg: 40 },
    });
    const p = speciesProfile('white-bass');
    const c = readContext(r, p, judgeMood(r, p).distribution);
    return { full: c.extreme.chance, speed: scoreFeeding(familyById(id), c).why.find((w) => w.factor === 'speed')!.ln };
  };
  expect(speedOf('paddletail', 'thick').full).toBeGreaterThan(0.5);
  expect(speedOf('paddletail', 'thick').speed).toBeLessThan(speedOf('paddletail', 'normal').speed);
});

describe('what is dragged lies on the bottom', () => {
  const bottom = [
    'flipping-jig',
    'texas-rig',
    'finesse-jig',
    'shaky-head',
    'drop-shot',
    'football-jig',
    'carolina-rig',
    'shrimp-imitation',
  ] as const;
  const at = (id: FamilyId, depthM: number) =>
    scoreFeeding(familyById(id), context({ water: { depthM, fishDepthM: depthM - 0.4 } }));
  test.each(bottom)('%s: also where the water is deeper than it is meant for, and then for less of the time', (id) => {
    const meantM = familyById(id).depthM[1];
    for (const depthM of [3, 7, 15, 30]) expect(at(id, depthM).workingDepthM).toBe(depthM);
    const shares = [0.9, 1, 1.2, 1.5, 2].map((k) => at(id, k * meantM).zone.share);
    for (let i = 2; i < shares.length; i++) expect(shares[i]!).toBeLessThan(shares[i - 1]!);
    expect(at(id, 1.05 * meantM).zone.share / shares[1]!).toBeGreaterThan(0.95);
  });
  test('fish far above it are far from it', () => {
    const high = scoreFeeding(familyById('flipping-jig'), context({ water: { depthM: 12, fishDepthM: 6 } }));
    expect(high.why.find((w) => w.factor === 'travel')!.ln).toBeLessThan(-3);
  });
});
