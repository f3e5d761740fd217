/**
 * Stated defaults for readings that were not taken. Each is a distribution (middle and spread), not a fact:
 * the middle is used for the answer, the spread widens its range.
 * All values are `prior: judgement` for a temperate northern water unless a source is named.
 */
import { normalDraw, uniformDraw } from '../base/draws';
import { clamp, interpolate } from '../base/numbers';
import type { Bottom, Conditions, Cover, CoverKind, Forage, Front, Salinity, Setting, Sign, SpeciesId, TideStage } from './conditions';
import { likelyForage } from './forage';
import { speciesProfile } from './species';

/** Every reading with a value, and the paths of those that were assumed. */
export interface Reading {
  species: SpeciesId;
  setting: Setting;
  salinity: Salinity;
  surfaceTempC: number;
  tempChange3dC: number;
  clarityM: number;
  depthM: number;
  fishDepthM: number;
  fishBandM: readonly [number, number];
  currentMps: number;
  currentAngleDeg: number;
  windMps: number;
  windAngleDeg: number;
  waveHeightM: number;
  fetchM: number;
  /** What is not read says nothing: null, no default. */
  tideStage: TideStage | null;
  iceThicknessM: number | null;
  pressureTrendHpa3h: number | null;
  baitSeen: boolean | null;
  marks: readonly { depthM: number; count: number }[];
  cover: Required<{ [K in keyof Cover]: NonNullable<Cover[K]> }>;
  bottom: Bottom;
  cloud: number;
  sunElevationDeg: number;
  front: Front;
  month: number;
  forage: readonly Forage[];
  forageAbundance: NonNullable<Conditions['forageAbundance']>;
  pressure: NonNullable<Conditions['pressure']>;
  access: NonNullable<Conditions['access']>;
  behaviour: NonNullable<Conditions['behaviour']>;
  signs: readonly Sign[];
  assumed: readonly string[];
}

/** Surface temperature by month, temperate north, °C. */
const MONTH_TEMP_C: readonly (readonly [number, number])[] = [
  [1, 4],
  [2, 4],
  [3, 8],
  [4, 13],
  [5, 18],
  [6, 22],
  [7, 26],
  [8, 26],
  [9, 22],
  [10, 16],
  [11, 10],
  [12, 6],
];

/** Water depth within a cast, m. */
const SETTING_DEPTH_M: Record<Setting, number> = {
  pond: 2.5,
  lake: 4,
  reservoir: 5,
  river: 2.5,
  spillway: 3,
  'tidal-creek': 1.8,
  flat: 1.2,
  inlet: 4,
  'back-bay': 2,
  jetty: 6,
  surf: 2,
  ice: 6,
};

/** Visible depth, m. */
const SETTING_CLARITY_M: Record<Setting, number> = {
  pond: 1,
  lake: 1.5,
  reservoir: 1.2,
  river: 0.9,
  spillway: 0.9,
  'tidal-creek': 0.7,
  flat: 1,
  inlet: 1.3,
  'back-bay': 0.9,
  jetty: 1.5,
  surf: 1,
  ice: 3,
};

const COVER_DENSITY: Record<CoverKind, number> = {
  none: 0,
  pads: 0.5,
  'matted-grass': 0.8,
  'submerged-grass': 0.5,
  reeds: 0.5,
  wood: 0.5,
  brush: 0.5,
  dock: 0.4,
  rock: 0.4,
  oyster: 0.5,
};

const saltOf = (s: Setting): Salinity =>
  s === 'tidal-creek' || s === 'back-bay' ? 'brackish' : s === 'flat' || s === 'inlet' || s === 'jetty' || s === 'surf' ? 'salt' : 'fresh';

/** Spread (one standard deviation, additive or as a ratio) given to a reading when it is assumed, and the small one when it was read. */
export const SPREAD = {
  surfaceTempC: { assumed: 3, read: 0.3, kind: 'add' },
  tempChange3dC: { assumed: 1, read: 0.2, kind: 'add' },
  clarityM: { assumed: 1.5, read: 1.1, kind: 'ratio' },
  fishDepthM: { assumed: 1.35, read: 1.08, kind: 'ratio' },
  waveHeightM: { assumed: 1.6, read: 1.15, kind: 'ratio' },
  cloud: { assumed: 0.25, read: 0.05, kind: 'add' },
} as const;

