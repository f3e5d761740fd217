/**
 * Numbers as anglers type them: with a point or a comma, as fractions (3/8, 1 1/2, 6½), in feet and inches (6'6), with
 * a unit of any kind or none, which then is the one that the page shows.
 */
import { DAY_MIN } from '../core/base/zone';
import { FT, fromFahrenheit, INCH, KMH, MILE, MPH, OUNCE, POUND, YARD } from './units';

const SIGNS: Readonly<Record<string, number>> = {
  '¼': 1 / 4,
  '½': 1 / 2,
  '¾': 3 / 4,
  '⅛': 1 / 8,
  '⅜': 3 / 8,
  '⅝': 5 / 8,
  '⅞': 7 / 8,
  '⅓': 1 / 3,
  '⅔': 2 / 3,
};

/** What is measured, so that a unit of something else is noticed. */
export type Dimension = 'length' | 'mass' | 'speed' | 'temperature' | 'degrees' | 'time' | 'clock' | 'plain';

const KNOT = 1852 / 3600;
/** A unit's value in SI; temperature has its own rule. */
const UNITS: Readonly<Record<Exclude<Dimension, 'temperature' | 'clock' | 'plain'>, Readonly<Record<string, number>>>> =
  {
    /** By how much it is warmer. */
    degrees: { f: 1 / 1.8, c: 1 },
    length: {
      m: 1,
      cm: 0.01,
      mm: 0.001,
      km: 1000,
      ft: FT,
      feet: FT,
      foot: FT,
      "'": FT,
      in: INCH,
      inch: INCH,
      inches: INCH,
      '"': INCH,
      yd: YARD,
      yards: YARD,
      mi: MILE,
    },
    mass: { g: 0.001, kg: 1, oz: OUNCE, ounce: OUNCE, ounces: OUNCE, lb: POUND, lbs: POUND },
    speed: { 'm/s': 1, mph: MPH, 'km/h': KMH, kmh: KMH, kn: KNOT, kt: KNOT, knots: KNOT },
    time: { s: 1, sec: 1, seconds: 1, min: 60, minutes: 60 },
  };

/** How what is typed becomes a value, and which are taken. */
export interface Typed {
  dimension: Dimension;
  /** From a plain number in the unit that the page shows. */
  fromPlain: (n: number) => number;
  /** Least and most, SI, and how they are said. */
  range: readonly [number, number];
  text: (si: number) => string;
}

/** A value in SI, or what is wrong with what was typed. */
export type TypedValue = number | { trouble: string };

const PIECE = /^(-|\+)?(\d+(?:[.,]\d+)?|[.,]\d+)?\s*(?:(?:-|\s)?(\d+)\/(\d+))?([¼½¾⅛⅜⅝⅞⅓⅔])?\s*([^\d.,¼½¾⅛⅜⅝⅞⅓⅔]*)/;

interface Piece {
  value: number;
  unit: string;
}

/** “6'6", “1 1/2 oz”, “-2” as numbers with their units, or null where anything is left over. */
function piecesOf(text: string): Piece[] | null {
  let rest = text.trim().toLowerCase().replaceAll('’', "'").replaceAll('”', '"').replaceAll('−', '-');
  const out: Piece[] = [];
  while (rest !== '') {
    // 3/8: the whole before a fraction is left out.
    const alone = /^(-|\+)?(\d+)\/(\d+)\s*([^\d.,]*)/.exec(rest);
    const found = alone ? [alone[0], alone[1], undefined, alone[2], alone[3], undefined, alone[4]] : PIECE.exec(rest);
    const [all = '', sign, whole, over, under, part, unit = ''] = found ?? [];
    if (all === '' || (!whole && !over && !part) || Number(under) === 0) return null;
    const size =
      Number((whole ?? '0').replace(',', '.')) + (over ? Number(over) / Number(under) : 0) + (part ? SIGNS[part]! : 0);
    out.push({ value: sign === '-' ? -size : size, unit: unit.trim().replace(/^°\s*/, '').replace(/\.$/, '') });
    rest = rest.slice(all.length).trim();
  }
  return out.length > 0 ? out : null;
}

