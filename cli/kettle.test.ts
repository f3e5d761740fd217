import { spawnSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';

const ROOT = path.resolve(__dirname, '..');
const kettle = (args: string[], input = '') =>
  spawnSync(process.execPath, ['--import', 'tsx', 'cli/kettle.ts', ...args], { cwd: ROOT, input, encoding: 'utf8' });
const conditions = { species: 'crappie', water: { setting: 'lake', surfaceTempC: 18, depthM: 4, fishDepthM: 2 } };

jest.setTimeout(60_000);

test('one document in, one out', () => {
  const r = kettle(['mood'], JSON.stringify(conditions));
  expect(r.status).toBe(0);
  expect(JSON.parse(r.stdout)).toHaveProperty('mood.neutral');
  expect(r.stderr).not.toMatch(/rror/);
});

test('an array in, an array out, from a file', () => {
  const file = path.join(mkdtempSync(path.join(tmpdir(), 'kettle-')), 'in.json');
  writeFileSync(file, JSON.stringify([conditions, conditions]));
  const r = kettle(['rank', file]);
  expect(r.status).toBe(0);
  expect(JSON.parse(r.stdout)).toHaveLength(2);
});

test('a bad document: exit 2, a line for each problem, nothing on stdout', () => {
  const r = kettle(['rank', '-'], JSON.stringify({ ...conditions, species: 'whale', water: { setting: 'bath' } }));
  expect(r.status).toBe(2);
  expect(r.stdout).toBe('');
  const lines = r.stderr.split('\n').filter((l) => l.includes('expected'));
  expect(lines.some((l) => l.startsWith('species: expected one of'))).toBe(true);
  expect(lines.some((l) => l.startsWith('water.setting: expected one of'))).toBe(true);
});

test.each([
  ['not JSON', ['rank'], '{', '(whole document): expected JSON'],
  [
    'a band upside down',
    ['mood'],
    JSON.stringify({ ...conditions, water: { ...conditions.water, fishBandM: [3, 1] } }),
    'water.fishBandM: expected the top before the bottom',
  ],
  [
    'more hooked than struck',
    ['learn'],
    '{"efforts":[{"presentation":"a","casts":9,"strikes":1,"hooked":2}]}',
    'efforts[0].hooked: expected no more than strikes',
  ],
  [
    'a day of the year 1',
    ['sky'],
    '{"latDeg":45,"lonDeg":-75,"date":"0001-01-01","zone":"Europe/Oslo"}',
    'date: expected a date from 1900-01-01 to 2199-12-31',
  ],
  ['an unknown verb', ['dance'], '{}', 'unknown verb dance'],
])('%s', (_name, args, input, says) => {
  const r = kettle(args, input);
  expect(r.status).toBe(2);
  expect(r.stderr).toContain(says);
});

test('help lists the verbs', () => {
  const r = kettle(['--help']);
  expect(r.status).toBe(0);
  for (const verb of ['rank', 'mood', 'plan', 'simulate', 'learn']) expect(r.stdout).toContain(verb);
});
