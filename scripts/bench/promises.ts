/** Whether what a change is said to buy is what doing it brings, and taking it back gives the first plan again. */
import { anyWaters } from '../../core/fixtures/anyWater';
import { requestFor } from '../../core/planning/head/planHead';
import { planRetrieve } from '../../core/planning/plan/plan';
import { changedTo, withoutSetting, WORTH_SAYING, type PlanSettings } from '../../core/planning/task/request';
import { rankLures } from '../../core/ranking/rank';
import { table } from './report';

const SET_UPS = 60;
/** Lures of each water's head that are planned. */
const LURES = 2;
const SEED = 41;
const OWN_TURNS_PER_S = 1.3;

interface Kept {
  offered: number;
  /** Of them said to be better beyond doubt; the others are told as a toss of a coin. */
  sure: number;
  inRange: number;
  worse: number;
  back: number;
  /** Mean of what it brought less what was said. */
  off: number[];
}

export function promisesBench(): string {
  const next = anyWaters(SEED);
  const kinds = new Map<string, Kept>();
  const all: Kept = { offered: 0, sure: 0, inRange: 0, worse: 0, back: 0, off: [] };
  let setUps = 0;
  while (setUps < SET_UPS) {
    const c = next();
    const ranking = rankLures(c, { withoutRange: true });
    if (ranking.branch !== 'feeding') continue;
    for (const x of ranking.ranked.slice(0, LURES)) {
      const asPlanned = requestFor(x, c, {}, {});
      // Every second angler turns the handle at a pace of his own: there is more to mend.
      const request = setUps % 2 === 0 ? asPlanned : { ...asPlanned, set: { turnsPerS: OWN_TURNS_PER_S } };
      const plan = planRetrieve(request);
      setUps++;
      for (const b of plan.buys.filter((v) => v.low > 0 || v.gain > WORTH_SAYING)) {
        const asked = changedTo(plan, request.set ?? {}, b.settings);
        const gain = planRetrieve({ ...request, set: asked }).zoneShare.mean - plan.zoneShare.mean;
        let set = asked;
        for (const key of Object.keys(b.settings) as (keyof PlanSettings)[]) set = withoutSetting(set, key);
        const again = planRetrieve({ ...request, set }).zoneShare.mean === plan.zoneShare.mean;
        const of = kinds.get(b.kind) ?? { offered: 0, sure: 0, inRange: 0, worse: 0, back: 0, off: [] };
        kinds.set(b.kind, of);
        for (const k of [of, all]) {
          k.offered++;
          if (b.low > 0) k.sure++;
          if (gain >= b.low && gain <= b.high) k.inRange++;
          if (gain < 0 && b.low > 0) k.worse++;
          if (again) k.back++;
          k.off.push(gain - b.gain);
        }
      }
    }
  }
  const row = (name: string, k: Kept): (string | number)[] => [
    name,
    k.offered,
    k.sure,
    k.inRange,
    k.worse,
    k.back,
    (k.off.reduce((s, v) => s + v, 0) / Math.max(1, k.off.length)).toFixed(3),
  ];
  return `## Whether a change brings what it was said to buy

Every change offered, as better beyond doubt or as a toss of a coin, in ${setUps} set-ups of made-up waters (seed ${SEED}), done as the page does it (all else held), and taken back.

${table(
  [
    'change',
    'offered',
    'beyond doubt',
    'inside its range',
    'of these worse than before',
    'back to the digit',
    'brought less said, mean',
  ],
  [...[...kinds].map(([name, k]) => row(name, k)), row('all', all)],
)}`;
}
