import { join } from 'node:path';
import type { Settings } from '@cadre/server/platform/settings';
import { dataDirOf } from './database-server';
import type { BackupPlace } from './make-backup';

/** Where backups go and how many stay, by the settings. */
export function backupPlace(settings: Settings): BackupPlace {
  const dataDir = dataDirOf(settings);
  return {
    dataDir,
    anchorDir: settings.anchorDir,
    folder: settings.backupDir ?? join(dataDir, 'backups'),
    passphrase: settings.backupPassphrase,
    keep: settings.backupKeep,
  };
}
