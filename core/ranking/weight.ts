/**
 * What a lure's weight does here, each as a factor of the score, so that the weight is chosen by what it is worth:
 * keeping the bottom or its depth, the fall the fish want, how loud it lands, how deep it sinks into silt and grass,
 * and whether it is still felt through a line in the wind. Distance and snags by weight stand with their own
 * (distance.ts, cover.ts). Gains are prior: judgement.
 */
import { bell, clamp, lerp, logistic } from '../base/numbers';
import { lineFor } from '../holdtable/grid';
import type { Family } from '../lures/family';
import { lurePhysics } from '../lures/physics';
import { AIR } from '../simulation/medium';
import { freeSink, netWeightN } from '../simulation/sink';
import type { LurePhysics } from '../simulation/types';
import { FRESH_KG_M3 } from '../water/fluid';
import type { ResolvedConditions } from '../water/resolve';
import type { ReadContext } from './context';
import { pitchedShare } from './cover';
import type { Match } from './matches';

const known = new WeakMap<Family, LurePhysics>();
/** The lure at its own weight as the water has it, kept: a ranking asks for it some hundred times. */
function physicsOf(f: Family): LurePhysics {
  let lure = known.get(f);
  if (!lure) known.set(f, (lure = lurePhysics(f, f.weightKg[1])));
  return lure;
}

/** What the family usually weighs, kg, whatever this one does. */
export const usualKg = (f: Family): number => f.weightKg[1] / f.weightShare;

/** Less than this is a floater, a suspender, or runs just below the top. */
const SINKER_GRAVITY = 1.05;
/** Whether weight has nothing to do with how deep it runs. */
export const hardlySinks = (f: Family): boolean =>
  f.mode === 'surface' || (f.build.kind === 'piece' && f.build.gravity < SINKER_GRAVITY);

/** Needed weight as a share of the usual one: in no water at all, and more for each metre of it. */
const ON_BOTTOM = { least: 0.5, perM: 0.09 } as const;
const BELOW_THE_ROD = { least: 0.35, perM: 0.035 } as const;
/** What is swum deep is felt through all the line that hangs down to it. prior: judgement. */
const SWUM_PER_M = 0.05;
/** Wind on the line lifts what lies on the bottom: this much more for each m/s above a breeze. */
const WINDY = { fromMps: 3, perMps: 0.06 } as const;
/** To go through a mat, kg; hardly anything between pads. */
const THROUGH = { mat: 0.02, pads: 0.004 } as const;

/** The lightest weight, kg, felt on the bottom or keeping its depth: depth, current, wind and mats ask for more. */
export function neededKg(f: Family, r: ResolvedConditions): number {
  const depthM = f.mode === 'bottom' ? r.depthM : Math.min(r.fishDepthM, f.depthM[1]);
  // The current pulls at all the line that hangs in it: in shallow water at little.
  const drive = (r.currentMps ** 2 * 0.073 * depthM) / (depthM + 2);
  if (f.mode === 'vertical')
    return usualKg(f) * (BELOW_THE_ROD.least + BELOW_THE_ROD.perM * Math.min(depthM, MAX_FELT_M)) + drive;
  if (f.mode !== 'bottom') return usualKg(f) * SWUM_PER_M * depthM + drive;
  const wind = 1 + WINDY.perMps * Math.max(0, r.windMps - WINDY.fromMps);
  const { kind, density } = r.cover;
  const through = kind === 'matted-grass' ? THROUGH.mat * density : kind === 'pads' ? THROUGH.pads * density : 0;
  return Math.max(usualKg(f) * (ON_BOTTOM.least + ON_BOTTOM.perM * depthM) * wind + drive, through);
}
const MAX_FELT_M = 40;

/** What is left to a lure that is swept off, and how sharply that sets in. */
const SWEPT = { left: 0.12, at: -0.1, soft: 0.08 } as const;

/** What is heavier than it need be is clumsy, and thrown off sooner: lost for each e-fold. */
const CLUMSY: Record<Family['mode'], number> = {
  surface: 0,
  swim: 0,
  bottom: 0.15,
  float: 0.05,
  vertical: 0.2,
  tow: 0,
};

/** Whether it keeps the bottom or its depth. */
export function holdOf(f: Family, r: ResolvedConditions): Match {
  const needKg = f.mode === 'surface' || f.mode === 'tow' || f.mode === 'float' || hardlySinks(f) ? 0 : neededKg(f, r);
  const over = needKg <= 0 ? 0 : Math.log(f.weightKg[1] / needKg);
  const value =
    needKg <= 0
      ? 1
      : (SWEPT.left + (1 - SWEPT.left) * logistic(over, SWEPT.at, SWEPT.soft)) *
        Math.exp(-CLUMSY[f.mode] * Math.max(0, over));
  return { factor: 'hold', of: () => value, facts: { needKg, weightKg: f.weightKg[1], mode: f.mode } };
}

/** Fall the fish want to see, m/s: slow in the cold and when they are shut. */
export const wantedFallMps = (tempC: number, moodMean: number): number =>
  0.35 + 0.24 * logistic(tempC, 15, 2.5) + 0.04 * moodMean;

/** Fall on a slack line, m/s; null for what floats. */
export const fallMps = (f: Family): number | null => freeSink(physicsOf(f), FRESH_KG_M3)?.terminalMps ?? null;

