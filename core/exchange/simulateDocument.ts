/** The line-and-lure problems as documents, and their answers. */
import * as z from 'zod';
import { inputProblems, LEGAL_RANGES } from '../simulation/check';
import { runRetrieve, type Run } from '../simulation/retrieve';
import { towedPass, verticalJig } from '../simulation/setups';
import { crossCurrentBow, hookSet, steadyTow } from '../simulation/steady';
import { freeSink, sinkDepthM, sinkSpeedMps } from '../simulation/sink';
import { MESH, type Mesh, type RetrieveInput } from '../simulation/types';
import { FRESH_KG_M3, viscosityM2s } from '../water/fluid';

const finite = z.number();
const vec3 = z.tuple([finite, finite, finite]);

/** As the laws hold: nearer to nothing they answer with the infinite. */
const legal = (of: keyof typeof LEGAL_RANGES): z.ZodNumber =>
  z.number().min(LEGAL_RANGES[of][0]).max(LEGAL_RANGES[of][1]);
const lureSchema = z.strictObject({
  massKg: legal('massKg'),
  volumeM3: legal('volumeM3'),
  dragAreaM2: legal('dragAreaM2'),
  liftAreaM2: legal('liftAreaM2').default(0),
  addedMass: legal('addedMass').default(0.5),
});
const lineSchema = z.strictObject({
  diameterM: legal('diameterM'),
  densityKgM3: legal('densityKgM3'),
  stiffnessN: legal('stiffnessN'),
  normalDrag: legal('normalDrag').nullable().default(null),
  tangentialDrag: legal('tangentialDrag').default(0.015),
});
const times = z.array(z.number().min(0).max(3600)).min(1).max(5000);
const waterTempC = z.number().min(-2).max(40).default(18);
const density = z.number().min(900).max(1300).default(FRESH_KG_M3);

const freeSinkSchema = z.strictObject({
  kind: z.literal('free-sink'),
  waterDensityKgM3: density,
  lure: lureSchema,
  timesS: times,
});
const reelEntry = z.strictObject({
  startS: z.number().min(0),
  speedMps: z.number().min(0).max(10),
  rampS: z.number().min(0).max(60),
});
/**
 * What every problem in motion may say. `reel`: one entry or a profile of several; `windMps` blows on the dry line;
 * `rodStiffnessNpm` bends the rod.
 */
