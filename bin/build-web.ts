import { execFile } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { PlainError, say } from './say';

function filesBelow(folder: string): string[] {
  return readdirSync(folder, { withFileTypes: true, recursive: true })
    .filter((entry) => entry.isFile())
    .map((entry) => join(entry.parentPath, entry.name))
    .filter((file) => !file.startsWith(join('web', 'dist')) && !file.endsWith('.test.ts'))
    .sort();
}

/** Builds the front end when anything it is made from has changed. */
export async function buildWeb(): Promise<void> {
  const hash = createHash('sha256');
  for (const file of [...['core', 'contract', 'web'].flatMap(filesBelow), 'package-lock.json'])
    hash.update(file).update(readFileSync(file));
  const digest = hash.digest('hex');
  const stamp = join('web', 'dist', '.built-from');
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === digest) return;
  say('Building the front end …');
  const env = { ...process.env, NODE_ENV: 'production' };
  const { stdout } = await promisify(execFile)('npx', ['vite', 'build', 'web', '--logLevel', 'warn'], {
    env,
  }).catch((error: Error & { stdout: string; stderr: string }) => {
    throw new PlainError(
      `The front end did not build:\n${(error.stderr || error.stdout || error.message).trim().split('\n').slice(-20).join('\n')}`,
      'This is a fault of the source: see the lines above.',
    );
  });
  process.stdout.write(stdout);
  writeFileSync(stamp, digest);
}
