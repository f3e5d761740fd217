import { seededRandom } from '../base/random';
import type { Piece } from '../records/piece';
import { FLOWS, PIECE_KINDS, type PieceKind } from '../water/pieces';
import { ACCESSES, type Access } from '../water/terms';
import { castsFrom, foughtOver, keptBy, leftByCast, type CastPlanQuestion } from './casts';
import { bestOrder, MAX_TARGETS, worthOfOrder, type OrderQuestion } from './order';
import { bestStand, planFrom, type CastPlan } from './plan';
import { inCover, isEdge, offWayM, onLand, targetsOf, wayInCoverM } from './shape';
import { openSides, sideOf, standsFor } from './stands';

const USUAL_SIZE: Record<PieceKind, readonly [number, number]> = {
  laydown: [10, 5],
  dock: [9, 5],
  'brush-pile': [5, 5],
  'pads-edge': [25, 10],
  'grass-line': [30, 8],
  point: [30, 18],
  ledge: [30, 8],
  'rock-pile': [7, 7],
  'oyster-bar': [18, 4],
  jetty: [60, 6],
  seam: [25, 6],
  bed: [1.2, 1.2],
};

const pieceOf = (kind: PieceKind, more: Partial<Piece> = {}): Piece => ({
  id: 'p',
  waterId: 'w',
  spotId: null,
  name: 'A piece',
  kind,
  lengthM: USUAL_SIZE[kind][0],
  widthM: USUAL_SIZE[kind][1],
  depthM: 2,
  topM: 0.5,
  branchM: null,
  gaps: true,
  flow: 'none',
  note: '',
  retiredAtMs: null,
  ...more,
});

const asked = (piece: Piece, more: Partial<CastPlanQuestion> = {}): CastPlanQuestion => ({
  piece,
  access: 'bow',
  tightness: 0.4,
  clarityM: 1,
  currentMps: 0,
  reachM: 28,
  pastM: 2.5,
  strikesPerCast: 0.05,
  snagsPerCast: 0.1,
  hookedShare: 0.7,
  ...more,
});

function planOf(q: CastPlanQuestion): CastPlan {
  const stand = bestStand(q);
  if (!stand) throw new Error('nowhere to stand');
  return planFrom(q, stand);
}
const idsOf = (p: CastPlan): string[] => p.casts.map((c) => c.target.id);

/** Questions as they may come, seeded. */
function anyQuestions(n: number, kinds: readonly PieceKind[], accesses: readonly Access[]): CastPlanQuestion[] {
  const random = seededRandom(20_261);
  const of = <T>(all: readonly T[]): T => all[Math.floor(random() * all.length)]!;
  return Array.from({ length: n }, () => {
    const kind = of(kinds);
    const piece = pieceOf(kind, {
      lengthM: USUAL_SIZE[kind][0] * (0.5 + random()),
      widthM: USUAL_SIZE[kind][1] * (0.5 + random()),
      gaps: random() < 0.5,
      flow: of(FLOWS),
    });
    return asked(piece, {
      access: of(accesses),
      tightness: random(),
      clarityM: 0.1 + 4 * random(),
      currentMps: random() < 0.5 ? 0 : random(),
      reachM: 6 + 30 * random(),
      pastM: 6 * random(),
      strikesPerCast: 0.002 + 0.2 * random(),
      snagsPerCast: 0.5 * random(),
      hookedShare: 0.3 + 0.6 * random(),
    });
  });
}

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
      const q = asked(pieceOf(kind, { gaps: false }));
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
    for (const kind of PIECE_KINDS) expect(targetsOf(pieceOf(kind)).length).toBeLessThanOrEqual(MAX_TARGETS);
  });
});

