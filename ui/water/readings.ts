/** The readings that move the answer most: how each is shown, stepped and stored. */
import { COVER_KINDS, FRONTS, type CoverKind, type Front } from '../../core/water/conditions';
import type { Reading } from '../../core/water/defaults';
import type { Readings } from '../../core/records/trip';
import { capital, COVER_NAME, FRONT_NAME } from '../../wording/names';
import { FT, INCH, say, type UnitPrefs } from '../../wording/units';
import type { Option } from '../parts/Buttons';
import { stepBy, STEPPERS, type Stepper } from '../theme/stepping';

export interface NumberReading {
  type: 'number';
  id: string;
  path: string;
  name: string;
  hint: string;
  value: number;
  text: (v: number) => string;
  stepper: Stepper;
  presets?: Option<number>[];
  /** What was entered so far; absent while assumed. */
  get: (r: Readings) => number | null | undefined;
  set: (r: Readings, v: number | null) => Readings;
}

export interface ChoiceReading {
  type: 'choice';
  id: string;
  path: string;
  name: string;
  hint: string;
  value: string;
  options: Option<string>[];
  set: (r: Readings, v: string | null) => Readings;
}

export type ReadingControl = NumberReading | ChoiceReading;

type NumberKey<T> = { [K in keyof T]-?: NonNullable<T[K]> extends number ? K : never }[keyof T];

const waterNumber = (key: NumberKey<Readings['water']>): Pick<NumberReading, 'get' | 'set'> => ({
  get: (r) => r.water[key],
  set: (r, v) => ({ ...r, water: { ...r.water, [key]: v } }),
});
const skyNumber = (key: NumberKey<Readings['sky']>): Pick<NumberReading, 'get' | 'set'> => ({
  get: (r) => r.sky[key],
  set: (r, v) => ({ ...r, sky: { ...r.sky, [key]: v } }),
});

export const CHOP_WORD = (m: number): string => (m < 0.03 ? 'flat' : m < 0.1 ? 'light' : m < 0.25 ? 'chop' : m < 0.5 ? 'rough' : 'heavy');
const SKY_WORD = (c: number): string => (c < 0.2 ? 'clear' : c < 0.5 ? 'some cloud' : c < 0.85 ? 'cloudy' : 'overcast');