/** Share of the strikes that its fall decides, by way of working; too fast costs sooner than too slow. */
const FALL_DECIDES: Record<Family['mode'], number> = {
  surface: 0,
  swim: 0.25,
  bottom: 0.35,
  float: 0.4,
  vertical: 0.3,
  tow: 0,
};
const FALL_WIDTH = { fast: 0.5, slow: 0.8 } as const;

/** How its fall suits what they want. */
export function fallOf(f: Family, c: ReadContext): Match {
  const mps = hardlySinks(f) ? null : fallMps(f);
  const decides = mps === null ? 0 : FALL_DECIDES[f.mode];
  const wanted = (m: number): number => wantedFallMps(c.r.surfaceTempC, m);
  const of = (m: number): number => {
    if (decides === 0) return 1;
    const x = Math.log(mps! / wanted(m));
    return 1 - decides * (1 - bell(x, 0, x > 0 ? FALL_WIDTH.fast : FALL_WIDTH.slow));
  };
  return { factor: 'fall', of, facts: { fallMps: mps ?? 0, wantedMps: wanted(2) } };
}

/** A splash this heavy, kg, on water as shallow, clear and calm as can be frightens this share. */
const SPLASH = { atKg: 0.016, soft: 0.45, share: 0.4 } as const;

/** Fish frightened by its landing. */
export function splashOf(f: Family, r: ResolvedConditions): Match {
  const shy =
    logistic(r.clarityM, 1.3, 0.3) *
    (1 - logistic(r.waveHeightM, 0.1, 0.025)) *
    (1 - logistic(r.fishDepthM, 1.1, 0.25));
  const cast = f.mode !== 'vertical' && f.mode !== 'tow';
  const { massKg } = physicsOf(f);
  const frightened = cast ? SPLASH.share * shy * logistic(Math.log(massKg), Math.log(SPLASH.atKg), SPLASH.soft) : 0;
  return { factor: 'splash', of: () => 1 - frightened, facts: { share: frightened, clarityM: r.clarityM } };
}

/** What drags along soft ground: the weight at which it sinks in, kg, and the share of the work that costs. */
const BOG = { atKg: 0.0145, soft: 0.2, mud: 0.3, grass: 0.6 } as const;

/** How far it sinks into silt or grass where it is dragged. */
export function bogOf(f: Family, r: ResolvedConditions): Match {
  const grass = r.cover.kind === 'submerged-grass' ? BOG.grass * Math.min(1, r.cover.density / 0.3) : 0;
  const softness = Math.max(grass, r.bottom === 'mud' ? BOG.mud : 0);
  const dragged = f.mode === 'bottom' ? 1 - pitchedShare(f, r) : 0;
  const lost = dragged * softness * logistic(Math.log(f.weightKg[1]), Math.log(BOG.atKg), BOG.soft);
  return { factor: 'bog', of: () => 1 - lost, facts: { share: lost, on: grass > 0 ? r.cover.kind : r.bottom } };
}

/** Line in the wind, m; drag of a line in air; share of the wind at the height of a line. */
const LINE_OUT = { lengthM: 10, drag: 1.1, windShare: 0.8 } as const;
/** Its pull counts this many times: what is felt is more than what only holds the line straight. */
const FELT = 3;
/** A float's own hold on the water, N. */
const FLOAT_N = 0.05;

/** How hard it pulls at this pace, m/s, and the wind on the line, N. */
function pullAndLoad(f: Family, c: ReadContext, speedMps: number): { pullN: number; loadN: number } {
  const lure = physicsOf(f);
  const netN = f.mode === 'surface' ? 0 : Math.max(0, netWeightN(lure, FRESH_KG_M3));
  const dragN = f.mode === 'bottom' ? 0 : 0.5 * FRESH_KG_M3 * (lure.dragAreaM2 + lure.liftAreaM2) * speedMps ** 2;
  const pullN = Math.hypot(netN, dragN) + (f.mode === 'float' ? FLOAT_N : 0);
  const mps = c.r.windMps * LINE_OUT.windShare;
  const loadN = 0.5 * AIR.densityKgM3 * mps ** 2 * lineFor(f, c.lineDiameterM) * LINE_OUT.lengthM * LINE_OUT.drag;
  return { pullN, loadN };
}

/** What is left of it by its pull and the load of the wind, 0–1. */
function leftInWind(f: Family, { pullN, loadN }: ReturnType<typeof pullAndLoad>): number {
  const felt = f.mode === 'tow' ? 1 : 1 / (1 + (loadN / (FELT * Math.max(pullN, 1e-4))) ** 2);
  return lerp(WIND_LEAVES, 1, clamp(felt, 0, 1));
}

/** What is left of it at this pace, m/s, while the wind bends the line, 0–1. */
export const feltInWind = (f: Family, c: ReadContext, speedMps: number): number =>
  leftInWind(f, pullAndLoad(f, c, speedMps));

/** Whether it is felt and goes where it was thrown while the wind bends the line. */
export function windOf(f: Family, c: ReadContext, speedMps: number): Match {
  const forces = pullAndLoad(f, c, speedMps);
  const share = leftInWind(f, forces);
  return { factor: 'wind', of: () => share, facts: { windMps: c.r.windMps, ...forces, share } };
}
/** What is left to a lure that the wind takes altogether. */
const WIND_LEAVES = 0.15;
