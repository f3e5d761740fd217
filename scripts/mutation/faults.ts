/**
 * npm run faults [-- name …]: puts one small fault at a time into a copy of the code and runs the tests that should
 * notice. Each is of a kind that once slipped through. A fault that survives, or that no longer fits the code, ends the
 * run with 1.
 */
import { spawnSync } from 'node:child_process';
import { cpSync, existsSync, mkdirSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { bin, ROOT, stop } from '../lib.mjs';

interface Fault {
  name: string;
  file: string;
  /** What stands there, and what is put in its place. */
  was: string;
  becomes: string;
  /** The test file that must fail, and words of the test that must be among the failed. */
  tests: string;
  killedBy: RegExp;
}

const FAULTS: readonly Fault[] = [
  {
    name: 'the mood forgets twice as fast',
    file: 'core/mood/transition.ts',
    was: 'const STEPS_PER_MIN = 0.02;',
    becomes: 'const STEPS_PER_MIN = 0.04;',
    tests: 'core/mood/rates.test.ts',
    killedBy: /half of what a sign said is left/,
  },
  {
    name: 'the chance of a sign doubled',
    file: 'core/mood/signs.ts',
    was: '1 - Math.exp(-0.35 * v)',
    becomes: '1 - Math.exp(-0.7 * v)',
    tests: 'core/mood/rates.test.ts',
    killedBy: /a follow among neutral fish/,
  },
  {
    name: 'an empty cast weighs four times as much',
    file: 'core/mood/signs.ts',
    was: '-rate * n * 2',
    becomes: '-rate * n * 8',
    tests: 'core/mood/rates.test.ts',
    killedBy: /an empty cast is weighed/,
  },
  {
    name: 'signs tapped by hand forgotten after an hour',
    file: 'core/trip/day.ts',
    was: 'const FORGET_MIN = 360;',
    becomes: 'const FORGET_MIN = 60;',
    tests: 'core/trip/day.test.ts',
    killedBy: /kept for six hours/,
  },
  {
    name: 'the current does not turn with the tide',
    file: 'core/trip/day.ts',
    was: '(angleDeg > 0 ? angleDeg - 180 : angleDeg + 180)',
    becomes: 'angleDeg',
    tests: 'core/trip/day.test.ts',
    killedBy: /on the flood/,
  },
  {
    name: 'a walk turns twice as much line',
    file: 'core/planning/cadence/library.ts',
    was: 'handleTurns: 0.35',
    becomes: 'handleTurns: 0.7',
    tests: 'core/planning/cadence/cadence.test.ts',
    killedBy: /a walk takes in the slack/,
  },
  {
    name: 'the band’s tolerance tripled',
    file: 'core/planning/task/inBand.ts',
    was: 'const BELOW_M = 0.05;',
    becomes: 'const BELOW_M = 0.15;',
    tests: 'core/planning/task/inBand.test.ts',
    killedBy: /in a band of 2–3 m/,
  },
  {
    name: 'a lure counts as among the fish far above the band',
    file: 'core/planning/task/inBand.ts',
    was: 'const ABOVE_M = 0.02;',
    becomes: 'const ABOVE_M = 0.06;',
    tests: 'core/planning/task/inBand.test.ts',
    killedBy: /in a band of 2–3 m/,
  },
  {
    name: 'going against the current costs nothing',
    file: 'core/planning/plan/worth.ts',
    was: 'const AGAINST_SHARE = 0.2;',
    becomes: 'const AGAINST_SHARE = 0;',
    tests: 'core/planning/plan/worth.test.ts',
    killedBy: /half a metre of current costs a fifth/,
  },
  {
    name: 'the stern casts up-current',
    file: 'core/tackle/stand.ts',
    was: 'anglesDeg: [90, 135, 180]',
    becomes: 'anglesDeg: [0, 45, 90, 135, 180]',
    tests: 'core/tackle/stand.test.ts',
    killedBy: /from the stern nobody casts up-current/,
  },
  {
    name: 'twice the casts that are said before a change',
    file: 'core/ranking/three.ts',
    was: 'const others = again(casts);',
    becomes: 'const others = again(2 * casts + 24);',
    tests: 'core/ranking/three.test.ts',
    killedBy: /once as many casts drew nothing/,
  },
  {
    name: 'snags cost nothing',
    file: 'core/ranking/score.ts',
    was: 'why.slice(AFTER_STRIKE).reduce',
    becomes: 'why.slice(AFTER_STRIKE, -1).reduce',
    tests: 'core/ranking/rank.test.ts',
    killedBy: /./,
  },
  {
    name: 'a lure is thrown in water too cold for it',
    file: 'core/ranking/limits.ts',
    was: 'r.surfaceTempC < f.tempC.neverBelow)',
    becomes: 'r.surfaceTempC < -99)',
    tests: 'core/ranking/rank.test.ts',
    killedBy: /./,
  },
  {
    name: 'the lessons hardly trust the model',
    file: 'core/lessons/learn.ts',
    was: 'export const PRIOR_WEIGHT_CASTS = 50;',
    becomes: 'export const PRIOR_WEIGHT_CASTS = 5;',
    tests: 'core/lessons/patterns.test.ts',
    killedBy: /worth fifty casts/,
  },
  {
    name: 'a follow is a strike',
    file: 'core/log/events.ts',
    was: "k === 'bump' || k === 'missed' || k === 'lost'",
    becomes: "k === 'follow' || k === 'bump' || k === 'missed' || k === 'lost'",
    tests: 'core/log',
    killedBy: /./,
  },
  {
    name: 'a hooked fish rests as short as a missed one',
    file: 'core/forecast/rest.ts',
    was: 'lost: 1.6',
    becomes: 'lost: 1',
    tests: 'core/forecast',
    killedBy: /rest/,
  },
  {
    name: 'the best hours may lie behind one',
    file: 'core/forecast/line.ts',
    was: 'w.step.atMs >= notBeforeMs',
    becomes: 'w.step.atMs >= 0',
    tests: 'core/forecast',
    killedBy: /./,
  },
  {
    name: 'yesterday’s report is taken for today’s',
    file: 'core/stations/reading.ts',
    was: 'export const TOO_OLD_MS = 12 * HOUR_MS;',
    becomes: 'export const TOO_OLD_MS = 48 * HOUR_MS;',
    tests: 'core/trip/day.test.ts',
    killedBy: /too old/,
  },
  {
    name: 'a lure outside the rod’s rating flies as far',
    file: 'core/tackle/rod.ts',
    was: "=== 'fits' ? 1 : 0.75",
    becomes: "=== 'fits' ? 1 : 1",
    tests: 'core/tackle',
    killedBy: /outside the rod’s rating/,
  },
  {
    name: 'wind and current run the other way across',
    file: 'core/planning/task/flow.ts',
    was: 'const across = speedMps * Math.sin(a);',
    becomes: 'const across = -speedMps * Math.sin(a);',
    tests: 'core/planning/task/flow.test.ts',
    killedBy: /from right to left/,
  },
  {
    name: 'the path of the cast is left out of the drawing',
    file: 'ui/section/SectionDrawing.tsx',
    was: '{m.path ? <CastPath',
    becomes: '{false && m.path ? <CastPath',
    tests: 'ui/section',
    killedBy: /the path of the cast runs where the lure ran/,
  },
  {
    name: 'every mark stands at 0, 0',
    file: 'ui/section/marksOf.ts',
    was: 'xM: path.xM[i]!, depthM: Math.max(0.05, e.depthM ?? path.depthM[i]!)',
    becomes: 'xM: 0, depthM: 0',
    tests: 'ui/section',
    killedBy: /events of a phase stand on that part/,
  },
];

const COPY = path.join(ROOT, '.cache', 'faults');
const COPIED = [
  'core',
  'wording',
  'ui',
  'data',
  'workers',
  'demo',
  'types',
  'jest.config.js',
  'babel.config.js',
  'package.json',
  'app.json',
];

function copyCode(): void {
  rmSync(COPY, { recursive: true, force: true });
  mkdirSync(COPY, { recursive: true });
  for (const name of COPIED) cpSync(path.join(ROOT, name), path.join(COPY, name), { recursive: true });
  symlinkSync(path.join(ROOT, 'node_modules'), path.join(COPY, 'node_modules'));
}

/** Null when it was noticed as it should be; else why not. */
function survives(f: Fault): string | null {
  const file = path.join(COPY, f.file);
  const source = readFileSync(file, 'utf8');
  if (source.split(f.was).length !== 2) return `no longer fits: “${f.was}” does not stand once in ${f.file}`;
  if (!existsSync(path.join(COPY, f.tests))) return `its tests are gone: ${f.tests}`;
  writeFileSync(file, source.replace(f.was, f.becomes));
  const run = spawnSync(bin('jest'), ['--rootDir', COPY, '--json', '--silent', f.tests], {
    cwd: COPY,
    encoding: 'utf8',
    maxBuffer: 1 << 28,
  });
  writeFileSync(file, source);
  const report = JSON.parse(run.stdout) as {
    testResults: { assertionResults: { status: string; fullName: string }[] }[];
  };
  const failed = report.testResults.flatMap((r) =>
    r.assertionResults.filter((a) => a.status === 'failed').map((a) => a.fullName),
  );
  if (failed.length === 0) return 'nothing failed';
  const by = failed.find((name) => f.killedBy.test(name));
  if (!by) return `something failed, but not ${f.killedBy}: ${failed[0]}`;
  console.log(`  killed by “${by}”${failed.length > 1 ? ` and ${failed.length - 1} more` : ''}`);
  return null;
}

const wanted = process.argv.slice(2);
const chosen = wanted.length === 0 ? FAULTS : FAULTS.filter((f) => wanted.some((w) => f.name.includes(w)));
copyCode();
let left = 0;
for (const f of chosen) {
  console.log(f.name);
  const why = survives(f);
  if (why) {
    left++;
    console.log(`  SURVIVED: ${why}`);
  }
}
rmSync(COPY, { recursive: true, force: true });
console.log(`${chosen.length - left} of ${chosen.length} faults noticed.`);
if (left > 0) stop('Some faults would go unnoticed.');
