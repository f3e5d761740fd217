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
            shore: { water: s.waterId, waterName: waterName(s.waterId), closed: s.closed, depthM: s.depthM },
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
    depthM: member(own, 'depthM'),
    points: (line as unknown[]).map(pairOf),
  };
}

/** Lines and the outer edges of areas of elsewhere; none: []. */
function linesOf(feature: unknown): RawShore[] {
  const geometry = member(feature, 'geometry');
  const at = member(geometry, 'coordinates');
  if (!Array.isArray(at)) return [];
  const list = (x: unknown): unknown[] => (Array.isArray(x) ? (x as unknown[]) : []);
  const parts: Record<string, () => [points: unknown, closed: boolean][]> = {
    LineString: () => [[at, false]],
    MultiLineString: () => at.map((line) => [line, false]),
    Polygon: () => [[list(at[0]).slice(0, -1), true]],
    MultiPolygon: () => at.map((area) => [list(list(area)[0]).slice(0, -1), true]),
  };
  const type = member(geometry, 'type');
  const properties = member(feature, 'properties');
  return (typeof type === 'string' && Object.hasOwn(parts, type) ? parts[type]!() : []).map(([points, closed]) => ({
    line: null,
    id: null,
    waterId: null,
    waterName: null,
    name: member(properties, 'name') ?? member(properties, 'title'),
    closed,
    points: list(points).map(pairOf),
  }));
}

/** The only datum the format has had since 2016; an old file may name it, or another. */
const WGS84 = /CRS84|EPSG:{1,2}4326/;

/** Areas of areas of points, among features, are ten deep; what a program adds of its own, a few more. */
const MAX_DEPTH = 64;
const [QUOTE, ESCAPE, LIST, LIST_END, OBJECT, OBJECT_END] = Array.from('"\\[]{}', (c) => c.charCodeAt(0));

/** Whether it nests deeper than any list of places: told by its letters, before a tree is made of them. */
function tooDeep(text: string): boolean {
  let depth = 0;
  let inText = false;
  for (let i = 0; i < text.length; i++) {
    const c = text.charCodeAt(i);
    if (inText) {
      if (c === ESCAPE) i++;
      else if (c === QUOTE) inText = false;
    } else if (c === QUOTE) inText = true;
    else if (c === LIST || c === OBJECT) {
      if (++depth > MAX_DEPTH) return true;
    } else if (c === LIST_END || c === OBJECT_END) depth--;
  }
  return false;
}

/** A GeoJSON document to its places. Never throws. */
export function readGeoJson(text: string): PlacesFile {
  if (text.length > MAX_FILE_CHARS) return refused('too-big');
  if (tooDeep(text)) return refused('too-deep');
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
  const points: RawPlace[] = [];
  const shores: RawShore[] = [];
  const lines: RawShore[] = [];
  let left = 0;
  for (const feature of features as unknown[]) {
    const point = rawOf(feature);
    const shore = point ? null : shoreOf(feature);
    const others = point || shore ? [] : linesOf(feature);
    if (point) points.push(point);
    else if (shore) shores.push(shore);
    else if (others.length > 0) lines.push(...others);
    else left++;
    if (lines.length > MAX_PLACES) return refused('too-many');
  }
  return placesOf(points, shores, lines, left);
}
