/**
 * The day's almanac of a place: sun, civil twilight, moon over and under foot, its light, and the periods that some
 * anglers fish by. From astronomy-engine (VSOP87 and a full lunar theory, a minute and better from 1900 to 2100;
 * refraction at the horizon). Everything within the local day [00:00, 24:00).
 */
import { Body, Illumination, Observer, SearchAltitude, SearchHourAngle, SearchRiseSet } from 'astronomy-engine';
import { midnightMs } from '../base/zone';

/** Sun and moon of a local day, ms; null where the sun does not cross the horizon. */
export interface Almanac {
  sunriseMs: number | null;
  sunsetMs: number | null;
  civilDawnMs: number | null;
  civilDuskMs: number | null;
  moonTransitsMs: number[];
  moonAntitransitsMs: number[];
  /** Lit share of the moon at local noon, 0–1. */
  moonIllumination: number;
  periods: Period[];
}

/** Shown, not scored: `major` about the moon's transits, `minor` about its rising and setting. */
export interface Period {
  kind: 'major' | 'minor';
  fromMs: number;
  toMs: number;
}

const HOUR_MS = 3_600_000;
const CIVIL_DEG = -6;
/** Half of a period, h. prior: custom among those who plan by them. */
const HALF_H = { major: 1, minor: 0.5 } as const;

/** Local day of a date "2026-07-04" in a zone: 23, 24 or 25 hours. */
export function localDay(date: string, zone: string): { fromMs: number; toMs: number } {
  const [y, m, d] = date.split('-').map(Number) as [number, number, number];
  const next = new Date(Date.UTC(y, m - 1, d + 1));
  return {
    fromMs: midnightMs(y, m, d, zone),
    toMs: midnightMs(next.getUTCFullYear(), next.getUTCMonth() + 1, next.getUTCDate(), zone),
  };
}

/** Sun, twilight, moon and periods of a local day; null for what does not happen. ± 2 min. */
export function almanac(place: { latDeg: number; lonDeg: number }, date: string, zone: string): Almanac {
  const { fromMs, toMs } = localDay(date, zone);
  const observer = new Observer(place.latDeg, place.lonDeg, 0);
  const start = new Date(fromMs);
  const days = (toMs - fromMs) / (24 * HOUR_MS);
  const within = (t: { date: Date } | null): number | null => {
    const ms = t ? t.date.getTime() : NaN;
    return ms >= fromMs && ms < toMs ? ms : null;
  };
  const riseSet = (body: Body, way: 1 | -1): number | null => within(SearchRiseSet(body, observer, way, start, days));
  const twilight = (way: 1 | -1): number | null =>
    within(SearchAltitude(Body.Sun, observer, way, start, days, CIVIL_DEG));
  const passages = (hourAngle: number): number[] => {
    const out: number[] = [];
    let from = start;
    for (let k = 0; k < 3; k++) {
      const t = SearchHourAngle(Body.Moon, observer, hourAngle, from, 1).time.date;
      if (t.getTime() >= toMs) break;
      out.push(t.getTime());
      from = new Date(t.getTime() + HOUR_MS);
    }
    return out;
  };
  const moonTransitsMs = passages(0);
  const moonAntitransitsMs = passages(12);
  const minor = [riseSet(Body.Moon, 1), riseSet(Body.Moon, -1)].filter((t): t is number => t !== null);
  const around = (kind: Period['kind'], t: number): Period => ({
    kind,
    fromMs: t - HALF_H[kind] * HOUR_MS,
    toMs: t + HALF_H[kind] * HOUR_MS,
  });
  return {
    sunriseMs: riseSet(Body.Sun, 1),
    sunsetMs: riseSet(Body.Sun, -1),
    civilDawnMs: twilight(1),
    civilDuskMs: twilight(-1),
    moonTransitsMs,
    moonAntitransitsMs,
    moonIllumination: Illumination(Body.Moon, new Date(fromMs + 12 * HOUR_MS)).phase_fraction,
    periods: [
      ...[...moonTransitsMs, ...moonAntitransitsMs].map((t) => around('major', t)),
      ...minor.map((t) => around('minor', t)),
    ].sort((a, b) => a.fromMs - b.fromMs),
  };
}
