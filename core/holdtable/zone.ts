/**
 * Zone minutes and casts per hour of a family at a working depth, without a simulation.
 * Swimming lures: the simulated table (against the same hands finely solved nine cells in ten are within 0.05 of share,
 * all within 0.15; between two of its lines mostly within 0.03, a diver that just misses the band within 0.35:
 * zone.test.ts; at a weight between its own three 0.02 on average, at a third of the usual 0.06). Surface, bottom and
 * float: closed form. Wind on the line is no part of it: the best hands hold as long to 0.014 on average in 4 m/s
 * across the cast, to 0.05 in 8 m/s; what wind does to the throw and the feel the ranking reckons itself.
 */
import { digsDeeper, type Family } from '../lures/family';
import { lurePhysics } from '../lures/physics';
import { clamp, lerp } from '../base/numbers';
import { BETWEEN_CASTS_S } from '../tackle/cast';
import { freeSink, netWeightN, timeToSinkS } from '../simulation/sink';
import { read, type Cell } from './cells';
import { DEPTH_GRID_M, lineFor, REFERENCE_CAST_M, TABLE_LINES_M, TABLE_WEIGHTS, tableSpeeds } from './grid';
import { ZONE_TABLE } from './table';
import { FRESH_KG_M3 } from '../water/fluid';

/** Nobody lets one cast last longer than this, s. */
const MAX_CAST_S = 150;
/**
 * What is worked on the bottom or below a float is there for this share of the time; of what the table holds in
 * mid-water so much is left on a line, a lure and a reel that nobody has measured. From 300 plans of lures at the head
 * of 66 waters (medians by way of working). By 270 first plans of 60 other waters it is 0.07 too low on average, most
 * where the lure is held from end to end; those come to the head and are planned.
 */
const KEPT = { bottom: 0.97, float: 0.97, swim: 0.85 } as const;
/**
 * Deeper than a family is meant for, what is dragged is no longer felt and so not kept on the bottom: by this share of
 * that depth most of it is lost. prior: judgement.
 */
const NOT_FELT = 0.4;
const keptDown = (f: Family, depthM: number): number =>
  Math.exp(-((Math.max(0, depthM / f.depthM[1] - 1) / NOT_FELT) ** 2));

/** How long a lure is among the fish, a cast and an hour. From the table, without solving a cast. */
export interface ZoneEstimate {
  /** Share of the cast in the band, 0–1. */
  share: number;
  castS: number;
  zoneSecondsPerCast: number;
  castsPerHour: number;
  zoneMinutesPerHour: number;
}

/** A way of holding a lure at a depth: speed, m/s; count, s; height of the tip, m. */
export interface HoldingOption {
  speedMps: number;
  /** Share of the cast in the default band, 0–1. */
  share: number;
  countdownS: number;
  tipM: number;
}

const cellsKept = new Map<string, readonly (readonly Cell[])[]>();

/** The table of a kind at one of its weights, read once. */
function cellsOf(id: string, weight: number): readonly (readonly Cell[])[] {
  const key = `${id} ${weight}`;
  let found = cellsKept.get(key);
  if (!found) cellsKept.set(key, (found = read(ZONE_TABLE[id]![weight]!)));
  return found;
}

/** Where a value stands between two of a rising list, by its logarithm: the first of the two, and how far on, 0–1. */
function between(list: readonly number[], value: number): readonly [number, number] {
  let i = 0;
  while (i < list.length - 2 && list[i + 1]! < value) i++;
  return [i, clamp(Math.log(value / list[i]!) / Math.log(list[i + 1]! / list[i]!), 0, 1)];
}

type Held = readonly (readonly Omit<HoldingOption, 'speedMps'>[])[];

/**
 * Shares on one line at one weight, depth by depth and speed by speed: between the table's lines and weights by the
 * logarithm; the hands are the nearer weight's.
 */
function heldOn(f: Family, diameterM: number): Held {
  const [l, onLine] = between(TABLE_LINES_M, diameterM);
  const [w, heavier] = between(TABLE_WEIGHTS, f.weightShare);
  const [light, heavy] = [cellsOf(f.id, w), cellsOf(f.id, w + 1)];
  const share = (c: Cell): number => lerp(c.shares[l]!, c.shares[l + 1]!, onLine);
  return light.map((row, d) =>
    row.map((a, k) => {
      const b = heavy[d]![k]!;
      const { countdownS, tipM } = heavier < 0.5 ? a : b;
      return { share: lerp(share(a), share(b), heavier), countdownS, tipM };
    }),
  );
}

const heldKept = new Map<string, Held>();
const MAX_KEPT = 400;

