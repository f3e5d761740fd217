/** Whether the settled share lies in the range that the first answer gives, and how far it moves. */
import { anyWaters } from '../../core/fixtures/anyWater';
import { requestFor } from '../../core/planning/head/planHead';
import { planRetrieve } from '../../core/planning/plan/plan';
import { rankLures } from '../../core/ranking/rank';
import { spread, spreadText, table } from './report';

const WATERS = 32;
/** Lures of each water's head that are planned. */
const LURES = 2;
const SEED = Number(process.env.SEED ?? 577);

export function firstAnswersBench(): string {
  const next = anyWaters(SEED);
  const moved: number[] = [];
  let inside = 0;
  for (let waters = 0; waters < WATERS;) {
    const c = next();
    const ranking = rankLures(c, { withoutRange: true });
    if (ranking.branch !== 'feeding') continue;
    waters++;
    for (const x of ranking.ranked.slice(0, LURES)) {
      const request = requestFor(x, c, {}, {});
      const { low, mean, high } = planRetrieve(request, 'first').zoneShare;
      const settled = planRetrieve(request, 'settled').zoneShare.mean;
      if (settled >= low && settled <= high) inside++;
      moved.push(100 * Math.abs(settled - mean));
    }
  }
  return `First answers against settled ones, ${WATERS} drawn waters (seed ${SEED}), ${LURES} lures each.\n\n${table(
    ['planned', 'settled inside the first’s range', 'moved by, points (median, range)'],
    [[moved.length, inside, spreadText(spread(moved), '', 1)]],
  )}`;
}
