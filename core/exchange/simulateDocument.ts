/** The line-and-lure problems as documents, and their answers. */
import * as z from 'zod';
import { FRESH_KG_M3, viscosityM2s } from '../lures/physics';
import { runRetrieve } from '../retrieve/simulate/retrieve';
import { crossCurrentBow, hookSet, steadyTow } from '../retrieve/simulate/steady';
import { freeSink, sinkDepthM, sinkSpeedMps } from '../retrieve/simulate/sink';
import { MESH } from '../retrieve/simulate/types';

const finite = z.number();
const vec3 = z.tuple([finite, finite, finite]);

const lureSchema = z.strictObject({
  massKg: z.number().positive().max(2),
  volumeM3: z.number().positive().max(0.002),
  dragAreaM2: z.number().positive().max(0.1),
  liftAreaM2: z.number().min(0).max(0.1).default(0),
  addedMass: z.number().min(0).max(3).default(0.5),
});
const lineSchema = z.strictObject({
  diameterM: z.number().positive().max(0.005),
  densityKgM3: z.number().positive().max(12_000),
  stiffnessN: z.number().positive().max(1e6),
  normalDrag: z.number().positive().max(10).nullable().default(null),
  tangentialDrag: z.number().min(0).max(1).default(0.015),
});
const times = z.array(z.number().min(0).max(3600)).min(1).max(5000);
const waterTempC = z.number().min(-2).max(40).default(18);
const density = z.number().min(900).max(1300).default(FRESH_KG_M3);

const freeSinkSchema = z.strictObject({ kind: z.literal('free-sink'), waterDensityKgM3: density, lure: lureSchema, timesS: times });
const castRetrieveSchema = z.strictObject({
  kind: z.literal('cast-retrieve'),
  waterDensityKgM3: density,
  waterTempC,
  lure: lureSchema,
  line: lineSchema,
  tipM: vec3,
  lureM: vec3,
  lineLengthM: z.number().positive().max(500),
  reel: z
    .strictObject({ startS: z.number().min(0), speedMps: z.number().min(0).max(10), rampS: z.number().min(0).max(60) })
    .nullable()
    .default(null),
  tipMoves: z
    .array(z.strictObject({ startS: z.number().min(0), durationS: z.number().positive(), dxM: finite, dyM: finite.optional(), dzM: finite }))
    .default([]),
  currentMps: vec3.default([0, 0, 0]),
  floorDepthM: z.number().positive().optional(),
  timesS: times,
});
const steadyTowSchema = z.strictObject({
  kind: z.literal('steady-tow'),
  waterDensityKgM3: density,
  waterTempC,
  lure: lureSchema,
  line: lineSchema,
  speedMps: z.number().min(0).max(10),
  tipHeightM: z.number().min(0).max(20),
  lineLengthM: z.number().positive().max(500).optional(),
  wetLengthM: z.number().positive().max(500).optional(),
});
const bowSchema = z.strictObject({
  kind: z.literal('cross-current-bow'),
  waterDensityKgM3: density,
  waterTempC,
  line: lineSchema,
  crossFlowMps: z.number().min(0).max(10),
  tensionN: z.number().positive().max(1000),
  lineLengthM: z.number().positive().max(500),
});
const hookSetSchema = z.strictObject({
  kind: z.literal('hook-set'),
  line: z.strictObject({ stiffnessN: z.number().positive().max(1e6), strengthN: z.number().positive().max(10_000).optional() }),
  lineLengthM: z.number().positive().max(500),
  sweepM: z.number().min(0).max(5),
  rodStiffnessNpm: z.number().positive().max(10_000),
});

export const simulateSchema = z
  .discriminatedUnion('kind', [freeSinkSchema, castRetrieveSchema, steadyTowSchema, bowSchema, hookSetSchema])
  .refine((d) => d.kind !== 'steady-tow' || (d.lineLengthM === undefined) !== (d.wetLengthM === undefined), {
    path: ['lineLengthM'],
    error: 'either lineLengthM (tip to lure) or wetLengthM, not both',
  });
export type SimulateDocument = z.infer<typeof simulateSchema>;

export function simulateDocument(d: SimulateDocument): Record<string, unknown> {
  switch (d.kind) {
    case 'free-sink':
      return sinkAnswer(d);
    case 'steady-tow': {
      const tow = steadyTow({ ...d, viscosityM2s: viscosityM2s(d.waterTempC) });
      if (!('problem' in tow)) return { ...tow };
      const nothing = { depthM: null, horizontalM: null, wetLengthM: null, tensionLureN: null, angleLureDeg: null };
      return { ...nothing, notes: [tow.problem === 'floats' ? 'the lure floats and nothing pulls it down' : 'the line does not reach the water'] };
    }
    case 'cross-current-bow': {
      const bow = crossCurrentBow({ ...d, viscosityM2s: viscosityM2s(d.waterTempC) });
      return bow ? { ...bow } : { chordM: null, offsetM: null, angleLureDeg: null, notes: ['the current folds the line right over'] };
    }
    case 'hook-set':
      return { ...hookSet(d) };
    case 'cast-retrieve':
      return castAnswer(d);
  }
}

function sinkAnswer({ lure, waterDensityKgM3, timesS }: z.infer<typeof freeSinkSchema>): Record<string, unknown> {
  const s = freeSink(lure, waterDensityKgM3);
  if (!s) return { terminalMps: null, speedMps: null, depthM: null, notes: ['the lure floats'] };
  return { terminalMps: s.terminalMps, speedMps: timesS.map((t) => sinkSpeedMps(s, t)), depthM: timesS.map((t) => sinkDepthM(s, t)) };
}

function castAnswer(c: z.infer<typeof castRetrieveSchema>): Record<string, unknown> {
  const order = c.timesS.map((_, i) => i).sort((a, b) => c.timesS[a]! - c.timesS[b]!);
  const run = runRetrieve(
    { ...c, viscosityM2s: viscosityM2s(c.waterTempC), reel: c.reel ? [c.reel] : [] },
    { mesh: MESH.fine, timesS: order.map((i) => c.timesS[i]!) },
  );
  const at = new Map(order.map((i, k) => [i, run.samples[k]]));
  const column = (f: (s: NonNullable<(typeof run.samples)[number]>) => number) => c.timesS.map((_, i) => (at.get(i) ? f(at.get(i)!) : null));
  return {
    xM: column((s) => s.xM),
    yM: column((s) => s.yM),
    depthM: column((s) => -s.zM),
    speedMps: column((s) => s.speedMps),
    tensionLureN: column((s) => s.tensionN),
    lineOutM: column((s) => s.lineOutM),
    maxDepthM: Math.max(...run.samples.map((s) => -s.zM)),
    ...(run.failedAtS === null ? {} : { notes: [`no solution after ${run.failedAtS} s`] }),
  };
}