/** The same, kept: a ranking asks for them some hundred times. */
function heldOnKept(f: Family, diameterM: number): Held {
  const key = `${f.id} ${f.weightShare} ${diameterM}`;
  let found = heldKept.get(key);
  if (!found) {
    if (heldKept.size >= MAX_KEPT) heldKept.clear();
    heldKept.set(key, (found = heldOn(f, diameterM)));
  }
  return found;
}

/** Heavier or lighter than the table knows: a lip digs deeper with this power of what is beyond. */
const LIP_BY_WEIGHT = 0.2;
/** What runs just below the top has no deeper to go. */
const RUNS_SHALLOW_M = 1;

/**
 * How much deeper it runs than the table's: a lip of another weight than the table goes to, and one whose drag or lift
 * was counted. Against tables made with 0.7 and 1.4 times of these, the mean error of share of four lips falls from
 * 0.18 to 0.11; what sinks differs little (0.06 with and without).
 */
function depthRatio(f: Family): number {
  if (f.liftAreaM2 <= 0 || f.depthM[1] <= RUNS_SHALLOW_M) return 1;
  const known = clamp(f.weightShare, TABLE_WEIGHTS[0], TABLE_WEIGHTS[TABLE_WEIGHTS.length - 1]!);
  return (f.weightShare / known) ** LIP_BY_WEIGHT * digsDeeper(f.counted);
}

const optionsKept = new WeakMap<Family, { lineDiameterM: number | undefined; rows: HoldingOption[][] }>();

/**
 * At each of the table's depths and speeds, how long a swimming lure can be held there, kept: a ranking asks for it
 * once for every draw.
 */
export function holdingTable(f: Family, lineDiameterM?: number): readonly (readonly HoldingOption[])[] {
  let kept = optionsKept.get(f);
  if (!kept || kept.lineDiameterM !== lineDiameterM) {
    kept = { lineDiameterM, rows: DEPTH_GRID_M.map((d) => holdingOptions(f, d, lineDiameterM)) };
    optionsKept.set(f, kept);
  }
  return kept.rows;
}

/**
 * At each table speed, how long a swimming lure can be held at a depth, and how: between grid depths and lines the
 * share is interpolated.
 */
export function holdingOptions(f: Family, wishedM: number, lineDiameterM?: number): HoldingOption[] {
  if (!(f.id in ZONE_TABLE)) return [];
  const depthM = wishedM / depthRatio(f);
  const rows = heldOnKept(f, lineFor(f, lineDiameterM));
  let i = 0;
  while (i < DEPTH_GRID_M.length - 2 && DEPTH_GRID_M[i + 1]! < depthM) i++;
  const t = clamp((depthM - DEPTH_GRID_M[i]!) / (DEPTH_GRID_M[i + 1]! - DEPTH_GRID_M[i]!), 0, 1);
  const near = rows[t < 0.5 ? i : i + 1]!;
  return tableSpeeds(f).map((speedMps, k) => {
    const { countdownS, tipM } = near[k]!;
    return { speedMps, share: lerp(rows[i]![k]!.share, rows[i + 1]![k]!.share, t), countdownS, tipM };
  });
}

/** Share at any speed between the table's, 0–1. */
export function shareAt(options: readonly HoldingOption[], speedMps: number): number {
  const next = options.findIndex((o) => o.speedMps >= speedMps);
  if (next <= 0) return options[next === 0 ? 0 : options.length - 1]?.share ?? 0;
  const [a, b] = [options[next - 1]!, options[next]!];
  return lerp(a.share, b.share, (speedMps - a.speedMps) / (b.speedMps - a.speedMps));
}

/** A depth counts as reached when the lure can be held there for this share of a cast. */
const REACHED_SHARE = 0.1;

/**
 * The deepest of the table's depths that a swimming lure can be worked at on this line, m; for the others their own
 * range says it.
 */
export function reachM(f: Family, lineDiameterM?: number): number {
  if (f.mode !== 'swim') return f.depthM[1];
  const table = holdingTable(f, lineDiameterM);
  const held = DEPTH_GRID_M.filter((_, i) => table[i]!.some((o) => o.share >= REACHED_SHARE));
  return Math.max(f.depthM[0], ...held);
}

/**
 * How long the lure can be left alone before it leaves the band, s: a sinker falls out of it, a floater rises, a
 * suspender stays.
 */
export function hangLimitS(f: Family, bandM: readonly [number, number]): number {
  // Lift-and-fall lures rest on the fall itself.
  if (f.mode !== 'swim' || f.styles[0] === 'yo-yo') return f.longestPauseS;
  const lure = lurePhysics(f, f.weightKg[1]);
  const weightN = Math.abs(netWeightN(lure, FRESH_KG_M3));
  const speed = Math.sqrt(weightN / (0.5 * FRESH_KG_M3 * lure.dragAreaM2));
  return Math.min(f.longestPauseS, (bandM[1] - bandM[0] + 0.2) / Math.max(speed * 0.8, 0.01));
}

