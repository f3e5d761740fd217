import type { Plan } from '../core/planning/plan/plan';
import { aimText, overText } from './retrieve';
import { IMPERIAL, METRIC } from './units';

const plan = (over: Partial<Plan>): Plan =>
  ({ aim: { targetM: 18, seconds: 4.4 }, flightM: 30, overshootM: 5, hands: { castM: 23 }, ...over }) as Plan;

test('what is aimed at: how far past, and how long it is there', () => {
  expect(aimText(plan({}), 18, METRIC)).toBe(
    'Throw 5.0 m past what you aim at: it is among the fish there for 4 s as it comes by.',
  );
  expect(aimText(plan({ aim: { targetM: 18, seconds: 0.2 } }), 18, METRIC)).toContain('above or below the fish');
  expect(aimText(plan({ hands: { castM: 15 } as Plan['hands'] }), 18, METRIC)).toContain('falls short');
});

test('out of reach: go closer; pitched onto it: nothing to say', () => {
  expect(aimText(plan({ aim: null }), 45, METRIC)).toContain('go closer');
  expect(aimText(plan({ aim: null }), 20, METRIC)).toBeNull();
});

test('over what rises: cleared as it is, lifted over, brushed, or struck', () => {
  const rise = { atM: 12, topM: 2, upFromM: 16, clearM: 0.4 };
  expect(overText(rise, METRIC)).toBe(
    'Over what rises 12 m off to 2.0 m below the surface: rod up when the lure is 16 m from you, kept up until it is over, then down again. So it clears it by 0.4 m.',
  );
  expect(overText({ ...rise, upFromM: null }, METRIC)).toContain('the rod stays where it is');
  expect(overText({ ...rise, clearM: -0.1 }, METRIC)).toContain('only just');
  expect(overText({ ...rise, clearM: -0.6 }, IMPERIAL)).toMatch(/^Even with the rod high it strikes/);
  expect(overText({ ...rise, upFromM: null, clearM: -0.6 }, IMPERIAL)).toMatch(/^Like this it strikes/);
});
