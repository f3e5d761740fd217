/**
 * The table of readings: a row for everything that may be known of a water. What it is called in a document, its unit
 * and legal range, what stands in when nobody read it and how far that may be off, who may say it in which order, and
 * how it is entered. From these rows derive the conditions (conditions.ts), what they come to when something is missing
 * (resolve.ts), how uncertain they are (drawn.ts), the schema of a document (schemas/conditions.ts), a day put together
 * from its sources (trip/day.ts) and the controls of the screen (ui/water/readings).
 *
 * The order of the rows is the order in which defaults are worked out: a default may look at rows above its own.
 * All defaults and spreads are `prior: judgement` unless a source is named.
 */
import { interpolate } from '../base/numbers';
import { likelyForage } from './forage';
import { whereaboutsFrom } from './whereabouts';
import {
  ABUNDANCES,
  ACCESSES,
  BEHAVIOURS,
  BOTTOMS,
  FISHING_PRESSURES,
  FORAGES,
  FRONTS,
  SALINITIES,
  TIDE_STAGES,
  WHEREABOUTS,
  type Cover,
  type Forage,
  type Mark,
  type Sign,
  type Whereabouts,
} from './terms';
import {
  chopFromWindM,
  COVER_DENSITY,
  defaultFishBandM,
  MONTH_TEMP_C,
  SETTING_CLARITY_M,
  SETTING_DEPTH_M,
  USUAL_FETCH_M,
  usualSalinity,
} from './usual';
import {
  choice,
  number,
  numberOrNothing,
  quietNumber,
  quietRow,
  type DocumentPart,
  type Reading,
  type SoFar,
} from './readingRow';

/** Cover and its parts, each assumed by itself. */
const resolveCover: Reading<'water', Cover, ResolvedCover>['resolve'] = (given, so, path, assume) => {
  const take = <T>(value: T | null | undefined, part: string, fallback: T): T => {
    if (value !== null && value !== undefined) return value;
    assume(`${path}.${part}`);
    return fallback;
  };
  const kind = take(given?.kind, 'kind', 'none');
  return {
    kind,
    density: kind === 'none' ? 0 : take(given?.density, 'density', COVER_DENSITY[kind]),
    branchDiameterM: kind === 'wood' || kind === 'brush' ? take(given?.branchDiameterM, 'branchDiameterM', 0.03) : 0,
    topDepthM: given?.topDepthM ?? (kind === 'submerged-grass' ? 0.5 * so.depthM : 0),
  };
};
/** Cover with nothing left open. */
export type ResolvedCover = Required<{ [K in keyof Cover]: NonNullable<Cover[K]> }>;

/** Fish are never below the bottom, wherever they were said to be. */
const aboveBottom = (row: Reading<'water', number, number>): Reading<'water', number, number> => ({
  ...row,
  resolve: (given, so, path, assume) => Math.min(so.depthM, row.resolve(given, so, path, assume)),
});

/** Share of the depth at which this fish is found in the cold, at a mild and at its best temperature. */
const habitDepthM = ({ species: p, surfaceTempC, depthM }: SoFar): number =>
  depthM *
  interpolate(
    [
      [6, p.depthShare[0]],
      [Math.max(10, p.toptC - 8), p.depthShare[1]],
      [p.toptC + 2, p.depthShare[2]],
    ],
    surfaceTempC,
  );

