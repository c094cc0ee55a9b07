import { spawn, spawnSync } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, relative } from 'node:path';
import { buildWeb } from './build-web';
import { say } from './say';
import { LEAST, measureShare, MOST } from './share';

interface Counts {
  readonly passed: number;
  readonly failed: number;
}
interface Report {
  readonly numPassedTests: number;
  readonly numFailedTests: number;
  readonly numFailedTestSuites: number;
  readonly testResults: readonly {
    readonly name: string;
    readonly assertionResults: readonly {
      readonly status: string;
      readonly fullName: string;
      readonly failureMessages: readonly string[];
    }[];
  }[];
}
interface Stage extends Counts {
  readonly name: string;
  readonly seconds: number;
}
const ALL_WELL: Counts = { passed: 1, failed: 0 };

const stages: Stage[] = [];
/** What failed, by file and name: said again at the very end, where a long run's reader looks. */
const fallen: string[] = [];
const scratch = mkdtempSync(join(tmpdir(), 'cadre-test-'));

/** Runs a body and times it. A stage that dies, or runs nothing, has failed. */
async function stage(name: string, body: () => Counts | Promise<Counts>): Promise<void> {
  const began = Date.now();
  let counts = { passed: 0, failed: 1 };
  try {
    counts = await body();
  } catch (error) {
    process.stderr.write(`${(error as Error).stack ?? String(error)}\n`);
  }
  if (counts.passed + counts.failed === 0) {
    process.stderr.write(`${name} ran nothing\n`);
    counts = { passed: 0, failed: 1 };
  }
  stages.push({ name, ...counts, seconds: (Date.now() - began) / 1000 });
}

/** Young things get room: compilers make and drop so many that clearing up after them is an eighth of their time. */
const ROOM = `${process.env.NODE_OPTIONS ?? ''} --max-semi-space-size=64`;

/** A tool that passes or fails as a whole counts as one. What it says is shown when it has ended: others run beside it. */
async function tool(name: string, file: string, ...options: readonly string[]): Promise<Counts> {
  const run = spawn(process.execPath, [join('node_modules', file), ...options], {
    stdio: ['ignore', 'pipe', 'pipe'],
    env: { ...process.env, NODE_OPTIONS: ROOM },
  });
  const said: Buffer[] = [];
  run.stdout.on('data', (part: Buffer) => said.push(part));
  run.stderr.on('data', (part: Buffer) => said.push(part));
  const status = await new Promise<number | null>((done) => run.once('close', done));
  say(`\n── ${name}\n${Buffer.concat(said).toString('utf8').trim()}`);
  return status === 0 ? ALL_WELL : { passed: 0, failed: 1 };
}

type Work = readonly [name: string, body: () => Promise<Counts>];

/** Work of one thread each, two at a time: as many as there are cores in the least machine. The longest come first. */
async function sideBySide(works: readonly Work[]): Promise<void> {
  const waiting = [...works];
  const next = async (): Promise<void> => {
    for (let work = waiting.shift(); work; work = waiting.shift()) await stage(...work);
  };
  await Promise.all([next(), next()]);
}

function vitest(project: string): Counts {
  say(`\n── ${project}`);
  const file = join(scratch, `${project}.json`);
  const run = spawnSync(
    process.execPath,
    [
      'node_modules/vitest/vitest.mjs',
      'run',
      '--project',
      project,
      '--reporter=default',
      '--reporter=json',
      `--outputFile.json=${file}`,
    ],
    { stdio: 'inherit' },
  );
  if (!existsSync(file)) return { passed: 0, failed: 1 };
  const report = JSON.parse(readFileSync(file, 'utf8')) as Report;
  for (const { name, assertionResults } of report.testResults)
    for (const test of assertionResults.filter(({ status }) => status === 'failed'))
      fallen.push(
        `${relative('.', name)}: ${test.fullName}\n  ${(test.failureMessages[0] ?? '').split('\n').slice(0, 3).join('\n  ').slice(0, 900)}`,
      );
  const failed = Math.max(report.numFailedTests, report.numFailedTestSuites > 0 ? 1 : 0);
  // A runner that dies after its report (an unhandled error, a leak) has failed too.
  return { passed: report.numPassedTests, failed: failed === 0 && run.status !== 0 ? 1 : failed };
}

const began = Date.now();
process.env.TZ = 'Pacific/Auckland';
const only = process.argv.slice(3);
const wanted = (name: string): boolean => only.length === 0 || only.includes(name);
const worksOf = (names: string | readonly string[], ...works: readonly Work[]): readonly Work[] =>
  [names].flat().some(wanted) ? works : [];
await sideBySide([
  ...worksOf('types', [
    'types of the web',
    () => tool('types of the web', 'vue-tsc/bin/vue-tsc.js', '-p', 'web/tsconfig.json'),
  ]),
  ...worksOf(
    'lint',
    [
      'lint',
      () =>
        tool(
          'lint',
          'eslint/bin/eslint.js',
          '.',
          '--cache',
          '--cache-location',
          'node_modules/.cache/eslint',
        ),
    ],
    ['unused code', () => tool('unused code', 'knip/bin/knip.js', '--no-progress')],
    ['format', () => tool('format', 'prettier/bin/prettier.cjs', '--check', '--log-level', 'warn', '.')],
  ),
  ...worksOf(['core', 'e2e'], ['build of the web', () => buildWeb().then(() => ALL_WELL)]),
  ...worksOf('types', ['types', () => tool('types', 'typescript-native/bin/tsc', '-p', 'tsconfig.json')]),
]);
if (wanted('share')) {
  await stage('share of tests', () => {
    const { tests, code, percent } = measureShare();
    say(
      `\n── share of tests\n${tests} of ${code} code lines are tests: ${percent} % (wanted: ${LEAST} to ${MOST})`,
    );
    if (percent > MOST) say(`warning: more than ${MOST} % are tests`);
    return percent >= LEAST ? ALL_WELL : { passed: 0, failed: 1 };
  });
}
if (wanted('core')) await stage('core', () => vitest('core'));
if (wanted('web')) await stage('web', () => vitest('web'));
if (wanted('server')) await stage('server, on a real MariaDB', () => vitest('server'));
if (wanted('e2e')) await stage('the interface, in Chromium', () => vitest('e2e'));
rmSync(scratch, { recursive: true, force: true });

for (const each of fallen) say(`\nfailed: ${each}`);
say('');
for (const each of stages)
  say(
    `${each.failed > 0 ? 'FAILED' : 'passed'}  ${each.name.padEnd(28)} ${String(each.passed).padStart(4)} passed ${String(each.failed).padStart(3)} failed ${each.seconds.toFixed(1).padStart(7)} s`,
  );
const failed = stages.reduce((sum, each) => sum + each.failed, 0);
say(
  `\nTests took ${((Date.now() - began) / 1000).toFixed(0)} s; installing what was missing took ${process.env.CADRE_INSTALL_SECONDS ?? '0'} s.`,
);
say(`\n${stages.reduce((sum, each) => sum + each.passed, 0)} passed, ${failed} failed`);
process.exitCode = failed > 0 ? 1 : 0;
