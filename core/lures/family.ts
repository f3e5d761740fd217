/** What a lure family brings to a water: everything the ranking, the rig and the simulator need to know of it. */
import type { CadenceStyle } from './styles';
import type { CoverKind } from '../water/terms';

/** All kinds of lure; stored in records, so a name is never changed or used anew. */
export const FAMILIES = [
  'hollow-frog',
  'buzzbait',
  'popper',
  'walking-bait',
  'prop-bait',
  'soft-jerk-weightless',
  'floating-minnow',
  'suspending-jerkbait',
  'sinking-twitchbait',
  'lipless-vibrating',
  'square-bill',
  'deep-crank',
  'bladed-jig',
  'spinnerbait',
  'inline-spinner',
  'swim-jig',
  'paddletail',
  'flipping-jig',
  'texas-rig',
  'finesse-jig',
  'shaky-head',
  'drop-shot',
  'football-jig',
  'carolina-rig',
  'blade-bait',
  'casting-spoon',
  'shrimp-imitation',
  'popping-cork-shrimp',
  'panfish-jig-straight',
  'panfish-jig-action',
  'slender-metal',
  'bucktail-jig',
  'big-swimbait',
  'small-swimbait',
  'ice-lipless',
  'ice-gliding-jig',
  'ice-rattle-spoon',
  'ice-flutter-spoon',
  'ice-slender-spoon',
  'ice-dead-stick',
  'vertical-metal-jig',
  'towed-plug',
  'towed-natural-bait',
] as const;
export type FamilyId = (typeof FAMILIES)[number];

/**
 * Where in the water it works: on top, at a depth it is counted or driven to, along the bottom, hung below a float; or
 * not cast at all: straight down, or towed behind a boat.
 */
export type WorkingMode = 'surface' | 'swim' | 'bottom' | 'float' | 'vertical' | 'tow';

/** How a lure is hooked. */
export const HOOKS = ['weedless', 'single', 'treble'] as const;
export type Hook = (typeof HOOKS)[number];
/** What a lure can be heard or felt by. */
export const NOISES = ['silent', 'rattle', 'thump'] as const;
export type Noise = (typeof NOISES)[number];
/** What is put behind a jig, by what its tail does. */
export const TRAILERS = ['none', 'flat', 'flapping', 'paddle', 'curl'] as const;
export type Trailer = (typeof TRAILERS)[number];
/** Colours by what they do in the water, not by any maker's names. */
export const COLOURS = ['natural', 'dark', 'white', 'craw', 'flash', 'opaque'] as const;
export type Colour = (typeof COLOURS)[number];

/** What a fish may take it for. */
export const PREY_SHAPES = ['deep-fish', 'slender-fish', 'craw', 'shrimp', 'frog', 'insect', 'worm'] as const;
export type PreyShape = (typeof PREY_SHAPES)[number];

/** How it is made: a lead head with a body of plastic and skirt, or one piece of a given density relative to water. */
export type Build = { kind: 'head'; bodyKg: number; bodyGravity: number } | { kind: 'piece'; gravity: number };

/** Ratios of a lure's drag and lift to those of its kind, as the angler's counts have them. */
export interface Counted {
  drag: number;
  lift: number;
}

/** A kind of lure: where and how it works, its physics, what it looks like to a fish. SI; docs/LURES.md. */
export interface Family {
  id: FamilyId;
  mode: WorkingMode;
  /** Made for a hole in the ice. */
  forIce: boolean;
  build: Build;
  /** CdA at the middle weight, m²; grows with weight^(2/3). */
  dragAreaM2: number;
  liftAreaM2: number;
  /** Usual weights, kg: light, middle, heavy (of the head, or of the whole lure). */
  weightKg: readonly [number, number, number];
  lengthM: readonly [number, number, number];
  /** Depths it can be held at while worked, m. */
  depthM: readonly [number, number];
  /** Speeds at which it works, m/s, averaged over a cadence. */
  speedMps: readonly [number, number];
  /** Longest hang that still fishes, s. */
  longestPauseS: number;
  /** How loud and restless it is, 0 (still, silent) – 1. */
  action: number;
  /** Pressure waves felt close by, sound heard from afar, flash seen in sun: each 0–1. */
  thump: number;
  rattle: number;
  flash: number;
  shapes: Partial<Record<PreyShape, number>>;
  hook: Hook;
  /** A weedless version exists that works as well. */
  weedlessToo: boolean;
  /** Its body is soft plastic, which sharp teeth shorten. */
  soft: boolean;
  trailers: boolean;
  /** Put past a single piece of cover with a short cast and hung beside it, not drawn along a long one. */
  hungBeside: boolean;
  /** Sliding weight that may be pegged. */
  sliding: boolean;
  /** Share of the fish in this cover that can be shown it, 0–1 (absent: 0.35). */
  coverReach: Partial<Record<CoverKind, number>>;
  /** Chance per cast of a firm snag at full density (absent: by hook). */
  snag: Partial<Record<CoverKind, number>>;
  /** How well it knocks against this cover or a hard bottom and glances off without hanging, 0–1 (absent: 0). */
  deflects: Partial<Record<CoverKind | 'bottom', number>>;
  /**
   * Logistic comfort with temperature: works above `fromC`, below `toC`, over `softC`; excluded below `neverBelowC`.
   */
  tempC: { from?: number; to?: number; soft: number; neverBelow?: number };
  /** ln-gain per tenfold fall of light below bright day (surface baits like low light; flash dislikes it). */
  lowLight: number;
  /** Wave height at which it stops working, m; null = does not care. */
  chopLimitM: number | null;
  /** Hooked per strike when all is done right. */
  hooking: number;
  /** Bulk, 0 compact – 1 a sail: shortens casts. */
  bulk: number;
  /** An own lure has one colour; a family comes in all. */
  colour: Colour | null;
  /** The weights of it that are at hand, kg; absent: any that is sold. */
  atHandKg?: readonly number[];
  /** Thickness of the line it is thrown on, m; absent: that of the line in use. */
  lineM?: number;
  /** Weight against the family's middle one, for what the tables know of that alone; 1 for a family. */
  weightShare: number;
  /** Drag and lift as counted, against the kind's, for what the tables know of those alone; 1 for a kind. */
  counted: Counted;
  /** Cadence by liveliness of the fish: cold or shut, middle, lively. */
  styles: readonly [CadenceStyle, CadenceStyle, CadenceStyle];
}

