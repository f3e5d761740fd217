/** Spots in files, and on their plan, in words. */
import type { Degrees } from '../core/base/ground';
import type { FileRefusal, PlaceProblem } from '../core/exchange/places/found';
import type { PlacesMerge } from '../core/exchange/places/merge';
import { directionName } from './direction';
import { movedText } from './way';
import { list } from './names';
import { positionText, say, type UnitPrefs } from './units';

export const spotsText = (n: number): string => `${n} spot${n === 1 ? '' : 's'}`;

export const shoresText = (n: number): string => `${n} shore${n === 1 ? '' : 's'}`;
/** “11 spots and 1 shore”; nothing where there is neither. */
export const placesText = (spots: number, shores: number): string =>
  list([...(spots > 0 || shores === 0 ? [spotsText(spots)] : []), ...(shores > 0 ? [shoresText(shores)] : [])]);
/** What would be taken of a file; nothing: ''. */
export const takenText = (m: PlacesMerge): string => {
  const spots = m.fresh.length + m.changed.length;
  return spots + m.shores.length === 0 ? '' : placesText(spots, m.shores.length);
};
export const shoreText = (shore: { name: string; points: readonly unknown[] }, known: boolean): string =>
  `${known ? 'A shore you have, drawn otherwise' : 'New shore'}: ${shore.name}, ${shore.points.length} points`;

export const REFUSAL: Record<FileRefusal, string> = {
  'too-big': 'This file is too big for a list of spots (20 MB at the most).',
  'too-many': 'More than 5000 places: split the file.',
  'too-deep': 'This file is nested deeper than any list of places is.',
  'declares-entities': 'This file declares entities of its own, which no GPX needs and which can do harm.',
  broken: 'This file is damaged: it cannot be read to its end.',
  'not-places': 'This is neither a GPX nor a GeoJSON file.',
  'other-datum': 'Its positions are not in degrees of latitude and longitude (WGS 84). Save it in those and try again.',
};

/** Why nothing of a file was taken. */
export const refusalText = (refusal: FileRefusal, line: number | null): string =>
  `${REFUSAL[refusal]}${refusal === 'broken' && line !== null ? ` It breaks in line ${line}.` : ''} Nothing was taken.`;

const FIELD: Record<string, string> = {
  id: 'its id',
  note: 'its note (500 letters at the most)',
  depthM: 'its depth (0 to 300 m)',
  hazards: 'what to mind there (300 letters at the most)',
  lowWater: 'what low water showed (500 letters at the most)',
  bestTide: 'its best tide',
  bestLight: 'its best light',
  part: 'its part of the water',
  bottom: 'its bottom',
  bait: 'whether there is bait',
  current: 'whether there is current',
  structure: 'whether there is structure',
  depthChange: 'whether the depth changes',
  pins: 'what is pinned there (40 pins at the most)',
};

export function placeProblemText(p: PlaceProblem): string {
  const where = p.line === null ? `${p.of === 'shore' ? 'Shore' : 'Place'} ${p.n}` : `Line ${p.line}`;
  const why: Record<PlaceProblem['fault'], string> = {
    'no-position': 'has no position',
    'bad-position': 'has a position that is not on the earth',
    'bad-field': p.of === 'shore' ? 'cannot be read as a shore' : `${FIELD[p.of] ?? p.of} cannot be read`,
    twice: 'stands in the file twice; the first is taken',
  };
  return `${where}, ${p.name}${p.fault === 'bad-field' && p.of !== 'shore' ? ':' : ''} ${why[p.fault]}.`;
}

/** What taking the file would do. */
export function mergeText(m: PlacesMerge, problems: number, left: number): string {
  const parts = [
    m.fresh.length > 0 ? `${spotsText(m.fresh.length)} ${m.fresh.length === 1 ? 'is' : 'are'} new` : '',
    m.changed.length > 0 ? `${m.changed.length} change${m.changed.length === 1 ? 's' : ''} one you have` : '',
    m.shores.length > 0
      ? `${shoresText(m.shores.length)} ${m.shores.length === 1 ? 'is' : 'are'} new or otherwise`
      : '',
    m.same - m.away > 0 ? `${m.same - m.away} ${m.same - m.away === 1 ? 'is' : 'are'} here already` : '',
    m.away > 0
      ? `${m.away} ${m.away === 1 ? 'is' : 'are'} here, put away: the Kit brings ${m.away === 1 ? 'it' : 'them'} back`
      : '',
    problems > 0 ? `${problems} cannot be taken` : '',
  ].filter(Boolean);
  const rest = left > 0 ? ` ${left} ${left === 1 ? 'line or area is' : 'lines and areas are'} left out.` : '';
  return `${parts.length > 0 ? `${list(parts)}.` : 'There is neither a spot nor a shore in this file.'}${rest}`;
}

