import { DEMO_LURES } from '../demo/tackle';
import type { Ranking } from '../core/ranking/rank';
import { lureFacts, standsToday } from './box';
import { IMPERIAL, METRIC } from './units';

const l = DEMO_LURES.find((x) => !x.bare && x.priceMinor > 0)!;
const facts = (x: typeof l, u = METRIC) => Object.fromEntries(lureFacts(x, u));

test('what is known of a lure, in the angler’s own units', () => {
  const lure = { ...l, weightKg: 0.014, lengthM: 0.09, count: 2, priceMinor: 450 };
  expect(facts(lure)).toMatchObject({ Weight: '14 g', Length: '9.0 cm', Pieces: '2', Price: '€4.50' });
  expect(facts(lure, IMPERIAL)).toMatchObject({ Weight: '½ oz', Length: '3½ in', Price: '$4.50' });
  expect(facts({ ...lure, priceMinor: 0 })).not.toHaveProperty('Price');
  expect(facts({ ...lure, bare: true })).toMatchObject({
    Weight: '14 g, the body alone',
    Hooks: 'chosen for the water',
  });
  expect(facts(lure)).not.toHaveProperty('State');
  expect(facts({ ...lure, lostAtMs: 1, retiredAtMs: 1 }).State).toBe('lost');
  expect(facts({ ...lure, retiredAtMs: 1 }).State).toBe('retired');
});

test('where it stands today: its place, why it stays in the box, or that nothing is known', () => {
  const x = { key: 'other', strikesPerHour: 1, score: 0.8, low: 0.2, high: 2 };
  const today = (keys: string[], excluded: object[] = []): string =>
    standsToday(l, { ranked: keys.map((key) => ({ ...x, key })), excluded } as unknown as Ranking, METRIC);
  expect(today([l.id, 'other'])).toMatch(/^Today the first of 2: 0\.8 fish hooked an hour, likely .+\.$/);
  expect(today(['other', 'more', l.id])).toMatch(/^Today number 3 of 3: /);
  expect(today(['other'])).toBe('Today’s choice does not know it yet.');
});
