/** The fields of each kind of kit, and what a new one starts as. */
import { FAMILIES, COLOURS, HOOKS, type FamilyId } from '../../../core/lures/family';
import { HOOK_SIZES, TERMINAL_PARTS } from '../../../core/lures/terminal';
import { familyById } from '../../../core/lures/families';
import { LINE_MATERIALS, LINE_CLASSES_LB } from '../../../core/tackle/line';
import { ROD_ACTIONS } from '../../../core/tackle/rod';
import { STATION_IDS, STATIONS } from '../../../core/stations/places';
import {
  ACCESS_NAME,
  BOTTOM_NAME,
  capital,
  COLOUR_NAME,
  COVER_NAME,
  FAMILY_NAME,
  FORAGE_NAME,
  HOOK_NAME,
  PART_NAME,
  SETTING_NAME,
  TERMINAL_NAME,
  TIDE_NAME,
} from '../../../wording/names';
import { SKETCH } from '../../../wording/pages/sketch';
import { FLOW_NAME, PIECE_NAME } from '../../../wording/pieces';
import { moneyText, say, type UnitPrefs } from '../../../wording/units';
import { FIELD } from '../../../wording/pages/fields';
import type { Option } from '../../parts/Buttons';
import { STEPPERS, type Stepper } from '../../theme/stepping';
import { newPiece } from '../../../core/records/piece';
import { newSpot } from '../../../core/records/spot';
import type { WaterPlace } from '../../../core/records/water';
import { FLOWS, PIECE_KINDS, PIECE_LENGTH_M, PIECE_WIDTH_M } from '../../../core/water/pieces';
import {
  ACCESSES,
  BOTTOMS,
  COVER_KINDS,
  FORAGES,
  SALINITIES,
  SETTINGS,
  TIDE_STAGES,
  WATER_PARTS,
} from '../../../core/water/terms';

export const EDITABLE = ['lure', 'terminal', 'rod', 'reel', 'line', 'water', 'spot', 'piece'] as const;
export type EditableKind = (typeof EDITABLE)[number];
export const KIND_NAME: Record<EditableKind, string> = {
  lure: 'lure',
  terminal: FIELD.headOrHook,
  rod: 'rod',
  reel: 'reel',
  line: 'line',
  water: 'water',
  spot: 'spot',
  piece: 'piece of cover',
};

export type FormDraft = Record<string, unknown>;

export type Field =
  | { type: 'text'; key: string; label: string; hint?: string; multiline?: boolean }
  | {
      type: 'number';
      key: string;
      label: string;
      hint?: string;
      stepper: Stepper;
      text: (v: number) => string;
      /** Where it may be left unknown: what stands there then, and where stepping sets out. */
      unknown?: string;
      from?: number;
    }
  /** Both degrees at once, typed, pasted or from the device. */
  | { type: 'position'; key: string; label: string; hint?: string }
  /** A piece drawn corner by corner: its outline, and with it how long and wide it is. */
  | { type: 'sketch'; key: string; label: string }
  /** `none` stands for nothing chosen. */
  | { type: 'choice'; key: string; label: string; options: Option<string>[]; none?: string }
  | { type: 'flags'; key: string; label: string; options: Option<string>[] }
  | { type: 'many'; key: string; label: string; options: Option<string>[] };

const options = <T extends string>(all: readonly T[], name: Record<T, string>): Option<string>[] =>
  all.map((v) => ({ value: v, title: capital(name[v]) }));
const plainOptions = (all: readonly string[]): Option<string>[] => all.map((v) => ({ value: v, title: capital(v) }));

/** A rod that has nothing of its own on it. */
const ANY = FIELD.inUse;

/** What else is kept in the Kit, by name, for what points to it. */
export type Kept = Partial<Record<'water' | 'reel' | 'line' | 'spot', readonly Option<string>[]>>;

