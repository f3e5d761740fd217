import type { Readings } from '../../core/records/trip';
import { readingsSchema } from '../../core/records/trip';
import { resolveConditions } from '../../core/water/defaults';
import { IMPERIAL, METRIC } from '../../wording/units';
import { CHOP_WORD, nearPreset, readingControls, readingText, stepReading, type ReadingControl } from './readings';

const NOTHING: Readings = { water: {}, sky: {} };
const reading = (r: Readings) =>
  resolveConditions({ species: 'largemouth-bass', month: 6, water: { setting: 'pond', depthM: 3, fishDepthM: 1.5, ...r.water }, sky: r.sky });
const controls = (r: Readings = NOTHING, u = IMPERIAL): ReadingControl[] => readingControls(reading(r), u);
const control = (id: string, r: Readings = NOTHING): ReadingControl => controls(r).find((c) => c.id === id)!;

const WOOD: Readings = { water: { cover: { kind: 'wood', density: 0.5, branchDiameterM: 0.02 } }, sky: {} };

test('every reading that moves the answer has a control, and cover brings its own', () => {
  expect(controls().map((c) => c.id)).toEqual(['temp', 'trend', 'clarity', 'depth', 'fish', 'cover', 'chop', 'cloud', 'front', 'current']);
  expect(controls(WOOD).map((c) => c.id)).toEqual(expect.arrayContaining(['density', 'branches']));
});

test.each([IMPERIAL, METRIC])('every tile has words and no conversion is left to chance', (u) => {
  for (const c of controls(WOOD, u)) {
    expect(readingText(c)).not.toMatch(/NaN|undefined/);
    expect(c.hint.length).toBeGreaterThan(5);
  }
});

describe.each(
  controls(WOOD)
    .filter((c) => c.type === 'number')
    .map((c) => c.id),
)('the number %s', (id) => {
  test('steps up and down from what is entered, is stored as a legal reading and can be forgotten', () => {
    const c = control(id, WOOD);
    if (c.type !== 'number') throw new Error('not a number');
    const up = stepReading(c, 1)(WOOD);
    expect(readingsSchema.safeParse(up).success).toBe(true);
    expect(c.get(up)!).toBeGreaterThan(c.value - 1e-12);
    const twice = stepReading(c, 1)(up);
    expect(c.get(twice)!).toBeGreaterThanOrEqual(c.get(up)!);
    const down = stepReading(c, -1)(twice);
    expect(c.get(down)!).toBeLessThanOrEqual(c.get(twice)!);
  });
});

test('a preset that is set is marked', () => {
  const c = control('clarity');
  if (c.type !== 'number') throw new Error('not a number');
  const set = control('clarity', c.set(NOTHING, c.presets![1]!.value));
  expect(set.type === 'number' && nearPreset(set)).toBe(c.presets![1]!.value);
});

test('choosing a cover keeps it thick enough to matter, none empties it', () => {
  const c = control('cover');
  if (c.type !== 'choice') throw new Error('not a choice');
  expect(c.set(NOTHING, 'pads').water.cover).toMatchObject({ kind: 'pads', density: 0.3 });
  expect(c.set(WOOD, 'none').water.cover).toMatchObject({ kind: 'none', density: 0 });
  expect(c.set(WOOD, null).water.cover).toBeNull();
});

test('chop in words', () => {
  expect([0, 0.05, 0.15, 0.3, 0.8].map(CHOP_WORD)).toEqual(['flat', 'light', 'chop', 'rough', 'heavy']);
});
