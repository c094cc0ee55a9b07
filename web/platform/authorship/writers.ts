import { v7 as newId } from 'uuid';
import { localDb, type SavedWriter } from '@cadre/web/platform/local-db';

/** Series of this browser as last read: what is shown at once needs a number before the disk has answered. */
const known = new Map<string, { id: string; counter: number }>();

/** The series of a person on this browser. Call it in a transaction that writes to `writers`. */
export async function writerOf(personId: string): Promise<SavedWriter> {
  const found = await localDb.writers.where('personId').equals(personId).last();
  if (found) return found;
  const writer: SavedWriter = { id: newId(), personId, counter: 0, previous: null, entry: null };
  await localDb.writers.put(writer);
  return writer;
}

/** Takes numbers for items of a person, in the transaction that stores them: no two items ever have the same. */
export async function takeCounters(personId: string, many: number): Promise<{ id: string; first: number }> {
  const writer = await writerOf(personId);
  await localDb.writers.update(writer.id, { counter: writer.counter + many });
  known.set(personId, { id: writer.id, counter: writer.counter + many });
  return { id: writer.id, first: writer.counter + 1 };
}

/** Where an item will stand that is shown before it is stored. Storing it settles its number. */
export function likelyPlace(personId: string): { readonly writerId: string; readonly counter: number } {
  const series = known.get(personId) ?? { id: personId, counter: 0 };
  series.counter += 1;
  known.set(personId, series);
  return { writerId: series.id, counter: series.counter };
}

/** Reads a person's series ahead of their first mark. */
export async function readWriter(personId: string): Promise<SavedWriter> {
  const writer = await localDb.transaction('rw', localDb.writers, () => writerOf(personId));
  known.set(personId, { id: writer.id, counter: writer.counter });
  return writer;
}

/** The number of a person's last item here, told when they leave: what they said until then is shown to be earlier. */
export async function lastCounter(personId: string): Promise<number | undefined> {
  return (await localDb.writers.where('personId').equals(personId).last())?.counter;
}
