/**
 * Cautions where they matter: usual guidance of water-safety and ice-safety bodies in round figures, never a clearance.
 * What is absent from the list is not thereby safe; local law, local knowledge and trained people come first.
 */
import type { Access } from '../water/terms';
import type { ResolvedConditions } from '../water/resolve';

/** Codes of all cautions; the words are in wording/. A new one needs a rule below and words. */
export const CAUTIONS = [
  'lightning',
  'thunder-likely',
  'ice-unknown',
  'ice-thin',
  'ice',
  'cold-water',
  'wind',
  'waves',
  'rising-tide',
  'wading',
  'slick-rock',
  'heat',
  'current',
] as const;
export type CautionCode = (typeof CAUTIONS)[number];

/** One thing that can hurt, why it is said now, and how much it matters. */
export interface Caution {
  code: CautionCode;
  /** 3: leave now; 2: think again; 1: keep in mind. */
  weight: 1 | 2 | 3;
  facts: Readonly<Record<string, number | string>>;
}

/** One flash that was timed, or thunder heard without a flash. */
export interface Thunder {
  atMs: number;
  /** From the flash to its thunder, s; null when only heard. */
  seconds: number | null;
}

/** Off the water until this long after the last thunder, min. */
export const THUNDER_WAIT_MIN = 30;

/**
 * Distance of a flash, m: sound at 331.3 + 0.606·T m/s. ± 10 % by hand and stopwatch. Example: 9 s at 20 °C → 3.1 km.
 */
export const flashDistanceM = (seconds: number, airTempC = 20): number =>
  Math.max(0, seconds) * (331.3 + 0.606 * airTempC);

/** When the wait after the last thunder is over; null while none was told. Every new thunder starts it again. */
export const thunderClearMs = (heard: readonly Thunder[]): number | null =>
  heard.length === 0 ? null : Math.max(...heard.map((t) => t.atMs)) + THUNDER_WAIT_MIN * 60_000;

/**
 * Wind, m/s, and waves, m, at which people in such a place usually turn back. prior: judgement from small-craft
 * guidance.
 */
const LIMITS: Record<Access, { windMps: number; waveM: number } | null> = {
  bow: { windMps: 8, waveM: 0.5 },
  stern: { windMps: 8, waveM: 0.5 },
  kayak: { windMps: 6, waveM: 0.3 },
  bank: null,
  dock: { windMps: 14, waveM: 0.8 },
  wade: { windMps: 10, waveM: 0.4 },
  jetty: { windMps: 11, waveM: 0.6 },
  surf: { windMps: 13, waveM: 1.2 },
  ice: null,
};
const AFLOAT: readonly Access[] = ['bow', 'stern', 'kayak'];
const IN_OR_ON: readonly Access[] = [...AFLOAT, 'wade', 'jetty', 'surf'];
const COLD_C = 15;
const HEAT_C = 31;
/** Clear new ice on which most guidance lets nobody walk, m. */
const THINNEST_ICE_M = 0.1;
const WADING_CURRENT_MPS = 0.5;

/** What the cautions are judged by. SI; null: not known, and nothing is said of it. */
export interface CautionQuestion {
  reading: ResolvedConditions;
  weather: { airTempC: number; windMps: number; gustMps: number; thunder: number } | null;
  thunder: readonly Thunder[];
  /** Next high water while the tide rises, and how much higher it comes. */
  rising: { highAtMs: number; byM: number } | null;
  nowMs: number;
}

/** Heaviest first. */
export function cautionsFor(q: CautionQuestion): Caution[] {
  const { reading: r, weather } = q;
  const out: Caution[] = [];
  const add = (code: CautionCode, weight: Caution['weight'], facts: Caution['facts'] = {}): void =>
    void out.push({ code, weight, facts });
  const clearMs = thunderClearMs(q.thunder);
  if (clearMs !== null && q.nowMs < clearMs) {
    const last = q.thunder.reduce((a, b) => (b.atMs >= a.atMs ? b : a));
    add('lightning', 3, {
      clearMs,
      leftMin: Math.min(THUNDER_WAIT_MIN, Math.ceil((clearMs - q.nowMs) / 60_000)),
      ...(last.seconds === null ? {} : { distanceM: flashDistanceM(last.seconds, weather?.airTempC) }),
    });
  } else if (weather && weather.thunder > 0.25) add('thunder-likely', 2, { chance: weather.thunder });

  const onIce = r.access === 'ice' || r.setting === 'ice';
  if (onIce) {
    if (r.iceThicknessM === null) add('ice-unknown', 3);
    else if (r.iceThicknessM < THINNEST_ICE_M)
      add('ice-thin', 3, { thicknessM: r.iceThicknessM, leastM: THINNEST_ICE_M });
    else add('ice', 2, { thicknessM: r.iceThicknessM, leastM: THINNEST_ICE_M });
  }
  const limits = LIMITS[r.access];
  const windMps = Math.max(r.assumed.includes('water.windMps') ? 0 : r.windMps, weather ? weather.gustMps / 1.4 : 0);
  if (limits && windMps > 0.8 * limits.windMps)
    add('wind', windMps > limits.windMps ? 3 : 2, { windMps, limitMps: limits.windMps });
  if (limits && r.waveHeightM > 0.8 * limits.waveM)
    add('waves', r.waveHeightM > limits.waveM ? 3 : 2, { waveM: r.waveHeightM, limitM: limits.waveM });
  if (IN_OR_ON.includes(r.access) && r.surfaceTempC < COLD_C)
    add('cold-water', r.surfaceTempC < 8 ? 2 : 1, { tempC: r.surfaceTempC });
  if (r.access === 'wade' || r.access === 'jetty' || r.access === 'surf') {
    if (q.rising && q.rising.byM > 0.2)
      add('rising-tide', 2, {
        highAtMs: q.rising.highAtMs,
        byM: q.rising.byM,
        backMs: Math.max(q.nowMs, q.rising.highAtMs - 2 * 3_600_000),
      });
  }
  if (r.access === 'wade') {
    add('wading', 1, { salt: r.salinity === 'fresh' ? 0 : 1 });
    if (r.currentMps > WADING_CURRENT_MPS) add('current', 2, { currentMps: r.currentMps });
  }
  if (r.access === 'jetty') add('slick-rock', r.waveHeightM > 0.4 ? 2 : 1);
  if (weather && weather.airTempC >= HEAT_C) add('heat', 2, { airTempC: weather.airTempC });
  return out.sort((a, b) => b.weight - a.weight);
}
