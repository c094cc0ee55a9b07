import { readdirSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { createVitest } from 'vitest/node';
import { say } from '../say';
import { flipsOf, type Flip } from './flips';

// Turns every limit comparison of measures and judging in turn, and tells whether a test catches it. The source on disk stays as it is.
//   npm run flips                 all of them
//   npm run flips -- chain.ts     one file
const FOLDERS = ['core/measures', 'core/findings', 'core/fitness'];
const only = process.argv.slice(2);

const files = FOLDERS.flatMap((folder) => readdirSync(folder).map((name) => join(folder, name)))
  .filter((file) => file.endsWith('.ts') && !file.endsWith('.test.ts'))
  .filter((file) => only.length === 0 || only.some((name) => file.endsWith(name)));
const flips = files.flatMap(flipsOf);

let flip: Flip | null = null;
const vitest = await createVitest(
  'test',
  {
    config: false,
    watch: false,
    root: process.cwd(),
    include: ['core/{measures,findings,fitness,line,repairs}/*.test.ts'],
    pool: 'threads',
    isolate: false,
    maxWorkers: 2,
    bail: 1,
    reporters: [{}],
  },
  {
    plugins: [
      {
        name: 'flip',
        enforce: 'pre' as const,
        transform(code: string, id: string) {
          if (!flip || id.split('?')[0] !== resolve(flip.file)) return null;
          return `${code.slice(0, flip.start)}${flip.instead}${code.slice(flip.end)}`;
        },
      },
    ],
  },
);
const specifications = await vitest.globTestSpecifications();

/** Whether the tests fail with this comparison turned. */
async function isCaught(turned: Flip | null): Promise<boolean> {
  flip = turned;
  if (turned) vitest.invalidateFile(resolve(turned.file));
  const result = await vitest.runTestSpecifications([...specifications]);
  if (turned) vitest.invalidateFile(resolve(turned.file));
  flip = null;
  return result.unhandledErrors.length > 0 || result.testModules.some((module) => !module.ok());
}

process.env.TZ = 'Pacific/Auckland';
if (flips.length === 0) throw new Error('nothing to flip: are these the files?');
if (await isCaught(null)) throw new Error('the tests fail as they are: nothing can be told of flips');
const survivors: Flip[] = [];
const caughtIn = new Map<string, number>();
for (const each of flips) {
  // A run may still hold what it had loaded: what survives is turned once more.
  if ((await isCaught(each)) || (await isCaught(each))) caughtIn.set(each.file, (caughtIn.get(each.file) ?? 0) + 1);
  else {
    survivors.push(each);
    say(`SURVIVED  ${each.file}:${each.line}  ${each.was}  →  ${each.instead}`);
  }
}
await vitest.close();

say('\nfile                                     flips  caught');
for (const file of files) {
  const all = flips.filter((each) => each.file === file).length;
  if (all > 0) say(`${file.padEnd(40)} ${String(all).padStart(5)}  ${String(caughtIn.get(file) ?? 0).padStart(6)}`);
}
say(`\n${flips.length} flips, ${flips.length - survivors.length} caught, ${survivors.length} survived`);
process.exitCode = survivors.length > 0 ? 1 : 0;
