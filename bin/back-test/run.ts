import { say } from '../say';
import { backTest, CHANGES, pooled, saidOf, SHAPES } from './back-test';

// Tries the wear forecast on made-up series with known truth: how often its 80 % interval holds it, and how often a change of pace is said.
//   npm run back-test              4000 series a cell: fewer tell a cell's coverage to a percent or two only
//   npm run back-test -- 2000 7    so many a cell, from another seed
const [each = '4000', seed = '20260610'] = process.argv.slice(2);
const cells = backTest(Number(each), Number(seed));
const percent = (share: number): string => `${(share * 100).toFixed(1)} %`.padStart(7);
say('shape      readings  series  covered  middle width, of what was left');
for (const { shape, readings, series, covered, width } of cells) {
  const count = readings.length > 1 ? `${readings[0]} to ${readings.at(-1)}` : String(readings[0]);
  say(
    `${shape.padEnd(10)} ${count.padStart(8)}  ${String(series).padStart(6)}  ${percent(covered)}  ${(width * 100).toFixed(0).padStart(4)} %`,
  );
}
const many = SHAPES.map(
  (shape) =>
    [shape, pooled(cells.filter((cell) => cell.shape === shape && cell.readings.length > 1))] as const,
);
say(`\npooled ${percent(pooled(cells))} (wanted: 75 to 85), every cell from 75`);
for (const [shape, covered] of many)
  say(`${shape.padEnd(10)} from 5 readings ${percent(covered)} (wanted: 75 to 85)`);

say('\na change of pace is said, two readings after it');
say(`${''.padEnd(10)} ${CHANGES.map((change) => change.padStart(8)).join('')}`);
const said = SHAPES.map(
  (shape, at) =>
    [
      shape,
      CHANGES.map((change, row) => saidOf(change, shape, Number(each), Number(seed) + at * 31 + row)),
    ] as const,
);
for (const [shape, shares] of said) say(`${shape.padEnd(10)} ${shares.map(percent).join(' ')}`);
const falseAlarms = said.map(([, [none = 1]]) => none);
say(`false alarms at most ${percent(Math.max(...falseAlarms))} (wanted: 5 or less)`);

const isIn = (share: number): boolean => share >= 0.75 && share <= 0.85;
const ok =
  cells.every((cell) => cell.covered >= 0.75) &&
  isIn(pooled(cells)) &&
  many.every(([, share]) => isIn(share)) &&
  Math.max(...falseAlarms) <= 0.05;
process.exitCode = ok ? 0 : 1;
