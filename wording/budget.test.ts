import { DEFAULT_PREFERENCES } from '../core/records/preferences';
import { budgetText, budgetTitle } from './budget';

const { units } = DEFAULT_PREFERENCES;
const at = (clock: string): number => Date.parse(`2026-07-04T${clock}:00Z`);

test('titles of times', () => {
  expect([0, 60, 90, 150, 240].map(budgetTitle)).toEqual(['All day', '1 hour', '1½ hours', '2½ hours', '4 hours']);
});

test('when it is spent best, and whether to wait for it', () => {
  const best = { fromMs: at('17:00'), toMs: at('19:30'), atOnce: 0.62 };
  const text = budgetText(best, true, 'UTC', units);
  expect(text).toMatch(/^Best spent .*\. Begun now it is worth 62 % of that\.$/);
  expect(budgetText({ ...best, atOnce: 0.99 }, true, 'UTC', units)).toMatch(/^Begin now: .* is as good as any\.$/);
  expect(budgetText(best, false, 'UTC', units)).toMatch(/^Best spent [^%]*\.$/);
  expect(budgetText(null, true, 'UTC', units)).toMatch(/not left of this day/);
});
