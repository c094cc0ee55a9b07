// The first step of every command, in plain JavaScript: it must run on a bare machine, before anything is installed.
import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

const root = join(dirname(fileURLToPath(import.meta.url)), '..');
const task = process.argv[2] ?? 'start';
const NEEDS = {
  mariadbd: ['mariadb-server-core', 'mariadb-client-core'],
  'mariadb-dump': ['mariadb-client'],
  chromium: ['chromium'],
  chromedriver: ['chromium-driver'],
};
const BROWSER_TASKS = new Set(['test', 'look', 'bench']);

function say(text) {
  process.stdout.write(`${text}\n`);
}

function fail(what, todo) {
  process.stderr.write(`\ncadre: ${what}\n       ${todo}\n`);
  process.exit(1);
}

function has(program) {
  return [
    '/usr/sbin',
    '/usr/bin',
    '/usr/local/bin',
    '/sbin',
    '/bin',
    ...(process.env.PATH ?? '').split(':'),
  ].some((folder) => folder && existsSync(join(folder, program)));
}

function checkNode() {
  const [major = 0, minor = 0] = process.versions.node.split('.').map(Number);
  if (major < 20 || (major === 20 && minor < 19))
    fail(`Node ${process.versions.node} is too old.`, 'Install Node 20.19 or newer and start again.');
}

/** Backups need the tool that makes them, and so does a start that is to make them at night. */
function needsDump() {
  return task === 'backup' || (task === 'start' && process.env.CADRE_BACKUP_HOUR !== undefined);
}

function installSystemPackages() {
  const programs = BROWSER_TASKS.has(task)
    ? Object.keys(NEEDS)
    : process.env.CADRE_DATABASE_URL
      ? []
      : needsDump()
        ? ['mariadbd', 'mariadb-dump']
        : ['mariadbd'];
  const missing = programs.filter((program) => !has(program));
  if (missing.length === 0) return;
  const packages = missing.flatMap((program) => NEEDS[program]);
  const command = `apt-get install -y --no-install-recommends ${packages.join(' ')}`;
  if (process.getuid?.() !== 0)
    fail(
      `${missing.join(' and ')} is not on this machine, and only root can install it.`,
      `Run: sudo ${command}`,
    );
  if (!has('apt-get'))
    fail(
      `${missing.join(' and ')} is not on this machine, and there is no apt-get to install it with.`,
      `Install these by hand: ${packages.join(', ')}`,
    );
  say(`Installing ${packages.join(', ')} (once) …`);
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
  for (const args of [
    ['update', '-qq'],
    ['install', '-y', '-qq', '--no-install-recommends', ...packages],
  ]) {
    const run = spawnSync('apt-get', ['-o', 'DPkg::Lock::Timeout=600', ...args], { env, encoding: 'utf8' });
    if (run.status !== 0)
      fail(
        `apt-get ${args[0]} failed:\n${(run.stderr || run.stdout || String(run.error)).trim().split('\n').slice(-8).join('\n')}`,
        `Try by hand: ${command}`,
      );
  }
}

function installNodePackages() {
  const lock = createHash('sha256')
    .update(readFileSync(join(root, 'package-lock.json')))
    .digest('hex');
  const stamp = join(root, 'node_modules', '.cadre-lock');
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === lock) return;
  say('Installing npm packages (once) …');
  // `npm ci` fails where the lock misses other platforms' optional builds; this leaves the lock as it is.
  const run = spawnSync('npm', ['install', '--no-save', '--no-audit', '--no-fund', '--loglevel=error'], {
    cwd: root,
    encoding: 'utf8',
  });
  if (run.status !== 0)
    fail(
      `npm install failed:\n${(run.stderr || run.stdout || String(run.error)).trim().split('\n').slice(-12).join('\n')}`,
      'See that the npm registry can be reached, and start again.',
    );
  writeFileSync(stamp, lock);
}

checkNode();
process.chdir(root);
const began = Date.now();
installSystemPackages();
installNodePackages();
process.env.CADRE_INSTALL_SECONDS = ((Date.now() - began) / 1000).toFixed(0);
const { register } = await import('tsx/esm/api');
register();
await import(`./${task}.ts`);
