/** What a sign would tell: expected bits about a hidden state from seeing, or not seeing, it. */
import type { SignKind } from '../water/terms';

const entropyBits = (p: readonly number[]): number => -p.reduce((s, v) => s + (v > 0 ? v * Math.log2(v) : 0), 0);

/** The sign that would say most, and how much. */
export interface TellingSign {
  kind: SignKind;
  /** Expected information, bits. */
  bits: number;
}

/** Expected information about the state from whether a thing of these chances is seen, bits. */
export function expectedBits(p: readonly number[], chance: readonly number[]): number {
  const seen = p.reduce((s, v, i) => s + v * chance[i]!, 0);
  if (seen <= 0 || seen >= 1) return 0;
  const given = (yes: boolean): number =>
    entropyBits(p.map((v, i) => (v * (yes ? chance[i]! : 1 - chance[i]!)) / (yes ? seen : 1 - seen)));
  return entropyBits(p) - seen * given(true) - (1 - seen) * given(false);
}

/** Of the signs that can be looked for, the one that would tell most; null when none can. */
export function mostTelling(
  p: readonly number[],
  signs: readonly SignKind[],
  chanceOf: (kind: SignKind) => readonly number[] | null,
): TellingSign | null {
  let best: TellingSign | null = null;
  for (const kind of signs) {
    const chance = chanceOf(kind);
    if (!chance) continue;
    const bits = expectedBits(p, chance);
    if (!best || bits > best.bits) best = { kind, bits };
  }
  return best;
}
