import loadHighs from 'highs';
import { planDay, planDayQuickly, type DayPlan } from '@cadre/core/day-plan';
import { drawnDay, planFaults } from '@cadre/test-world/core';

// Prints 50 drawn days: the quick plan, the plan of two seconds, and the best there is, proven by letting the solver run on.
//   npm run plans
const SECONDS = 2;
const PROOF_SECONDS = 120;
const SIZES = [
  { bikes: 72, groups: 6, people: 3 },
  { bikes: 150, groups: 8, people: 4 },
  { bikes: 500, groups: 12, people: 6 },
] as const;
const DAYS = 50;

const highs = await loadHighs();
const clock = (): number => performance.now() / 1000;
const met = (plan: DayPlan): number => plan.needed - plan.unmet.reduce((sum, each) => sum + each.short, 0);
const work = (plan: DayPlan): number =>
  plan.items.filter((item) => item.groupId !== null).reduce((sum, item) => sum + item.minutes, 0);
const told = (plan: DayPlan): string =>
  `${String(met(plan)).padStart(4)} bikes ${String(work(plan)).padStart(5)} min`;

let worst = 0;
let slowest = 0;
let faults = 0;
let unproven = 0;
for (let seed = 1; seed <= DAYS; seed += 1) {
  const size = SIZES[seed % SIZES.length] as (typeof SIZES)[number];
  const problem = drawnDay(seed, size);
  const quick = planDayQuickly(problem).plan;
  const began = clock();
  const { plan, gap } = planDay(problem, highs, SECONDS, clock);
  const took = clock() - began;
  const best = planDay(problem, highs, PROOF_SECONDS, clock);
  const proven = (best.gap ?? 1) < 1e-5;
  // What nobody could prove is held against what no plan can pass.
  const most = proven ? met(best.plan) : Math.floor(met(best.plan) / (1 - (best.gap ?? 1)));
  const behind = most === 0 ? 0 : (most - met(plan)) / most;
  worst = Math.max(worst, behind);
  slowest = Math.max(slowest, took);
  faults += planFaults(problem, plan).length + planFaults(problem, quick).length;
  if (!proven) unproven += 1;
  process.stdout.write(
    `${String(seed).padStart(2)} ${String(size.bikes).padStart(3)} bikes  quick ${told(quick)}  plan ${told(plan)} in ${took.toFixed(2)} s, gap ${((gap ?? 1) * 100).toFixed(2)} %  best ${told(best.plan)}${proven ? '' : ` (at most ${most})`}  behind ${(behind * 100).toFixed(2)} %\n`,
  );
}
process.stdout.write(
  `${DAYS} days: at worst ${(worst * 100).toFixed(2)} % behind, slowest ${slowest.toFixed(2)} s, ${unproven} not proven, ${faults} faults\n`,
);
if (faults > 0) process.exitCode = 1;
