/** Codes to the plain words of the sport. One table a kind; screens and the command read nothing else. */
import type { Phase, StepKind } from '../core/planning/cadence/cadence';
import type { Colour, Family, FamilyId, Hook, Noise, Trailer } from '../core/lures/family';
import type { TerminalPart } from '../core/lures/terminal';
import type { Factor } from '../core/ranking/score';
import type { Agitation } from '../core/mood/guarding';
import type { CadenceStyle } from '../core/lures/styles';
import type { Mood } from '../core/water/moods';
import type { EventKind } from '../core/records/event';
import type { TipPosition } from '../core/tackle/stand';
import type {
  Abundance,
  Access,
  Behaviour,
  Whereabouts,
  Bottom,
  CoverKind,
  FishingPressure,
  Forage,
  Front,
  Salinity,
  Setting,
  SignKind,
  SpeciesId,
  TideStage,
  WaterPart,
} from '../core/water/terms';

export const FAMILY_NAME: Record<FamilyId, string> = {
  'hollow-frog': 'hollow frog',
  buzzbait: 'buzzing bait',
  popper: 'popper',
  'walking-bait': 'walking bait',
  'prop-bait': 'prop bait',
  'soft-jerk-weightless': 'weightless soft jerk',
  'floating-minnow': 'floating minnow',
  'suspending-jerkbait': 'suspending jerkbait',
  'sinking-twitchbait': 'slow-sinking twitch bait',
  'lipless-vibrating': 'lipless vibrating bait',
  'square-bill': 'square-bill crank',
  'deep-crank': 'deep crank',
  'bladed-jig': 'bladed jig',
  spinnerbait: 'safety-pin spinner',
  'inline-spinner': 'in-line spinner',
  'swim-jig': 'swim jig',
  paddletail: 'paddle-tail swimbait',
  'flipping-jig': 'flipping jig',
  'texas-rig': 'Texas rig',
  'finesse-jig': 'finesse jig',
  'shaky-head': 'shaky-head worm',
  'drop-shot': 'drop shot',
  'football-jig': 'football jig',
  'carolina-rig': 'Carolina rig',
  'blade-bait': 'blade bait',
  'casting-spoon': 'casting spoon',
  'shrimp-imitation': 'soft shrimp',
  'popping-cork-shrimp': 'popping cork and shrimp',
  'panfish-jig-straight': 'straight-tail panfish jig',
  'panfish-jig-action': 'curl-tail panfish jig',
  'slender-metal': 'slender metal',
  'bucktail-jig': 'bucktail jig',
  'big-swimbait': 'big swimbait',
  'small-swimbait': 'small swimbait',
  'ice-lipless': 'ice rattler',
  'ice-gliding-jig': 'gliding jig',
  'ice-rattle-spoon': 'rattle spoon',
  'ice-flutter-spoon': 'flutter spoon',
  'ice-slender-spoon': 'slender ice spoon',
  'ice-dead-stick': 'dead stick',
  'vertical-metal-jig': 'deep metal jig',
  'towed-plug': 'towed plug',
  'towed-natural-bait': 'towed natural bait',
};

/** Where a kind of lure works. */
export const WAY_NAME: Record<Family['mode'], string> = {
  surface: 'on top',
  swim: 'at a depth',
  bottom: 'along the bottom',
  float: 'below a float',
  vertical: 'straight down',
  tow: 'towed',
};

export const SPECIES_NAME: Record<SpeciesId, string> = {
  'largemouth-bass': 'largemouth bass',
  'smallmouth-bass': 'smallmouth bass',
  'spotted-bass': 'spotted bass',
  crappie: 'crappie',
  bluegill: 'bluegill',
  'yellow-perch': 'yellow perch',
  'white-bass': 'white bass',
  walleye: 'walleye',
  snakehead: 'snakehead',
  'brown-trout': 'brown trout',
  'rainbow-trout': 'rainbow trout',
  'lake-trout': 'lake trout',
  'coho-salmon': 'coho salmon',
  'chinook-salmon': 'chinook salmon',
  'spotted-seatrout': 'spotted seatrout',
  'red-drum': 'red drum',
  flounder: 'flounder',
  snook: 'snook',
  'european-sea-bass': 'European sea bass',
  'striped-bass': 'striped bass',
  bluefish: 'bluefish',
  'jack-crevalle': 'jack crevalle',
  'king-mackerel': 'king mackerel',
  'spanish-mackerel': 'Spanish mackerel',
  tarpon: 'tarpon',
  cobia: 'cobia',
};