describe('from the outside in', () => {
  const AFLOAT: readonly Access[] = ['bow', 'kayak', 'wade'];

  test('afloat the heart of the cover never comes before its open side', () => {
    for (const q of anyQuestions(150, ['laydown', 'dock', 'brush-pile', 'rock-pile'], AFLOAT)) {
      const stand = bestStand(q);
      if (!stand) continue;
      const ins = planFrom(q, stand).casts.map((c) => c.target.in);
      const firstInside = ins.findIndex((x) => x >= 0.75);
      const lastOpen = ins.length - 1 - [...ins].reverse().findIndex((x) => x <= 0.15);
      if (firstInside >= 0 && lastOpen < ins.length) expect(firstInside).toBeGreaterThan(lastOpen);
    }
  });

  test('a laydown from a boat: outer limbs, middle, then trunk and root, and a third more than from the inside', () => {
    const plan = planOf(asked(pieceOf('laydown')));
    const ids = idsOf(plan);
    expect(new Set(ids.slice(0, 3))).toEqual(new Set(['outer-left', 'outer-right', 'tip']));
    expect(new Set(ids.slice(-2))).toEqual(new Set(['trunk', 'root']));
    expect(plan.strikes / plan.insideFirst).toBeGreaterThan(1.3);
    expect(plan.side).not.toBe('behind');
  });

  test('a dock: corners and front before what is under it', () => {
    const ids = idsOf(planOf(asked(pieceOf('dock'))));
    for (const open of ['corner-left', 'corner-right', 'face'])
      for (const under of ['under-front', 'under-middle']) expect(ids.indexOf(open)).toBeLessThan(ids.indexOf(under));
  });

  test('bright and tight, the inside is worth more, and is still not crashed first', () => {
    const q = asked(pieceOf('laydown'), { tightness: 0.95 });
    const plan = planOf(q);
    const of = (id: string) => plan.casts.find((c) => c.target.id === id)!;
    expect(of('trunk').chance).toBeGreaterThan(of('tip').chance);
    expect(idsOf(plan).indexOf('tip')).toBeLessThan(idsOf(plan).indexOf('trunk'));
  });
});

describe('where to stand', () => {
  test('never in the cover, never ashore with a boat, nor afloat on foot', () => {
    for (const kind of PIECE_KINDS)
      for (const access of ACCESSES.filter((a) => a !== 'ice')) {
        const piece = pieceOf(kind);
        const all = standsFor(piece, access, null);
        expect(all.length).toBeGreaterThan(0);
        const afloat = ['bow', 'stern', 'kayak', 'wade'].includes(access);
        if (afloat) expect(all.some((at) => onLand(piece, at) || inCover(piece, at))).toBe(false);
        if (access === 'bank' && kind === 'laydown') expect(all.every((at) => onLand(piece, at))).toBe(true);
        expect(bestStand(asked(piece, { access, reachM: 40 }))).not.toBeNull();
      }
  });

  test('in clear water further off than in dirty', () => {
    const off = (clarityM: number): number => planOf(asked(pieceOf('laydown'), { clarityM })).casts[0]!.distanceM;
    expect(off(4)).toBeGreaterThan(off(0.3));
  });

  test('along an edge: the casts at it run along it', () => {
    for (const kind of ['pads-edge', 'grass-line', 'seam'] as const) {
      const plan = planOf(asked(pieceOf(kind), { currentMps: 0.3 }));
      const far = plan.casts.filter((c) => c.target.along).sort((a, b) => b.distanceM - a.distanceM)[0]!;
      const alongShare = Math.abs(far.target.x - plan.stand.x) / far.distanceM;
      expect(alongShare).toBeGreaterThan(0.8);
    }
  });

  test('into the current: from below it, so that the lure comes down with it', () => {
    const from = (flow: Piece['flow']) => planOf(asked(pieceOf('seam', { flow }), { currentMps: 0.5 })).stand.x;
    expect(from('from-left')).toBeGreaterThan(from('from-right'));
  });

  test('a wished side is kept to, or there is no plan', () => {
    const q = asked(pieceOf('laydown'));
    for (const side of openSides(q.piece, 'bow')) expect(sideOf(q.piece, bestStand(q, side)!)).toBe(side);
    expect(openSides(q.piece, 'bank')).toEqual(['behind']);
    expect(bestStand(asked(q.piece, { access: 'bank' }), 'end')).toBeNull();
    expect(bestStand(asked(q.piece, { access: 'ice' }))).toBeNull();
  });
});