/** The table of readings: a row is all there is to a reading. */
export const READINGS = {
  month: number({ at: 'top', unit: 'month', range: [1, 12], whole: true, usual: 6, entered: false }),
  surfaceTempC: number({
    at: 'water',
    unit: '°C',
    range: [-2, 40],
    sources: ['read', 'station'],
    usual: (so) => (so.setting === 'ice' ? 1 : interpolate(MONTH_TEMP_C, so.month)),
    spread: { assumed: 3, read: 0.3, as: 'sum', dimension: 0, within: [-1, 38] },
    entry: { step: 'temp', usual: [0, 34] },
  }),
  tempChange3dC: number({
    at: 'water',
    unit: '°C',
    range: [-20, 20],
    sources: ['read', 'log', 'station'],
    usual: 0,
    spread: { assumed: 1, read: 0.2, as: 'sum', dimension: 1 },
    entry: { step: 'tempChange', usual: [-6, 6] },
  }),
  /** Depth at which a white lure goes out of sight. */
  clarityM: number({
    at: 'water',
    unit: 'm',
    range: [0.02, 30],
    sources: ['read', 'usual'],
    usual: (so) => SETTING_CLARITY_M[so.setting],
    spread: { assumed: 1.5, read: 1.1, as: 'ratio', dimension: 2 },
    entry: { step: 'clarity', usual: [0.1, 5], presets: [0.15, 0.45, 0.9, 1.8, 3.5] },
  }),
  depthM: number({
    at: 'water',
    unit: 'm',
    range: [0.1, 300],
    sources: ['read', 'usual'],
    usual: (so) => Math.max(SETTING_DEPTH_M[so.setting], (so.given.fishDepthM ?? 0) * 1.2),
    entry: { step: 'depth', usual: [0.3, 12] },
  }),
  fishDepthM: aboveBottom(
    number({
      at: 'water',
      unit: 'm',
      range: [0, 300],
      sources: ['read', 'usual'],
      usual: (so) => so.given.seenM ?? habitDepthM(so),
      spread: { assumed: 1.35, read: 1.08, as: 'ratio', dimension: 3 },
      entry: { step: 'depth', usual: [0.1, 12] },
    }),
  ),
  fishBandM: quietRow<'water', readonly [number, number], readonly [number, number]>(
    'water',
    'band',
    (so) => defaultFishBandM(so.fishDepthM, so.depthM),
    {
      unit: 'm',
      range: [0, 300],
    },
  ),
  cover: { at: 'water', kind: 'cover', sources: ['read', 'usual'], entered: true, resolve: resolveCover } as Reading<
    'water',
    Cover,
    ResolvedCover
  >,
  bottom: choice({ at: 'water', choices: BOTTOMS, usual: 'sand', sources: ['read', 'usual'] }),
  salinity: choice({ at: 'water', choices: SALINITIES, usual: (so) => usualSalinity(so.setting) }),
  windMps: number({
    at: 'water',
    unit: 'm/s',
    range: [0, 40],
    sources: ['read', 'station'],
    usual: 2.5,
    entry: { step: 'wind', usual: [0, 15], presets: [0, 2, 4, 7, 10] },
  }),
  windAngleDeg: quietNumber({ at: 'water', unit: '°', range: [-360, 360], usual: 90 }),
  /** Open water in front of the angler. */
  fetchM: quietNumber({
    at: 'water',
    unit: 'm',
    range: [0, 500_000],
    sources: ['read', 'usual'],
    usual: (so) => USUAL_FETCH_M[so.setting],
    entry: { step: 'far', usual: [50, 5000], presets: [100, 400, 1000, 5000] },
  }),
  waveHeightM: number({
    at: 'water',
    unit: 'm',
    range: [0, 8],
    sources: ['read'],
    usual: (so) => (so.setting === 'ice' ? 0 : chopFromWindM(so.windMps, so.fetchM)),
    spread: { assumed: 1.6, read: 1.15, as: 'ratio', dimension: 4 },
    entry: { step: 'waves', usual: [0, 1], presets: [0, 0.05, 0.15, 0.35, 0.6] },
  }),
  currentMps: number({
    at: 'water',
    unit: 'm/s',
    range: [0, 6],
    sources: ['read', 'tide'],
    usual: 0,
    entry: { step: 'speed', usual: [0, 2], presets: [0, 0.15, 0.3, 0.6, 1] },
  }),
  currentAngleDeg: quietNumber({ at: 'water', unit: '°', range: [-360, 360], usual: 0 }),
  tideStage: quietRow<'water', (typeof TIDE_STAGES)[number], null>('water', 'choice', null, {
    choices: TIDE_STAGES,
    sources: ['read', 'tide'],
  }),
  iceThicknessM: numberOrNothing({ at: 'water', unit: 'm', range: [0, 3], entry: { step: 'ice', usual: [0, 0.6] } }),
  cloud: number({
    at: 'sky',
    unit: 'share',
    range: [0, 1],
    sources: ['read', 'station'],
    usual: 0.5,
    spread: { assumed: 0.25, read: 0.05, as: 'sum', dimension: 5, within: [0, 1] },
    entry: { step: { by: 0.1, from: 0, to: 1 }, usual: [0, 1], presets: [0, 0.35, 0.7, 1] },
  }),
  sunElevationDeg: number({ at: 'sky', unit: '°', range: [-90, 90], usual: 25 }),
  front: choice({
    at: 'sky',
    choices: FRONTS,
    usual: 'none',
    sources: ['read', 'station'],
    chances: {
      dimension: 9,
      of: [
        ['none', 0.7],
        ['approaching', 0.15],
        ['passed', 0.15],
      ],
    },
  }),
  /** Change of the air pressure in three hours. */
  pressureTrendHpa3h: numberOrNothing({
    at: 'top',
    unit: 'hPa',
    range: [-50, 50],
    sources: ['read', 'station'],
    entry: { step: { by: 1, from: -15, to: 15 }, usual: [-8, 8], presets: [-3, 0, 3] },
  }),
  forage: {
    at: 'top',
    kind: 'choices',
    choices: FORAGES,
    sources: ['read', 'usual'],
    entered: true,
    resolve: (given, so, path, assume) => {
      if (given && given.length > 0) return given;
      assume(path);
      return likelyForage(so.species, so.setting, so.month);
    },
  } as Reading<'top', readonly Forage[], readonly Forage[]>,
  forageAbundance: choice({
    at: 'top',
    choices: ABUNDANCES,
    usual: 'normal',
    sources: ['read'],
    chances: {
      dimension: 10,
      of: [
        ['scarce', 0.2],
        ['normal', 0.65],
        ['thick', 0.15],
      ],
    },
  }),
  /** How hard the water is fished. */
  pressure: choice({
    at: 'top',
    choices: FISHING_PRESSURES,
    usual: 'normal',
    sources: ['read'],
    chances: {
      dimension: 11,
      of: [
        ['low', 0.2],
        ['normal', 0.6],
        ['high', 0.2],
      ],
    },
  }),
  access: choice({
    at: 'top',
    choices: ACCESSES,
    usual: (so) => (so.setting === 'ice' ? 'ice' : 'bank'),
    sources: ['read', 'usual'],
  }),
  behaviour: quietRow<'top', (typeof BEHAVIOURS)[number], (typeof BEHAVIOURS)[number]>('top', 'choice', 'feeding', {
    choices: BEHAVIOURS,
    sources: ['read'],
  }),
  baitSeen: quietRow<'top', boolean, null>('top', 'flag', null, { sources: ['read'] }),
  marks: quietRow<'top', readonly Mark[], readonly Mark[]>('top', 'marks', [], { sources: ['read'] }),
  signs: quietRow<'top', readonly Sign[], readonly Sign[]>('top', 'signs', [], { entered: false }),
  /** What is known of where they are; unread: what signs and marks say. */
  whereabouts: quietRow<'top', Whereabouts, Whereabouts>(
    'top',
    'choice',
    (so) => whereaboutsFrom(so.behaviour, so.marks, so.signs),
    { choices: WHEREABOUTS, sources: ['read'] },
  ),
} as const;

