import { RECORDS } from '../../../core/records';
import { buildDemoWorld } from '../../../demo/world';
import { IMPERIAL, METRIC } from '../../../wording/units';
import { stepBy } from '../../theme/stepping';
import { DEMO_WATERS } from '../../../demo/season';
import { DEMO_LINES, DEMO_REELS } from '../../../demo/tackle';
import { get, set } from 'react-hook-form';
import { EDITABLE, fieldsOf, lureDefaults, newDraft, POSITION_KEYS, type Field, type FormDraft } from './fields';

const named = (all: readonly { id: string; name: string }[]) => all.map((x) => ({ value: x.id, title: x.name }));
const KEPT = { water: named(DEMO_WATERS), reel: named(DEMO_REELS), line: named(DEMO_LINES) };
/** What a field stands for: one stored value, or a flag each. */
const keysOf = (f: Field): readonly string[] =>
  f.type === 'flags' ? f.options.map((o) => o.value) : f.type === 'position' ? POSITION_KEYS : [f.key];
const getAt = (d: FormDraft, key: string): unknown => get(d, key) as unknown;
function setAt(d: FormDraft, key: string, value: unknown): FormDraft {
  const copy = structuredClone(d);
  set(copy, key, value);
  return copy;
}

describe.each(EDITABLE)('a new %s', (kind) => {
  const draft = newDraft(kind, 'x', 'UTC', DEMO_WATERS[0]);
  test('wants only a name', () => {
    expect(RECORDS[kind].schema.safeParse(draft).success).toBe(false);
    expect(RECORDS[kind].schema.safeParse({ ...draft, name: 'Mine' }).success).toBe(true);
  });

  test('every field stands for something stored', () => {
    for (const f of fieldsOf(kind, IMPERIAL, KEPT))
      for (const key of keysOf(f)) expect(getAt(draft, key)).toBeDefined();
  });

  test.each([IMPERIAL, METRIC])('every number reads and steps', (u) => {
    for (const f of fieldsOf(kind, u)) {
      if (f.type !== 'number') continue;
      // What is not said counts as nothing, as on the page.
      const v = (getAt(draft, f.key) ?? 0) as number;
      expect(f.text(v)).not.toMatch(/NaN|undefined/);
      const up = stepBy(f.stepper, v, 1);
      expect(up).toBeGreaterThan(v);
      expect(RECORDS[kind].schema.safeParse(setAt({ ...draft, name: 'Mine' }, f.key, up)).success).toBe(true);
    }
  });

  test('every choice is one that can be stored', () => {
    for (const f of fieldsOf(kind, IMPERIAL, KEPT)) {
      if (f.type !== 'choice') continue;
      for (const o of [...f.options, ...(f.none ? [{ value: null }] : [])])
        expect([
          f.key,
          o.value,
          RECORDS[kind].schema.safeParse(setAt({ ...draft, name: 'Mine' }, f.key, o.value)).success,
        ]).toEqual([f.key, o.value, true]);
    }
  });
});

test('the kit of the demo world can be edited', () => {
  for (const p of buildDemoWorld(0)) {
    if (!(EDITABLE as readonly string[]).includes(p.kind)) continue;
    for (const f of fieldsOf(p.kind as (typeof EDITABLE)[number], IMPERIAL, KEPT))
      for (const key of keysOf(f)) expect(getAt(p.data as never, key)).toBeDefined();
  }
});

test('a family brings its usual weight and hook', () => {
  expect(lureDefaults('popper')).toMatchObject({ hook: 'treble', weightKg: 0.009 });
});

test('setting deep leaves the rest alone', () => {
  const d = { a: 1, b: { c: 2, d: 3 } };
  expect(setAt(d, 'b.c', 9)).toEqual({ a: 1, b: { c: 9, d: 3 } });
  expect(d.b.c).toBe(2);
  expect(getAt(d, 'b.x.y')).toBeUndefined();
});
