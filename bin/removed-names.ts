import { appendFileSync, existsSync, mkdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Services } from '@cadre/server/app';

/** Lies beside the database, and in the second folder if there is one: a backup from before a name was removed does not know of it. */
const FILE = 'removed-names.txt';

const idsIn = (folder: string): readonly string[] => {
  const file = join(folder, FILE);
  return existsSync(file) ? readFileSync(file, 'utf8').split('\n').filter(Boolean) : [];
};

/** Removes names again that a restored backup brought back, and adds to the lists whose were removed since. Answers how many came back. */
export async function keepRemovedNames(
  ownData: Pick<Services['ownData'], 'removed' | 'removeAgain'>,
  folders: readonly (string | null)[],
): Promise<number> {
  const places = folders.filter((folder) => folder !== null);
  const again = await ownData.removeAgain([...new Set(places.flatMap(idsIn))]);
  const removed = await ownData.removed();
  for (const folder of places) {
    const known = new Set(idsIn(folder));
    const missing = removed.filter((id) => !known.has(id));
    if (missing.length === 0) continue;
    mkdirSync(folder, { recursive: true });
    appendFileSync(join(folder, FILE), missing.map((id) => `${id}\n`).join(''));
  }
  return again;
}
