/**
 * Tide as a sum of harmonic constituents: h = Σ f·A·cos(V + u − g). V: equilibrium arguments at Greenwich
 * (Doodson/Schureman); f and u: nodal corrections in the usual short form (Pugh, Tides, Surges and Mean Sea-Level,
 * 1987, table 4:3), within 1–2 % and 2° of the long ones. g: Greenwich phase. Mean longitudes: Meeus.
 */
import type { TideCurve } from './curve';

/**
 * Multiples of T (hour angle of the mean sun), s, h, p (moon, sun, lunar perigee), p₁ (solar perigee), and a constant
 * in °.
 */
type Argument = readonly [T: number, s: number, h: number, p: number, p1: number, add: number];
type Nodal = 'none' | 'M2' | 'K1' | 'O1' | 'K2' | 'J1' | 'Mf' | 'Mm' | 'M2²' | 'M2³' | 'M2·K1';

const TABLE = {
  M2: [[2, -2, 2, 0, 0, 0], 'M2'],
  S2: [[2, 0, 0, 0, 0, 0], 'none'],
  N2: [[2, -3, 2, 1, 0, 0], 'M2'],
  K2: [[2, 0, 2, 0, 0, 0], 'K2'],
  '2N2': [[2, -4, 2, 2, 0, 0], 'M2'],
  NU2: [[2, -3, 4, -1, 0, 0], 'M2'],
  MU2: [[2, -4, 4, 0, 0, 0], 'M2'],
  LAM2: [[2, -1, 0, 1, 0, 180], 'M2'],
  T2: [[2, 0, -1, 0, 1, 0], 'none'],
  K1: [[1, 0, 1, 0, 0, -90], 'K1'],
  O1: [[1, -2, 1, 0, 0, 90], 'O1'],
  P1: [[1, 0, -1, 0, 0, 90], 'none'],
  Q1: [[1, -3, 1, 1, 0, 90], 'O1'],
  '2Q1': [[1, -4, 1, 2, 0, 90], 'O1'],
  RHO: [[1, -3, 3, -1, 0, 90], 'O1'],
  J1: [[1, 1, 1, -1, 0, -90], 'J1'],
  S1: [[1, 0, 0, 0, 0, 0], 'none'],
  M4: [[4, -4, 4, 0, 0, 0], 'M2²'],
  MS4: [[4, -2, 2, 0, 0, 0], 'M2'],
  MN4: [[4, -5, 4, 1, 0, 0], 'M2²'],
  S4: [[4, 0, 0, 0, 0, 0], 'none'],
  M6: [[6, -6, 6, 0, 0, 0], 'M2³'],
  S6: [[6, 0, 0, 0, 0, 0], 'none'],
  MK3: [[3, -2, 3, 0, 0, -90], 'M2·K1'],
  MM: [[0, 1, 0, -1, 0, 0], 'Mm'],
  MF: [[0, 2, 0, 0, 0, 0], 'Mf'],
  MSF: [[0, 2, -2, 0, 0, 0], 'M2'],
  SSA: [[0, 0, 2, 0, 0, 0], 'none'],
  SA: [[0, 0, 1, 0, 0, 0], 'none'],
} as const satisfies Record<string, readonly [Argument, Nodal]>;

export type ConstituentName = keyof typeof TABLE;
/** Constituents that are known. */
export const CONSTITUENTS = Object.keys(TABLE) as ConstituentName[];

/** One of them at a place: amplitude, m, and phase. */
export interface Constituent {
  name: ConstituentName;
  amplitudeM: number;
  /** Greenwich phase lag, °. */
  phaseDeg: number;
}

const RAD = Math.PI / 180;
const HOUR_MS = 3_600_000;
const J2000_MS = Date.UTC(2000, 0, 1, 12);
const CENTURY_MS = 36_525 * 24 * HOUR_MS;

/** Mean longitudes, °, at a moment. */
function longitudes(atMs: number) {
  const c = (atMs - J2000_MS) / CENTURY_MS;
  return {
    T: 15 * ((((atMs % (24 * HOUR_MS)) + 24 * HOUR_MS) % (24 * HOUR_MS)) / HOUR_MS) + 180,
    s: 218.3164477 + 481_267.88123421 * c,
    h: 280.46646 + 36_000.76983 * c,
    p: 83.3532465 + 4_069.0137287 * c,
    N: 125.04452 - 1_934.136261 * c,
    p1: 282.93735 + 1.71946 * c,
  };
}

/** Factor and phase, °, by the longitude of the moon's node. */
function nodal(kind: Nodal, N: number): [f: number, u: number] {
  const c = Math.cos(N * RAD);
  const s = Math.sin(N * RAD);
  const m2: [number, number] = [1 - 0.037 * c, -2.1 * s];
  const k1: [number, number] = [1.006 + 0.115 * c, -8.9 * s];
  switch (kind) {
    case 'none':
      return [1, 0];
    case 'M2':
      return m2;
    case 'M2²':
      return [m2[0] ** 2, 2 * m2[1]];
    case 'M2³':
      return [m2[0] ** 3, 3 * m2[1]];
    case 'M2·K1':
      return [m2[0] * k1[0], m2[1] + k1[1]];
    case 'K1':
      return k1;
    case 'O1':
      return [1.009 + 0.187 * c, 10.8 * s];
    case 'K2':
      return [1.024 + 0.286 * c, -17.7 * s];
    case 'J1':
      return [1.013 + 0.168 * c, -12.9 * s];
    case 'Mf':
      return [1.043 + 0.414 * c, -23.7 * s];
    case 'Mm':
      return [1 - 0.13 * c, 0];
  }
}

/** Speed of a constituent, °/h, from the rates of its arguments. */
export function speedDegPerH(name: ConstituentName): number {
  const at = J2000_MS;
  const [[T, s, h, p, p1]] = TABLE[name];
  const [a, b] = [longitudes(at), longitudes(at + HOUR_MS)];
  return T * 15 + s * (b.s - a.s) + h * (b.h - a.h) + p * (b.p - a.p) + p1 * (b.p1 - a.p1);
}

/** `meanM`: height of mean sea level over the datum. */
export function harmonicTide(constituents: readonly Constituent[], meanM = 0): TideCurve {
  const parts = constituents.map((c) => ({
    ...c,
    argument: TABLE[c.name][0],
    kind: TABLE[c.name][1],
    speed: speedDegPerH(c.name) * RAD,
  }));
  const sum = (atMs: number, term: (amplitude: number, angle: number, speed: number) => number): number => {
    const l = longitudes(atMs);
    return parts.reduce((all, { argument: [T, s, h, p, p1, add], kind, amplitudeM, phaseDeg, speed }) => {
      const [f, u] = nodal(kind, l.N);
      const angle = T * l.T + s * l.s + h * l.h + p * l.p + p1 * l.p1 + add + u - phaseDeg;
      return all + term(f * amplitudeM, angle * RAD, speed);
    }, 0);
  };
  return {
    heightM: (atMs) => meanM + sum(atMs, (a, angle) => a * Math.cos(angle)),
    riseMph: (atMs) => sum(atMs, (a, angle, speed) => -a * speed * Math.sin(angle)),
  };
}
