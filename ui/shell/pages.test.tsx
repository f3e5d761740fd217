import { pageOf, pages, readPage } from './pages';

const mockFetched: string[] = [];
jest.mock('expo-router/_ctx', () => ({
  ctx: Object.assign(
    (key: string) => {
      mockFetched.push(key);
      return key.includes('kit') ? Promise.reject(new Error('offline')) : Promise.resolve({ default: key });
    },
    { keys: () => KEYS, resolve: (key: string) => key, id: 'pages' },
  ),
}));

const KEYS = [
  './+not-found.tsx',
  './_layout.tsx',
  './index.tsx',
  './kit/[kind]/[id].tsx',
  './kit/box.tsx',
  './kit/index.tsx',
  './lessons.tsx',
  './lessons/[kind]/[id].tsx',
  './lessons/day/[id].tsx',
  './strikes.tsx',
];

describe('the script of a path', () => {
  it.each([
    ['/', './index.tsx'],
    ['/strikes', './strikes.tsx'],
    ['/strikes/', './strikes.tsx'],
    ['/kit', './kit/index.tsx'],
    ['/kit/box', './kit/box.tsx'],
    ['/kit/lure/lure-alder', './kit/[kind]/[id].tsx'],
    ['/lessons/report/day%201', './lessons/[kind]/[id].tsx'],
    ['/lessons/day/day-01', './lessons/day/[id].tsx'],
  ])('%s is %s', (path, key) => expect(pageOf(path, KEYS)).toBe(key));

  it('is none where no page lies', () => {
    for (const path of ['/nowhere', '/strikes/here', '/_layout', '/not-found', '/kit/box/a/b', '/strikes?x', ''])
      expect([path, pageOf(path, KEYS)]).toEqual([path, path === '' ? './index.tsx' : null]);
  });
});

it('gives a page that was read in at once, and fetches it once', async () => {
  expect(pages('./strikes.tsx')).toBeInstanceOf(Promise);
  await readPage('./strikes.tsx');
  await readPage('./strikes.tsx');
  expect(pages('./strikes.tsx')).toEqual({ default: './strikes.tsx' });
  expect(mockFetched.filter((x) => x === './strikes.tsx')).toHaveLength(2);
  expect(pages.keys()).toBe(KEYS);
});

it('asks again for one that did not come', async () => {
  await expect(readPage('./kit/index.tsx')).rejects.toThrow('offline');
  await expect(pages('./kit/index.tsx')).rejects.toThrow('offline');
});
