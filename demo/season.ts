/**
 * Waters of an invented moss country, and the days fished on them this season. Times are local (five hours behind
 * Greenwich).
 */
import type { WaterPlace } from '../core/records/water';
import type { Shore } from '../core/records/shore';
import { newSpot, type Spot } from '../core/records/spot';
import type { SpeciesId } from '../core/water/terms';
import type { EnteredReadings } from '../core/schemas/conditions';

const place = { latDeg: 45, lonDeg: -75, zone: 'Etc/GMT+5', note: '', retiredAtMs: null };

export const DEMO_WATERS: readonly WaterPlace[] = [
  {
    ...place,
    id: 'water-lantern',
    name: 'Lantern Kettle',
    setting: 'pond',
    salinity: 'fresh',
    usual: {
      depthM: 3.4,
      fishDepthM: 1.4,
      clarityM: 1.6,
      cover: { kind: 'wood', density: 0.3, branchDiameterM: 0.02 },
      bottom: 'mud',
      forage: ['minnow', 'bluegill'],
      access: 'bank',
      fetchM: 250,
    },
    station: 'kettle-hut',
    note: 'Drowned alders along the north arm; pads in the south bay from June.',
  },
  {
    ...place,
    id: 'water-sedge',
    name: 'Sedge Kettle',
    setting: 'lake',
    salinity: 'fresh',
    usual: {
      depthM: 5,
      fishDepthM: 3,
      clarityM: 1.4,
      cover: { kind: 'brush', density: 0.35, branchDiameterM: 0.03 },
      bottom: 'mud',
      forage: ['minnow'],
      access: 'bow',
      fetchM: 700,
    },
    station: 'kettle-hut',
    note: 'Sunken brush off the old landing holds crappie all year.',
  },
  {
    ...place,
    id: 'water-thrum',
    name: 'Thrum Creek',
    setting: 'tidal-creek',
    salinity: 'brackish',
    usual: {
      depthM: 1.7,
      fishDepthM: 1,
      clarityM: 0.7,
      cover: { kind: 'oyster', density: 0.4 },
      bottom: 'shell',
      forage: ['shrimp-small', 'mullet'],
      access: 'kayak',
      fetchM: 200,
    },
    station: 'arm-light',
    note: 'Scout the shell at dead low. The mouth bar breaks in a south wind.',
  },
  {
    ...place,
    id: 'water-cobble',
    name: 'Cobble Arm',
    setting: 'jetty',
    salinity: 'salt',
    usual: {
      depthM: 4.5,
      fishDepthM: 3,
      clarityM: 1.4,
      cover: { kind: 'rock', density: 0.5 },
      bottom: 'rock',
      forage: ['mullet', 'silverside'],
      access: 'jetty',
      fetchM: 6000,
    },
    station: 'arm-light',
    note: 'Weed on the seaward stones: spikes on, never alone.',
  },
];

/** The bank of Lantern Kettle as it was walked once: north and east of its middle, in thousandths of a degree. */
const BANK: readonly (readonly [number, number])[] = [
  [2.6, 0.9],
  [2.7, 0.2],
  [2.2, -0.3],
  [1.6, -0.9],
  [1.5, -2.2],
  [1.0, -2.9],
  [0.2, -2.6],
  [-0.8, -1.9],
  [-1.6, -1.6],
  [-2.5, -1.4],
  [-3.0, -0.6],
  [-2.6, 0.3],
  [-1.7, 0.8],
  [-0.7, 1.5],
  [-0.2, 2.6],
  [0.4, 3.6],
  [0.9, 3.2],
  [0.9, 2.1],
  [1.2, 1.3],
  [1.9, 1.0],
];
export const DEMO_SHORE: Shore = {
  id: 'shore-lantern',
  waterId: 'water-lantern',
  name: 'The bank',
  points: BANK.map(([north, east]) => ({ latDeg: place.latDeg + north / 1000, lonDeg: place.lonDeg + east / 1000 })),
  closed: true,
  depthM: null,
  retiredAtMs: null,
};

type Features = [bait: boolean, current: boolean, structure: boolean, depthChange: boolean];
/** `north` and `east` of the water's own position, in thousandths of a degree: about a hundred metres each. */
const spot = (
  id: string,
  waterId: string,
  name: string,
  has: Features,
  [north, east]: [number, number],
  note: string,
  known: Partial<Spot> = {},
): Spot => ({
  ...newSpot({ id: `spot-${id}`, waterId, name, latDeg: 45 + north / 1000, lonDeg: -75 + east / 1000 }),
  bait: has[0],
  current: has[1],
  structure: has[2],
  depthChange: has[3],
  note,
  ...known,
});

