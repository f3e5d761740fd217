/** Why a rig is as it is, piece by piece, and what would have been next. */
import { surfaceLux } from '../water/light';
import type { SpeciesProfile } from '../water/species';
import type { Colour, Family, Hook, Noise, Trailer } from '../lures/family';
import { atWeight } from '../lures/weights';
import { chooseSizeM, type Rig } from './rig';
import type { Factor } from './score';
import { fallMps, neededKg } from './weight';
import type { RankedLure } from './ranked';
import type { Lack } from './weighing';
import type { Schools } from './schools';
import type { ResolvedConditions } from '../water/resolve';

/** Why a part of the rig was chosen, and what came next. */
export type RigReason =
  | {
      part: 'weight';
      value: number;
      runnerUp: number | null;
      /** Fall of this and of the runner-up, m/s; null: it floats. */
      fallMps: number | null;
      runnerUpFallMps: number | null;
      /** The lightest that is felt on the bottom or keeps its depth, kg. */
      needKg: number;
      only: boolean;
      /** What a lighter one and a heavier one would lose by. */
      notLighter: Factor | null;
      notHeavier: Factor | null;
      /** A weight that is not at hand and would be worth so many times as much. */
      lacks: Lack | null;
    }
  | {
      part: 'colour';
      value: Colour;
      runnerUp: Colour | null;
      why: 'own' | 'trusted' | 'murk' | 'dark' | 'craw' | 'sun' | 'baitfish' | 'grey' | 'clear';
    }
  | { part: 'trailer'; value: Trailer; runnerUp: Trailer | null; why: 'cold' | 'warm' | 'own' }
  | {
      part: 'size';
      value: number;
      runnerUp: number | null;
      why: 'own' | 'thick' | 'scarce' | 'cold' | 'hatch';
      bestM: number;
    }
  | { part: 'hook'; value: Hook; runnerUp: Hook | null; why: 'cover' | 'open' | 'own' }
  | { part: 'noise'; value: Noise; runnerUp: Noise | null; why: 'murk' | 'clear' | 'built-in' }
  | { part: 'peg'; value: boolean; runnerUp: boolean; why: 'thin' | 'mat' | 'glide' | 'school' };

const NEXT_COLOUR: Record<Colour, Colour> = {
  natural: 'opaque',
  opaque: 'white',
  white: 'flash',
  flash: 'white',
  dark: 'craw',
  craw: 'dark',
};

/** Whether the lure has but one of a thing: an own lure's weight, length, colour. */
const fixed = (span: readonly [number, number, number]): boolean => span[0] === span[2];

/** Why the rig is as it is, as codes and facts. */
export function rigReasons(
  rig: Rig,
  f: Family,
  r: ResolvedConditions,
  p: SpeciesProfile,
  choice: RankedLure['weighing'],
  schools: Schools,
): RigReason[] {
  const out: RigReason[] = [weightReason(rig, f, r, choice)];
  out.push({
    part: 'colour',
    value: rig.colour,
    runnerUp: f.colour || schools.colour === 'one' ? null : NEXT_COLOUR[rig.colour],
    why: colourWhy(f, rig, r, schools),
  });
  if (rig.trailer !== 'none')
    out.push({
      part: 'trailer',
      value: rig.trailer,
      runnerUp: f.trailers ? (rig.trailer === 'flat' ? 'flapping' : 'flat') : null,
      why: !f.trailers ? 'own' : rig.trailer === 'flat' ? 'cold' : 'warm',
    });
  const other = chooseSizeM(f, r, p, { ...schools, hatch: schools.hatch === 'exact' ? 'size-up' : 'exact' });
  out.push({
    part: 'size',
    value: rig.sizeM,
    runnerUp: !fixed(f.lengthM) && Math.abs(other - rig.sizeM) > 0.002 ? other : null,
    why: fixed(f.lengthM)
      ? 'own'
      : r.surfaceTempC < 8
        ? 'cold'
        : schools.hatch !== 'exact' && r.forageAbundance === 'thick'
          ? 'thick'
          : schools.hatch !== 'exact' && r.forageAbundance === 'scarce'
            ? 'scarce'
            : 'hatch',
    bestM: p.preyLengthM[1],
  });
  out.push({
    part: 'hook',
    value: rig.hook,
    runnerUp: f.weedlessToo && !f.colour ? (rig.hook === 'weedless' ? f.hook : 'weedless') : null,
    why: rig.hook === 'weedless' ? 'cover' : f.weedlessToo ? 'open' : 'own',
  });
  out.push({
    part: 'noise',
    value: rig.noise,
    runnerUp:
      f.rattle > 0.15 && f.rattle < 0.5 && f.thump < 0.7 ? (rig.noise === 'rattle' ? 'silent' : 'rattle') : null,
    why: f.rattle >= 0.5 || f.thump >= 0.7 || f.rattle <= 0.15 ? 'built-in' : rig.noise === 'rattle' ? 'murk' : 'clear',
  });
  if (rig.peg !== null)
    out.push({
      part: 'peg',
      value: rig.peg,
      runnerUp: !rig.peg,
      why:
        schools.peg === 'free'
          ? 'school'
          : !rig.peg
            ? 'glide'
            : r.cover.kind === 'wood' || r.cover.kind === 'brush'
              ? 'thin'
              : 'mat',
    });
  return out;
}

function weightReason(rig: Rig, f: Family, r: ResolvedConditions, choice: RankedLure['weighing']): RigReason {
  const at = (kg: number): number | null => (f.mode === 'surface' ? null : fallMps(atWeight(f, kg)));
  return {
    part: 'weight',
    value: rig.weightKg,
    runnerUp: choice.runnerUpKg,
    fallMps: at(rig.weightKg),
    runnerUpFallMps: choice.runnerUpKg === null ? null : at(choice.runnerUpKg),
    needKg: neededKg(f, r),
    only: choice.only,
    notLighter: choice.notLighter,
    notHeavier: choice.notHeavier,
    lacks: choice.lacks,
  };
}

function colourWhy(
  f: Family,
  rig: Rig,
  r: ResolvedConditions,
  schools: Schools,
): Extract<RigReason, { part: 'colour' }>['why'] {
  if (f.colour) return 'own';
  if (schools.colour === 'one') return 'trusted';
  if (r.clarityM < 0.5) return 'murk';
  if (surfaceLux(r.sunElevationDeg, r.cloud) < 5) return 'dark';
  if (rig.colour === 'craw') return 'craw';
  if (rig.colour === 'flash') return 'sun';
  if (rig.colour === 'white') return 'baitfish';
  return rig.colour === 'opaque' ? 'grey' : 'clear';
}
