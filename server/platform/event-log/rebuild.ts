import { MoreThan, type DataSource, type EntityManager, type EntitySchema } from 'typeorm';
import { entryEntity, type EntryRow } from './entities';
import type { Projector } from './event-log';
import { storedEvent } from './stored-event';

/** So many entries are in memory at a time. */
const PAGE = 1000;

/** Empties every projection and makes it again from the record alone, in one transaction. `look` sees each entry while the rows are as they were before it. */
export async function rebuildProjections(
  source: DataSource,
  projector: Projector,
  projections: readonly EntitySchema<object>[],
  look?: (tx: EntityManager, row: EntryRow) => Promise<void>,
): Promise<number> {
  return source.transaction('READ COMMITTED', async (tx) => {
    // Rows are removed one table at a time, so the checks between tables wait until all is there again.
    await tx.query('SET foreign_key_checks = 0');
    for (const projection of projections)
      await tx.query(`DELETE FROM \`${projection.options.tableName ?? projection.options.name}\``);
    projector.beginReplay(tx);
    let done = 0;
    for (let last = 0; ;) {
      const rows = await tx
        .getRepository(entryEntity)
        .find({ where: { ordinal: MoreThan(last) }, order: { ordinal: 'ASC' }, take: PAGE });
      for (const row of rows) {
        await look?.(tx, row);
        await projector.apply(tx, [storedEvent(row)]);
      }
      done += rows.length;
      if (rows.length < PAGE) break;
      last = rows.at(-1)?.ordinal ?? last;
    }
    await projector.endReplay(tx);
    await tx.query('SET foreign_key_checks = 1');
    return done;
  });
}
