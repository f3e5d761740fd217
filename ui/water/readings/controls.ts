/** Every reading of the water, in groups; the first group moves the answer most. */
import {
  ABUNDANCES, ACCESSES, BEHAVIOURS, BOTTOMS, COVER_KINDS, FISHING_PRESSURES, FORAGES, FRONTS, SALINITIES, TIDE_STAGES, type CoverKind, type Forage, type Front,
} from '../../../core/water/conditions';
import type { Reading } from '../../../core/water/defaults';
import type { Readings } from '../../../core/records/trip';
import {
  ABUNDANCE_NAME, ACCESS_NAME, BEHAVIOUR_NAME, BOTTOM_NAME, capital, COVER_NAME, FORAGE_NAME, FRONT_NAME, PRESSURE_NAME, SALINITY_NAME, TIDE_NAME,
} from '../../../wording/names';
import { chopWord, currentWay, skyWord, windWay } from '../../../wording/water';
import { INCH, say, type UnitPrefs } from '../../../wording/units';
import type { Option } from '../../parts/Buttons';
import { STEPPERS } from '../../theme/stepping';
import { skyNumber, topChoice, waterChoice, waterNumber, type ReadingControl } from './control';

export interface ReadingGroup {
  id: string;
  title: string;
  controls: ReadingControl[];
}

const optionsOf = <T extends string>(all: readonly T[], name: Record<T, string>): Option<string>[] => all.map((v) => ({ value: v, title: capital(name[v]) }));
const NO = -1;

export function readingGroups(r: Reading, u: UnitPrefs): ReadingGroup[] {
  const depthM = Math.max(0.2, r.depthM);
  const water: ReadingControl[] = [
    {
      type: 'number', id: 'temp', name: 'surface', hint: 'Surface temperature', value: r.surfaceTempC, text: (v) => say.temp(v, u), stepper: STEPPERS.temp(u),
      range: [0, 34], ...waterNumber('surfaceTempC'),
    },
    {
      type: 'number', id: 'trend', name: 'three days', hint: 'Change over three days: warming is plus', value: r.tempChange3dC, text: (v) => say.tempChange(v, u),
      stepper: STEPPERS.tempChange(u), range: [-6, 6], ...waterNumber('tempChange3dC'),
    },
    {
      type: 'number', id: 'clarity', name: 'clarity', hint: 'Lower a white lure: how deep do you lose sight of it?', value: r.clarityM, text: (v) => say.depth(v, u),
      stepper: STEPPERS.clarity(u), range: [0.1, 5], presets: [0.15, 0.45, 0.9, 1.8, 3.5].map((v) => ({ value: v, title: say.depth(v, u) })), ...waterNumber('clarityM'),
    },
    {
      type: 'number', id: 'depth', name: 'depth', hint: 'Depth where the lure will work', value: r.depthM, text: (v) => say.depth(v, u), stepper: STEPPERS.depth(u),
      range: [0.3, 12], ...waterNumber('depthM'),
    },
    {
      type: 'number', id: 'fish', name: 'fish at', hint: 'How deep the fish are', value: r.fishDepthM, text: (v) => say.depth(v, u), stepper: STEPPERS.depth(u, depthM),
      range: [0.1, depthM], ...waterNumber('fishDepthM'),
    },
    ...coverControls(r, u).slice(0, 1),
    {
      type: 'number', id: 'chop', name: 'chop', hint: `Height of the waves (${chopWord(r.waveHeightM)})`, value: r.waveHeightM,
      text: (v) => `${chopWord(v)}, ${say.size(v, u)}`, short: chopWord, stepper: { ...STEPPERS.size(u), step: () => (u.size === 'in' ? 1 : 2), min: 0, max: 2 },
      range: [0, 1], presets: [0, 0.05, 0.15, 0.35, 0.6].map((v) => ({ value: v, title: capital(chopWord(v)) })), ...waterNumber('waveHeightM'),
    },
    {
      type: 'number', id: 'cloud', name: 'sky', hint: 'Share of the sky in cloud', value: r.cloud, text: skyWord, stepper: STEPPERS.plain(0.1, 0, 1), range: [0, 1],
      presets: [0, 0.35, 0.7, 1].map((v) => ({ value: v, title: capital(skyWord(v)) })), ...skyNumber('cloud'),
    },
    {
      type: 'choice', id: 'front', path: 'sky.front', name: 'weather', hint: 'A front about?', value: r.front, options: optionsOf(FRONTS, FRONT_NAME),
      set: (x, v) => ({ ...x, sky: { ...x.sky, front: v as Front | null } }),
    },
  ];
  return [
    { id: 'first', title: 'What moves the answer most', controls: water },
    { id: 'cover', title: 'Cover and bottom', controls: [...coverControls(r, u).slice(1), bottomControl(r)] },
    { id: 'flow', title: 'Wind, current and tide', controls: flowControls(r, u) },
    { id: 'fish', title: 'Food and fish', controls: fishControls(r, u) },
    { id: 'me', title: 'Where I stand', controls: standControls(r, u) },
  ];
}

