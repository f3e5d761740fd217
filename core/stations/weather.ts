/**
 * Made-up weather of an invented place: the same for the same station and moment, smooth in time, with fronts every few
 * days that dip the glass, bring cloud before and clear cold air behind, and cool the water slowly. It stands in for a
 * service; it forecasts nothing.
 */
import { seededRandom } from '../base/random';
import { clamp, lerp } from '../base/numbers';
import type { StationPlace } from './places';
import type { Front } from '../water/terms';

/** Weather of an invented place at a moment. SI; cloud 0–1. */
export interface Weather {
  airTempC: number;
  windMps: number;
  gustMps: number;
  /** Where it blows from, ° from north. */
  windFromDeg: number;
  cloud: number;
  pressureHpa: number;
  /** Chance of thunder about, 0–1. */
  thunder: number;
}

const HOUR_MS = 3_600_000;
const DAY_MS = 24 * HOUR_MS;
/** One front in each cell of so many days, somewhere in its middle. */
const CELL_DAYS = 5;

interface FrontPassage {
  atMs: number;
  /** 0.4 (weak) – 1 (strong). */
  strength: number;
}

function frontOfCell(seed: number, cell: number): FrontPassage {
  const random = seededRandom(seed * 7919 + cell);
  random();
  return { atMs: (cell + 0.2 + 0.6 * random()) * CELL_DAYS * DAY_MS, strength: 0.4 + 0.6 * random() };
}

/** Fronts that are still felt or already felt at a moment. */
function frontsAbout(p: StationPlace, atMs: number): FrontPassage[] {
  const cell = Math.floor(atMs / (CELL_DAYS * DAY_MS));
  return [cell - 2, cell - 1, cell, cell + 1].map((c) => frontOfCell(p.seed, c));
}

/** Slow wander in −1…1, of its own for each station and purpose. */
function wander(seed: number, atMs: number, periodH: number): number {
  const random = seededRandom(seed);
  let sum = 0;
  for (const share of [1, 0.61, 0.37])
    sum += Math.sin((2 * Math.PI * atMs) / (periodH * share * HOUR_MS) + 2 * Math.PI * random());
  return sum / 3;
}

const dayOfYear = (atMs: number): number => (atMs - Date.UTC(new Date(atMs).getUTCFullYear(), 0, 1)) / DAY_MS;
/** 1 on the warmest day of the year, −1 on the coldest. */
const season = (atMs: number, warmestDay: number): number =>
  Math.cos((2 * Math.PI * (dayOfYear(atMs) - warmestDay)) / 365.25);
/** 1 at four in the afternoon of the sun, −1 at four in the morning. */
const hourOfSun = (p: StationPlace, atMs: number): number =>
  Math.cos((2 * Math.PI * (atMs / HOUR_MS + p.solarOffsetH - 16)) / 24);

/** How cold the air behind the last fronts still is, °C below the usual. */
function coolingC(fronts: readonly FrontPassage[], atMs: number, lagH: number, mostC: number): number {
  return fronts.reduce((s, f) => {
    const h = (atMs - f.atMs) / HOUR_MS;
    if (h <= 0) return s;
    return s + mostC * f.strength * (1 - Math.exp(-h / lagH)) * Math.exp(-h / 60);
  }, 0);
}

/** Made-up weather of a station at a moment: the same for the same moment. */
export function weatherAt(p: StationPlace, atMs: number): Weather {
  const fronts = frontsAbout(p, atMs);
  let dip = 0;
  let wind = 0;
  let cloud = 0.42 + 0.3 * wander(p.seed + 1, atMs, 31);
  let thunder = 0;
  let turn = 200 + 50 * wander(p.seed + 2, atMs, 47);
  for (const f of fronts) {
    const h = (atMs - f.atMs) / HOUR_MS;
    const near = Math.exp(-((h / 9) ** 2));
    dip += 14 * f.strength * Math.exp(-((h / (h < 0 ? 20 : 10)) ** 2));
    wind += 4.5 * f.strength * Math.exp(-(((h - 4) / 10) ** 2));
    cloud += f.strength * (0.7 * Math.exp(-(((h + 6) / 9) ** 2)) - 0.5 * Math.exp(-(((h - 20) / 14) ** 2)));
    thunder += 0.6 * near * f.strength * Math.max(0, season(atMs, 200));
    turn += h > 0 && h < 48 ? 110 * Math.exp(-h / 30) : 0;
  }
  const afternoon = hourOfSun(p, atMs);
  const windMps = clamp(p.windMps * (1 + 0.35 * afternoon + 0.45 * wander(p.seed + 3, atMs, 17)) + wind, 0.2, 22);
  return {
    airTempC:
      p.air.meanC +
      p.air.swingC * season(atMs, 200) +
      p.air.dailyC * afternoon +
      2.5 * wander(p.seed + 4, atMs, 90) -
      coolingC(fronts, atMs, 3, 8),
    windMps,
    gustMps: windMps * lerp(1.3, 1.7, clamp(wind / 5, 0, 1)),
    windFromDeg: ((turn % 360) + 360) % 360,
    cloud: clamp(cloud, 0, 1),
    pressureHpa: 1017 + 5 * wander(p.seed + 5, atMs, 130) - dip,
    thunder: clamp(thunder, 0, 1),
  };
}

/** Made-up water temperature, °C. */
export function waterTempC(p: StationPlace, atMs: number): number {
  const w = p.water;
  const t =
    w.meanC +
    w.swingC * season(atMs, w.warmestDay) +
    w.dailyC * hourOfSun(p, atMs - HOUR_MS) +
    0.8 * wander(p.seed + 6, atMs, 150);
  return Math.max(0.2, t - coolingC(frontsAbout(p, atMs), atMs, 30, 3.2));
}

/** What a front does to the day: coming within twenty hours, or passed less than a day and a half ago. */
export function frontAt(p: StationPlace, atMs: number): Front {
  for (const f of frontsAbout(p, atMs)) {
    const h = (atMs - f.atMs) / HOUR_MS;
    if (h >= 0 && h < 36) return 'passed';
    if (h < 0 && h > -20) return 'approaching';
  }
  return 'none';
}