export function fieldsOf(kind: EditableKind, u: UnitPrefs, kept: Kept = {}): Field[] {
  const name: Field = { type: 'text', key: 'name', label: 'Name' };
  switch (kind) {
    case 'lure':
      return [
        name,
        { type: 'choice', key: 'family', label: 'Kind of lure', options: options(FAMILIES, FAMILY_NAME) },
        {
          type: 'number',
          key: 'weightKg',
          label: 'Weight',
          stepper: STEPPERS.weight(u),
          text: (v) => say.weight(v, u),
        },
        { type: 'number', key: 'lengthM', label: 'Length', stepper: STEPPERS.size(u), text: (v) => say.size(v, u) },
        { type: 'choice', key: 'colour', label: 'Colour', options: options(COLOURS, COLOUR_NAME) },
        { type: 'choice', key: 'hook', label: 'Hook', options: options(HOOKS, HOOK_NAME) },
        {
          type: 'flags',
          key: '',
          label: FIELD.chosenForWater,
          options: [{ value: 'bare', title: 'Body only' }],
        },
        { type: 'number', key: 'count', label: 'How many', stepper: STEPPERS.plain(1, 0, 200), text: (v) => String(v) },
        {
          type: 'number',
          key: 'priceMinor',
          label: 'Price each',
          hint: `In ${u.money}`,
          stepper: STEPPERS.plain(50, 0, 100_000),
          text: (v) => moneyText(v, u),
        },
        { type: 'text', key: 'note', label: 'Note', multiline: true },
      ];
    case 'terminal':
      return [
        name,
        { type: 'choice', key: 'part', label: 'What it is', options: options(TERMINAL_PARTS, TERMINAL_NAME) },
        {
          type: 'number',
          key: 'weightKg',
          label: 'Weight',
          hint: FIELD.shank,
          stepper: STEPPERS.weight(u, 0),
          text: (v) => (v > 0 ? say.weight(v, u) : 'none'),
        },
        {
          type: 'choice',
          key: 'hookSize',
          label: FIELD.hookSize,
          options: plainOptions(HOOK_SIZES),
          none: FIELD.noneOrUnknown,
        },
        { type: 'number', key: 'count', label: 'How many', stepper: STEPPERS.plain(1, 0, 200), text: (v) => String(v) },
      ];
    case 'spot':
      return spotFields(name, u, kept.water ?? []);
    case 'piece':
      return pieceFields(name, u, kept);
    case 'rod':
      return [
        name,
        {
          type: 'number',
          key: 'lengthM',
          label: 'Length',
          stepper: STEPPERS.depth(u, 5),
          text: (v) => say.depth(v, u),
        },
        {
          type: 'number',
          key: 'minLureKg',
          label: 'Lightest lure',
          stepper: STEPPERS.weight(u),
          text: (v) => say.weight(v, u),
        },
        {
          type: 'number',
          key: 'maxLureKg',
          label: 'Heaviest lure',
          stepper: STEPPERS.weight(u),
          text: (v) => say.weight(v, u),
        },
        { type: 'choice', key: 'action', label: 'Action', options: plainOptions(ROD_ACTIONS) },
        { type: 'choice', key: 'reelId', label: 'Reel on it', options: [...(kept.reel ?? [])], none: ANY },
        { type: 'choice', key: 'lineId', label: 'Line on it', options: [...(kept.line ?? [])], none: ANY },
      ];
    case 'reel':
      return [
        name,
        {
          type: 'number',
          key: 'ratio',
          label: 'Gear ratio',
          hint: FIELD.gear,
          stepper: STEPPERS.plain(0.1, 2, 10),
          text: (v) => `${v.toFixed(1)} to 1`,
        },
        {
          type: 'number',
          key: 'spoolM',
          label: 'Full spool across',
          stepper: { ...STEPPERS.size(u), step: () => (u.size === 'in' ? 0.125 : 0.2) },
          text: (v) => say.fineSize(v, u),
        },
        {
          type: 'number',
          key: 'arborM',
          label: 'Bare spool across',
          stepper: { ...STEPPERS.size(u), step: () => (u.size === 'in' ? 0.125 : 0.2) },
          text: (v) => say.fineSize(v, u),
        },
        {
          type: 'number',
          key: 'capacityM',
          label: 'Line it holds',
          stepper: { ...STEPPERS.distance(u), max: 500 },
          text: (v) => say.distance(v, u),
        },
      ];
    case 'line':
      return [
        name,
        { type: 'choice', key: 'material', label: 'Material', options: plainOptions(LINE_MATERIALS) },
        {
          type: 'number',
          key: 'strengthLb',
          label: 'Strength',
          stepper: {
            to: (v) => LINE_CLASSES_LB.findIndex((c) => c >= v),
            from: (i) => LINE_CLASSES_LB[Math.max(0, Math.min(LINE_CLASSES_LB.length - 1, Math.round(i)))]!,
            step: () => 1,
            min: 4,
            max: 50,
          },
          text: (v) => say.line(v, u),
        },
      ];
    case 'water':
      return [
        name,
        {
          type: 'choice',
          key: 'setting',
          label: FIELD.kindOfWater,
          options: options(SETTINGS, SETTING_NAME),
        },
        { type: 'choice', key: 'salinity', label: 'Fresh or salt', options: plainOptions(SALINITIES) },
        {
          type: 'number',
          key: 'usual.depthM',
          label: FIELD.usualDepth,
          stepper: STEPPERS.depth(u),
          text: (v) => say.depth(v, u),
        },
        {
          type: 'number',
          key: 'usual.fishDepthM',
          label: 'Fish usually at',
          stepper: STEPPERS.depth(u),
          text: (v) => say.depth(v, u),
        },
        {
          type: 'number',
          key: 'usual.clarityM',
          label: 'Usual clarity',
          hint: FIELD.usualClarity,
          stepper: STEPPERS.clarity(u),
          text: (v) => say.depth(v, u),
        },
        { type: 'choice', key: 'usual.cover.kind', label: 'Usual cover', options: options(COVER_KINDS, COVER_NAME) },
        { type: 'choice', key: 'usual.bottom', label: 'Bottom', options: options(BOTTOMS, BOTTOM_NAME) },
        {
          type: 'choice',
          key: 'usual.access',
          label: 'I usually fish from',
          options: options(ACCESSES, ACCESS_NAME),
          none: 'It varies',
        },
        {
          type: 'number',
          key: 'usual.fetchM',
          label: FIELD.fetch,
          hint: FIELD.fetchNote,
          stepper: STEPPERS.far(u),
          text: (v) => (v > 0 ? say.far(v, u) : 'not said'),
        },
        {
          type: 'choice',
          key: 'station',
          label: FIELD.station,
          options: STATION_IDS.map((id) => ({ value: id, title: `${STATIONS[id].name} (made up)` })),
          none: 'None',
        },
        { type: 'many', key: 'usual.forage', label: FIELD.food, options: options(FORAGES, FORAGE_NAME) },
        {
          type: 'position',
          key: POSITION,
          label: 'Where it is',
          hint: FIELD.positionNote,
        },
        { type: 'text', key: 'note', label: 'Note', multiline: true },
      ];
  }
}

