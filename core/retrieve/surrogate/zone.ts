/**
 * Zone minutes and casts per hour of a family at a working depth, without a simulation.
 * Swimming lures: the simulated table (± 0.12 of share against a finely solved re-run, see zone.test.ts). Surface, bottom and float: closed form.
 */
import type { Family } from '../../lures/family';
import { lurePhysics } from '../../lures/physics';
import { clamp, interpolate, lerp } from '../../numbers';
import { freeSink, timeToSinkS } from '../simulate/sink';
import { DEPTH_GRID_M } from './grid';
import { ZONE_TABLE } from './table';

/** Seconds lost to every cast: bringing it back the last metres, aiming, throwing. prior: judgement. */
const OVERHEAD_S = 11;
const REFERENCE_CAST_M = 22;
/** Nobody lets one cast last longer than this, s. */
const LONGEST_CAST_S = 150;
/** A lure on the bottom is in the fish's way for this share of the time it is worked there. */
const BOTTOM_SHARE = 0.8;

export interface ZoneEstimate {
  /** Share of the cast in the band, 0–1. */
  share: number;
  castS: number;
  zoneSecondsPerCast: number;
  castsPerHour: number;
  zoneMinutesPerHour: number;
}

export function tableShare(familyId: string, depthM: number): number {
  const row = ZONE_TABLE[familyId];
  if (!row) return 0;
  return interpolate(row.map(([share], i) => [DEPTH_GRID_M[i]!, share] as const), depthM);
}

/** A pitch into cover: let fall, lifted and dropped a few times, out again, s; and the share of it at the fish's depth. prior: judgement. */
const PITCH = { castS: 24, overheadS: 7, share: 0.55 } as const;

/** Share of a long cast that passes the fish when they sit on single pieces of cover, by way of working. prior: judgement. */
const PASSING_SHARE: Record<Family['mode'], number> = { surface: 0.5, swim: 0.5, float: 0.75, bottom: 0.55 };

/**
 * Average speed `speedMps` over the cast; `pitched` is the share of casts dropped into standing cover instead, `spotty` how far the
 * fish sit on single pieces of cover rather than everywhere, both 0–1.
 */
export function estimateZone(f: Family, workingDepthM: number, speedMps: number, pitched = 0, spotty = 0): ZoneEstimate {
  const weightKg = f.weightKg[1];
  const sink = f.mode === 'surface' ? null : freeSink(lurePhysics(f, weightKg), 998);
  const fallS = f.mode === 'surface' || (f.mode === 'float' && workingDepthM < 0.2) || !sink ? 0 : timeToSinkS(sink, workingDepthM) * 1.25;
  const workedS = Math.min(LONGEST_CAST_S, REFERENCE_CAST_M / Math.max(speedMps, 0.02));
  const dragS = workedS + (f.mode === 'swim' ? Math.min(fallS, 30) : fallS);
  const draggedShare =
    f.mode === 'surface' ? 0.97 : f.mode === 'swim' ? tableShare(f.id, workingDepthM) : f.mode === 'float' ? (0.92 * workedS) / dragS : (BOTTOM_SHARE * workedS) / dragS;
  const castS = lerp(dragS, PITCH.castS, pitched);
  const share = lerp(draggedShare * lerp(1, PASSING_SHARE[f.mode], spotty), PITCH.share, pitched);
  const castsPerHour = 3600 / (castS + lerp(OVERHEAD_S, PITCH.overheadS, pitched));
  const zoneSecondsPerCast = clamp(share, 0.005, 1) * castS;
  return { share, castS, zoneSecondsPerCast, castsPerHour, zoneMinutesPerHour: (castsPerHour * zoneSecondsPerCast) / 60 };
}
