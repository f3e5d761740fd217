/**
 * A station's readings as CSV: a head line with `time` and `water_temp_c` (or `water_temp_f`), one reading a line,
 * times with their offset. Other columns are left alone. A line that cannot be read is a problem with its number; the
 * others are taken.
 */
import Papa from 'papaparse';
import type { Problem } from '../base/problems';
import type { TempPoint } from '../water/history';

/** Temperatures read from a table, °C and ms, and the lines that could not be read. */
export interface ReadingsFile {
  points: TempPoint[];
  problems: Problem[];
}

const MAX_ROWS = 20_000;
const ISO = /^\d{4}-\d\d-\d\d[T ]\d\d:\d\d(:\d\d(\.\d+)?)?(Z|[+-]\d\d:?\d\d)$/;

/** A table of times and temperatures, °C or °F by its head line, to points; bad lines by their number. */
export function readReadingsCsv(text: string): ReadingsFile {
  const { data, meta } = Papa.parse<Record<string, string>>(text.trim(), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (h) => h.trim().toLowerCase(),
  });
  const columns = meta.fields ?? [];
  const unit = columns.includes('water_temp_c') ? 'c' : columns.includes('water_temp_f') ? 'f' : null;
  if (!columns.includes('time') || !unit)
    return {
      points: [],
      problems: [{ code: 'no-columns', path: 'line 1', expected: 'columns time and water_temp_c or water_temp_f' }],
    };
  const points = new Map<number, TempPoint>();
  const problems: Problem[] = [];
  data.slice(0, MAX_ROWS).forEach((row, i) => {
    const path = `line ${i + 2}`;
    const time = (row.time ?? '').trim();
    const raw = (row[`water_temp_${unit}`] ?? '').trim().replace(',', '.');
    const atMs = ISO.test(time) ? Date.parse(time.replace(' ', 'T')) : NaN;
    const value = raw === '' ? NaN : Number(raw);
    const tempC = unit === 'f' ? (value - 32) / 1.8 : value;
    if (!Number.isFinite(atMs))
      problems.push({ code: 'bad-time', path, expected: 'a time with its offset, such as 2026-05-14T06:00:00-05:00' });
    else if (!(tempC >= -2 && tempC <= 40))
      problems.push({ code: 'bad-temperature', path, expected: 'a water temperature from −2 to 40 °C' });
    // The later line wins where two tell the same moment.
    else points.set(atMs, { atMs, tempC });
  });
  if (data.length > MAX_ROWS)
    problems.push({ code: 'too-long', path: `line ${MAX_ROWS + 2}`, expected: `at most ${MAX_ROWS} readings` });
  return { points: [...points.values()].sort((a, b) => a.atMs - b.atMs), problems };
}
