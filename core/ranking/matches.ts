/**
 * P(taken): an average over moods of a product of matches. The contribution of each match is the ln-ratio of the
 * average with and without it, in a fixed order, so that all contributions add up. Gains are prior: judgement.
 */
import { bell, clamp, lerp, logistic } from '../base/numbers';
import { STRIKES_PER_ZONE_CAST } from '../mood/signs';
import { overMoods } from '../mood/states';
import { hangLimitS } from '../holdtable/zone';
import { chaseMps, type ReadContext } from './context';
import { belonging } from '../lures/belongs';
import { COLOURS, type Colour, type Family, type PreyShape } from '../lures/family';
import { chooseColour, chooseSizeM, colourWishes, favouriteSizeM } from './rig';
import { LEAST, type Contribution, type Factor } from './score';
import type { PerMood } from '../water/moods';
import type { Forage } from '../water/terms';

/** The shape of lure that passes for each food. */
export const SHAPE_OF_FORAGE: Record<Forage, PreyShape> = {
  shad: 'deep-fish',
  bluegill: 'deep-fish',
  perch: 'deep-fish',
  menhaden: 'deep-fish',
  minnow: 'slender-fish',
  mullet: 'slender-fish',
  'sand-eel': 'slender-fish',
  silverside: 'slender-fish',
  crawfish: 'craw',
  'shrimp-small': 'shrimp',
  'shrimp-large': 'shrimp',
  frog: 'frog',
  insect: 'insect',
  worm: 'worm',
};

/** One match: its value for mood m. */
export interface Match {
  factor: Factor;
  of: (m: number) => number;
  facts: Contribution['facts'];
}

/** What suits their taste, where the gains are judgement alone. */
const TASTES: ReadonlySet<Factor> = new Set(['noise', 'food', 'size', 'colour', 'warmth', 'light', 'chop']);
/**
 * So much of such a difference is believed: against truths drawn around what experts say the differences between lures
 * were too sharp. prior: judgement.
 */
const BELIEVED = 0.9;

/** The contributions of matches, in their order; matters of taste shrunk to what of them is believed. */
export function contributionsOf(all: readonly Match[], c: ReadContext): Contribution[] {
  const product = [...c.mood] as number[];
  let before = 1;
  return all.map(({ factor, of, facts }) => {
    for (let m = 0; m < product.length; m++) product[m]! *= of(m);
    const after = Math.max(
      product.reduce((s, v) => s + v, 0),
      LEAST,
    );
    const ln = (TASTES.has(factor) ? BELIEVED : 1) * Math.log(after / before);
    before = after;
    return { factor, ln, facts };
  });
}

/**
 * What fish of this mood take, against neutral ones: the mood's own strike rates. The same for every lure: what each
 * mood likes (below) was judged on days of that mood, by what was taken, and has this in it already.
 */
export function appetiteOf(c: ReadContext): Match {
  const times = overMoods(c.mood, (m) => STRIKES_PER_ZONE_CAST[m]!) / STRIKES_PER_ZONE_CAST[2];
  return { factor: 'appetite', of: () => times, facts: { mood: overMoods(c.mood, (m) => m), times } };
}

/** Restlessness each mood likes best, 0–1. */
const WANTED_ACTION: PerMood = [0.05, 0.22, 0.45, 0.65, 0.85];
/** How far the water moves that wish, by mood. */
const SHIFT_SHARE = { shut: 0.25, perMood: 0.19 } as const;
/** How far off a loudness may be: in passing, and to fish that may look at it for as long as they please. */
const ACTION_WIDTH = { passing: 0.38, looking: 0.33 } as const;
/**
 * What is left to a lure of quite the wrong noise: in passing, and to fish that may look at it for as long as they
 * please.
 */
export const NOISE_FLOOR = { passing: 0.3, looking: 0.12 } as const;

/**
 * What full fish take, and those that ignore all else: something that hardly moves, or a din through their faces.
 * prior: judgement.
 */
function extremeAction(action: number, school: ReadContext['extreme']['way']): number {
  const quiet = school === 'fast' ? 0 : bell(action, 0.1, 0.25);
  const loud = school === 'slow' ? 0 : 0.9 * bell(action, 0.85, 0.3);
  return Math.max(quiet, loud);
}

/** How well a loudness suits, 0–1. */
export function noiseMatch(f: Family, c: ReadContext, way: keyof typeof NOISE_FLOOR): Match {
  const floor = NOISE_FLOOR[way];
  const wanted = (m: number): number =>
    clamp(WANTED_ACTION[m]! + c.noiseShift * (SHIFT_SHARE.shut + SHIFT_SHARE.perMood * m), 0, 1);
  const { chance, way: extreme } = c.extreme;
  const full = chance === 0 ? 0 : extremeAction(f.action, extreme);
  return {
    factor: 'noise',
    of: (m) => floor + (1 - floor) * lerp(bell(f.action, wanted(m), ACTION_WIDTH[way]), full, chance),
    facts: {
      action: f.action,
      wanted: clamp(overMoods(c.mood, (m) => WANTED_ACTION[m]!) + c.noiseShift, 0, 1),
      clarityM: c.r.clarityM,
    },
  };
}

