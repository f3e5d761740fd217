/** What is shown of the last touch, from the finger to the store and away again. */
import { realNowMs } from '../platform/clock';
import { lastTouch, touchInReach, touchMade, touchOver, touchTold, UNDO_MS, type LastTouch } from './lastTouch';

const T0 = 1_790_000_000_000;
const at = (id: string): LastTouch => ({ id, what: 'cast', untilRealMs: realNowMs() + UNDO_MS });
const shown = (): string | null => lastTouch.getState().shown?.id ?? null;

beforeEach(() => {
  jest.useFakeTimers({ now: T0 });
  touchOver();
});
afterEach(() => jest.useRealTimers());

test('what was shown stands until the next touch is stored: between the finger and its answer nothing is drawn', () => {
  const [first, second] = [at('first'), at('second')];
  touchMade(first);
  expect(shown()).toBeNull();
  touchTold(first, true);
  const draws: (string | null)[] = [];
  const forget = lastTouch.subscribe((s, before) => s.shown !== before.shown && draws.push(s.shown?.id ?? null));
  touchMade(second);
  expect(touchInReach()?.id).toBe('second');
  touchTold(second, true);
  expect([shown(), draws]).toEqual(['second', ['second']]);
  forget();
});

test('where the store takes long, or refuses, nothing of before is held out', () => {
  const [first, slow, refused] = [at('first'), at('slow'), at('refused')];
  touchMade(first);
  touchTold(first, true);
  touchMade(slow);
  jest.advanceTimersByTime(1100);
  expect(shown()).toBeNull();
  touchTold(slow, true);
  expect(shown()).toBe('slow');
  touchMade(refused);
  touchTold(refused, false);
  expect(shown()).toBeNull();
});

test('an answer that comes after the next touch says nothing; it goes with its time, or when it is taken back', () => {
  const [early, late] = [at('early'), at('late')];
  touchMade(early);
  touchMade(late);
  touchTold(early, true);
  expect(shown()).toBeNull();
  touchTold(late, true);
  jest.advanceTimersByTime(UNDO_MS - 1);
  expect(shown()).toBe('late');
  jest.advanceTimersByTime(1);
  expect([shown(), touchInReach()]).toEqual([null, null]);
  touchTold(late, true);
  touchOver('another');
  expect([shown(), lastTouch.getState().made?.id]).toEqual([null, 'late']);
  touchOver('late');
  expect(lastTouch.getState()).toEqual({ made: null, shown: null });
});