function coverControls(r: Reading, u: UnitPrefs): ReadingControl[] {
  const { cover } = r;
  const setCover =
    (change: Partial<{ kind: CoverKind; density: number; branchDiameterM: number; topDepthM: number }>) =>
    (x: Readings): Readings => ({
      ...x,
      water: {
        ...x.water,
        cover: {
          kind: cover.kind, density: cover.kind === 'none' ? 0.4 : cover.density, branchDiameterM: cover.branchDiameterM || null, topDepthM: cover.topDepthM || null, ...change,
        },
      },
    });
  const list: ReadingControl[] = [
    {
      type: 'choice', id: 'cover', path: 'water.cover', name: 'cover', hint: 'What are they on?', value: cover.kind, options: optionsOf(COVER_KINDS, COVER_NAME),
      set: (x, v) =>
        v === null
          ? { ...x, water: { ...x.water, cover: null } }
          : setCover({ kind: v as CoverKind, density: v === 'none' ? 0 : Math.max(0.3, cover.density) })(x),
    },
  ];
  if (cover.kind !== 'none')
    list.push({
      type: 'number', id: 'density', path: 'water.cover', name: 'how thick', hint: 'How much of the cover is solid', value: cover.density, text: (v) => say.percent(v),
      stepper: STEPPERS.plain(0.1, 0.1, 1), range: [0.1, 1], get: (x) => x.water.cover?.density, set: (x, v) => setCover({ density: v ?? 0.4 })(x),
    });
  if (cover.kind === 'wood' || cover.kind === 'brush')
    list.push({
      type: 'number', id: 'branches', path: 'water.cover', name: 'branches', hint: 'How thick the limbs are: under an inch jams a sliding weight',
      value: cover.branchDiameterM, text: (v) => say.size(v, u), stepper: STEPPERS.size(u), range: [0.006, 0.12],
      presets: [0.5 * INCH, 0.75 * INCH, 1.5 * INCH, 3 * INCH].map((v) => ({ value: v, title: say.size(v, u) })),
      get: (x) => x.water.cover?.branchDiameterM, set: (x, v) => setCover({ branchDiameterM: v ?? 0.03 })(x),
    });
  if (cover.kind === 'submerged-grass')
    list.push({
      type: 'number', id: 'tops', path: 'water.cover', name: 'grass tops', hint: 'How deep below the surface the grass ends', value: cover.topDepthM,
      text: (v) => say.depth(v, u), stepper: STEPPERS.depth(u, Math.max(0.2, r.depthM)), range: [0.1, Math.max(0.2, r.depthM)],
      get: (x) => x.water.cover?.topDepthM, set: (x, v) => setCover({ topDepthM: v ?? 0.5 * r.depthM })(x),
    });
  return list;
}

