import { readFileSync } from 'node:fs';
import Ajv from 'ajv/dist/2020';
import addFormats from 'ajv-formats';
import { buildDemoWorld } from '../../demo/world';
import { seededRandom } from '../base/random';
import { applyPuts, emptyBook, KINDS } from '../records';
import { exportBook, importBook, type BookDocument } from './bookDocument';
import { recordSchema } from './recordSchema';

// A time for every part of a cast names its keys once, not as properties.
const ajv = new Ajv({ strict: true, strictRequired: false });
addFormats(ajv);
const valid = ajv.compile(recordSchema());
const DEMO = applyPuts(emptyBook(), buildDemoWorld(Date.UTC(2026, 9, 8, 12)));
const demo = (): BookDocument => JSON.parse(JSON.stringify(exportBook(DEMO, '2026-10-08T12:00:00Z'))) as BookDocument;

test('the schema in docs/ is the one that is made of today’s records (npm run schema)', () => {
  expect(JSON.parse(readFileSync('docs/record.schema.json', 'utf8'))).toEqual(recordSchema());
});

test('what is exported is valid for a validator that is not ours', () => {
  const d = demo();
  expect(valid(d)).toBe(true);
  const kinds = KINDS.filter((k) => d.records[k]!.length > 0);
  expect(kinds.length).toBeGreaterThan(12);
  expect(valid({ ...d, records: {} })).toBe(true);
});

test.each([
  ['another format', (d: BookDocument) => ({ ...d, format: 'other' })],
  ['no format', ({ format: _, ...d }: BookDocument) => d],
  ['a version to come', (d: BookDocument) => ({ ...d, version: 2 })],
  ['a kind that there is not', (d: BookDocument) => ({ ...d, records: { ...d.records, boats: [] } })],
  ['no list', (d: BookDocument) => ({ ...d, records: { ...d.records, lure: {} } })],
  ['a moment that is none', (d: BookDocument) => ({ ...d, exportedAt: 'yesterday' })],
])('not valid: %s', (_name, change) => {
  expect(valid(change(demo()))).toBe(false);
});

/** Somewhere in a value: something gone, something else, something more. */
function spoil(value: unknown, random: () => number): unknown {
  const other = [null, -1e9, 1e12, '', 'nonsense', [], {}, true];
  if (Array.isArray(value) && value.length > 0 && random() < 0.8) {
    const i = Math.floor(random() * value.length);
    return value.map((v, n) => (n === i ? spoil(v, random) : (v as unknown)));
  }
  if (value && typeof value === 'object' && !Array.isArray(value) && random() < 0.9) {
    const keys = Object.keys(value);
    if (keys.length === 0 || random() < 0.1) return { ...value, more: 1 };
    const key = keys[Math.floor(random() * keys.length)]!;
    const { [key]: gone, ...rest } = value as Record<string, unknown>;
    return random() < 0.15 ? rest : { ...rest, [key]: spoil(gone, random) };
  }
  return other[Math.floor(random() * other.length)];
}

test('what our own reader takes is valid, and hardly anything that it refuses is: only what one value asks of another', () => {
  const random = seededRandom(20261129);
  const d = demo();
  const counts = { both: 0, neither: 0, refusedByUsAlone: 0, refusedByItAlone: 0 };
  for (const kind of KINDS)
    for (let n = 0; n < 60 && d.records[kind]!.length > 0; n++) {
      const rows = d.records[kind]!;
      const row = rows[Math.floor(random() * rows.length)]!;
      const document = { ...d, records: { [kind]: [{ ...row, data: spoil(row.data, random) }] } };
      const ours = importBook(JSON.stringify(document)).problems.length === 0;
      const theirs = valid(document);
      counts[ours && theirs ? 'both' : ours ? 'refusedByItAlone' : theirs ? 'refusedByUsAlone' : 'neither']++;
    }
  expect(counts.refusedByItAlone).toBe(0);
  expect(counts.neither).toBeGreaterThan(500);
  expect(counts.refusedByUsAlone).toBeLessThan(0.05 * counts.neither);
});
