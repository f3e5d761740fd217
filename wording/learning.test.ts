import type { LearnedRanking } from '../core/learning/learned';
import { levelText, trialText } from './learning';
import { movedLines } from './lessons';
import { reasonSentence } from './reasons';
import { IMPERIAL } from './units';

const lure = (key: string, score: number, strikes: number, hours: number, expected: number, byLog: number) => ({
  key,
  score,
  byLog,
  evidence: { strikes, hours, effectiveHours: hours, expected, landedShare: 0.75, tooThin: hours < 2 },
});
const ranking = (change: object = {}): LearnedRanking =>
  ({
    blocks: 4,
    level: { ratio: 1.3, low: 0.6, high: 3.2 },
    plan: { start: 'a', follow: 'b', refusal: 'b', casts: 20 },
    ranked: [lure('a', 1.2, 9, 6.04, 4.2, 1.6), lure('b', 0.7, 0, 0.5, 0.4, 0.8), lure('c', 1.15, 0, 0, 0, 1)],
    trial: null,
    ...change,
  }) as unknown as LearnedRanking;
const nameOf = (key: string): string => `tin ${key}`;

test('how the fishing is against what is expected, sure or not', () => {
  expect(levelText(ranking())).toContain('about the strikes expected here: 1.3 times as many (0.6 to 3.2)');
  expect(levelText(ranking({ level: { ratio: 2.1, low: 1.2, high: 3.6 } }))).toContain(
    'more strikes here than expected',
  );
  expect(levelText(ranking({ level: { ratio: 0.4, low: 0.2, high: 0.9 } }))).toContain(
    'fewer strikes here than expected',
  );
  expect(levelText(ranking({ blocks: 0 }))).toBeNull();
});

test('the kinds that were fished, the most fished first, with what was expected', () => {
  expect(movedLines(ranking(), nameOf)).toEqual([
    'Tin a: 9 strikes in 6.0 h, 4.2 expected. Now 1.6 times as good.',
    'Tin b: no strike in 30 min, 0.4 expected. Now 0.8 times as good; not enough yet to be sure.',
  ]);
});

test('a trial says how likely, how long and what it costs; none where it is the first anyway', () => {
  const trial = (key: string, why: string) => trialText(ranking({ trial: { key, pBest: 0.14, why } }), nameOf);
  expect(trial('b', 'may-be-best')).toMatchObject({ key: 'b', title: 'Tin b may be better than it looks' });
  expect(trial('b', 'may-be-best')!.text).toContain('14 % likely');
  expect(trial('b', 'may-be-best')!.text).toContain('Give it 20 casts');
  expect(trial('b', 'may-be-best')!.text).toContain('costs 0.5 fish an hour');
  expect(trial('c', 'may-be-best')!.text).toContain('costs hardly a fish');
  expect(trial('a', 'best')).toBeNull();
  expect(trial('a', 'may-be-best')).toBeNull();
  expect(trialText(ranking(), nameOf)).toBeNull();
});

test('the log as a reason among the others', () => {
  const said = (times: number, strikes: number, hours: number, expected: number): string =>
    reasonSentence({ factor: 'log', ln: Math.log(times), facts: { times, strikes, hours, expected } }, IMPERIAL);
  expect(said(1.62, 4, 3.1, 1.2)).toBe(
    'By your log it is worth 1.6 times as much: 4 strikes in 3.1 h with this kind, where 1.2 were to be expected.',
  );
  expect(said(0.62, 0, 0.5, 1.2)).toContain('only 0.6 times as much: no strike in 30 min');
  expect(said(1.01, 1, 1, 1)).toContain('worth what it looks: one strike in 1.0 h');
  expect(said(1.3, 0, 0, 0)).toContain('others like it');
});