export type ReadingKey = keyof typeof READINGS;
/** Names of the readings that stand in one part of the document. */
export type KeyAt<P extends DocumentPart> = {
  [K in ReadingKey]: (typeof READINGS)[K]['at'] extends P ? K : never;
}[ReadingKey];
/** What may be given for a reading. */
export type ValueOf<K extends ReadingKey> =
  (typeof READINGS)[K] extends Reading<DocumentPart, infer T, unknown> ? T : never;
/** What it comes to when all is worked out. */
export type ResolvedOf<K extends ReadingKey> = ReturnType<(typeof READINGS)[K]['resolve']>;

/** Names of all readings, in the order of the table. */
export const READING_KEYS = Object.keys(READINGS) as ReadingKey[];
/** The row of a reading, whatever it is. */
export const readingAt = (key: ReadingKey): Reading => READINGS[key] as unknown as Reading;

/** Its place in a document, as the path of a problem or a source has it. Example: `water.surfaceTempC`. */
export const readingPath = (key: ReadingKey): string =>
  READINGS[key].at === 'top' ? key : `${READINGS[key].at}.${key}`;

interface Document {
  water?: object | null;
  sky?: object | null;
}
/** What a document says of a reading; null: nothing. */
export function givenIn(document: Document, key: ReadingKey): unknown {
  const { at } = READINGS[key];
  const part = (at === 'top' ? document : document[at]) as Record<string, unknown> | null | undefined;
  return part?.[key] ?? null;
}
