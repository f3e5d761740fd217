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

/** What is moved of a water, and how far; one water is drawn many times. */
interface Moves {
  spread: readonly ((typeof SPREAD)[number] & { size: number })[];
  chances: typeof CHANCES;
  currentUnread: boolean;
}
const movesOf = { all: new WeakMap<ResolvedConditions, Moves>(), assumed: new WeakMap<ResolvedConditions, Moves>() };

function movesIn(r: ResolvedConditions, readToo: boolean): Moves {
  const kept = movesOf[readToo ? 'all' : 'assumed'];
  const known = kept.get(r);
  if (known) return known;
  const assumed = new Set(r.assumed);
  const made: Moves = {
    spread: SPREAD.filter((row) => readToo || assumed.has(row.path)).map((row) => ({
      ...row,
      size: assumed.has(row.path) ? row.assumed : row.read,
    })),
    chances: CHANCES.filter((row) => assumed.has(row.path)),
    currentUnread: r.salinity !== 'fresh' && assumed.has('water.currentMps'),
  };
  kept.set(r, made);
  return made;
}

function draw(r: ResolvedConditions, n: number, readToo: boolean): ResolvedConditions {
  const { spread, chances, currentUnread } = movesIn(r, readToo);
  const moved: { [K in ReadingKey]?: unknown } = {};
  for (const { key, as, size, dimension, within } of spread) {
    const z = normalDraw(n, dimension);
    const value = as === 'sum' ? (r[key] as number) + size * z : (r[key] as number) * size ** z;
    moved[key] = within ? clamp(value, within[0], within[1]) : value;
  }
  for (const { key, dimension, of } of chances) moved[key] = drawOf(of, uniformDraw(n, dimension));
  if (currentUnread) moved.currentMps = -UNREAD_CURRENT_MPS * Math.log(1 - uniformDraw(n, TIDAL_CURRENT_DIMENSION));
  // The band goes up and down with the fish, inside the water.
  const fishDepthM = clamp((moved.fishDepthM as number | undefined) ?? r.fishDepthM, MIN_FISH_DEPTH_M, r.depthM);
  const shift = fishDepthM - r.fishDepthM;
  const fishBandM = [clamp(r.fishBandM[0] + shift, 0, r.depthM), clamp(r.fishBandM[1] + shift, 0, r.depthM)] as const;
  return { ...r, ...moved, fishDepthM, fishBandM } as ResolvedConditions;
}
