import { streamOf } from '@cadre/core/draws';
import { TRACES } from '@cadre/core/shipped';
import { say } from '../say';
import { byEngine, drawCases, expectedMinutes, inOrder, leastMinutes } from './evaluate';

// Every shipped search for a cause: expected minutes beside the best way there is and beside asking in order, and how often the true cause stands first.
//   npm run traces           10,000 cases of the fixed seed each
//   npm run traces -- 7      those of another
const CASES = 10_000;
/** Most minutes beside the best way, and least share of what asking everything would find. */
const MOST_BESIDE_BEST = 1.2;
const LEAST_OF_EVERYTHING = 0.95;
const [seed = '20260610'] = process.argv.slice(2);
for (const trace of TRACES) {
  const draw = streamOf(Number(seed));
  const minutes = expectedMinutes(trace, byEngine);
  const ordered = expectedMinutes(trace, inOrder);
  const least = leastMinutes(trace);
  const [honest, wrong] = [0, 0.1].map((slips) => drawCases(trace, CASES, slips, draw));
  const found = [honest, wrong].map((each) => (each ? each.engine.right / each.everything.right : 0));
  const over =
    (least !== null && minutes > MOST_BESIDE_BEST * least) ||
    minutes > ordered + 1e-9 ||
    found.some((each) => each < LEAST_OF_EVERYTHING);
  if (over) process.exitCode = 1;
  const percent = (share: number | undefined): string => `${((share ?? 0) * 100).toFixed(1)} %`;
  say(
    `${over ? 'OVER  ' : 'within'} ${trace.key.padEnd(20)} ${minutes.toFixed(2)} min, best ${least === null ? 'too many states' : `${least.toFixed(2)} (× ${(minutes / least).toFixed(2)})`}, in order ${ordered.toFixed(2)}; true cause first ${percent(honest?.engine.right)} of ${percent(honest?.everything.right)}, one in ten wrong ${percent(wrong?.engine.right)} of ${percent(wrong?.everything.right)}`,
  );
}
