import config from './jest.config.mjs';
import { TOGETHER } from './scripts/together.mjs';

/** The same tests, many files in one (scripts/together.mjs). */
export default {
  ...config,
  projects: config.projects.map((project) => ({
    ...project,
    testMatch: [`<rootDir>/${TOGETHER}/*.test.mjs`],
    transform: { '\\.test\\.tsx?$': '<rootDir>/../scripts/jest-together.mjs', ...project.transform },
  })),
};
