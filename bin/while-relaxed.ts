import { createConnection } from 'mysql2/promise';

/**
 * Every commit on the disk before it is answered. Asked for at each start: a Cadre killed while it filled the demo
 * leaves its database running relaxed, and the next one takes that database over.
 */
export async function makeDurable(socketPath: string): Promise<void> {
  const root = await createConnection({ socketPath, user: 'root' });
  await root.query('SET GLOBAL innodb_flush_log_at_trx_commit = 1');
  await root.end();
}

/**
 * Runs what could be made anew at any time (the demo world) without the disk being waited for at every
 * commit; from then on each commit is on the disk again before it is answered.
 */
export async function whileRelaxed<T>(socketPath: string, run: () => Promise<T>): Promise<T> {
  const root = await createConnection({ socketPath, user: 'root' });
  await root.query('SET GLOBAL innodb_flush_log_at_trx_commit = 0');
  try {
    return await run();
  } finally {
    await root.query('SET GLOBAL innodb_flush_log_at_trx_commit = 1');
    await root.end();
  }
}
