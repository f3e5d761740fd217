import { contrast, mix, NIGHT, NOON, SHADE, type Palette } from './palette';

const TEXT_PAIRS: [keyof Palette, keyof Palette][] = [
  ['ink', 'ground'],
  ['ink', 'card'],
  ['ink', 'mossWash'],
  ['ink', 'copperWash'],
  ['soft', 'ground'],
  ['soft', 'card'],
  ['soft', 'mossWash'],
  ['copper', 'ground'],
  ['copper', 'card'],
  ['moss', 'card'],
  ['bad', 'ground'],
  ['onMoss', 'moss'],
  ['onCopper', 'copper'],
  ['onStrong', 'strong'],
  ['copper', 'copperWash'],
];

describe.each([
  ['Noon', NOON, 7],
  ['Shade', SHADE, 4.5],
  ['Night', NIGHT, 4.5],
] as const)('%s', (_name, p, least) => {
  test.each(TEXT_PAIRS)(`%s on %s can be read (${least} to 1)`, (a, b) => {
    expect(contrast(p[a] as string, p[b] as string)).toBeGreaterThanOrEqual(least);
  });

  test('the edge of a control stands out from its ground', () => {
    expect(contrast(p.edge, p.ground)).toBeGreaterThanOrEqual(3);
    expect(contrast(p.moss, p.card)).toBeGreaterThanOrEqual(3);
  });

  test('labels on the water are readable through their halo', () => {
    expect(contrast(p.onWater, p.halo)).toBeGreaterThanOrEqual(7);
  });
});

test('contrast and mix', () => {
  expect(contrast('#000000', '#FFFFFF')).toBeCloseTo(21, 5);
  expect(mix('#000000', '#FFFFFF', 0.5)).toBe('#808080');
  expect(mix('#102030', '#FFFFFF', 0)).toBe('#102030');
});
