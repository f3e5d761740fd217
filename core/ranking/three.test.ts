/** The three in hand: what is tied on next follows from a dozen casts that drew nothing, no more and no fewer. */
import type { Conditions } from '../water/conditions';
import { resolveConditions } from '../water/resolve';
import { speciesProfile } from '../water/species';
import { entriesOf, rankLures, sift } from './rank';
import { inMood, moodAfter, scoringOf } from './scoring';

const DOZEN = 12;
/** Cold, murky, in wood: what is best next changes between a dozen and two dozen empty casts. */
const COLD_WOOD: Conditions = {
  species: 'largemouth-bass',
  water: {
    setting: 'lake',
    salinity: 'fresh',
    surfaceTempC: 8,
    tempChange3dC: 0,
    clarityM: 0.4,
    depthM: 3,
    fishDepthM: 2.5,
    currentMps: 0,
    windMps: 2,
    waveHeightM: 0.05,
    cover: { kind: 'wood', density: 0.5, branchDiameterM: 0.06 },
    bottom: 'mud',
  },
  sky: { cloud: 0.4, sunElevationDeg: 30, front: 'none' },
  month: 3,
  forage: ['minnow'],
  forageAbundance: 'normal',
  pressure: 'normal',
  access: 'bow',
};

function bestNext(casts: number): string {
  const s = scoringOf(resolveConditions(COLD_WOOD), speciesProfile(COLD_WOOD.species), {});
  const { able } = sift(entriesOf({}), s, null);
  const { plan, ranked } = rankLures(COLD_WOOD, { withoutRange: true });
  const first = able.find((e) => e.key === plan!.start)!;
  const { share } = ranked.find((x) => x.key === first.key)!.zone;
  const score = inMood(s, moodAfter(s, [{ casts, zoneShare: share }]));
  const others = able.filter((e) => e !== first).sort((a, b) => score(b.f).score - score(a.f).score);
  const ofAnotherKind = others.find((e) => e.f.mode !== first.f.mode || Math.abs(e.f.action - first.f.action) >= 0.25);
  return ofAnotherKind!.key;
}

test('what follows is the best of another kind once a dozen casts drew nothing', () => {
  expect(rankLures(COLD_WOOD, { withoutRange: true }).plan!.follow).toBe(bestNext(DOZEN));
  expect(bestNext(DOZEN)).not.toBe(bestNext(2 * DOZEN));
});
