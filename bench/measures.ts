import { USUAL_BUILD } from '@cadre/core/fleet';
import { judgeReading, type MeasuredOn, type Taken } from '@cadre/core/measures';
import { outlookOf, usualWear, type WearPrior } from '@cadre/core/wear';
import { best, type Benchmark } from './best';

const VERDICT_OUTCOMES = 1_000_000;
const FITMENTS = 5_000;

/** Readings of every usual kind, each on a bike it is taken of, from well inside to far outside. */
function takenReadings(): { readonly taken: Taken; readonly on: MeasuredOn }[] {
  const on = (fit: MeasuredOn['fit'], end: MeasuredOn['end']): MeasuredOn => ({
    ...{
      build: USUAL_BUILD.hardtail,
      end,
      rearSuspension: false,
      fit,
      chainPreset: 'by-gearing',
      limits: { padRenew: 1.6 },
    },
  });
  const front = on(
    { rotorMinFront: 1.55, sidewallMinFront: 210, sidewallMaxFront: 450, rimMaxFront: 380 },
    'front',
  );
  const chain = (share: number): Taken => ({ measure: 'chain', values: [share * 0.015] });
  const kinds: readonly ((share: number) => Taken)[] = [
    chain,
    (share) => ({ measure: 'disc-pad', values: [0.5 + share * 3, 0.6 + share * 3] }),
    (share) => ({ measure: 'rotor', values: [1.5 + share * 0.3, 1.52 + share * 0.3, 1.55 + share * 0.3] }),
    (share) => ({ measure: 'tyre-window', values: [share * 500] }),
    (share) => ({ measure: 'run-out', values: [share * 5, share * 2] }),
    (share) => ({ measure: 'lever-travel', values: [share] }),
    (share) => ({ measure: 'hanger', values: [10, 10 + share * 6, 11, 10] }),
    (share) => ({ measure: 'chain-slack', values: [share * 25] }),
  ];
  return Array.from({ length: 1000 }, (_, index) => ({
    taken: (kinds[index % kinds.length] ?? chain)((index % 97) / 97),
    on: front,
  }));
}

/** Series of a fleet's chains and pads, read one to eight times. */
function fitments() {
  return Array.from({ length: FITMENTS }, (_, index) => {
    const measure = index % 2 === 0 ? ('chain' as const) : ('disc-pad' as const);
    const prior: WearPrior = usualWear(measure, 'km');
    const points = Array.from({ length: 1 + (index % 8) }, (_unused, at) => {
      const usage = (at + 1) * (60 + (index % 40));
      const worn =
        usage * prior.rate * (0.7 + (index % 13) / 20) + prior.noise * (((index * 7 + at * 3) % 5) / 5 - 0.4);
      return { at, usage, value: measure === 'chain' ? worn : 4 - worn, bikeId: 'a' };
    });
    return {
      measure,
      points,
      usageNow: 1000,
      perDay: 8,
      limit: { value: measure === 'chain' ? 0.0075 : 1 },
      prior,
    };
  });
}

export function measureBenchmarks(): readonly Benchmark[] {
  let sink = 0;
  const readings = takenReadings();
  const rounds = VERDICT_OUTCOMES / readings.length;
  const series = fitments();
  const told: readonly Benchmark[] = [
    {
      name: 'a million verdicts',
      things: VERDICT_OUTCOMES,
      ms: best(() => {
        for (let round = 0; round < rounds; round += 1)
          for (const { taken, on } of readings) {
            const answer = judgeReading(taken, on);
            if (answer.ok) sink += answer.value.length;
          }
      }, 3),
      floorMs: best(() => {
        for (let round = 0; round < rounds; round += 1)
          for (const { taken } of readings) sink += taken.values.length;
      }, 3),
      mostMs: 5000,
    },
    {
      name: `wear of ${FITMENTS.toLocaleString('en')} fitments forecast`,
      things: FITMENTS,
      ms: best(() => {
        for (const each of series) sink += outlookOf(each, 0)?.left.likely ?? 0;
      }, 3),
      floorMs: best(() => {
        for (const each of series) sink += each.points.length;
      }, 3),
      mostMs: 5000,
    },
  ];
  if (!(sink > VERDICT_OUTCOMES)) throw new Error('The benchmark judged nothing.');
  return told;
}
