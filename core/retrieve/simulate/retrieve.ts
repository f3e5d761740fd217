/** Runs a cast-and-retrieve and samples it. Deterministic; the same input and mesh always give the same track. */
import { driveBreaks, isQuick } from './drive';
import { createEngine } from './engine';
import type { Mesh, RetrieveInput } from './types';

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

export interface RunOptions {
  mesh: Mesh;
  /** Times to report, s, ascending. */
  timesS: readonly number[];
  lineShapes?: boolean;
  /** End early when less line than this is out, m. */
  stopAtLineM?: number;
}

export interface Run {
  samples: Sample[];
  /** Null when all went well; else the time at which the solution failed. */
  failedAtS: number | null;
}

/** Idle: this long after the last move of hand or reel, s, steps may grow. */
const IDLE_AFTER_S = 0.8;

export function runRetrieve(input: RetrieveInput, o: RunOptions): Run {
  const engine = createEngine(input, o.mesh);
  const breaks = driveBreaks(input.reel, input.tipMoves);
  const samples: Sample[] = [];
  let t = 0;
  let b = 0;
  let lastDriveS = 0;
  const sample = (tS: number): void => {
    const { x, v } = engine;
    const n = engine.nodes();
    samples.push({
      tS,
      xM: x[0]!,
      yM: x[1]!,
      zM: x[2]!,
      speedMps: Math.hypot(v[0]!, v[1]!, v[2]!),
      tensionN: engine.tensionAtLureN(),
      lineOutM: engine.lineOutM(),
      onBottom: engine.onBottom(),
      ...(o.lineShapes ? { lineXZ: Array.from({ length: n + 1 }, (_, i) => [x[3 * i]!, x[3 * i + 2]!]).flat() } : {}),
    });
  };
  for (const at of o.timesS) {
    while (t < at - 1e-9) {
      while (b < breaks.length && breaks[b]! <= t + 1e-9) lastDriveS = breaks[b++]!;
      const quick = isQuick(input.reel, input.tipMoves, t, t + o.mesh.stepS);
      const h = quick ? o.mesh.quickStepS : t - lastDriveS > IDLE_AFTER_S ? o.mesh.idleStepS : o.mesh.stepS;
      const to = Math.min(t + h, at, breaks[b] ?? Infinity);
      if (!engine.advance(t, to)) return { samples, failedAtS: t };
      t = to;
      if (o.stopAtLineM !== undefined && engine.lineOutM() < o.stopAtLineM) {
        sample(t);
        return { samples, failedAtS: null };
      }
    }
    sample(at);
  }
  return { samples, failedAtS: null };
}
