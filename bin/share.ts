import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';

// The share of tests in all code lines. Generated files and pure data tables count on neither side.
const CODE = /\.(ts|vue|mjs|js|css|sh)$/;
const TEST = /(\.test\.ts$)|^(e2e|testing|test-world\/(client|builders)|core\/testing)\//;
const DATA =
  /^core\/shipped\/(checkpoints\/|traces\/|guides\/|checklist-choices\.ts|practices\.ts)|^test-world\/demo\/(fleet|morning|people)\.ts$|^server\/store\/steps\.ts$|\.d\.ts$/;
export const LEAST = 25;
export const MOST = 33;

export interface Share {
  readonly code: number;
  readonly tests: number;
  readonly percent: number;
}

function linesOf(file: string): number {
  return readFileSync(file, 'utf8')
    .split('\n')
    .filter((line) => line.trim() !== '').length;
}

export function measureShare(): Share {
  const files = execFileSync('git', ['ls-files', '-co', '--exclude-standard'], { encoding: 'utf8' })
    .split('\n')
    .filter((file) => CODE.test(file) && !DATA.test(file));
  const code = files.reduce((sum, file) => sum + linesOf(file), 0);
  const tests = files.filter((file) => TEST.test(file)).reduce((sum, file) => sum + linesOf(file), 0);
  return { code, tests, percent: Math.round((1000 * tests) / code) / 10 };
}
