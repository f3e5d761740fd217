/** What a row of the table of readings says, and the kinds of rows there are. */
import type { SpeciesProfile } from './species';
import type { Behaviour, Mark, Setting, Sign } from './terms';

/** Where in a document: under `water`, under `sky`, or beside them. */
export type DocumentPart = 'water' | 'sky' | 'top';

/**
 * Where a value comes from: read or entered today; reckoned from entered or gauged tides; the angler's own readings of
 * past days; a station's report; worked out from other readings; what is usual there; nothing but a default.
 */
export type Source = 'read' | 'tide' | 'log' | 'station' | 'worked-out' | 'usual' | 'default';
/** Those that say something; the other two stand in. */
export type TellingSource = Exclude<Source, 'worked-out' | 'default'>;

/** One standard deviation of a reading, added to it or as a ratio: when it is assumed and when it was read. */
export interface Spread {
  assumed: number;
  read: number;
  as: 'sum' | 'ratio';
  /** Which of the twelve dimensions of the draws moves it (base/draws). */
  dimension: number;
  within?: readonly [number, number];
}

/** How often an unread choice is what. */
export interface Chances<T> {
  dimension: number;
  of: readonly (readonly [T, number])[];
}

/**
 * How it is entered: the kind of steps (ui/theme/stepping), the usual values, SI, from where to where it is dragged,
 * and those offered by name.
 */
export interface EntryControl {
  step:
    | 'temp'
    | 'tempChange'
    | 'clarity'
    | 'depth'
    | 'waves'
    | 'ice'
    | 'wind'
    | 'speed'
    | 'far'
    | { by: number; from: number; to: number };
  usual: readonly [number, number];
  presets?: readonly number[];
}

/** What a default may follow from: what was given, and the rows above. */
export interface SoFar {
  setting: Setting;
  species: SpeciesProfile;
  /** Depth of the fish as given; the middle of a given band, else the depth of the marks; null without. */
  given: { fishDepthM: number | null; seenM: number | null };
  month: number;
  surfaceTempC: number;
  depthM: number;
  fishDepthM: number;
  windMps: number;
  fetchM: number;
  behaviour: Behaviour;
  marks: readonly Mark[];
  signs: readonly Sign[];
}

/** Told of every path that is assumed. */
export type Assume = (path: string) => void;

type Kind = 'number' | 'choice' | 'choices' | 'flag' | 'band' | 'cover' | 'marks' | 'signs';

/** A row. T: what may be given; R: what it comes to. */
export interface Reading<P extends DocumentPart = DocumentPart, T = unknown, R = unknown> {
  at: P;
  kind: Kind;
  unit?: '°C' | 'm' | 'm/s' | '°' | 'hPa' | 'share' | 'month';
  /** Legal values, both ends included. */
  range?: readonly [number, number];
  whole?: boolean;
  choices?: readonly string[];
  resolve: (given: T | null, so: SoFar, path: string, assume: Assume) => R;
  spread?: Spread;
  chances?: Chances<T>;
  /** Who may say it, best first; absent: it is taken as given and its source is not told. */
  sources?: readonly TellingSource[];
  /** The angler enters it for the day. */
  entered: boolean;
  entry?: EntryControl;
}

type Rest<T> = Partial<Pick<Reading, 'sources' | 'spread' | 'entry' | 'entered' | 'whole'>> & { chances?: Chances<T> };
type Default<R> = R | ((so: SoFar) => R);
const defaultOf = <R>(d: Default<R>, so: SoFar): R => (typeof d === 'function' ? (d as (so: SoFar) => R)(so) : d);

/** A row whose default is assumed, and said to be. */
const assumedRow = <P extends DocumentPart, T>(
  at: P,
  kind: Kind,
  usual: Default<T>,
  rest: Partial<Reading<P, T, T>>,
): Reading<P, T, T> => ({
  at,
  kind,
  entered: true,
  resolve: (given, so, path, assume) => {
    if (given !== null) return given;
    assume(path);
    return defaultOf(usual, so);
  },
  ...rest,
});
/** A row whose default nobody needs to hear of. */
export const quietRow = <P extends DocumentPart, T, R>(
  at: P,
  kind: Kind,
  usual: Default<R>,
  rest: Partial<Reading<P, T, T | R>>,
): Reading<P, T, T | R> => ({
  at,
  kind,
  entered: true,
  resolve: (given, so) => given ?? defaultOf(usual, so),
  ...rest,
});

type NumberRow<P extends DocumentPart> = { at: P; unit: Reading['unit']; range: readonly [number, number] };
/** A reading that is a number, with a usual value where none was given. */
export const number = <P extends DocumentPart>({
  at,
  ...row
}: NumberRow<P> & { usual: Default<number> } & Rest<number>): Reading<P, number, number> =>
  assumedRow(at, 'number', row.usual, row);
/** A number of which nothing is said when it was assumed. */
export const quietNumber = <P extends DocumentPart>({
  at,
  ...row
}: NumberRow<P> & { usual: Default<number> } & Rest<number>): Reading<P, number, number> =>
  quietRow<P, number, number>(at, 'number', row.usual, row);
/** What is not read says nothing: null, no default. */
export const numberOrNothing = <P extends DocumentPart>({
  at,
  ...row
}: NumberRow<P> & Rest<number>): Reading<P, number, number | null> =>
  quietRow<P, number, null>(at, 'number', null, row);
/** A reading that is one of a list. */
export const choice = <P extends DocumentPart, T extends string>({
  at,
  ...row
}: { at: P; choices: readonly T[]; usual: Default<T> } & Rest<T>): Reading<P, T, T> =>
  assumedRow(at, 'choice', row.usual, row);