function unitValue({ value, unit }: Piece, { dimension, fromPlain }: Typed): TypedValue {
  if (unit === '') return fromPlain(value);
  if (dimension === 'plain' || dimension === 'clock') return { trouble: `A plain number, without “${unit}”.` };
  if (dimension === 'temperature')
    return unit === 'f' ? fromFahrenheit(value) : unit === 'c' ? value : { trouble: `Degrees: “${unit}” is none.` };
  const factor = UNITS[dimension][unit];
  return factor === undefined ? { trouble: `“${unit}” is no unit of it.` } : value * factor;
}

const CLOCK = /^(\d{1,2})(?:[:.h](\d{2}))?\s*(am|pm)?$/;

/** “9”, “9:30 pm”, “21:30” as minutes after midnight. */
function typedClock(text: string): TypedValue {
  const [all, hours = '', minutes = '0', half] =
    CLOCK.exec(text.trim().toLowerCase().replaceAll('.m', 'm').replaceAll('m.', 'm')) ?? [];
  const h = Number(hours);
  const isLegal = all !== undefined && Number(minutes) < 60 && (half ? h >= 1 && h <= 12 : h < 24);
  if (!isLegal) return { trouble: 'Type a time, such as 9:00, 5:30 pm or 17:30.' };
  return ((half ? (h % 12) + (half === 'pm' ? 12 : 0) : h) * 60 + Number(minutes)) % DAY_MIN;
}

/** What was typed as a value in SI within its range, or what is wrong with it. Nothing is guessed. */
export function typedMeasure(text: string, typed: Typed): TypedValue {
  if (typed.dimension === 'clock') return typedClock(text);
  const pieces = piecesOf(text);
  if (!pieces || pieces.length > 2) return { trouble: 'Type a number, such as 1.5 or 3/8.' };
  const [first, second] = pieces as [Piece, Piece?];
  let value = unitValue(first, typed);
  if (second) {
    const feet = typed.dimension === 'length' && ["'", 'ft', 'feet', 'foot'].includes(first.unit);
    if (!feet || !['', '"', 'in', 'inch', 'inches', "''"].includes(second.unit))
      return { trouble: 'Type one number, such as 1.5 or 3/8.' };
    if (typeof value === 'number') value += second.value * INCH;
  }
  if (typeof value !== 'number') return value;
  const [least, most] = typed.range;
  // A bound as it is told may lie a rounding outside of itself.
  const slack = 1e-3 * Math.max(Math.abs(least), Math.abs(most), 1e-3);
  if (value < least - slack || value > most + slack)
    return { trouble: `From ${typed.text(least)} to ${typed.text(most)}.` };
  return Math.min(most, Math.max(least, value));
}

const DEGREES = /^([+-]?\d+(?:[.,]\d+)?)\s*°?\s*(n|s|e|w|north|south|east|west)?$/i;

/** One coordinate: “84.2 W”, “-84.2°”. Degrees north or east; null where it is none. */
function coordinate(text: string, most: number): number | null {
  const found = DEGREES.exec(text.trim());
  if (!found) return null;
  const size = Number(found[1]!.replace(',', '.'));
  const value = /^[sw]/i.test(found[2] ?? '') ? -Math.abs(size) : size;
  return Math.abs(value) <= most ? value : null;
}

/** A position as it is typed or pasted: “45.1, -84.2”, “45.1 N 84.2 W”. Degrees, or what is wrong with it. */
export function typedPosition(text: string): { latDeg: number; lonDeg: number } | { trouble: string } {
  const clean = text.replaceAll('−', '-').trim();
  const parts =
    /^(.+?[nsNS])[,;\s]+(.+)$/.exec(clean) ??
    /^(\S+?°?)\s*[,;]\s+(\S+.*)$/.exec(clean) ??
    /^(\S+?)[,;\s]+(\S+)$/.exec(clean);
  const latDeg = parts ? coordinate(parts[1]!, 90) : null;
  const lonDeg = parts ? coordinate(parts[2]!, 180) : null;
  return latDeg === null || lonDeg === null
    ? { trouble: 'Type north and east, such as 45.10, −84.20, or 45.10 N 84.20 W.' }
    : { latDeg, lonDeg };
}
