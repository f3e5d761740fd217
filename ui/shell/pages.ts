/** The scripts of the pages: what was read in before is drawn at once, with no page between that waits for it. */
import { ctx } from 'expo-router/_ctx';

const readIn = new Map<string, unknown>();

/** For the router: a page's script, or the promise of one that is still to be fetched. */
export const pages: typeof ctx = Object.assign((key: string): unknown => readIn.get(key) ?? ctx(key), {
  keys: () => ctx.keys(),
  resolve: (key: string) => ctx.resolve(key),
  id: ctx.id,
}) as typeof ctx;

/** Reads a script in, so that going there is only drawing it. */
export async function readPage(key: string): Promise<void> {
  if (!readIn.has(key)) readIn.set(key, await (ctx(key) as Promise<unknown>));
}

/** What frames every page. */
export const FRAME = './_layout.tsx';

const asPattern = (key: string): RegExp =>
  new RegExp(
    `^${key
      .replace(/^\.|\.tsx$/g, '')
      .replace(/\/index$/, '/?')
      .replace(/\[\w+\]/g, '[^/]+')}/?$`,
  );

const gapsIn = (key: string): number => key.split('[').length;

/** The script of a path, the one with the fewest gaps in its name; null where no page lies there. */
export function pageOf(path: string, keys: readonly string[] = ctx.keys()): string | null {
  const found = keys.filter((key) => !/\/[_+]/.test(key) && asPattern(key).test(path));
  return found.sort((a, b) => gapsIn(a) - gapsIn(b))[0] ?? null;
}
