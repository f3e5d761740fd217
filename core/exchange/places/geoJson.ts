/**
 * Spots as points of GeoJSON (RFC 7946): a collection of features; name and note among their properties, what only a
 * spot of ours knows under `spot`.
 */
import {
  DETAILS,
  MAX_FILE_CHARS,
  MAX_PLACES,
  placesOf,
  refused,
  type PlacesFile,
  type PlacesOut,
  type RawPlace,
  type RawShore,
} from './found';

type Loose = Record<string, unknown>;
const isObject = (x: unknown): x is Loose => typeof x === 'object' && x !== null && !Array.isArray(x);
/** Own members alone: a file may name one `constructor`. */
const member = (x: unknown, key: string): unknown => (isObject(x) && Object.hasOwn(x, key) ? x[key] : undefined);

/** Spots and shores to a GeoJSON document. */
export const writeGeoJson = ({ spots, shores }: PlacesOut, waterName: (id: string) => string): string =>
  JSON.stringify(
    {
      type: 'FeatureCollection',
      features: [
        ...spots.map((s) => ({
          type: 'Feature',
          id: s.id,
          geometry: { type: 'Point', coordinates: [s.lonDeg, s.latDeg] },
          properties: {
            name: s.name,
            note: s.note,
            spot: {
              water: s.waterId,
              waterName: waterName(s.waterId),
              ...Object.fromEntries(DETAILS.map((k) => [k, s[k]])),
            },
          },
        })),
        ...shores.map((s) => ({
          type: 'Feature',
          id: s.id,
          geometry: { type: 'LineString', coordinates: s.points.map((p) => [p.lonDeg, p.latDeg]) },
          properties: {
            name: s.name,
            shore: { water: s.waterId, waterName: waterName(s.waterId), closed: s.closed },
          },
        })),
      ],
    },
    null,
    1,
  );

const number = (x: unknown): number | null => (typeof x === 'number' && Number.isFinite(x) ? x : null);

function rawOf(feature: unknown): RawPlace | null {
  const geometry = member(feature, 'geometry');
  if (isObject(geometry) && member(geometry, 'type') !== 'Point') return null;
  const at = member(geometry, 'coordinates');
  const [lon, lat] = Array.isArray(at) ? (at as unknown[]) : [];
  const properties = member(feature, 'properties');
  const own = member(properties, 'spot');
  return {
    line: null,
    // A foreign id may be a number; only where the rest is ours is it an id of ours.
    id: isObject(own) ? member(feature, 'id') : null,
    waterId: member(own, 'water'),
    waterName: member(own, 'waterName'),
    name: member(properties, 'name') ?? member(properties, 'title'),
    latDeg: number(lat),
    lonDeg: number(lon),
    note: member(properties, 'note') ?? member(properties, 'description') ?? member(properties, 'desc') ?? null,
    details: isObject(own) ? own : {},
  };
}

const pairOf = (x: unknown): RawShore['points'][number] => {
  const [lon, lat] = Array.isArray(x) ? (x as unknown[]) : [];
  return { latDeg: number(lat), lonDeg: number(lon) };
};

/** A line that was drawn here; null: any other. */
function shoreOf(feature: unknown): RawShore | null {
  const geometry = member(feature, 'geometry');
  const properties = member(feature, 'properties');
  const own = member(properties, 'shore');
  const line = member(geometry, 'coordinates');
  if (member(geometry, 'type') !== 'LineString' || !isObject(own) || !Array.isArray(line)) return null;
  return {
    line: null,
    id: member(feature, 'id'),
    waterId: member(own, 'water'),
    waterName: member(own, 'waterName'),
    name: member(properties, 'name'),
    closed: member(own, 'closed'),
    points: (line as unknown[]).map(pairOf),
  };
}

/** The only datum the format has had since 2016; an old file may name it, or another. */
const WGS84 = /CRS84|EPSG:{1,2}4326/;

/** A GeoJSON document to its places. Never throws. */
export function readGeoJson(text: string): PlacesFile {
  if (text.length > MAX_FILE_CHARS) return refused('too-big');
  let document: unknown;
  try {
    document = JSON.parse(text.replace(/^\uFEFF/, ''));
  } catch {
    return refused('broken');
  }
  const type = member(document, 'type');
  const features = type === 'Feature' ? [document] : member(document, 'features');
  if ((type !== 'FeatureCollection' && type !== 'Feature') || !Array.isArray(features)) return refused('not-places');
  const datum = member(member(member(document, 'crs'), 'properties'), 'name');
  if (datum !== undefined && !(typeof datum === 'string' && WGS84.test(datum))) return refused('other-datum');
  if (features.length > MAX_PLACES) return refused('too-many');
  const raws = (features as unknown[]).map(rawOf);
  const points = raws.filter((x): x is RawPlace => x !== null);
  const shores = (features as unknown[]).map(shoreOf).filter((x) => x !== null);
  return placesOf(points, shores, raws.length - points.length - shores.length);
}
