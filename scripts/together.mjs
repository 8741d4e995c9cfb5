import { mkdirSync, readdirSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { join, relative } from 'node:path';

// Every test file of its own loads the whole of what it tests: most of its time. Here the files of a room are put
// into a few, which load it once; each stays within a `describe` of its own (jest-together.mjs).

/** Where they are written, in each room. */
export const TOGETHER = '.together';

const testsIn = (folder) =>
  readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name);
    if (entry.isDirectory()) return testsIn(path);
    return /\.test\.tsx?$/.test(entry.name) ? [path] : [];
  });

/** So many for each room. */
const files = { core: 2, server: 1, web: 2 };

/** Writes the test files of every room into a few of about the same length, and tells where. */
export const putAllTogether = () => Object.entries(files).flatMap(([room, n]) => putTogether(room, n));

function putTogether(room, count) {
  const folder = join(room, TOGETHER);
  rmSync(folder, { recursive: true, force: true });
  mkdirSync(folder, { recursive: true });
  const heaps = Array.from({ length: count }, () => ({ size: 0, tests: [] }));
  const tests = testsIn(join(room, 'src')).map((path) => ({ path, size: statSync(path).size }));
  for (const { path, size } of tests.sort((a, b) => b.size - a.size)) {
    const least = heaps.reduce((a, b) => (b.size < a.size ? b : a));
    least.size += size;
    least.tests.push(path);
  }
  return heaps.map(({ tests: paths }, n) => {
    const file = join(folder, `${n + 1}.test.mjs`);
    writeFileSync(
      file,
      paths
        .sort()
        .map((path) => `import '${relative(folder, path)}';\n`)
        .join(''),
    );
    return file;
  });
}