export const DEMO_SPOTS: readonly Spot[] = [
  spot(
    'alders',
    'water-lantern',
    'North arm alders',
    [true, false, true, true],
    [2.2, 0.4],
    'Outer limbs first, then in.',
    {
      part: 'first-third',
      depthM: 3.2,
      bottom: 'mud',
      pins: [
        { kind: 'limb', name: 'the forked one', latDeg: 45.00234, lonDeg: -74.99972 },
        { kind: 'stump', name: '', latDeg: 45.00206, lonDeg: -74.99941 },
      ],
    },
  ),
  spot(
    'southbay',
    'water-lantern',
    'South bay pads',
    [true, false, true, false],
    [-2.6, -0.6],
    'First and last hour.',
    { bestLight: 'low', part: 'back', depthM: 1.2, bottom: 'mud' },
  ),
  spot(
    'inflow',
    'water-lantern',
    'Sluice inflow',
    [true, true, false, true],
    [0.5, 3.1],
    'After rain, or with the sluice open.',
    { part: 'mouth', depthM: 2.4, bottom: 'gravel', hazards: 'An old grate below the sluice.' },
  ),
  spot(
    'boulders',
    'water-lantern',
    'Three boulders',
    [false, false, true, true],
    [1.1, -2.4],
    'When the sun is on them.',
    {
      bestLight: 'bright',
      part: 'main',
      depthM: 4,
      bottom: 'rock',
      hazards: 'Two more boulders just under the surface.',
    },
  ),
  spot('landing', 'water-sedge', 'Old landing brush', [true, false, true, true], [0.8, 1.2], 'Anchor a long cast off.'),
  spot('sill', 'water-sedge', 'Gravel sill', [false, false, true, true], [-1.9, 0.2], ''),
  spot('elbow', 'water-thrum', 'Shell elbow', [true, true, true, true], [1.5, 0.9], 'Last of the ebb.', {
    bestTide: 'falling',
    part: 'channel-edge',
    depthM: 1.4,
    bottom: 'shell',
    hazards: 'Shell cuts line and waders.',
    lowWater: 'The gap in the bar is two rods wide.',
  }),
  spot(
    'drain',
    'water-thrum',
    'Marsh drain',
    [true, true, false, true],
    [3.2, -0.8],
    'Shrimp come out with the water.',
    { bestTide: 'falling', part: 'back', depthM: 0.8, bottom: 'mud' },
  ),
  spot('mouthbar', 'water-thrum', 'Mouth bar', [true, true, false, true], [-2.4, 1.7], 'Breaks in a south wind.', {
    bestTide: 'rising',
    part: 'mouth',
    depthM: 2,
    bottom: 'sand',
  }),
  spot(
    'grassbank',
    'water-thrum',
    'Flooded grass bank',
    [true, false, true, false],
    [0.4, -2.2],
    'Only with water on it.',
    { bestTide: 'high', part: 'flat', depthM: 0.6, bottom: 'mud' },
  ),
  spot('tip', 'water-cobble', 'Seaward tip', [true, true, true, true], [1, 2.4], 'Not alone, not in a swell.', {
    bestTide: 'rising',
  }),
];

/** One block of fishing: which lure, how many casts. `strikes` fixes what luck would have drawn. */
export interface DemoBlock {
  lure: string;
  casts: number;
  strikes?: number;
}

export interface DemoDay {
  at: string;
  waterId: string;
  species: SpeciesId;
  readings: EnteredReadings;
  blocks: readonly DemoBlock[];
  note: string;
}

const read = (
  tempC: number,
  change: number,
  clarityM: number,
  more: Partial<EnteredReadings> = {},
  water: EnteredReadings['water'] = {},
): EnteredReadings => ({
  water: { surfaceTempC: tempC, tempChange3dC: change, clarityM, waveHeightM: 0.05, ...water },
  sky: { cloud: 0.4, front: 'none' },
  ...more,
});

const pads = { kind: 'pads' as const, density: 0.6 };

