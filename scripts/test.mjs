import { spawn } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { enterCheckout, prepareBuild, preparePackages } from './lib/prepare.mjs';
import { needProgram } from './lib/programs.mjs';
import { run, say } from './lib/say.mjs';

const folder = mkdtempSync(path.join(os.tmpdir(), 'distaff-test-'));
/** So many of the slowest are named. */
const LONGEST = 8;
const bin = (name) => path.join('node_modules', '.bin', name);

/** Runs a command to its end. @returns its exit code and everything it printed. */
const capture = (command, args, env = {}) =>
  new Promise((resolve) => {
    const child = spawn(command, args, {
      env: { ...process.env, ...env },
      stdio: ['ignore', 'pipe', 'pipe'],
    });
    let text = '';
    const take = (chunk) => (text += chunk);
    child.stdout.on('data', take);
    child.stderr.on('data', take);
    child.on('error', (error) => resolve({ code: 1, text: String(error) }));
    child.on('close', (code) => resolve({ code: code ?? 1, text }));
  });

/** A check that passes or fails as a whole. */
async function check(name, ...commands) {
  const start = Date.now();
  let failure = '';
  for (const [command, ...args] of commands) {
    const { code, text } = await capture(command, args);
    if (code !== 0) failure += text;
  }
  const seconds = ((Date.now() - start) / 1000).toFixed(0);
  say(`${failure ? '✘' : '✓'} ${name} (${seconds} s)`);
  if (failure) say(failure.trimEnd());
  return failure ? { passed: 0, failed: 1 } : { passed: 1, failed: 0 };
}

/** A list of what took longest, the longest first. */
function longest(what, times) {
  const slow = times.sort((one, other) => other.seconds - one.seconds).slice(0, LONGEST);
  say(`  longest ${what}: ${slow.map(({ name, seconds }) => `${name} ${seconds.toFixed(0)} s`).join(', ')}`);
}

/** How many lines of each workspace the tests go through, in percent. */
function coverage(file) {
  const lines = {};
  for (const [name, { lines: own }] of Object.entries(read(file) ?? {})) {
    const workspace = path.relative(process.cwd(), name).split(path.sep)[0];
    if (name === 'total') continue;
    const sum = (lines[workspace] ??= { total: 0, covered: 0 });
    sum.total += own.total;
    sum.covered += own.covered;
  }
  const told = Object.entries(lines).map(
    ([name, { total, covered }]) => `${name} ${((100 * covered) / total).toFixed(1)} %`,
  );
  say(`  lines covered: ${told.join(', ') || 'not measured'}`);
}

async function jest() {
  say('Jest: core, server and web …');
  const report = path.join(folder, 'jest.json');
  const { code, text } = await capture(
    bin('jest'),
    [
      '--maxWorkers=2',
      '--json',
      `--outputFile=${report}`,
      '--silent=false',
      '--coverage',
      `--coverageDirectory=${folder}`,
    ],
    { NODE_OPTIONS: '--experimental-vm-modules --no-warnings', DISTAFF_COUNTED: 'server,web' },
  );
  const result = read(report);
  if (code !== 0 || !result) say(text.trimEnd());
  if (!result) return { passed: 0, failed: 1 };
  const failed = result.numFailedTests + result.numRuntimeErrorTestSuites;
  say(`${failed ? '✘' : '✓'} Jest: ${result.numPassedTests} passed, ${failed} failed`);
  coverage(path.join(folder, 'coverage-summary.json'));
  longest(
    'files',
    result.testResults.map(({ name, startTime, endTime }) => ({
      name: path.relative(process.cwd(), name),
      seconds: (endTime - startTime) / 1000,
    })),
  );
  return { passed: result.numPassedTests, failed: failed || (code === 0 ? 0 : 1) };
}

async function playwright() {
  say('Playwright: the interface in Chromium …');
  const report = path.join(folder, 'playwright.json');
  const { code, text } = await capture(bin('playwright'), ['test'], { DISTAFF_REPORT: report });
  say(text.trimEnd());
  if (code !== 0) seenAtFailure();
  const { stats, suites } = read(report) ?? {};
  if (!stats) return { passed: 0, failed: 1 };
  const all = suites.flatMap(function specs(suite) {
    return [...suite.specs, ...(suite.suites ?? []).flatMap(specs)];
  });
  longest(
    'tests',
    all.map(({ title, tests }) => ({
      name: title.length > 60 ? `${title.slice(0, 60)}…` : title,
      seconds: tests.flatMap((one) => one.results).reduce((sum, one) => sum + one.duration, 0) / 1000,
    })),
  );
  const failed = stats.unexpected + stats.flaky;
  return { passed: stats.expected, failed: failed || (code === 0 ? 0 : 1) };
}

/** Prints what stood on the pages of failed tests, since nobody can look at them where CI ran. */
function seenAtFailure() {
  const results = 'test-results';
  for (const one of readdirSync(results, { recursive: true }).filter((name) => name.endsWith('.md')))
    say(`--- ${one}\n${readFileSync(path.join(results, one), 'utf8').slice(0, 8000)}`);
}

function read(file) {
  try {
    return JSON.parse(readFileSync(file, 'utf8'));
  } catch {
    return null;
  }
}

/** Everything that must hold; ends with one plain line of sums. */
run(async () => {
  enterCheckout();
  await preparePackages();
  await needProgram('mariadbd', 'mariadb-server');
  await needProgram('chromium-headless-shell', 'chromium-headless-shell');
  await prepareBuild();
  // Two at a time wherever there are two processors; tests that measure time have the machine to themselves.
  const checks = await Promise.all([
    check(
      'types, format',
      [process.execPath, 'scripts/types.mjs'],
      [bin('prettier'), '--check', '--log-level=warn', '.'],
    ),
    check(
      'lint, dependency rules',
      [bin('eslint'), '--cache', '--max-warnings=0', '.'],
      [process.execPath, 'scripts/floating.mjs'],
      [bin('depcruise'), '--config', '.dependency-cruiser.cjs', 'core/src', 'server/src', 'web/src'],
    ),
  ]);
  const all = [...checks, await jest(), await playwright()];
  rmSync(folder, { recursive: true, force: true });
  const sum = (key) => all.reduce((total, one) => total + one[key], 0);
  say(`${sum('passed')} passed, ${sum('failed')} failed`);
  process.exit(sum('failed') === 0 ? 0 : 1);
});
