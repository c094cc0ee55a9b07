import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { createHash, randomBytes } from 'node:crypto';
import {
  chmodSync,
  chownSync,
  existsSync,
  mkdirSync,
  readFileSync,
  rmSync,
  statfsSync,
  writeFileSync,
} from 'node:fs';
import { homedir, totalmem } from 'node:os';
import { join, resolve } from 'node:path';
import { createConnection } from 'mysql2/promise';
import { isRunning } from './process-alive';
import { PlainError } from './say';

const LEAST_FREE_BYTES = 1024 ** 3;
const START_WITHIN_MS = 60_000;
const WATCH_MS = 2000;
const STEADY_MS = 60_000;
const LONGEST_WAIT_MS = 30_000;
const isRoot = process.getuid?.() === 0;

export interface DatabaseServer {
  readonly socketPath: string;
  /** For the application's own, least-privileged user. */
  readonly appPassword: string;
  stop(): Promise<void>;
}

/** Where this clone keeps its data unless told otherwise. Never under /root: the database's user cannot go there. */
export function defaultDataDir(): string {
  const name = createHash('sha256').update(resolve('.')).digest('hex').slice(0, 12);
  return isRoot
    ? join('/var/lib/cadre', name)
    : join(process.env.XDG_DATA_HOME ?? join(homedir(), '.local', 'share'), 'cadre', name);
}

/** Where this place's data lies, by its settings. */
export const dataDirOf = (settings: { readonly dataDir: string | null }): string =>
  settings.dataDir ?? defaultDataDir();

function mysqlIds(): { uid: number; gid: number } {
  if (spawnSync('id', ['-u', 'mysql']).status !== 0) {
    spawnSync('groupadd', ['--system', 'mysql']);
    const made = spawnSync(
      'useradd',
      [
        '--system',
        '--gid',
        'mysql',
        '--no-create-home',
        '--home-dir',
        '/nonexistent',
        '--shell',
        '/usr/sbin/nologin',
        'mysql',
      ],
      { encoding: 'utf8' },
    );
    if (made.status !== 0)
      throw new PlainError(
        `The user "mysql" could not be made: ${made.stderr.trim()}`,
        'MariaDB does not run as root. Make the user by hand, or start Cadre as another user.',
      );
  }
  const idOf = (flag: string): number =>
    Number(spawnSync('id', [flag, 'mysql'], { encoding: 'utf8' }).stdout);
  return { uid: idOf('-u'), gid: idOf('-g') };
}

function prepareFolder(dataDir: string): void {
  try {
    mkdirSync(join(dataDir, 'db'), { recursive: true });
    // Other users of this machine reach neither the files nor the socket, which lets the database's own root in without a password.
    chmodSync(join(dataDir, 'db'), 0o700);
  } catch (error) {
    throw new PlainError(
      `The data folder ${dataDir} cannot be made: ${(error as Error).message}`,
      'Set CADRE_DATA_DIR to a folder that can be written.',
    );
  }
  const { bavail, bsize } = statfsSync(dataDir);
  if (bavail * bsize < LEAST_FREE_BYTES)
    throw new PlainError(
      `Only ${Math.floor((bavail * bsize) / 1024 ** 2)} MB are free where ${dataDir} is; 1 GB is the least.`,
      'Make room, or set CADRE_DATA_DIR to a folder on another disk.',
    );
  // A folder of its own: another MariaDB that starts on this machine clears the common one.
  mkdirSync(join(dataDir, 'db', 'tmp'), { recursive: true });
  if (!isRoot) return;
  const { uid, gid } = mysqlIds();
  chownSync(join(dataDir, 'db'), uid, gid);
  chownSync(join(dataDir, 'db', 'tmp'), uid, gid);
  const reach = spawnSync('setpriv', [
    '--reuid=mysql',
    '--regid=mysql',
    '--clear-groups',
    'test',
    '-w',
    join(dataDir, 'db'),
  ]);
  if (reach.status !== 0)
    throw new PlainError(
      `The folder ${dataDir} cannot be reached by the user "mysql", which runs MariaDB.`,
      'A folder above it is closed to others. Set CADRE_DATA_DIR to a folder such as /var/lib/cadre, or open it (chmod o+x).',
    );
}

