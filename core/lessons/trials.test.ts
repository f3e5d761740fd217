import { block, casts, event, someBlock, trip } from '../../demo/pieces';
import { applyPuts, emptyBook, put, type Book, type Put } from '../records';
import { trialsOf, trialUnderWay } from './trials';

const bookOf = (...puts: Put[]): Book => applyPuts(emptyBook(), puts);

describe('trials', () => {
  const trial = put('trial', {
    id: 'try',
    tripId: 't',
    lureId: 'l',
    againstId: 'm',
    startedAtMs: 100,
    casts: 20,
    strikesPerHour: 2,
    againstPerHour: 3,
    pBest: 0.2,
  });
  const onLure = { presentation: { ...someBlock.presentation, lureId: 'l' } };
  const fishing = (n: number, ...more: Put[]): Book =>
    bookOf(
      trial,
      trip('t', { lureId: 'l', endedAtMs: null }),
      block('before', 't', 'p', onLure),
      casts('before', 30, 50),
      block('other', 't', 'q'),
      casts('other', 30, 200),
      ...(n > 0 ? [casts('before', n, 150)] : []),
      ...more,
    );

  test('only what is fished with it from then on counts, and it runs until it has its casts', () => {
    expect(trialUnderWay(fishing(0), 't')).toMatchObject({ casts: 0, outcome: 'running' });
    const half = trialUnderWay(fishing(12, event('before', 1, 'missed', 'move', 90)), 't')!;
    expect(half).toMatchObject({ casts: 12, strikes: 0, outcome: 'running' });
    expect(half.expected).toBeCloseTo(2 * half.hours, 9);
    expect(trialsOf(fishing(20))[0]).toMatchObject({ casts: 20, outcome: 'open' });
  });

  test('a strike without its cast was a cast; a trial that was left before a cast was none', () => {
    const struck = trialUnderWay(fishing(0, event('before', 1, 'landed', 'move', 150)), 't')!;
    expect(struck).toMatchObject({ casts: 1, strikes: 1, outcome: 'running' });
    expect(struck.hours).toBeGreaterThan(0);
    expect(trialsOf(fishing(0, trip('t', { lureId: 'other', endedAtMs: null })))).toEqual([]);
  });

  test('more than luck brings on the other is better; ended early says nothing; taken back is gone', () => {
    const many = [1, 2, 3, 4, 5].map((n) => event('before', n, 'landed', 'move', 150 + n));
    expect(trialsOf(fishing(20, ...many))[0]).toMatchObject({ strikes: 5, landed: 5, outcome: 'better' });
    const ended = trip('t', { lureId: 'other', endedAtMs: 900 });
    expect(trialsOf(fishing(5, ended))[0]!.outcome).toBe('cut-short');
    expect(trialUnderWay(fishing(5, ended), 't')).toBeNull();
    expect(trialsOf(fishing(5, put('tombstone', { id: 'x', of: 'try', atMs: 1 })))).toEqual([]);
  });
});