/** Open water in front of the angler where none was read, m. */
export const USUAL_FETCH_M: Record<Setting, number> = {
  pond: 200,
  lake: 800,
  reservoir: 800,
  river: 200,
  spillway: 100,
  'tidal-creek': 150,
  flat: 1000,
  inlet: 800,
  'back-bay': 1500,
  jetty: 5000,
  surf: 10_000,
  ice: 0,
};

/**
 * Significant height of wind waves, m, growth limited by fetch: H = 0.0016·(gF/U²)^½·U²/g (Hasselmann et al. 1973), never above a fully grown sea's 0.0246·U²
 * (Pierson & Moskowitz 1964). Deep water; no swell. U 0–40 m/s, F 0–500 km; ± 25 %. Example: 5 m/s over 400 m → 0.05 m.
 */
export const chopFromWindM = (windMps: number, fetchM = 400): number => Math.min(0.0016 * Math.sqrt(fetchM / 9.81) * windMps, 0.0246 * windMps ** 2);

/** Fish band where none was read: fish depth ± the larger of 0.3 m and 10 %, kept inside the water. */
export function defaultFishBandM(fishDepthM: number, depthM: number): readonly [number, number] {
  const half = Math.max(0.3, 0.1 * fishDepthM);
  return [clamp(fishDepthM - half, 0, depthM), clamp(fishDepthM + half, 0, depthM)];
}

/** Fills what is missing and lists what was filled. */
export function resolveConditions(c: Conditions): Reading {
  const assumed: string[] = [];
  const take = <T>(value: T | null | undefined, path: string, fallback: T): T => {
    if (value !== null && value !== undefined) return value;
    assumed.push(path);
    return fallback;
  };
  const w = c.water;
  const month = take(c.month, 'month', 6);
  const profile = speciesProfile(c.species);
  const tempC = take(w.surfaceTempC, 'water.surfaceTempC', w.setting === 'ice' ? 1 : interpolate(MONTH_TEMP_C, month));
  const depthM = take(w.depthM, 'water.depthM', Math.max(SETTING_DEPTH_M[w.setting], (w.fishDepthM ?? 0) * 1.2));
  const seenM = w.fishBandM ? (w.fishBandM[0] + w.fishBandM[1]) / 2 : markedDepthM(c.marks ?? []);
  const habit = interpolate(
    [
      [6, profile.depthShare[0]],
      [Math.max(10, profile.toptC - 8), profile.depthShare[1]],
      [profile.toptC + 2, profile.depthShare[2]],
    ],
    tempC,
  );
  const fishDepthM = Math.min(depthM, take(w.fishDepthM, 'water.fishDepthM', seenM ?? habit * depthM));
  const fetchM = w.fetchM ?? USUAL_FETCH_M[w.setting];
  const windMps = take(w.windMps, 'water.windMps', 2.5);
  const kind = take(w.cover?.kind, 'water.cover.kind', 'none' as CoverKind);
  return {
    species: c.species,
    setting: w.setting,
    salinity: take(w.salinity, 'water.salinity', saltOf(w.setting)),
    surfaceTempC: tempC,
    tempChange3dC: take(w.tempChange3dC, 'water.tempChange3dC', 0),
    clarityM: take(w.clarityM, 'water.clarityM', SETTING_CLARITY_M[w.setting]),
    depthM,
    fishDepthM,
    fishBandM: w.fishBandM ?? defaultFishBandM(fishDepthM, depthM),
    currentMps: take(w.currentMps, 'water.currentMps', 0),
    currentAngleDeg: w.currentAngleDeg ?? 0,
    windMps,
    windAngleDeg: w.windAngleDeg ?? 90,
    waveHeightM: take(w.waveHeightM, 'water.waveHeightM', w.setting === 'ice' ? 0 : chopFromWindM(windMps, fetchM)),
    fetchM,
    tideStage: w.tideStage ?? null,
    iceThicknessM: w.iceThicknessM ?? null,
    pressureTrendHpa3h: c.pressureTrendHpa3h ?? null,
    baitSeen: c.baitSeen ?? null,
    marks: c.marks ?? [],
    cover: {
      kind,
      density: kind === 'none' ? 0 : take(w.cover?.density, 'water.cover.density', COVER_DENSITY[kind]),
      branchDiameterM: kind === 'wood' || kind === 'brush' ? take(w.cover?.branchDiameterM, 'water.cover.branchDiameterM', 0.03) : 0,
      topDepthM: w.cover?.topDepthM ?? (kind === 'submerged-grass' ? 0.5 * depthM : 0),
    },
    bottom: take(w.bottom, 'water.bottom', 'sand' as Bottom),
    cloud: take(c.sky?.cloud, 'sky.cloud', 0.5),
    sunElevationDeg: take(c.sky?.sunElevationDeg, 'sky.sunElevationDeg', 25),
    front: take(c.sky?.front, 'sky.front', 'none' as Front),
    month,
    forage: c.forage && c.forage.length > 0 ? c.forage : (assumed.push('forage'), likelyForage(profile, w.setting, month)),
    forageAbundance: take(c.forageAbundance, 'forageAbundance', 'normal' as const),
    pressure: take(c.pressure, 'pressure', 'normal' as const),
    access: take(c.access, 'access', w.setting === 'ice' ? ('ice' as const) : ('bank' as const)),
    behaviour: c.behaviour ?? 'feeding',
    signs: c.signs ?? [],
    assumed,
  };
}

