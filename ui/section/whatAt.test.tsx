import { resolveConditions } from '../../core/water/resolve';
import { barX } from './Answers';
import { fishAt } from './FishParts';
import { frameOf } from './geometry';
import { sectionOfReading, type SectionModel } from './model';
import { whatAt } from './whatAt';

const WIDTH = 390;
const HEIGHT = 262;
const model = (change: Partial<SectionModel> = {}): SectionModel => ({
  ...sectionOfReading(
    resolveConditions({
      species: 'largemouth-bass',
      month: 6,
      water: {
        setting: 'pond',
        surfaceTempC: 18,
        clarityM: 1.2,
        depthM: 3,
        fishDepthM: 1.5,
        windMps: 4,
        currentMps: 0.3,
        cover: { kind: 'pads', density: 0.4 },
      },
      sky: { sunElevationDeg: 20, cloud: 0.3 },
    }),
    1.5,
    25,
  ),
  ...change,
});
const path = {
  xM: [24, 18, 12, 6, 0],
  depthM: [0, 1, 1.4, 1, 0],
  phase: ['splash', 'fall', 'move', 'move', 'boat'] as const,
  onBottom: [false, false, false, false, false],
  range: { shallowM: [0, 0.6, 1, 0.6, 0], deepM: [0, 1.8, 2.2, 1.8, 0] },
  lineXZ: [],
  tS: [0, 2, 5, 8, 11],
  workedS: 8,
};
const at = (m: SectionModel, x: number, y: number, sight = true) => whatAt(m, frameOf(m, WIDTH, HEIGHT), x, y, sight);
const frame = (m: SectionModel) => frameOf(m, WIDTH, HEIGHT);

test('a touch on the fish, on what is around them, and on their band', () => {
  const m = model();
  const f = frame(m);
  const [x, y] = fishAt(m, f);
  expect(at(m, x, y)).toEqual({ thing: 'fish', index: 0 });
  expect(at(m, x, y - m.sightM * f.pxPerDepthM)).toMatchObject({ thing: 'sees' });
  // Without the rings on the drawing there is only what lies behind them.
  expect(at(m, x, y - m.sightM * f.pxPerDepthM, false)).not.toMatchObject({ thing: 'sees' });
  expect(at(m, 60, f.y(m.fishDepthM), false)).toEqual({ thing: 'band', index: 0 });
});

test('the bottom, the air, the angler, the wind, the current, the cover', () => {
  const m = model();
  const f = frame(m);
  expect(at(m, 200, f.bottomY + 9)).toMatchObject({ thing: 'bottom' });
  expect(at(m, 300, f.surfaceY - 12)).toMatchObject({ thing: 'air' });
  expect(at(m, 12, f.surfaceY - 8)).toMatchObject({ thing: 'stand' });
  expect(at(m, WIDTH * 0.42, f.surfaceY - 52)).toMatchObject({ thing: 'wind' });
  expect(at(m, WIDTH * 0.42, f.surfaceY + 0.16 * (f.bottomY - f.surfaceY))).toMatchObject({ thing: 'current' });
  expect(at(m, WIDTH - 12, f.y(0.3))).toMatchObject({ thing: 'cover' });
  expect(at(model({ windMps: 0 }), WIDTH * 0.42, f.surfaceY - 52)).toMatchObject({ thing: 'air' });
});

test('open water tells its own depth', () => {
  const m = model({ currentMps: 0 });
  const found = at(m, 60, frame(m).y(0.5), false);
  expect(found.thing).toBe('water');
  expect((found as { depthM: number }).depthM).toBeCloseTo(0.5, 6);
});

test('the way of the lure before the shade that it may run in, the shade before the band', () => {
  const m = model({ path: { ...path, phase: [...path.phase] }, targetM: 20 });
  const f = frame(m);
  expect(at(m, f.x(12), f.y(1.4), false)).toMatchObject({ thing: 'path' });
  expect(at(m, f.x(12), f.y(2), false)).toMatchObject({ thing: 'range' });
  expect(at(m, f.x(20), f.surfaceY - 14, false)).toMatchObject({ thing: 'aim' });
  // What is only reeled in has no range.
  expect(at(m, f.x(0.5), f.y(1), false)).not.toMatchObject({ thing: 'range' });
});

test('bars, layers and signs by their place', () => {
  const reach = {
    id: 'a',
    name: 'A',
    topM: 0.3,
    bottomM: 2.5,
    snag: 0,
    chosen: false,
    family: 'popper' as const,
    atM: 1,
  };
  const bars = model({ reaches: [reach, { ...reach, id: 'b' }] });
  for (const index of [0, 1])
    expect(at(bars, barX(bars, frame(bars), index), frame(bars).y(1), false)).toEqual({ thing: 'reach', index });
  const layers = model({
    layers: [
      { topM: 0, bottomM: 1, perCast: 0.1, casts: 50 },
      { topM: 1, bottomM: 2, perCast: 0.2, casts: 50 },
    ],
  });
  expect(at(layers, 200, frame(layers).y(1.4), false)).toEqual({ thing: 'layer', index: 1 });
  const marks = model({ marks: [{ id: 'm', kind: 'landed', xM: 10, depthM: 1.2 }] });
  expect(at(marks, frame(marks).x(10), frame(marks).y(1.2), false)).toEqual({ thing: 'mark', index: 0 });
});
