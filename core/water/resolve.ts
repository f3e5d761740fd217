/** Conditions with what is missing filled in from the table of readings, and a list of what was filled. */
import type { Conditions } from './conditions';
import { givenIn, READING_KEYS, readingAt, readingPath, type ReadingKey, type ResolvedOf } from './readings';
import { speciesProfile } from './species';
import type { Setting, SpeciesId } from './terms';
import { markedDepthM } from './usual';
import type { SoFar } from './readingRow';

/** Every reading with a value, and the paths of those that were assumed. */
export type ResolvedConditions = { species: SpeciesId; setting: Setting; assumed: readonly string[] } & {
  [K in ReadingKey]: ResolvedOf<K>;
};

/** The rows with their keys and paths: found once, as a ranking resolves thousands of times. */
const ROWS = READING_KEYS.map((key) => ({ key, row: readingAt(key), path: readingPath(key) }));

/**
 * Never fails: legal conditions always come to something. Example: a pond in June with nothing read is 22 °C, 2.5 m
 * deep and marked assumed in both.
 */
export function resolveConditions(c: Conditions): ResolvedConditions {
  const assumed: string[] = [];
  const { setting, fishDepthM, fishBandM } = c.water;
  const seenM = fishBandM ? (fishBandM[0] + fishBandM[1]) / 2 : markedDepthM(c.marks ?? []);
  const so: Record<string, unknown> = {
    setting,
    species: speciesProfile(c.species),
    given: { fishDepthM: fishDepthM ?? null, seenM },
  };
  const out: Record<string, unknown> = { species: c.species, setting, assumed };
  const assume = (path: string): void => void assumed.push(path);
  for (const { key, row, path } of ROWS) {
    so[key] = row.resolve(givenIn(c, key), so as unknown as SoFar, path, assume);
    out[key] = so[key];
  }
  return out as unknown as ResolvedConditions;
}

/** The wind that was read, m/s: one that nobody read bends no line and shortens no cast. */
export const windRead = (r: ResolvedConditions): number => (r.assumed.includes('water.windMps') ? 0 : r.windMps);
