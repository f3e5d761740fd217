import { readReadingsCsv } from './readingsCsv';

test('readings in either unit, in any order, with other columns beside them', () => {
  const c = readReadingsCsv(
    'Time,depth,Water_Temp_C\n2026-10-02T06:00:00-05:00,1,12.5\n2026-10-01T06:00:00-05:00,1,"13,1"\n',
  );
  expect(c.problems).toEqual([]);
  expect(c.points.map((p) => p.tempC)).toEqual([13.1, 12.5]);
  const f = readReadingsCsv('time,water_temp_f\r\n2026-10-01 11:00:00Z,54.5\r\n');
  expect(f.points).toEqual([{ atMs: Date.parse('2026-10-01T11:00:00Z'), tempC: 12.5 }]);
});

test('bad lines are told by their number, the others are taken', () => {
  const r = readReadingsCsv(
    'time,water_temp_c\n2026-10-01T06:00Z,12\nyesterday,13\n2026-10-03T06:00Z,480\n2026-10-04T06:00Z,\n2026-10-05T06:00Z,11\n',
  );
  expect(r.points).toHaveLength(2);
  expect(r.problems.map((p) => [p.path, p.code])).toEqual([
    ['line 3', 'bad-time'],
    ['line 4', 'bad-temperature'],
    ['line 5', 'bad-temperature'],
  ]);
});

test('a file of something else is refused whole', () => {
  expect(readReadingsCsv('name,price\nspoon,4\n')).toMatchObject({ points: [], problems: [{ code: 'no-columns' }] });
  expect(readReadingsCsv('')).toMatchObject({ points: [], problems: [{ code: 'no-columns' }] });
});
