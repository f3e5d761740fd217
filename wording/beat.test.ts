import { latelyText, practiceText } from './beat';

const score = { hit: 8, due: 10, biasS: 0.2, offS: 0.2, heldShare: 0.7, score: 41 };
test.each([
  ['late and rushed', score, /8 of 10 moves, 0\.2 s late\. The hangs were rushed: 70 % .* 41 of 100/],
  ['early', { ...score, biasS: -0.2, heldShare: null }, /0\.2 s early\. 41/],
  [
    'on the beat and held',
    { ...score, biasS: 0, offS: 0.02, heldShare: 1, score: 97 },
    /right on the beat\. The hangs were held\./,
  ],
  ['long', { ...score, heldShare: 1.4 }, /ran long/],
  ['nothing near', { ...score, hit: 0 }, /None of 10/],
  ['nothing due', { ...score, due: 0 }, /Too short/],
])('%s', (_name, s, text) => {
  expect(practiceText(s)).toMatch(text);
});
test('lately', () => {
  expect(latelyText([40, 61])).toBe('Lately: 40, 61 of 100.');
});