describe('a cast', () => {
  test('goes past its place by what the lure needs, as far as there is open water and reach', () => {
    for (const q of anyQuestions(
      120,
      PIECE_KINDS,
      ACCESSES.filter((a) => a !== 'ice'),
    )) {
      const stand = bestStand(q);
      if (!stand) continue;
      for (const c of castsFrom(q, targetsOf(q.piece), stand)) {
        expect(c.pastM).toBeLessThanOrEqual(q.pastM + 1e-9);
        if (c.chance > 0) expect(c.distanceM + c.pastM).toBeLessThanOrEqual(q.reachM + 1e-9);
        if (c.pastM > 0) {
          expect(onLand(q.piece, c.landing)).toBe(false);
          expect(wayInCoverM(q.piece, c.target, c.landing)).toBeLessThanOrEqual(0.75 + 1e-9);
        }
        for (const v of [c.chance, c.snag]) expect(v >= 0 && v <= 1).toBe(true);
        expect(Math.abs(c.leftDeg)).toBeLessThanOrEqual(180);
      }
    }
    const open = planOf(asked(pieceOf('point'), { pastM: 3 })).casts.find((c) => c.target.id === 'tip')!;
    expect(open.pastM).toBe(3);
  });

  test('what is out of reach, or behind the boards, has none, and is named', () => {
    const near = planOf(asked(pieceOf('jetty'), { reachM: 12 }));
    expect(near.leftOut.some((x) => x.why === 'out-of-reach')).toBe(true);
    expect(near.casts.every((c) => c.distanceM <= 12)).toBe(true);
    const dock = pieceOf('dock');
    const plan = planFrom(asked(dock), { x: 4, y: -10 });
    expect(plan.leftOut).toContainEqual({ id: 'side-right', why: 'out-of-reach' });
  });

  test('left and right are the eye’s: from open water the right corner is to the right', () => {
    const plan = planFrom(asked(pieceOf('dock')), { x: -12, y: 0 });
    const deg = (id: string): number => plan.casts.find((c) => c.target.id === id)!.leftDeg;
    expect(deg('corner-left')).toBeGreaterThan(0);
    expect(deg('corner-right')).toBeCloseTo(-deg('corner-left'), 9);
    expect(deg('face')).toBeCloseTo(0, 9);
    // atan(2.5 / 12)
    expect(deg('corner-left')).toBeCloseTo(11.768, 3);
  });

  test('leaves the less the nearer it passes and the further in it goes', () => {
    const q = asked(pieceOf('laydown'));
    const stand = { x: -12, y: 0 };
    const casts = castsFrom(q, targetsOf(q.piece), stand);
    const of = (id: string) => casts.find((c) => c.target.id === id)!;
    // Thrown over the end of the trunk, or beside it.
    expect(leftByCast(of('root'), of('tip'), stand)).toBeLessThan(leftByCast(of('outer-left'), of('tip'), stand));
    expect(leftByCast(of('tip'), of('root'), stand)).toBeGreaterThan(leftByCast(of('root'), of('tip'), stand));
    expect(foughtOver(of('trunk'), of('tip'), stand)).toBeGreaterThan(foughtOver(of('tip'), of('trunk'), stand));
    for (const k of casts)
      for (const j of casts) {
        const kept = keptBy(q, k, j, stand);
        expect(kept > 0 && kept <= 1).toBe(true);
      }
  });

  test('by hand: the way to a stretch, and what of it lies in the cover', () => {
    expect(offWayM({ x: 2, y: 3 }, { x: 0, y: 0 }, { x: 10, y: 0 })).toBeCloseTo(3, 9);
    expect(offWayM({ x: -4, y: 3 }, { x: 0, y: 0 }, { x: 10, y: 0 })).toBeCloseTo(5, 9);
    expect(wayInCoverM(pieceOf('dock'), { x: -5, y: 0 }, { x: 5, y: 0 })).toBeCloseTo(5, 9);
    expect(isEdge('ledge') && !isEdge('point')).toBe(true);
  });

  test('from the stern the open side is worth least: the bow was there', () => {
    const worth = (access: Access, id: string): number => {
      const q = asked(pieceOf('laydown'), { access });
      const all = castsFrom(q, targetsOf(q.piece), { x: -12, y: 0 });
      return all.find((c) => c.target.id === id)!.chance / all.find((c) => c.target.id === 'trunk')!.chance;
    };
    expect(worth('stern', 'tip')).toBeLessThan(0.75 * worth('bow', 'tip'));
  });

  test('in a current the lee of the piece is worth more', () => {
    const q = (flow: Piece['flow']) => asked(pieceOf('rock-pile', { flow }), { currentMps: 0.4 });
    const share = (flow: Piece['flow']): number => {
      const all = castsFrom(q(flow), targetsOf(q(flow).piece), { x: 3.5, y: -14 });
      return all.find((c) => c.target.id === 'back')!.chance / all.find((c) => c.target.id === 'front')!.chance;
    };
    expect(share('inward')).toBeGreaterThan(share('none'));
    expect(share('outward')).toBeLessThan(share('none'));
  });
});

