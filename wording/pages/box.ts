import type { FamilyId } from '../../core/lures/family';
import type { Lure } from '../../core/records/lure';
import { BODY_ONLY } from '../lures';
import { COLOUR_NAME, FAMILY_NAME, luresText } from '../names';
import { say, type UnitPrefs } from '../units';

/** The box of lures, and its files. */
export const BOX_PAGE = {
  count: (box: number, all: number): string => `${luresText(box)}${all > box ? `, ${all - box} retired or lost` : ''}`,
  find: 'Find by name, kind or note',
  order: 'In which order',
  byFavour: 'Favourites first',
  byName: 'By name',
  byKind: 'By kind',
  byWeight: 'Lightest first',
  byLength: 'Shortest first',
  favourites: 'Press the leaf of a lure to make it a favourite.',
  empty: 'The box is empty: add a lure, or read a list from a file.',
  noneFound: 'Nothing in the box matches that.',
  moreDoubles: (n: number, of: number): string => `Show ${n} more of ${of} that are in it twice`,
  doubles: (names: string[], family: FamilyId): string => `${names.join(', ')}: the same ${FAMILY_NAME[family]}.`,
  lacksFor: (water: string): string => `What it lacks for ${water}`,
  measuredAgainst: 'Measured against every other kind of lure',
  lacksWaiting: 'Trying every other kind on the hours ahead…',
  lacksNothing: 'Nothing that would add more than three in a hundred.',
  putIn: (n: number, bad: number): string =>
    `${luresText(n)} ${n === 1 ? 'is' : 'are'} in the box.${bad > 0 ? ` The ${bad} other lines are still here: save them, mend them, read them again.` : ''}`,
  tableIs:
    'A table with a line for each lure: name and family, and if you like weight_g (or weight_oz), length_mm, colour, hook, price, count, note.',
  readFile: 'Read lures from a file…',
  saveCsv: 'Save the box as a table (CSV)',
  saveJson: 'Save the box as JSON',
  doublesInFile: (n: number): string => `${n} of them look like lures you have; they can be put together below.`,
  moreLines: (n: number): string => `${n} more lines`,
  saveBad: 'Save those lines to mend them',
  onPaper: 'The box on paper',
  toPrint: 'Every lure and every rod on a sheet',
  sheetTitle: (n: number, day: string): string => `Lure box, ${day}: ${luresText(n)}`,
  rods: 'Rods',
  nothingYet: 'There is nothing in the box to print yet.',
  back: 'Back to the box',
  putInBox: (n: number): string => `Put ${luresText(n)} into the box`,
};

/** One lure on the printed sheet: what tells it from others of its kind. */
export const onSheet = (l: Lure, u: UnitPrefs): string =>
  [
    l.bare ? BODY_ONLY : say.weight(l.weightKg, u),
    say.size(l.lengthM, u),
    COLOUR_NAME[l.colour],
    ...(l.count > 1 ? [`${l.count} of them`] : []),
    ...(l.note === '' ? [] : [l.note]),
  ].join(', ');
