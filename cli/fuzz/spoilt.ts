/** Documents gone wrong, made with a seed: what a bad file, a foreign program or an ill will could hand over. */
import type { Random } from '../../core/base/random';
import { broken } from '../../core/fixtures/anySpot';

type Holder = Record<string, unknown> | unknown[];

/** So many nested lists: more than any document has, fewer than a JSON reader refuses. */
const DEEP = 400;
const LONG_TEXT = 20_000;
const MOST_CHANGES = 4;
/** Shares: no document at all; only shifted; its text broken too; with a byte order mark; with CRLF. */
const ODDS = { noise: 0.02, legal: 0.4, text: 0.06, mark: 0.05, lines: 0.05 } as const;

const nested = (): unknown => {
  let v: unknown = [];
  for (let i = 0; i < DEEP; i++) v = [v];
  return v;
};

const WRONG: readonly (() => unknown)[] = [
  ...[null, true, false, '', ' ', 0, -0, -1, 1, 0.5, 1e308, -1e308, 5e-324, 2 ** 53, -1e-9, 1e9, 400].map(
    (v) => () => v,
  ),
  ...['__proto__', 'constructor', 'toString', 'hasOwnProperty', 'Mars/Olympus', 'NaN', 'Infinity', '1e999'].map(
    (v) => () => v,
  ),
  ...['2026-02-30', '0001-01-01T00:00:00Z', '9999-12-31T23:59:59Z', '2026-10-08T25:61:00Z', '2026-10-08'].map(
    (v) => () => v,
  ),
  ...['=1+1', '\t=cmd', '\u0000', '\uFEFF', '\ud800', '🎣', '"', '</script>', '../../x', 'a\r\nb,"c'].map(
    (v) => () => v,
  ),
  () => [],
  () => ({}),
  () => nested(),
  () => 'x'.repeat(LONG_TEXT),
];

const KEYS = ['__proto__', 'constructor', 'toString', 'version', 'id', 'kind', '', 'x'.repeat(200)];

/** Puts it as a property of its own, `__proto__` too. */
const own = (to: object, key: PropertyKey, value: unknown): void => {
  Object.defineProperty(to, key, { value, enumerable: true, configurable: true, writable: true });
};

/** Every place of a document that holds something. */
function places(of: unknown, out: [Holder, string | number][] = []): [Holder, string | number][] {
  if (Array.isArray(of))
    of.forEach((x, i) => {
      out.push([of, i]);
      places(x, out);
    });
  else if (of && typeof of === 'object')
    for (const [k, x] of Object.entries(of)) {
      out.push([of as Record<string, unknown>, k]);
      places(x, out);
    }
  return out;
}

/** One number of it otherwise, a list longer or shorter: what often is still legal, and goes deeper in. */
function shifted(root: Record<string, unknown>, random: Random): void {
  const pick = <T>(of: readonly T[]): T => of[Math.floor(random() * of.length)]!;
  const all = places(root).filter(([of, k]) => typeof (of as Record<string | number, unknown>)[k] !== 'string');
  const place = all.length > 0 ? pick(all) : null;
  if (!place) return;
  const to = place[0] as Record<string | number, unknown>;
  const value = to[place[1]];
  if (typeof value === 'number')
    own(to, place[1], pick([0, -value, value * 0.5, value * 2, value * 10, value * 0.1, value + 1, Math.round(value)]));
  else if (typeof value === 'boolean') own(to, place[1], !value);
  else if (Array.isArray(value) && random() < 0.5) value.push(...structuredClone(value.slice(0, 20)));
  else if (Array.isArray(value)) value.pop();
  else if (random() < 0.3 && !Array.isArray(to)) delete to[place[1]];
}

/** One change somewhere in it. */
function changed(root: Record<string, unknown>, random: Random): void {
  const pick = <T>(of: readonly T[]): T => of[Math.floor(random() * of.length)]!;
  const all = places(root);
  const place = all.length > 0 ? pick(all) : null;
  if (!place) return own(root, 'd', pick(WRONG)());
  const [holder, key] = place;
  const to = holder as Record<string | number, unknown>;
  const value = to[key];
  const way = Math.floor(10 * random());
  if (way <= 1) own(to, key, pick(WRONG)());
  else if (way === 2 && typeof value === 'number')
    own(to, key, pick([-value, value * 10, value / 10, value * 1000, value + 1, value - 1, value * 1e6]));
  else if (way === 3) {
    // What stands elsewhere: a dangling or a doubled id, a word of another list.
    const [from, at] = pick(all);
    own(to, key, structuredClone((from as Record<string | number, unknown>)[at]));
  } else if (way === 4 && Array.isArray(holder)) holder.splice(Number(key), 0, structuredClone(value));
  else if (way === 5 && Array.isArray(value)) for (let n = 0; n < 40 && n < value.length; n++) value.push(value[n]);
  else if (way === 6 && Array.isArray(holder)) holder.splice(Number(key), 1);
  else if (way === 6) delete to[key];
  else if (way === 7 && !Array.isArray(holder)) {
    delete to[key];
    own(to, pick(KEYS), value);
  } else if (way === 8 && typeof value === 'string') own(to, key, broken(value, random));
  else if (value && typeof value === 'object' && !Array.isArray(value)) own(value, pick(KEYS), pick(WRONG)());
  else own(to, key, pick(WRONG)());
}

/** A text of any letters at all. */
export const noise = (random: Random): string =>
  Array.from({ length: Math.floor(400 * random() ** 2) }, () =>
    String.fromCharCode(Math.floor(random() < 0.7 ? 128 * random() : 65536 * random())),
  ).join('');

/** A document as text with one to four places of it changed. */
export function spoiltJson(document: unknown, random: Random): string {
  if (random() < ODDS.noise) return noise(random);
  const root = { d: structuredClone(document) };
  const change = random() < ODDS.legal ? shifted : changed;
  for (let n = 1 + Math.floor(MOST_CHANGES * random()); n > 0; n--) change(root, random);
  let text = JSON.stringify(root.d) ?? '';
  if (random() < ODDS.text) text = broken(text, random);
  return text;
}

/** The same for a text that is no JSON: a table, or a page of places. */
export function spoiltText(source: string, random: Random): string {
  if (random() < ODDS.noise) return noise(random);
  let text = broken(source, random);
  if (random() < ODDS.mark) text = `\uFEFF${text}`;
  if (random() < ODDS.lines) text = text.replace(/\r?\n/g, '\r\n');
  return text;
}