export function readingControls(r: Reading, u: UnitPrefs): ReadingControl[] {
  const cover = r.cover;
  const setCover =
    (change: Partial<{ kind: CoverKind; density: number; branchDiameterM: number }>) =>
    (x: Readings): Readings => ({
      ...x,
      water: {
        ...x.water,
        cover: { kind: cover.kind, density: cover.kind === 'none' ? 0.4 : cover.density, branchDiameterM: cover.branchDiameterM || null, ...change },
      },
    });
  const list: ReadingControl[] = [
    {
      type: 'number',
      id: 'temp',
      path: 'water.surfaceTempC',
      name: 'surface',
      hint: 'Surface temperature',
      value: r.surfaceTempC,
      text: (v) => say.temp(v, u),
      stepper: STEPPERS.temp(u),
      ...waterNumber('surfaceTempC'),
    },
    {
      type: 'number',
      id: 'trend',
      path: 'water.tempChange3dC',
      name: 'three days',
      hint: 'Change over three days: warming is plus',
      value: r.tempChange3dC,
      text: (v) => say.tempChange(v, u),
      stepper: STEPPERS.tempChange(u),
      ...waterNumber('tempChange3dC'),
    },
    {
      type: 'number',
      id: 'clarity',
      path: 'water.clarityM',
      name: 'clarity',
      hint: 'How deep do you lose sight of a white lure?',
      value: r.clarityM,
      text: (v) => say.depth(v, u),
      stepper: STEPPERS.clarity(u),
      presets: [0.15, 0.45, 0.9, 1.8, 3.5].map((v) => ({ value: v, title: say.depth(v, u) })),
      ...waterNumber('clarityM'),
    },
    {
      type: 'number',
      id: 'depth',
      path: 'water.depthM',
      name: 'depth',
      hint: 'Depth where the lure will work',
      value: r.depthM,
      text: (v) => say.depth(v, u),
      stepper: STEPPERS.depth(u),
      ...waterNumber('depthM'),
    },
    {
      type: 'number',
      id: 'fish',
      path: 'water.fishDepthM',
      name: 'fish at',
      hint: 'How deep the fish are',
      value: r.fishDepthM,
      text: (v) => say.depth(v, u),
      stepper: STEPPERS.depth(u, Math.max(0.2, r.depthM)),
      ...waterNumber('fishDepthM'),
    },
    {
      type: 'choice',
      id: 'cover',
      path: 'water.cover',
      name: 'cover',
      hint: 'What are they on?',
      value: cover.kind,
      options: COVER_KINDS.map((k) => ({ value: k, title: capital(COVER_NAME[k]) })),
      set: (x, v) =>
        v === null
          ? { ...x, water: { ...x.water, cover: null } }
          : setCover({ kind: v as CoverKind, density: v === 'none' ? 0 : Math.max(0.3, cover.density) })(x),
    },
  ];
  if (cover.kind !== 'none')
    list.push({
      type: 'number',
      id: 'density',
      path: 'water.cover',
      name: 'how thick',
      hint: 'How much of the cover is solid',
      value: cover.density,
      text: (v) => say.percent(v),
      stepper: STEPPERS.plain(0.1, 0.1, 1),
      get: (x) => x.water.cover?.density,
      set: (x, v) => setCover({ density: v ?? 0.4 })(x),
    });
  if (cover.kind === 'wood' || cover.kind === 'brush')
    list.push({
      type: 'number',
      id: 'branches',
      path: 'water.cover',
      name: 'branches',
      hint: 'How thick the limbs are: under an inch jams a sliding weight',
      value: cover.branchDiameterM,
      text: (v) => say.size(v, u),
      stepper: STEPPERS.size(u),
      presets: [0.5 * INCH, 0.75 * INCH, 1.5 * INCH, 3 * INCH].map((v) => ({ value: v, title: say.size(v, u) })),
      get: (x) => x.water.cover?.branchDiameterM,
      set: (x, v) => setCover({ branchDiameterM: v ?? 0.03 })(x),
    });
  list.push(
    {
      type: 'number',
      id: 'chop',
      path: 'water.waveHeightM',
      name: 'chop',
      hint: `Height of the waves (${CHOP_WORD(r.waveHeightM)})`,
      value: r.waveHeightM,
      text: (v) => `${CHOP_WORD(v)}, ${say.size(v, u)}`,
      stepper: { ...STEPPERS.size(u), step: () => (u.size === 'in' ? 1 : 2), min: 0, max: 2 },
      presets: [0, 0.05, 0.15, 0.35, 0.6].map((v) => ({ value: v, title: capital(CHOP_WORD(v)) })),
      ...waterNumber('waveHeightM'),
    },
    {
      type: 'number',
      id: 'cloud',
      path: 'sky.cloud',
      name: 'sky',
      hint: 'Share of the sky in cloud',
      value: r.cloud,
      text: (v) => SKY_WORD(v),
      stepper: STEPPERS.plain(0.1, 0, 1),
      presets: [0, 0.35, 0.7, 1].map((v) => ({ value: v, title: capital(SKY_WORD(v)) })),
      ...skyNumber('cloud'),
    },
    {
      type: 'choice',
      id: 'front',
      path: 'sky.front',
      name: 'weather',
      hint: 'A front about?',
      value: r.front,
      options: FRONTS.map((k) => ({ value: k, title: capital(FRONT_NAME[k]) })),
      set: (x, v) => ({ ...x, sky: { ...x.sky, front: v as Front | null } }),
    },
    {
      type: 'number',
      id: 'current',
      path: 'water.currentMps',
      name: 'current',
      hint: 'Speed of the water',
      value: r.currentMps,
      text: (v) => (v < 0.02 ? 'none' : say.speed(v, u)),
      stepper: STEPPERS.speed(u),
      presets: [0, 0.15, 0.3, 0.6, 1].map((v) => ({ value: v, title: v === 0 ? 'None' : say.speed(v, u) })),
      ...waterNumber('currentMps'),
    },
  );
  return list;
}

/** One step from what is entered this instant, so that quick taps add up. */
export const stepReading =
  (c: NumberReading, way: 1 | -1) =>
  (r: Readings): Readings =>
    c.set(r, stepBy(c.stepper, c.get(r) ?? c.value, way));
export const nearPreset = (c: NumberReading): number | null =>
  c.presets?.find((o) => Math.abs(o.value - c.value) < 0.02 * FT + 0.01 * Math.abs(o.value))?.value ?? null;

/** The value as a tile shows it. */
export const readingText = (c: ReadingControl): string =>
  c.type === 'number'
    ? c.id === 'chop'
      ? CHOP_WORD(c.value)
      : c.text(c.value)
    : (c.options.find((o) => o.value === c.value)?.title ?? c.value).toLowerCase();
