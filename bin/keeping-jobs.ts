import type { DataSource } from 'typeorm';
import { DAY_MS } from '@cadre/core/time';
import { anchorNow, createServices } from '@cadre/server/app';
import type { RecordKey } from '@cadre/server/platform/event-log';
import type { Job } from '@cadre/server/platform/jobs';
import type { Settings } from '@cadre/server/platform/settings';
import { backupPlace } from './backup-place';
import type { DatabaseServer } from './database-server';
import { makeBackup } from './make-backup';
import { keepRemovedNames } from './removed-names';
import { anchorFile, anchorsIn, keepAnchor } from './record-key';
import { say } from './say';

interface Keeping {
  readonly source: DataSource;
  readonly server: DatabaseServer | null;
  readonly settings: Settings;
  readonly recordKey: RecordKey;
  readonly now: () => number;
}

/** Anchors the record once a day, from when the last anchor was written. */
async function anchorDaily({ source, settings, recordKey, now }: Keeping): Promise<void> {
  const { dataDir, anchorDir } = backupPlace(settings);
  const last = anchorsIn(anchorFile(dataDir)).at(-1);
  if (last && now() - last.at < DAY_MS) return;
  keepAnchor(dataDir, await anchorNow(source, now(), recordKey), anchorDir);
}

/** Who has no name any more stays without one, whatever backup is restored. */
export async function keepNames({ source, settings, recordKey, now }: Keeping): Promise<void> {
  const { dataDir, anchorDir } = backupPlace(settings);
  const { ownData } = createServices(source, now, recordKey);
  const again = await keepRemovedNames(ownData, [dataDir, anchorDir]);
  if (again > 0) say(`${again} names removed again that a backup had brought back.`);
}

/** What happens with no page open to keep the record: an anchor a day, and a backup at the hour that is set. */
export function keepingJobs(of: Keeping): readonly Job[] {
  const { source, server, settings, now } = of;
  let backedUpOn = '';
  const backUp = async (): Promise<void> => {
    const time = new Date(now());
    const day = time.toDateString();
    if (!server || time.getHours() !== settings.backupHour || backedUpOn === day) return;
    backedUpOn = day;
    const { file } = await makeBackup(source, server, backupPlace(settings), now());
    say(`Backup written: ${file}`);
  };
  return [
    { name: 'anchor the record', run: () => anchorDaily(of) },
    { name: 'keep the list of removed names', run: () => keepNames(of) },
    ...(settings.backupHour === null ? [] : [{ name: 'make the nightly backup', run: backUp }]),
  ];
}
