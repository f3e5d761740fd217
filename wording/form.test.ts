import { checkWith } from '../core/schemas/check';
import { RECORDS } from '../core/records';
import { fieldProblem, notSavedText, type FieldWords } from './form';
import { IMPERIAL, METRIC, say, type UnitPrefs } from './units';

const rod = {
  id: 'r',
  name: '',
  lengthM: 0.3,
  minLureKg: 0.03,
  maxLureKg: 0.02,
  action: 'fast',
  reelId: null,
  lineId: null,
  retiredAtMs: null,
};
const problemsOf = (change: object) => {
  const r = checkWith(RECORDS.rod.schema, { ...rod, ...change });
  return r.ok ? [] : r.problems;
};
const fields = (u: typeof IMPERIAL): Record<string, FieldWords> => ({
  name: { label: 'Name' },
  lengthM: {
    label: 'Length',
    text: (v) => say.depth(v, u),
    onSteps: (v, way) => (u.depth === 'm' ? v : ((way > 0 ? Math.ceil : Math.floor)((v / 0.3048) * 2) / 2) * 0.3048),
  },
  maxLureKg: { label: 'Heaviest lure', text: (v) => say.weight(v, u) },
  action: { label: 'Action' },
});

test('a rod that is wrong in two places says so in words and in the angler’s own units', () => {
  const said = (u: UnitPrefs): string[] =>
    problemsOf({ minLureKg: 0.01 }).map((p) => fieldProblem(p, fields(u)[p.path] ?? { label: p.path }));
  expect(said(IMPERIAL)).toEqual(['Give it a name.', 'At least 1½ ft.']);
  expect(said(METRIC)).toEqual(['Give it a name.', 'At least 0.4 m.']);
});

test('below the form stands which fields want another look', () => {
  expect(notSavedText(['name'])).toBe('Not saved yet: look at name.');
  expect(notSavedText(['name', 'lightest lure'])).toBe('Not saved yet: look at name and lightest lure.');
});
test('a rule between two fields is a sentence too', () => {
  const [p] = problemsOf({ name: 'Twig', lengthM: 2 });
  expect(p!.path).toBe('maxLureKg');
  expect(fieldProblem(p!, fields(IMPERIAL).maxLureKg!)).toBe('Must be more than the lightest lure.');
});

test.each([
  [{ name: 'x'.repeat(61) }, 'name', 'At most 60 letters.'],
  [{ lengthM: 9 }, 'lengthM', 'At most 16 ft.'],
  [{ lengthM: 'long' }, 'lengthM', 'Enter a number.'],
  [{ action: 'bouncy' }, 'action', 'Choose one of these.'],
])('%j', (change, path, says) => {
  const p = problemsOf(change).find((x) => x.path === path)!;
  expect(fieldProblem(p, fields(IMPERIAL)[path]!)).toBe(says);
});
