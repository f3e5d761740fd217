/** Bayesian filter over the five moods: prior from conditions, then signs. Returns the distribution with what made it. */
import type { SignKind } from '../water/conditions';
import type { Reading } from '../water/defaults';
import type { SpeciesProfile } from '../water/species';
import { moodPrior, type MoodReason } from './prior';
import { chanceOfSign, signLogLikelihood, WATCHABLE_SIGNS } from './signs';
import { moodMean, normalise, overMoods, type MoodDistribution } from './states';

export interface SignEffect {
  kind: SignKind;
  count: number;
  /** Shift of the mean mood when this sign was taken in, in states. */
  shift: number;
}

export interface MoodJudgement {
  distribution: MoodDistribution;
  /** 0 (shut) … 4 (aggressive). */
  mean: number;
  prior: MoodDistribution;
  reasons: readonly MoodReason[];
  signs: readonly SignEffect[];
  nextSign: { kind: SignKind; bits: number } | null;
}

const entropyBits = (p: readonly number[]): number => -p.reduce((s, v) => s + (v > 0 ? v * Math.log2(v) : 0), 0);

/** The sign whose coming or not coming in the next ten casts would tell most, in expected bits. */
export function nextSignToWatch(p: MoodDistribution): { kind: SignKind; bits: number } | null {
  const before = entropyBits(p);
  let best: { kind: SignKind; bits: number } | null = null;
  for (const kind of WATCHABLE_SIGNS) {
    const chance = chanceOfSign(kind);
    if (!chance) continue;
    const seen = overMoods(p, (i) => chance[i]!);
    const after =
      seen * entropyBits(normalise(p.map((v, i) => v * chance[i]!))) + (1 - seen) * entropyBits(normalise(p.map((v, i) => v * (1 - chance[i]!))));
    const bits = before - after;
    if (!best || bits > best.bits) best = { kind, bits };
  }
  return best;
}

export function judgeMood(r: Reading, species: SpeciesProfile): MoodJudgement {
  const prior = moodPrior(r, species);
  let p = prior.distribution;
  const signs: SignEffect[] = [];
  for (const sign of r.signs) {
    const ln = signLogLikelihood(sign);
    if (!ln || sign.count <= 0) continue;
    const next = normalise(p.map((v, i) => v * Math.exp(ln[i]!)));
    signs.push({ kind: sign.kind, count: sign.count, shift: moodMean(next) - moodMean(p) });
    p = next;
  }
  return { distribution: p, mean: moodMean(p), prior: prior.distribution, reasons: prior.reasons, signs, nextSign: nextSignToWatch(p) };
}
