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

function step(name, args, env = {}) {
  const started = Date.now();
  process.stdout.write(`\n— ${name}\n`);
  const ok = spawnSync(node, args, { stdio: 'inherit', env: { ...process.env, ...env } }).status === 0;
  process.stdout.write(
    `  ${name}: ${ok ? 'ok' : 'FAILED'} (${Math.round((Date.now() - started) / 1000)} s)\n`,
  );
  return ok;
}

/** A check without tests of its own counts only when it fails; what it says is told when it ends. */
function check(name, args) {
  const started = Date.now();
  return new Promise((resolve) => {
    const child = spawn(node, args, { stdio: ['ignore', 'pipe', 'pipe'] });
    let said = '';
    child.stdout.on('data', (text) => (said += text));
    child.stderr.on('data', (text) => (said += text));
    child.on('close', (code) => {
      if (code !== 0) tally.failed += 1;
      const seconds = Math.round((Date.now() - started) / 1000);
      process.stdout.write(`\n— ${name}\n${said}  ${name}: ${code === 0 ? 'ok' : 'FAILED'} (${seconds} s)\n`);
      resolve();
    });
  });
}

/** Checks one after the other. */
async function inTurn(checks) {
  for (const [name, args] of checks) await check(name, args);
}

await Promise.all([
  inTurn([
    ['format', ['node_modules/prettier/bin/prettier.cjs', '--check', '--log-level', 'warn', '.']],
    ['lint with types', ['node_modules/oxlint/bin/oxlint', '--type-aware', '--quiet', '.']],
  ]),
  inTurn([
    ['lint', ['node_modules/eslint/bin/eslint.js', '.', '--max-warnings', '0']],
    ...['core', 'server', 'web', 'e2e'].map((room) => [
      `types of ${room}`,
      ['node_modules/typescript-native/bin/tsc', '-p', room],
    ]),
    [
      'dependency rules',
      [
        'node_modules/dependency-cruiser/bin/dependency-cruise.mjs',
        'core/src',
        'server/src',
        'web/src',
        '--config',
        '.dependency-cruiser.cjs',
        '--output-type',
        'err',
      ],
    ],
  ]),
]);

putAllTogether();
const unit = `${out}/unit.json`;
const unitOk = step('unit tests', [
  '--experimental-vm-modules',
  '--no-warnings',
  'node_modules/jest/bin/jest.js',
  '--config=jest.together.mjs',
  '--maxWorkers=2',
  '--json',
  `--outputFile=${unit}`,
  '--silent',
]);
if (existsSync(unit)) {
  const report = JSON.parse(readFileSync(unit, 'utf8'));
  tally.passed += report.numPassedTests;
  tally.failed += report.numFailedTests + report.numRuntimeErrorTestSuites;
} else if (!unitOk) tally.failed += 1;

const built = buildIfStale({ always: true });
const crashOk = built && step('kills without warning', ['scripts/crash.mjs', '15']);
tally[crashOk ? 'passed' : 'failed'] += 1;

const browser = `${out}/browser.json`;
const browserOk =
  built &&
  step(
    'browser tests',
    ['node_modules/@playwright/test/cli.js', 'test', '--config', 'e2e/playwright.config.ts'],
    { DRIMBO_REPORT: browser },
  );
if (existsSync(browser)) {
  const { stats, errors } = JSON.parse(readFileSync(browser, 'utf8'));
  tally.passed += stats.expected + stats.flaky;
  tally.failed += stats.unexpected + errors.length;
} else if (!browserOk) tally.failed += 1;
if ((!unitOk || !browserOk) && tally.failed === 0) tally.failed += 1;

process.stdout.write(`\n${tally.passed} passed, ${tally.failed} failed\n`);
process.exit(tally.failed > 0 || tally.passed === 0 ? 1 : 0);
