const moduleNameMapper = { '^fast-check$': '<rootDir>/../scripts/fast-check.mjs' };

export default {
  testTimeout: 90_000,
  projects: [
    {
      displayName: 'core',
      rootDir: 'core',
      testEnvironment: 'node',
      moduleNameMapper,
      extensionsToTreatAsEsm: ['.ts', '.tsx'],
      transform: { '\\.tsx?$': '<rootDir>/../scripts/jest-esbuild.mjs' },
    },
    {
      displayName: 'server',
      rootDir: 'server',
      testEnvironment: 'node',
      moduleNameMapper,
      extensionsToTreatAsEsm: ['.ts', '.tsx'],
      transform: { '\\.tsx?$': '<rootDir>/../scripts/jest-esbuild.mjs' },
      testPathIgnorePatterns: ['/dist/', '/node_modules/'],
    },
    {
      displayName: 'web',
      rootDir: 'web',
      testEnvironment: 'jsdom',
      moduleNameMapper,
      setupFiles: ['<rootDir>/../scripts/jsdom-gaps.mjs', '<rootDir>/../scripts/plain-styles.mjs'],
      setupFilesAfterEnv: ['<rootDir>/../scripts/patient-dom.mjs'],
      extensionsToTreatAsEsm: ['.ts', '.tsx'],
      transform: { '\\.tsx?$': '<rootDir>/../scripts/jest-esbuild.mjs' },
      testPathIgnorePatterns: ['/dist/', '/node_modules/'],
    },
  ],
};