/** The part of a row that differs from lure to lure; the rest has defaults. */
type Row = Pick<
  Family,
  | 'id'
  | 'mode'
  | 'build'
  | 'dragAreaM2'
  | 'weightKg'
  | 'lengthM'
  | 'depthM'
  | 'speedMps'
  | 'action'
  | 'shapes'
  | 'hook'
  | 'styles'
> &
  Partial<Family>;

/** prior: judgement, as are all figures of the family tables unless they are physics. */
export function family(row: Row): Family {
  return {
    forIce: false,
    liftAreaM2: 0,
    longestPauseS: 20,
    thump: 0.2,
    rattle: 0,
    flash: 0.2,
    weedlessToo: false,
    soft: false,
    trailers: false,
    hungBeside: false,
    sliding: false,
    coverReach: {},
    snag: {},
    deflects: {},
    tempC: { soft: 2 },
    lowLight: 0,
    chopLimitM: null,
    hooking: row.hook === 'treble' ? 0.72 : row.hook === 'single' ? 0.68 : 0.58,
    bulk: 0.2,
    colour: null,
    weightShare: 1,
    counted: { drag: 1, lift: 1 },
    ...row,
  };
}

/**
 * How much deeper a lip digs than its kind's, as a ratio. Fitted to casts of four lips with 0.7 and 1.4 times the drag
 * or the lift: zone.test.ts.
 */
export const digsDeeper = ({ drag, lift }: Counted): number => lift ** 0.8 * drag ** -0.5;

/** A kind as counts of one lure of it have it: by them it sinks, hangs and dives in all that is reckoned. */
export function asCounted(f: Family, { drag, lift }: Counted): Family {
  if (drag === 1 && lift === 1) return f;
  const counted = { drag: f.counted.drag * drag, lift: f.counted.lift * lift };
  const [shallowest, deepest] = f.depthM;
  const deeper = f.liftAreaM2 > 0 ? digsDeeper({ drag, lift }) : 1;
  return {
    ...f,
    depthM: [shallowest, Math.max(shallowest, deepest * deeper)],
    dragAreaM2: f.dragAreaM2 * drag,
    liftAreaM2: f.liftAreaM2 * lift,
    counted,
  };
}

/** Up to this weight a small soft jig is hung below a float, kg. */
const FLOATED_KG = 0.0055;
/** Whether it can be hung below a float, where the angler chooses so; what comes with one has no other way. */
export const canHangBelowFloat = (f: Family, weightKg: number): boolean =>
  f.mode === 'swim' && f.soft && f.build.kind === 'head' && weightKg <= FLOATED_KG;

/** Square centimetres as m². */
export const cm2 = (v: number): number => v * 1e-4;
/** Three weights in grams as kg. */
export const grams = (lo: number, mid: number, hi: number): readonly [number, number, number] => [
  lo / 1000,
  mid / 1000,
  hi / 1000,
];
/** Three lengths in millimetres as m. */
export const mm = (lo: number, mid: number, hi: number): readonly [number, number, number] => [
  lo / 1000,
  mid / 1000,
  hi / 1000,
];
/** A lead head with a body of so many grams and density relative to water. */
export const head = (bodyG: number, bodyGravity = 1.1): Build => ({ kind: 'head', bodyKg: bodyG / 1000, bodyGravity });
/** One piece of a density relative to water: below 1 floats. */
export const piece = (gravity: number): Build => ({ kind: 'piece', gravity });
