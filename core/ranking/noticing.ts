/** What fish know of a lure that passes: from how far by each sense, and how many of them in its way. */
import { clamp, lerp, logistic } from '../base/numbers';
import type { Family } from '../lures/family';
import { feltRangeM, heardRangeM } from '../water/senses';
import type { Whereabouts } from '../water/terms';
import type { ReadContext } from './context';
import { chooseSizeM } from './rig';

/**
 * How far each sense knows of a lure, m: by eye with its flash, its size and what it stands out against; felt; heard
 * over the chop.
 */
export function ranges(f: Family, c: ReadContext): { sightM: number; feltM: number; heardM: number } {
  const contrast =
    0.75 + 0.25 * f.flash * logistic(Math.log10(c.holding.lux), 4, 0.4) + (f.mode === 'surface' ? 0.2 : 0);
  // A small thing is lost to sight sooner.
  const small = clamp(Math.sqrt(chooseSizeM(f, c.r, c.p, c.schools) / c.p.preyLengthM[1]), 0.5, 1.1);
  return { sightM: c.sightM * contrast * small, feltM: feltRangeM(c.r, f.thump), heardM: heardRangeM(c.r, f.rattle) };
}

/** Metres of water around its way from which it is known of, weighed by how sure that is. */
export function knownOf(senses: ReturnType<typeof ranges>, gap: number, c: ReadContext, onTop = false): number {
  const surfaceLoss = onTop ? c.chopDamp ** 2 : 1;
  const channel = (range: number, quality: number): number => quality * Math.exp(-((gap / (range + 0.3)) ** 2)) * range;
  return (
    channel(senses.sightM, 1) + channel(senses.feltM, 0.45) * surfaceLoss + channel(senses.heardM, 0.085) * surfaceLoss
  );
}

/**
 * Who knows where they are need not cover water: a slow lure is shown to nearly as many as one at an easy pace, and a
 * quick one to hardly more. How far, 0–1, by what is known. prior: judgement.
 */
const SPARES_PACE: Record<Whereabouts, number> = { searching: 0, located: 0.6, seen: 0.9 };
/** What an easy pace brings. */
const EASY = 1.1;

/** How much of the water a pace brings it past; the less of it counts, the better the fish are known. */
export function sweepOf(speed: number, { r }: Pick<ReadContext, 'r'>): number {
  const swept = ((speed + 0.15) / 0.5) ** (0.55 * (1 - 0.6 * r.cover.density));
  return lerp(swept, EASY, SPARES_PACE[r.whereabouts]);
}

/** Share of the fish in its way that know of it, 0–1. */
export const noticedBy = (known: number, sweep: number): number => 1 - Math.exp(-1.1 * known * sweep);
