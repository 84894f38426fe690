// Everything: format, lint with types, arrows, unit and server tests, end-to-end tests; closes with one line of totals.
import { spawn } from 'node:child_process';
import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { installPackages } from './install.mjs';

installPackages();
const { told } = await import('./advice.mjs');
const { installDebian } = await import('./debian.mjs');
const { ROOT } = await import('./build.mjs');
const { SHARE, testShare } = await import('./testShare.mjs');

const CHROMIUM = '/usr/bin/chromium-headless-shell';
const bin = (name) => path.join(ROOT, 'node_modules', name);
const scratch = fs.mkdtempSync(path.join(os.tmpdir(), 'bent-pail-test-'));
const DAY_MS = 24 * 3600 * 1000;
/** Which of what takes turns is had: fixed by the day, or by whoever wants a run again. */
const SEED = Number(process.env.BENT_PAIL_SEED ?? Math.floor(Date.now() / DAY_MS));
const totals = { passed: 0, failed: 0 };
/** What failed, by name: named again as the last thing, where a long report may have been cut. */
const failures = [];

function run(title, args, env = {}) {
  const began = Date.now();
  return new Promise((resolve) => {
    const child = spawn(process.execPath, args, {
      cwd: ROOT,
      env: { ...process.env, BENT_PAIL_SEED: String(SEED), ...env },
      stdio: ['ignore', 'pipe', 'pipe'],
    });
    let said = '';
    child.stdout.on('data', (part) => (said += String(part)));
    child.stderr.on('data', (part) => (said += String(part)));
    child.once('exit', (code) => {
      const seconds = ((Date.now() - began) / 1000).toFixed(0);
      console.log(`${code === 0 ? 'ok    ' : 'FAILED'} ${title} (${seconds} s)`);
      if (code !== 0) console.log(said);
      resolve(code === 0);
    });
  });
}

/** A check that passes or fails as a whole. */
async function check(title, args) {
  const good = await run(title, args);
  totals[good ? 'passed' : 'failed'] += 1;
  if (!good) failures.push(title);
}

/** Test runners say how many; one that dies without a report counts as a failure. */
async function suite(title, args, report, count, env = {}) {
  const good = await run(title, args, env);
  const found = fs.existsSync(report) ? count(JSON.parse(fs.readFileSync(report, 'utf8'))) : { passed: 0, failed: 0 };
  totals.passed += found.passed;
  totals.failed += good || found.failed > 0 ? found.failed : 1;
  failures.push(...(found.names ?? []));
}

/** Titles of the journeys that ended so ('flaky': failed once, then passed), each with what their tries said. */
function journeysThat(status, { suites }) {
  const saidOf = (test) => test.results.flatMap(({ errors }) => errors.map(({ message }) => message)).join('\n');
  const within = (suite) => [
    ...suite.specs.flatMap((spec) =>
      spec.tests.filter((one) => one.status === status).map((one) => `${spec.title}\n${saidOf(one)}`),
    ),
    ...(suite.suites ?? []).flatMap(within),
  ];
  return suites.flatMap(within);
}

/** Unit tests that did not pass, each with its file and what it said first. */
const unitFailures = ({ testResults }) =>
  testResults.flatMap(({ name, assertionResults }) =>
    assertionResults
      .filter((one) => one.status !== 'passed')
      .map((one) => `${path.relative(ROOT, name)}: ${one.fullName}\n${(one.failureMessages[0] ?? '').slice(0, 500)}`),
  );

try {
  if (!fs.existsSync(CHROMIUM)) installDebian(['chromium-headless-shell'], 'Chromium');
  const unit = path.join(scratch, 'unit.json');
  // Linting keeps one core for a while; what else there is goes on beside it.
  await Promise.all([
    (async () => {
      await check('lint and types', [bin('oxlint/bin/oxlint')]);
      // A process of its own: it sets the environment of its children to production.
      await check('build', [path.join(ROOT, 'scripts/build.mjs')]);
      await check('notebooks for the journeys', [path.join(ROOT, 'scripts/templates.mjs')]);
    })(),
    (async () => {
      await check('format', [bin('oxfmt/bin/oxfmt'), '--check']);
      await check('core and contract without DOM and Node', [path.join(ROOT, 'scripts/types.mjs')]);
      await check('docs/methods.md', [path.join(ROOT, 'scripts/methods.mjs'), '--check']);
      await check('docs/licences.md', [path.join(ROOT, 'scripts/licences.mjs'), '--check']);
      await check('texts', [path.join(ROOT, 'scripts/texts.mjs'), '--check']);
      await check('arrows', [
        bin('dependency-cruiser/bin/dependency-cruise.mjs'),
        '--config',
        '.dependency-cruiser.cjs',
        ...['core', 'contract', 'server', 'web', 'demo', 'e2e'].map((one) => `${one}/src`),
      ]);
      await suite(
        'unit and server tests',
        [bin('vitest/vitest.mjs'), 'run', '--reporter=default', '--reporter=json', `--outputFile.json=${unit}`],
        unit,
        (report) => ({
          // A skipped test is a test that was left behind: it counts as failed.
          passed: report.numPassedTests,
          failed: report.numTotalTests - report.numPassedTests,
          names: unitFailures(report),
        }),
      );
    })(),
  ]);
  const share = testShare();
  const isFair = share >= SHARE.least && share <= SHARE.most;
  console.log(
    `${isFair ? 'ok    ' : 'FAILED'} tests are ${share.toFixed(1)} % of the lines of TypeScript (${SHARE.least} to ${SHARE.most})`,
  );
  totals[isFair ? 'passed' : 'failed'] += 1;
  if (!isFair) failures.push('the share of tests');
  const e2e = path.join(scratch, 'e2e.json');
  await suite(
    'end-to-end tests',
    [bin('@playwright/test/cli.js'), 'test', '--config', 'e2e/playwright.config.ts'],
    e2e,
    (report) => {
      // What passed only at the second try is named, so that it is looked into, and does not stop everything else.
      for (const title of journeysThat('flaky', report)) console.log(`passed at the second try only: ${title}`);
      const { expected, flaky, unexpected, skipped } = report.stats;
      return {
        passed: expected + flaky,
        failed: unexpected + skipped,
        names: journeysThat('unexpected', report),
      };
    },
    { PLAYWRIGHT_JSON_OUTPUT_NAME: e2e, BENT_PAIL_TEMPLATES: 'made' },
  );
} catch (error) {
  console.error(told(error));
  totals.failed += 1;
}
fs.rmSync(scratch, { recursive: true, force: true });
console.log(
  `Taken by the day: BENT_PAIL_SEED=${String(SEED)} takes the same again. Left to others: npm run trials (40 random notebooks, 400 lots and blends for each band, 2,000 benches an interval, 20,000 recipe texts, 40,000 odd calculations), npm run crash (1,000 kills, 100 deaths of PostgreSQL, 200,000 odd calls, every odd start; here a sixth), npm run axe (every page; here a tenth; every button, here a sixtieth; every text of every page, here on a third of the days), npm run bench, npm run mutate.`,
);
for (const name of failures) console.log(`failed: ${name}`);
console.log(`${totals.passed} passed, ${totals.failed} failed`);
process.exitCode = totals.failed === 0 ? 0 : 1;