const motion = {
  waterDensityKgM3: density,
  waterTempC,
  lure: lureSchema,
  line: lineSchema,
  leader: z
    .strictObject({
      lengthM: z.number().positive().max(50),
      line: lineSchema,
      body: z
        .strictObject({ ...lureSchema.shape, halfHeightM: legal('halfHeightM') })
        .nullable()
        .default(null),
    })
    .nullable()
    .default(null),
  reel: z
    .union([reelEntry, z.array(reelEntry).max(2000)])
    .nullable()
    .default(null),
  tipMoves: z
    .array(
      z.strictObject({
        startS: z.number().min(0),
        durationS: z.number().positive(),
        dxM: finite,
        dyM: finite.optional(),
        dzM: finite,
      }),
    )
    .max(5000)
    .default([]),
  windMps: vec3.nullable().default(null),
  rodStiffnessNpm: legal('rodStiffnessNpm').nullable().default(null),
  floorDepthM: legal('floorDepthM').optional(),
  timesS: times,
  /** Also the line's shape at each time, as x, z pairs from lure to tip. */
  lineShapes: z.boolean().default(false),
};
const castRetrieveSchema = z.strictObject({
  kind: z.literal('cast-retrieve'),
  ...motion,
  tipM: vec3,
  lureM: vec3,
  lineLengthM: legal('lengthM'),
  currentMps: vec3.default([0, 0, 0]),
});
const tipHeightM = z.number().min(0).max(20);
const verticalJigSchema = z.strictObject({
  kind: z.literal('vertical-jig'),
  ...motion,
  tipHeightM,
  letOutM: z.number().positive().max(300),
  driftMps: z.number().min(0).max(5).default(0),
  driftAngleDeg: z.number().min(-360).max(360).default(0),
});
const towedPassSchema = z.strictObject({
  kind: z.literal('towed-pass'),
  ...motion,
  tipHeightM,
  lineOutM: z.number().positive().max(300),
  speedMps: z.number().min(0).max(10),
});
const steadyTowSchema = z.strictObject({
  kind: z.literal('steady-tow'),
  waterDensityKgM3: density,
  waterTempC,
  lure: lureSchema,
  line: lineSchema,
  speedMps: z.number().min(0).max(10),
  tipHeightM,
  lineLengthM: legal('lengthM').optional(),
  wetLengthM: legal('lengthM').optional(),
});
const bowSchema = z.strictObject({
  kind: z.literal('cross-current-bow'),
  waterDensityKgM3: density,
  waterTempC,
  line: lineSchema,
  crossFlowMps: z.number().min(0).max(10),
  tensionN: z.number().min(1e-3).max(1000),
  lineLengthM: legal('lengthM'),
});
const hookSetSchema = z.strictObject({
  kind: z.literal('hook-set'),
  line: z.strictObject({
    stiffnessN: legal('stiffnessN'),
    strengthN: z.number().min(1e-3).max(10_000).optional(),
  }),
  lineLengthM: legal('lengthM'),
  sweepM: z.number().min(0).max(5),
  rodStiffnessNpm: legal('rodStiffnessNpm'),
});

type Moving = z.infer<typeof castRetrieveSchema> | z.infer<typeof verticalJigSchema> | z.infer<typeof towedPassSchema>;

/** Any of the problems in motion as the simulator's own input. */
function movingInput(d: Moving): RetrieveInput {
  const common = {
    ...d,
    viscosityM2s: viscosityM2s(d.waterTempC),
    reel: Array.isArray(d.reel) ? d.reel : d.reel ? [d.reel] : [],
  };
  if (common.kind === 'vertical-jig') return verticalJig(common);
  return common.kind === 'towed-pass' ? towedPass(common) : common;
}

const isMoving = (d: { kind: string }): d is Moving =>
  d.kind === 'cast-retrieve' || d.kind === 'vertical-jig' || d.kind === 'towed-pass';

/** The question of `simulate`: one of the kinds of movement in docs/examples. SI. */
export const simulateSchema = z
  .discriminatedUnion('kind', [
    freeSinkSchema,
    castRetrieveSchema,
    verticalJigSchema,
    towedPassSchema,
    steadyTowSchema,
    bowSchema,
    hookSetSchema,
  ])
  .superRefine((d, ctx) => {
    if (d.kind === 'steady-tow' && (d.lineLengthM === undefined) === (d.wetLengthM === undefined))
      ctx.addIssue({
        code: 'custom',
        path: ['lineLengthM'],
        message: 'either lineLengthM (tip to lure) or wetLengthM, not both',
      });
    if (isMoving(d))
      for (const p of inputProblems(movingInput(d)))
        ctx.addIssue({
          code: 'custom',
          path: p.path
            .replace(/\[(\d+)\]/g, '.$1')
            .split('.')
            .map((k) => (/^\d+$/.test(k) ? Number(k) : k)),
          message: p.expected ?? p.code,
        });
  });
export type SimulateDocument = z.infer<typeof simulateSchema>;

