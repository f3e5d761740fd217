/**
 * A station's readings as CSV: a head line with `time` and `water_temp_c` (or `water_temp_f`), one reading a line,
 * times with their offset. Other columns are left alone. A line that cannot be read is a problem with its number; the
 * others are taken.
 */
import type { Problem } from '../base/problems';
import type { TempPoint } from '../water/history';
import { numberIn, readTable, TABLE_EXPECTED } from './table';

/** Temperatures read from a table, °C and ms, and the lines that could not be read. */
export interface ReadingsFile {
  points: TempPoint[];
  problems: Problem[];
}

const MAX_ROWS = 20_000;
const ISO = /^(\d{4})-(\d\d)-(\d\d)[T ]\d\d:\d\d(:\d\d(\.\d+)?)?(Z|[+-]\d\d:?\d\d)$/;

/** ISO 8601 with its offset to ms; NaN for what is none, a 30 February too. */
function momentIn(time: string): number {
  const at = ISO.exec(time);
  if (!at) return NaN;
  const [year, month, day] = [at[1], at[2], at[3]].map(Number) as [number, number, number];
  const of = new Date(Date.UTC(year, month - 1, day));
  return of.getUTCMonth() === month - 1 && of.getUTCDate() === day ? Date.parse(time.replace(' ', 'T')) : NaN;
}

/** A table of times and temperatures, °C or °F by its head line, to points; bad lines by their number. */
export function readReadingsCsv(text: string): ReadingsFile {
  const { columns, rows } = readTable(text);
  const unit = columns.includes('water_temp_c') ? 'c' : columns.includes('water_temp_f') ? 'f' : null;
  if (!columns.includes('time') || !unit)
    return {
      points: [],
      problems: [{ code: 'no-columns', path: 'line 1', expected: 'columns time and water_temp_c or water_temp_f' }],
    };
  const points = new Map<number, TempPoint>();
  const problems: Problem[] = [];
  for (const { line, cells, fault } of rows.slice(0, MAX_ROWS)) {
    const path = `line ${line}`;
    if (fault) {
      problems.push({ code: fault, path, expected: TABLE_EXPECTED[fault] });
      continue;
    }
    const atMs = momentIn((cells.time ?? '').trim());
    const value = numberIn(cells[`water_temp_${unit}`]) ?? NaN;
    const tempC = unit === 'f' ? (value - 32) / 1.8 : value;
    if (!Number.isFinite(atMs))
      problems.push({ code: 'bad-time', path, expected: 'a time with its offset, such as 2026-05-14T06:00:00-05:00' });
    else if (!(tempC >= -2 && tempC <= 40))
      problems.push({ code: 'bad-temperature', path, expected: 'a water temperature from −2 to 40 °C' });
    // The later line wins where two tell the same moment.
    else points.set(atMs, { atMs, tempC });
  }
  if (rows.length > MAX_ROWS)
    problems.push({ code: 'too-long', path: `line ${MAX_ROWS + 2}`, expected: `at most ${MAX_ROWS} readings` });
  return { points: [...points.values()].sort((a, b) => a.atMs - b.atMs), problems };
}
