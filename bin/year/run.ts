import { demoBikes, demoBuild } from '@cadre/test-world/demo';
import { say } from '../say';
import { simulateYear } from './simulate';

// A year of services on the demo fleet: done by rule, none twice, none lost, none overdue past the next afternoon.
//   npm run year               the year of the fixed seed
//   npm run year -- 7          another one
const [seed = '20260610'] = process.argv.slice(2);
const fleet = demoBikes.map((bike) => ({ tag: bike.tag, siteId: 'boathouse', build: demoBuild(bike) }));
const rows = simulateYear(
  fleet,
  [
    { siteId: 'boathouse', climate: 'wet', from: '11-01', to: '03-31' },
    { siteId: 'boathouse', climate: 'dusty', from: '07-01', to: '08-15' },
  ],
  'Europe/London',
  Number(seed),
);
say('service                                   bikes   done  days between  twice  unseen  lost');
for (const row of rows)
  say(
    `${row.service.padEnd(40)} ${String(row.bikes).padStart(6)} ${String(row.done).padStart(6)} ${row.daysBetween.toFixed(1).padStart(13)} ${String(row.twice).padStart(6)} ${String(row.unseen).padStart(7)} ${String(row.lost).padStart(5)}`,
  );
const wrong = rows.reduce((sum, row) => sum + row.twice + row.unseen + row.lost, 0);
say(
  `\n${fleet.length} bikes, 365 days, ${rows.reduce((sum, row) => sum + row.done, 0)} services, ${wrong} wrong`,
);
process.exitCode = wrong > 0 ? 1 : 0;
