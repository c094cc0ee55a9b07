import { projector } from '@cadre/server/projection';
import { rebuildProjections } from '@cadre/server/records';
import { PROJECTIONS } from '@cadre/server/store';
import { runCommand, say } from './say';
import { withStore } from './with-store';

// Makes every projection again from the record.
await runCommand(() =>
  withStore(async (source) => {
    say(`Rebuilt from ${await rebuildProjections(source, projector, PROJECTIONS as never)} entries.`);
  }),
);
