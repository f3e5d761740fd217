/** The words of the water: what a species, a setting, a cover, a sign can be. SI; angles in degrees. */
export const SPECIES = [
  'largemouth-bass',
  'smallmouth-bass',
  'spotted-bass',
  'crappie',
  'bluegill',
  'yellow-perch',
  'white-bass',
  'walleye',
  'snakehead',
  'brown-trout',
  'rainbow-trout',
  'lake-trout',
  'coho-salmon',
  'chinook-salmon',
  'spotted-seatrout',
  'red-drum',
  'flounder',
  'snook',
  'european-sea-bass',
  'striped-bass',
  'bluefish',
  'jack-crevalle',
  'king-mackerel',
  'spanish-mackerel',
  'tarpon',
  'cobia',
] as const;
export type SpeciesId = (typeof SPECIES)[number];

/** Kinds of water. */
export const SETTINGS = [
  'pond',
  'lake',
  'reservoir',
  'river',
  'spillway',
  'tidal-creek',
  'flat',
  'inlet',
  'back-bay',
  'jetty',
  'surf',
  'ice',
] as const;
export type Setting = (typeof SETTINGS)[number];

/** What fish hide in. */
export const COVER_KINDS = [
  'none',
  'pads',
  'matted-grass',
  'submerged-grass',
  'reeds',
  'wood',
  'brush',
  'dock',
  'rock',
  'oyster',
] as const;
export type CoverKind = (typeof COVER_KINDS)[number];

/** What the bottom is made of. */
export const BOTTOMS = ['mud', 'sand', 'gravel', 'shell', 'rock'] as const;
export type Bottom = (typeof BOTTOMS)[number];

/** A cold front, as the sky shows it. */
export const FRONTS = ['none', 'approaching', 'passed'] as const;
export type Front = (typeof FRONTS)[number];

/** How much a water is fished. */
export const FISHING_PRESSURES = ['low', 'normal', 'high'] as const;
export type FishingPressure = (typeof FISHING_PRESSURES)[number];

/** Where the angler stands. */
export const ACCESSES = ['bow', 'stern', 'kayak', 'bank', 'dock', 'wade', 'jetty', 'surf', 'ice'] as const;
export type Access = (typeof ACCESSES)[number];

/** What the fish are about. */
export const BEHAVIOURS = ['feeding', 'guarding', 'surface-schooling'] as const;
export type Behaviour = (typeof BEHAVIOURS)[number];

/** What is known of where they are: nothing yet, this place, or fish in sight. */
export const WHEREABOUTS = ['searching', 'located', 'seen'] as const;
export type Whereabouts = (typeof WHEREABOUTS)[number];

/** What fish eat. */
export const FORAGES = [
  'shad',
  'bluegill',
  'crawfish',
  'minnow',
  'perch',
  'shrimp-small',
  'shrimp-large',
  'mullet',
  'menhaden',
  'sand-eel',
  'silverside',
  'frog',
  'insect',
  'worm',
] as const;
export type Forage = (typeof FORAGES)[number];

/** How much of it there is. */
export const ABUNDANCES = ['scarce', 'normal', 'thick'] as const;
export type Abundance = (typeof ABUNDANCES)[number];

/** Fresh, brackish or salt. */
export const SALINITIES = ['fresh', 'brackish', 'salt'] as const;
export type Salinity = (typeof SALINITIES)[number];

/** The stage of the tide. */
export const TIDE_STAGES = ['low', 'rising', 'high', 'falling'] as const;
export type TideStage = (typeof TIDE_STAGES)[number];

/** Parts of a water that fish move between with the seasons. */
export const WATER_PARTS = ['mouth', 'first-third', 'back', 'channel-edge', 'flat', 'main'] as const;
export type WaterPart = (typeof WATER_PARTS)[number];

/** The light in which a spot is known to fish. */
export const SPOT_LIGHTS = ['any', 'low', 'bright'] as const;
export type SpotLight = (typeof SPOT_LIGHTS)[number];

/** What is pinned at a spot by itself: a single thing that holds a fish or a lure. */
export const PIN_KINDS = ['limb', 'stump', 'rock', 'snag', 'hole', 'bed', 'mark'] as const;
export type PinKind = (typeof PIN_KINDS)[number];

/** What fish can be seen to do; see mood/signs.ts for what each says. */
export const SIGN_KINDS = [
  'empty-cast',
  'follow',
  'short-strike',
  'chase-miss',
  'bite-on-splash',
  'bite-on-fall',
  'bite-on-pause',
  'bite-on-move',
  'bite-on-deflection',
  'marks-ignore-lure',
  'marks-rise',
  'school-fires',
  'nudge',
  'flare',
  'quick-turns',
  'hit-at-once',
] as const;
export type SignKind = (typeof SIGN_KINDS)[number];

/** Something fish were seen to do. */
export interface Sign {
  kind: SignKind;
  count: number;
  /** How long ago it was seen, minutes; 0 when absent. */
  minutesAgo?: number;
  /** For empty casts: the share of each cast that was really in the fish's band, 0–1; 0.5 when absent. */
  zoneShare?: number;
  /** Kind of lure that it answered, where known: fish on their beds have it in for one and not for another. */
  lure?: string;
}

/** What the fish hide in: thickness of its branches and depth of its top, m. */
export interface Cover {
  kind: CoverKind;
  /** 0 (open) – 1 (solid). */
  density?: number | null;
  branchDiameterM?: number | null;
  topDepthM?: number | null;
}

/** Marks on a screen: how many at a depth, m. */
export interface Mark {
  depthM: number;
  count: number;
}