describe('while it is fished', () => {
  const q = asked(pieceOf('laydown'));
  const stand = bestStand(q)!;
  const fresh = planFrom(q, stand);

  test('what was cast is done, what rests is left out, and the rest is ordered anew', () => {
    const [a, b] = idsOf(fresh) as ['tip', 'root'];
    const plan = planFrom(q, stand, { cast: [a], hooked: [], resting: [b] });
    expect(plan.casts).toHaveLength(fresh.casts.length - 2);
    expect(plan.leftOut).toEqual(
      expect.arrayContaining([
        { id: a, why: 'cast' },
        { id: b, why: 'resting' },
      ]),
    );
    expect(plan.stand).toEqual(stand);
  });

  test('a fish fought out of it costs the rest, and says where its like sit', () => {
    const first = fresh.casts[0]!.target;
    const cast = planFrom(q, stand, { cast: [first.id], hooked: [], resting: [] });
    const hooked = planFrom(q, stand, { cast: [first.id], hooked: [first.id], resting: [] });
    const inside = (p: CastPlan): number => p.casts.find((c) => c.target.id === 'root')!.chance;
    expect(inside(hooked)).toBeLessThan(inside(cast));
    const like = fresh.casts.find((c) => c !== fresh.casts[0] && Math.abs(c.target.in - first.in) <= 0.25)!.target.id;
    const worth = (p: CastPlan): number => p.casts.find((c) => c.target.id === like)!.chance / inside(p);
    expect(worth(hooked)).toBeGreaterThan(worth(cast));
  });

  test('what is kept of the chances falls along the order, and their sum is the promise', () => {
    const sum = fresh.casts.reduce((s, c) => s + c.chance * c.kept, 0);
    expect(sum).toBeCloseTo(fresh.strikes, 12);
    expect(fresh.casts[0]!.kept).toBe(1);
    expect(fresh.casts.every((c) => c.kept > 0 && c.kept <= 1)).toBe(true);
  });

  test('with all of it cast nothing is left', () => {
    const all = targetsOf(q.piece).map((t) => t.id);
    const plan = planFrom(q, stand, { cast: all, hooked: [], resting: [] });
    expect(plan.casts).toEqual([]);
    expect(plan.strikes).toBe(0);
  });
});
