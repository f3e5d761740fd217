// Shared by the scripts. Nothing outside Node's own modules: they run before anything is installed.
import { Buffer } from 'node:buffer';
import { spawn, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, readdirSync, statSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import path from 'node:path';
import { fileURLToPath } from 'node:url';

export const ROOT = path.resolve(path.dirname(fileURLToPath(import.meta.url)), '..');
const CACHE = path.join(ROOT, '.cache');
const OLDEST_NODE = [20, 19, 4];

export function stop(message) {
  console.error(`\n${message}\n`);
  process.exit(1);
}

export function checkNode() {
  const have = process.versions.node.split('.').map(Number);
  const older =
    have.some((v, i) => v !== OLDEST_NODE[i]) &&
    (have[0] - OLDEST_NODE[0] || have[1] - OLDEST_NODE[1] || have[2] - OLDEST_NODE[2]) < 0;
  if (older) stop(`Moss Kettle needs Node.js ${OLDEST_NODE.join('.')} or newer; this is ${process.versions.node}.`);
}

/** Runs a command with its output shown; stops the script when it fails. */
export function run(command, args, options = {}) {
  const r = spawnSync(command, args, {
    cwd: ROOT,
    stdio: 'inherit',
    env: { ...process.env, ...options.env },
    shell: false,
  });
  if (r.error) stop(`Could not start ${command}: ${r.error.message}`);
  if (r.status !== 0 && !options.mayFail) stop(`${command} ${args.join(' ')} ended with ${r.status}.`);
  return r.status ?? 1;
}

/** The same while something else runs: its output is shown when it ends, so that two do not mix. */
export const runBeside = (command, args) =>
  new Promise((resolve) => {
    const child = spawn(command, args, { cwd: ROOT, stdio: ['ignore', 'pipe', 'pipe'] });
    const said = [];
    for (const stream of [child.stdout, child.stderr]) stream.on('data', (chunk) => said.push(chunk));
    child.on('error', (e) => stop(`Could not start ${command}: ${e.message}`));
    child.on('close', (status) => {
      process.stdout.write(Buffer.concat(said));
      if (status !== 0) stop(`${command} ${args.join(' ')} ended with ${status}.`);
      resolve();
    });
  });

export const bin = (name) => path.join(ROOT, 'node_modules', '.bin', name);

const stampFile = (name) => path.join(CACHE, `${name}.stamp`);
export const readStamp = (name) => (existsSync(stampFile(name)) ? readFileSync(stampFile(name), 'utf8') : '');
export function writeStamp(name, text) {
  mkdirSync(CACHE, { recursive: true });
  writeFileSync(stampFile(name), text);
}

/** Installs the locked packages when they are missing or the lock has changed. */
export function ensurePackages() {
  const lock = createHash('sha256')
    .update(readFileSync(path.join(ROOT, 'package-lock.json')))
    .digest('hex');
  if (existsSync(path.join(ROOT, 'node_modules')) && readStamp('packages') === lock) return;
  console.log('Installing packages (about three minutes the first time)…');
  run('npm', ['ci', '--no-audit', '--no-fund'], { env: { PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD: '1' } });
  writeStamp('packages', lock);
}

/** Every file in and below a folder, in a fixed order. */
export function filesUnder(dir) {
  if (!existsSync(dir)) return [];
  return readdirSync(dir)
    .sort()
    .flatMap((name) => {
      const full = path.join(dir, name);
      return statSync(full).isDirectory() ? filesUnder(full) : [full];
    });
}

/** The one without a window of its own is Debian's too, and does the same work with a fifth less of the processor. */
const SHELL = '/usr/bin/chromium-headless-shell';
const CHROMIUM_PLACES = [SHELL, '/usr/bin/chromium', '/usr/bin/chromium-browser', '/usr/bin/google-chrome'];
export const findChromium = () =>
  [process.env.CHROMIUM_PATH, ...CHROMIUM_PLACES].find((p) => p && existsSync(p)) ?? null;

/** Where there is a browser already, another is not waited for long: there may be no network. */
const SOON = ['-o', 'Acquire::Retries=0', '-o', 'Acquire::http::Timeout=10'];
/** Debian's packages, the first that can be had; whether it is there now. */
function installed(names, how) {
  const root = process.getuid?.() === 0;
  if (!root || spawnSync('apt-get', ['--version']).status !== 0) return false;
  console.log('Installing Chromium from Debian’s packages…');
  const apt = (...args) =>
    spawnSync('apt-get', [...how, ...args], {
      stdio: 'inherit',
      env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
    }).status === 0;
  // Of old lists a package may be had all the same.
  apt('update', '-qq');
  return names.some((name) => apt('install', '-y', '-qq', '--no-install-recommends', name));
}

/** Finds Chromium, or installs Debian's when this user may: the one without a window first. */
export function ensureChromium() {
  const found = findChromium();
  if (found && (process.env.CHROMIUM_PATH || found === SHELL)) return found;
  const names = ['chromium-headless-shell', ...(found ? [] : ['chromium'])];
  const now = installed(names, found ? SOON : []) ? findChromium() : found;
  return (
    now ??
    stop(
      'The tests drive Chromium and none was found.\nInstall it with:  sudo apt-get install --no-install-recommends chromium\nor set CHROMIUM_PATH to the browser’s file.',
    )
  );
}

export function isPortFree(port) {
  return new Promise((resolve) => {
    const s = createServer();
    s.once('error', () => resolve(false));
    s.listen(port, '127.0.0.1', () => s.close(() => resolve(true)));
  });
}

/** Starts the server and waits until it answers. */
export async function startServer(port, args = []) {
  const child = spawn(process.execPath, ['--import', 'tsx', 'server/main.ts', '--port', String(port), ...args], {
    cwd: ROOT,
    stdio: ['ignore', 'inherit', 'inherit'],
    env: { LOG_LEVEL: 'warn', ...process.env },
  });
  let ended = false;
  child.once('exit', () => {
    ended = true;
  });
  for (let i = 0; i < 150; i++) {
    if (ended) stop('The server ended before it answered.');
    try {
      const r = await fetch(`http://127.0.0.1:${port}/health`);
      if (r.ok) return child;
    } catch {
      // Not up yet.
    }
    await new Promise((r) => setTimeout(r, 200));
  }
  child.kill();
  return stop('The server did not answer within thirty seconds.');
}
