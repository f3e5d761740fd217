import { typedNumber } from './typed';

test.each([
  ['2', 2],
  [' 1.5 ', 1.5],
  ['1,5', 1.5],
  ['.5', 0.5],
  ['½', 0.5],
  ['2¼', 2.25],
  ['3.', 3],
] as const)('%s is %d', (text, value) => {
  expect(typedNumber(text, [0, 10])).toBe(value);
});

test.each(['', 'two', '1.2.3', '-1', '1 2', '5 s', '.'])('“%s” is no number, and says how one is typed', (text) => {
  expect(typedNumber(text, [0, 10])).toEqual({ trouble: 'Type a number, such as 1.5.' });
});

test('what is out of bounds says the bounds', () => {
  expect(typedNumber('11', [0.1, 10])).toEqual({ trouble: 'From 0.1 to 10.' });
  expect(typedNumber('0.05', [0.1, 10])).toEqual({ trouble: 'From 0.1 to 10.' });
  expect(typedNumber('10', [0.1, 10])).toBe(10);
});
