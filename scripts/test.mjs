import { spawn, spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { buildIfStale, checkNode, chromiumIfMissing, installIfMissing, tempInMemory } from './ground.mjs';
import { putAllTogether } from './together.mjs';

checkNode();
installIfMissing();
chromiumIfMissing();
tempInMemory();

const node = process.execPath;
const tally = { passed: 0, failed: 0 };
const out = '.cache/test';
rmSync(out, { recursive: true, force: true });
mkdirSync(out, { recursive: true });

/** Runs a task; what it says is told when it ends. One without tests of its own counts only when it fails. */
function run({ name, args, env = {} }) {
  const started = Date.now();
  return new Promise((resolve) => {
    const child = spawn(node, args, { stdio: ['ignore', 'pipe', 'pipe'], env: { ...process.env, ...env } });
    let said = '';
    child.stdout.on('data', (text) => (said += text));
    child.stderr.on('data', (text) => (said += text));
    child.on('close', (code) => {
      const seconds = Math.round((Date.now() - started) / 1000);
      process.stdout.write(`\n— ${name}\n${said}  ${name}: ${code === 0 ? 'ok' : 'FAILED'} (${seconds} s)\n`);
      resolve(code === 0);
    });
  });
}

/** Does all tasks, as many at a time as there are cores, the longest first. */
async function runAll(tasks, atOnce = 2) {
  const left = [...tasks];
  const worker = async () => {
    for (let task = left.shift(); task; task = left.shift()) task.tell(await run(task));
  };
  await Promise.all(Array.from({ length: atOnce }, worker));
}

const count = (ok) => {
  if (!ok) tally.failed += 1;
};
const check = (name, ...args) => ({ name, args, tell: count });

/** A file of unit tests put together; what its report counts, counts here. */
const unit = (path) => {
  const report = `${out}/unit-${path.replace(/[^a-z0-9]+/g, '-')}.json`;
  return {
    name: `unit tests: ${path}`,
    args: [
      '--experimental-vm-modules',
      '--no-warnings',
      'node_modules/jest/bin/jest.js',
      '--config=jest.together.mjs',
      '--runInBand',
      '--forceExit',
      '--silent',
      '--json',
      `--outputFile=${report}`,
      '--runTestsByPath',
      path,
    ],
    tell(ok) {
      if (!existsSync(report)) return count(false);
      const { numPassedTests, numFailedTests, numRuntimeErrorTestSuites } = JSON.parse(
        readFileSync(report, 'utf8'),
      );
      tally.passed += numPassedTests;
      tally.failed += numFailedTests + numRuntimeErrorTestSuites;
      if (!ok && numFailedTests + numRuntimeErrorTestSuites === 0) count(false);
    },
  };
};

const built = buildIfStale({ always: true });
if (!built) count(false);

await runAll([
  check('controls are parts', 'node_modules/eslint/bin/eslint.js', 'web/src', '--max-warnings', '0'),
  ...putAllTogether().map(unit),
  ...(built
    ? [
        {
          name: 'kills without warning',
          args: ['scripts/crash.mjs', '15'],
          tell: (ok) => (tally[ok ? 'passed' : 'failed'] += 1),
        },
      ]
    : []),
  check('format', 'node_modules/oxfmt/bin/oxfmt', '--list-different', '.'),
  check('lint', 'node_modules/oxlint/bin/oxlint', '--quiet', '.'),
  ...['core', 'server', 'web', 'e2e'].map((room) =>
    check(`types of ${room}`, 'node_modules/typescript-native/bin/tsc', '-p', room),
  ),
  check(
    'dependency rules',
    'node_modules/dependency-cruiser/bin/dependency-cruise.mjs',
    'core/src',
    'server/src',
    'web/src',
    '--config',
    '.dependency-cruiser.cjs',
    '--output-type',
    'err',
  ),
]);

const browser = `${out}/browser.json`;
if (built) {
  const ok =
    spawnSync(
      node,
      ['node_modules/@playwright/test/cli.js', 'test', '--config', 'e2e/playwright.config.ts'],
      {
        stdio: 'inherit',
        env: { ...process.env, DRIMBO_REPORT: browser },
      },
    ).status === 0;
  if (existsSync(browser)) {
    const { stats, errors } = JSON.parse(readFileSync(browser, 'utf8'));
    tally.passed += stats.expected + stats.flaky;
    tally.failed += stats.unexpected + errors.length;
    if (!ok && stats.unexpected + errors.length === 0) count(false);
  } else count(false);
}

process.stdout.write(`\n${tally.passed} passed, ${tally.failed} failed\n`);
process.exit(tally.failed > 0 || tally.passed === 0 ? 1 : 0);
