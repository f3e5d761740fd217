/** Runs a cast-and-retrieve and samples it. Deterministic; the same input and mesh always give the same track. */
import type { Problem } from '../base/problems';
import { inputProblems } from './check';
import { driveBreaks } from './drive';
import { createEngine, type NodeState } from './engine';
import type { Mesh, RetrieveInput } from './types';
import { correctionWork } from './work';

/** The lure at one moment of the cast. Origin on the surface below the rod tip, x towards the cast, z up; m, m/s, N. */
export interface Sample {
  tS: number;
  xM: number;
  yM: number;
  zM: number;
  speedMps: number;
  tensionN: number;
  lineOutM: number;
  onBottom: boolean;
  /** Line shape lure → tip as x, z pairs; only when asked. */
  lineXZ?: number[];
}

/** How finely to solve, and what to report. */
export interface RunOptions {
  mesh: Mesh;
  /** Times to report, s, ascending. */
  timesS: readonly number[];
  lineShapes?: boolean;
  /** End early when less line than this is out, m. */
  stopAtLineM?: number;
  /** End after the first sample for which this holds. */
  until?: (s: Sample) => boolean;
  /** Give up when so much work is done. */
  mostWork?: number;
}

/** What came of a solved cast. */
export interface Run {
  samples: Sample[];
  /** Null when all went well; else the time at which the solution failed. */
  failedAtS: number | null;
  /** What is wrong with the input; then nothing was solved. */
  problems: readonly Problem[];
  /** Steps taken. */
  steps: number;
  /** What they took (see work). */
  work: number;
  /** Given up at this time because all the work was used up; null: not. */
  stoppedAtS: number | null;
}

const nothing = (): NodeState => ({ x: 0, y: 0, z: 0, vx: 0, vy: 0, vz: 0 });

/** Third-order between two moments h apart, from places and speeds; and its slope. */
function between(s: number, h: number, p0: number, v0: number, p1: number, v1: number): { p: number; v: number } {
  const d = p1 - p0;
  const a = h * v0 - d;
  const b = d - h * v1;
  const r = 1 - s;
  return { p: r * p0 + s * p1 + s * r * (r * a + s * b), v: (d + (1 - 2 * s) * (r * a + s * b) + s * r * (b - a)) / h };
}

/** Samples of a cast at asked times, until it ends; `mesh` sets how wrong it may be. */
export function runRetrieve(input: RetrieveInput, o: RunOptions): Run {
  const problems = inputProblems(input);
  if (problems.length > 0) return { samples: [], failedAtS: null, problems, steps: 0, work: 0, stoppedAtS: null };
  const engine = createEngine(input, o.mesh);
  const each = correctionWork(o.mesh, input);
  const breaks = driveBreaks(input.reel, input.tipMoves, o.mesh);
  const samples: Sample[] = [];
  const from = nothing();
  const to = nothing();
  const start = nothing();
  engine.state(0, start);
  let t = 0;
  let h = 0;
  let b = 0;
  let steps = 0;
  let lineBeforeM = engine.lineOutM();
  let tensionBeforeN = 0;
  const ended = (how: Partial<Run> = {}): Run => ({
    samples,
    failedAtS: null,
    problems,
    steps,
    work: engine.corrections() * each,
    stoppedAtS: null,
    ...how,
  });
  /** The state at a moment inside the last step. */
  const sample = (tS: number): void => {
    const s = h > 0 ? 1 - (t - tS) / h : 1;
    const at = (node: number): { x: number; y: number; z: number; speed: number } => {
      engine.before(node, from);
      engine.state(node, to);
      if (h === 0) return { ...to, speed: 0 };
      const x = between(s, h, from.x, from.vx, to.x, to.vx);
      const y = between(s, h, from.y, from.vy, to.y, to.vy);
      const z = between(s, h, from.z, from.vz, to.z, to.vz);
      return { x: x.p, y: y.p, z: z.p, speed: Math.hypot(x.v, y.v, z.v) };
    };
    const lure = at(0);
    samples.push({
      tS,
      xM: lure.x,
      yM: lure.y,
      zM: lure.z,
      speedMps: lure.speed,
      tensionN: tensionBeforeN + s * (engine.tensionAtLureN() - tensionBeforeN),
      lineOutM: lineBeforeM + s * (engine.lineOutM() - lineBeforeM),
      onBottom: engine.onBottom(),
      ...(o.lineShapes
        ? {
            lineXZ: Array.from({ length: engine.nodes() + 1 }, (_, i) => {
              const n = at(i);
              return [n.x, n.z];
            }).flat(),
          }
        : {}),
    });
  };
  for (const at of o.timesS) {
    while (t < at - 1e-9) {
      while (breaks[b] && breaks[b]!.atS <= t + 1e-9) engine.atMost(breaks[b++]!.stepS);
      lineBeforeM = engine.lineOutM();
      tensionBeforeN = engine.tensionAtLureN();
      if (o.mostWork !== undefined && engine.corrections() * each > o.mostWork) return ended({ stoppedAtS: t });
      h = engine.step(t, (breaks[b]?.atS ?? Infinity) - t);
      if (h === 0) return ended({ failedAtS: t });
      t += h;
      steps++;
      if (o.stopAtLineM !== undefined && engine.lineOutM() < o.stopAtLineM) {
        sample(t);
        return ended();
      }
    }
    sample(at);
    if (o.until?.(samples[samples.length - 1]!)) break;
  }
  return ended();
}
