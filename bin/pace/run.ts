import { say } from '../say';
import { simulatePace } from './simulate';

// Plays made-up mornings against the projected finish: how often its 80 % interval holds the truth, by hands and bikes.
//   npm run pace               1200 mornings a row
//   npm run pace -- 300 7      so many, from another seed
const [mornings = '1200', seed = '20260610'] = process.argv.slice(2);
const LEAST = 0.75;
const MOST = 0.85;
say('hands  bikes  inside  earlier  later');
const rows = [1, 2, 3, 4].flatMap((hands) =>
  [3, 10, 20, 40].map((left, at) =>
    simulatePace(hands, left, Number(mornings), Number(seed) + hands * 101 + at),
  ),
);
const percent = (share: number): string => `${(share * 100).toFixed(1)} %`.padStart(7);
for (const row of rows)
  say(
    `${String(row.hands).padStart(5)}  ${String(row.left).padStart(5)} ${percent(row.inside)}  ${percent(row.before)} ${percent(row.after)}`,
  );
const off = rows.filter((row) => row.inside < LEAST || row.inside > MOST);
say(`\n${rows.length} rows, ${off.length} outside 75 to 85 %`);
process.exitCode = off.length > 0 ? 1 : 0;
