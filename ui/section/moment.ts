/** Sample for a moment; without one, the middle of the time in the zone. */
export function indexAt(tS: readonly number[], atS: number | null, inZone: readonly boolean[]): number {
  if (atS === null) {
    const zone = inZone.flatMap((v, i) => (v ? [i] : []));
    return zone[Math.floor(zone.length / 2)] ?? Math.floor(tS.length / 3);
  }
  let i = 0;
  while (i < tS.length - 1 && tS[i + 1]! <= atS) i++;
  return i;
}
