/** Numbers as they are read: how many of something, and rates. */

/** From so many on the thousands are set apart. */
const LONG = 10_000;

/** "1 strike", "3 strikes", "30,000 lines". */
export const counted = (n: number, one: string, many = `${one}s`): string =>
  `${n < LONG ? n : n.toLocaleString('en-US')} ${n === 1 ? one : many}`;
/** "0", "under 0.1", "0.4", "7.2", "13". */
export const few = (x: number): string => (x <= 0 ? '0' : x < 0.05 ? 'under 0.1' : x.toFixed(x < 9.95 ? 1 : 0));
