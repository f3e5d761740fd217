import { IMPERIAL, METRIC } from '../../../wording/units';
import { chopWord } from '../../../wording/water';
import { dragRange, nearPreset, onGrid, readingText, stepReading, type ControlSpec } from './control';
import { readingGroups } from './controls';
import { resolveConditions } from '../../../core/water/resolve';
import { type EnteredReadings, enteredSchema } from '../../../core/schemas/conditions';

const NOTHING: EnteredReadings = { water: {}, sky: {} };
const reading = (r: EnteredReadings) =>
  resolveConditions({
    species: 'largemouth-bass',
    month: 6,
    ...r,
    water: { setting: 'pond', depthM: 3, fishDepthM: 1.5, ...r.water },
  });
const controls = (r: EnteredReadings = NOTHING, u = IMPERIAL): ControlSpec[] =>
  readingGroups(reading(r), u).flatMap((g) => g.controls);
const control = (id: string, r: EnteredReadings = NOTHING): ControlSpec => controls(r).find((c) => c.id === id)!;

const WOOD: EnteredReadings = { water: { cover: { kind: 'wood', density: 0.5, branchDiameterM: 0.02 } }, sky: {} };

test('every reading has a control, those that move the answer most come first, and cover brings its own', () => {
  const groups = readingGroups(reading(NOTHING), IMPERIAL);
  expect(groups[0]!.controls.map((c) => c.id)).toEqual([
    'temp',
    'trend',
    'clarity',
    'depth',
    'fish',
    'cover',
    'chop',
    'cloud',
    'front',
  ]);
  expect(controls().map((c) => c.id)).toEqual(
    expect.arrayContaining([
      'bottom',
      'wind',
      'windway',
      'fetch',
      'current',
      'currentway',
      'glass',
      'behaviour',
      'food',
      'abundance',
      'bait',
      'marks',
      'pressure',
      'access',
      'salinity',
    ]),
  );
  expect(controls(WOOD).map((c) => c.id)).toEqual(expect.arrayContaining(['density', 'branches']));
  const grass: EnteredReadings = { water: { cover: { kind: 'submerged-grass', density: 0.5 } }, sky: {} };
  expect(controls(grass).map((c) => c.id)).toContain('tops');
  expect(controls({ water: { salinity: 'salt' }, sky: {} }).map((c) => c.id)).toContain('tide');
  expect(controls({ water: {}, sky: {}, access: 'ice' }).map((c) => c.id)).toContain('ice');
  // No two share a name, or a screen reader could not tell them apart.
  const all = controls(WOOD).map((c) => c.name);
  expect(new Set(all).size).toBe(all.length);
});

test('what is dragged lands on the grid of the angler’s steps', () => {
  const c = control('temp');
  if (c.type !== 'number') throw new Error('not a number');
  expect(c.text(onGrid(c, 15.37))).toBe('60 °F');
  expect((onGrid(c, 15.37) * 9) / 5 + 32).toBeCloseTo(60, 9);
});

test('a value beyond the usual ones is dragged from where it is, not from the end of the usual', () => {
  const number = (id: string, r: EnteredReadings) => {
    const c = control(id, r);
    if (c.type !== 'number') throw new Error('not a number');
    return c;
  };
  const at = (depthM: number) => dragRange(number('depth', { water: { depthM }, sky: {} }));
  expect(at(4)).toEqual([0.3, 12]);
  expect(at(12)).toEqual([0.3, 18]);
  expect(at(30)).toEqual([0.3, 45]);
  // As far as it can be at all.
  expect(at(55)).toEqual([0.3, 60]);
  const fish = number('fish', { water: { depthM: 30, fishDepthM: 30 }, sky: {} });
  expect(dragRange(fish)[1]).toBe(30);
  // Never shorter than the usual, never past the value.
  for (const c of controls({ water: { surfaceTempC: -1, clarityM: 9, windMps: 22 }, sky: {} })) {
    if (c.type !== 'number') continue;
    const [lo, hi] = dragRange(c);
    expect(lo).toBeLessThanOrEqual(c.range[0]);
    expect(hi).toBeGreaterThanOrEqual(c.range[1]);
    expect(hi).toBeGreaterThanOrEqual(c.value);
  }
});

test.each([
  ['behaviour', 'guarding'],
  ['abundance', 'thick'],
  ['bait', 'false'],
  ['pressure', 'high'],
  ['access', 'kayak'],
  ['bottom', 'shell'],
  ['salinity', 'salt'],
  ['windway', '-90'],
  ['currentway', '90'],
])('%s is stored as a legal reading, read back, and forgotten', (id, value) => {
  const c = control(id);
  if (c.type !== 'choice') throw new Error('not a choice');
  const set = c.set(NOTHING, value);
  expect(enteredSchema().safeParse(set).success).toBe(true);
  const again = control(id, set);
  expect(again.type === 'choice' && again.value).toBe(value);
  expect(enteredSchema().safeParse(c.set(set, null)).success).toBe(true);
});

test('food is several at once', () => {
  const c = control('food');
  if (c.type !== 'many') throw new Error('not several');
  const set = c.set(NOTHING, ['shad', 'crawfish']);
  expect(readingText(control('food', set))).toBe('shad +1');
  expect(c.set(set, []).forage).toBeUndefined();
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
    expect(enteredSchema().safeParse(up).success).toBe(true);
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
  expect([0, 0.05, 0.15, 0.3, 0.8].map(chopWord)).toEqual(['flat', 'light', 'chop', 'rough', 'heavy']);
});
