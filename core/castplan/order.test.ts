import { seededRandom } from '../base/random';
import { usualPiece, usualQuestion } from '../fixtures/pieces';
import { PIECE_KINDS } from '../water/pieces';
import { castsFrom, keptBy } from './casts';
import { bestOrder, MAX_TARGETS, worthOfOrder, type OrderQuestion } from './order';
import { bestStand, planFrom } from './plan';
import { targetsOf } from './shape';

describe('the order', () => {
  const permutations = (all: readonly number[]): number[][] =>
    all.length === 0 ? [[]] : all.flatMap((x) => permutations(all.filter((y) => y !== x)).map((rest) => [x, ...rest]));

  test('is the best of all orders', () => {
    const random = seededRandom(7);
    for (let round = 0; round < 40; round++) {
      const n = 1 + (round % 6);
      const q: OrderQuestion = {
        chance: Array.from({ length: n }, () => random()),
        keep: Array.from({ length: n }, () => Array.from({ length: n }, () => random())),
      };
      const best = Math.max(...permutations(q.chance.map((_, i) => i)).map((o) => worthOfOrder(q, o)));
      const { order, worth } = bestOrder(q);
      expect(worth).toBeCloseTo(best, 12);
      expect(worthOfOrder(q, order)).toBeCloseTo(best, 12);
      expect([...order].sort((a, b) => a - b)).toEqual(q.chance.map((_, i) => i));
    }
  });

  test('of real casts too', () => {
    for (const kind of ['brush-pile', 'bed', 'ledge'] as const) {
      const q = usualQuestion(usualPiece(kind, { gaps: false }));
      const stand = bestStand(q)!;
      const casts = castsFrom(q, targetsOf(q.piece), stand).filter((c) => c.chance > 0);
      const question = {
        chance: casts.map((c) => c.chance),
        keep: casts.map((k) => casts.map((j) => keptBy(q, k, j, stand))),
      };
      const best = Math.max(...permutations(casts.map((_, i) => i)).map((o) => worthOfOrder(question, o)));
      expect(planFrom(q, stand).strikes).toBeCloseTo(best, 12);
    }
  });

  test('by hand: what spoils the other half comes last', () => {
    // 0.2 and 0.3; a cast at the second leaves half of the first, the other way nothing is lost.
    const q = {
      chance: [0.2, 0.3],
      keep: [
        [1, 1],
        [0.5, 1],
      ],
    };
    expect(bestOrder(q)).toEqual({ order: [0, 1], worth: 0.5 });
    expect(worthOfOrder(q, [1, 0])).toBeCloseTo(0.4, 12);
  });

  test('what must come first comes first, and it is still the best such order', () => {
    const random = seededRandom(11);
    for (let round = 0; round < 20; round++) {
      const n = 5;
      const q: OrderQuestion = {
        chance: Array.from({ length: n }, () => random()),
        keep: Array.from({ length: n }, () => Array.from({ length: n }, () => random())),
        after: [[], [0], [], [0, 2], []],
      };
      const allowed = permutations([0, 1, 2, 3, 4]).filter((o) =>
        q.after!.every((first, j) => first.every((k) => o.indexOf(k) < o.indexOf(j))),
      );
      const { order, worth } = bestOrder(q);
      expect(allowed).toContainEqual(order);
      expect(worth).toBeCloseTo(Math.max(...allowed.map((o) => worthOfOrder(q, o))), 12);
    }
  });

  test('more places than are ordered exactly are refused', () => {
    const n = MAX_TARGETS + 1;
    const chance = Array.from({ length: n }, () => 0.1);
    expect(() => bestOrder({ chance, keep: chance.map(() => chance) })).toThrow(RangeError);
    for (const kind of PIECE_KINDS) expect(targetsOf(usualPiece(kind)).length).toBeLessThanOrEqual(MAX_TARGETS);
  });
});
