/** How uncertain the readings are: fixed draws of the same water. */
import { normalDraw, uniformDraw } from '../base/draws';
import { clamp } from '../base/numbers';
import { READING_KEYS, readingAt, readingPath, type ReadingKey } from './readings';
import type { ResolvedConditions } from './resolve';

/** Rows that are moved, with their keys: found once. */
const SPREAD = READING_KEYS.flatMap((key) => {
  const { spread } = readingAt(key);
  return spread ? [{ key, path: readingPath(key), ...spread }] : [];
});
const CHANCES = READING_KEYS.flatMap((key) => {
  const { chances } = readingAt(key);
  return chances ? [{ key, path: readingPath(key), ...chances }] : [];
});

function drawOf(chances: readonly (readonly [unknown, number])[], u: number): unknown {
  let left = u;
  for (const [value, chance] of chances) if ((left -= chance) <= 0) return value;
  return chances[chances.length - 1]![0];
}

/** Mean speed of tidal water that nobody read, m/s; still water elsewhere. */
const UNREAD_CURRENT_MPS = 0.2;
const TIDAL_CURRENT_DIMENSION = 8;
const MIN_FISH_DEPTH_M = 0.05;

/**
 * One draw of the readings: every uncertain reading moved within its spread. Draw numbers 0–31; the same number always
 * gives the same reading.
 */
export const drawConditions = (r: ResolvedConditions, n: number): ResolvedConditions => draw(r, n, true);

/** The same, but what was read stays as it is: only what is assumed may be otherwise. */
export const drawAssumed = (r: ResolvedConditions, n: number): ResolvedConditions => draw(r, n, false);

function draw(r: ResolvedConditions, n: number, readToo: boolean): ResolvedConditions {
  const isAssumed = (path: string): boolean => r.assumed.includes(path);
  const moved: { [K in ReadingKey]?: unknown } = {};
  for (const { key, path, as, assumed, read, dimension, within } of SPREAD) {
    if (!readToo && !isAssumed(path)) continue;
    const size = isAssumed(path) ? assumed : read;
    const z = normalDraw(n, dimension);
    const value = as === 'sum' ? (r[key] as number) + size * z : (r[key] as number) * size ** z;
    moved[key] = within ? clamp(value, within[0], within[1]) : value;
  }
  for (const { key, path, dimension, of } of CHANCES)
    if (isAssumed(path)) moved[key] = drawOf(of, uniformDraw(n, dimension));
  if (r.salinity !== 'fresh' && isAssumed('water.currentMps'))
    moved.currentMps = -UNREAD_CURRENT_MPS * Math.log(1 - uniformDraw(n, TIDAL_CURRENT_DIMENSION));
  // The band goes up and down with the fish, inside the water.
  const fishDepthM = clamp((moved.fishDepthM as number | undefined) ?? r.fishDepthM, MIN_FISH_DEPTH_M, r.depthM);
  const shift = fishDepthM - r.fishDepthM;
  const fishBandM = [clamp(r.fishBandM[0] + shift, 0, r.depthM), clamp(r.fishBandM[1] + shift, 0, r.depthM)] as const;
  return { ...r, ...moved, fishDepthM, fishBandM } as ResolvedConditions;
}
