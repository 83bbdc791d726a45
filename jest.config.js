/** One project per workspace; TypeScript is stripped by swc and run as ES modules. */
const shared = {
  extensionsToTreatAsEsm: ['.ts'],
  transform: {
    '^.+\\.ts$': [
      '@swc/jest',
      {
        jsc: {
          parser: { syntax: 'typescript' },
          target: 'es2022',
          experimental: { keepImportAttributes: true },
        },
        module: { type: 'es6' },
      },
    ],
  },
  testEnvironment: 'node',
  setupFiles: ['<rootDir>/core/src/document/test/guard.ts'],
};

/**
 * Of these workspaces lines are counted. Counting takes core, where properties run rules a million times, two thirds
 * longer: `npm test` leaves it to `npm run coverage`.
 */
const counted = (process.env.DISTAFF_COUNTED ?? 'core,server,web').split(',');
// What components show is seen in the browser; what they are worked by is tested here.
const least = { core: 80, server: 80, web: 60 };

export default {
  projects: [
    { ...shared, displayName: 'core', roots: ['<rootDir>/core/src'], testMatch: ['**/*.test.ts'] },
    {
      ...shared,
      displayName: 'web',
      roots: ['<rootDir>/web/src'],
      testMatch: ['**/*.test.ts'],
      moduleNameMapper: { '\\.css$': '<rootDir>/web/src/test/noStyle.ts' },
      // A file that needs a page says so at its top: @jest-environment jsdom.
      globals: {
        __VUE_OPTIONS_API__: false,
        __VUE_PROD_DEVTOOLS__: false,
        __VUE_PROD_HYDRATION_MISMATCH_DETAILS__: false,
      },
    },
    {
      ...shared,
      displayName: 'server',
      roots: ['<rootDir>/server/test'],
      testMatch: ['**/*.test.ts'],
      setupFiles: [...shared.setupFiles, '<rootDir>/server/test/ownDatabase.mjs'],
      globalSetup: '<rootDir>/server/test/setup.mjs',
      globalTeardown: '<rootDir>/server/test/teardown.mjs',
    },
  ],
  testTimeout: 60000,
  collectCoverageFrom: [`{${counted.join(',')},}/src/**/*.ts`, '!**/*.test.ts', '!**/test/**'],
  coverageReporters: ['json-summary'],
  coverageThreshold: Object.fromEntries(
    counted.map((workspace) => [`./${workspace}/src/`, { lines: least[workspace] }]),
  ),
};
