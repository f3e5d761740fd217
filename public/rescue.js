// The rescue page: nothing of the application is loaded, so that nothing stored can keep it from opening. The names are
// those of data/store.ts and data/repository.ts.
const NAME = 'moss-kettle';
const TABLE = 'entries';
const ASIDE = 'quarantine/';
const TOGETHER = 'trip/~together~';
const TOGETHER_VERSION = 1_000_000;
const REVISION = 'meta/revision';
const BEFORE = 'meta/before';
const BEFORE_HEAD = 'meta/before-head';
/** What is kept of days long over is made anew. */
const PAST = 'meta/past';
const FORMAT = 'moss-kettle-rescue';
const PREFERENCES = 'preferences/mine';
const SHOWN_LETTERS = 300;
/** Kinds of record as the application calls them. */
const KIND_NAME = {
  block: 'Casts with one lure at one spot',
  cast: 'Casts',
  event: 'What fish did',
  line: 'Lines',
  lure: 'Lures',
  preferences: 'Your settings',
  reel: 'Reels',
  rod: 'Rods',
  spot: 'Spots',
  stationReport: 'Station reports',
  terminal: 'Heads, weights and hooks',
  trip: 'Days',
  water: 'Waters',
};

const byId = (id) => document.getElementById(id);
const tell = (text) => {
  byId('told').textContent = text;
};

const done = (request) =>
  new Promise((resolve, reject) => {
    request.onsuccess = () => resolve(request.result);
    request.onerror = () => reject(request.error);
  });

async function open() {
  const request = indexedDB.open(NAME);
  request.onupgradeneeded = () => {
    if (!request.result.objectStoreNames.contains(TABLE)) request.result.createObjectStore(TABLE);
  };
  return done(request);
}

/** What lies many in one, the later before the earlier: [the key it lies under, its keys, their values]. */
async function lyingTogether(table) {
  const range = IDBKeyRange.bound(TOGETHER, `${TOGETHER}\uffff`);
  const [keys, values] = await Promise.all([done(table.getAllKeys(range)), done(table.getAll(range))]);
  return keys
    .map((key, i) => [String(key), values[i]?.data?.keys, values[i]?.data?.values])
    .filter(([, inner, those]) => Array.isArray(inner) && Array.isArray(those) && inner.length === those.length)
    .reverse();
}

async function readAll() {
  const db = await open();
  const table = db.transaction(TABLE, 'readonly').objectStore(TABLE);
  const [keys, values, together] = await Promise.all([
    done(table.getAllKeys()),
    done(table.getAll()),
    lyingTogether(table),
  ]);
  db.close();
  const all = new Map(keys.map((key, i) => [String(key), values[i]]).filter(([key]) => !key.startsWith(PAST)));
  for (const [key, inner, those] of together) {
    all.delete(key);
    inner.forEach((k, i) => all.has(k) || all.set(k, those[i]));
  }
  return all;
}

/** All changes or none. The count of writes goes, so that the application reads everything anew. */
async function write(puts, removed) {
  const db = await open();
  const tx = db.transaction(TABLE, 'readwrite', { durability: 'strict' });
  const table = tx.objectStore(TABLE);
  const gone = new Set(removed);
  for (const [key, inner, values] of await lyingTogether(table)) {
    const left = inner.flatMap((k, i) => (gone.has(k) ? [] : [[k, values[i]]]));
    if (left.length === inner.length) continue;
    const data = { keys: left.map(([k]) => k), values: left.map(([, value]) => value) };
    if (left.length > 0) table.put({ version: TOGETHER_VERSION, data }, key);
    else table.delete(key);
  }
  for (const key of [...removed, REVISION]) table.delete(key);
  table.delete(IDBKeyRange.bound(PAST, `${PAST}\uffff`));
  for (const [key, value] of puts) if (key !== REVISION) table.put(value, key);
  await new Promise((resolve, reject) => {
    tx.oncomplete = resolve;
    tx.onabort = () => reject(tx.error ?? new Error('stopped'));
    tx.onerror = () => reject(tx.error);
  });
  db.close();
}