/** A position stands for two stored values. */
export const POSITION = 'latDeg+lonDeg';
export const POSITION_KEYS = ['latDeg', 'lonDeg'] as const;

function spotFields(name: Field, u: UnitPrefs, waters: readonly Option<string>[]): Field[] {
  return [
    name,
    { type: 'choice', key: 'waterId', label: 'On which water', options: [...waters] },
    {
      type: 'flags',
      key: '',
      label: FIELD.comesTogether,
      options: [
        { value: 'bait', title: 'Bait' },
        { value: 'current', title: 'Current' },
        { value: 'structure', title: 'Structure' },
        { value: 'depthChange', title: FIELD.depthChange },
      ],
    },
    {
      type: 'choice',
      key: 'bestTide',
      label: 'Its tide',
      options: [{ value: 'any', title: 'Any' }, ...options(TIDE_STAGES, TIDE_NAME)],
    },
    {
      type: 'choice',
      key: 'bestLight',
      label: 'Its light',
      options: [
        { value: 'any', title: 'Any' },
        { value: 'low', title: 'Low light' },
        { value: 'bright', title: 'Sun on it' },
      ],
    },
    {
      type: 'choice',
      key: 'part',
      label: FIELD.partOfWater,
      options: options(WATER_PARTS, PART_NAME),
      none: 'Not said',
    },
    {
      type: 'number',
      key: 'depthM',
      label: 'Depth there',
      stepper: { ...STEPPERS.depth(u), min: 0 },
      text: (v) => (v > 0 ? say.depth(v, u) : 'not known'),
    },
    { type: 'choice', key: 'bottom', label: 'Bottom', options: options(BOTTOMS, BOTTOM_NAME), none: 'Not known' },
    { type: 'text', key: 'hazards', label: FIELD.minding, hint: FIELD.hazards },
    { type: 'text', key: 'lowWater', label: FIELD.lowWater, multiline: true },
    {
      type: 'position',
      key: POSITION,
      label: 'Where it is',
      hint: FIELD.waysBetween,
    },
    { type: 'text', key: 'note', label: 'Note', multiline: true },
  ];
}

