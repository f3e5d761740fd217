import * as fc from 'fast-check';
import { planOf, usualPiece, usualQuestion } from '../fixtures/pieces';
import { PIECE_KINDS } from '../water/pieces';
import { acrossAt, canBeSketched, insideOutline, laidDown, outlineOf, sizeOf } from './outline';
import { COVER_OF, inCover, isEdge, onLand, targetsOf, type Point } from './shape';
import { standsFor } from './stands';

const box = (l: number, w: number): Point[] => [
  { x: 0, y: -w / 2 },
  { x: l, y: -w / 2 },
  { x: l, y: w / 2 },
  { x: 0, y: w / 2 },
];

test('wherever it was drawn, it lies with its outer end, or the left end of its edge, where a piece begins', () => {
  const point = fc.record({
    x: fc.double({ min: 0, max: 40, noNaN: true }),
    y: fc.double({ min: 0, max: 40, noNaN: true }),
  });
  fc.assert(
    fc.property(fc.array(point, { minLength: 3, maxLength: 12 }), fc.boolean(), (drawn, edge) => {
      const laid = laidDown(drawn, edge).outline;
      expect(Math.min(...laid.map((c) => c.x))).toBeCloseTo(0, 9);
      if (edge) expect(Math.min(...laid.map((c) => c.y))).toBeCloseTo(0, 9);
      const [a, b] = [sizeOf(drawn), sizeOf(laid)];
      expect(b.lengthM).toBeCloseTo(a.lengthM, 9);
      expect(b.widthM).toBeCloseTo(a.widthM, 9);
      // Laid down once more it stays.
      laidDown(laid, edge).outline.forEach((c, i) => expect(c.x).toBeCloseTo(laid[i]!.x, 9));
    }),
    { numRuns: 200, seed: 5 },
  );
});

test('a box sketched is the dock of the same numbers: the same cover, the same places, the same casts', () => {
  const plain = usualPiece('dock', { gaps: false });
  const sketched = { ...plain, outline: box(plain.lengthM, plain.widthM) };
  targetsOf(sketched).forEach((t, i) => {
    const u = targetsOf(plain)[i]!;
    expect(t).toEqual({ ...u, x: expect.closeTo(u.x, 9) as number, y: expect.closeTo(u.y, 9) as number });
  });
  for (let x = -1.25; x < plain.lengthM; x += 0.5)
    for (let y = -3.75; y < 4; y += 0.5) expect(inCover(sketched, { x, y })).toBe(inCover(plain, { x, y }));
  const ids = (p: typeof plain) => planOf(usualQuestion(p)).casts.map((c) => c.target.id);
  expect(ids(sketched)).toEqual(ids(plain));
});

test('made longer or wider by its numbers, the sketch grows with it', () => {
  const p = usualPiece('dock', { lengthM: 16, widthM: 3, outline: box(8, 6) });
  const { lengthM, widthM } = sizeOf(outlineOf(p)!.points);
  expect([lengthM, widthM]).toEqual([16, 3]);
});

test('a trunk that bends has its limbs where it bends to, and a bay in the pads its edge further in', () => {
  const bent = usualPiece('laydown', {
    lengthM: 10,
    widthM: 8,
    outline: [
      { x: 0, y: -1 },
      { x: 5, y: 0 },
      { x: 10, y: 5 },
      { x: 10, y: 7 },
      { x: 5, y: 3 },
      { x: 0, y: 1 },
    ],
  });
  const of = (id: string) => targetsOf(bent).find((t) => t.id === id)!;
  expect(of('tip').y).toBeCloseTo(0, 0);
  expect(of('root').y).toBeGreaterThan(4);
  expect(of('middle-left').y).toBeLessThan(of('middle-right').y);
  const pads = usualPiece('pads-edge', {
    lengthM: 20,
    widthM: 10,
    gaps: false,
    outline: [
      { x: 0, y: 0 },
      { x: 8, y: 0 },
      { x: 10, y: 4 },
      { x: 12, y: 0 },
      { x: 20, y: 0 },
      { x: 20, y: 10 },
      { x: 0, y: 10 },
    ],
  });
  const edge = targetsOf(pads);
  expect(edge.find((t) => t.id === 'stretch-2')!.y).toBeCloseTo(4, 6);
  expect(edge.find((t) => t.id === 'stretch-1')!.y).toBeCloseTo(0, 6);
  expect(inCover(pads, { x: 10, y: 2 })).toBe(false);
  expect(inCover(pads, { x: 10, y: 6 })).toBe(true);
});

test('what is across at a place is what is inside there', () => {
  const outline = outlineOf(usualPiece('rock-pile', { lengthM: 8, widthM: 6, outline: box(8, 6) }))!;
  expect(acrossAt(outline, 4)).toEqual([-3, 3]);
  expect(acrossAt(outline, 9)).toBeNull();
  expect(insideOutline(outline, { x: 4, y: 2.9 })).toBe(true);
  expect(insideOutline(outline, { x: 4, y: 3.1 })).toBe(false);
});

test('whatever is sketched: every place is a number, no boat lies on it, and it has its casts', () => {
  const corner = fc.record({ x: fc.integer({ min: 0, max: 24 }), y: fc.integer({ min: 0, max: 24 }) });
  fc.assert(
    fc.property(fc.constantFrom(...PIECE_KINDS), fc.array(corner, { minLength: 3, maxLength: 9 }), (kind, drawn) => {
      const { outline } = laidDown(drawn, isEdge(kind));
      const size = sizeOf(outline);
      const p = usualPiece(kind, { lengthM: Math.max(1, size.lengthM), widthM: Math.max(0.5, size.widthM), outline });
      for (const t of targetsOf(p)) expect(Number.isFinite(t.x) && Number.isFinite(t.y)).toBe(true);
      for (const at of standsFor(p, 'bow', null)) {
        expect(onLand(p, at)).toBe(false);
        if (COVER_OF[kind] !== 'none' && canBeSketched(kind)) expect(inCover(p, at)).toBe(false);
      }
    }),
    { numRuns: 150, seed: 9 },
  );
});
