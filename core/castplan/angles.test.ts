import { anyQuestions, planOf, usualPiece, usualQuestion } from '../fixtures/pieces';
import { PIECE_KINDS } from '../water/pieces';
import { anglesAfter, bestStand, planFrom } from './plan';
import { COVER_OF, middleOf } from './shape';
import { standsFor } from './stands';

const deg = (m: { x: number; y: number }, a: { x: number; y: number }, b: { x: number; y: number }): number => {
  const turn = Math.abs(Math.atan2(a.y - m.y, a.x - m.x) - Math.atan2(b.y - m.y, b.x - m.x));
  return (Math.min(turn, 2 * Math.PI - turn) * 180) / Math.PI;
};

test('a point is fished from three or four angles, each some way round from the others', () => {
  for (const more of [{}, { lengthM: 20, widthM: 12 }, { lengthM: 16, widthM: 20, depthM: 4 }]) {
    const q = usualQuestion(usualPiece('point', more));
    const first = planOf(q);
    const all = [first, ...anglesAfter(q, first.stand)];
    expect(all.length).toBeGreaterThanOrEqual(3);
    expect(all.length).toBeLessThanOrEqual(4);
    for (const a of all)
      for (const b of all) if (a !== b) expect(deg(middleOf(q.piece), a.stand, b.stand)).toBeGreaterThanOrEqual(35);
    // The end of the point is thrown at from more than one of them.
    const atItsEnd = all.filter((p) => p.casts.some((c) => /tip|drop/.test(c.target.id)));
    expect(atItsEnd.length).toBeGreaterThanOrEqual(2);
  }
});

test('whatever the piece: a later angle never promises more than the same place would untouched, nor has more casts', () => {
  for (const q of anyQuestions(60, [...PIECE_KINDS], ['bow', 'kayak', 'bank', 'wade'])) {
    const stand = bestStand(q);
    if (!stand) continue;
    const first = planFrom(q, stand);
    for (const next of anglesAfter(q, stand)) {
      const untouched = planFrom(q, next.stand);
      expect(next.strikes).toBeLessThanOrEqual(untouched.strikes);
      expect(next.casts.length).toBeLessThanOrEqual(untouched.casts.length);
      expect(next.strikes).toBeGreaterThanOrEqual((COVER_OF[q.piece.kind] === 'none' ? 0.12 : 0.3) * first.strikes);
      expect(standsFor(q.piece, q.access, null)).toContainEqual(next.stand);
    }
  }
});

test('cast again at the same place from the same side it is worth less than past it another way', () => {
  const q = usualQuestion(usualPiece('point'));
  const cast = ['tip' as const];
  const at = (x: number, y: number) => ({ x, y });
  const tip = (stand: { x: number; y: number }, from: { x: number; y: number }): number =>
    planFrom(q, stand, { cast: [], hooked: [], resting: [], before: [{ stand: from, cast, hooked: [] }] }).casts.find(
      (c) => c.target.id === 'tip',
    )!.chance / planFrom(q, stand).casts.find((c) => c.target.id === 'tip')!.chance;
  const end = at(-12, 0);
  expect(tip(end, end)).toBeCloseTo(0.45, 5);
  expect(tip(end, at(1.5, -12))).toBeCloseTo(0.8, 5);
  expect(tip(end, at(-9, -6))).toBeGreaterThan(0.45);
  expect(tip(end, at(-9, -6))).toBeLessThan(0.8);
});

test('a bed is left alone, from the stern one has no say, through ice there is no cast', () => {
  const bed = usualQuestion(usualPiece('bed'));
  expect(anglesAfter(bed, planOf(bed).stand)).toEqual([]);
  const stern = usualQuestion(usualPiece('point'), { access: 'stern' });
  expect(anglesAfter(stern, planOf(stern).stand)).toEqual([]);
});