const pieceFields = (name: Field, u: UnitPrefs, kept: Kept): Field[] => [
  name,
  { type: 'choice', key: 'kind', label: 'What it is', options: options(PIECE_KINDS, PIECE_NAME) },
  { type: 'choice', key: 'waterId', label: 'On which water', options: [...(kept.water ?? [])] },
  { type: 'choice', key: 'spotId', label: 'At which spot', options: [...(kept.spot ?? [])], none: FIELD.noSpot },
  { type: 'sketch', key: 'outline', label: SKETCH.title },
  {
    type: 'number',
    key: 'lengthM',
    label: 'How long',
    hint: FIELD.alongPiece,
    stepper: { ...STEPPERS.distance(u), min: PIECE_LENGTH_M[0], max: PIECE_LENGTH_M[1] },
    text: (v) => say.distance(v, u),
  },
  {
    type: 'number',
    key: 'widthM',
    label: 'How wide',
    stepper: { ...STEPPERS.distance(u), min: PIECE_WIDTH_M[0], max: PIECE_WIDTH_M[1] },
    text: (v) => say.distance(v, u),
  },
  {
    type: 'number',
    key: 'depthM',
    label: FIELD.outerDepth,
    stepper: STEPPERS.depth(u),
    text: (v) => say.depth(v, u),
  },
  {
    type: 'number',
    key: 'topM',
    label: FIELD.topDepth,
    stepper: { ...STEPPERS.depth(u), min: 0 },
    text: (v) => say.depth(v, u),
  },
  {
    type: 'number',
    key: 'branchM',
    label: FIELD.branches,
    hint: FIELD.branchesHint,
    stepper: { ...STEPPERS.size(u), min: 0.002, max: 1 },
    text: (v) => say.size(v, u),
    unknown: FIELD.notLooked,
    from: 0.019,
  },
  {
    type: 'flags',
    key: '',
    label: 'Holes in it',
    options: [{ value: 'gaps', title: FIELD.gaps }],
  },
  {
    type: 'choice',
    key: 'flow',
    label: FIELD.currentPast,
    options: options(FLOWS, FLOW_NAME),
  },
  { type: 'text', key: 'note', label: 'Note', multiline: true },
];

export function newDraft(kind: EditableKind, id: string, zone: string, water: WaterPlace | null = null): FormDraft {
  const base = { id, name: '', retiredAtMs: null };
  switch (kind) {
    case 'lure':
      return {
        ...base,
        ...lureDefaults('paddletail'),
        family: 'paddletail',
        colour: 'natural',
        priceMinor: 500,
        count: 1,
        note: '',
        bare: false,
        favourite: false,
        lostAtMs: null,
      };
    case 'terminal':
      return { ...base, part: 'head', weightKg: 0.0071, hookSize: '3/0', count: 5 };
    case 'spot':
      return newSpot({
        id,
        name: '',
        waterId: water?.id ?? '',
        latDeg: water?.latDeg ?? 45,
        lonDeg: water?.lonDeg ?? 0,
      });
    case 'piece':
      return newPiece({
        id,
        name: '',
        waterId: water?.id ?? '',
        kind: 'laydown',
        lengthM: 9,
        widthM: 5,
        depthM: 2,
        topM: 0.5,
      });
    case 'rod':
      return { ...base, lengthM: 2.13, minLureKg: 0.007, maxLureKg: 0.021, action: 'fast', reelId: null, lineId: null };
    case 'reel':
      return { ...base, ratio: 6.2, spoolM: 0.045, arborM: 0.03, capacityM: 140 };
    case 'line':
      return { ...base, material: 'braid', strengthLb: 15 };
    case 'water':
      return {
        ...base,
        setting: 'pond',
        salinity: 'fresh',
        latDeg: 45,
        lonDeg: 0,
        zone,
        usual: {
          depthM: 3,
          fishDepthM: 1.5,
          clarityM: 1,
          cover: { kind: 'none', density: 0 },
          bottom: 'mud',
          forage: [],
          access: null,
          fetchM: null,
        },
        station: null,
        note: '',
      };
  }
}

/** A family's usual weight, length and hook, taken over when the kind is changed. */
export function lureDefaults(family: FamilyId): FormDraft {
  const f = familyById(family);
  return { weightKg: f.weightKg[1], lengthM: f.lengthM[1], hook: f.hook };
}
