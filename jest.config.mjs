export default {
  testTimeout: 90_000,
  projects: [
    {
      displayName: 'core',
      rootDir: 'core',
      testEnvironment: 'node',
      setupFiles: ['<rootDir>/../scripts/fixed-chance.mjs'],
      extensionsToTreatAsEsm: ['.ts', '.tsx'],
      transform: { '\\.tsx?$': '<rootDir>/../scripts/jest-esbuild.mjs' },
    },
    {
      displayName: 'server',
      rootDir: 'server',
      testEnvironment: 'node',
      extensionsToTreatAsEsm: ['.ts', '.tsx'],
      transform: { '\\.tsx?$': '<rootDir>/../scripts/jest-esbuild.mjs' },
      testPathIgnorePatterns: ['/dist/', '/node_modules/'],
    },
    {
      displayName: 'web',
      rootDir: 'web',
      testEnvironment: 'jsdom',
      setupFiles: ['<rootDir>/../scripts/jsdom-gaps.mjs', '<rootDir>/../scripts/fixed-chance.mjs'],
      setupFilesAfterEnv: ['<rootDir>/../scripts/patient-dom.mjs'],
      extensionsToTreatAsEsm: ['.ts', '.tsx'],
      transform: { '\\.tsx?$': '<rootDir>/../scripts/jest-esbuild.mjs' },
      testPathIgnorePatterns: ['/dist/', '/node_modules/'],
    },
  ],
};