/** What the file would change in a spot that is here, named by what differs. */
export function changeText(was: Degrees & { name: string }, to: Degrees & { name: string }, u: UnitPrefs): string {
  const moved = movedText(was, to, u);
  return [
    was.name === to.name ? was.name : `${was.name} becomes ${to.name}`,
    moved ? `moves ${moved}` : 'what is known of it changes',
  ].join(': ');
}

export const farText = (name: string, awayM: number, water: string, u: UnitPrefs): string =>
  `${name} lies ${say.far(awayM, u)} from ${water}: is it the right water?`;

export const freshText = (s: Degrees & { name: string }, water: string): string =>
  `New: ${s.name}, ${water}, ${positionText(s)}`;

/** Spots out to a file and in. */
export const SPOT_FILE = {
  what: 'GPX and GeoJSON, as other maps and plotters read and write them; all your waters in one file.',
  /** Said before spots leave the device. */
  tells:
    'Your notes are in the file too, and your shores where it tells exactly. Give it only to those you would take there.',
  onto: 'The file does not say on which of your waters they are',
  /** Lines from elsewhere: banks, depth lines, or where a boat went. */
  lines: (n: number): string =>
    `It has ${n === 1 ? 'a line' : `${n} lines`} that ${n === 1 ? 'was' : 'were'} not drawn here: a bank, or only where somebody went`,
  stopped: 'Stopped; nothing was taken.',
  unreadable: 'The file could not be read; nothing was taken.',
  taken: (m: PlacesMerge): string => `${takenText(m)} taken from the file.`,
  takenBack: 'Taken back: the new ones are put away, the others as they were.',
} as const;

/** The plan of the spots, said. */
export const planLabel = (n: number, across: string): string =>
  `Plan of ${spotsText(n)}, ${across} across, north at the top. The arrow keys move it, plus and minus bring it closer and further, zero shows all.`;

export const SPOT_PLAN = {
  wind: (mps: number, fromDeg: number, u: UnitPrefs): string =>
    `wind ${say.wind(mps, u)} from the ${directionName(fromDeg)}`,
  noSpot: 'No spot here yet. Five or six good ones are plenty.',
  noneFound: 'No spot matches that.',
  noShore: 'Nothing drawn yet: a few points along the bank, and the plan shows what lies where.',
  shoreFull: (most: number): string => `A shore has ${most} points at the most: keep this one and go on with another.`,
  shoreIs: (s: { points: readonly unknown[]; closed: boolean; depthM: number | null }, long: string, u: UnitPrefs) =>
    `${s.depthM === null ? '' : `${say.depth(s.depthM, u)} deep along it, `}${s.points.length} points, ${long}${s.closed ? ', closed' : ''}`,
  putAway: (name: string): string => `${name} is put away.`,
  moved: (name: string): string => `${name} is moved.`,
  draw: (deep: boolean): string =>
    `Touch the plan along ${deep ? 'that depth' : 'the water’s edge'}, or move it until the cross stands there and put a point.`,
  held: (n: number): string => `Point ${n} is in hand: touch where it belongs, or bring the cross there and put it.`,
  drawn: (n: number, long: string): string =>
    n < 2 ? `${n} point${n === 1 ? '' : 's'} so far.` : `${n} points so far, ${long} long.`,
  none: 'There is nothing to draw yet: add a spot, mark one from Strikes, or read some from a file.',
  noWater: 'There is no water yet. Add one first: spots lie on a water.',
  key: 'A full mark has three or four of the four signs (bait, current, structure, a change of depth). Touch one to see what is known of it.',
  move: 'Move the plan until the cross stands where the spot belongs.',
  to: (way: string): string => `The cross stands ${way} of where it was.`,
} as const;
