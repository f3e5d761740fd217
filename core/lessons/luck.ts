/** What luck alone does to a count of strikes. */

/** From here on a Poisson number is as good as a normal one. */
const MANY = 400;

/** The fewest and the most of a Poisson number that lie in its middle nine tenths. */
export function luckOf(mean: number): readonly [number, number] {
  if (mean > MANY) {
    const off = 1.6449 * Math.sqrt(mean);
    return [Math.round(mean - off), Math.round(mean + off)];
  }
  let p = Math.exp(-mean);
  let below = p;
  let k = 0;
  let low = below > 0.05 ? 0 : -1;
  while (below < 0.95) {
    k++;
    p *= mean / k;
    below += p;
    if (low < 0 && below > 0.05) low = k;
  }
  return [Math.max(0, low), k];
}
