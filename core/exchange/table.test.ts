import { seededRandom } from '../base/random';
import { importBook, decodeStored, BOOK_FORMAT, BOOK_VERSION } from './bookDocument';
import { readBoxCsv, writeBoxCsv } from './boxCsv';
import { readBoxJson } from './boxJson';
import { readReadingsCsv } from './readingsCsv';
import { asTextCell, numberIn, readTable } from './table';

const NAMES = new Map();

test('rows carry the line they begin on, over blank lines and cells of several lines', () => {
  const { rows } = readTable('name,note\r\n\r\nA,"one\r\ntwo\r\nthree"\r\n,\r\nB,x\r\n');
  expect(rows.map((r) => [r.line, r.cells.name, r.cells.note])).toEqual([
    [3, 'A', 'one\r\ntwo\r\nthree'],
    [7, 'B', 'x'],
  ]);
});

test('a quotation mark that is never closed, and a number with a comma that shifts its cells, are told', () => {
  const file = readBoxCsv('name,family,weight_g\nA,popper,"9\nB,popper,9\nC,popper,9\n', NAMES);
  expect(file.lures).toEqual([]);
  expect(file.bad).toEqual([expect.objectContaining({ line: 2, fault: 'unclosed-quote' })]);
  const shifted = readBoxCsv('name,family,weight_g,note\nA,popper,12,5,\nB,popper,"12,5",\n', NAMES);
  expect(shifted.bad).toEqual([expect.objectContaining({ line: 2, fault: 'too-many-cells' })]);
  expect(shifted.lures.map((l) => l.weightKg)).toEqual([0.0125]);
});

test.each([
  ['12,5', 12.5],
  ['12.5', 12.5],
  ['.5', 0.5],
  ['0,125', 0.125],
  ['-3', -3],
  ['1e-3', 0.001],
  ['1,250', NaN],
  ['12,000', NaN],
  ['1,250.5', NaN],
  ['1.250,5', NaN],
  ['0x10', NaN],
  ['Infinity', NaN],
  ['12 g', NaN],
  ['', null],
  ['  ', null],
])('%s as a number is %s: what may be read in two ways is not guessed', (text, value) => {
  expect(numberIn(text)).toEqual(value);
});

test('cells that a spreadsheet would run go out as text and come back as they were', () => {
  for (const bad of ['=1+1', '+1', '-1', '@x', '＝1', '＋1', '－1', '＠x']) {
    expect(asTextCell(bad)).toBe(`'${bad}`);
    const [lure] = readBoxCsv(`name,family,note\nA,popper,"${bad}"\n`, NAMES).lures;
    const out = writeBoxCsv([lure!]);
    expect(out).toContain(`'${bad}`);
    expect(readBoxCsv(out, NAMES).lures[0]!.note).toBe(bad);
  }
  expect(readBoxCsv(`name,family\n'tis a popper,popper\n`, NAMES).lures[0]!.name).toBe("'tis a popper");
});

test('days that there are not, and lines by their own numbers, in a table of readings', () => {
  const { points, problems } = readReadingsCsv(
    'time,water_temp_c\n\n2026-02-30T06:00:00Z,9\n2026-02-28T06:00:00Z,"9,5"\n2026-03-01T06:00:00Z,9,5\n',
  );
  expect(points.map((x) => x.tempC)).toEqual([9.5]);
  expect(problems.map((x) => [x.path, x.code])).toEqual([
    ['line 3', 'bad-time'],
    ['line 5', 'too-many-cells'],
  ]);
});

const HABITS = ['__proto__', 'constructor', 'toString', 'hasOwnProperty', 'valueOf'];
test.each(HABITS)('“%s” as a kind, a key, a column or a value is named and harms nothing', (word) => {
  expect(decodeStored(`${word}/x`, '{"version":1,"data":{}}')).toMatchObject({
    ok: false,
    problems: [{ code: 'unknown-kind' }],
  });
  const records = `{"${word}":[{"version":1,"data":{}}],"lure":[{"version":1,"data":{"${word}":1}},"${word}"]}`;
  const r = importBook(`{"format":"${BOOK_FORMAT}","version":${BOOK_VERSION},"records":${records}}`);
  expect(r.puts).toEqual([]);
  expect(r.problems.map((x) => x.code)).toContain('unknown-kind');
  expect(new Set(r.problems.map((x) => x.path.split('.')[1]!.split('[')[0])).size).toBe(2);
  const csv = readBoxCsv(`name,family,${word}\nA,${word},1\n${word},popper,1\n`, NAMES);
  expect(csv.lures.map((l) => l.name)).toEqual([word]);
  expect(csv.bad.map((b) => b.fault)).toEqual(['unknown-family']);
  const json = readBoxJson(`[{"name":"A","family":"${word}"},{"${word}":1},null,7]`);
  expect(json.lures).toEqual([]);
  expect(json.bad).toHaveLength(4);
});

test('ten thousand mutants of each table and document: nothing thrown, nothing out of range, nothing counted and gone', () => {
  const random = seededRandom(20261129);
  const pick = <T>(all: readonly T[]): T => all[Math.floor(random() * all.length)]!;
  const PARTS = [
    '"',
    ',',
    ';',
    '\n',
    '\r\n',
    '\uFEFF',
    '=',
    "'",
    '1e999',
    '-1',
    'NaN',
    '__proto__',
    '\u0000',
    '🎣',
    '{',
    ']',
    'null',
  ];
  const mutant = (text: string): string => {
    let out = text;
    for (let n = 1 + Math.floor(random() * 3); n > 0; n--) {
      const at = Math.floor(random() * (out.length + 1));
      const cut = random() < 0.5 ? Math.floor(random() * 6) : 0;
      out = out.slice(0, at) + (random() < 0.8 ? pick([...PARTS, ...HABITS]) : '') + out.slice(at + cut);
    }
    return out;
  };
  const box =
    'name,family,weight_g,length_mm,colour,hook,price,count,note\nA,popper,9,65,white,treble,9.50,2,"a, b"\nB,swim-jig,,,,,,,\n';
  const readings = 'time,water_temp_c\n2026-05-14T06:00:00-05:00,14.2\n2026-05-14T07:00:00-05:00,14.4\n';
  for (let i = 0; i < 10_000; i++) {
    const csv = mutant(box);
    const file = readBoxCsv(csv, NAMES);
    for (const l of file.lures) {
      expect(l.weightKg > 0 && l.weightKg <= 0.5 && l.lengthM > 0 && l.lengthM <= 0.5 && l.count >= 0).toBe(true);
      expect(l.name.length).toBeGreaterThan(0);
    }
    if (!file.fault) expect(file.lures.length + file.bad.length).toBe(readTable(csv).rows.length);
    for (const x of readReadingsCsv(mutant(readings)).points)
      expect(Number.isFinite(x.atMs) && x.tempC >= -2 && x.tempC <= 40).toBe(true);
  }
});
