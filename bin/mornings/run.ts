import { demoBikes, demoBuild } from '@cadre/test-world/demo';
import { say } from '../say';
import { simulateMornings } from './simulate';

// A year of ride-outs on the demo fleet, asked whole and by exposure, with faults planted by a second table of causes: none may be left unasked.
//   npm run mornings           the year of the fixed seed
//   npm run mornings -- 7      another one
const [seed = '20260610'] = process.argv.slice(2);
const fleet = demoBikes.map((bike) => ({ tag: bike.tag, build: demoBuild(bike) }));
for (const lockedAway of [true, false]) {
  const { checks, minutesWhole, minutesAsked, planted, unasked } = simulateMornings(fleet, {
    seed: Number(seed),
    days: 365,
    lockedAway,
  });
  say(
    `${lockedAway ? 'locked away at night ' : 'not locked away      '} ${checks} ride-outs of ${fleet.length} bikes: ${Math.round(minutesWhole / 365)} min a morning whole, ${Math.round(minutesAsked / 365)} by exposure; ${planted} faults planted, ${unasked.length} not asked about`,
  );
  unasked.slice(0, 10).forEach((each) => say(`  ${each}`));
  if (unasked.length > 0) process.exitCode = 1;
}
