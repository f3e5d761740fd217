/** What the model said of a block is asked once, handed on, and nothing but judgements is taken in. */
import { expectedOf, rowsOf, type PastBlock } from './history';
import { judgedOnce, madeSince, recall, type Judgement } from './judged';

const judgement: Judgement = { perHour: 0.8, hooked: 0.6, usual: 0.5, weightKg: 0.01 };

beforeEach(() => void madeSince());

test('a judgement is asked once; what was made since is handed on once', () => {
  const ask = jest.fn(() => judgement);
  expect([judgedOnce('once', ask), judgedOnce('once', ask)]).toEqual([judgement, judgement]);
  expect(ask).toHaveBeenCalledTimes(1);
  expect(madeSince()).toEqual([['once', judgement]]);
  expect(madeSince()).toEqual([]);
});

test('what is recalled is not asked, nor handed on again, nor put in the place of what is known', () => {
  recall([['before', judgement]]);
  recall([['before', { ...judgement, perHour: 7 }]]);
  const ask = jest.fn(() => judgement);
  expect(judgedOnce('before', ask)).toEqual(judgement);
  expect(ask).not.toHaveBeenCalled();
  expect(madeSince()).toEqual([]);
});

test.each([
  ['no object', null],
  ['a text', 'perHour'],
  ['a part missing', { perHour: 1, hooked: 0.5, usual: 1 }],
  ['no number', { ...judgement, perHour: NaN }],
  ['without an end', { ...judgement, usual: Infinity }],
  ['nothing expected', { ...judgement, perHour: 0 }],
  ['more hooked than struck', { ...judgement, hooked: 1.2 }],
  ['a weight below nothing', { ...judgement, weightKg: -0.01 }],
])('what is damaged is asked anew: %s', (name, value) => {
  recall([
    [name, value],
    [3, judgement],
  ]);
  const ask = jest.fn(() => judgement);
  judgedOnce(name, ask);
  expect(ask).toHaveBeenCalledTimes(1);
});

test('of too many the oldest are asked anew', () => {
  recall(Array.from({ length: 6001 }, (_, i) => [`many ${i}`, judgement] as const));
  const ask = jest.fn(() => judgement);
  judgedOnce('many 6000', ask);
  expect(ask).not.toHaveBeenCalled();
  judgedOnce('many 0', ask);
  expect(ask).toHaveBeenCalledTimes(1);
});

describe('blocks', () => {
  const block = (surfaceTempC: number, more: Partial<PastBlock> = {}): PastBlock => ({
    conditions: {
      species: 'largemouth-bass',
      water: { setting: 'lake', surfaceTempC, clarityM: 1.2, depthM: 3, fishDepthM: 1.8 },
      sky: { cloud: 0.5, sunElevationDeg: 25 },
      month: 5,
    },
    presentation: { family: 'spinnerbait' },
    minutes: 60,
    strikes: 2,
    trip: 'today',
    ...more,
  });

  test('equal blocks are judged once, whatever came of them; another water anew', () => {
    const [one, two] = expectedOf([block(17), block(17, { minutes: 30, strikes: 0 })]);
    expect(madeSince()).toHaveLength(1);
    expect(two).toBeCloseTo(one! / 2, 12);
    expectedOf([block(17), block(9)]);
    expect(madeSince()).toHaveLength(1);
  });

  test('the usual rules are meant where none are named', () => {
    expectedOf([block(12)]);
    madeSince();
    expectedOf([block(12)], { schools: {} as never });
    expect(madeSince()).toEqual([]);
  });

  test('what today’s signs make of a block is not handed on: it changes with every cast', () => {
    const signs = [{ kind: 'strike', minutesAgo: 5 }] as never;
    const [row] = rowsOf([block(21)], 'largemouth-bass', {}, { trip: 'today', signs });
    expect(madeSince()).toHaveLength(1);
    expect(row!.expected).not.toBeCloseTo(row!.was.expected, 6);
  });
});
