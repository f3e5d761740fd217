/** Few rods, packing and what lures cost, in words. */
import { breakEvenAdvantage, type Ledger } from '../core/ranking/cost';
import type { RodPlan } from '../core/rods/plan';
import type { Lack, Scenario } from '../core/rods/scenarios';
import { FAMILY_NAME } from './names';
import type { FamilyId } from '../core/lures/family';
import type { NameOf } from './choosing';
import { moneyText, say, type UnitPrefs } from './units';

const MOOD_STAGE = { sluggish: 'sluggish fish', middling: 'middling fish', lively: 'lively fish' } as const;
const LIGHT_STAGE = { low: 'at low light', day: 'in daylight', night: 'in the dark' } as const;
const DEPTH_STAGE = { 'as-read': '', shallower: 'shallower than now', deeper: 'deeper than now' } as const;
const COVER_STAGE = { 'as-read': '', open: 'off the cover' } as const;

export function scenarioText(s: Scenario): string {
  if (!s.stage) return s.name ?? 'as given';
  const { mood, light, depth, cover } = s.stage;
  return [MOOD_STAGE[mood], LIGHT_STAGE[light], DEPTH_STAGE[depth], COVER_STAGE[cover]].filter(Boolean).join(', ');
}

const STAGE_WORDS = {
  mood: MOOD_STAGE,
  light: LIGHT_STAGE,
  depth: { ...DEPTH_STAGE, 'as-read': 'at the depth they are at now' },
  cover: { 'as-read': 'on the cover', open: 'off the cover' },
} as const;

/** A stage is named when it is most of the group, and more of it than of the day. */
const NAMED = { share: 0.5, lift: 1.12 } as const;

/** What sets a group of scenarios apart from the whole day, said shortly. */
export function scenariosText(group: readonly Scenario[], day: readonly Scenario[]): string {
  if (group.some((s) => !s.stage)) return group.map(scenarioText).join('; ');
  const share = (all: readonly Scenario[], key: keyof typeof STAGE_WORDS, value: string): number =>
    all.reduce((sum, s) => sum + (s.stage![key] === value ? s.weight : 0), 0) /
    Math.max(
      1e-9,
      all.reduce((sum, s) => sum + s.weight, 0),
    );
  const words = (Object.keys(STAGE_WORDS) as (keyof typeof STAGE_WORDS)[]).flatMap((key) =>
    Object.entries(STAGE_WORDS[key]).flatMap(([value, text]) => {
      const here = share(group, key, value);
      return here >= NAMED.share && here >= NAMED.lift * share(day, key, value)
        ? [here > 0.9 ? text : `mostly ${text}`]
        : [];
    }),
  );
  return words.length > 0 ? words.join(', ') : 'a bit of everything';
}

export const lossText = (loss: number): string =>
  Math.abs(loss) < 0.005 ? 'nothing lost' : loss < 0 ? `${say.percent(-loss)} more` : `${say.percent(loss)} less`;

export const hopeSentence = (p: Pick<RodPlan, 'perHour' | 'possiblePerHour'>, hours: number): string =>
  `Over the next ${hours} hours these should bring about ${say.rate(p.perHour)} fish an hour on the hook; the whole box with its best lure always at hand, ${say.rate(p.possiblePerHour)}.`;

export const ownSetSentence = (lost: number): string =>
  Math.abs(lost) < 0.005
    ? 'Your own choice: as good as the best set.'
    : `Your own choice: ${lossText(lost)} than the best set.`;

export const searchSentence = (p: Pick<RodPlan, 'exact' | 'considered' | 'scenarios'>, k: number): string =>
  p.exact
    ? `The best there is of all sets of ${k} from ${p.considered}, over ${p.scenarios.length} ways the hours may go.`
    : `Chosen one after the other from ${p.considered}: too many sets to try them all, but never less than 63 % of the best.`;

