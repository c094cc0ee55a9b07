import { In, LessThan, Not, type DataSource } from 'typeorm';
import { entryEntity, type EntryRow } from '@cadre/server/platform/event-log';

/** What happened to a bike, newest first. */
export async function timelineOf(
  source: DataSource,
  bikeId: string,
  {
    before,
    kinds,
    most,
  }: { readonly before?: number | undefined; readonly kinds: 'told' | 'all'; readonly most: number },
  quiet: readonly string[],
): Promise<{ entries: EntryRow[]; next: number | null }> {
  const rows = await source.getRepository(entryEntity).find({
    where: {
      bikeId,
      ...(before === undefined ? {} : { ordinal: LessThan(before) }),
      ...(kinds === 'told' ? { kind: Not(In([...quiet])) } : {}),
    },
    order: { ordinal: 'DESC' },
    take: most + 1,
  });
  return {
    entries: rows.slice(0, most),
    next: rows.length > most ? (rows[most - 1]?.ordinal ?? null) : null,
  };
}
