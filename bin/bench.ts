import { benchmarks } from '../bench/fitness';
import { say } from './say';

// Benchmarks with their floors in the same run. Over budget ends with 1. Not part of npm test.
const results = benchmarks();
for (const { name, ms, floorMs, mostMs } of results)
  say(
    `${ms > mostMs ? 'OVER  ' : 'within'}  ${name.padEnd(46)} ${ms.toFixed(2).padStart(9)} ms   floor ${floorMs.toFixed(3).padStart(7)} ms   at most ${mostMs} ms`,
  );
process.exitCode = results.some((result) => result.ms > result.mostMs) ? 1 : 0;
