/**
 * What a sign says about the mood: expected number of such signs per ten casts through the zone, by mood. `prior:
 * judgement`. Counting evidence is tempered: n like observations weigh n^0.7, because fish seen together share one
 * mood. That a sign fades with time is the filter's affair (transition.ts).
 */
import type { PerMood } from '../water/moods';
import type { Sign, SignKind } from '../water/terms';

/** Strikes per cast that is wholly in the zone, by mood: what an empty cast is weighed against, and every bite. */
export const STRIKES_PER_ZONE_CAST: PerMood = [0.005, 0.025, 0.06, 0.12, 0.22];

/**
 * Of the bites of fish in each mood, the share that come so. A bite of any kind is likelier the livelier they are: its
 * weight is the mood's own strike rate times this share, and no share falls as fast as the rate grows. So no bite ever
 * lowers the mood.
 */
const SHARE_OF_BITES: Partial<Record<SignKind, PerMood>> = {
  'short-strike': [0.5, 0.42, 0.3, 0.2, 0.13],
  'bite-on-splash': [0.06, 0.08, 0.13, 0.17, 0.2],
  'bite-on-fall': [0.3, 0.28, 0.26, 0.22, 0.2],
  'bite-on-pause': [0.5, 0.42, 0.3, 0.2, 0.13],
  'bite-on-move': [0.08, 0.12, 0.2, 0.27, 0.3],
  'bite-on-deflection': [0.06, 0.1, 0.11, 0.14, 0.17],
};
const biteRate = (share: PerMood): PerMood =>
  share.map((s, m) => (s * STRIKES_PER_ZONE_CAST[m]!) / (share[2] * STRIKES_PER_ZONE_CAST[2])) as unknown as PerMood;

/**
 * Relative rate of each sign by mood; only ratios within a row matter. Guarding signs belong to the guarding mode and
 * say nothing here.
 */
const SIGN_RATE: Partial<Record<SignKind, PerMood>> = {
  follow: [0.5, 1.2, 1.5, 1, 0.5],
  'chase-miss': [0.08, 0.35, 0.9, 1.6, 2],
  ...Object.fromEntries(Object.entries(SHARE_OF_BITES).map(([kind, share]) => [kind, biteRate(share)])),
  'marks-ignore-lure': [2.2, 1.6, 0.9, 0.4, 0.15],
  'marks-rise': [0.1, 0.4, 1, 1.8, 2.2],
  'school-fires': [0.03, 0.15, 0.6, 1.5, 3],
  'hit-at-once': [0.04, 0.2, 0.7, 1.6, 2.8],
};

/** Signs that can be looked for on any water, in the order they are offered. */
export const WATCHABLE_SIGNS: readonly SignKind[] = [
  'follow',
  'short-strike',
  'chase-miss',
  'marks-ignore-lure',
  'marks-rise',
  'hit-at-once',
  'school-fires',
];

/** How much n like observations weigh together. */
export const temperedCount = (n: number): number => (n <= 0 ? 0 : n ** 0.7);

/** Forty empties are not forty witnesses: independent evidence saturates near thirty casts. */
export const temperedEmpties = (n: number): number => (30 * n) / (30 + n);

/** ln-likelihood of one recorded sign under each mood; null when the sign says nothing about a feeding fish. */
export function signLogLikelihood(sign: Sign): PerMood | null {
  if (sign.kind === 'empty-cast') {
    const n = temperedEmpties(sign.count) * (sign.zoneShare ?? 0.5);
    return STRIKES_PER_ZONE_CAST.map((rate) => -rate * n * 2) as unknown as PerMood;
  }
  const row = SIGN_RATE[sign.kind];
  if (!row) return null;
  const weight = temperedCount(sign.count);
  return row.map((v) => weight * Math.log(v)) as unknown as PerMood;
}

/** Chance that this sign is seen in the next ten casts, by mood (for choosing what to watch for). */
export function chanceOfSign(kind: SignKind): PerMood | null {
  const row = SIGN_RATE[kind];
  return row ? (row.map((v) => 1 - Math.exp(-0.35 * v)) as unknown as PerMood) : null;
}
