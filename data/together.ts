/**
 * Values that come by the thousand lie many in one: the database takes a tenth of a millisecond for each of its own. A
 * later one of these counts before an earlier, a value of its own before them all; what the store itself is told of
 * stays apart. Written in the shape of a record of a version to come, so that an older build leaves it where it is.
 *
 * What belongs to days long over lies in some of their own, under keys that come before the others': it counts after
 * them, and the day stands before they are read.
 *
 * One whose texts a build has read, every one of them, carries that build's seal: as long as it is unbroken the same
 * build need not look at them again, and a log of many years opens in the time of a short one.
 */
import { textsHash } from '../core/base/hash';
import { buildName, UNFINISHED } from './build';

export const TOGETHER_FROM = 500;
const APART = ['meta/', 'quarantine/'] as const;
export const TOGETHER = 'trip/~together~';
/** Before all digits. */
export const LONG_OVER = `${TOGETHER}!`;
const TOGETHER_VERSION = 1_000_000;
const DIGITS = 9;
const NUMBER = new RegExp(`^\\d{${DIGITS}}$`);

interface Seal {
  /** The build that has read them. */
  by: string;
  /** Of all keys and texts: against what a device does to them by mistake, not against anybody. */
  sum: string;
}

export interface Together {
  version: typeof TOGETHER_VERSION;
  data: { keys: string[]; values: string[]; seal?: Seal };
}

export const isTogether = (x: unknown): x is Together => {
  const { keys, values } = (x as Partial<Together> | null)?.data ?? {};
  return Array.isArray(keys) && Array.isArray(values) && keys.length === values.length;
};

export const asTogether = (entries: readonly (readonly [string, string])[], seal?: Seal): Together => ({
  version: TOGETHER_VERSION,
  data: { keys: entries.map(([k]) => k), values: entries.map(([, v]) => v), ...(seal ? { seal } : {}) },
});

export const mayLieTogether = (key: string): boolean => !APART.some((x) => key.startsWith(x));

/** The key of the next one, after all of these keys. */
export function keyAfter(keys: readonly string[], of: string = TOGETHER): (nth: number) => string {
  const numbers = keys.filter((key) => key.startsWith(of)).map((key) => key.slice(of.length));
  const last = Math.max(0, ...numbers.filter((n) => NUMBER.test(n)).map(Number));
  return (nth) => `${of}${String(last + nth).padStart(DIGITS, '0')}`;
}

/** The seal of this build on texts that it has read; none where it cannot say which build it is. */
export function sealOf(keys: readonly string[], values: readonly string[]): Seal | undefined {
  const by = buildName();
  const lengths = [keys, values].map((of) => of.map((x) => x.length).join());
  return by === UNFINISHED ? undefined : { by, sum: textsHash([lengths.join('\n'), ...keys, ...values]) };
}

/** Whether this build has read these very texts. */
export const isSound = ({ keys, values, seal }: Together['data']): boolean =>
  typeof seal?.sum === 'string' && seal.by === buildName() && sealOf(keys, values)?.sum === seal.sum;