/** Depth of the marks on a screen, weighted by their number; null without any. */
function markedDepthM(marks: readonly { depthM: number; count: number }[]): number | null {
  const n = marks.reduce((s, m) => s + m.count, 0);
  return n > 0 ? marks.reduce((s, m) => s + m.depthM * m.count, 0) / n : null;
}

/** Where nobody read it: how often it is this way. */
const CHANCE = {
  front: [
    ['none', 0.7],
    ['approaching', 0.15],
    ['passed', 0.15],
  ],
  forageAbundance: [
    ['scarce', 0.2],
    ['normal', 0.65],
    ['thick', 0.15],
  ],
  pressure: [
    ['low', 0.2],
    ['normal', 0.6],
    ['high', 0.2],
  ],
} as const;

function drawOf<T extends string>(chances: readonly (readonly [T, number])[], u: number): T {
  let left = u;
  for (const [value, chance] of chances) if ((left -= chance) <= 0) return value;
  return chances[chances.length - 1]![0];
}

/** Mean speed of tidal water that nobody read, m/s; still water elsewhere. */
const UNREAD_CURRENT_MPS = 0.2;

/** One draw of the readings: every uncertain reading moved within its spread. Draw numbers 0–31; the same number always gives the same reading. */
export const drawReading = (r: Reading, n: number): Reading => draw(r, n, true);

/** The same, but what was read stays as it is: only what is assumed may be otherwise. */
export const drawAssumed = (r: Reading, n: number): Reading => draw(r, n, false);

function draw(r: Reading, n: number, readToo: boolean): Reading {
  const isAssumed = (path: string) => r.assumed.includes(path);
  const move = (key: keyof typeof SPREAD, path: string, value: number, dimension: number): number => {
    const s = SPREAD[key];
    if (!readToo && !isAssumed(path)) return value;
    const size = isAssumed(path) ? s.assumed : s.read;
    const z = normalDraw(n, dimension);
    return s.kind === 'add' ? value + size * z : value * size ** z;
  };
  const fishDepthM = clamp(move('fishDepthM', 'water.fishDepthM', r.fishDepthM, 3), 0.05, r.depthM);
  const shift = fishDepthM - r.fishDepthM;
  const tidal = r.salinity !== 'fresh' && isAssumed('water.currentMps');
  return {
    ...r,
    surfaceTempC: clamp(move('surfaceTempC', 'water.surfaceTempC', r.surfaceTempC, 0), -1, 38),
    tempChange3dC: move('tempChange3dC', 'water.tempChange3dC', r.tempChange3dC, 1),
    clarityM: move('clarityM', 'water.clarityM', r.clarityM, 2),
    fishDepthM,
    fishBandM: [clamp(r.fishBandM[0] + shift, 0, r.depthM), clamp(r.fishBandM[1] + shift, 0, r.depthM)],
    waveHeightM: move('waveHeightM', 'water.waveHeightM', r.waveHeightM, 4),
    cloud: clamp(move('cloud', 'sky.cloud', r.cloud, 5), 0, 1),
    currentMps: tidal ? -UNREAD_CURRENT_MPS * Math.log(1 - uniformDraw(n, 8)) : r.currentMps,
    front: isAssumed('sky.front') ? drawOf(CHANCE.front, uniformDraw(n, 9)) : r.front,
    forageAbundance: isAssumed('forageAbundance') ? drawOf(CHANCE.forageAbundance, uniformDraw(n, 10)) : r.forageAbundance,
    pressure: isAssumed('pressure') ? drawOf(CHANCE.pressure, uniformDraw(n, 11)) : r.pressure,
  };
}
