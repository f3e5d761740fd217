import { rankLures } from '../ranking/rank';
import { chooseHooks } from '../ranking/hooks';
import { speciesProfile } from '../water/species';
import { usualWater } from '../fixtures/usualWater';
import { familyById } from './families';
import { familyOfLure, type OwnLure } from './own';
import { hooksAtHand, weighedBy, weightsAtHand, type TerminalItem } from './terminal';
import { weightsOf } from './weights';

const item = (over: Partial<TerminalItem>): TerminalItem => ({
  part: 'head',
  weightKg: 0.007,
  hookSize: '3/0',
  count: 3,
  ...over,
});
const BOX: TerminalItem[] = [
  item({ weightKg: 0.0106 }),
  item({ weightKg: 0.0035, hookSize: '1/0' }),
  item({ weightKg: 0.0142, count: 0 }),
  item({ part: 'sinker', weightKg: 0.0089, hookSize: null }),
  item({ part: 'hook', weightKg: 0, hookSize: '4/0' }),
  item({ part: 'hook', weightKg: 0.005, hookSize: '4/0' }),
];

const body = (family: OwnLure['family'], over: Partial<OwnLure> = {}): OwnLure => ({
  id: 'body',
  family,
  weightKg: 0.004,
  lengthM: familyById(family).lengthM[1],
  hook: 'single',
  bare: true,
  colour: null,
  priceMinor: 0,
  ...over,
});

test('a jig takes heads and weighted hooks, a sliding rig sinkers, a weightless body nothing', () => {
  expect(weighedBy(familyById('paddletail'))).toBe('head');
  expect(weighedBy(familyById('texas-rig'))).toBe('sinker');
  expect(weighedBy(familyById('drop-shot'))).toBe('sinker');
  expect(weighedBy(familyById('soft-jerk-weightless'))).toBeNull();
  expect(weightsAtHand(familyById('paddletail'), BOX)).toEqual([0.0035, 0.005, 0.0106]);
  expect(weightsAtHand(familyById('texas-rig'), BOX)).toEqual([0.0089]);
  expect(weightsAtHand(familyById('panfish-jig-straight'), BOX)).toEqual([0.0035, 0.0106]);
  expect(weightsAtHand(familyById('soft-jerk-weightless'), BOX)).toEqual([]);
  expect(hooksAtHand(BOX)).toEqual(['1/0', '3/0', '4/0']);
});

test('a body comes in the weights at hand that its rod throws; with none kept in any that is sold', () => {
  const of = (over: Partial<OwnLure>) => weightsOf(familyOfLure(body('paddletail', over)));
  expect(of({ atHandKg: [0.0106, 0.0035] })).toEqual([0.0035, 0.0106]);
  expect(of({ atHandKg: [0.0106, 0.0035], throwsKg: [0.005, 0.02] })).toEqual([0.0106]);
  // What is there must do, even where the rod is not made for it.
  expect(of({ atHandKg: [0.0035], throwsKg: [0.005, 0.02] })).toEqual([0.0035]);
  expect(of({ atHandKg: [] }).length).toBeGreaterThan(4);
});

test('the ranking ties on what is at hand, and says what is missed', () => {
  const conditions = {
    species: 'largemouth-bass' as const,
    month: 6,
    water: { setting: 'lake' as const, surfaceTempC: 20, clarityM: 1.2, depthM: 6, fishDepthM: 5 },
  };
  const weighing = (atHandKg?: number[]) => {
    const [x] = rankLures(conditions, { lures: [body('paddletail', { atHandKg })], withoutRange: true }).ranked;
    return { kg: x!.weightKg, score: x!.score, lacks: x!.weighing.lacks };
  };
  const any = weighing();
  expect(any.lacks).toBeNull();
  const tiny = weighing([0.0018]);
  expect(tiny.kg).toBe(0.0018);
  expect(tiny.lacks!.weightKg).toBe(any.kg);
  expect(tiny.lacks!.times).toBeCloseTo(any.score / tiny.score, 6);
  expect(weighing([any.kg, 0.0018])).toMatchObject({ kg: any.kg, lacks: null });
});

test('of the hooks kept the nearest that does; where none does, the right one and that it is missing', () => {
  const hooks = (kept: Parameters<typeof chooseHooks>[4]) => {
    const rig = { hook: 'weedless' as const, sizeM: 0.12, weightKg: 0.007 };
    const { size, lacks } = chooseHooks(
      familyById('texas-rig'),
      rig,
      speciesProfile('largemouth-bass'),
      usualWater(),
      kept,
    );
    return [size, lacks];
  };
  expect(hooks([])).toEqual(['3/0', null]);
  expect(hooks(['1', '3/0'])).toEqual(['3/0', null]);
  expect(hooks(['1', '4/0'])).toEqual(['4/0', '3/0']);
  expect(hooks(['8', '1'])).toEqual(['3/0', '3/0']);
});

test('the line on its own rod counts, not the one in use', () => {
  const conditions = {
    species: 'walleye' as const,
    month: 6,
    water: { setting: 'lake' as const, surfaceTempC: 18, clarityM: 1.5, depthM: 8, fishDepthM: 6 },
  };
  const crank = (lineM?: number): OwnLure => ({
    ...body('deep-crank', { bare: false, weightKg: 0.017, hook: 'treble' }),
    lineM,
  });
  const share = (lineM: number | undefined, inUseM: number) =>
    rankLures(conditions, { lures: [crank(lineM)], lineDiameterM: inUseM, withoutRange: true }).ranked[0]!.zone.share;
  const [thin, thick] = [0.12e-3, 0.36e-3];
  expect(share(undefined, thin)).not.toBeCloseTo(share(undefined, thick), 2);
  expect(share(thin, thick)).toBe(share(undefined, thin));
});
