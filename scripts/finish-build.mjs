// What the bundler leaves to do: the build's name in the page, the service worker over the files, and every file
// pressed once with brotli and gzip.
import { createHash } from 'node:crypto';
import { readFileSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { promisify } from 'node:util';
import { brotliCompress, constants, gzip } from 'node:zlib';
import workbox from 'workbox-build';
import { filesUnder, ROOT } from './lib.mjs';

const PRESSED = /\.(html|js|css|svg|webmanifest|json)$/;
/** Smaller than this a pressed twin saves no packet. */
const LEAST_BYTES = 500;

/** Finishes the exported application in `dir`; what it is called there is the hash of its scripts. */
/** `hard`: pressed as small as it goes, which takes a quarter of a minute; else quickly. */
export async function finishBuild(dir, { hard = true } = {}) {
  for (const f of filesUnder(dir)) if (/\.(br|gz)$/.test(f) || path.basename(f) === 'metadata.json') rmSync(f);
  const scripts = filesUnder(path.join(dir, '_expo')).map((f) => path.basename(f));
  const build = createHash('sha256').update(scripts.join('\n')).digest('hex').slice(0, 8);
  const page = path.join(dir, 'index.html');
  const html = readFileSync(page, 'utf8').replace(/\n *<meta name="build"[^>]*>/, '');
  writeFileSync(page, html.replace('<head>', `<head>\n    <meta name="build" content="${build}" />`));
  writeFileSync(path.join(dir, 'places.json'), JSON.stringify(placesOf(path.join(ROOT, 'app'))));
  await makeServiceWorker(dir, build);
  await Promise.all(
    filesUnder(dir)
      .filter((f) => PRESSED.test(f))
      .map((f) => press(f, hard)),
  );
  return build;
}

/** The addresses that the pages of the router's folder answer: `*` for a piece that may be anything. */
export const placesOf = (app) =>
  filesUnder(app)
    .map((f) => path.relative(app, f).replaceAll(path.sep, '/'))
    .filter((f) => !/(^|\/)[_+][^/]*$/.test(f))
    .map(
      (f) =>
        `/${f
          .replace(/\.tsx$/, '')
          .replace(/(^|\/)index$/, '')
          .replace(/\[[^\]]+\]/g, '*')}`,
    )
    .sort();

/** What a file must be, as the browser checks it. */
const digestOf = (file) => createHash('sha384').update(readFileSync(file)).digest('base64');

async function makeServiceWorker(dir, build) {
  const files = {};
  const { warnings, count, size } = await workbox.generateSW({
    globDirectory: dir,
    // Everything that any page needs, so that all of it stands without a network.
    globPatterns: ['**/*.{html,js,woff2,svg,webmanifest}', 'icons/*.png'],
    globIgnores: ['sw.js', 'sw-*.js'],
    // Taken in only when it is what was built; and the list for the part that checks it again at every use.
    manifestTransforms: [
      (entries) => ({
        manifest: entries.map((entry) => {
          const digest = digestOf(path.join(dir, entry.url));
          files[`/${entry.url}`] = [digest, entry.revision];
          return { ...entry, integrity: `sha384-${digest}` };
        }),
        warnings: [],
      }),
    ],
    importScripts: ['/sw-files.js', '/sw-heal.js'],
    swDest: path.join(dir, 'sw.js'),
    mode: 'production',
    sourcemap: false,
    inlineWorkboxRuntime: true,
    dontCacheBustURLsMatching: /^(_expo|assets|fonts)\//,
    navigateFallback: '/index.html',
    navigateFallbackDenylist: [/^\/api\//, /^\/health$/, /\/[^/]+\.[a-z0-9]+$/i],
    cleanupOutdatedCaches: true,
    // The first load is held by the worker at once; a new version waits until the angler says so.
    clientsClaim: true,
    skipWaiting: false,
    maximumFileSizeToCacheInBytes: 4_000_000,
  });
  writeFileSync(path.join(dir, 'sw-files.js'), `self.BUILD = '${build}';\nself.FILES = ${JSON.stringify(files)};\n`);
  if (warnings.length > 0) throw new Error(warnings.join('\n'));
  console.log(`Service worker: ${count} files, ${Math.round(size / 1024)} KB before pressing.`);
}

async function press(file, hard) {
  const data = readFileSync(file);
  if (data.length < LEAST_BYTES) return;
  const [br, gz] = await Promise.all([
    promisify(brotliCompress)(data, {
      params: { [constants.BROTLI_PARAM_QUALITY]: hard ? 11 : 4, [constants.BROTLI_PARAM_SIZE_HINT]: data.length },
    }),
    promisify(gzip)(data, { level: hard ? 9 : 4 }),
  ]);
  writeFileSync(`${file}.br`, br);
  writeFileSync(`${file}.gz`, gz);
}
