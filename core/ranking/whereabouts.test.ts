import type { Conditions } from '../water/conditions';
import type { Whereabouts } from '../water/terms';
import { rankLures } from './rank';

const water = (whereabouts: Whereabouts): Conditions => ({
  species: 'largemouth-bass',
  month: 5,
  whereabouts,
  water: { setting: 'lake', surfaceTempC: 15, clarityM: 0.7, depthM: 3, fishDepthM: 2, cover: { kind: 'none' } },
});
const rateOf = (where: Whereabouts, family: string): number =>
  rankLures(water(where), { withoutRange: true }).ranked.find((x) => x.family === family)!.strikesPerHour;

test('where the place is known a slow lure gains, and the pace of a quick one no longer brings more', () => {
  const gain = (family: string): number => rateOf('located', family) / rateOf('searching', family);
  expect(gain('drop-shot')).toBeGreaterThan(1.05);
  expect(gain('suspending-jerkbait')).toBeGreaterThan(1.03);
  expect(gain('slender-metal')).toBeLessThan(1);
  expect(gain('slender-metal')).toBeGreaterThan(0.85);
  expect(rateOf('seen', 'drop-shot')).toBeGreaterThan(rateOf('located', 'drop-shot'));
});

test('and one waits longer before the next is tied on', () => {
  const casts = (where: Whereabouts): number => rankLures(water(where), { withoutRange: true }).plan!.casts;
  expect(casts('located')).toBeGreaterThanOrEqual(Math.round(1.3 * casts('searching')));
  expect(casts('seen')).toBeGreaterThan(casts('located'));
});

test('the reason says what is known', () => {
  const noticed = (where: Whereabouts) =>
    rankLures(water(where), { withoutRange: true }).ranked[0]!.why.find((w) => w.factor === 'noticed')!;
  expect(noticed('located').facts.known).toBe('located');
});