/** Too fast to be caught costs more than too slow to provoke; a share of what they run down suits best. */
const WANTED_SHARE = 0.6;
/** Slower than this is standing still, m/s. */
const STILL_MPS = 0.005;
function speedMatch(speed: number, chase: number): number {
  const x = Math.log(Math.max(speed, STILL_MPS) / (WANTED_SHARE * chase));
  return x > 0 ? bell(x, 0, 0.75) : bell(x, 0, 1.35);
}

/**
 * What full fish take: a crawl among them, or something through their faces before they can think. The middle fails.
 * prior: judgement.
 */
function extremeMatch(speed: number, chase: number, school: ReadContext['extreme']['way']): number {
  const slow = school === 'fast' ? 0 : bell(Math.log(speed / (0.2 * chase)), 0, 0.45);
  const fast = school === 'slow' ? 0 : 0.9 * bell(Math.log(speed / (1.7 * chase)), 0, 0.4);
  return Math.max(slow, fast, 0.15);
}

/**
 * How well fish of a mood like this speed, 0–1. What hangs between its moves is caught by its average speed and
 * provokes by the one it moves at: between the two it suits.
 */
export function likedSpeed(speed: number, c: ReadContext, m: number, movingMps = speed): number {
  const chase = chaseMps(c, m);
  const hungry = speedMatch(clamp(WANTED_SHARE * chase, speed, Math.max(speed, movingMps)), chase);
  const { chance, way } = c.extreme;
  return chance === 0 ? hungry : lerp(hungry, extremeMatch(speed, chase, way), chance);
}

/** How well a pace, m/s, suits what fish of the mood run down. */
export const speedOf = (speed: number, c: ReadContext, movingMps = speed): Match => ({
  factor: 'speed',
  of: (m) => likedSpeed(speed, c, m, movingMps),
  facts: { speedMps: speed, chaseMps: overMoods(c.mood, (m) => chaseMps(c, m)) },
});

const travelMatch = (gap: number, reachM: number): number => Math.exp((-gap / reachM) * Math.sqrt(gap / reachM));
/** Share of its usual way that a full fish goes for a lure. prior: judgement. */
const FULL_REACH = 0.4;

/** Share of the fish of a mood that go this far for it. */
export function travelledShare(gap: number, c: ReadContext, m: number): number {
  if (gap === 0) return 1;
  const hungry = travelMatch(gap, c.reachM(m));
  const { chance } = c.extreme;
  return chance === 0 ? hungry : lerp(hungry, travelMatch(gap, FULL_REACH * c.reachM(m)), chance);
}

/** Share of the fish that come so far up or down. */
export const travelOf = (gap: number, c: ReadContext): Match => ({
  factor: 'travel',
  of: (m) => travelledShare(gap, c, m),
  facts: { gapM: gap, reachM: overMoods(c.mood, c.reachM) },
});

/** How well a hang, s, suits fish that want one of another length: a longer one costs nothing. */
export const pauseMatch = (hangS: number, wantedS: number): number =>
  hangS >= wantedS ? 1 : 0.45 + 0.55 * Math.exp(-(wantedS - hangS) / 5);

/** The hang that fish of a mood want, s: the cold wait longer. */
export const wantedHangS = (c: ReadContext, m: number): number => c.p.wantedPauseS[m]! * (1.4 - 0.4 * c.comfort);

/** How well the longest hang suits the wanted one. */
export function pauseOf(f: Family, c: ReadContext): Match {
  const hangS = hangLimitS(f, c.r.fishBandM);
  return {
    factor: 'pause',
    of: (m) => pauseMatch(hangS, wantedHangS(c, m)),
    facts: { longestS: hangS, wantedS: overMoods(c.mood, (m) => c.p.wantedPauseS[m]!) },
  };
}

/** One fish passes for another, a deep one for a slender one, this well. prior: judgement. */
const ALIKE = 0.6;
const passesFor = (f: Family, shape: PreyShape): number => {
  const other = shape === 'deep-fish' ? 'slender-fish' : shape === 'slender-fish' ? 'deep-fish' : null;
  return Math.max(f.shapes[shape] ?? 0, other ? ALIKE * (f.shapes[other] ?? 0) : 0);
};

/** How well the shape suits what they eat. */
export function foodOf(f: Family, c: ReadContext): Match {
  let best = 0;
  let forage: string = c.r.forage[0] ?? 'none';
  for (const x of c.r.forage) {
    const v = passesFor(f, SHAPE_OF_FORAGE[x]);
    if (v > best) {
      best = v;
      forage = x;
    }
  }
  const habit = Math.max(0, ...c.p.forage.map((x) => passesFor(f, SHAPE_OF_FORAGE[x])));
  const weight = c.r.forageAbundance === 'thick' ? 0.65 : c.r.forageAbundance === 'scarce' ? 0.35 : 0.5;
  const value = 0.06 + 0.94 * (weight * best + (1 - weight) * 0.8 * habit);
  return { factor: 'food', of: () => value, facts: { forage, match: best } };
}

