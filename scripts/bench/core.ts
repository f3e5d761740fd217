/** How long the heavy computations take here, warm. */
import { rankLures } from '../../core/ranking/rank';
import { planRetrieve } from '../../core/planning/plan/plan';
import { measure, table, spreadText } from './report';

const conditions = {
  species: 'largemouth-bass' as const,
  month: 5,
  water: { setting: 'lake' as const, surfaceTempC: 18, depthM: 4, fishDepthM: 2, clarityM: 1.2 },
};
const tackle = {
  rod: { lengthM: 2.13, minLureKg: 0.007, maxLureKg: 0.021, action: 'fast' as const },
  reel: { ratio: 6.2, spoolM: 0.045, arborM: 0.03, capacityM: 140 },
  line: { material: 'nylon' as const, strengthLb: 10 },
};

export function coreBench(): string {
  const rows: string[][] = [];
  const add = (name: string, work: () => void, runs = 9): void =>
    void rows.push([name, spreadText(measure(work, runs))]);
  add('rank every family with ranges', () => void rankLures(conditions));
  add('rank every family without ranges', () => void rankLures(conditions, { withoutRange: true }));
  for (const family of ['paddletail', 'suspending-jerkbait', 'finesse-jig'] as const)
    for (const effort of ['first', 'settled'] as const)
      add(
        `plan a ${family}, ${effort}`,
        () => void planRetrieve({ conditions, lure: { family }, ...tackle }, effort),
        5,
      );
  return `## Computation\n\nIn Node, warm, median and range of nine runs (plans: five).\n\n${table(['what', 'time'], rows)}`;
}
