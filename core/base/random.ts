/**
 * A seeded generator to pass in where chance is wanted (sample world, property tests). Mulberry32: 32-bit state, period
 * 2^32.
 */
export type Random = () => number;

/** A generator of uniform values in [0, 1): the same seed, the same values, in every engine. */
export function seededRandom(seed: number): Random {
  let a = seed >>> 0;
  return () => {
    a = (a + 0x6d2b79f5) >>> 0;
    let t = a;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** A number of events with the given mean (Knuth's method; mean below about 30). */
export function poisson(random: Random, mean: number): number {
  const limit = Math.exp(-mean);
  let n = 0;
  for (let p = random(); p > limit; p *= random()) n++;
  return n;
}