function install(dbDir: string): void {
  if (existsSync(join(dbDir, 'mysql'))) return;
  const run = spawnSync(
    'mariadb-install-db',
    [
      '--no-defaults',
      `--datadir=${dbDir}`,
      '--auth-root-authentication-method=normal',
      '--skip-test-db',
      '--skip-name-resolve',
      ...(isRoot ? ['--user=mysql'] : []),
    ],
    { encoding: 'utf8' },
  );
  if (run.status !== 0)
    throw new PlainError(
      `MariaDB's data folder could not be made:\n${(run.stderr || run.stdout || String(run.error)).trim().split('\n').slice(-6).join('\n')}`,
      `Look into ${dbDir}; remove it to begin anew.`,
    );
}

async function answers(socketPath: string): Promise<boolean> {
  try {
    const connection = await createConnection({ socketPath, user: 'root', connectTimeout: 2000 });
    await connection.query('SELECT 1');
    await connection.end();
    return true;
  } catch {
    return false; // not there yet, or no longer: the caller asks again or says so
  }
}

function lastWords(logFile: string): string {
  if (!existsSync(logFile)) return '';
  return readFileSync(logFile, 'utf8')
    .trim()
    .split('\n')
    .filter((line) => /\[ERROR\]|No space|disk full|Fatal/i.test(line))
    .slice(-4)
    .join('\n');
}

function deathNotice(logFile: string): PlainError {
  const words = lastWords(logFile);
  return /No space|disk full|\b28\b.*space/i.test(words)
    ? new PlainError(
        'MariaDB stopped: the disk is full.',
        'Make room and start again. Nothing that was shown as sent is lost.',
      )
    : new PlainError(
        `MariaDB stopped by itself.${words ? `\n${words}` : ''}`,
        `Its whole log is ${logFile}.`,
      );
}

const isFull = ({ message }: Error): boolean => /disk is full/.test(message);

/** A quarter of the machine's memory, and no more than a gigabyte: a lodge's records fit. */
const bufferPool = (): number => Math.min(1024 ** 3, Math.max(128 * 1024 ** 2, Math.floor(totalmem() / 4)));

/** The process using this data folder now, if one is. */
function userOf(dataDir: string): number | null {
  const file = join(dataDir, 'in-use');
  if (!existsSync(file)) return null;
  const pid = Number(readFileSync(file, 'utf8'));
  const command = `/proc/${pid}/cmdline`;
  return pid !== process.pid &&
    existsSync(command) &&
    /bootstrap|start|seed|tsx|vitest/.test(readFileSync(command, 'utf8'))
    ? pid
    : null;
}

/** A database another Cadre is running over this folder right now, to look into without stopping it. */
export async function runningDatabaseServer(dataDir: string): Promise<DatabaseServer | null> {
  const socketPath = join(dataDir, 'db', 's.sock');
  if (userOf(dataDir) === null || !(await answers(socketPath))) return null;
  return {
    socketPath,
    appPassword: readFileSync(join(dataDir, 'app-password'), 'utf8'),
    stop: async () => {},
  };
}

/** This data folder is used by one Cadre at a time; what a killed one left behind does not count. */
function takeFolder(dataDir: string): () => void {
  const file = join(dataDir, 'in-use');
  const pid = userOf(dataDir);
  if (pid !== null)
    throw new PlainError(
      `Another Cadre (process ${pid}) is using ${dataDir}.`,
      'Stop it first, or set CADRE_DATA_DIR to another folder.',
    );
  writeFileSync(file, String(process.pid));
  return () => rmSync(file, { force: true });
}

/**
 * Starts MariaDB over a data folder, reached by its socket file only, or takes over one that a killed
 * Cadre left running there. When it dies later it is started again; when that fails, `died` is told.
 */
