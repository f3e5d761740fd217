/** A modest box of invented lures, and the rods, reels and lines that throw them. */
import type { Lure } from '../core/records/lure';
import type { Terminal } from '../core/records/terminal';
import type { Rod } from '../core/records/rod';
import type { Reel } from '../core/records/reel';
import type { Line } from '../core/records/line';

const lure = (
  id: string,
  name: string,
  family: Lure['family'],
  grams: number,
  mm: number,
  colour: Lure['colour'],
  hook: Lure['hook'],
  price: number,
  count = 1,
): Lure => ({
  id: `lure-${id}`,
  name,
  family,
  weightKg: grams / 1000,
  lengthM: mm / 1000,
  colour,
  hook,
  bare: false,
  priceMinor: price,
  count,
  note: '',
  favourite: false,
  retiredAtMs: null,
  lostAtMs: null,
});

export const DEMO_LURES: readonly Lure[] = [
  lure('alder', 'Alder minnow', 'suspending-jerkbait', 11, 100, 'natural', 'treble', 1190),
  lure('frog', 'Bog hopper', 'hollow-frog', 14, 60, 'dark', 'weedless', 890),
  lure('chip', 'Chip popper', 'popper', 9, 65, 'white', 'treble', 950),
  lure('stick', 'Long stick', 'walking-bait', 13, 100, 'natural', 'treble', 1050),
  lure('slate', 'Slate crank', 'square-bill', 12, 60, 'craw', 'treble', 790, 2),
  lure('ledge', 'Ledge digger', 'deep-crank', 17, 70, 'white', 'treble', 990),
  lure('drum', 'Hollow drum', 'lipless-vibrating', 14, 65, 'craw', 'treble', 720, 2),
  lure('twin', 'Twin leaf', 'spinnerbait', 10.6, 90, 'white', 'single', 640),
  lure('blade', 'Humming skirt', 'bladed-jig', 10.6, 95, 'opaque', 'single', 690, 2),
  lure('moss', 'Moss skirt', 'swim-jig', 10.6, 100, 'natural', 'weedless', 420, 3),
  lure('tail', 'Rill tail', 'paddletail', 7, 90, 'white', 'single', 210, 8),
  lure('peat', 'Peat jig', 'flipping-jig', 10.6, 100, 'dark', 'weedless', 390, 4),
  lure('rush', 'Rush worm', 'texas-rig', 7, 115, 'dark', 'weedless', 160, 12),
  lure('pebble', 'Pebble jig', 'finesse-jig', 5.3, 70, 'craw', 'single', 330, 4),
  lure('nickel', 'Nickel leaf', 'casting-spoon', 14, 65, 'flash', 'single', 450, 3),
  lure('tin', 'Tin wing', 'blade-bait', 11, 50, 'flash', 'treble', 560, 2),
  lure('thistle', 'Thistle', 'panfish-jig-straight', 1.8, 38, 'white', 'single', 90, 15),
  lure('fern', 'Fern curl', 'panfish-jig-action', 1.8, 42, 'natural', 'single', 95, 15),
  lure('grass', 'Glass shrimp', 'shrimp-imitation', 7, 75, 'natural', 'single', 240, 6),
  lure('clack', 'Clack cork', 'popping-cork-shrimp', 3.5, 75, 'natural', 'single', 780, 2),
  lure('dart', 'Reed dart', 'sinking-twitchbait', 16, 85, 'flash', 'treble', 1080),
];

const piece = (
  id: string,
  name: string,
  part: Terminal['part'],
  grams: number,
  hookSize: Terminal['hookSize'],
  count: number,
): Terminal => ({ id: `part-${id}`, name, part, weightKg: grams / 1000, hookSize, count, retiredAtMs: null });

export const DEMO_TERMINAL: readonly Terminal[] = [
  piece('head-small', 'Round head, small', 'head', 3.5, '1/0', 10),
  piece('head-middle', 'Round head, middle', 'head', 7.1, '3/0', 12),
  piece('head-large', 'Round head, large', 'head', 10.6, '3/0', 6),
  piece('slider', 'Bullet', 'sinker', 7.1, null, 8),
  piece('worm-hook', 'Worm hook', 'hook', 0, '3/0', 20),
  piece('belly-hook', 'Hook with a belly weight', 'hook', 3.5, '4/0', 5),
];

export const DEMO_RODS: readonly Rod[] = [
  {
    id: 'rod-middle',
    name: 'Seven-foot middle',
    lengthM: 2.13,
    minLureKg: 0.007,
    maxLureKg: 0.021,
    action: 'fast',
    reelId: 'reel-fixed',
    lineId: 'line-nylon10',
    retiredAtMs: null,
  },
  {
    id: 'rod-light',
    name: 'Whip',
    lengthM: 1.83,
    minLureKg: 0.0009,
    maxLureKg: 0.007,
    action: 'moderate',
    reelId: 'reel-small',
    lineId: 'line-nylon6',
    retiredAtMs: null,
  },
  {
    id: 'rod-heavy',
    name: 'Brush rod',
    lengthM: 2.21,
    minLureKg: 0.01,
    maxLureKg: 0.032,
    action: 'fast',
    reelId: 'reel-turning',
    lineId: 'line-braid40',
    retiredAtMs: null,
  },
];

export const DEMO_REELS: readonly Reel[] = [
  {
    id: 'reel-fixed',
    name: 'Fixed spool, 6.2 to 1',
    ratio: 6.2,
    spoolM: 0.045,
    arborM: 0.03,
    capacityM: 140,
    retiredAtMs: null,
  },
  {
    id: 'reel-small',
    name: 'Small fixed spool, 5.2 to 1',
    ratio: 5.2,
    spoolM: 0.038,
    arborM: 0.025,
    capacityM: 110,
    retiredAtMs: null,
  },
  {
    id: 'reel-turning',
    name: 'Turning spool, 7.1 to 1',
    ratio: 7.1,
    spoolM: 0.034,
    arborM: 0.02,
    capacityM: 110,
    retiredAtMs: null,
  },
];

export const DEMO_LINES: readonly Line[] = [
  { id: 'line-nylon10', name: 'Nylon 10', material: 'nylon', strengthLb: 10, retiredAtMs: null },
  { id: 'line-fluoro10', name: 'Fluorocarbon 10', material: 'fluorocarbon', strengthLb: 10, retiredAtMs: null },
  { id: 'line-braid15', name: 'Braid 15', material: 'braid', strengthLb: 15, retiredAtMs: null },
  { id: 'line-nylon6', name: 'Nylon 6', material: 'nylon', strengthLb: 6, retiredAtMs: null },
  { id: 'line-braid40', name: 'Braid 40', material: 'braid', strengthLb: 40, retiredAtMs: null },
];
