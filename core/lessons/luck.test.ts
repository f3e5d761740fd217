/** Whether luck alone would do it: the model against the record, one part of the record against the rest. */
import { buildDemoWorld } from '../../demo/world';
import { poisson, seededRandom } from '../base/random';
import { applyPuts, emptyBook } from '../records';
import { calibrationOf } from './calibration';
import { fishedIn } from './fished';
import { luckOf } from './luck';
import { standingOut } from './standingOut';

const all = fishedIn(applyPuts(emptyBook(), buildDemoWorld(0)));

describe('what luck does', () => {
  test('the middle nine tenths of a Poisson number', () => {
    expect(luckOf(0.02)).toEqual([0, 0]);
    expect(luckOf(3)).toEqual([1, 6]);
    expect(luckOf(10)).toEqual([5, 15]);
    const [low, high] = luckOf(900);
    expect([low, high]).toEqual([851, 949]);
  });

  test('a model that is right is found right nine times in ten, one that is off by half hardly ever', () => {
    const random = seededRandom(4);
    const season = (truth: number): boolean => {
      const fished = Array.from({ length: 20 }, (_, i) => {
        const strikes = poisson(random, 2 * truth);
        return {
          ...all[0]!,
          block: { ...all[0]!.block, id: `b${i}` },
          expected: 2,
          tally: { ...all[0]!.tally, strikes },
        };
      });
      return calibrationOf(fished)!.all.within;
    };
    const share = (truth: number): number =>
      Array.from({ length: 200 }, () => season(truth)).filter(Boolean).length / 200;
    expect(share(1)).toBeGreaterThan(0.85);
    expect(share(0.5)).toBeLessThan(0.1);
  });

  test('groups go from poor hours to good ones, each with enough, and add up', () => {
    const c = calibrationOf(all)!;
    expect(c.groups.length).toBeGreaterThan(2);
    const rates = c.groups.map((g) => g.expected / g.hours);
    expect([...rates].sort((a, b) => a - b)).toEqual(rates);
    expect(c.groups.reduce((sum, g) => sum + g.strikes, 0)).toBe(c.all.strikes);
    expect(calibrationOf([])).toBeNull();
  });
});

describe('what stands out', () => {
  test('nothing to compare is said; twenty times the strikes are plain', () => {
    expect(standingOut([{ strikes: 4, effort: 10 }])).toBeNull();
    expect(
      standingOut([
        { strikes: 0, effort: 10 },
        { strikes: 0, effort: 10 },
      ]),
    ).toBeNull();
    const plain = standingOut([
      { strikes: 1, effort: 100 },
      { strikes: 20, effort: 100 },
    ])!;
    expect(plain).toMatchObject({ at: 1, enoughAt: 1 });
    expect(plain.sure).toBeGreaterThan(0.99);
    const open = standingOut([
      { strikes: 2, effort: 100 },
      { strikes: 4, effort: 100 },
    ])!;
    expect(open.at).toBe(1);
    expect(open.sure).toBeLessThan(0.9);
    expect(open.enoughAt === null || open.enoughAt > 1).toBe(true);
  });

  test('of six parts that are alike one is called plainly better once in ten at the most', () => {
    const random = seededRandom(9);
    const called = Array.from({ length: 300 }, () =>
      standingOut(Array.from({ length: 6 }, () => ({ strikes: poisson(random, 4), effort: 10 }))),
    ).filter((x) => x && x.sure >= 0.9).length;
    expect(called / 300).toBeLessThan(0.1);
  });
});
