/** A tide as a curve: its height at any moment, its turns, and the current that goes with it. */
export interface TideCurve {
  /** Height over the list's own datum, m; null outside what is known. */
  heightM: (atMs: number) => number | null;
  /** Rate of rise, m/h; null outside. */
  riseMph: (atMs: number) => number | null;
}

/** A high or low water; height over datum, m. */
export interface HighLow {
  atMs: number;
  heightM: number;
}

/** The same, with which it is. */
export interface Turn {
  atMs: number;
  heightM: number;
  kind: 'high' | 'low';
}

const HOUR_MS = 3_600_000;

/**
 * From entered high and low waters, in order of time: a cosine between neighbouring turns. Outside the list nothing is
 * known. Within about a tenth of the range of a real tide of even shape; worse where shallow water bends it.
 */
export function cosineTide(turns: readonly HighLow[]): TideCurve {
  const between = (atMs: number): { a: HighLow; b: HighLow; t: number } | null => {
    for (let i = 1; i < turns.length; i++) {
      const [a, b] = [turns[i - 1]!, turns[i]!];
      if (atMs >= a.atMs && atMs <= b.atMs) return { a, b, t: (atMs - a.atMs) / (b.atMs - a.atMs) };
    }
    return null;
  };
  return {
    heightM: (atMs) => {
      const x = between(atMs);
      return x && (x.a.heightM + x.b.heightM) / 2 + ((x.a.heightM - x.b.heightM) / 2) * Math.cos(Math.PI * x.t);
    },
    riseMph: (atMs) => {
      const x = between(atMs);
      if (!x) return null;
      return (
        ((x.b.heightM - x.a.heightM) / 2) * Math.sin(Math.PI * x.t) * (Math.PI / ((x.b.atMs - x.a.atMs) / HOUR_MS))
      );
    },
  };
}

/** Steps in which turns are looked for: no tide turns twice within one. */
const LOOK_MS = HOUR_MS / 4;

/** High and low waters in a span, to the second, by halving where the rise changes its sign. */
export function turnsOf(curve: TideCurve, fromMs: number, toMs: number): Turn[] {
  const out: Turn[] = [];
  const rise = (t: number): number => curve.riseMph(t) ?? NaN;
  for (let t = fromMs; t < toMs; t += LOOK_MS) {
    let [a, b] = [t, Math.min(t + LOOK_MS, toMs)];
    const before = rise(a);
    if (!(before * rise(b) < 0)) continue;
    while (b - a > 500) {
      const m = (a + b) / 2;
      if (rise(m) * before > 0) a = m;
      else b = m;
    }
    const atMs = Math.round((a + b) / 2);
    out.push({ atMs, heightM: curve.heightM(atMs)!, kind: before > 0 ? 'high' : 'low' });
  }
  return out;
}

/**
 * m/s of current for each metre an hour that the water rises; where a creek narrows it is more. prior: judgement,
 * corrected from what is seen.
 */
export const USUAL_CURRENT_MPS_PER_MPH = 0.9;

/** Current with the tide, m/s, positive flooding: the rise as it was `lagMinutes` ago. Null where that is not known. */
export function currentMps(
  curve: TideCurve,
  atMs: number,
  lagMinutes = 0,
  perMph: number = USUAL_CURRENT_MPS_PER_MPH,
): number | null {
  const rise = curve.riseMph(atMs - lagMinutes * 60_000);
  return rise === null ? null : rise * perMph;
}
