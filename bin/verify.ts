import { verify } from '@cadre/server/app';
import { PlainError, runCommand, say } from './say';
import { withStore } from './with-store';

// Walks the record and names the first thing in each chain that was altered.
await runCommand(() =>
  withStore(async (source) => {
    const { entries, covered, faults } = await verify(source);
    for (const fault of faults) say(`chain ${fault.chain}, entry ${fault.seq}: ${fault.what}`);
    if (faults.length > 0)
      throw new PlainError(
        `The record does not agree with itself in ${faults.length} places.`,
        'Keep this database as it is, and compare it with a backup.',
      );
    const others = Object.entries(covered).map(([name, count]) => `, ${count} ${name}`);
    say(`The record is whole: ${entries} entries${others.join('')}.`);
  }),
);
