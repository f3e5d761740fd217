/**
 * The controls of every reading, in groups; the first group moves the answer most. What is legal, usual and stepped is
 * said in core/water/readings.
 */
import type { EnteredReadings } from '../../../core/schemas/conditions';
import { readingPath } from '../../../core/water/readings';
import type { ResolvedConditions } from '../../../core/water/resolve';
import { COVER_KINDS, FORAGES, type CoverKind, type Forage } from '../../../core/water/terms';
import {
  ABUNDANCE_NAME,
  ACCESS_NAME,
  BEHAVIOUR_NAME,
  BOTTOM_NAME,
  capital,
  COVER_NAME,
  FORAGE_NAME,
  FRONT_NAME,
  PRESSURE_NAME,
  WHEREABOUTS_NAME,
  SALINITY_NAME,
  TIDE_NAME,
} from '../../../wording/names';
import { INCH, say, type UnitPrefs } from '../../../wording/units';
import { chopWord, currentWay, skyWord, windWay } from '../../../wording/water';
import { READING } from '../../../wording/pages/readings';
import type { Option } from '../../parts/Buttons';
import { STEPPERS } from '../../theme/stepping';
import { choiceOf, numberOf, withReading, type ChoiceReading, type NumberReading, type ControlSpec } from './control';

export interface ReadingGroup {
  id: string;
  title: string;
  controls: ControlSpec[];
}

const optionsOf = <T extends string>(all: readonly T[], name: Record<T, string>): Option<string>[] =>
  all.map((v) => ({ value: v, title: capital(name[v]) }));
const NO = -1;

export function readingGroups(r: ResolvedConditions, u: UnitPrefs): ReadingGroup[] {
  const depthM = Math.max(0.2, r.depthM);
  const depth = (v: number): string => say.depth(v, u);
  const capitalChop = (v: number): string => capital(chopWord(v));
  const water: ControlSpec[] = [
    {
      ...numberOf('surfaceTempC', u, (v) => say.temp(v, u)),
      id: 'temp',
      name: 'surface',
      hint: 'Surface temperature',
      value: r.surfaceTempC,
      text: (v) => say.temp(v, u),
    },
    {
      ...numberOf('tempChange3dC', u, (v) => say.tempChange(v, u)),
      id: 'trend',
      name: 'three days',
      hint: READING.trend,
      value: r.tempChange3dC,
      text: (v) => say.tempChange(v, u),
    },
    {
      ...numberOf('clarityM', u, depth),
      id: 'clarity',
      name: 'clarity',
      hint: READING.clarity,
      value: r.clarityM,
      text: depth,
    },
    {
      ...numberOf('depthM', u, depth),
      id: 'depth',
      name: 'depth',
      hint: READING.depth,
      value: r.depthM,
      text: depth,
    },
    {
      ...numberOf('fishDepthM', u, depth),
      id: 'fish',
      name: 'fish at',
      hint: READING.fishDepth,
      value: r.fishDepthM,
      text: depth,
      stepper: STEPPERS.depth(u, depthM),
      range: [0.1, depthM],
    },
    ...coverControls(r, u).slice(0, 1),
    {
      ...numberOf('waveHeightM', u, capitalChop),
      id: 'chop',
      name: 'chop',
      hint: READING.waves(chopWord(r.waveHeightM)),
      value: r.waveHeightM,
      text: (v) => `${chopWord(v)}, ${say.size(v, u)}`,
      short: chopWord,
    },
    {
      ...numberOf('cloud', u, (v) => capital(skyWord(v))),
      id: 'cloud',
      name: 'sky',
      hint: READING.cloud,
      value: r.cloud,
      text: skyWord,
    },
    { ...choiceOf('front', FRONT_NAME), id: 'front', name: 'weather', hint: 'A front about?', value: r.front },
  ];
  return [
    { id: 'first', title: READING.movesMost, controls: water },
    { id: 'cover', title: 'Cover and bottom', controls: [...coverControls(r, u).slice(1), bottomControl(r)] },
    { id: 'flow', title: READING.windCurrentTide, controls: flowControls(r, u) },
    { id: 'fish', title: 'Food and fish', controls: fishControls(r, u) },
    { id: 'me', title: 'Where I stand', controls: standControls(r, u) },
  ];
}

