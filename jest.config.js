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
      testMatch: ['<rootDir>/{core,wording,cli,demo,data,server,workers}/**/*.test.ts'],
      transform: { '^.+\\.tsx?$': swc },
    },
    {
      displayName: 'ui',
      preset: 'jest-expo',
      testMatch: ['<rootDir>/ui/**/*.test.tsx'],
    },
  ],
};