export const SETTING_NAME: Record<Setting, string> = {
  pond: 'pond',
  lake: 'lake',
  reservoir: 'reservoir',
  river: 'river',
  spillway: 'spillway',
  'tidal-creek': 'tidal creek',
  flat: 'flat',
  inlet: 'inlet',
  'back-bay': 'back bay',
  jetty: 'jetty',
  surf: 'surf',
  ice: 'ice',
};

export const COVER_NAME: Record<CoverKind, string> = {
  none: 'open water',
  pads: 'lily pads',
  'matted-grass': 'matted grass',
  'submerged-grass': 'sunken grass',
  reeds: 'reeds',
  wood: 'wood',
  brush: 'brush',
  dock: 'docks',
  rock: 'rock',
  oyster: 'oyster',
};
export const PART_NAME: Record<WaterPart, string> = {
  mouth: 'the mouth of a creek or arm',
  'first-third': 'the first third of a creek or arm',
  back: 'the back of a creek or arm',
  'channel-edge': 'the edge of a channel',
  flat: 'a flat',
  main: 'the main water',
};

export const BOTTOM_NAME: Record<Bottom, string> = {
  mud: 'mud',
  sand: 'sand',
  gravel: 'gravel',
  shell: 'shell',
  rock: 'rock',
};
export const FRONT_NAME: Record<Front, string> = {
  none: 'no front',
  approaching: 'front coming',
  passed: 'front just passed',
};
export const ACCESS_NAME: Record<Access, string> = {
  bow: 'boat, bow',
  stern: 'boat, stern',
  kayak: 'kayak',
  bank: 'bank',
  dock: 'dock',
  wade: 'wading',
  jetty: 'jetty',
  surf: 'surf beach',
  ice: 'ice',
};
export const FORAGE_NAME: Record<Forage, string> = {
  shad: 'shad',
  bluegill: 'bluegill',
  crawfish: 'crawfish',
  minnow: 'minnows',
  perch: 'perch',
  'shrimp-small': 'small shrimp',
  'shrimp-large': 'large shrimp',
  mullet: 'mullet',
  menhaden: 'menhaden',
  'sand-eel': 'sand eels',
  silverside: 'silversides',
  frog: 'frogs',
  insect: 'insects',
  worm: 'worms',
};
export const ABUNDANCE_NAME: Record<Abundance, string> = { scarce: 'scarce', normal: 'as usual', thick: 'thick' };
export const BEHAVIOUR_NAME: Record<Behaviour, string> = {
  feeding: 'feeding',
  guarding: 'guarding beds',
  'surface-schooling': 'schooling on top',
};
export const WHEREABOUTS_NAME: Record<Whereabouts, string> = {
  searching: 'searching for them',
  located: 'know the place',
  seen: 'see them',
};
export const PRESSURE_NAME: Record<FishingPressure, string> = { low: 'hardly', normal: 'as most', high: 'hard' };
export const SALINITY_NAME: Record<Salinity, string> = { fresh: 'fresh', brackish: 'brackish', salt: 'salt' };
export const TIDE_NAME: Record<TideStage, string> = {
  low: 'low, slack',
  rising: 'rising',
  high: 'high, slack',
  falling: 'falling',
};
export const AGITATION_NAME: Record<Agitation, string> = {
  calm: 'calm',
  uneasy: 'uneasy',
  angry: 'angry',
  'at-the-peak': 'at the peak',
};
export const MOOD_NAME: Record<Mood, string> = {
  shut: 'shut',
  reluctant: 'reluctant',
  neutral: 'neutral',
  willing: 'willing',
  aggressive: 'aggressive',
};

export const SIGN_NAME: Record<SignKind, string> = {
  'empty-cast': 'empty casts',
  follow: 'follow, no bite',
  'short-strike': 'short strike',
  'chase-miss': 'chased and missed',
  'bite-on-splash': 'bite on the splash',
  'bite-on-fall': 'bite on the fall',
  'bite-on-pause': 'bite on the hang',
  'bite-on-move': 'bite on the move',
  'bite-on-deflection': 'bite off a knock',
  'marks-ignore-lure': 'marks ignore it',
  'marks-rise': 'marks rise to it',
  'school-fires': 'whole school fires',
  nudge: 'nudged it away',
  flare: 'gills flared',
  'quick-turns': 'quick turns',
  'hit-at-once': 'hit at once',
};

