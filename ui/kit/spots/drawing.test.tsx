/** A line drawn and bent. */
import { MAX_SHORE_POINTS, type Shore } from '../../../core/records/shore';
import { drawingOf, nearestTo, newDrawing, putAt, takenOut } from './drawing';

const at = (latDeg: number, lonDeg = -75) => ({ latDeg, lonDeg });
const three = [at(45), at(45.1), at(45.2)].reduce(putAt, newDrawing);

test('points follow one another; the one in hand is put elsewhere, or taken out; else the last is', () => {
  expect(three.points).toEqual([at(45), at(45.1), at(45.2)]);
  const held = { ...three, held: 1 };
  expect(putAt(held, at(46))).toEqual({ points: [at(45), at(46), at(45.2)], held: null, of: null });
  expect(takenOut(held)).toEqual({ points: [at(45), at(45.2)], held: null, of: null });
  expect(takenOut(three).points).toEqual([at(45), at(45.1)]);
  expect(takenOut(newDrawing).points).toEqual([]);
});

test('the nearest point is found; a full line takes no more, but bends', () => {
  expect(nearestTo(three, at(45.12))).toBe(1);
  expect(nearestTo(newDrawing, at(45))).toBeNull();
  const full = drawingOf({ points: Array.from({ length: MAX_SHORE_POINTS }, (_, i) => at(45 + i / 1e4)) } as Shore);
  expect(putAt(full, at(50)).points).toHaveLength(MAX_SHORE_POINTS);
  expect(putAt({ ...full, held: 3 }, at(50)).points[3]).toEqual(at(50));
});
