/**
 * Waypoints of a GPX document as spots. Strictly read: what is no well-formed XML, declares entities or nests without
 * end is refused as a whole.
 */
import { SaxesParser, type SaxesTagNS } from 'saxes';
import { MAX_FILE_CHARS, MAX_PLACES, placesOf, refused, type PlacesFile, type RawPlace, type RawShore } from './found';
import { OURS } from './writeGpx';

const MAX_DEPTH = 32;
/** Characters at once, so that a wrong file is stopped before it is read to its end. */
const PIECE = 65_536;
/** Points of all its lines, at the most. */
const MAX_POINTS = 200_000;
/** A text longer than this is in no file of places. */
const MAX_TEXT = 20_000;

const MAY_BE_UNKNOWN = ['part', 'depthM', 'bottom'] as const;
const NUMBERS: ReadonlySet<string> = new Set(['depthM']);
const FLAGS: ReadonlySet<string> = new Set(['bait', 'current', 'structure', 'depthChange']);
/** A text of our extension as the record has it; what it cannot be stays a text, and is found out. */
function asValue(key: string, text: string): unknown {
  if (NUMBERS.has(key)) return /^-?\d+(\.\d+)?$/.test(text) ? Number(text) : text;
  if (FLAGS.has(key)) return text === 'true' ? true : text === 'false' ? false : text;
  return text;
}

const degrees = (s: string | undefined): number | null => {
  const t = (s ?? '').trim();
  return /^[+-]?(\d+\.?\d*|\.\d+)$/.test(t) ? Number(t) : null;
};

/** What stops the reading at once. */
class Stop extends Error {
  constructor(readonly file: PlacesFile) {
    super(file.refusal ?? '');
  }
}

/** A GPX document to its places. Never throws. */
export function readGpx(text: string): PlacesFile {
  if (text.length > MAX_FILE_CHARS) return refused('too-big');
  const parser = new SaxesParser({ xmlns: true, position: true });
  const path: string[] = [];
  const places: RawPlace[] = [];
  let place: RawPlace | null = null;
  const shores: RawShore[] = [];
  let track: RawShore | null = null;
  let points = 0;
  /** Tracks and routes of elsewhere. */
  const lines: RawShore[] = [];
  /** Whether the track that is being read was drawn here. */
  let ours = false;
  let words = '';

  parser.on('error', () => {
    throw new Stop(refused('broken', parser.line));
  });
  // No GPX declares a document type; what does wants its entities unfolded.
  parser.on('doctype', () => {
    throw new Stop(refused('declares-entities', parser.line));
  });
  parser.on('opentag', (t: SaxesTagNS) => {
    path.push(t.uri === OURS ? `mk:${t.local}` : t.local);
    words = '';
    if (path.length > MAX_DEPTH) throw new Stop(refused('too-deep', parser.line));
    if (path.length === 1 && t.local !== 'gpx') throw new Stop(refused('not-places', parser.line));
    const attribute = (name: string): string | undefined => t.attributes[name]?.value;
    if (path.length === 2 && t.local === 'wpt') {
      place = {
        line: parser.line,
        id: null,
        waterId: null,
        waterName: null,
        name: null,
        latDeg: degrees(attribute('lat')),
        lonDeg: degrees(attribute('lon')),
        note: null,
        details: Object.create(null) as Record<string, unknown>,
      };
      places.push(place);
      if (places.length > MAX_PLACES) throw new Stop(refused('too-many'));
    }
    if (path.length === 2 && (t.local === 'trk' || t.local === 'rte')) {
      ours = false;
      track = { line: parser.line, id: null, waterId: null, waterName: null, name: null, closed: null, points: [] };
    }
    if (track && path.length === 4 && path[3] === 'mk:shore') {
      track.id = attribute('id');
      track.waterId = attribute('water');
      track.waterName = attribute('waterName');
      const depth = attribute('depthM');
      track.depthM = depth === undefined ? null : asValue('depthM', depth);
      track.closed = attribute('closed') === 'true' ? true : attribute('closed') === 'false' ? false : null;
      ours = true;
    }
    if (track && ((path.length === 4 && t.local === 'trkpt') || (path.length === 3 && t.local === 'rtept'))) {
      if (++points > MAX_POINTS) throw new Stop(refused('too-many'));
      track.points.push({ latDeg: degrees(attribute('lat')), lonDeg: degrees(attribute('lon')) });
    }
    if (place && path.length === 4 && path[3] === 'mk:spot') {
      place.id = attribute('id') ?? null;
      place.waterId = attribute('water') ?? null;
      place.waterName = attribute('waterName') ?? null;
      // What is not known of a spot of ours is not written; that it is not known is said all the same.
      place.note ??= '';
      for (const key of MAY_BE_UNKNOWN) place.details[key] = null;
      // A file from before there were any does not say that there are none.
      if (attribute('pins') !== undefined) place.details.pins = [];
    }
    if (place && path.length === 5 && path[4] === 'mk:pin' && Array.isArray(place.details.pins))
      place.details.pins.push({
        kind: attribute('kind'),
        name: attribute('name') ?? '',
        latDeg: degrees(attribute('lat')),
        lonDeg: degrees(attribute('lon')),
      });
  });
  const heard = (s: string): void => {
    if (words.length + s.length > MAX_TEXT) throw new Stop(refused('too-big', parser.line));
    words += s;
  };
  parser.on('text', heard);
  parser.on('cdata', heard);
  parser.on('closetag', () => {
    const name = path.at(-1)!;
    if (place && path.length === 3 && name === 'name') place.name = words;
    if (place && path.length === 3 && (name === 'desc' || (name === 'cmt' && place.note === null))) place.note = words;
    if (place && path.length === 5 && path[3] === 'mk:spot' && name.startsWith('mk:'))
      place.details[name.slice(3)] = asValue(name.slice(3), words);
    if (track && path.length === 3 && name === 'name') track.name = words;
    if (path.length === 2) {
      if (track) (ours ? shores : lines).push(track);
      place = null;
      track = null;
    }
    path.pop();
    words = '';
  });
  try {
    for (let i = 0; i < text.length; i += PIECE) parser.write(text.slice(i, i + PIECE));
    parser.close();
  } catch (e) {
    return e instanceof Stop ? e.file : refused('broken', parser.line);
  }
  return placesOf(places, shores, lines, 0);
}