export const COLOUR_NAME: Record<Colour, string> = {
  natural: 'natural',
  dark: 'dark',
  white: 'white',
  craw: 'craw brown',
  flash: 'flashy',
  opaque: 'opaque',
};
export const TRAILER_NAME: Record<Trailer, string> = {
  none: 'no trailer',
  flat: 'flat trailer',
  flapping: 'flapping trailer',
  paddle: 'paddle tail',
  curl: 'curl tail',
};
export const HOOK_NAME: Record<Hook, string> = {
  weedless: 'weedless hook',
  single: 'single hook',
  treble: 'treble hooks',
};
export const NOISE_NAME: Record<Noise, string> = { silent: 'silent', rattle: 'rattling', thump: 'thumping' };
export const TIP_NAME: Record<TipPosition, string> = { down: 'down', level: 'level', up: 'up' };

export const FACTOR_NAME: Record<Factor, string> = {
  zone: 'time at depth',
  noticed: 'being noticed',
  appetite: 'their appetite',
  travel: 'distance to the fish',
  speed: 'speed',
  pause: 'hang time',
  noise: 'noise and action',
  food: 'looks like food',
  size: 'size',
  colour: 'colour',
  warmth: 'water warmth',
  light: 'light',
  chop: 'chop',
  distance: 'the cast',
  wind: 'feel in the wind',
  hold: 'keeping its depth',
  fall: 'the fall',
  splash: 'the splash',
  bog: 'soft ground',
  belongs: 'what is thrown here',
  cover: 'reaching the cover',
  passing: 'passing the pieces',
  deflection: 'glancing off',
  hooked: 'hooking up',
  snags: 'snags',
  passes: 'passes an hour',
  anger: 'what their anger wants',
  stays: 'staying on the bed',
  called: 'calling fish in',
  log: 'your log',
};

export const TERMINAL_NAME: Record<TerminalPart, string> = {
  head: 'jig head',
  sinker: 'sinker',
  hook: 'hook',
};
export const STYLE_NAME: Record<CadenceStyle, string> = {
  steady: 'steady turn',
  bump: 'steady with a bump',
  'stop-and-go': 'stop and go',
  'twitch-pause': 'twitch and hang',
  nudge: 'three small twitches and hang',
  'pop-rest': 'pop and rest',
  walk: 'walk',
  'yo-yo': 'lift and fall',
  hop: 'hop',
  drag: 'drag',
  shake: 'shake in place',
  'dead-stick': 'leave it lie',
  'burn-kill': 'burn and kill',
};
export const STEP_NAME: Record<StepKind, string> = {
  turn: 'turn',
  twitch: 'twitch',
  pop: 'pop',
  snap: 'snap',
  lift: 'lift',
  drop: 'let fall',
  sweep: 'sweep',
  hop: 'hop',
  shake: 'shake',
  drag: 'drag',
  pause: 'hang',
  burn: 'burn',
};
export const PHASE_NAME: Record<Phase, string> = {
  splash: 'splash',
  fall: 'fall',
  pause: 'hang',
  move: 'move',
  deflection: 'knock',
  boat: 'at your feet',
};

/** Below a bar. */
export const PHASE_SHORT: Record<Phase, string> = {
  splash: 'splash',
  fall: 'fall',
  pause: 'hang',
  move: 'move',
  deflection: 'knock',
  boat: 'feet',
};

export const EVENT_NAME: Record<EventKind, string> = {
  follow: 'Follow',
  bump: 'Bump',
  missed: 'Missed',
  lost: 'Lost',
  landed: 'Landed',
  snag: 'Snag',
  'lure-lost': 'Lure gone',
};

/** “1 lure”, “21 lures”. */
export const luresText = (n: number): string => `${n} lure${n === 1 ? '' : 's'}`;

export const capital = (s: string): string => s.charAt(0).toUpperCase() + s.slice(1);
/** "a, b and c". */
export const list = (words: readonly string[]): string =>
  words.length < 2 ? (words[0] ?? '') : `${words.slice(0, -1).join(', ')} and ${words[words.length - 1]}`;
