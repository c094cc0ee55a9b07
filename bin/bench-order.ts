import { faultyMorning } from '@cadre/test-world/core';
import { benchOrder, departures, type BenchJob } from '@cadre/core/repairs';

/**
 * Holds the bench's order against first come, first served: fifty faulty bikes, ten of them lacking a part, three groups wanting sizes.
 * One morning in full, then a hundred in sum for one to four people at the bench. `npm run bench-order`
 */
const MORNINGS = 100;
const print = (line: string): void => void process.stdout.write(`${line}\n`);

const first = faultyMorning(1);
const time = (at: number): string => new Date(at).toISOString().slice(11, 16);
print('One morning, two people at the bench');
const [ours, theirs] = [
  departures(
    first,
    benchOrder(first).map((place) => place.job),
  ),
  departures(first, first.jobs),
];
print('departure  out    needed  by Cadre’s order  first come');
for (const [at, each] of ours.entries())
  print(
    `${each.groupId.padEnd(9)}  ${time(each.outAt)}  ${String(each.needed).padStart(6)}  ${String(each.ready).padStart(16)}  ${String(theirs[at]?.ready).padStart(10)}`,
  );
print('\nThe first ten places, and why');
for (const { job, because, readyAt } of benchOrder(first).slice(0, 10))
  print(
    `${job.bikeId}  ${job.kind} ${job.size}, ${job.minutes} min: ${because.code}${'groupId' in because ? ` ${because.groupId}` : ''}${readyAt === null ? '' : `, ready ${time(readyAt)}`}`,
  );

for (const hands of [1, 2, 3, 4]) {
  let [better, worse, same] = [0, 0, 0];
  const sums = new Map<string, { ours: number; theirs: number; needed: number }>();
  for (let seed = 1; seed <= MORNINGS; seed += 1) {
    const bench = faultyMorning(seed, hands);
    const run = (order: readonly BenchJob[]) => departures(bench, order);
    const [a, b] = [run(benchOrder(bench).map((place) => place.job)), run(bench.jobs)];
    const total = (of: typeof a): number => of.reduce((sum, each) => sum + each.ready, 0);
    if (total(a) > total(b)) better += 1;
    else if (total(a) < total(b)) worse += 1;
    else same += 1;
    for (const [at, each] of a.entries()) {
      const sum = sums.get(each.groupId) ?? { ours: 0, theirs: 0, needed: 0 };
      sums.set(each.groupId, {
        ours: sum.ours + each.ready,
        theirs: sum.theirs + (b[at]?.ready ?? 0),
        needed: sum.needed + each.needed,
      });
    }
  }
  print(
    `\n${hands} at the bench, ${MORNINGS} mornings: more bikes ready on ${better}, as many on ${same}, fewer on ${worse}`,
  );
  print('departure  needed  by Cadre’s order  first come');
  for (const [id, sum] of sums)
    print(
      `${id.padEnd(9)}  ${String(sum.needed).padStart(6)}  ${String(sum.ours).padStart(16)}  ${String(sum.theirs).padStart(10)}`,
    );
}