export async function startDatabaseServer(options: {
  dataDir: string;
  relaxed?: boolean;
  died: (error: PlainError) => void;
}): Promise<DatabaseServer> {
  const { dataDir } = options;
  prepareFolder(dataDir);
  const giveBack = takeFolder(dataDir);
  const dbDir = join(dataDir, 'db');
  const socketPath = join(dbDir, 's.sock');
  const logFile = join(dbDir, 'error.log');
  const pidFile = join(dbDir, 'mariadbd.pid');
  if (socketPath.length > 99)
    throw new PlainError(
      `The path ${socketPath} is too long for a socket (99 characters at most).`,
      'Set CADRE_DATA_DIR to a shorter path.',
    );
  const passwordFile = join(dataDir, 'app-password');
  if (!existsSync(passwordFile))
    writeFileSync(passwordFile, randomBytes(24).toString('hex'), { mode: 0o600 });

  let child: ChildProcess | null = null;
  let stopping = false;
  let restarts = 0;
  let startedAt = 0;

  const launch = async (): Promise<void> => {
    install(dbDir);
    const args = [
      '--no-defaults',
      `--datadir=${dbDir}`,
      `--socket=${socketPath}`,
      `--pid-file=${pidFile}`,
      `--log-error=${logFile}`,
      `--tmpdir=${join(dbDir, 'tmp')}`,
      `--innodb-buffer-pool-size=${bufferPool()}`,
      '--skip-networking',
      '--skip-name-resolve',
      '--character-set-server=utf8mb4',
      '--collation-server=utf8mb4_unicode_ci',
      '--max-connections=300',
      ...(options.relaxed ? ['--innodb-flush-log-at-trx-commit=0', '--innodb-doublewrite=0'] : []),
      ...(isRoot ? ['--user=mysql'] : []),
    ];
    rmSync(logFile, { force: true });
    // A group of its own: Ctrl-C at the terminal reaches us, and we stop it in good order.
    const started = spawn('mariadbd', args, { stdio: 'ignore', detached: true });
    child = started;
    let gone = false;
    started.on('error', () => {
      gone = true;
    });
    started.on('exit', () => {
      gone = true;
      if (!stopping && child === started && ready) void relaunch();
    });
    let ready = false;
    const until = Date.now() + START_WITHIN_MS;
    while (!(await answers(socketPath))) {
      if (gone)
        throw new PlainError(`MariaDB did not start.\n${lastWords(logFile)}`, `Its whole log is ${logFile}.`);
      if (Date.now() > until)
        throw new PlainError(
          `MariaDB did not answer within ${START_WITHIN_MS / 1000} seconds.`,
          `Its log is ${logFile}.`,
        );
      await new Promise((done) => setTimeout(done, 100));
    }
    ready = true;
    startedAt = Date.now();
  };

  const relaunch = async (): Promise<void> => {
    // One that ran well for a while begins its count anew.
    restarts = Date.now() - startedAt > STEADY_MS ? 1 : restarts + 1;
    const notice = deathNotice(logFile);
    const wait = Math.min(LONGEST_WAIT_MS, 500 * 2 ** (restarts - 1));
    process.stderr.write(`\ncadre: ${notice.what}\n       Starting it again in ${wait / 1000} s.\n`);
    await new Promise((done) => setTimeout(done, wait));
    if (stopping) return;
    await launch().catch((error: unknown) => {
      // A full disk is not made free by trying: whoever runs it has to know. Anything else is tried again, later each time.
      if (stopping) return;
      if (isFull(notice) || isFull(error as Error)) options.died(notice);
      else void relaunch();
    });
  };
  /** One that was taken over is no child of this process: its end is noticed by asking. */
  const watch = (): void => {
    const timer = setInterval(() => {
      void answers(socketPath).then((there) => {
        if (there || stopping) return;
        clearInterval(timer);
        void relaunch();
      });
    }, WATCH_MS);
    timer.unref();
  };

  const adopted = await answers(socketPath);
  if (adopted) watch();
  else await launch();
  const pid = (): number => Number(readFileSync(pidFile, 'utf8'));
  return {
    socketPath,
    appPassword: readFileSync(passwordFile, 'utf8'),
    async stop() {
      stopping = true;
      try {
        const id = pid();
        process.kill(id, 'SIGTERM');
        while (isRunning(id)) await new Promise((done) => setTimeout(done, 50));
      } catch (error) {
        // Already gone: nothing to stop. Anything else is worth saying.
        if (!['ESRCH', 'ENOENT'].includes((error as NodeJS.ErrnoException).code ?? ''))
          process.stderr.write(`cadre: MariaDB could not be stopped: ${(error as Error).message}\n`);
      }
      giveBack();
    },
  };
}
