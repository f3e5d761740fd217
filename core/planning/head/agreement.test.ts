/** Whether the ranking and the settled plans say one figure. */
import { anyWaters } from '../../fixtures/anyWater';
import { plannedAsIn } from '../plan/pace';
import { planRetrieve } from '../plan/plan';
import { rankPlanned, requestFor } from './planHead';

test('in made-up waters the ranking says of the first three what their settled plans say, within a tenth of the cast', () => {
  const next = anyWaters(23);
  const off: number[] = [];
  for (let n = 0; n < 3; n++) {
    const c = next();
    const { ranking } = rankPlanned(c, { withoutRange: true });
    for (const x of ranking.ranked.slice(0, 2)) {
      const settled = plannedAsIn(planRetrieve(requestFor(x, c, {}, {})));
      expect(settled.weightKg).toBeCloseTo(x.weightKg, 9);
      off.push(Math.abs(settled.zoneShare - x.zone.share));
    }
  }
  expect(off.filter((d) => d <= 0.1).length / off.length).toBeGreaterThanOrEqual(0.8);
});
