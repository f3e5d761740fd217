// Part of the service worker, before workbox answers: what lies in the cache is used only when it is what was built. A
// file that is empty, cut or another one (a captive portal answers every path with its own page) is taken from the spare
// copy, or fetched again; what comes from the network is used only when it is what was built, too.
// FILES: path → [SHA-384 in base64, revision in workbox's cache]; made with the build.
const { FILES, BUILD } = self;
const SPARE = `spare-${BUILD}`;
const PRECACHE = `workbox-precache-v2-${self.registration.scope}`;
const PAGE = '/index.html';
/** Paths that are no place of the application. */
const NO_PLACE = [/^\/api\//, /^\/health$/, /\/[^/]+\.[a-z0-9]+$/i];

const keyOf = (name) => {
  const revision = FILES[name][1];
  return revision ? `${name}?__WB_REVISION__=${revision}` : name;
};

async function isSound(name, response) {
  if (!response?.ok) return false;
  const digest = await crypto.subtle.digest('SHA-384', await response.clone().arrayBuffer());
  return btoa(String.fromCharCode(...new Uint8Array(digest))) === FILES[name][0];
}

async function copyTo(cacheName, key, response) {
  try {
    await (await caches.open(cacheName)).put(key, response);
  } catch {
    // A full device keeps one copy.
  }
}

async function fromCache(cacheName, key, name) {
  const response = await (await caches.open(cacheName)).match(key);
  return (await isSound(name, response)) ? response : null;
}

/** The file as it is kept, in one copy or the other; null where neither is what was built. */
async function kept(name) {
  const first = await fromCache(PRECACHE, keyOf(name), name);
  if (first) return first;
  const spare = await fromCache(SPARE, name, name);
  if (spare) void copyTo(PRECACHE, keyOf(name), spare.clone());
  return spare;
}

/** The file from the network where it is what was built, or a page that is ours. */
async function fetched(name, isPage) {
  const fresh = await fetch(name, { cache: 'reload', credentials: 'same-origin' });
  if (await isSound(name, fresh)) {
    // Not waited for: the page is.
    void copyTo(PRECACHE, keyOf(name), fresh.clone());
    return fresh;
  }
  // The server may stand at another build, whose page brings its own files.
  if (isPage && /<meta name="build"/.test(await fresh.clone().text())) return fresh;
  return Response.error();
}

/** A cache that has not answered by then may never do so (its process died, say): the network is asked beside it. */
const SLOW_MS = 4000;
/** The cache was late the last time: it is not waited for. */
let isLate = false;

/** The file from where it is what was built. */
async function sound(name, isPage) {
  const here = kept(name).finally(() => (isLate = false));
  const soon = await Promise.race([here, new Promise((late) => setTimeout(late, isLate ? 0 : SLOW_MS, 'late'))]);
  if (soon !== 'late') return soon ?? fetched(name, isPage);
  isLate = true;
  const first = (of) => of.then((response) => (response?.ok ? response : Promise.reject(new Error('none'))));
  return Promise.any([first(here), first(fetched(name, isPage))]).catch(() => Response.error());
}

/** After a page has come the network and the disk are free. */
const QUIET_MS = 4000;
let looking = false;
/** Looks through all files: what is not what was built is mended, and each has a spare copy. */
async function lookThrough() {
  if (looking) return;
  looking = true;
  await new Promise((done) => setTimeout(done, QUIET_MS));
  for (const name of Object.keys(FILES)) {
    try {
      const file = await sound(name, false);
      if (file.ok && !(await fromCache(SPARE, name, name))) await copyTo(SPARE, name, file);
    } catch {
      // No network: another time.
    }
  }
  looking = false;
}

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const { origin, pathname } = new URL(request.url);
  if (request.method !== 'GET' || origin !== self.location.origin || request.headers.has('range')) return;
  const isPage = request.mode === 'navigate';
  const name = Object.hasOwn(FILES, pathname)
    ? pathname
    : isPage && !NO_PLACE.some((no) => no.test(pathname))
      ? PAGE
      : null;
  if (!name) return;
  event.respondWith(sound(name, isPage));
  if (isPage) event.waitUntil(lookThrough());
});

self.addEventListener('activate', (event) => {
  event.waitUntil(
    caches
      .keys()
      .then((names) => Promise.all(names.filter((n) => n.startsWith('spare-') && n !== SPARE).map((n) => caches.delete(n)))),
  );
});
