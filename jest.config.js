const swc = ['@swc/jest', { jsc: { parser: { syntax: 'typescript', tsx: true }, target: 'es2022' } }];

module.exports = {
  projects: [
    {
      displayName: 'core',
      testEnvironment: 'node',
      testMatch: ['<rootDir>/{core,wording,cli,demo,data,server}/**/*.test.ts'],
      transform: { '^.+\\.tsx?$': swc },
    },
    {
      displayName: 'ui',
      preset: 'jest-expo',
      testMatch: ['<rootDir>/ui/**/*.test.tsx'],
    },
  ],
};
