import config from './jest.config.mjs';

/** The tests of the core with one place of it changed (scripts/mutate.mjs). */
export default {
  ...config,
  projects: config.projects
    .filter((project) => project.displayName === 'core')
    .map((project) => ({
      ...project,
      transform: { '\\.tsx?$': '<rootDir>/../scripts/jest-mutant.mjs' },
    })),
};