/** Fewer set-ups than rods. */
export const fewerText = (n: number): string =>
  n === 0
    ? 'No lure that these rods cast works anywhere in the hours ahead.'
    : `A further rod would add nothing: no other lure that these rods cast does better anywhere.`;

/** The reel and the line on a rod. */
export const onItText = (on: { reel: { name: string }; line: { name: string } }): string =>
  `With ${on.reel.name}; ${on.line.name}.`;

/** A rod with what is on it. */
export const outfitText = (
  rod: { name: string },
  on: { reel: { name: string }; line: { name: string } } | null,
): string => (on ? `${rod.name}: ${on.reel.name}; ${on.line.name}` : rod.name);

/** No line in the Kit holds these fish here. */
export const weakLinesText = (needLb: number, u: UnitPrefs): string =>
  `No line on these rods is strong enough for these fish in this cover: ${say.line(needLb, u)} or so would be. The rest is worked out as if they held.`;

/** What a set-up is the one to pick up for. */
export const pickUpSentence = (share: number, covers: readonly Scenario[], day: readonly Scenario[]): string =>
  covers.length === 0
    ? 'Never the best of these: another of them always does better.'
    : `The one to pick up for ${say.percent(share)} of it: ${scenariosText(covers, day)}.`;

export const missedSentence = (missed: number): string =>
  missed < 0.01
    ? 'Left at home, it would hardly be missed.'
    : `Left at home, the hours would bring ${say.percent(missed)} less.`;

export interface Priced {
  name: string;
  ledger: Ledger;
  score: number;
}

export function ledgerSentence(l: Ledger, priceMinor: number, hours: number, u: Pick<UnitPrefs, 'money'>): string {
  if (l.lostInDay < 0.05) return 'Hardly ever lost here.';
  const lost =
    l.lostInDay < 0.95
      ? `one lost in about ${Math.max(2, Math.round(1 / l.lostInDay))} such days`
      : `about ${l.lostInDay.toFixed(l.lostInDay < 3 ? 1 : 0)} lost in ${hours} hours`;
  return priceMinor > 0
    ? `${lost}, which costs ${moneyText(l.costInDayMinor, u)}: ${moneyText(l.costPerStrikeMinor, u)} for each fish hooked.`
    : `${lost}; say its price in the Kit to know the cost.`;
}

/**
 * Dear against cheap: how many times the fish the dear one must bring, and whether it does. Null where neither costs
 * anything.
 */
export function dearCheapSentence(a: Priced, b: Priced, u: Pick<UnitPrefs, 'money'>): string | null {
  const [dear, cheap] = a.ledger.costPerHourMinor >= b.ledger.costPerHourMinor ? [a, b] : [b, a];
  const needs = breakEvenAdvantage(dear.ledger, cheap.ledger);
  if (needs === null || needs < 1.05) return null;
  const brings = dear.score / cheap.score;
  const each = `${moneyText(dear.ledger.costPerStrikeMinor, u)} against ${moneyText(cheap.ledger.costPerStrikeMinor, u)} for each fish`;
  return brings >= needs
    ? `In lost lures the ${dear.name} costs ${needs.toFixed(1)} times as much an hour and brings ${brings.toFixed(1)} times the fish: it pays (${each}).`
    : `In lost lures the ${dear.name} costs ${needs.toFixed(1)} times as much an hour; it would have to bring that many times the fish, and should bring ${brings.toFixed(1)} times (${each}).`;
}

/** Beyond this a percentage says nothing. */
const MANIFOLD = 5;

export const lackSentence = (l: Lack, scenarios: readonly Scenario[]): string =>
  `A ${FAMILY_NAME[l.family as FamilyId]} would ${l.gain > MANIFOLD ? 'do what nothing in the box does' : `add ${say.percent(l.gain)} to what the box can do`}, most with ${scenarioText(scenarios[l.best]!)}.`;

export const openSentence = (s: Scenario, share: number, better: string, name: NameOf): string =>
  `${scenarioText(s)}: these do ${say.percent(share)} of what the ${name(better)} would.`;