const bottomControl = (r: Reading): ReadingControl => ({
  type: 'choice', id: 'bottom', name: 'bottom', hint: 'What lies on the bottom?', value: r.bottom, options: optionsOf(BOTTOMS, BOTTOM_NAME), ...waterChoice('bottom'),
});

const ways = (way: (angleDeg: number) => string): Option<string>[] => [0, 90, 180, -90].map((v) => ({ value: String(v), title: capital(way(v)) }));
/** The nearest of the four ways. */
const nearestWay = (angleDeg: number): string => {
  const a = ((((angleDeg + 180) % 360) + 360) % 360) - 180;
  return String([0, 90, 180, -90].reduce((best, v) => (Math.cos(((a - v) * Math.PI) / 180) > Math.cos(((a - best) * Math.PI) / 180) ? v : best), 0));
};

function flowControls(r: Reading, u: UnitPrefs): ReadingControl[] {
  const angle = (key: 'windAngleDeg' | 'currentAngleDeg') => (x: Readings, v: string | null): Readings => ({ ...x, water: { ...x.water, [key]: v === null ? null : Number(v) } });
  const list: ReadingControl[] = [
    {
      type: 'number', id: 'wind', name: 'wind', hint: 'Wind over the water; the chop follows from it when you do not set that', value: r.windMps,
      text: (v) => (v < 0.3 ? 'calm' : say.wind(v, u)), stepper: { ...STEPPERS.speed(u), step: () => 1, max: 25 }, range: [0, 15],
      presets: [0, 2, 4, 7, 10].map((v) => ({ value: v, title: v === 0 ? 'Calm' : say.wind(v, u) })), ...waterNumber('windMps'),
    },
    {
      type: 'choice', id: 'windway', path: 'water.windAngleDeg', name: 'wind blows', hint: 'As you face your target', value: nearestWay(r.windAngleDeg),
      options: ways(windWay), set: angle('windAngleDeg'),
    },
    {
      type: 'number', id: 'fetch', name: 'open water', hint: 'How far the wind comes over open water to where you fish', value: r.fetchM, text: (v) => say.far(v, u),
      stepper: STEPPERS.far(u), range: [50, 5000], presets: [100, 400, 1000, 5000].map((v) => ({ value: v, title: say.far(v, u) })), ...waterNumber('fetchM'),
    },
    {
      type: 'number', id: 'current', name: 'current', hint: 'Speed of the water', value: r.currentMps, text: (v) => (v < 0.02 ? 'none' : say.speed(v, u)),
      stepper: STEPPERS.speed(u), range: [0, 2], presets: [0, 0.15, 0.3, 0.6, 1].map((v) => ({ value: v, title: v === 0 ? 'None' : say.speed(v, u) })),
      ...waterNumber('currentMps'),
    },
    {
      type: 'choice', id: 'currentway', path: 'water.currentAngleDeg', name: 'it runs', hint: 'As you face your target', value: nearestWay(r.currentAngleDeg),
      options: ways(currentWay), set: angle('currentAngleDeg'),
    },
  ];
  if (r.salinity !== 'fresh')
    list.push({
      type: 'choice', id: 'tide', name: 'tide', hint: 'What is the tide doing?', value: r.tideStage, options: optionsOf(TIDE_STAGES, TIDE_NAME), ...waterChoice('tideStage'),
    });
  list.push({
    type: 'number', id: 'glass', path: 'pressureTrendHpa3h', name: 'barometer', hint: 'Change of the air pressure in three hours, hPa', value: r.pressureTrendHpa3h ?? 0,
    text: (v) => (r.pressureTrendHpa3h === null && v === 0 ? 'not read' : Math.abs(v) < 0.5 ? 'steady' : `${v > 0 ? '+' : '−'}${Math.abs(v).toFixed(0)} hPa`),
    short: (v) => (r.pressureTrendHpa3h === null ? '–' : v > 1 ? 'rising' : v < -1 ? 'falling' : 'steady'),
    stepper: STEPPERS.plain(1, -15, 15), range: [-8, 8],
    presets: [[-3, 'Falling'], [0, 'Steady'], [3, 'Rising']].map(([value, title]) => ({ value: value as number, title: title as string })),
    get: (x) => x.pressureTrendHpa3h, set: (x, v) => ({ ...x, pressureTrendHpa3h: v ?? undefined }),
  });
  return list;
}

