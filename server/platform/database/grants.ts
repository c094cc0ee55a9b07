import type { DataSource } from 'typeorm';

/**
 * Makes the application's user and gives it the least it can work with: it reads and adds everywhere,
 * changes and removes only in tables that are not the record. This database cannot take a right on one
 * table out of a right on all, so the rights are given table by table.
 */
export async function grantLeast(
  owner: DataSource,
  {
    user,
    password,
    database,
    appendOnly,
  }: {
    readonly user: string;
    readonly password: string;
    readonly database: string;
    readonly appendOnly: readonly string[];
  },
): Promise<void> {
  const account = `'${user}'@'localhost'`;
  await owner.query(`CREATE USER IF NOT EXISTS ${account} IDENTIFIED BY '${password}'`);
  await owner.query(`ALTER USER ${account} IDENTIFIED BY '${password}'`);
  await owner.query(`GRANT SELECT, INSERT ON \`${database}\`.* TO ${account}`);
  const tables = await owner.query<
    {
      name: string;
    }[]
  >('SELECT table_name AS name FROM information_schema.tables WHERE table_schema = ?', [database]);
  for (const { name } of tables.filter(
    (table) => !appendOnly.includes(table.name) && table.name !== 'migration_step',
  )) {
    await owner.query(`GRANT UPDATE, DELETE ON \`${database}\`.\`${name}\` TO ${account}`);
  }
}

/** Whether this connection could rewrite the record: true only when rights were given by hand too wide. */
export async function mayRewriteRecord(source: DataSource, appendOnly: readonly string[]): Promise<boolean> {
  const wide = new RegExp(`ON (\\*\\.\\*|\`[^\`]+\`\\.\\*|\`[^\`]+\`\\.\`(${appendOnly.join('|')})\`)`);
  const grants = await source.query<Record<string, string>[]>('SHOW GRANTS');
  return grants
    .map((row) => Object.values(row)[0] ?? '')
    .some((grant) => /ALL PRIVILEGES|\bUPDATE\b|\bDELETE\b/.test(grant) && wide.test(grant));
}
