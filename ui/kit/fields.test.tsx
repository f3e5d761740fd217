import { RECORDS } from '../../core/records';
import { buildDemoWorld } from '../../demo/world';
import { IMPERIAL, METRIC } from '../../wording/units';
import { stepBy } from '../theme/stepping';
import { EDITABLE, fieldsOf, getAt, lureDefaults, newDraft, setAt } from './fields';

describe.each(EDITABLE)('a new %s', (kind) => {
  const draft = newDraft(kind, 'x', 'UTC');
  test('wants only a name', () => {
    expect(RECORDS[kind].schema.safeParse(draft).success).toBe(false);
    expect(RECORDS[kind].schema.safeParse({ ...draft, name: 'Mine' }).success).toBe(true);
  });

  test('every field stands for something stored', () => {
    for (const f of fieldsOf(kind, IMPERIAL)) expect(getAt(draft, f.key)).toBeDefined();
  });

  test.each([IMPERIAL, METRIC])('every number reads and steps', (u) => {
    for (const f of fieldsOf(kind, u)) {
      if (f.type !== 'number') continue;
      const v = getAt(draft, f.key) as number;
      expect(f.text(v)).not.toMatch(/NaN|undefined/);
      const up = stepBy(f.stepper, v, 1);
      expect(up).toBeGreaterThan(v);
      expect(RECORDS[kind].schema.safeParse(setAt({ ...draft, name: 'Mine' }, f.key, up)).success).toBe(true);
    }
  });

  test('every choice is one that can be stored', () => {
    for (const f of fieldsOf(kind, IMPERIAL)) {
      if (f.type !== 'choice') continue;
      for (const o of f.options)
        expect([f.key, o.value, RECORDS[kind].schema.safeParse(setAt({ ...draft, name: 'Mine' }, f.key, o.value)).success]).toEqual([
          f.key,
          o.value,
          true,
        ]);
    }
  });
});

test('the kit of the demo world can be edited', () => {
  for (const p of buildDemoWorld(0)) {
    if (!(EDITABLE as readonly string[]).includes(p.kind)) continue;
    for (const f of fieldsOf(p.kind as (typeof EDITABLE)[number], IMPERIAL)) expect(getAt(p.data as never, f.key)).toBeDefined();
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
