import { readdirSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { createVitest } from 'vitest/node';
import { say } from '../say';
import { flipsOf, type Flip } from './flips';
import { rowsOf } from './rows';

// Turns every limit comparison of measures, judging and planning in turn, or takes every row out of the catalogue's tables, and tells whether a test catches it. The source
// on disk stays as it is.
//   npm run flips                 all comparisons
//   npm run flips -- chain.ts     of one file
//   npm run flips -- rows         every row of what disturbs what
const FOLDERS = ['measures', 'findings', 'fitness', 'repairs', 'rounds', 'schedule', 'wear'].map(
  (folder) => `core/${folder}`,
);
const TABLES = ['core/shipped/checkpoints', 'core/catalogue/work.ts', 'core/repairs/part-touches.ts'];
const ROW_TESTS = ['core/shipped/disturbed.test.ts', 'core/repairs/costs.test.ts'];
const [mode, ...rest] = process.argv.slice(2);
const ofRows = mode === 'rows';
const only = ofRows ? rest : process.argv.slice(2);

const inFolder = (path: string): readonly string[] =>
  path.endsWith('.ts') ? [path] : readdirSync(path).map((name) => join(path, name));
const files = (ofRows ? TABLES : FOLDERS)
  .flatMap(inFolder)
  .filter((file) => file.endsWith('.ts') && !file.endsWith('.test.ts'))
  .filter((file) => only.length === 0 || only.some((name) => file.endsWith(name)));
const flips = files.flatMap(ofRows ? rowsOf : flipsOf);

let flip: Flip | null = null;
const vitest = await createVitest(
  'test',
  {
    config: false,
    watch: false,
    root: process.cwd(),
    include: ofRows
      ? ROW_TESTS
      : ['core/{measures,findings,fitness,line,repairs,rounds,schedule,wear}/*.test.ts'],
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
  if ((await isCaught(each)) || (await isCaught(each)))
    caughtIn.set(each.file, (caughtIn.get(each.file) ?? 0) + 1);
  else {
    survivors.push(each);
    say(`SURVIVED  ${each.file}:${each.line}  ${each.was}  →  ${each.instead}`);
  }
}
await vitest.close();

say('\nfile                                     flips  caught');
for (const file of files) {
  const all = flips.filter((each) => each.file === file).length;
  if (all > 0)
    say(`${file.padEnd(40)} ${String(all).padStart(5)}  ${String(caughtIn.get(file) ?? 0).padStart(6)}`);
}
say(`\n${flips.length} flips, ${flips.length - survivors.length} caught, ${survivors.length} survived`);
process.exitCode = survivors.length > 0 ? 1 : 0;
