import { readdirSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
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
          // A loop whose end was turned may never end: after a hundred million turns it throws, which is being caught.
          const ends = '((turnsTaken += 1) > 1e8 ? neverEnds() :';
          const counter = `let turnsTaken = 0;\nfunction neverEnds(): never { throw new Error('never ends'); }\n`;
          return `${counter}${code.slice(0, flip.start)}${ends} ${flip.instead})${code.slice(flip.end)}`;
        },
      },
    ],
  },
);
const specifications = await vitest.globTestSpecifications();

type Specifications = typeof specifications;

/** Whether these tests fail with this comparison turned. */
async function fail(turned: Flip | null, tests: Specifications): Promise<boolean> {
  flip = turned;
  if (turned) vitest.invalidateFile(resolve(turned.file));
  const result = await vitest.runTestSpecifications([...tests]);
  if (turned) vitest.invalidateFile(resolve(turned.file));
  flip = null;
  return result.unhandledErrors.length > 0 || result.testModules.some((module) => !module.ok());
}

/** The tests beside the file catch most flips in a second; only what they let through needs all of them. */
async function isCaught(turned: Flip): Promise<boolean> {
  const beside = specifications.filter((each) => dirname(each.moduleId) === resolve(dirname(turned.file)));
  return (beside.length > 0 && (await fail(turned, beside))) || (await fail(turned, specifications));
}

process.env.TZ = 'Pacific/Auckland';
if (flips.length === 0) throw new Error('nothing to flip: are these the files?');
if (await fail(null, specifications))
  throw new Error('the tests fail as they are: nothing can be told of flips');
const survivors: Flip[] = [];
const caughtIn = new Map<string, number>();
for (const each of flips) {
  // A run may still hold what it had loaded: what survives is turned once more.
  if ((await isCaught(each)) || (await isCaught(each))) {
    caughtIn.set(each.file, (caughtIn.get(each.file) ?? 0) + 1);
    say(`caught    ${each.file}:${each.line}  ${each.was}  →  ${each.instead}`);
  } else {
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
