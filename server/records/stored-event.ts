import type { StoredEvent } from './bodies';
import type { EntryRow } from './entities';

/** An entry as what it says. */
export function storedEvent(row: EntryRow): StoredEvent {
  return {
    id: row.id,
    kind: row.kind,
    body: JSON.parse(row.body) as unknown,
    author: row.author,
    happenedAt: row.happenedAt.getTime(),
    recordedAt: row.recordedAt.getTime(),
  } as StoredEvent;
}
