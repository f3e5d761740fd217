/** Few rods, packing and what lures cost, in words. */
import type { Ledger } from '../core/lures/cost';
import type { RodPlan } from '../core/rods/plan';
import type { Lack, Scenario } from '../core/rods/scenarios';
import { FAMILY_NAME } from './names';
import type { FamilyId } from '../core/lures/family';
import type { NameOf } from './choosing';
import { say } from './units';

const MOOD_STAGE = { sluggish: 'sluggish fish', middling: 'middling fish', lively: 'lively fish' } as const;
const LIGHT_STAGE = { low: 'at low light', day: 'in daylight', night: 'in the dark' } as const;
const DEPTH_STAGE = { 'as-read': '', shallower: 'shallower than now', deeper: 'deeper than now' } as const;
const COVER_STAGE = { 'as-read': '', open: 'off the cover' } as const;

export function scenarioText(s: Scenario): string {
  if (!s.stage) return s.name ?? 'as given';
  const { mood, light, depth, cover } = s.stage;
  return [MOOD_STAGE[mood], LIGHT_STAGE[light], DEPTH_STAGE[depth], COVER_STAGE[cover]].filter(Boolean).join(', ');
}

/** What a group of scenarios has in common, said shortly. */
export function scenariosText(all: readonly Scenario[]): string {
  const stages = all.flatMap((s) => (s.stage ? [s.stage] : []));
  if (stages.length === 0) return all.map(scenarioText).join('; ');
  const common = <T extends string>(values: readonly T[], words: Record<T, string>, every: number): string => {
    const weights = new Map<T, number>();
    values.forEach((v, i) => weights.set(v, (weights.get(v) ?? 0) + all[i]!.weight));
    const total = [...weights.values()].reduce((a, b) => a + b, 0);
    const [top, weight] = [...weights].sort((a, b) => b[1] - a[1])[0]!;
    return weights.size < every && weight / total > 0.55 ? words[top] : weight / total > 0.75 ? `mostly ${words[top]}` : '';
  };
  const words = [
    common(
      stages.map((s) => s.mood),
      MOOD_STAGE,
      3,
    ),
    common(
      stages.map((s) => s.light),
      LIGHT_STAGE,
      3,
    ),
    common(
      stages.map((s) => s.depth),
      { ...DEPTH_STAGE, 'as-read': 'at the depth they are at now' },
      3,
    ),
    common(
      stages.map((s) => s.cover),
      { 'as-read': 'on the cover', open: 'off the cover' },
      2,
    ),
  ].filter(Boolean);
  return words.length > 0 ? words.join(', ') : 'a bit of everything';
}

export const lossText = (loss: number): string =>
  Math.abs(loss) < 0.005 ? 'nothing lost' : loss < 0 ? `${say.percent(-loss)} more` : `${say.percent(loss)} less`;

export const hopeSentence = (p: Pick<RodPlan, 'perHour' | 'possiblePerHour'>, hours: number): string =>
  `Over the next ${hours} hours these should bring about ${say.rate(p.perHour)} fish an hour on the hook; the whole box with its best lure always at hand, ${say.rate(p.possiblePerHour)}.`;

export const ownSetSentence = (lost: number): string =>
  Math.abs(lost) < 0.005 ? 'Your own choice: as good as the best set.' : `Your own choice: ${lossText(lost)} than the best set.`;

export const searchSentence = (p: Pick<RodPlan, 'exact' | 'considered' | 'scenarios'>, k: number): string =>
  p.exact
    ? `The best of all sets of ${k} from ${p.considered}, tried one and all over ${p.scenarios.length} ways the hours may go.`
    : `Chosen one after the other from ${p.considered}: too many sets to try them all, but never less than 63 % of the best.`;

export const moneyText = (minor: number): string => (minor / 100).toFixed(2);

export function ledgerSentence(l: Ledger, priceMinor: number, hours: number): string {
  if (l.lostInDay < 0.05) return 'Hardly ever lost here.';
  const lost =
    l.lostInDay < 0.95
      ? `one lost in about ${Math.max(2, Math.round(1 / l.lostInDay))} such days`
      : `about ${l.lostInDay.toFixed(l.lostInDay < 3 ? 1 : 0)} lost in ${hours} hours`;
  return priceMinor > 0
    ? `${lost}, ${moneyText(l.costInDayMinor)} of your money; ${moneyText(l.costPerStrikeMinor)} for each fish hooked.`
    : `${lost}; say its price in the Kit to know the cost.`;
}

export const lackSentence = (l: Lack, scenarios: readonly Scenario[]): string =>
  `A ${FAMILY_NAME[l.family as FamilyId]} would add ${say.percent(l.gain)} to what the box can do, most with ${scenarioText(scenarios[l.best]!)}.`;

export const openSentence = (s: Scenario, share: number, better: string, name: NameOf): string =>
  `${scenarioText(s)}: these do ${say.percent(share)} of what the ${name(better)} would.`;