/** A frog is as much of a mouthful as a fish of this many times its length. prior: judgement. */
const FROG_GIRTH = 1.35;
const girth = (f: Family): number => ((f.shapes.frog ?? 0) > 0.9 ? FROG_GIRTH : 1);

/** How well the length suits the mouth and the mouthful. */
export function sizeOf(f: Family, c: ReadContext): Match {
  const sizeM = chooseSizeM(f, c.r, c.p, c.schools);
  const bestM = favouriteSizeM(c.r, c.p, c.schools);
  const misfit = Math.log((sizeM * girth(f)) / bestM);
  const value = bell(misfit, 0, misfit > 0 ? 0.4 : 0.42);
  return { factor: 'size', of: () => value, facts: { sizeM, bestM } };
}

/**
 * A colour that is near what is wanted, and one that is not. prior: judgement: colour decides less than depth and
 * speed.
 */
const COLOUR_WORTH = { same: 1, near: 0.95, other: 0.86 } as const;
const NEAR: Record<Colour, readonly Colour[]> = {
  natural: ['opaque', 'flash', 'craw'],
  opaque: ['natural', 'white'],
  white: ['flash', 'opaque'],
  flash: ['white', 'natural'],
  dark: ['craw'],
  craw: ['dark', 'natural'],
};

type Nearness = keyof typeof COLOUR_WORTH;
const nearness = (has: Colour, wanted: Colour): Nearness =>
  has === wanted ? 'same' : NEAR[wanted].includes(has) ? 'near' : 'other';

/** Only an own lure has one colour; a family comes in all of them. */
export function colourOf(f: Family, c: ReadContext): Match {
  const wanted = chooseColour(f, c.r);
  const { colour } = f;
  const counts = colour !== null && c.schools.colour !== 'one';
  const wishes = counts ? colourWishes(f, c.r) : null;
  const value = wishes ? COLOURS.reduce((s, x) => s + wishes[x] * COLOUR_WORTH[nearness(colour!, x)], 0) : 1;
  return {
    factor: 'colour',
    of: () => value,
    facts: {
      has: colour ?? wanted,
      wanted,
      nearness: counts ? nearness(colour, wanted) : 'same',
      school: c.schools.colour,
    },
  };
}

/** How well it works at this temperature. */
export function warmthOf(f: Family, c: ReadContext): Match {
  const t = c.r.surfaceTempC;
  const warmth =
    (f.tempC.from === undefined ? 1 : logistic(t, f.tempC.from, f.tempC.soft)) *
    (f.tempC.to === undefined ? 1 : 0.3 + 0.7 * (1 - logistic(t, f.tempC.to, f.tempC.soft)));
  return {
    factor: 'warmth',
    of: () => 0.02 + 0.98 * warmth,
    facts: { tempC: t, fromC: f.tempC.from ?? -99, toC: f.tempC.to ?? 99 },
  };
}

/** What a school that only fishes the top at low light leaves of it in the sun or in chop. prior: judgement. */
const FROWNED_ON = 0.35;
const LOW_LUX = 5000;
const CALM_M = 0.12;

/** What low light or sun do for it. */
export function lightOf(f: Family, c: ReadContext): Match {
  const onTop = f.mode === 'surface';
  // A school at the top is there in any light.
  const drawn = onTop && c.r.behaviour === 'surface-schooling';
  const weighed = drawn ? 1 : Math.exp((f.lowLight + (f.flash > 0.8 ? -0.03 : 0)) * (c.decadesBelowDay - 0.6));
  const school = c.schools.topwater;
  const lowAndCalm =
    logistic(Math.log10(Math.max(c.holding.lux, 1e-3)), Math.log10(LOW_LUX), -0.15) *
    logistic(c.r.waveHeightM, CALM_M, -0.02);
  const value =
    !onTop || school === 'weighed'
      ? weighed
      : school === 'any-time'
        ? Math.max(1, weighed)
        : weighed * lerp(FROWNED_ON, 1, lowAndCalm);
  return {
    factor: 'light',
    of: () => value,
    facts: { lux: c.holding.lux, gain: f.lowLight, school: onTop ? school : 'weighed' },
  };
}

/** Whether it is what is thrown for this fish. */
export function belongsOf(f: Family, c: ReadContext): Match {
  const value = belonging(f.id, c.p.id, c.r.cover);
  return { factor: 'belongs', of: () => value, facts: { share: value } };
}

/** What waves leave of it: what is larger and heavier bears larger ones. */
export function chopOf(f: Family, c: ReadContext): Match {
  const limitM = f.chopLimitM === null ? null : f.chopLimitM * Math.cbrt(f.weightShare);
  const value = limitM === null ? 1 : 0.02 + 0.98 * Math.exp(-((c.r.waveHeightM / limitM) ** 2));
  return { factor: 'chop', of: () => value, facts: { waveM: c.r.waveHeightM, limitM: limitM ?? 99 } };
}
