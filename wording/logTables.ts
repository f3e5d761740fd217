/** The log's tables in the angler's own units. */
import type { LogUnits } from '../core/exchange/logTables';
import { FT, INCH, OUNCE, POUND, toFahrenheit, type UnitPrefs } from './units';

const FEET = { suffix: 'ft', unit: 'ft', of: (m: number): number => m / FT, digits: 2 };
const METRES = { suffix: 'm', unit: 'm', of: (m: number): number => m, digits: 2 };

/** Quantities as the angler has them on the screen. */
export const ownLogUnits = (u: UnitPrefs): LogUnits => ({
  depth: u.depth === 'ft' ? FEET : METRES,
  distance: u.depth === 'ft' ? FEET : METRES,
  size:
    u.size === 'in'
      ? { suffix: 'in', unit: 'in', of: (m) => m / INCH, digits: 2 }
      : { suffix: 'cm', unit: 'cm', of: (m) => m * 100, digits: 1 },
  weight:
    u.weight === 'oz'
      ? { suffix: 'oz', unit: 'oz', of: (kg) => kg / OUNCE, digits: 3 }
      : { suffix: 'g', unit: 'g', of: (kg) => kg * 1000, digits: 1 },
  temp:
    u.temp === 'F'
      ? { suffix: 'f', unit: '°F', of: toFahrenheit, digits: 1 }
      : { suffix: 'c', unit: '°C', of: (c) => c, digits: 1 },
  fishWeight:
    u.weight === 'oz'
      ? { suffix: 'lb', unit: 'lb', of: (kg) => kg / POUND, digits: 2 }
      : { suffix: 'kg', unit: 'kg', of: (kg) => kg, digits: 3 },
});

/** What the file holds and tells. */
export const LOG_FILE = {
  what: 'Tables for a spreadsheet, in one ZIP: days, what was fished how (with its casts), what happened, fish, photos. Each line has its own id and those of what it belongs to; a description of every column lies beside them.',
  tells: 'No position is in them. Without names your notes and photos stay out too.',
  done: 'The tables are saved, with your downloads.',
  failed: 'The tables could not be made. Nothing was changed; try again.',
} as const;
