import type { Benchmark } from '../bench/best';
import { benchmarks } from '../bench/fitness';
import { measureBenchmarks } from '../bench/measures';
import { exposureBenchmarks } from '../bench/exposure';
import { loadBenchmarks } from '../bench/load';
import { recordBenchmarks } from '../bench/record';
import { withDatabase } from '../bench/stand';
import { browserBenchmarks } from '../bench/wall';
import { buildWeb } from './build-web';
import { runCommand, say } from './say';

// Benchmarks with their floors in the same run. Over budget ends with 1. Not part of npm test.
function tell({ name, ms, floorMs, mostMs, things, unit = 'ms' }: Benchmark): void {
  const rate =
    things === undefined
      ? ''
      : `   ${Math.round((things / ms) * 1000).toLocaleString('en')} a second, floor ${Math.round((things / Math.max(floorMs, 1e-3)) * 1000).toLocaleString('en')}`;
  say(
    `${ms > mostMs ? 'OVER  ' : 'within'}  ${name.padEnd(52)} ${ms.toFixed(1).padStart(9)} ${unit}   floor ${floorMs.toFixed(2).padStart(9)} ${unit}   at most ${mostMs.toFixed(0)} ${unit}${rate}`,
  );
}

const SUITES = {
  core: () => Promise.resolve([...benchmarks(), ...exposureBenchmarks(), ...measureBenchmarks()]),
  record: () => withDatabase(recordBenchmarks),
  load: () => withDatabase(loadBenchmarks),
  browser: () => buildWeb().then(() => withDatabase(browserBenchmarks)),
} satisfies Record<string, () => Promise<readonly Benchmark[]>>;

await runCommand(async () => {
  const only = process.argv.slice(3);
  for (const [name, suite] of Object.entries(SUITES)) {
    if (only.length > 0 && !only.includes(name)) continue;
    const results = await suite();
    results.forEach(tell);
    if (results.some((result) => result.ms > result.mostMs)) process.exitCode = 1;
  }
});
