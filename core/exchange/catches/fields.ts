/**
 * What a list of catches from elsewhere can tell, and which of its columns tells it. A column is guessed from its name
 * and is for the angler to confirm; the unit of a quantity stands in the name too.
 */
import { FT, INCH, OUNCE, POUND } from '../../base/units';

/**
 * What can be told of a line. `kind`: of lure, where its name says nothing here; `what`: landed, lost, missed …;
 * `casts`: made that day with that lure, at that spot.
 */
export const CATCH_FIELDS = [
  'date',
  'time',
  'water',
  'spot',
  'fish',
  'lure',
  'kind',
  'what',
  'casts',
  'length',
  'weight',
  'depth',
  'released',
  'note',
] as const;
export type CatchField = (typeof CATCH_FIELDS)[number];

/** Fields without which no line can be taken. */
export const NEEDED: readonly CatchField[] = ['date', 'lure'];

/** Casts of one line, at the most. */
export const MAX_CASTS = 1000;

/** Which column tells a field. */
export type Mapping = Partial<Record<CatchField, string>>;

/** Units of the quantities, with what one of them is in SI. */
export const CATCH_UNITS = {
  length: { in: INCH, cm: 0.01, mm: 0.001, m: 1, ft: FT },
  weight: { lb: POUND, oz: OUNCE, kg: 1, g: 0.001 },
  depth: { ft: FT, m: 1 },
} as const;
export type Quantity = keyof typeof CATCH_UNITS;
export type CatchUnits = { [Q in Quantity]: keyof (typeof CATCH_UNITS)[Q] };
export const QUANTITIES = Object.keys(CATCH_UNITS) as Quantity[];

/** Words by which columns are called, most telling first. */
const CALLED: Readonly<Record<CatchField, readonly string[]>> = {
  date: [
    'date',
    'day',
    'caught_on',
    'date_caught',
    'catch_date',
    'trip_date',
    'at',
    'when',
    'caught_at',
    'started_at',
    'datetime',
    'timestamp',
  ],
  time: ['time', 'time_of_day', 'clock', 'hour'],
  water: ['water', 'lake', 'river', 'waterbody', 'body_of_water', 'location', 'venue', 'where'],
  spot: ['spot', 'place', 'area', 'where'],
  fish: ['fish', 'species', 'kind_of_fish'],
  lure: ['lure', 'lure_name', 'bait', 'fly', 'lure_used'],
  kind: ['lure_kind', 'lure_type', 'kind_of_lure', 'bait_type', 'type_of_lure'],
  what: ['what', 'result', 'outcome', 'event', 'status'],
  casts: ['casts', 'number_of_casts', 'casts_made'],
  length: ['length', 'len', 'size'],
  weight: ['weight', 'wt'],
  depth: ['depth', 'how_deep'],
  released: ['released', 'let_go', 'release'],
  note: ['note', 'notes', 'comment', 'comments', 'remarks'],
};

/** A column's name without its unit, and the unit where it names one: "length_(in)", "weight_lb". */
export function unitInName(column: string): { name: string; unit: string | null } {
  const found = /^(.*?)[_\s]*[([]?(in|inch|inches|cm|mm|m|ft|feet|lb|lbs|oz|kg|g)[)\]]?$/.exec(column);
  if (!found || !/[_\s([]/.test(column.slice(found[1]!.length, found[1]!.length + 1)))
    return { name: column, unit: null };
  const unit = { inch: 'in', inches: 'in', feet: 'ft', lbs: 'lb' }[found[2]!] ?? found[2]!;
  return { name: found[1]!.replace(/[_\s]+$/, ''), unit };
}

/** Which columns tell what, by their names; one column tells one thing. */
export function guessMapping(columns: readonly string[]): Mapping {
  const out: Mapping = {};
  const free = new Set(columns);
  for (const field of CATCH_FIELDS)
    for (const word of CALLED[field]) {
      const column = [...free].find((c) => c === word || unitInName(c).name === word);
      if (column === undefined) continue;
      out[field] = column;
      free.delete(column);
      break;
    }
  return out;
}

const isUnitOf = <Q extends Quantity>(q: Q, unit: string | null): unit is CatchUnits[Q] & string =>
  unit !== null && Object.hasOwn(CATCH_UNITS[q], unit);

/** The units that the columns name; `usual` where they name none. `named`: which are told by the file itself. */
export function guessUnits(mapping: Mapping, usual: CatchUnits): { units: CatchUnits; named: Quantity[] } {
  const units = { ...usual };
  const named: Quantity[] = [];
  for (const q of QUANTITIES) {
    const { unit } = unitInName(mapping[q] ?? '');
    if (!isUnitOf(q, unit)) continue;
    Object.assign(units, { [q]: unit });
    named.push(q);
  }
  return { units, named };
}
