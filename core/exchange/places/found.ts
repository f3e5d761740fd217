/**
 * A file of places, before anything of it is taken: what could be read, what could not and why. Positions in degrees
 * (WGS 84), as the open formats have them.
 */
import { contentHash } from '../../base/hash';
import { shoreFields, type Shore } from '../../records/shore';
import { spotFields, type Spot } from '../../records/spot';
import type { Degrees } from '../../base/ground';
import { thinned } from './thinned';

/** What a file of places may weigh, in characters, and hold. */
export const MAX_FILE_CHARS = 20_000_000;
export const MAX_PLACES = 5000;

/** Why nothing of a file is taken. */
export const FILE_REFUSALS = [
  'too-big',
  'too-many',
  'too-deep',
  'declares-entities',
  'broken',
  'not-places',
  'other-datum',
] as const;
export type FileRefusal = (typeof FILE_REFUSALS)[number];

/** Why one place is not taken. */
export const PLACE_FAULTS = ['no-position', 'bad-position', 'bad-field', 'twice'] as const;
export type PlaceFault = (typeof PLACE_FAULTS)[number];

/** What a spot knows beside its place, its name and its water. */
export const DETAILS = [
  'bait',
  'current',
  'structure',
  'depthChange',
  'bestTide',
  'bestLight',
  'part',
  'depthM',
  'bottom',
  'hazards',
  'lowWater',
  'pins',
] as const satisfies readonly (keyof Spot)[];
export type Details = Partial<Pick<Spot, (typeof DETAILS)[number]>>;

/** A place of a file. `id` and `water` only where the file was written here, or keeps to it. */
export interface FoundPlace {
  /** The how manieth of the file, from 1, and its line where the format has lines. */
  n: number;
  line: number | null;
  id: string | null;
  waterId: string | null;
  waterName: string | null;
  name: string;
  latDeg: number;
  lonDeg: number;
  note: string | null;
  details: Details;
}

/** A shore of a file that was written here; or a line of elsewhere, as a shore. */
export interface FoundShore extends Omit<Shore, 'waterId' | 'retiredAtMs'> {
  n: number;
  waterId: string | null;
  waterName: string | null;
}

/** A place that is left out: the how manieth of the file, from 1, its line where the format has lines. */
export interface PlaceProblem {
  n: number;
  line: number | null;
  name: string;
  fault: PlaceFault;
  /** The field concerned. */
  of: string;
}

/**
 * What a file of places holds. `lines`: tracks, routes, lines and areas of elsewhere, which may be shores or not.
 * `left`: what is neither a place nor a line.
 */
export interface PlacesFile {
  refusal: FileRefusal | null;
  /** Where a broken file breaks, line from 1. */
  line: number | null;
  found: FoundPlace[];
  shores: FoundShore[];
  lines: FoundShore[];
  problems: PlaceProblem[];
  left: number;
}

/** What goes out to a file. */
export interface PlacesOut {
  spots: readonly Spot[];
  shores: readonly Shore[];
}

/** A file of which nothing is taken. */
export const refused = (refusal: FileRefusal, line: number | null = null): PlacesFile => ({
  refusal,
  line,
  found: [],
  shores: [],
  lines: [],
  problems: [],
  left: 0,
});

/** A place as a format has it: texts and values that nobody has looked at. */
export interface RawPlace {
  line: number | null;
  id: unknown;
  waterId: unknown;
  waterName: unknown;
  name: unknown;
  latDeg: number | null;
  lonDeg: number | null;
  note: unknown;
  details: Record<string, unknown>;
}

/** A shore as a format has it. */
export interface RawShore {
  line: number | null;
  id: unknown;
  waterId: unknown;
  waterName: unknown;
  name: unknown;
  closed: unknown;
  /** Null or absent: the bank. */
  depthM?: unknown;
  points: { latDeg: number | null; lonDeg: number | null }[];
}

const MAX_NAME = 60;
/** The rules of a spot, field by field. */
const rules = () => spotFields().shape;
const textOf = (x: unknown): string | null => (typeof x === 'string' && x.trim() !== '' ? x : null);

