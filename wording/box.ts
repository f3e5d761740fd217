/** The box in words: its table, one lure of it, a box of lures from a file. */
import type { BadRow, BoxFile } from '../core/exchange/boxCsv';
import { familyById } from '../core/lures/families';
import { COLOURS, HOOKS } from '../core/lures/family';
import type { Ranking } from '../core/ranking/rank';
import type { Lure } from '../core/records/lure';
import { BODY_ONLY, rateLine } from './lures';
import { capital, COLOUR_NAME, FAMILY_NAME, HOOK_NAME, WAY_NAME } from './names';
import { exclusionSentence } from './reasons';
import { moneyText, say, type UnitPrefs } from './units';

export function badRowText(b: BadRow): string {
  const had = b.had === '' ? 'nothing' : `“${b.had.slice(0, 40)}”`;
  const why: Record<BadRow['fault'], string> = {
    'no-name': 'no name',
    'long-name': 'a name longer than 60 letters',
    'unknown-family': `${had} is no kind of lure known here${b.near ? `; did you mean ${FAMILY_NAME[b.near]}?` : ''}`,
    'bad-weight': `weight ${had}: wants 0.2 g to 500 g, and no comma that may be a point`,
    'bad-length': `length ${had}: wants 5 mm to 500 mm`,
    'bad-colour': `colour ${had}: one of ${COLOURS.join(', ')}`,
    'bad-hook': `hook ${had}: one of ${HOOKS.join(', ')}`,
    'bad-price': `price ${had}: wants 0 or more`,
    'bad-count': `count ${had}: wants a whole number from 0`,
    'long-note': 'a note longer than 500 letters',
    'unknown-field': 'a field that is not known here',
    'unclosed-quote': 'a quotation mark that is never closed: what follows it was not read',
    'too-many-cells': 'more cells than the first line names; a number with a comma stands in quotation marks',
  };
  return `Line ${b.line}: ${why[b.fault]}${why[b.fault].endsWith('?') ? '' : '.'}`;
}

export const FILE_FAULT: Record<NonNullable<BoxFile['fault']>, string> = {
  'no-columns': 'The first line must name the columns, at least “name” and “family”. Nothing was read.',
  'not-json': 'This is no list of lures: the document cannot be read. Nothing was taken.',
  empty: 'There is no line below the head line. Nothing was read.',
  'too-long': 'More than 5000 lines: split the file. Nothing was read.',
};

export const readText = (good: number, bad: number): string =>
  `${good} lure${good === 1 ? '' : 's'} can be read${bad > 0 ? `; ${bad} line${bad === 1 ? '' : 's'} cannot` : ''}.`;

/** Lures of a file that are in the box already. */
export const hadText = (had: number): string =>
  had === 1
    ? 'One more is in the box already and is left out.'
    : `${had} more are in the box already and are left out.`;

export const BOX = {
  table: 'The lures of the box',
  chosen: 'The lure that is chosen',
  favourite: 'Favourite',
  name: 'Name',
  kind: 'Kind',
  weight: 'Weight',
  length: 'Length',
  count: 'Pieces',
  bare: BODY_ONLY,
  change: 'Change it',
  work: 'How to work it',
} as const;

/** What is known of a lure, name and value. */
export function lureFacts(l: Lure, u: UnitPrefs): [string, string][] {
  const gone: [string, string][] =
    l.lostAtMs !== null ? [['State', 'lost']] : l.retiredAtMs !== null ? [['State', 'retired']] : [];
  return [
    ...gone,
    ['Worked', WAY_NAME[familyById(l.family).mode]],
    ['Weight', l.bare ? `${say.weight(l.weightKg, u)}, the body alone` : say.weight(l.weightKg, u)],
    ['Length', say.size(l.lengthM, u)],
    ['Colour', COLOUR_NAME[l.colour]],
    ['Hooks', l.bare ? 'chosen for the water' : HOOK_NAME[l.hook]],
    ['Pieces', String(l.count)],
    ...(l.priceMinor > 0 ? [['Price', moneyText(l.priceMinor, u)] as [string, string]] : []),
  ];
}

/** Where it stands in today's choice. */
export function standsToday(l: Lure, { ranked, excluded }: Pick<Ranking, 'ranked' | 'excluded'>, u: UnitPrefs): string {
  const at = ranked.findIndex((x) => x.key === l.id);
  if (at >= 0)
    return `Today ${at === 0 ? 'the first' : `number ${at + 1}`} of ${ranked.length}: ${rateLine(ranked[at]!)}.`;
  const out = excluded.find((x) => x.key === l.id);
  return out
    ? capital(`today it stays in the box: ${exclusionSentence(out, u)}.`)
    : 'Today’s choice does not know it yet.';
}
