/**
 * A lure towed behind the boat in two passes at two depths over marked fish: line out, speed, and how deep that really
 * is.
 */
import { quantile } from '../../base/numbers';
import { LEAD_KG_M3 } from '../../lures/physics';
import type { PlanRequest } from '../task/request';
import { AHEAD_M } from './inline';
import { towedMps } from '../../ranking/working';
import { setUpTask, type PlanTask } from '../task/setup';
import { steadyTow, type Tow, type TowProblem } from '../../simulation/steady';
import { linePhysics } from '../../tackle/line';
import { viscosityM2s } from '../../water/fluid';
import { drawTackle } from '../task/tackleDraws';

/** A plan for a lure towed behind a moving boat. */
export interface TowedRequest extends PlanRequest {
  /** Through the water, m/s; absent: the pace the fish and the lure want. */
  speedMps?: number | null;
  /** A weight on the line, kg; absent: none. */
  inlineKg?: number | null;
}

/** One pass over fish at a depth, with the line it takes. */
export interface TowedPass {
  /** What it passes over: depth of the fish, how many marks, m. */
  fishDepthM: number;
  marks: number;
  /** Where the lure should run: well above them first, then just above them. */
  depthM: number;
  high: boolean;
  lineOutM: number;
  /** Where it runs with this line, 5–95 % as drag and line vary, m. */
  runsM: readonly [number, number];
  /** It would touch the bottom somewhere in that range. */
  touches: boolean;
  /** Depth lost for each tenth more of speed, m. */
  fasterCostsM: number;
}

/** The passes that reach the fish that were marked, and those that cannot be reached. */
export interface TowedPlan {
  speedMps: number;
  /** Over ground with the current and against it, m/s. */
  groundMps: { with: number; against: number };
  /** The shallower first: fish below are not disturbed by it. */
  passes: TowedPass[];
  /** Fish too deep for this lure, line and pace, m. */
  unreachedM: number[];
}

/** Fish look up: the lure goes this far above them, m. prior: judgement. */
const ABOVE_M = 0.5;
/** The first pass is as much above them, m: it shows what will come up, and spooks nobody. prior: judgement. */
const FIRST_ABOVE_M = 3;
/** Over fish that are shallower there is no room for a pass above them, m. */
const ROOM_M = 4;
/** Depths nearer together than this are one pass, m. */
const APART_M = 1;
/** The task, and what pulls the line down. */
type Pulled = PlanTask & { inlineKg: number };
const MAX_LINE_M = 150;
const DRAWS = 16;

function towed(p: Pulled, speedMps: number, lineLengthM: number, n: number | null): Tow | { problem: TowProblem } {
  const o = n === null ? null : drawTackle(p, n);
  return steadyTow({
    waterDensityKgM3: p.waterDensityKgM3,
    viscosityM2s: viscosityM2s(p.reading.surfaceTempC),
    lure: {
      ...p.lure,
      dragAreaM2: p.lure.dragAreaM2 * (o?.lureDrag ?? 1),
      liftAreaM2: p.lure.liftAreaM2 * (o?.lureLift ?? 1),
    },
    line: { ...linePhysics(p.line), dragScale: o?.lineDrag ?? 1 },
    speedMps,
    tipHeightM: p.stand.handM,
    lineLengthM,
    weight: p.inlineKg > 0 ? { aheadM: AHEAD_M, massKg: p.inlineKg, densityKgM3: LEAD_KG_M3 } : null,
  });
}

const depthOf = (t: Tow | { problem: TowProblem }): number => ('problem' in t ? 0 : t.depthM);

/** Line that brings it to a depth, m; null when no length on a reel does. */
function lineFor(p: Pulled, speedMps: number, depthM: number): number | null {
  let low = p.stand.handM + 1;
  let high = MAX_LINE_M;
  if (depthOf(towed(p, speedMps, high, null)) < depthM) return null;
  for (let i = 0; i < 28; i++) {
    const mid = (low + high) / 2;
    if (depthOf(towed(p, speedMps, mid, null)) < depthM) low = mid;
    else high = mid;
  }
  return high;
}

/** Upper and lower fish: marks parted at their widest gap, or the band the fish hold in. */
function levels(p: PlanTask): { depthM: number; marks: number }[] {
  const marks = [...p.reading.marks].sort((a, b) => a.depthM - b.depthM);
  if (marks.length === 0) {
    const [top, bottom] = p.reading.fishBandM;
    return bottom - top > APART_M
      ? [top + ABOVE_M, bottom].map((depthM) => ({ depthM, marks: 0 }))
      : [{ depthM: (top + bottom) / 2, marks: 0 }];
  }
  let cut = 0;
  for (let i = 1; i < marks.length; i++)
    if (marks[i]!.depthM - marks[i - 1]!.depthM > (cut ? marks[cut]!.depthM - marks[cut - 1]!.depthM : APART_M))
      cut = i;
  const groups = cut ? [marks.slice(0, cut), marks.slice(cut)] : [marks];
  return groups.map((g) => ({ depthM: g[0]!.depthM, marks: g.reduce((s, m) => s + m.count, 0) }));
}

/** Line out, pace and depth of a towed lure in one or two passes over marked fish; depths 5–95 % of 16 draws. */
export function planTowed({
  speedMps: wished,
  inlineKg,
  ...request
}: TowedRequest): TowedPlan | { problem: 'floats' | 'too-deep' } {
  const p: Pulled = { ...setUpTask(request), inlineKg: inlineKg ?? 0 };
  const speedMps = wished ?? towedMps(p.family);
  if ('problem' in towed(p, speedMps, 20, null)) return { problem: 'floats' };
  const passes: TowedPass[] = [];
  const unreachedM: number[] = [];
  const fish = levels(p);
  const [top] = fish;
  const runs = [
    ...(top!.depthM >= ROOM_M ? [{ level: top!, aboveM: FIRST_ABOVE_M }] : []),
    ...fish.map((level) => ({ level, aboveM: ABOVE_M })),
  ];
  for (const { level, aboveM } of runs) {
    const depthM = Math.max(0.3, level.depthM - aboveM);
    const lineOutM = lineFor(p, speedMps, depthM);
    if (lineOutM === null) {
      if (aboveM === ABOVE_M) unreachedM.push(level.depthM);
      continue;
    }
    const depths = Array.from({ length: DRAWS }, (_, n) => depthOf(towed(p, speedMps, lineOutM, n)));
    const runsM = [quantile(depths, 0.05)!, quantile(depths, 0.95)!] as const;
    passes.push({
      fishDepthM: level.depthM,
      marks: level.marks,
      depthM,
      high: aboveM === FIRST_ABOVE_M,
      lineOutM,
      runsM,
      touches: runsM[1] >= p.reading.depthM,
      fasterCostsM: depthM - depthOf(towed(p, speedMps * 1.1, lineOutM, null)),
    });
  }
  if (passes.length === 0) return { problem: 'too-deep' };
  const { currentMps } = p.reading;
  return {
    speedMps,
    groundMps: { with: speedMps + currentMps, against: Math.max(0, speedMps - currentMps) },
    passes,
    unreachedM,
  };
}
