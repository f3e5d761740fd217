/**
 * What taking a file of places would do: which spots are new, which change, which are here already. Told apart by
 * their stable id; a place from elsewhere has one made of its name and position, so that the same file taken twice
 * changes nothing.
 */
import { contentHash } from '../../base/hash';
import { distanceM } from '../../base/ground';
import type { WaterPlace } from '../../records/water';
import type { Shore } from '../../records/shore';
import { newSpot, type Spot } from '../../records/spot';
import type { FoundPlace, PlaceProblem, PlacesFile } from './found';

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
  /** Of those that are here already, so many are put away. */
  away: number;
  /** Whether some name no water that is here: they go onto the one that is chosen. */
  homeless: boolean;
  problems: PlaceProblem[];
  /** Of the new and changed ones, those that lie far from their water, and how far, m. */
  far: { spot: Spot; awayM: number }[];
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
  const knownWaterOf = (f: Pick<FoundPlace, 'waterId' | 'waterName'>): string | null =>
    f.waterId !== null && Object.hasOwn(here.water, f.waterId)
      ? f.waterId
      : (waters.find((w) => w.name === f.waterName)?.id ?? null);
  const waterOf = (f: Pick<FoundPlace, 'waterId' | 'waterName'>): string => knownWaterOf(f) ?? fallbackWaterId;
  const seen = new Set<string>();
  const out: PlacesMerge = {
    fresh: [],
    changed: [],
    shores: [],
    same: 0,
    away: 0,
    homeless: [...found, ...shores].some((f) => knownWaterOf(f) === null),
    problems: [],
    far: [],
  };
  for (const f of found) {
    const ownId = idOf(f);
    const byId = Object.hasOwn(here.spot, ownId) ? here.spot[ownId]! : null;
    const was =
      byId ?? (f.id === null ? (spots.find((s) => s.name === f.name && distanceM(s, f) < SAME_PLACE_M) ?? null) : null);
    const id = was?.id ?? ownId;
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
      if (was.retiredAtMs !== null) out.away++;
      continue;
    }
    if (was) out.changed.push({ was, to });
    else out.fresh.push(to);
    const water = here.water[to.waterId];
    const awayM = water ? distanceM(water, to) : 0;
    if (awayM > FAR_M) out.far.push({ spot: to, awayM });
  }
  for (const { n, waterId, waterName, ...f } of shores) {
    const was = Object.hasOwn(here.shore, f.id) ? here.shore[f.id]! : null;
    if (out.shores.some((x) => x.to.id === f.id)) {
      out.problems.push({ n, line: null, name: f.name, fault: 'twice', of: 'id' });
      continue;
    }
    const to: Shore = was ? { ...was, ...f } : { ...f, waterId: waterOf({ waterId, waterName }), retiredAtMs: null };
    if (was && contentHash(was) === contentHash(to)) {
      out.same++;
      if (was.retiredAtMs !== null) out.away++;
    } else out.shores.push({ was, to });
  }
  return out;
}