export const DEMO_SEASON: readonly DemoDay[] = [
  {
    at: '2026-04-18T13:10',
    waterId: 'water-lantern',
    species: 'largemouth-bass',
    readings: read(11, 1.5, 0.9),
    blocks: [
      { lure: 'alder', casts: 42 },
      { lure: 'drum', casts: 30 },
      { lure: 'pebble', casts: 18 },
    ],
    note: 'First warm afternoon.',
  },
  {
    at: '2026-04-26T12:00',
    waterId: 'water-sedge',
    species: 'crappie',
    readings: read(13, 1, 1.2),
    blocks: [
      { lure: 'thistle', casts: 26 },
      { lure: 'fern', casts: 34 },
    ],
    note: 'Two over ten inches.',
  },
  {
    at: '2026-05-09T15:20',
    waterId: 'water-lantern',
    species: 'largemouth-bass',
    readings: read(17, 1, 1.1),
    blocks: [
      { lure: 'alder', casts: 36 },
      { lure: 'rush', casts: 40 },
      { lure: 'slate', casts: 22 },
    ],
    note: '',
  },
  {
    at: '2026-05-23T06:10',
    waterId: 'water-thrum',
    species: 'spotted-seatrout',
    readings: read(20, 0.5, 0.7, {}, { currentMps: 0.3 }),
    blocks: [
      { lure: 'clack', casts: 38 },
      { lure: 'grass', casts: 24 },
      { lure: 'tail', casts: 26 },
    ],
    note: 'Shrimp flicking along the shell.',
  },
  {
    at: '2026-06-06T05:30',
    waterId: 'water-lantern',
    species: 'largemouth-bass',
    readings: read(21, 0.5, 1.2),
    blocks: [
      { lure: 'chip', casts: 30 },
      { lure: 'moss', casts: 34 },
      { lure: 'rush', casts: 25 },
    ],
    note: '',
  },
  {
    at: '2026-06-20T05:40',
    waterId: 'water-thrum',
    species: 'spotted-seatrout',
    readings: read(24, 0, 0.6, {}, { currentMps: 0.25 }),
    blocks: [
      { lure: 'stick', casts: 28 },
      { lure: 'clack', casts: 40 },
    ],
    note: '',
  },
  {
    at: '2026-07-04T05:20',
    waterId: 'water-lantern',
    species: 'largemouth-bass',
    readings: read(26, 0, 1, {}, { cover: pads, depthM: 1.4, fishDepthM: 0.7 }),
    blocks: [
      { lure: 'frog', casts: 36, strikes: 5 },
      { lure: 'moss', casts: 22 },
    ],
    note: 'Missed the good one on the edge at dawn; it took the same frog an hour later.',
  },
  {
    at: '2026-07-18T10:30',
    waterId: 'water-lantern',
    species: 'largemouth-bass',
    readings: { ...read(28, 1, 1.5), pressure: 'high' },
    blocks: [
      { lure: 'twin', casts: 34, strikes: 0 },
      { lure: 'stick', casts: 28, strikes: 0 },
    ],
    note: 'Blank. Flat calm, hot, three boats before us.',
  },
  {
    at: '2026-08-08T06:00',
    waterId: 'water-thrum',
    species: 'spotted-seatrout',
    readings: read(26, -0.5, 0.7, {}, { currentMps: 0.35 }),
    blocks: [
      { lure: 'tail', casts: 44 },
      { lure: 'dart', casts: 30 },
      { lure: 'clack', casts: 22 },
    ],
    note: '',
  },
  {
    at: '2026-08-29T06:20',
    waterId: 'water-lantern',
    species: 'largemouth-bass',
    readings: read(23.5, -1.2, 1),
    blocks: [
      { lure: 'moss', casts: 38 },
      { lure: 'blade', casts: 36 },
      { lure: 'peat', casts: 20 },
    ],
    note: 'Two cool nights and the whole arm woke up.',
  },
  {
    at: '2026-09-12T07:00',
    waterId: 'water-cobble',
    species: 'spotted-seatrout',
    readings: read(20, 0, 1.4, {}, { currentMps: 0.4, waveHeightM: 0.2 }),
    blocks: [
      { lure: 'nickel', casts: 40 },
      { lure: 'tail', casts: 26 },
    ],
    note: 'Turned back when the swell came over the stones.',
  },
  {
    at: '2026-09-19T09:00',
    waterId: 'water-lantern',
    species: 'largemouth-bass',
    readings: { ...read(17, -3.5, 1.3), sky: { cloud: 0.05, front: 'passed' } },
    blocks: [
      { lure: 'blade', casts: 30, strikes: 0 },
      { lure: 'pebble', casts: 32, strikes: 0 },
      { lure: 'alder', casts: 20, strikes: 0 },
    ],
    note: 'Blank. Front went through in the night, sky like glass.',
  },
  {
    at: '2026-10-01T15:00',
    waterId: 'water-sedge',
    species: 'crappie',
    readings: read(15.5, -0.5, 1.4),
    blocks: [
      { lure: 'fern', casts: 48 },
      { lure: 'thistle', casts: 22 },
    ],
    note: '',
  },
];

/** The day the demo stands on. */
export const DEMO_TODAY = {
  at: '2026-10-08T05:49',
  waterId: 'water-lantern',
  spotId: 'spot-alders',
  species: 'largemouth-bass' as SpeciesId,
  readings: {
    water: {
      surfaceTempC: 12.2,
      tempChange3dC: -1.1,
      waveHeightM: 0.05,
      cover: { kind: 'wood' as const, density: 0.12, branchDiameterM: 0.019 },
    },
    sky: { cloud: 0.6 },
  } satisfies EnteredReadings,
};

/** Local demo time to milliseconds. */
export const demoMs = (local: string): number => Date.parse(`${local}:00-05:00`);
