/** Beside the ranking, in words: what would change its mind, the ladder, two lures side by side. */
import type { BreakEven } from '../core/ranking/breakEven';
import type { Rung } from '../core/ranking/ladder';
import type { RankedLure } from '../core/ranking/ranked';
import { FACTOR_NAME, MOOD_NAME, capital, list } from './names';
import { say, type UnitPrefs } from './units';
import { MOODS, type Mood } from '../core/water/moods';

export type NameOf = (key: string) => string;

const moodAt = (mean: number): string => MOOD_NAME[MOODS[Math.min(4, Math.max(0, Math.round(mean)))] as Mood];

/** The side of the value, as one says it of that reading. */
function condition(t: BreakEven, u: UnitPrefs): string {
  const up = t.way === 'up';
  switch (t.reading) {
    case 'surfaceTempC':
      return `${up ? 'above' : 'below'} ${say.temp(t.at, u)}`;
    case 'clarityM':
      return `when the water ${up ? 'clears to' : 'clouds to'} ${say.depth(t.at, u)}`;
    case 'fishDepthM':
      return `when the fish are ${up ? 'deeper' : 'shallower'} than ${say.depth(t.at, u)}`;
    case 'waveHeightM':
      return `when the chop ${up ? 'grows past' : 'drops below'} ${say.size(t.at, u)}`;
    case 'sunElevationDeg':
      return up
        ? t.at < 1
          ? 'once the sun is up'
          : 'once the sun is higher'
        : t.at > 1
          ? 'once the sun is lower'
          : 'once the sun is down';
    case 'mood':
      return up ? `if the fish turn livelier than ${moodAt(t.from)}` : `if they turn more shut than ${moodAt(t.from)}`;
  }
}

export const breakEvenSentence = (t: BreakEven, name: NameOf, leader: string, u: UnitPrefs): string =>
  t.limit
    ? `The ${name(leader)} is out ${condition(t, u)}; then the ${name(t.rival)}.`
    : `The ${name(t.rival)} overtakes ${condition(t, u)}.`;

/** Where nothing near would change the lead. */
export const leadText = (leader: string | null, able: number, name: NameOf, turned: string | null = null): string =>
  turned
    ? `Only how angry they are: once that changes, the ${name(turned)} comes first.`
    : !leader
      ? 'Nothing leads here.'
      : able < 2
        ? `The ${name(leader)} is the only one that works here.`
        : `Nothing near: the ${name(leader)} leads by a long way.`;

export const minutesText = (min: number): string => (min < 1.5 ? 'a minute' : `${Math.round(min)} minutes`);

/** One rung: for what it is shown, and when to step. */
export function rungSentence(r: Rung, next: string | null, branch: 'cast' | 'drop', upwards: boolean): string {
  const unit = branch === 'drop' ? 'drops' : 'casts';
  if (r.casts === null || next === null) return `Nothing on that either: move on, or let the spot rest.`;
  return upwards
    ? `${r.casts} ${unit} (about ${minutesText(r.minutes!)}) without a bite or a follow: one should have come by then. Change to the ${next}.`
    : `${r.casts} ${unit} through them (about ${minutesText(r.minutes!)}) without a bite or a follow: then fish that want it are only half as likely to be there. Change to the ${next}.`;
}
/** What is believed of them by then; null while it is as before. */
export const rungMood = (r: Rung, before: Rung): string | null => {
  const [then, now] = [moodAt(r.moodMean), moodAt(before.moodMean)];
  return then === now ? null : `By then they are taken to be ${then}, no longer ${now}.`;
};

export const LADDER_BY_KIND = 'Of all kinds for the ice, as the box holds no two of them.';
export const LADDER_LEAD = {
  down: 'From the lure you start with to the quietest worth showing. The counts come from how fast empty casts lower the mood.',
  up: 'From the quietest up, as your school has it: each until it should have drawn a strike.',
} as const;

export interface FactorLead {
  factor: RankedLure['why'][number]['factor'];
  /** ln of a over b. */
  lead: number;
}

/** Factors by how far they set two lures apart; those of one branch only count as nothing in the other. */
export function factorLeads(a: RankedLure, b: RankedLure): FactorLead[] {
  const of = (x: RankedLure, f: string): number => x.why.find((w) => w.factor === f)?.ln ?? 0;
  return a.why
    .map((w) => ({ factor: w.factor, lead: w.ln - of(b, w.factor) }))
    .sort((x, y) => Math.abs(y.lead) - Math.abs(x.lead));
}

const WORTH_SAYING = 0.05;

export function compareSentence(a: RankedLure, b: RankedLure, name: NameOf): string {
  const ratio = a.score / b.score;
  const [better, worse, sign] = ratio >= 1 ? [a, b, 1] : [b, a, -1];
  const times = Math.max(ratio, 1 / ratio);
  const leads = factorLeads(a, b).map((x) => ({ ...x, lead: sign * x.lead }));
  const name2 = (all: typeof leads): string => list(all.slice(0, 2).map((x) => FACTOR_NAME[x.factor]));
  const forIt = leads.filter((x) => x.lead > WORTH_SAYING);
  const against = leads.filter((x) => x.lead < -WORTH_SAYING);
  const much =
    times < 1.08
      ? `${capital(name(better.key))} and ${name(worse.key)} come to the same`
      : `${capital(name(better.key))} should bring ${times.toFixed(1)} times what the ${name(worse.key)} does`;
  const why = forIt.length > 0 ? `, by ${name2(forIt)}` : '';
  return `${much}${why}${against.length > 0 ? `; the other has the better of it in ${name2(against)}` : ''}.`;
}
