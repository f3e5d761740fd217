/**
 * npm run mutate [-- room … --share 0.1 --seed 3 --workers 2]: changes the code of a room in small ways, one at a time,
 * and counts how many of the changes its own tests notice (its own alone: a fault is told best beside its code). Large
 * rooms are sampled: windows of four lines, drawn with a seed. Minutes to hours; never part of the tests.
 * docs/TESTING.md holds the figures.
 */
import { spawnSync } from 'node:child_process';
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { seededRandom } from '../../core/base/random';
import { bin, filesUnder, ROOT, stop } from '../lib.mjs';

/**
 * Rooms, the tests that are asked, and the share of their lines that is tried unless told otherwise. `skip`: sweeps
 * over hundreds of waters, which take a minute and would be run anew for every change that nobody notices.
 */
const ROOMS: Record<string, { tests: readonly string[]; share: number; skip?: string }> = {
  mood: { tests: ['mood'], share: 1 },
  ranking: { tests: ['ranking'], share: 0.08, skip: '/(properties|practice|continuity)[.]test[.]ts$' },
  planning: { tests: ['planning'], share: 0.05, skip: '/(agreement|casts)[.]test[.]ts$' },
  learning: { tests: ['learning'], share: 0.15 },
  log: { tests: ['log', 'box'], share: 1 },
  trip: { tests: ['trip'], share: 1 },
  lessons: { tests: ['lessons'], share: 1 },
  forecast: { tests: ['forecast'], share: 1 },
};
const WINDOW = 4;

const args = process.argv.slice(2);
const option = (name: string): number | null => {
  const i = args.indexOf(`--${name}`);
  return i < 0 ? null : Number(args.splice(i, 2)[1]);
};
const seed = option('seed') ?? 1;
const shareAsked = option('share');
const workers = option('workers') ?? 2;
const rooms = args.length > 0 ? args : Object.keys(ROOMS);
const unknown = rooms.filter((r) => !(r in ROOMS));
if (unknown.length > 0) stop(`No such room: ${unknown.join(', ')}. There are: ${Object.keys(ROOMS).join(', ')}.`);

/** Whole files, or windows of lines that make up about this share of them. */
function targets(room: string, share: number): string[] {
  const files = filesUnder(path.join(ROOT, 'core', room))
    .filter((f) => f.endsWith('.ts') && !f.endsWith('.test.ts') && !f.endsWith('.d.ts'))
    .map((f) => path.relative(ROOT, f));
  if (share >= 1) return files;
  const random = seededRandom(seed);
  return files.flatMap((f) => {
    const lines = readFileSync(path.join(ROOT, f), 'utf8').split('\n').length;
    return Array.from({ length: Math.ceil(lines / WINDOW) }, (_, k) => k)
      .filter(() => random() < share)
      .map((k) => `${f}:${k * WINDOW + 1}-${Math.min(lines, (k + 1) * WINDOW)}`);
  });
}

let weak = 0;
mkdirSync(path.join(ROOT, '.cache'), { recursive: true });
for (const room of rooms) {
  const { tests, share, skip } = ROOMS[room]!;
  const report = path.join(ROOT, '.cache', `mutation-${room}.json`);
  const config = path.join(ROOT, '.cache', `stryker-${room}.json`);
  writeFileSync(
    config,
    JSON.stringify({
      testRunner: 'jest',
      coverageAnalysis: 'perTest',
      mutate: targets(room, shareAsked ?? share),
      jest: { projectType: 'custom', configFile: 'scripts/mutation/jest.config.cjs', enableFindRelatedTests: false },
      reporters: ['progress-append-only', 'clear-text', 'json'],
      clearTextReporter: { allowColor: false, reportTests: false, reportMutants: false },
      jsonReporter: { fileName: report },
      // Tables are read once, before any test: their values are held by tests of their own and by npm run faults.
      ignoreStatic: true,
      concurrency: workers,
      // Long enough for a machine that does other work: what is only slow must not count as noticed.
      timeoutMS: 240000,
      ignorePatterns: ['dist', 'build', '.cache', 'docs', 'public', 'e2e', 'test-results', 'ui'],
      tempDirName: '.cache/stryker',
    }),
  );
  spawnSync(bin('stryker'), ['run', config], {
    cwd: ROOT,
    stdio: 'inherit',
    env: { ...process.env, MUTATE_ROOMS: tests.join(','), MUTATE_SKIP: skip ?? '' },
  });
  const { files } = JSON.parse(readFileSync(report, 'utf8')) as {
    files: Record<string, { mutants: { status: string }[] }>;
  };
  const all = Object.values(files).flatMap((f) => f.mutants.map((m) => m.status));
  const noticed = all.filter((s) => s === 'Killed' || s === 'Timeout').length;
  const tried = all.filter((s) => s !== 'Ignored' && s !== 'CompileError' && s !== 'RuntimeError').length;
  const late = all.filter((s) => s === 'Timeout').length;
  const percent = ((100 * noticed) / Math.max(1, tried)).toFixed(1);
  console.log(`\n${room}: ${noticed} of ${tried} noticed (${percent} %), ${late} of them by running on and on\n`);
  if (noticed < 0.75 * tried) weak++;
}
if (weak > 0) stop(`${weak} room${weak === 1 ? '' : 's'} below 75 %.`);
