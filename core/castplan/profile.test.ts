/** Pieces from the side: bottom and cover keep to their numbers, and every place lies in the water. */
import { newPiece } from '../records/piece';
import { PIECE_KINDS } from '../water/pieces';
import { alongOf, depthOfM, floorAtM, spanOf, topAtM } from './profile';
import { growsFromBank, targetsOf } from './shape';

const pieceOf = (kind: (typeof PIECE_KINDS)[number], topM = 1) =>
  newPiece({ id: 'p', waterId: 'w', name: 'P', kind, lengthM: 12, widthM: 5, depthM: 4, topM, gaps: true });
const linesOf = (span: number): number[] => Array.from({ length: 81 }, (_, i) => -span / 2 + (2 * span * i) / 80);

test.each(PIECE_KINDS)('%s: off its outer end the water is as deep as told, the top never below the bottom', (kind) => {
  for (const topM of [0, 1, 4, 9]) {
    const p = pieceOf(kind, topM);
    expect(floorAtM(p, -spanOf(p))).toBeCloseTo(4, 9);
    for (const u of linesOf(spanOf(p))) {
      const top = topAtM(p, u);
      const floor = floorAtM(p, u);
      expect(floor).toBeLessThanOrEqual(4.2);
      if (top !== null && floor > 0) expect(top).toBeLessThanOrEqual(Math.max(floor, 4) + 1e-9);
    }
  }
});

test.each(PIECE_KINDS)('%s: every place worth a cast lies between the surface and the bottom', (kind) => {
  const p = pieceOf(kind);
  for (const t of targetsOf(p)) {
    const depth = depthOfM(p, t);
    expect(depth).toBeGreaterThanOrEqual(0);
    expect(depth).toBeLessThanOrEqual(Math.max(0.1, floorAtM(p, alongOf(p, t))) + 1e-9);
  }
});

test('what grows from the bank has land behind it, all else has water all round', () => {
  for (const kind of PIECE_KINDS) {
    const p = pieceOf(kind);
    expect(floorAtM(p, spanOf(p) + 5) < 0).toBe(growsFromBank(kind));
  }
});

test('a trunk comes up to the bank; a mound is highest in its middle; a ledge steps up; a deck stands above the water', () => {
  const laydown = pieceOf('laydown');
  expect([topAtM(laydown, 0), topAtM(laydown, 12)]).toEqual([1, 0]);
  const bar = pieceOf('oyster-bar');
  expect([topAtM(bar, 6), topAtM(bar, 0), topAtM(bar, -0.1)]).toEqual([1, 4, null]);
  const ledge = pieceOf('ledge');
  expect([floorAtM(ledge, -3), floorAtM(ledge, 3)]).toEqual([4, 1]);
  expect(topAtM(pieceOf('dock'), 3)).toBeLessThan(0);
});
