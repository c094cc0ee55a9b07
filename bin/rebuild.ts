import { rebuild } from '@cadre/server/app';
import { runCommand, say } from './say';
import { withStore } from './with-store';

// Makes every projection again from the record.
await runCommand(() =>
  withStore(async (source) => {
    say(`Rebuilt from ${await rebuild(source)} entries.`);
  }),
);
