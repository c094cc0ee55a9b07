import type { Benchmark } from '../bench/best';
import { benchmarks } from '../bench/fitness';
import { measureBenchmarks } from '../bench/measures';
import { browserBenchmarks } from '../bench/wall';
import { buildWeb } from './build-web';
import { runCommand, say } from './say';

// Benchmarks with their floors in the same run. Over budget ends with 1. Not part of npm test.
function tell({ name, ms, floorMs, mostMs, things }: Benchmark): void {
  const rate =
    things === undefined
      ? ''
      : `   ${Math.round((things / ms) * 1000).toLocaleString('en')} a second, floor ${Math.round((things / Math.max(floorMs, 1e-3)) * 1000).toLocaleString('en')}`;
  say(
    `${ms > mostMs ? 'OVER  ' : 'within'}  ${name.padEnd(52)} ${ms.toFixed(1).padStart(9)} ms   floor ${floorMs.toFixed(2).padStart(9)} ms   at most ${mostMs} ms${rate}`,
  );
}

await runCommand(async () => {
  await buildWeb();
  const results = [...benchmarks(), ...measureBenchmarks(), ...(await browserBenchmarks())];
  results.forEach(tell);
  process.exitCode = results.some((result) => result.ms > result.mostMs) ? 1 : 0;
});
