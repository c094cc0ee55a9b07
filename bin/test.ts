import { spawn, spawnSync } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { buildWeb } from './build-web';
import { say } from './say';
import { LEAST, measureShare, MOST } from './share';

interface Stage {
  readonly name: string;
  readonly passed: number;
  readonly failed: number;
  readonly seconds: number;
}

const scratch = mkdtempSync(join(tmpdir(), 'cadre-test-'));

/** Runs a body and times it. A stage that dies, or runs nothing, has failed. */
function stage(name: string, body: () => { passed: number; failed: number }): Stage {
  say(`\n── ${name}`);
  const began = Date.now();
  let counts = { passed: 0, failed: 1 };
  try {
    counts = body();
  } catch (error) {
    process.stderr.write(`${(error as Error).stack ?? String(error)}\n`);
  }
  if (counts.passed + counts.failed === 0) {
    process.stderr.write(`${name} ran nothing\n`);
    counts = { passed: 0, failed: 1 };
  }
  return { name, ...counts, seconds: (Date.now() - began) / 1000 };
}

/** A tool that passes or fails as a whole counts as one. What it says is shown when it has ended: others run beside it. */
async function tool(name: string, ...command: [string, ...string[]]): Promise<Stage> {
  const began = Date.now();
  const run = spawn('npx', ['--no-install', ...command], { stdio: ['ignore', 'pipe', 'pipe'] });
  const said: Buffer[] = [];
  run.stdout.on('data', (part: Buffer) => said.push(part));
  run.stderr.on('data', (part: Buffer) => said.push(part));
  const status = await new Promise<number | null>((done) => run.once('close', done));
  say(`\n── ${name}\n${Buffer.concat(said).toString('utf8').trim()}`);
  return { name, passed: status === 0 ? 1 : 0, failed: status === 0 ? 0 : 1, seconds: (Date.now() - began) / 1000 };
}

/** Tools of one thread each, two at a time: as many as there are cores in the least machine. */
async function tools(...each: readonly (readonly [string, string, ...string[]])[]): Promise<void> {
  const waiting = [...each];
  const work = async (): Promise<void> => {
    for (let next = waiting.shift(); next; next = waiting.shift()) stages.push(await tool(...next));
  };
  await Promise.all([work(), work()]);
}

function vitest(project: string): { passed: number; failed: number } {
  const file = join(scratch, `${project}.json`);
  const run = spawnSync(
    'npx',
    ['--no-install', 'vitest', 'run', '--project', project, '--reporter=default', '--reporter=json', `--outputFile.json=${file}`],
    { stdio: 'inherit' },
  );
  if (!existsSync(file)) return { passed: 0, failed: 1 };
  const report = JSON.parse(readFileSync(file, 'utf8')) as { numPassedTests: number; numFailedTests: number; numFailedTestSuites: number };
  const failed = Math.max(report.numFailedTests, report.numFailedTestSuites > 0 ? 1 : 0);
  // A runner that dies after its report (an unhandled error, a leak) has failed too.
  return { passed: report.numPassedTests, failed: failed === 0 && run.status !== 0 ? 1 : failed };
}

const began = Date.now();
process.env.TZ = 'Pacific/Auckland';
const only = process.argv.slice(3);
const wanted = (name: string): boolean => only.length === 0 || only.includes(name);
const stages: Stage[] = [];
await tools(
  ...(wanted('types')
    ? ([
        ['types of the web', 'vue-tsc', '-p', 'web/tsconfig.json'],
        ['types', 'tsc', '-p', 'tsconfig.json'],
      ] as const)
    : []),
  ...(wanted('lint')
    ? ([
        ['lint', 'eslint', '.', '--cache', '--cache-location', 'node_modules/.cache/eslint'],
        ['format', 'prettier', '--check', '--log-level', 'warn', '.'],
      ] as const)
    : []),
);
if (wanted('share')) {
  stages.push(
    stage('share of tests', () => {
      const { tests, code, percent } = measureShare();
      say(`${tests} of ${code} code lines are tests: ${percent} % (wanted: ${LEAST} to ${MOST})`);
      return percent >= LEAST && percent <= MOST ? { passed: 1, failed: 0 } : { passed: 0, failed: 1 };
    }),
  );
}
if (wanted('core') || wanted('e2e')) {
  stages.push(
    stage('build of the web', () => {
      buildWeb();
      return { passed: 1, failed: 0 };
    }),
  );
}
if (wanted('core')) stages.push(stage('core', () => vitest('core')));
if (wanted('web')) stages.push(stage('web', () => vitest('web')));
if (wanted('server')) stages.push(stage('server, on a real MariaDB', () => vitest('server')));
if (wanted('e2e')) {
  stages.push(stage('the interface, in Chromium', () => vitest('e2e')));
}
rmSync(scratch, { recursive: true, force: true });

say('');
for (const each of stages)
  say(
    `${each.failed > 0 ? 'FAILED' : 'passed'}  ${each.name.padEnd(28)} ${String(each.passed).padStart(4)} passed ${String(each.failed).padStart(3)} failed ${each.seconds.toFixed(1).padStart(7)} s`,
  );
const failed = stages.reduce((sum, each) => sum + each.failed, 0);
say(`\nTests took ${((Date.now() - began) / 1000).toFixed(0)} s; installing what was missing took ${process.env.CADRE_INSTALL_SECONDS ?? '0'} s.`);
say(`\n${stages.reduce((sum, each) => sum + each.passed, 0)} passed, ${failed} failed`);
process.exitCode = failed > 0 ? 1 : 0;
