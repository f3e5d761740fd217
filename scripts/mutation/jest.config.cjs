// Jest for mutation testing: the tests of the rooms named in MUTATE_ROOMS alone, in the environment that tells which
// test reaches which mutant.
const path = require('node:path');

const rooms = (process.env.MUTATE_ROOMS ?? 'mood').split(',');

module.exports = {
  rootDir: path.join(__dirname, '..', '..'),
  testEnvironment: '@stryker-mutator/jest-runner/jest-env/node',
  testMatch: rooms.map((room) => `<rootDir>/core/${room}/**/*.test.ts`),
  testPathIgnorePatterns: ['/node_modules/', ...(process.env.MUTATE_SKIP ? [process.env.MUTATE_SKIP] : [])],
  transform: {
    '^.+\\.tsx?$': ['@swc/jest', { jsc: { parser: { syntax: 'typescript', tsx: true }, target: 'es2022' } }],
  },
};
