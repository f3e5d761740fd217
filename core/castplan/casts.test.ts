import { anyQuestions, planOf, usualPiece, usualQuestion } from '../fixtures/pieces';
import type { Piece } from '../records/piece';
import { PIECE_KINDS } from '../water/pieces';
import { ACCESSES, type Access } from '../water/terms';
import { castsFrom, foughtOver, keptBy, leftByCast } from './casts';
import { bestStand, planFrom } from './plan';
import { isEdge, offWayM, onLand, targetsOf, wayInCoverM } from './shape';
import { windOnCast } from './wind';

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
        const out = { x: (c.target.x - stand.x) / c.distanceM, y: (c.target.y - stand.y) / c.distanceM };
        const reachM = q.reachM * windOnCast(q.piece, q.wind, out).reach;
        if (c.chance > 0) expect(c.distanceM + c.pastM).toBeLessThanOrEqual(reachM + 1e-9);
        if (c.pastM > 0) {
          expect(onLand(q.piece, c.landing)).toBe(false);
          expect(wayInCoverM(q.piece, c.target, c.landing)).toBeLessThanOrEqual(0.75 + 1e-9);
        }
        for (const v of [c.chance, c.snag]) expect(v >= 0 && v <= 1).toBe(true);
        expect(Math.abs(c.leftDeg)).toBeLessThanOrEqual(180);
      }
    }
    const open = planOf(usualQuestion(usualPiece('point'), { pastM: 3 })).casts.find((c) => c.target.id === 'tip')!;
    expect(open.pastM).toBe(3);
  });

  test('what is out of reach, or behind the boards, has none, and is named', () => {
    const near = planOf(usualQuestion(usualPiece('jetty'), { reachM: 12 }));
    expect(near.leftOut.some((x) => x.why === 'out-of-reach')).toBe(true);
    expect(near.casts.every((c) => c.distanceM <= 12)).toBe(true);
    const dock = usualPiece('dock');
    const plan = planFrom(usualQuestion(dock), { x: 4, y: -10 });
    expect(plan.leftOut).toContainEqual({ id: 'side-right', why: 'out-of-reach' });
  });

  test('left and right are the eye’s: from open water the right corner is to the right', () => {
    const plan = planFrom(usualQuestion(usualPiece('dock')), { x: -12, y: 0 });
    const deg = (id: string): number => plan.casts.find((c) => c.target.id === id)!.leftDeg;
    expect(deg('corner-left')).toBeGreaterThan(0);
    expect(deg('corner-right')).toBeCloseTo(-deg('corner-left'), 9);
    expect(deg('face')).toBeCloseTo(0, 9);
    // atan(2.5 / 12)
    expect(deg('corner-left')).toBeCloseTo(11.768, 3);
  });

  test('leaves the less the nearer it passes and the further in it goes', () => {
    const q = usualQuestion(usualPiece('laydown'));
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
    expect(wayInCoverM(usualPiece('dock'), { x: -5, y: 0 }, { x: 5, y: 0 })).toBeCloseTo(5, 9);
    expect(isEdge('ledge') && !isEdge('point')).toBe(true);
  });

  test('from the stern the open side is worth least: the bow was there', () => {
    const worth = (access: Access, id: string): number => {
      const q = usualQuestion(usualPiece('laydown'), { access });
      const all = castsFrom(q, targetsOf(q.piece), { x: -12, y: 0 });
      return all.find((c) => c.target.id === id)!.chance / all.find((c) => c.target.id === 'trunk')!.chance;
    };
    expect(worth('stern', 'tip')).toBeLessThan(0.75 * worth('bow', 'tip'));
  });

  test('in a current the lee of the piece is worth more', () => {
    const q = (flow: Piece['flow']) => usualQuestion(usualPiece('rock-pile', { flow }), { currentMps: 0.4 });
    const share = (flow: Piece['flow']): number => {
      const all = castsFrom(q(flow), targetsOf(q(flow).piece), { x: 3.5, y: -14 });
      return all.find((c) => c.target.id === 'back')!.chance / all.find((c) => c.target.id === 'front')!.chance;
    };
    expect(share('inward')).toBeGreaterThan(share('none'));
    expect(share('outward')).toBeLessThan(share('none'));
  });
});
