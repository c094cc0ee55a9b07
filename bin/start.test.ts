import { spawn, spawnSync } from 'node:child_process';
import { chmodSync, existsSync, mkdirSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { createServer, type AddressInfo } from 'node:net';
import { join } from 'node:path';
import { createConnection } from 'mysql2/promise';
import { afterAll, describe, expect, it, vi } from 'vitest';
import { startDatabaseServer } from './database-server';
import { isRunning } from './process-alive';
import { makeDurable, whileRelaxed } from './while-relaxed';

const folder = mkdtempSync('/tmp/cadre-b-');
chmodSync(folder, 0o755);
afterAll(() => rmSync(folder, { recursive: true, force: true }));
const died = (notice: Error): never => {
  throw notice;
};
const isRoot = process.getuid?.() === 0;

function start(env: Record<string, string>): { status: number | null; told: string } {
  const run = spawnSync(process.execPath, ['bin/bootstrap.mjs', 'start'], {
    env: { ...process.env, ...env },
    encoding: 'utf8',
    timeout: 240_000,
  });
  return { status: run.status, told: run.stdout + run.stderr };
}

describe('npm start says plainly', () => {
  it('which settings are wrong, all at once, before anything starts', { timeout: 250_000 }, () => {
    const { status, told } = start({ CADRE_PORT: 'many', CADRE_DEMO: '2', CADRE_TLS_KEY: '/k.pem' });
    expect(status).toBe(1);
    expect(told).toContain('3 settings are wrong');
    for (const name of ['CADRE_PORT', 'CADRE_DEMO', 'CADRE_TLS_CERT']) expect(told).toContain(name);
    expect(told).not.toContain('MariaDB');
  });

  it('that the database given cannot be used', { timeout: 250_000 }, () => {
    const { status, told } = start({ CADRE_DATABASE_URL: 'mariadb://nobody:x@127.0.0.1:1/none' });
    expect(status).toBe(1);
    expect(told).toContain('CADRE_DATABASE_URL cannot be used');
  });

  it('that the port is taken, and stops the database it had started', async () => {
    const squatter = createServer();
    await new Promise<void>((done) => squatter.listen(0, '127.0.0.1', done));
    const { port } = squatter.address() as AddressInfo;
    const dataDir = join(folder, 'taken');
    // Asynchronously: the squatter lives in this very process.
    const child = spawn(process.execPath, ['bin/bootstrap.mjs', 'start'], {
      env: { ...process.env, CADRE_PORT: String(port), CADRE_DATA_DIR: dataDir, CADRE_DEMO: '0' },
    });
    let told = '';
    child.stdout.on('data', (chunk: Buffer) => (told += chunk.toString()));
    child.stderr.on('data', (chunk: Buffer) => (told += chunk.toString()));
    const status = await new Promise((done) => child.once('exit', done));
    squatter.close();
    expect(status).toBe(1);
    expect(told).toContain(`Port ${port} is taken`);
    expect(existsSync(join(dataDir, 'in-use'))).toBe(false);
    expect(existsSync(join(dataDir, 'db', 's.sock'))).toBe(false);
  }, 90_000);
});

describe('the database server', () => {
  it.runIf(isRoot)('is not started over a folder its user cannot reach', async () => {
    const closed = join(folder, 'closed');
    mkdirSync(closed, { mode: 0o700 });
    await expect(startDatabaseServer({ dataDir: join(closed, 'data'), died })).rejects.toThrow(
      'cannot be reached by the user "mysql"',
    );
  });

  it('is not started over a path too long for its socket', async () => {
    await expect(startDatabaseServer({ dataDir: join(folder, 'x'.repeat(90)), died })).rejects.toThrow(
      'too long for a socket',
    );
  });

  it('left behind by a killed Cadre is taken over, and a folder in use is refused', async () => {
    const dataDir = join(folder, 'left');
    const script = `import { startDatabaseServer } from './bin/database-server.ts'; await startDatabaseServer({ dataDir: ${JSON.stringify(dataDir)}, relaxed: true, died: (e) => { throw e; } }); console.log('up'); setInterval(() => {}, 1000);`;
    const first = spawn(process.execPath, ['--import', 'tsx', '--input-type=module', '-e', script], {
      stdio: ['ignore', 'pipe', 'inherit'],
    });
    await new Promise((done) => first.stdout?.once('data', done));
    await expect(startDatabaseServer({ dataDir, died })).rejects.toThrow(`process ${first.pid}`);
    const pid = readFileSync(join(dataDir, 'db', 'mariadbd.pid'), 'utf8').trim();
    const gone = new Promise((done) => first.once('exit', done));
    first.kill('SIGKILL');
    await gone;
    const second = await startDatabaseServer({ dataDir, relaxed: true, died });
    expect(readFileSync(join(dataDir, 'db', 'mariadbd.pid'), 'utf8').trim()).toBe(pid);
    await second.stop();
    expect(isRunning(Number(pid))).toBe(false);
  }, 90_000);

  it('that dies is started again, with what was committed', async () => {
    const dataDir = join(folder, 'dies');
    const server = await startDatabaseServer({ dataDir, relaxed: true, died });
    const pid = (): number => Number(readFileSync(join(dataDir, 'db', 'mariadbd.pid'), 'utf8'));
    const ask = async (sql: string): Promise<unknown> => {
      const connection = await createConnection({ socketPath: server.socketPath, user: 'root' });
      const [rows] = await connection.query(sql);
      await connection.end();
      return rows;
    };
    await ask('CREATE DATABASE kept');
    // Relaxed while the demo is filled, also when that fails; a start over one left relaxed makes it durable.
    const flush = async (): Promise<string> =>
      JSON.stringify(await ask('SELECT @@innodb_flush_log_at_trx_commit AS waits'));
    await expect(
      whileRelaxed(server.socketPath, async () => Promise.reject(new Error(await flush()))),
    ).rejects.toThrow('"waits":0');
    expect(await flush()).toContain('"waits":1');
    await ask('SET GLOBAL innodb_flush_log_at_trx_commit = 0');
    await makeDurable(server.socketPath);
    expect(await flush()).toContain('"waits":1');
    const first = pid();
    process.kill(first, 'SIGKILL');
    await vi.waitFor(async () => expect(JSON.stringify(await ask('SHOW DATABASES'))).toContain('kept'), {
      timeout: 40_000,
      interval: 200,
    });
    expect(pid()).not.toBe(first);
    await server.stop();
    expect(existsSync(join(dataDir, 'db', 's.sock'))).toBe(false);
  }, 90_000);
});
