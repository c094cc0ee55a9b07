import { evaluateFitness, NO_FACTS, type FitnessFacts } from '@cadre/core/fitness';
import { drawBike } from '@cadre/core/figure';
import { resolveMarks, progressOf } from '@cadre/core/checks';
import { asBuilt, DEFAULT_PRACTICES, questionsOf, DEFAULT_POLICY } from '@cadre/core/catalogue';
import { judgeCheck } from '@cadre/core/findings';
import { BIKE_KINDS, USUAL_BUILD } from '@cadre/core/fleet';
import { lastDone, seasonLine, serviceDue, servicePlan, usesOf } from '@cadre/core/services';
import { CHECKPOINTS, RIDE_OUT, SHIPPED_CHECKLISTS, shippedServices } from '@cadre/core/shipped';
import { benchOrder, type Bench } from '@cadre/core/repairs';
import { DAY, faultyMorning, findingLike, NOON } from '@cadre/test-world/core';
import { marksFor } from '@cadre/test-world/builders';
import { best, type Benchmark } from './best';

/** A recall: forty bad mornings' bikes at once, and groups that want far more of them than the time reaches. */
function recall(): Bench {
  const morning = faultyMorning(1);
  const jobs = Array.from({ length: 40 }, (_, batch) =>
    morning.jobs.map((job) => ({ ...job, bikeId: `${job.bikeId}-${batch}` })),
  ).flat();
  return {
    ...morning,
    jobs,
    bikes: jobs.map(({ bikeId, siteId, kind, size }) => ({ id: bikeId, siteId, kind, size, ready: false })),
    groups: morning.groups.map((group) => ({
      ...group,
      wants: group.wants.map((want) => ({ ...want, count: 200 })),
    })),
  };
}

/** Five thousand bikes a year into their lives, each with its services as the program keeps them. */
function servicedFleet(): () => number {
  const rules = shippedServices(DEFAULT_PRACTICES);
  const known = new Map(CHECKPOINTS.map((checkpoint) => [checkpoint.key, checkpoint]));
  const line = seasonLine([{ siteId: 's', climate: 'wet', from: '11-01', to: '03-31' }], 'Europe/London', {
    first: 2025,
    last: 2065,
  });
  const kinds = BIKE_KINDS.map((kind) => {
    const fitted = { build: USUAL_BUILD[kind], parts: [], siteId: 's' };
    return { kind, plan: servicePlan(rules, fitted, known) };
  });
  const bikes = Array.from({ length: 5000 }, (_, index) => {
    const of = kinds[index % kinds.length] as (typeof kinds)[number];
    const born = NOON - 365 * DAY - index;
    const outings = Array.from({ length: 120 }, (_unused, at) => born + at * 3 * DAY);
    return {
      ...of,
      born,
      uses: usesOf(of.kind, outings),
      done: new Map([['service:sealant', NOON - 20 * DAY]]),
    };
  });
  return () =>
    bikes.reduce(
      (sum, { plan, born, uses, done }) =>
        sum +
        plan.rules.reduce(
          (soonest, rule) =>
            soonest + (serviceDue(rule, lastDone(rule, plan, done), born, uses, line).dueAt ?? 0),
          0,
        ),
      0,
    );
}

export function benchmarks(): readonly Benchmark[] {
  const fleet: FitnessFacts[] = Array.from({ length: 5000 }, (_, index) => ({
    ...NO_FACTS,
    validUntil: NOON + 1,
    findings: Array.from({ length: index % 4 }, (_unused, at) =>
      findingLike({
        id: `${index}-${at}`,
        severity: at === 0 ? 'soon' : 'watch',
        limit: at === 0 ? { until: NOON + index, outings: 10 } : null,
      }),
    ),
  }));
  let sink = 0;
  const marks = marksFor(RIDE_OUT, USUAL_BUILD.hardtail, 'a', 0);
  const asked = questionsOf(RIDE_OUT, asBuilt(USUAL_BUILD.hardtail)).length;
  // The longest checklist, marked by two people, every fifth answer not a pass.
  const season = SHIPPED_CHECKLISTS.find((checklist) => checklist.key === 'season-opening') ?? RIDE_OUT;
  const fitted = asBuilt(USUAL_BUILD['full-suspension']);
  const long = questionsOf(season, fitted);
  const both = ['a', 'b'].flatMap((author, hand) =>
    marksFor(season, USUAL_BUILD['full-suspension'], author, hand).map((mark, index) => {
      const fault = long[index]?.checkpoint.faults[0]?.key;
      return index % 5 === hand && fault ? { ...mark, outcome: 'fail' as const, faults: [{ fault }] } : mark;
    }),
  );
  let made = 0;
  const serviced = servicedFleet();
  const recalled = recall();
  return [
    {
      name: `a season check of ${long.length} looks, ${both.length} marks of two people: folded and judged`,
      ms: best(() => {
        const answers = resolveMarks(both);
        sink += progressOf(long, answers).looked;
        sink += judgeCheck({
          questions: long,
          answers: answers,
          open: [],
          fixedBefore: new Map(),
          policy: DEFAULT_POLICY,
          signedAt: NOON,
          signedBy: 'a',
          newId: () => `finding-${(made += 1)}`,
        }).changes.length;
      }, 25),
      floorMs: best(() => both.forEach((mark) => (sink += mark.at)), 25),
      mostMs: 25,
    },
    {
      name: `the order of the bench, ${recalled.jobs.length} held bikes, groups wanting all of them`,
      ms: best(() => (sink += benchOrder(recalled).length), 3),
      floorMs: best(() => recalled.jobs.forEach((job) => (sink += job.minutes)), 3),
      mostMs: 500,
    },
    {
      name: 'fitness of 5,000 bikes with their findings',
      things: 5000,
      ms: best(() => fleet.forEach((facts) => (sink += evaluateFitness(facts, NOON).reasons.length))),
      floorMs: best(() => fleet.forEach((facts) => (sink += facts.findings.length))),
      mostMs: 50,
    },
    {
      name: 'services of 5,000 bikes judged, and their fitness',
      things: 5000,
      ms: best(() => {
        sink += serviced();
        fleet.forEach((facts) => (sink += evaluateFitness(facts, NOON).reasons.length));
      }, 3),
      floorMs: best(() => fleet.forEach((facts) => (sink += facts.findings.length))),
      mostMs: 100,
    },
    {
      name: `200 ride-outs of ${asked} marks folded`,
      ms: best(() => {
        for (let time = 0; time < 200; time += 1) sink += resolveMarks(marks).size;
      }),
      floorMs: best(() => {
        for (let time = 0; time < 200; time += 1) for (const mark of marks) sink += mark.at;
      }),
      mostMs: 200,
    },
    {
      name: '700 bikes drawn, 100 of each kind',
      ms: best(() => {
        for (let time = 0; time < 100; time += 1)
          for (const kind of BIKE_KINDS) sink += drawBike(USUAL_BUILD[kind]).paths.length;
      }, 3),
      floorMs: best(() => {
        for (let time = 0; time < 100; time += 1)
          for (const kind of BIKE_KINDS) sink += USUAL_BUILD[kind].accessories.length;
      }, 3),
      mostMs: 700,
    },
  ];
}
