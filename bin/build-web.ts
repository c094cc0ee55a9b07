import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { PlainError, say } from './say';

function filesBelow(folder: string): string[] {
  return readdirSync(folder, { withFileTypes: true, recursive: true })
    .filter((entry) => entry.isFile())
    .map((entry) => join(entry.parentPath, entry.name))
    .filter((file) => !file.startsWith(join('web', 'dist')) && !file.endsWith('.test.ts'))
    .sort();
}

/** Builds the front end when anything it is made from has changed. */
export function buildWeb(): void {
  const hash = createHash('sha256');
  for (const file of [...['core', 'contract', 'web'].flatMap(filesBelow), 'package-lock.json']) hash.update(file).update(readFileSync(file));
  const digest = hash.digest('hex');
  const stamp = join('web', 'dist', '.built-from');
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === digest) return;
  say('Building the front end …');
  const run = spawnSync('npx', ['vite', 'build', 'web', '--logLevel', 'warn'], { encoding: 'utf8', env: { ...process.env, NODE_ENV: 'production' } });
  if (run.status !== 0)
    throw new PlainError(
      `The front end did not build:\n${(run.stderr || run.stdout).trim().split('\n').slice(-20).join('\n')}`,
      'This is a fault of the source: see the lines above.',
    );
  process.stdout.write(run.stdout);
  writeFileSync(stamp, digest);
}
