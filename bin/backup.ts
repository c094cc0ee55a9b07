import { backupPlace } from './backup-place';
import { makeBackup } from './make-backup';
import { readSettings } from './read-settings';
import { PlainError, runCommand, say } from './say';
import { programClock } from './program-clock';
import { withStore } from './with-store';

// Writes a backup of the database, while Cadre runs or not.
await runCommand(() =>
  withStore(async (source, server) => {
    if (!server)
      throw new PlainError(
        'This database is not run by Cadre (CADRE_DATABASE_URL).',
        'Back it up the way its own server is backed up, and run "npm run anchor" each time.',
      );
    const settings = readSettings();
    const { file, bytes } = await makeBackup(
      source,
      server,
      backupPlace(settings),
      (await programClock(source, settings))(),
    );
    say(
      `Backup written: ${file} (${(bytes / 1e6).toFixed(1)} MB${settings.backupPassphrase ? ', encrypted' : ''}).`,
    );
    if (!settings.backupPassphrase)
      say('It is not encrypted: set CADRE_BACKUP_PASSPHRASE where others could read the file.');
  }),
);
