import { anchorNow } from '@cadre/server/app';
import { anchorWords } from '@cadre/server/platform/event-log';
import { keepAnchor, recordKeyIn } from './record-key';
import { readSettings } from './read-settings';
import { dataDirOf } from './database-server';
import { runCommand, say } from './say';
import { programClock } from './program-clock';
import { withStore } from './with-store';

// Writes down where every chain of the record stands now, signed, outside the database.
await runCommand(() =>
  withStore(async (source) => {
    const settings = readSettings();
    const dataDir = dataDirOf(settings);
    const anchor = await anchorNow(source, (await programClock(source, settings))(), recordKeyIn(dataDir));
    keepAnchor(dataDir, anchor, settings.anchorDir);
    say(`Anchored ${anchor.heads.length} chains. Write this down: ${anchorWords(anchor)}`);
  }),
);