function fishControls(r: Reading, u: UnitPrefs): ReadingControl[] {
  const marked = r.marks.reduce((s, m) => s + m.count, 0);
  return [
    { type: 'choice', id: 'behaviour', name: 'they are', hint: 'What are the fish about?', value: r.behaviour, options: optionsOf(BEHAVIOURS, BEHAVIOUR_NAME), ...topChoice('behaviour') },
    {
      type: 'many', id: 'food', path: 'forage', name: 'food', hint: 'What do they eat here?', value: r.forage, options: optionsOf(FORAGES, FORAGE_NAME),
      set: (x, v) => ({ ...x, forage: v === null || v.length === 0 ? undefined : (v as Forage[]) }),
    },
    {
      type: 'choice', id: 'abundance', name: 'how much', hint: 'How much food is about?', value: r.forageAbundance, options: optionsOf(ABUNDANCES, ABUNDANCE_NAME),
      ...topChoice('forageAbundance'),
    },
    {
      type: 'choice', id: 'bait', path: 'baitSeen', name: 'bait seen', hint: 'Have you seen bait?', value: r.baitSeen === null ? null : String(r.baitSeen),
      options: [{ value: 'true', title: 'Yes' }, { value: 'false', title: 'No, looked for it' }],
      set: (x, v) => ({ ...x, baitSeen: v === null ? undefined : v === 'true' }),
    },
    {
      type: 'number', id: 'marks', path: 'marks', name: 'marks at', hint: 'Depth of the marks on your screen', value: marked > 0 ? r.fishDepthM : NO,
      text: (v) => (v < 0 ? 'none' : say.depth(v, u)), stepper: { ...STEPPERS.depth(u, Math.max(0.2, r.depthM)) }, range: [0.1, Math.max(0.2, r.depthM)],
      get: (x) => x.marks?.[0]?.depthM ?? r.fishDepthM, set: (x, v) => ({ ...x, marks: v === null ? undefined : [{ depthM: v, count: 3 }] }),
    },
    {
      type: 'choice', id: 'pressure', name: 'fished', hint: 'How hard is this water fished?', value: r.pressure, options: optionsOf(FISHING_PRESSURES, PRESSURE_NAME),
      ...topChoice('pressure'),
    },
  ];
}

function standControls(r: Reading, u: UnitPrefs): ReadingControl[] {
  const list: ReadingControl[] = [
    { type: 'choice', id: 'access', name: 'from', hint: 'Where do you fish from?', value: r.access, options: optionsOf(ACCESSES, ACCESS_NAME), ...topChoice('access') },
    { type: 'choice', id: 'salinity', name: 'water is', hint: 'Fresh or salt?', value: r.salinity, options: optionsOf(SALINITIES, SALINITY_NAME), ...waterChoice('salinity') },
  ];
  if (r.access === 'ice' || r.setting === 'ice')
    list.push({
      type: 'number', id: 'ice', name: 'ice', hint: 'Thickness of clear, hard ice where you drilled', value: r.iceThicknessM ?? NO,
      text: (v) => (v < 0 ? 'not measured' : say.size(v, u)), stepper: { ...STEPPERS.size(u), step: () => (u.size === 'in' ? 1 : 2), min: 0, max: 1.5 }, range: [0, 0.6],
      ...waterNumber('iceThicknessM'),
    });
  return list;
}
