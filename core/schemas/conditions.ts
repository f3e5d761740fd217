/** The open conditions document: what the command reads and the application writes. Unknown keys are refused so that a typing slip is seen. */
import * as z from 'zod';
import {
  ABUNDANCES,
  ACCESSES,
  BEHAVIOURS,
  BOTTOMS,
  COVER_KINDS,
  FISHING_PRESSURES,
  FORAGES,
  FRONTS,
  SALINITIES,
  SETTINGS,
  SIGN_KINDS,
  SPECIES,
  TIDE_STAGES,
} from '../water/conditions';

const num = (lo: number, hi: number) => z.number().min(lo).max(hi).nullish();

export const signSchema = z.strictObject({
  kind: z.enum(SIGN_KINDS),
  count: z.number().int().min(0).max(10_000),
  minutesAgo: z.number().min(0).optional(),
  zoneShare: z.number().min(0).max(1).optional(),
});

export const coverSchema = z.strictObject({ kind: z.enum(COVER_KINDS), density: num(0, 1), branchDiameterM: num(0, 2), topDepthM: num(0, 30) });

export const waterSchema = z.strictObject({
  setting: z.enum(SETTINGS),
  salinity: z.enum(SALINITIES).nullish(),
  surfaceTempC: num(-2, 40),
  tempChange3dC: num(-20, 20),
  clarityM: num(0.02, 30),
  depthM: num(0.1, 300),
  fishDepthM: num(0, 300),
  fishBandM: z.tuple([z.number().min(0).max(300), z.number().min(0).max(300)]).nullish(),
  currentMps: num(0, 6),
  currentAngleDeg: num(-360, 360),
  windMps: num(0, 40),
  windAngleDeg: num(-360, 360),
  waveHeightM: num(0, 8),
  fetchM: num(0, 500_000),
  tideStage: z.enum(TIDE_STAGES).nullish(),
  iceThicknessM: num(0, 3),
  cover: coverSchema.nullish(),
  bottom: z.enum(BOTTOMS).nullish(),
});

export const skySchema = z.strictObject({ cloud: num(0, 1), sunElevationDeg: num(-90, 90), front: z.enum(FRONTS).nullish() });

export const conditionsSchema = z.strictObject({
  species: z.enum(SPECIES),
  water: waterSchema,
  sky: skySchema.nullish(),
  month: z.number().int().min(1).max(12).nullish(),
  forage: z.array(z.enum(FORAGES)).nullish(),
  forageAbundance: z.enum(ABUNDANCES).nullish(),
  pressure: z.enum(FISHING_PRESSURES).nullish(),
  pressureTrendHpa3h: num(-50, 50),
  access: z.enum(ACCESSES).nullish(),
  behaviour: z.enum(BEHAVIOURS).nullish(),
  baitSeen: z.boolean().nullish(),
  marks: z.array(z.strictObject({ depthM: z.number().min(0).max(300), count: z.number().int().min(0) })).nullish(),
  signs: z.array(signSchema).nullish(),
});
