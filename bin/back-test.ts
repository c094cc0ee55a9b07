import { backTest } from '@cadre/core/wear';
import { say } from './say';

// Tries the wear forecast on made-up series with known truth: how often its 80 % interval holds it.
//   npm run back-test              500 series of each shape
//   npm run back-test -- 2000 7    so many of each, from another seed
const [each = '500', seed = '20260610'] = process.argv.slice(2);
const rows = backTest(Number(each), Number(seed));
say('shape      series  covered  middle width, of what was left');
for (const row of rows)
  say(
    `${row.shape.padEnd(10)} ${String(row.series).padStart(6)}  ${(row.covered * 100).toFixed(1).padStart(5)} %  ${(row.width * 100).toFixed(0).padStart(4)} %`,
  );
const all = rows.reduce((sum, row) => sum + row.series, 0);
const covered = rows.reduce((sum, row) => sum + row.covered * row.series, 0) / all;
say(`\n${all} series, covered ${(covered * 100).toFixed(1)} % (wanted: 75 to 85)`);
process.exitCode = covered >= 0.75 && covered <= 0.85 ? 0 : 1;
