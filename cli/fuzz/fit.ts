/** Whether an answer's numbers can be what they say they are. */

const words = (all: string): ReadonlySet<string> => new Set(all.split(' '));
/** Shares and chances. */
const SHARES = words(
  'share zoneShare chance kept snag landedShare pBest aBeatsB moonIllumination shut reluctant neutral willing aggressive',
);
/** What there cannot be less than none of. */
const AMOUNTS = words(
  'strikesPerHour hours casts castsPerHour distanceM pastM castS durationS weightKg sizeM terminalMps strikes ' +
    'possiblePerHour castM countdownS lengthM',
);
const EPS = 1e-6;

const fits = (key: string, v: number): boolean =>
  Number.isFinite(v) && (!SHARES.has(key) || (v >= -EPS && v <= 1 + EPS)) && (!AMOUNTS.has(key) || v >= -EPS);

/** The place of the first number that is not finite, out of its range or in a range upside down; null: none is. */
export function outOfRange(answer: unknown, at = '', key = ''): string | null {
  if (typeof answer === 'number') return fits(key, answer) ? null : `${at} = ${answer}`;
  if (!answer || typeof answer !== 'object') return null;
  const { low, high } = answer as { low?: unknown; high?: unknown };
  if (typeof low === 'number' && typeof high === 'number' && low > high + EPS) return `${at}: ${low} to ${high}`;
  for (const [k, v] of Object.entries(answer)) {
    const off = outOfRange(v, `${at}.${k}`, Array.isArray(answer) ? key : k);
    if (off !== null) return off;
  }
  return null;
}
