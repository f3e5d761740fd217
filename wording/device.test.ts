import { keepingText, offlineText, troubleText } from './device';

describe('how the record is kept', () => {
  test.each([
    [true, 'has promised to keep'],
    [false, 'may clear your record'],
    [null, 'does not say'],
  ])('persistent %s: %s', (persistent, says) => {
    expect(keepingText({ persistent, usedBytes: null, roomBytes: null })).toContain(says);
  });

  test.each([
    [400, 1e9, '1 KB in use.'],
    [480_000, 1e9, '480 KB in use.'],
    [2_340_000, 1e9, '2.3 MB in use.'],
    [120e6, 1e9, '120 MB in use.'],
    [120e6, 125e6, '120 MB in use, only 5.0 MB left.'],
    [120e6, 100e6, '120 MB in use, only 1 KB left.'],
  ])('%d of %d bytes', (usedBytes, roomBytes, says) => {
    expect(keepingText({ persistent: true, usedBytes, roomBytes })).toContain(says);
  });
});

test('a trouble is told once, however often it came', () => {
  const lastAtMs = Date.UTC(2026, 10, 24, 12);
  expect(troubleText({ where: 'the page /lessons', times: 1, lastAtMs }, 'UTC')).toMatch(/^The page \/lessons, Tue/);
  expect(troubleText({ where: 'the page /lessons', times: 3, lastAtMs }, 'UTC')).toMatch(
    /^The page \/lessons, 3 times, last Tue/,
  );
});

test('a browser that keeps nothing is said so in plain words, once', () => {
  expect(offlineText('refused')).toMatch(/does not keep applications/);
  expect(offlineText('kept')).toMatch(/without a network/);
});
