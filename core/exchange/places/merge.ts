/**
 * What taking a file of places would do: which spots are new, which change, which are here already. Told apart by
 * their stable id; a place from elsewhere has one made of its name and position, so that the same file taken twice
 * changes nothing.
 */
import { contentHash } from '../../base/hash';
import { distanceM } from '../../forecast/spots';
import type { WaterPlace } from '../../records/water';
import type { Shore } from '../../records/shore';
import { newSpot, type Spot } from '../../records/spot';
import type { FoundPlace, FoundShore, PlaceProblem, PlacesFile } from './found';

/** Two places of one name as near as this are one, m. */
const SAME_PLACE_M = 8;
/** A spot as far as this from the middle of its water is asked about, m. */
const FAR_M = 50_000;

/** What would be stored, and what would not. */
export interface PlacesMerge {
  fresh: Spot[];
  changed: { was: Spot; to: Spot }[];
  /** Shores that are new, or drawn otherwise than the one here. */
  shores: { was: Shore | null; to: Shore }[];
  same: number;
  problems: PlaceProblem[];
  /** Of the new and changed ones, those that lie far from their water, by id, and how far, m. */
  far: { id: string; awayM: number }[];
}

const idOf = (f: FoundPlace): string =>
  f.id ?? `place-${contentHash([f.name, f.latDeg.toFixed(6), f.lonDeg.toFixed(6)])}`;

/**
 * The file's places against what is here. `fallbackWaterId`: the water of those that name none that is here.
 */
export function mergePlaces(
  { found, shores }: Pick<PlacesFile, 'found' | 'shores'>,
  here: {
    water: Readonly<Record<string, WaterPlace>>;
    spot: Readonly<Record<string, Spot>>;
    shore: Readonly<Record<string, Shore>>;
  },
  fallbackWaterId: string,
): PlacesMerge {
  const waters = Object.values(here.water);
  const spots = Object.values(here.spot);
  const waterOf = (f: FoundPlace | FoundShore): string =>
    (f.waterId !== null && Object.hasOwn(here.water, f.waterId) ? f.waterId : null) ??
    waters.find((w) => w.name === f.waterName)?.id ??
    fallbackWaterId;
  const seen = new Set<string>();
  const out: PlacesMerge = { fresh: [], changed: [], shores: [], same: 0, problems: [], far: [] };
  for (const f of found) {
    const byId = Object.hasOwn(here.spot, idOf(f)) ? here.spot[idOf(f)]! : null;
    const was =
      byId ?? (f.id === null ? (spots.find((s) => s.name === f.name && distanceM(s, f) < SAME_PLACE_M) ?? null) : null);
    const id = was?.id ?? idOf(f);
    if (seen.has(id)) {
      out.problems.push({ n: f.n, line: f.line, name: f.name, fault: 'twice', of: 'id' });
      continue;
    }
    seen.add(id);
    // What was found by its name and place alone stays where it is, to the digit; so does what lies on the meridian
    // that has two names.
    const twoNames = was?.latDeg === f.latDeg && was.lonDeg === 180 && f.lonDeg === -180;
    const at = was && (f.id === null || twoNames) ? was : f;
    const base = was ?? newSpot({ id, waterId: waterOf(f), name: f.name, latDeg: f.latDeg, lonDeg: f.lonDeg });
    const to: Spot = {
      ...base,
      ...f.details,
      name: f.name,
      latDeg: at.latDeg,
      lonDeg: at.lonDeg,
      note: f.note ?? base.note,
    };
    if (was && contentHash(was) === contentHash(to)) {
      out.same++;
      continue;
    }
    if (was) out.changed.push({ was, to });
    else out.fresh.push(to);
    const water = here.water[to.waterId];
    const awayM = water ? distanceM(water, to) : 0;
    if (awayM > FAR_M) out.far.push({ id, awayM });
  }
  for (const { n, waterId, waterName, ...f } of shores) {
    const was = Object.hasOwn(here.shore, f.id) ? here.shore[f.id]! : null;
    if (out.shores.some((x) => x.to.id === f.id)) {
      out.problems.push({ n, line: null, name: f.name, fault: 'twice', of: 'id' });
      continue;
    }
    const to: Shore = was
      ? { ...was, ...f }
      : { ...f, waterId: waterOf({ ...f, n, waterId, waterName }), retiredAtMs: null };
    if (was && contentHash(was) === contentHash(to)) out.same++;
    else out.shores.push({ was, to });
  }
  return out;
}
