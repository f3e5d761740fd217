import { DEFAULT_SCHOOLS } from '../core/ranking/schools';
import { startText } from './lures';

const of = (first: string, start: string) =>
  ({ ranked: [{ key: first }], plan: { start } }) as unknown as Parameters<typeof startText>[0];

test('the first of the list is the best; another is said to be none, with the reason it is begun with', () => {
  const say = (start: string, schools: Partial<typeof DEFAULT_SCHOOLS> = {}) =>
    startText(of('a', start), { ...DEFAULT_SCHOOLS, ...schools }, 'Rill tail');
  expect(say('a')).toBe('Best for the mood as it stands.');
  expect(say('b')).toBe('It is tied on already, and the Rill tail is hardly better: not worth changing for.');
  expect(say('b', { order: 'quiet-first' })).toMatch(/quiet ones/);
  expect(say('b', { price: 'cheap-where-lures-die' })).toMatch(/As good as the Rill tail/);
  expect(say('a', { order: 'quiet-first' })).toBe('Best for the mood as it stands.');
});
