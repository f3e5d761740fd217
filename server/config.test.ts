import { readConfig, SETTING_NAMES } from './config';

test('an empty environment has a setting for everything', () => {
  const r = readConfig({});
  expect(r.ok && Object.keys(r.config).sort()).toEqual([...SETTING_NAMES].sort());
  expect(r.ok && r.config).toMatchObject({ PORT: 4380, HOST: '127.0.0.1', DEMO: false, API_PER_MINUTE: 120 });
});

test('what the environment says is taken', () => {
  const r = readConfig({ PORT: '8080', HOST: '0.0.0.0', DEMO: '1', LOG_LEVEL: 'debug', BEHIND_PROXY: '1' });
  expect(r.ok && r.config).toMatchObject({
    PORT: 8080,
    HOST: '0.0.0.0',
    DEMO: true,
    LOG_LEVEL: 'debug',
    BEHIND_PROXY: true,
  });
});

test.each([
  ['PORT', '70000'],
  ['PORT', 'abc'],
  ['PORT', '-1'],
  ['PORT', ''],
  ['HOST', ''],
  ['DEMO', 'yes'],
  ['LOG_LEVEL', 'loud'],
  ['BEHIND_PROXY', 'true'],
  ['API_PER_MINUTE', '0'],
  ['BODY_LIMIT_BYTES', '1e9'],
  ['REQUEST_TIMEOUT_MS', '5'],
])('%s="%s" is refused with what it wants', (name, value) => {
  const r = readConfig({ [name]: value });
  expect(r.ok).toBe(false);
  expect(!r.ok && r.lines).toEqual([expect.stringMatching(new RegExp(`^${name} must be .*; it is "${value}"\\.$`))]);
});

test('every wrong setting is told at once', () => {
  const r = readConfig({ PORT: 'x', DEMO: 'x' });
  expect(!r.ok && r.lines).toHaveLength(2);
});
