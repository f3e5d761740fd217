import { anyQuestions, planOf, usualPiece, usualQuestion } from '../fixtures/pieces';
import type { Piece } from '../records/piece';
import { PIECE_KINDS } from '../water/pieces';
import { ACCESSES, type Access } from '../water/terms';
import { bestStand, middleCastM, NOTHING_FISHED, planFrom, type CastPlan } from './plan';
import { inCover, onLand, targetsOf } from './shape';
import { openSides, sideOf, standsFor } from './stands';

const idsOf = (p: CastPlan): string[] => p.casts.map((c) => c.target.id);

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
    const plan = planOf(usualQuestion(usualPiece('laydown')));
    const ids = idsOf(plan);
    expect(new Set(ids.slice(0, 3))).toEqual(new Set(['outer-left', 'outer-right', 'tip']));
    expect(new Set(ids.slice(-2))).toEqual(new Set(['trunk', 'root']));
    expect(plan.strikes / plan.insideFirst).toBeGreaterThan(1.3);
    expect(plan.side).not.toBe('behind');
  });

  test('a dock: corners and front before what is under it', () => {
    const ids = idsOf(planOf(usualQuestion(usualPiece('dock'))));
    for (const open of ['corner-left', 'corner-right', 'face'])
      for (const under of ['under-front', 'under-middle']) expect(ids.indexOf(open)).toBeLessThan(ids.indexOf(under));
  });

  test('bright and tight, the inside is worth more, and is still not crashed first', () => {
    const q = usualQuestion(usualPiece('laydown'), { tightness: 0.95 });
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
        const piece = usualPiece(kind);
        const all = standsFor(piece, access, null);
        expect(all.length).toBeGreaterThan(0);
        const afloat = ['bow', 'stern', 'kayak', 'wade'].includes(access);
        if (afloat) expect(all.some((at) => onLand(piece, at) || inCover(piece, at))).toBe(false);
        if (access === 'bank' && kind === 'laydown') expect(all.every((at) => onLand(piece, at))).toBe(true);
        expect(bestStand(usualQuestion(piece, { access, reachM: 40 }))).not.toBeNull();
      }
  });

  test('in clear water further off than in dirty', () => {
    const off = (clarityM: number): number =>
      planOf(usualQuestion(usualPiece('laydown'), { clarityM })).casts[0]!.distanceM;
    expect(off(4)).toBeGreaterThan(off(0.3));
  });

  test('along an edge: the casts at it run along it', () => {
    for (const kind of ['pads-edge', 'grass-line', 'seam'] as const) {
      const plan = planOf(usualQuestion(usualPiece(kind), { currentMps: 0.3 }));
      const far = plan.casts.filter((c) => c.target.along).sort((a, b) => b.distanceM - a.distanceM)[0]!;
      const alongShare = Math.abs(far.target.x - plan.stand.x) / far.distanceM;
      expect(alongShare).toBeGreaterThan(0.8);
    }
  });

  test('into the current: from below it, so that the lure comes down with it', () => {
    const from = (flow: Piece['flow']) =>
      planOf(usualQuestion(usualPiece('seam', { flow }), { currentMps: 0.5 })).stand.x;
    expect(from('from-left')).toBeGreaterThan(from('from-right'));
  });

  test('a wished side is kept to, or there is no plan', () => {
    const q = usualQuestion(usualPiece('laydown'));
    for (const side of openSides(q.piece, 'bow')) expect(sideOf(q.piece, bestStand(q, side)!)).toBe(side);
    expect(openSides(q.piece, 'bank')).toEqual(['behind']);
    expect(bestStand(usualQuestion(q.piece, { access: 'bank' }), 'end')).toBeNull();
    expect(bestStand(usualQuestion(q.piece, { access: 'ice' }))).toBeNull();
  });
});

describe('while it is fished', () => {
  const q = usualQuestion(usualPiece('laydown'));
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

  test('what is cast at next by choice comes first, the rest in order, and its worth is that of this order', () => {
    const plan = planFrom(q, stand, { ...NOTHING_FISHED, next: 'root' });
    expect(idsOf(plan)).toEqual(['root', ...idsOf(fresh).filter((id) => id !== 'root')]);
    expect(plan.strikes).toBeLessThan(fresh.strikes);
    expect(plan.strikes).toBeCloseTo(
      plan.casts.reduce((s, c) => s + c.chance * c.kept, 0),
      12,
    );
  });

  test('Retrieve aims at the middle of the casts', () => {
    const far = fresh.casts.map((c) => c.distanceM).sort((a, b) => a - b);
    expect(middleCastM(fresh)).toBeCloseTo(far[4]!, 1);
    expect(middleCastM({ ...fresh, casts: [] })).toBeNull();
  });
});