function coverControls(r: ResolvedConditions, u: UnitPrefs): ControlSpec[] {
  const { cover } = r;
  const setCover =
    (change: Partial<{ kind: CoverKind; density: number; branchDiameterM: number; topDepthM: number }>) =>
    (x: EnteredReadings): EnteredReadings =>
      withReading(x, 'cover', {
        kind: cover.kind,
        density: cover.kind === 'none' ? 0.4 : cover.density,
        branchDiameterM: cover.branchDiameterM || null,
        topDepthM: cover.topDepthM || null,
        ...change,
      });
  const path = readingPath('cover');
  const list: ControlSpec[] = [
    {
      type: 'choice',
      id: 'cover',
      path,
      name: 'cover',
      hint: READING.relating,
      value: cover.kind,
      options: optionsOf(COVER_KINDS, COVER_NAME),
      set: (x, v) =>
        v === null
          ? withReading(x, 'cover', null)
          : setCover({ kind: v as CoverKind, density: v === 'none' ? 0 : Math.max(0.3, cover.density) })(x),
    },
  ];
  if (cover.kind !== 'none')
    list.push({
      type: 'number',
      id: 'density',
      path,
      name: 'how thick',
      hint: READING.density,
      value: cover.density,
      text: (v) => say.percent(v),
      stepper: STEPPERS.plain(0.1, 0.1, 1),
      range: [0.1, 1],
      get: (x) => x.water.cover?.density,
      set: (x, v) => setCover({ density: v ?? 0.4 })(x),
    });
  if (cover.kind === 'wood' || cover.kind === 'brush')
    list.push({
      type: 'number',
      id: 'branches',
      path,
      name: 'branches',
      hint: READING.limbs,
      value: cover.branchDiameterM,
      text: (v) => say.size(v, u),
      stepper: STEPPERS.size(u),
      range: [0.006, 0.12],
      presets: [0.5 * INCH, 0.75 * INCH, 1.5 * INCH, 3 * INCH].map((v) => ({ value: v, title: say.size(v, u) })),
      get: (x) => x.water.cover?.branchDiameterM,
      set: (x, v) => setCover({ branchDiameterM: v ?? 0.03 })(x),
    });
  if (cover.kind === 'submerged-grass')
    list.push({
      type: 'number',
      id: 'tops',
      path,
      name: 'grass tops',
      hint: READING.grassTop,
      value: cover.topDepthM,
      text: (v) => say.depth(v, u),
      stepper: STEPPERS.depth(u, Math.max(0.2, r.depthM)),
      range: [0.1, Math.max(0.2, r.depthM)],
      get: (x) => x.water.cover?.topDepthM,
      set: (x, v) => setCover({ topDepthM: v ?? 0.5 * r.depthM })(x),
    });
  return list;
}

const bottomControl = (r: ResolvedConditions): ControlSpec => ({
  ...choiceOf('bottom', BOTTOM_NAME),
  id: 'bottom',
  name: 'bottom',
  hint: READING.bottom,
  value: r.bottom,
});

const FOUR_WAYS = [0, 90, 180, -90];
/** The nearest of the four ways. */
const nearestWay = (angleDeg: number): string => {
  const a = ((((angleDeg + 180) % 360) + 360) % 360) - 180;
  const near = (v: number): number => Math.cos(((a - v) * Math.PI) / 180);
  return String(FOUR_WAYS.reduce((best, v) => (near(v) > near(best) ? v : best), 0));
};

/** An angle as one of four ways. */
const wayOf = (
  key: 'windAngleDeg' | 'currentAngleDeg',
  way: (angleDeg: number) => string,
  angleDeg: number,
): Pick<ChoiceReading, 'type' | 'path' | 'value' | 'options' | 'set'> => ({
  type: 'choice',
  path: readingPath(key),
  value: nearestWay(angleDeg),
  options: FOUR_WAYS.map((v) => ({ value: String(v), title: capital(way(v)) })),
  set: (x, v) => withReading(x, key, v === null ? null : Number(v)),
});

function flowControls(r: ResolvedConditions, u: UnitPrefs): ControlSpec[] {
  const list: ControlSpec[] = [
    {
      ...numberOf('windMps', u, (v) => (v === 0 ? 'Calm' : say.wind(v, u))),
      id: 'wind',
      name: 'wind',
      hint: READING.wind,
      value: r.windMps,
      text: (v) => (v < 0.3 ? 'calm' : say.wind(v, u)),
    },
    {
      ...wayOf('windAngleDeg', windWay, r.windAngleDeg),
      id: 'windway',
      name: 'wind blows',
      hint: READING.windFrom,
    },
    {
      ...numberOf('fetchM', u, (v) => say.far(v, u)),
      id: 'fetch',
      name: 'open water',
      hint: READING.fetch,
      value: r.fetchM,
      text: (v) => say.far(v, u),
    },
    {
      ...numberOf('currentMps', u, (v) => (v === 0 ? 'None' : say.speed(v, u))),
      id: 'current',
      name: 'current',
      hint: READING.currentSpeed,
      value: r.currentMps,
      text: (v) => (v < 0.02 ? 'none' : say.speed(v, u)),
    },
    {
      ...wayOf('currentAngleDeg', currentWay, r.currentAngleDeg),
      id: 'currentway',
      name: 'it runs',
      hint: READING.currentFrom,
    },
  ];
  if (r.salinity !== 'fresh')
    list.push({
      ...choiceOf('tideStage', TIDE_NAME),
      id: 'tide',
      name: 'tide',
      hint: READING.tide,
      value: r.tideStage,
    });
  list.push(barometerControl(r, u));
  return list;
}

