import { verifyRecord } from '@cadre/server/records';
import { PlainError, runCommand, say } from './say';
import { withStore } from './with-store';

// Walks the record and names the first thing in each chain that was altered.
await runCommand(() =>
  withStore(async (source) => {
    const { entries, marks, faults } = await verifyRecord(source);
    for (const fault of faults) say(`chain ${fault.chain}, entry ${fault.seq}: ${fault.what}`);
    if (faults.length > 0)
      throw new PlainError(
        `The record does not agree with itself in ${faults.length} places.`,
        'Keep this database as it is, and compare it with a backup.',
      );
    say(`The record is whole: ${entries} entries, ${marks} marks.`);
  }),
);
