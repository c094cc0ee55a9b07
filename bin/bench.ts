import { benchmarks, type Benchmark } from '../bench/fitness';
import { browserBenchmarks } from '../bench/wall';
import { buildWeb } from './build-web';
import { runCommand, say } from './say';

// Benchmarks with their floors in the same run. Over budget ends with 1. Not part of npm test.
function tell({ name, ms, floorMs, mostMs }: Benchmark): void {
  say(
    `${ms > mostMs ? 'OVER  ' : 'within'}  ${name.padEnd(52)} ${ms.toFixed(1).padStart(9)} ms   floor ${floorMs.toFixed(2).padStart(9)} ms   at most ${mostMs} ms`,
  );
}

await runCommand(async () => {
  buildWeb();
  const results = [...benchmarks(), ...(await browserBenchmarks())];
  results.forEach(tell);
  process.exitCode = results.some((result) => result.ms > result.mostMs) ? 1 : 0;
});