const barometerWord = (v: number): string => (v > 1 ? 'rising' : v < -1 ? 'falling' : 'steady');
function barometerControl(r: ResolvedConditions, u: UnitPrefs): NumberReading {
  const unread = r.pressureTrendHpa3h === null;
  return {
    ...numberOf('pressureTrendHpa3h', u, (v) => capital(barometerWord(v))),
    id: 'glass',
    name: 'barometer',
    hint: READING.pressure,
    value: r.pressureTrendHpa3h ?? 0,
    text: (v) =>
      unread && v === 0
        ? 'not read'
        : Math.abs(v) < 0.5
          ? 'steady'
          : `${v > 0 ? '+' : '−'}${Math.abs(v).toFixed(0)} hPa`,
    short: (v) => (unread ? '–' : barometerWord(v)),
  };
}

function fishControls(r: ResolvedConditions, u: UnitPrefs): ControlSpec[] {
  const marked = r.marks.reduce((s, m) => s + m.count, 0);
  const depthM = Math.max(0.2, r.depthM);
  return [
    {
      ...choiceOf('behaviour', BEHAVIOUR_NAME),
      id: 'behaviour',
      name: 'they are',
      hint: READING.activity,
      value: r.behaviour,
    },
    {
      ...choiceOf('whereabouts', WHEREABOUTS_NAME),
      id: 'whereabouts',
      name: 'where',
      hint: READING.knowledge,
      value: r.whereabouts,
    },
    {
      type: 'many',
      id: 'food',
      path: readingPath('forage'),
      name: 'food',
      hint: READING.food,
      value: r.forage,
      options: optionsOf(FORAGES, FORAGE_NAME),
      set: (x, v) => withReading(x, 'forage', v === null || v.length === 0 ? null : (v as Forage[])),
    },
    {
      ...choiceOf('forageAbundance', ABUNDANCE_NAME),
      id: 'abundance',
      name: 'how much',
      hint: READING.foodMuch,
      value: r.forageAbundance,
    },
    {
      type: 'choice',
      id: 'bait',
      path: readingPath('baitSeen'),
      name: 'bait seen',
      hint: READING.bait,
      value: r.baitSeen === null ? null : String(r.baitSeen),
      options: [
        { value: 'true', title: 'Yes' },
        { value: 'false', title: READING.noBait },
      ],
      set: (x, v) => withReading(x, 'baitSeen', v === null ? null : v === 'true'),
    },
    {
      type: 'number',
      id: 'marks',
      path: readingPath('marks'),
      name: 'marks at',
      hint: READING.marks,
      value: marked > 0 ? r.fishDepthM : NO,
      text: (v) => (v < 0 ? 'none' : say.depth(v, u)),
      stepper: STEPPERS.depth(u, depthM),
      range: [0.1, depthM],
      get: (x) => x.marks?.[0]?.depthM ?? r.fishDepthM,
      set: (x, v) => withReading(x, 'marks', v === null ? null : [{ depthM: v, count: 3 }]),
    },
    {
      ...choiceOf('pressure', PRESSURE_NAME),
      id: 'pressure',
      name: 'fished',
      hint: READING.pressureFished,
      value: r.pressure,
    },
  ];
}

function standControls(r: ResolvedConditions, u: UnitPrefs): ControlSpec[] {
  const list: ControlSpec[] = [
    {
      ...choiceOf('access', ACCESS_NAME),
      id: 'access',
      name: 'from',
      hint: READING.access,
      value: r.access,
    },
    {
      ...choiceOf('salinity', SALINITY_NAME),
      id: 'salinity',
      name: 'water is',
      hint: 'Fresh or salt?',
      value: r.salinity,
    },
  ];
  if (r.access === 'ice' || r.setting === 'ice')
    list.push({
      ...numberOf('iceThicknessM', u, (v) => say.size(v, u)),
      id: 'ice',
      name: 'ice',
      hint: READING.ice,
      value: r.iceThicknessM ?? NO,
      text: (v) => (v < 0 ? 'not measured' : say.size(v, u)),
    });
  return list;
}
