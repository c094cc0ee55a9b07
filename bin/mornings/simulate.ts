import { streamOf } from '@cadre/core/draws';
import {
  asBuilt,
  disturbedAt,
  minutesOf,
  questionsOf,
  rideOutFor,
  TOUCHES,
  type ChecklistVersion,
  type Question,
} from '@cadre/core/catalogue';
import {
  checkExposure,
  everyDayOf,
  type EarlierLook,
  type ExposureRules,
  type Happening,
} from '@cadre/core/exposure';
import type { Build } from '@cadre/core/fleet';
import { causesOfFault, SHIPPED_CHECKLISTS } from '@cadre/core/shipped';
import { DAY_MS, HOUR_MS } from '@cadre/core/time';
import { causesByWords } from '@cadre/test-world/core';

export interface MorningBike {
  readonly tag: string;
  readonly build: Build;
}

export interface Mornings {
  readonly checks: number;
  readonly minutesWhole: number;
  readonly minutesAsked: number;
  /** Faults that arose by the second table of causes, and how many of them the next check did not ask about. */
  readonly planted: number;
  readonly unasked: readonly string[];
}

interface Options {
  readonly seed: number;
  readonly days: number;
  readonly lockedAway: boolean;
  readonly causesOf?: ExposureRules['causesOf'];
}

/** How often a day brings each. */
const DAILY = { outing: 0.45, handling: 0.08, incident: 0.005, work: 0.03 } as const;
/** How often something that can bring a fault does: far oftener than in any shed, so that a year plants thousands. */
const PLANTED = 0.15;

type Arisen = 'outing' | 'handling' | 'hours' | 'age' | 'weather';

/** The questions on which what happened can have brought a fault, by nothing but the words of the faults. */
function couldArise(questions: readonly Question[], happened: ReadonlySet<Arisen>): readonly Question[] {
  return questions.filter(({ checkpoint }) =>
    checkpoint.faults.some((fault) => causesByWords(fault).some((cause) => happened.has(cause))),
  );
}

/**
 * Mornings of a fleet by exposure: each day some bikes go out, are moved, fall or are worked on; now and then a fault arises that the second table of causes says
 * can; and each morning every bike has its ride-out. A fault whose question that ride-out does not ask is one too many.
 */
export function simulateMornings(fleet: readonly MorningBike[], options: Options): Mornings {
  const draw = streamOf(options.seed);
  const pick = <T>(of: readonly T[]): T | undefined => of[Math.floor(draw() * of.length)];
  const rules: ExposureRules = {
    causesOf: options.causesOf ?? causesOfFault,
    everyDay: everyDayOf(SHIPPED_CHECKLISTS),
    restDays: 7,
  };
  const total = { checks: 0, minutesWhole: 0, minutesAsked: 0, planted: 0 };
  const unasked: string[] = [];
  for (const { tag, build } of fleet) {
    const checklist = rideOutFor(SHIPPED_CHECKLISTS, build.kind) as ChecklistVersion;
    const questions = questionsOf(checklist, asBuilt(build));
    const looks = new Map<string, EarlierLook>();
    const outdoors = build.accessories.includes('outdoors');
    let happenings: Happening[] = [];
    for (let day = 0; day < options.days; day += 1) {
      const morning = Date.UTC(2026, 0, 1, 8) + day * DAY_MS;
      const { asked } = checkExposure(
        questions,
        {
          happenings,
          looks,
          outdoors,
          lockedAway: options.lockedAway,
          openFindings: new Set(),
          timeZone: 'Europe/London',
        },
        rules,
        morning,
      );
      const keys = new Set(asked.map((each) => each.key));
      const faulty = new Set<string>();
      if (day > 0) {
        const since = happenings.filter((each) => each.at >= morning - DAY_MS);
        const did = new Set(since.map((each) => each.what));
        const happened = new Set<Arisen>(['hours']);
        if (did.has('outing')) happened.add('outing');
        if (did.has('handling') || !options.lockedAway) happened.add('handling');
        if (outdoors) happened.add('weather');
        const work = since.flatMap((each) => each.touched ?? []);
        const could = did.has('incident')
          ? questions
          : [
              ...couldArise(questions, happened),
              ...questions.filter((each) =>
                work.some((done) => disturbedAt(each.checkpoint, done).includes(each.position)),
              ),
            ];
        if (draw() < PLANTED) {
          const struck = pick(could);
          if (struck) {
            faulty.add(struck.key);
            total.planted += 1;
            if (!keys.has(struck.key)) unasked.push(`${tag} day ${day}: ${struck.key}`);
          }
        }
      }
      total.checks += 1;
      total.minutesWhole += minutesOf(questions);
      total.minutesAsked += minutesOf(questions.filter((each) => keys.has(each.key)));
      for (const key of keys)
        looks.set(key, {
          mark: { key, markId: `${key} ${day}`, checkId: `${day}`, by: 'a', at: morning },
          ...{ way: 'station', state: 'signed' },
          ...{
            outcome: faulty.has(key) ? 'fixed' : 'pass',
            awaitsCoSign: false,
            hasty: false,
            sameQuestion: true,
          },
        });
      happenings = happenings.filter((each) => each.at > morning - rules.restDays * DAY_MS);
      for (const what of ['outing', 'handling', 'incident', 'work'] as const) {
        if (draw() >= DAILY[what]) continue;
        const touch = pick(TOUCHES);
        happenings.push({
          at: morning + Math.floor(1 + draw() * 9) * HOUR_MS,
          what,
          ...(what === 'work' && touch ? { touched: [{ touch, position: 'only' }] } : {}),
        });
      }
    }
  }
  return { ...total, unasked };
}
