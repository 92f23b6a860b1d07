// Two projects: quick tests of core, contract, server and demo, and journeys through a real browser.
const common = {
  setupFilesAfterEnv: ['<rootDir>/tools/slowMachine.ts', '<rootDir>/tools/sameLuck.ts'],
  extensionsToTreatAsEsm: ['.ts'],
  transform: {
    '^.+\\.ts$': [
      '<rootDir>/tools/transformTests.mjs',
      {
        jsc: { parser: { syntax: 'typescript' }, target: 'es2022', experimental: { keepImportAttributes: true } },
        module: { type: 'es6' },
      },
    ],
  },
};
export default {
  testSequencer: '<rootDir>/tools/longestFirst.mjs',
  projects: [
    {
      ...common,
      displayName: 'unit',
      globalSetup: '<rootDir>/tools/bundleThreads.mjs',
      globalTeardown: '<rootDir>/tools/removeThreads.mjs',
      testMatch: ['<rootDir>/{core,contract,server,demo,web,tools}/**/*.test.{ts,mjs}'],
    },
    {
      ...common,
      displayName: 'e2e',
      testMatch: ['<rootDir>/e2e/**/*.e2e.ts'],
    },
  ],
};