/** The answer of `simulate`, SI, fields as in docs/examples; impossible input is refused before (simulation/check). */
export function simulateDocument(d: SimulateDocument): Record<string, unknown> {
  switch (d.kind) {
    case 'free-sink':
      return sinkAnswer(d);
    case 'steady-tow': {
      const tow = steadyTow({ ...d, viscosityM2s: viscosityM2s(d.waterTempC) });
      if (!('problem' in tow)) return { ...tow };
      const nothing = { depthM: null, horizontalM: null, wetLengthM: null, tensionLureN: null, angleLureDeg: null };
      return {
        ...nothing,
        notes: [
          tow.problem === 'floats' ? 'the lure floats and nothing pulls it down' : 'the line does not reach the water',
        ],
      };
    }
    case 'cross-current-bow': {
      const bow = crossCurrentBow({ ...d, viscosityM2s: viscosityM2s(d.waterTempC) });
      return bow
        ? { ...bow }
        : { chordM: null, offsetM: null, angleLureDeg: null, notes: ['the current folds the line right over'] };
    }
    case 'hook-set':
      return { ...hookSet(d) };
    default:
      return movingAnswer(d);
  }
}

function sinkAnswer({ lure, waterDensityKgM3, timesS }: z.infer<typeof freeSinkSchema>): Record<string, unknown> {
  const s = freeSink(lure, waterDensityKgM3);
  if (!s) return { terminalMps: null, speedMps: null, depthM: null, notes: ['the lure floats'] };
  return {
    terminalMps: s.terminalMps,
    speedMps: timesS.map((t) => sinkSpeedMps(s, t)),
    depthM: timesS.map((t) => sinkDepthM(s, t)),
  };
}

/** Each mesh is given so much work; where it does not get to the end the next coarser one begins anew. */
const MOST_WORK = 40_000;
const MESHES = [
  { mesh: MESH.fine, about: null },
  { mesh: MESH.plan, about: 'rough: solved on a coarser mesh, within 2 %' },
  { mesh: MESH.quick, about: 'rough: solved on a coarse mesh, within 5 %' },
  { mesh: MESH.scan, about: 'rough: solved on the coarsest mesh, mostly within a tenth of the depth' },
] as const;

/** The cast on the finest mesh that can be afforded, and what is to be said of it. */
function affordableRun(d: Moving, timesS: readonly number[]): { run: Run; notes: string[] } {
  const input = movingInput(d);
  const runOn = (mesh: Mesh): Run =>
    runRetrieve(input, { mesh, timesS, lineShapes: d.lineShapes, mostWork: MOST_WORK });
  let [i, run] = [0, runOn(MESHES[0].mesh)];
  while (run.stoppedAtS !== null && i < MESHES.length - 1) run = runOn(MESHES[++i]!.mesh);
  const { failedAtS, stoppedAtS } = run;
  const notes = [
    failedAtS === null ? null : `no solution after ${failedAtS} s`,
    MESHES[i]!.about,
    stoppedAtS === null ? null : `followed up to ${stoppedAtS.toFixed(1)} s; ask for less`,
  ].filter((x) => x !== null);
  return { run, notes };
}

function movingAnswer(d: Moving): Record<string, unknown> {
  const order = d.timesS.map((_, i) => i).sort((a, b) => d.timesS[a]! - d.timesS[b]!);
  const { run, notes } = affordableRun(
    d,
    order.map((i) => d.timesS[i]!),
  );
  const at = new Map(order.map((i, k) => [i, run.samples[k]]));
  const column = <T>(f: (s: NonNullable<(typeof run.samples)[number]>) => T) =>
    d.timesS.map((_, i) => (at.get(i) ? f(at.get(i)!) : null));
  return {
    xM: column((s) => s.xM),
    yM: column((s) => s.yM),
    depthM: column((s) => -s.zM),
    speedMps: column((s) => s.speedMps),
    tensionLureN: column((s) => s.tensionN),
    lineOutM: column((s) => s.lineOutM),
    onBottom: column((s) => s.onBottom),
    ...(d.lineShapes ? { lineXZ: column((s) => s.lineXZ) } : {}),
    maxDepthM: run.samples.length > 0 ? Math.max(...run.samples.map((s) => -s.zM)) : null,
    ...(notes.length > 0 ? { notes } : {}),
  };
}
