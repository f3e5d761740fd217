/** Every way in, knocked at with what has gone wrong. The long runs: npm run bench -- fuzz-files fuzz-verbs … */
import { seededRandom } from '../../core/base/random';
import { readBoxJson } from '../../core/exchange/boxJson';
import { applyPuts, emptyBook } from '../../core/records';
import { buildDemoWorld } from '../../demo/world';
import { fileDoors, HEAVY_VERBS, VERB_DOORS, type Came } from './doors';
import { outOfRange } from './fit';
import { spoiltJson } from './spoilt';

jest.setTimeout(120_000);

const WORLD = applyPuts(emptyBook(), buildDemoWorld(0));
const SEED = 11;
const TIMES = 120;
const SLOW_MS = 20_000;

test.each([...fileDoors(WORLD), ...VERB_DOORS].map((d) => [d.name, d] as const))(
  '%s: nothing thrown, out of range, counted and gone, or refused without a reason',
  (name, door) => {
    const random = seededRandom(SEED);
    const came: Record<Came, number> = { refused: 0, told: 0, whole: 0 };
    for (let i = 0; i < (HEAVY_VERBS.has(name) ? TIMES / 5 : TIMES); i++) {
      const given = door.next(random);
      const began = performance.now();
      came[door.meet(given)]++;
      expect(performance.now() - began).toBeLessThan(SLOW_MS);
    }
    // Not all of it is turned away at the first look.
    expect(came.told + came.whole).toBeGreaterThan(0);
  },
);

test('what an entry of a box calls its own words is not asked', () => {
  const { bad } = readBoxJson('[{"name":"Alder","family":"popper","toString":1,"note":{"toString":1}}]');
  expect(bad).toHaveLength(1);
});

test('a number that is none, a share above one, a range upside down are found wherever they stand', () => {
  expect(outOfRange({ a: [{ share: 0.5 }, { share: 1.2 }] })).toBe('.a.1.share = 1.2');
  expect(outOfRange({ a: { b: NaN } })).toBe('.a.b = NaN');
  expect(outOfRange([{ low: 2, high: 1 }])).toBe('.0: 2 to 1');
  expect(outOfRange({ a: { low: 1, mean: -3, high: 1 }, castM: 4 })).toBeNull();
});

test('a spoilt document is the same for the same seed, and mostly still a document', () => {
  const spoilt = (seed: number): string[] => {
    const random = seededRandom(seed);
    return Array.from({ length: 200 }, () => spoiltJson({ a: [1, 2, { b: 'x' }], c: null }, random));
  };
  expect(spoilt(3)).toEqual(spoilt(3));
  const read = spoilt(3).filter((t) => {
    try {
      JSON.parse(t);
      return true;
    } catch {
      return false;
    }
  });
  expect(read.length).toBeGreaterThan(140);
  expect(new Set(read).size).toBeGreaterThan(100);
});
