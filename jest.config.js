const expo = require('jest-expo/jest-preset');
const swc = ['@swc/jest', { jsc: { parser: { syntax: 'typescript', tsx: true }, target: 'es2022' } }];

module.exports = {
  // Nothing is timed by the tests: a busy machine may take its time.
  testTimeout: 60_000,
  // Every core: the usual default leaves one idle, which on two cores is half of them.
  maxWorkers: '100%',
  projects: [
    {
      displayName: 'core',
      testEnvironment: 'node',
      // A global is looked up slowly in a test's own world; these come with each module (a fourth of the time in all).
      sandboxInjectedGlobals: ['Math', 'Number', 'Object', 'Array', 'Map', 'Set', 'Float64Array', 'Infinity', 'Symbol'],
      testMatch: ['<rootDir>/{core,wording,cli,demo,data,server,workers}/**/*.test.ts'],
      transform: { '^.+\\.tsx?$': swc },
    },
    {
      displayName: 'ui',
      preset: 'jest-expo',
      testMatch: ['<rootDir>/ui/**/*.test.tsx'],
      // The signs come as modules of a kind that the preset does not read.
      moduleFileExtensions: ['ts', 'tsx', 'js', 'jsx', 'json', 'mjs'],
      transform: { ...expo.transform, '\\.mjs$': expo.transform['\\.[jt]sx?$'] },
      transformIgnorePatterns: expo.transformIgnorePatterns.map((x) => x.replace('(.pnpm|', '(lucide|.pnpm|')),
    },
  ],
};