/** Names are cut to what a name may be; never within a letter of two halves. */
const asName = (s: string): string =>
  Array.from(s.trim().replace(/\s+/g, ' '))
    .slice(0, MAX_NAME)
    .reduce((all, c) => (all.length + c.length <= MAX_NAME ? all + c : all), '')
    .trim();

/** Shores of a file: each is whole, or a problem with its name. */
function shoresOf(raws: readonly RawShore[], problems: PlaceProblem[]): FoundShore[] {
  return raws.flatMap((raw, i) => {
    const shore = shoreFields().safeParse({
      id: raw.id,
      waterId: 'any',
      name: raw.name,
      points: raw.points,
      closed: raw.closed,
      depthM: raw.depthM ?? null,
      retiredAtMs: null,
    });
    if (!shore.success) {
      const name = asName(textOf(raw.name) ?? '') || `Shore ${i + 1}`;
      problems.push({ n: i + 1, line: raw.line, name, fault: 'bad-field', of: 'shore' });
      return [];
    }
    const { retiredAtMs: _, ...drawn } = shore.data;
    return [{ ...drawn, n: i + 1, waterId: textOf(raw.waterId), waterName: textOf(raw.waterName) }];
  });
}

const isPosition = (at: RawShore['points'][number]): at is Degrees =>
  rules().latDeg.safeParse(at.latDeg).success && rules().lonDeg.safeParse(at.lonDeg).success;

/** Lines of elsewhere as the shores they could be, thinned where they have more points than a shore; [] where none. */
function asShores(raw: RawShore, i: number): FoundShore[] {
  const onEarth = raw.points.filter(isPosition);
  if (onEarth.length < raw.points.length) return [];
  const points = thinned(onEarth);
  const name = asName(textOf(raw.name) ?? '') || `Line ${i + 1}`;
  // The same line taken twice is one shore.
  const id = `line-${contentHash([name, points])}`;
  return shoresOf([{ ...raw, id, name, points, closed: raw.closed === true }], []).map((shore) => ({
    ...shore,
    n: i + 1,
  }));
}

/**
 * Looks through the places of a file: each is whole, or a problem with its name. `rawLines`: those of elsewhere;
 * `left`: so many things are no places at all.
 */
export function placesOf(
  raws: readonly RawPlace[],
  rawShores: readonly RawShore[],
  rawLines: readonly RawShore[],
  left: number,
): PlacesFile {
  const found: FoundPlace[] = [];
  const problems: PlaceProblem[] = [];
  raws.forEach((raw, i) => {
    const n = i + 1;
    const given = textOf(raw.name);
    const ownName = given !== null && rules().name.safeParse(given).success;
    const name = (ownName ? given : asName(given ?? '')) || `Spot ${n}`;
    const wrong = (fault: PlaceFault, of: string): void => void problems.push({ n, line: raw.line, name, fault, of });
    const { latDeg, lonDeg } = raw;
    if (latDeg === null || lonDeg === null) return wrong('no-position', 'position');
    if (!rules().latDeg.safeParse(latDeg).success || !rules().lonDeg.safeParse(lonDeg).success)
      return wrong('bad-position', 'position');
    const id = textOf(raw.id);
    if (id !== null && !rules().id.safeParse(id).success) return wrong('bad-field', 'id');
    const note = typeof raw.note === 'string' ? raw.note : null;
    if (note !== null && !rules().note.safeParse(note).success) return wrong('bad-field', 'note');
    const details: Record<string, unknown> = {};
    for (const key of DETAILS) {
      if (!Object.hasOwn(raw.details, key)) continue;
      const read = rules()[key].safeParse(raw.details[key]);
      if (!read.success) return wrong('bad-field', key);
      details[key] = read.data;
    }
    found.push({
      n,
      line: raw.line,
      id,
      waterId: textOf(raw.waterId),
      waterName: textOf(raw.waterName),
      name: name.trim(),
      latDeg,
      lonDeg,
      note,
      details: details as Details,
    });
  });
  const shores = shoresOf(rawShores, problems);
  const lines = rawLines.flatMap(asShores);
  return {
    refusal: null,
    line: null,
    found,
    shores,
    lines,
    problems,
    left: left + rawLines.length - lines.length,
  };
}
