// Builds the application when its sources have changed. Nothing outside Node's own modules until it builds: it is read
// in before anything is installed.
import { createHash } from 'node:crypto';
import { existsSync, readFileSync, rmSync } from 'node:fs';
import path from 'node:path';
import { bin, filesUnder, readStamp, ROOT, run, stop, writeStamp } from './lib.mjs';

const BUILD_INPUTS = ['app', 'ui', 'wording', 'data', 'workers', 'core', 'demo', 'public', 'metro'];
const BUILD_FILES = [
  'package.json',
  'package-lock.json',
  'app.json',
  'babel.config.js',
  'metro.config.js',
  'scripts/ensure-build.mjs',
  'scripts/finish-build.mjs',
];

function buildIdentity() {
  const h = createHash('sha256');
  const files = [
    ...BUILD_INPUTS.flatMap((d) => filesUnder(path.join(ROOT, d))),
    ...BUILD_FILES.map((f) => path.join(ROOT, f)),
  ];
  for (const f of files) if (!/\.test\.tsx?$/.test(f)) h.update(path.relative(ROOT, f)).update(readFileSync(f));
  return h.digest('hex');
}

/** Builds the web application into dist/ when its sources have changed since the last build. */
export async function ensureBuild() {
  const identity = buildIdentity();
  if (existsSync(path.join(ROOT, 'dist', 'index.html')) && readStamp('build') === identity) return;
  console.log('Building the application (two to eight minutes the first time)…');
  rmSync(path.join(ROOT, 'dist'), { recursive: true, force: true });
  run(bin('expo'), ['export', '--platform', 'web', '--output-dir', 'dist'], {
    env: { EXPO_OFFLINE: '1', EXPO_NO_TELEMETRY: '1', EXPO_NO_DOTENV: '1', CI: '1', NODE_ENV: 'production' },
  });
  const scripts = filesUnder(path.join(ROOT, 'dist')).map((f) => path.basename(f));
  if (!['compute', 'almanac'].every((name) => scripts.some((f) => new RegExp(`^${name}-.*\\.js$`).test(f))))
    stop('The build holds no worker script: the ranking and the planner would not run.');
  const { finishBuild } = await import('./finish-build.mjs');
  await finishBuild(path.join(ROOT, 'dist'));
  writeStamp('build', identity);
}
