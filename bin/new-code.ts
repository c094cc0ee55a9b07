import { randomInt } from 'node:crypto';
import { createServices } from '@cadre/server/app';
import { dataDirOf } from './database-server';
import { readSettings } from './read-settings';
import { recordKeyIn } from './record-key';
import { PlainError, runCommand, say } from './say';
import { programClock } from './program-clock';
import { withStore } from './with-store';

const LETTERS = 'abcdefghjkmnpqrstuvwxyz23456789';
const newCode = (): string =>
  Array.from({ length: 12 }, () => LETTERS[randomInt(LETTERS.length)])
    .join('')
    .replace(/(.{4})(?=.)/g, '$1-');

// For the operator, when no lead can sign in: a code for one sign-in. It is on record that the operator gave it.
await runCommand(() =>
  withStore(async (source) => {
    const signInName = process.argv[3];
    if (!signInName) throw new PlainError('For whom?', 'npm run new-code -- <sign-in name>');
    const settings = readSettings();
    const { people } = createServices(
      source,
      await programClock(source, settings),
      recordKeyIn(dataDirOf(settings)),
    );
    const code = newCode();
    if (!(await people.recover(signInName, code)))
      throw new PlainError(`Nobody here is called ${signInName}.`, 'Give the name they sign in with.');
    say(`${signInName} signs in once with: ${code}`);
    say('They choose their own code then. They are signed out everywhere.');
  }),
);