function save(name, text) {
  const url = URL.createObjectURL(new Blob([text], { type: 'application/json' }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(url), 10_000);
}

/** What somebody would know it by. */
function nameIn(value) {
  try {
    const { data = {} } = JSON.parse(value);
    return typeof data.name === 'string' ? data.name : '';
  } catch {
    return 'cannot be read';
  }
}

function rowOf(key, value, title, act) {
  const row = document.createElement('li');
  const name = document.createElement('strong');
  name.textContent = [key.replace(ASIDE, ''), nameIn(value)].filter(Boolean).join(', ');
  const text = document.createElement('code');
  text.textContent = String(value).slice(0, SHOWN_LETTERS);
  const button = document.createElement('button');
  button.type = 'button';
  button.textContent = title;
  button.setAttribute('aria-label', `${title}: ${name.textContent}`);
  button.onclick = act;
  row.append(name, text, button);
  return row;
}

/** A kind of record opens to its rows: drawn when it is opened, thousands of casts are not drawn unasked. */
function groupOf(kind, entries, rowFor) {
  const group = document.createElement('details');
  const head = document.createElement('summary');
  head.textContent = `${Object.hasOwn(KIND_NAME, kind) ? KIND_NAME[kind] : kind}: ${entries.length}`;
  const list = document.createElement('ul');
  group.append(head, list);
  group.addEventListener('toggle', () => {
    if (group.open && list.children.length === 0) list.append(...entries.map(rowFor));
  });
  return group;
}

async function change(what, puts, removed) {
  try {
    await write(puts, removed);
    await draw();
    tell(what);
  } catch (e) {
    tell(`That could not be stored: ${e?.message ?? e}. Nothing was changed.`);
  }
}

async function draw() {
  const all = await readAll();
  const stored = new Map();
  const aside = [];
  for (const [key, value] of all) {
    if (key.startsWith(ASIDE)) aside.push([key, value]);
    else if (!key.startsWith('meta/')) {
      const kind = key.split('/')[0];
      if (!stored.has(kind)) stored.set(kind, []);
      stored.get(kind).push([key, value]);
    }
  }
  const nothing = document.createElement('p');
  nothing.textContent = 'Nothing.';
  byId('stored').replaceChildren(
    ...[...stored].map(([kind, entries]) =>
      groupOf(kind, entries, ([key, value]) =>
        rowOf(key, value, 'Put aside', () =>
          change(`${key} is put aside. Open Moss Kettle and see whether it opens.`, [[ASIDE + key, value]], [key]),
        ),
      ),
    ),
    ...(stored.size === 0 ? [nothing] : []),
  );
  const list = document.createElement('ul');
  list.append(
    ...aside.map(([key, value]) =>
      rowOf(key, value, 'Put back', () =>
        change(`${key.slice(ASIDE.length)} is back.`, [[key.slice(ASIDE.length), value]], [key]),
      ),
    ),
  );
  byId('aside').replaceChildren(aside.length > 0 ? list : nothing.cloneNode(true));
}

byId('save').onclick = async () => {
  const entries = Object.fromEntries(await readAll());
  save('moss-kettle-rescue.json', JSON.stringify({ format: FORMAT, version: 1, entries }));
  tell('The file was handed to the browser. See that it is there before you change anything.');
};

/** All that stands, to be kept under the names that the application puts back from. */
function kept(all) {
  const records = [...all].filter(([key]) => !key.startsWith('meta/'));
  const head = { atMs: Date.now(), by: 'import', records: records.length };
  return records.length === 0
    ? []
    : [
        [BEFORE, JSON.stringify(Object.fromEntries(records))],
        [BEFORE_HEAD, JSON.stringify(head)],
      ];
}

byId('back').onclick = async () => {
  const all = await readAll();
  let before = null;
  try {
    before = JSON.parse(all.get(BEFORE));
  } catch {
    // Said below.
  }
  if (before === null || typeof before !== 'object') {
    tell('Nothing was kept from before.');
    return;
  }
  const puts = Object.entries(before).filter(([, value]) => typeof value === 'string');
  const removed = [...all.keys()].filter((key) => !key.startsWith('meta/') && !Object.hasOwn(before, key));
  await change(`Put back: ${puts.length} entries.`, [...puts, ...kept(all)], removed);
};

byId('read').onchange = async ({ target }) => {
  const [file] = target.files;
  target.value = '';
  if (!file) return;
  try {
    const { format, entries } = JSON.parse(await file.text());
    if (format !== FORMAT || typeof entries !== 'object') throw new Error('it was not saved by this page');
    if (!window.confirm('This takes the place of all that is stored on this device. Read it in?')) return;
    const puts = Object.entries(entries).filter(([, value]) => typeof value === 'string');
    const all = await readAll();
    const removed = [...all.keys()].filter((key) => !Object.hasOwn(entries, key));
    await change(`Read in: ${puts.length} entries.`, [...puts, ...kept(all)], removed);
  } catch (e) {
    tell(`That file could not be read: ${e.message}. Nothing was changed.`);
  }
};

byId('day').onclick = async () => {
  const value = (await readAll()).get(PREFERENCES);
  try {
    const stored = JSON.parse(value);
    stored.data.activeTripId = null;
    stored.data.demoClock = null;
    await change('No day is open now. Open Moss Kettle.', [[PREFERENCES, JSON.stringify(stored)]], []);
  } catch {
    tell(value ? 'The preferences cannot be read: put them aside below.' : 'No day is open.');
  }
};

draw().catch((e) => tell(`What is stored could not be opened: ${e?.message ?? e}.`));
