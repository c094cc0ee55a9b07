import type { StoredEvent } from './events';
import type { EntryRow } from './entities';

/** An entry as what it says. */
export function storedEvent(row: EntryRow): StoredEvent {
  return {
    id: row.id,
    kind: row.kind,
    body: JSON.parse(row.body) as object,
    author: row.author,
    happenedAt: row.happenedAt.getTime(),
    recordedAt: row.recordedAt.getTime(),
  };
}
