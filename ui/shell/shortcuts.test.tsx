import { PHASES } from '../../core/planning/cadence/cadence';
import { uuidOf } from '../platform/ids';
import { PLACES } from './places';
import { actionOf, SHORTCUTS } from './shortcuts';
import { EVENT_KINDS } from '../../core/records/event';

const press = (key: string, held: Partial<Parameters<typeof actionOf>[0]> = {}) => ({
  key,
  ctrlKey: false,
  metaKey: false,
  altKey: false,
  repeat: false,
  ...held,
});

test('every key does one thing, and every place, event and phase has its key', () => {
  expect(new Set(SHORTCUTS.map((s) => s.key)).size).toBe(SHORTCUTS.length);
  const actions = SHORTCUTS.map((s) => JSON.stringify(s.action));
  for (const p of PLACES) expect(actions).toContain(JSON.stringify({ do: 'go', path: p.path }));
  for (const kind of EVENT_KINDS) expect(actions).toContain(JSON.stringify({ do: 'event', kind }));
  for (const phase of PHASES) expect(actions).toContain(JSON.stringify({ do: 'phase', phase }));
});

test('a key does its action, with the shift key or without', () => {
  expect(actionOf(press('c'), false)).toEqual({ do: 'cast' });
  expect(actionOf(press('C'), false)).toEqual({ do: 'cast' });
  expect(actionOf(press('?'), false)).toEqual({ do: 'list' });
  expect(actionOf(press('1'), false)).toEqual({ do: 'go', path: '/' });
});

test.each([
  ['while typing', press('c'), true],
  ['with control', press('c', { ctrlKey: true }), false],
  ['with alt', press('1', { altKey: true }), false],
  ['with the command key', press('l', { metaKey: true }), false],
  ['repeating by itself', press('c', { repeat: true }), false],
  ['a key of no meaning', press('z'), false],
  ['a long name', press('Escape'), false],
])('nothing %s', (_, key, typing) => {
  expect(actionOf(key, typing)).toBeNull();
});

test('an id made without the browser’s own maker is a proper version 4 UUID', () => {
  expect(uuidOf(new Uint8Array(16).fill(255))).toBe('ffffffff-ffff-4fff-bfff-ffffffffffff');
  expect(uuidOf(Uint8Array.from({ length: 16 }, (_, i) => i))).toBe('00010203-0405-4607-8809-0a0b0c0d0e0f');
});
