/** The wind over a piece: what it does to a cast and to a boat, and where one stands for it. */
import { anyQuestions, usualPiece, usualQuestion } from '../fixtures/pieces';
import { FLOWS, PIECE_KINDS } from '../water/pieces';
import { castsFrom } from './casts';
import { bestStand, facedIn, planFrom } from './plan';
import { targetsOf } from './shape';
import { NO_WIND, windFacedDeg, windOnBoat, windOnCast } from './wind';

const dock = usualPiece('dock');
const IN = { x: 1, y: 0 };

test('with it a cast goes further, against it less far, and only across it misses more', () => {
  const at = (to: (typeof FLOWS)[number], mps: number) => windOnCast(dock, { to, mps }, IN);
  expect(at('inward', 6).reach).toBeCloseTo(1.15, 9);
  expect(at('outward', 6).reach).toBeCloseTo(0.85, 9);
  expect(at('outward', 40).reach).toBe(0.5);
  expect(at('inward', 40).reach).toBe(1.2);
  expect(at('from-left', 8)).toEqual({ reach: 1, miss: 2 });
  expect(at('from-right', 8)).toEqual({ reach: 1, miss: 2 });
  for (const to of FLOWS) expect(at(to, 0)).toEqual({ reach: 1, miss: 1 });
  expect(windOnCast(dock, NO_WIND, IN)).toEqual({ reach: 1, miss: 1 });
});

test('a boat that is blown onto what it fishes promises less, one that is blown off it nothing less', () => {
  expect(windOnBoat(dock, { to: 'inward', mps: 10 }, IN)).toBe(0.75);
  expect(windOnBoat(dock, { to: 'inward', mps: 5 }, IN)).toBeCloseTo(0.875, 9);
  expect(windOnBoat(dock, { to: 'outward', mps: 10 }, IN)).toBe(1);
  expect(windOnBoat(dock, { to: 'from-left', mps: 10 }, IN)).toBe(1);
});

test.each(PIECE_KINDS)('%s: no wind is no change, and every wind has chances that are chances', (kind) => {
  const piece = usualPiece(kind);
  const stand = bestStand(usualQuestion(piece))!;
  const plan = planFrom(usualQuestion(piece), stand);
  const calm = planFrom(usualQuestion(piece, { wind: { to: 'inward', mps: 0 } }), stand);
  expect(calm.casts).toEqual(plan.casts);
  for (const to of FLOWS)
    for (const c of castsFrom(usualQuestion(piece, { wind: { to, mps: 9 } }), targetsOf(piece), stand)) {
      expect(c.chance).toBeGreaterThanOrEqual(0);
      expect(c.chance).toBeLessThanOrEqual(0.6);
      expect(Number.isFinite(c.landing.x + c.landing.y)).toBe(true);
    }
});

test('where one stands is chosen with the wind: never worse than the place of a calm day', () => {
  let moved = 0;
  for (const q of anyQuestions(40, PIECE_KINDS, ['bow', 'kayak', 'bank'])) {
    const calm = bestStand({ ...q, wind: NO_WIND });
    const stand = bestStand(q);
    if (!calm || !stand) continue;
    const [here, there] = [planFrom(q, calm).strikes, planFrom(q, stand).strikes];
    // Only some of the places are looked at with every order: it may miss the very best.
    expect(there).toBeGreaterThanOrEqual(here * 0.97);
    if (there > here * 1.01) moved++;
  }
  expect(moved).toBeGreaterThan(3);
});

test('the day reads it as one faces the cast: in the face, at the back, from the right, from the left', () => {
  const face = (to: (typeof FLOWS)[number], x: number, y: number) => windFacedDeg(dock, to, { x, y });
  expect(FLOWS.map((to) => face(to, 1, 0))).toEqual([null, 180, 0, -90, 90]);
  // Looked at from its left side, what comes in from open water comes from the right of the cast … and the other way.
  expect(face('inward', 0, 1)).toBe(90);
  expect(face('inward', 0, -1)).toBe(-90);
  expect(face('outward', -1, 0)).toBe(180);
  // Between two ways: facing in and to the right, what comes off the bank comes from the left of one's face.
  expect(face('outward', 1, 1)).toBe(-45);
  // An edge lies across: along it, a wind from its left end is at the back of who stands there.
  expect(windFacedDeg(usualPiece('grass-line'), 'from-left', IN)).toBe(180);
});

test('a plan that is fished hands the day its aim and its wind; without a wind told, the aim alone', () => {
  for (const q of anyQuestions(60, [...PIECE_KINDS], ['bow', 'bank'])) {
    const stand = bestStand(q);
    if (!stand) continue;
    const plan = planFrom(q, stand);
    const faced = facedIn(q.piece, plan);
    expect(faced.windAngleDeg === null).toBe(q.wind.to === 'none' || plan.casts.length === 0);
    if (faced.windAngleDeg !== null) expect(Math.abs(faced.windAngleDeg) % 45).toBe(0);
  }
});
