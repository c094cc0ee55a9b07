import { asBuilt, questionsOf, rideOutFor } from '@cadre/core/catalogue';
import { checkExposure, everyDayOf, type BikeSince, type EarlierLook } from '@cadre/core/exposure';
import { USUAL_BUILD, BIKE_KINDS } from '@cadre/core/fleet';
import { causesOfFault, SHIPPED_CHECKLISTS } from '@cadre/core/shipped';
import { DAY_MS, HOUR_MS } from '@cadre/core/time';
import { best, type Benchmark } from './best';

const BIKES = 5_000;
const NOW = Date.UTC(2026, 5, 20, 7);

/** What 5,000 bikes are asked this morning by exposure: a third was out, a tenth was moved, the rest hung where it hangs. */
export function exposureBenchmarks(): readonly Benchmark[] {
  const rules = { causesOf: causesOfFault, everyDay: everyDayOf(SHIPPED_CHECKLISTS), restDays: 7 };
  const asked = new Map(
    BIKE_KINDS.map((kind) => {
      const checklist = rideOutFor(SHIPPED_CHECKLISTS, kind);
      return [kind, checklist ? questionsOf(checklist, asBuilt(USUAL_BUILD[kind])) : []] as const;
    }),
  );
  const bikes = Array.from({ length: BIKES }, (_, index) => {
    const kind = BIKE_KINDS[index % BIKE_KINDS.length] ?? 'hybrid';
    const questions = asked.get(kind) ?? [];
    const at = NOW - (1 + (index % 4)) * DAY_MS;
    const look: Omit<EarlierLook, 'mark'> = {
      ...{ outcome: 'pass', way: 'single', state: 'signed' },
      ...{ awaitsCoSign: false, hasty: false, sameQuestion: true },
    };
    const what = index % 3 === 0 ? 'outing' : index % 10 === 0 ? 'handling' : null;
    const since: BikeSince = {
      happenings: what ? [{ what, at: NOW - 12 * HOUR_MS }] : [],
      ...{ lockedAway: true, outdoors: false, timeZone: 'Europe/London' },
      looks: new Map(
        questions.map(({ key }) => [
          key,
          { ...look, mark: { key, markId: `m${index}${key}`, checkId: `c${index}`, by: 'p', at } },
        ]),
      ),
      openFindings: new Set(),
    };
    return { questions, since };
  });
  let rested = 0;
  const run = (): void => {
    rested = 0;
    for (const { questions, since } of bikes)
      rested += checkExposure(questions, since, rules, NOW).rests.length;
  };
  const floor = (): void => {
    rested = 0;
    for (const { questions, since } of bikes)
      for (const { key } of questions) if (since.looks.get(key)?.outcome === 'pass') rested += 1;
  };
  const times = { ms: best(run), floorMs: best(floor) };
  if (rested === 0) throw new Error('nothing rests: this measures nothing');
  return [
    {
      ...{ name: 'what 5,000 bikes are asked by exposure', mostMs: 100 },
      ...times,
    },
  ];
}
