/**
 * Files of places gone wrong: so many mutants of a good file of 40 spots and a shore for each reader, made with a
 * seed, every one read and merged. And how long a long one takes.
 */
import { performance } from 'node:perf_hooks';
import { seededRandom } from '../../core/base/random';
import { readGeoJson, writeGeoJson } from '../../core/exchange/places/geoJson';
import { mergePlaces } from '../../core/exchange/places/merge';
import { readGpx } from '../../core/exchange/places/readGpx';
import { writeGpx } from '../../core/exchange/places/writeGpx';
import { broken } from '../../core/fixtures/anySpot';
import { shoreFields, type Shore } from '../../core/records/shore';
import { newSpot, spotFields, type Spot } from '../../core/records/spot';
import { measure, spreadText, table } from './report';

const SEED = 20261129;
const MUTANTS = 50_000;
const SLOW_MS = 2000;
const nameOf = (id: string): string => id;

const spots = (n: number): Spot[] =>
  Array.from({ length: n }, (_, i) => ({
    ...newSpot({ id: `spot-${i}`, waterId: 'w', name: `Place ${i}`, latDeg: 45 + i / 1000, lonDeg: -75 - i / 1000 }),
    note: i % 3 === 0 ? 'Outer limbs "first", then <in> & out\nof it' : '',
    depthM: i % 2 === 0 ? 1 + i / 10 : null,
  }));

const SHORE: Shore = {
  id: 'shore-1',
  waterId: 'w',
  name: 'North bank',
  points: Array.from({ length: 30 }, (_, i) => ({ latDeg: 45 + i / 900, lonDeg: -75 - (i % 5) / 900 })),
  closed: false,
  depthM: null,
  retiredAtMs: null,
};

const READERS = [
  ['GPX', writeGpx, readGpx],
  ['GeoJSON', writeGeoJson, readGeoJson],
] as const;

export function placesBench(): string {
  const few = spots(40);
  const here = { water: {}, shore: {}, spot: Object.fromEntries(few.slice(0, 20).map((s) => [s.id, s])) };
  const rows = READERS.map(([format, write, read]) => {
    const random = seededRandom(SEED);
    const file = write({ spots: few, shores: [SHORE] }, nameOf);
    const count = { thrown: 0, slow: 0, illegal: 0, unnamed: 0, refused: 0, told: 0, whole: 0 };
    for (let i = 0; i < MUTANTS; i++) {
      const began = performance.now();
      try {
        const found = read(broken(file, random));
        const merged = mergePlaces(found, here, 'w');
        const taken = [...merged.fresh, ...merged.changed.map((c) => c.to)];
        if (taken.some((s) => !spotFields().safeParse(s).success)) count.illegal++;
        if (merged.shores.some((s) => !shoreFields().safeParse(s.to).success)) count.illegal++;
        const problems = found.problems.length + merged.problems.length;
        // Every place of the file is taken, here already, or told.
        const stood = taken.length + merged.shores.length + merged.same + merged.problems.length;
        if (stood !== found.found.length + found.shores.length) count.unnamed++;
        if (found.refusal) count.refused++;
        else if (problems > 0) count.told++;
        else count.whole++;
      } catch {
        count.thrown++;
      }
      if (performance.now() - began > SLOW_MS) count.slow++;
    }
    const long = write({ spots: spots(5000), shores: [] }, nameOf);
    return [
      format,
      MUTANTS.toLocaleString('en'),
      count.thrown,
      count.slow,
      count.illegal,
      count.unnamed,
      count.refused.toLocaleString('en'),
      count.told.toLocaleString('en'),
      count.whole.toLocaleString('en'),
      spreadText(
        measure(() => mergePlaces(read(long), { water: {}, spot: {}, shore: {} }, 'w')),
        'ms',
        0,
      ),
    ].map(String);
  });
  return `## Files of places\n\nMutants of a file of 40 spots and a shore (one to four places of each changed, seed ${SEED}), each read and merged in Node.\n\n${table(
    [
      'format',
      'mutants',
      'thrown',
      'over 2 s',
      'taken and illegal',
      'counted and gone',
      'refused whole',
      'some left out, told',
      'read whole',
      '5000 spots read and merged',
    ],
    rows,
  )}`;
}