/**
 * A pitch into cover: let fall, lifted and dropped a few times, out again, s; and the share of it at the fish's depth.
 * prior: judgement.
 */
const PITCH = { castS: 24, overheadS: 7, share: 0.83 } as const;

/**
 * Straight down: kept among the fish this long before it is brought up, s. Towed: a pass over them and round again, s,
 * and the share of it above them. prior: judgement.
 */
const DOWN = { workedS: 75, share: 0.8 } as const;
/** A towed pass as a cast: how long it is, s, and the share of it over fish. prior: judgement. */
export const TOWED_PASS = { castS: 180, share: 0.3 } as const;

const MIN_SHARE = 0.005;
const workedS = (speedMps: number, castM: number): number => Math.min(MAX_CAST_S, castM / Math.max(speedMps, 0.02));
/** A swimmer is let down for this long at the most, s. */
const MAX_FALL_S = 30;
const fallS = (sink: ReturnType<typeof freeSink>, depthM: number): number =>
  sink ? timeToSinkS(sink, depthM) * 1.25 : 0;

/**
 * Zone minutes and casts an hour of a swimming lure at a depth, by its speed and the share of the cast it is held
 * there.
 */
export function swimHour(
  f: Family,
  castM = REFERENCE_CAST_M,
): (depthM: number) => (speedMps: number, share: number) => Pick<ZoneEstimate, 'zoneMinutesPerHour' | 'castsPerHour'> {
  const sink = freeSink(lurePhysics(f, f.weightKg[1]), FRESH_KG_M3);
  return (depthM) => {
    const downS = Math.min(fallS(sink, depthM), MAX_FALL_S);
    return (speedMps, share) => {
      const castS = workedS(speedMps, castM) + downS;
      const castsPerHour = 3600 / (castS + BETWEEN_CASTS_S);
      return { zoneMinutesPerHour: (castsPerHour * Math.max(share, MIN_SHARE) * castS) / 60, castsPerHour };
    };
  };
}

/** Average speed `speedMps` over the cast; `pitched`, 0–1, is the share of casts dropped into standing cover. */
export function estimateZone(
  f: Family,
  workingDepthM: number,
  speedMps: number,
  pitched = 0,
  lineDiameterM?: number,
  castM = REFERENCE_CAST_M,
): ZoneEstimate {
  if (f.mode === 'vertical' || f.mode === 'tow') return notCast(f, workingDepthM);
  const weightKg = f.weightKg[1];
  const sink = f.mode === 'surface' ? null : freeSink(lurePhysics(f, weightKg), FRESH_KG_M3);
  const downS = f.mode === 'float' && workingDepthM < 0.2 ? 0 : fallS(sink, workingDepthM);
  const turnedS = workedS(speedMps, castM);
  const dragS = turnedS + (f.mode === 'swim' ? Math.min(downS, MAX_FALL_S) : downS);
  const draggedShare =
    f.mode === 'surface'
      ? 0.97
      : f.mode === 'swim'
        ? KEPT.swim * shareAt(holdingOptions(f, workingDepthM, lineDiameterM), speedMps)
        : f.mode === 'float'
          ? (KEPT.float * turnedS) / dragS
          : (KEPT.bottom * keptDown(f, workingDepthM) * turnedS) / dragS;
  const castS = lerp(dragS, PITCH.castS, pitched);
  const share = lerp(draggedShare, PITCH.share, pitched);
  return zoneOf(share, castS, 3600 / (castS + lerp(BETWEEN_CASTS_S, PITCH.overheadS, pitched)));
}

/** What a share of a cast comes to; nothing is taken as never among the fish. */
export function zoneOf(share: number, castS: number, castsPerHour: number): ZoneEstimate {
  const zoneSecondsPerCast = clamp(share, MIN_SHARE, 1) * castS;
  return {
    share,
    castS,
    zoneSecondsPerCast,
    castsPerHour,
    zoneMinutesPerHour: (castsPerHour * zoneSecondsPerCast) / 60,
  };
}

function notCast(f: Family, workingDepthM: number): ZoneEstimate {
  const sink = freeSink(lurePhysics(f, f.weightKg[1]), FRESH_KG_M3);
  const dropS = f.mode === 'vertical' && sink ? timeToSinkS(sink, workingDepthM) : 0;
  const castS = f.mode === 'vertical' ? dropS + DOWN.workedS : TOWED_PASS.castS;
  const share = f.mode === 'vertical' ? (DOWN.share * DOWN.workedS) / castS : TOWED_PASS.share;
  return zoneOf(share, castS, 3600 / (castS + BETWEEN_CASTS_S));
}
