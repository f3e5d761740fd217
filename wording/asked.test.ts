import type { Answer, HandsAsked } from '../core/log/asked';
import { PHASES } from '../core/planning/cadence/cadence';
import { askedText, insteadText } from './strikes';

const asked = (by: HandsAsked['by'], answer: Answer, over: Partial<HandsAsked> = {}): HandsAsked => ({
  by,
  count: 2,
  of: 3,
  now: { style: 'stop-and-go', pauseS: 2 },
  own: false,
  answer,
  ...over,
});
const longer: Answer = { kind: 'set', pauseS: 3 };

test('what they take: the fact, and a touch that says what it changes', () => {
  expect(askedText(asked('pause', longer))).toEqual({
    fact: '2 of 3 on this lure came while it hung.',
    advice: 'Do more of what they take.',
    does: 'Work it like that: hang 3 s instead of 2 s',
  });
  expect(askedText(asked('fall', { kind: 'set', style: 'yo-yo' })).does).toBe(
    'Work it like that: lift and fall instead of stop and go',
  );
  expect(insteadText({ kind: 'set', style: 'stop-and-go', pauseS: 1 }, { style: 'steady', pauseS: 0.5 })).toBe(
    'stop and go, hang 1 s, instead of steady turn',
  );
});

test('short strikes and those from behind: the hooks first, longer, smaller, a trailing hook', () => {
  const short = askedText(asked('short', longer, { count: 2, of: 2 }));
  expect(short.fact).toBe('Both on this lure bumped it or missed the hook. Look at the hook points first.');
  expect(short.does).toBe('Give them longer: hang 3 s instead of 2 s');
  expect(askedText(asked('behind', longer, { count: 4, of: 4 })).fact).toMatch(/^All 4 on this lure came up behind it/);
  expect(askedText(asked('short', { kind: 'smaller' })).advice).toContain('smaller');
  expect(askedText(asked('short', { kind: 'trailing-hook' })).advice).toContain('trailing hook');
});

test('done since: how long ago; with a cadence of one’s own: told, not done', () => {
  expect(askedText(asked('pause', { kind: 'given', casts: 0 })).advice).toContain('give it a few casts');
  expect(askedText(asked('pause', { kind: 'given', casts: 7 })).advice).toContain('7 casts');
  for (const answer of [longer, { kind: 'set', pauseS: 1 }, { kind: 'set', style: 'hop' }] as const) {
    const text = askedText(asked('pause', answer, { own: true }));
    expect(text.does).toBeNull();
    expect(text.advice).toContain('own cadence');
  }
});

test.each([...PHASES, 'short', 'behind'] as const)('%s: nothing more to set says what to do all the same', (by) => {
  const { fact, advice, does } = askedText(asked(by, { kind: 'keep' }));
  expect(does).toBeNull();
  for (const t of [fact, advice]) expect(t).not.toMatch(/undefined|NaN/);
  expect(advice.length).toBeGreaterThan(20);
});
