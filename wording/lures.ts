/** Lures in sentences: why this one, how it is rigged. */
import type { Contribution } from '../core/ranking/score';
import type { Ranking } from '../core/ranking/rank';
import type { RankedLure } from '../core/ranking/ranked';
import type { Rig } from '../core/ranking/rig';
import type { Schools } from '../core/ranking/schools';
import type { Whereabouts } from '../core/water/terms';
import type { Lure } from '../core/records/lure';
import { HALF_ANGRY } from '../core/mood/guarding';
import { capital, COLOUR_NAME, FAMILY_NAME, HOOK_NAME, NOISE_NAME, TRAILER_NAME, list } from './names';
import { reasonSentence } from './reasons';
import { say, type UnitPrefs } from './units';

const middles = new WeakMap<readonly RankedLure[], ReadonlyMap<string, number>>();
/** What each factor is to the lure in the middle of all ranked, ln; of a long box worked out once. */
function middleOf(all: readonly RankedLure[]): ReadonlyMap<string, number> {
  let middle = middles.get(all);
  if (!middle) {
    const lns = all.map((r) => new Map(r.why.map((w) => [w.factor, w.ln])));
    const factors = new Set(lns.flatMap((of) => [...of.keys()]));
    middle = new Map(
      [...factors].map((f) => {
        const values = lns.map((of) => of.get(f) ?? 0).sort((p, q) => p - q);
        return [f, values[Math.floor(values.length / 2)]!];
      }),
    );
    middles.set(all, middle);
  }
  return middle;
}

/** The reasons that set a lure apart: those that differ most from the middle of all ranked lures. */
export function tellingReasons(x: RankedLure, all: readonly RankedLure[], n: number): Contribution[] {
  const middle = middleOf(all);
  return x.why
    .map((w) => ({ w, lead: w.ln - (middle.get(w.factor) ?? 0) }))
    .filter((v) => v.lead > 0.03)
    .sort((a, b) => b.lead - a.lead)
    .slice(0, n)
    .map((v) => v.w);
}

export function whyLine(x: RankedLure, all: readonly RankedLure[], u: UnitPrefs): string {
  const best = tellingReasons(x, all, 2);
  return best.length > 0
    ? best.map((w) => reasonSentence(w, u)).join(' ')
    : 'It has no special strength here, and no weakness.';
}

export function rigLine(r: Rig, u: UnitPrefs): string {
  return list([
    say.weight(r.weightKg, u),
    say.size(r.sizeM, u),
    COLOUR_NAME[r.colour],
    ...(r.trailer === 'none' ? [] : [TRAILER_NAME[r.trailer]]),
    HOOK_NAME[r.hook],
    NOISE_NAME[r.noise],
    ...(r.peg === null ? [] : [r.peg ? 'weight pegged' : 'weight left free']),
  ]);
}

/** Fewer an hour than this are not told apart. */
const HARDLY = 0.005;

/** Fish hooked in an hour of fishing, snags taken off, and the likely range: the number the list is sorted by. */
export function hookedPerHour(x: { strikesPerHour: number; score: number; low: number; high: number }) {
  const kept = x.score / Math.max(x.strikesPerHour, 1e-9);
  const [low, high] = [kept * x.low, kept * x.high];
  const range = high < HARDLY ? 'hardly ever' : `${low < HARDLY ? '0' : say.rate(low)}–${say.rate(high)}`;
  return { mid: say.rate(x.score), range };
}
export function rateLine(x: Parameters<typeof hookedPerHour>[0]): string {
  const { mid, range } = hookedPerHour(x);
  return `${mid} fish hooked an hour, likely ${range}`;
}

/** The lure in hand is worked otherwise than planned: shares of the cast among the fish, 0–1. */
export const setByHandText = (byHand: number, reckoned: number): string =>
  `You chose the retrieve or the aim yourself: about ${say.percent(byHand)} of every cast among the fish. The number here is for the plan’s own hands, ${say.percent(reckoned)}.`;

/** What is known of where they are, and what follows from it. */
export const WHEREABOUTS_LINE: Record<Whereabouts, string> = {
  searching: 'You are still searching: fresh water with every cast. A bite or a follow says: stay, and slow down.',
  located: 'You know the place: the same cast again, slower, and longer before you change.',
  seen: 'You see them: one target, a quiet approach, and patience. Put it past them and bring it by.',
};

/** Why one starts with this one. `best`: the first of the list, by its name. */
export function startText({ plan, ranked }: Pick<Ranking, 'plan' | 'ranked'>, schools: Schools, best: string): string {
  if (ranked[0]?.key === plan!.start) return 'Best for the mood as it stands.';
  if (schools.order === 'quiet-first') return 'The best of the quiet ones, as your school has it.';
  if (schools.price === 'cheap-where-lures-die') return `As good as the ${best}, and a strike on it costs less.`;
  return `It is tied on already, and the ${best} is hardly better: not worth changing for.`;
}

/** When the second of the three is tied on. */
export function followText({ plan, branch, mood }: Pick<Ranking, 'plan' | 'branch' | 'mood'>): string {
  if (branch === 'guarding')
    return mood.guarding && mood.guarding.mean >= HALF_ANGRY
      ? 'Should they calm down: an intruder once more.'
      : 'At the peak of their anger (fin up, quick turns, a nudge at the hook): small enough to carry off.';
  return `Best of another kind once ${plan!.casts} ${branch === 'ice' ? 'drops' : 'casts'} drew nothing.`;
}

/** What the third of the three is for. */
export function refusalText({ plan, branch }: Pick<Ranking, 'plan' | 'branch'>): string {
  if (branch === 'guarding') return `Of another kind, when ${plan!.casts} passes moved nothing.`;
  return `${capital(list(plan!.gentler)) || 'Gentler'}, for fish that have seen it all.`;
}

/** What to do where the box holds no other lure for a role. */
export const reworkedText = (name: string, role: 'follow' | 'refusal'): string =>
  role === 'follow'
    ? `Nothing else in the box is worth tying on next. Keep the ${name} and work it another way: another depth, another pace.`
    : `Nothing in the box is gentler and worth tying on. Keep the ${name} and work it lighter, slower or smaller, or in another colour.`;

/** What a change of the readings did to the choice; null where nothing that is told has moved. */
export function turnedText(t: { moved: readonly string[]; before: string; after: string }): string | null {
  if (t.moved.length === 0) return null;
  const what = capital(t.moved.join(', '));
  return t.before === t.after
    ? `${what}: the ${t.after} still comes first.`
    : `${what}: now the ${t.after} comes first, before it was the ${t.before}.`;
}

/** In place of its weight: a soft body without a head. */
export const BODY_ONLY = 'body only';
/** A lure of the box in a line: its kind, its weight, how many of it. */
export const boxLine = (l: Pick<Lure, 'family' | 'bare' | 'weightKg' | 'count'>, units: UnitPrefs): string =>
  `${FAMILY_NAME[l.family]}, ${l.bare ? BODY_ONLY : say.weight(l.weightKg, units)}${l.count > 1 ? ` ×${l.count}` : ''}`;
