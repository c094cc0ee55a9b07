import type { Position } from '@cadre/core/catalogue';
import { DAY_MS } from '@cadre/core/time';
import type { Trace, TraceAnswers } from './trace';

/** What of a bike's record answers a question by itself, newest facts only. `days`: older than that it says nothing. */
export type RecordRule =
  /** The last reading of a checkpoint: at or over `atLeast`, or under `under`, in the measure's unit (its worst value). */
  | {
      readonly from: 'reading';
      readonly checkpoint: string;
      readonly atLeast?: number;
      readonly under?: number;
      /** A way of measuring whose values mean something else. */
      readonly notMethod?: string;
      readonly days: number;
      readonly answer: number;
    }
  /** A checkpoint passed in the last signed check that asked it. */
  | { readonly from: 'pass'; readonly checkpoint: string; readonly days: number; readonly answer: number }
  /** A finding is open at a checkpoint, of one of these faults or of any. */
  | {
      readonly from: 'finding';
      readonly checkpoint: string;
      readonly faults?: readonly string[];
      readonly answer: number;
    }
  /** A service is overdue. */
  | { readonly from: 'service-overdue'; readonly service: string; readonly answer: number }
  /** An incident of a kind was reported. */
  | { readonly from: 'incident'; readonly kind: string; readonly days: number; readonly answer: number }
  /** Work of a kind was done in a repair. */
  | { readonly from: 'work'; readonly touch: string; readonly days: number; readonly answer: number }
  /** The last two punctures of the wheel were at the same hour, or were not. */
  | { readonly from: 'punctures'; readonly sameHour: boolean; readonly answer: number };

/** What is on record of one bike, as far as searches use it. Times in milliseconds since the epoch. */
export interface TraceRecord {
  readonly readings: readonly {
    readonly checkpoint: string;
    readonly position: Position;
    readonly values: readonly number[];
    readonly method: string | null;
    readonly typed: string;
    readonly at: number;
  }[];
  /** The newest signed answer of each question. */
  readonly answers: readonly {
    readonly checkpoint: string;
    readonly position: Position;
    readonly outcome: string;
    readonly at: number;
  }[];
  readonly findings: readonly {
    readonly checkpoint: string;
    readonly position: Position;
    readonly fault: string;
    readonly words: string;
    readonly at: number;
  }[];
  readonly servicesOverdue: readonly {
    readonly service: string;
    readonly name: string;
    readonly since: number;
  }[];
  readonly incidents: readonly { readonly kind: string; readonly at: number }[];
  readonly work: readonly { readonly touch: string; readonly position: Position; readonly at: number }[];
  readonly punctures: readonly { readonly position: Position; readonly hour: number; readonly at: number }[];
}

/** Why the record answers a question: what it was, in the record's own words where it has any, and when. */
export interface RecordReason {
  readonly from: RecordRule['from'];
  /** The reading as typed, the finding's or service's words, the kind of incident or work, the hour. */
  readonly said: string;
  readonly checkpoint: string | null;
  readonly at: number;
}

export interface RecordedAnswer {
  readonly question: string;
  readonly answer: number;
  readonly because: RecordReason;
}

/** Hours on the wheel so far apart at most are one place. */
const SAME_HOUR = 1;
/** Punctures so long apart have nothing to do with each other. */
const PUNCTURE_DAYS = 90;

/** How far two hours of a wheel are apart, 0 to 6: from 12 to 1 it is one. */
export const hoursApart = (a: number, b: number): number => {
  const apart = Math.abs(a - b) % 12;
  return Math.min(apart, 12 - apart);
};

/** Whether the last two punctures of a wheel were at one place; null: there were not two of late. */
export function samePunctureHour(
  punctures: TraceRecord['punctures'],
  position: Position,
): { readonly same: boolean; readonly hour: number; readonly at: number } | null {
  const [last, before] = punctures
    .filter((each) => each.position === position)
    .toSorted((a, b) => b.at - a.at);
  if (!last || !before || last.at - before.at > PUNCTURE_DAYS * DAY_MS) return null;
  return { same: hoursApart(last.hour, before.hour) <= SAME_HOUR, hour: last.hour, at: last.at };
}

const newestOf = <T extends { readonly at: number }>(all: readonly T[]): T | undefined =>
  all.toSorted((a, b) => b.at - a.at)[0];

function reasonOf(
  rule: RecordRule,
  record: TraceRecord,
  here: (position: Position) => boolean,
  now: number,
): RecordReason | null {
  const recent = (days: number) => (each: { readonly at: number }) => now - each.at <= days * DAY_MS;
  switch (rule.from) {
    case 'reading': {
      const found = newestOf(
        record.readings.filter((each) => each.checkpoint === rule.checkpoint && here(each.position)),
      );
      if (!found || !recent(rule.days)(found) || found.method === (rule.notMethod ?? '')) return null;
      const [least, most] = [Math.min(...found.values), Math.max(...found.values)];
      const speaks =
        (rule.atLeast === undefined || most >= rule.atLeast) &&
        (rule.under === undefined || least < rule.under);
      return speaks
        ? { from: rule.from, said: found.typed, checkpoint: rule.checkpoint, at: found.at }
        : null;
    }
    case 'pass': {
      const found = newestOf(
        record.answers.filter((each) => each.checkpoint === rule.checkpoint && here(each.position)),
      );
      if (found?.outcome !== 'pass' || !recent(rule.days)(found)) return null;
      return { from: rule.from, said: '', checkpoint: rule.checkpoint, at: found.at };
    }
    case 'finding': {
      const found = newestOf(
        record.findings.filter(
          (each) =>
            each.checkpoint === rule.checkpoint &&
            here(each.position) &&
            (!rule.faults || rule.faults.includes(each.fault)),
        ),
      );
      return found ? { from: rule.from, said: found.words, checkpoint: rule.checkpoint, at: found.at } : null;
    }
    case 'service-overdue': {
      const found = record.servicesOverdue.find((each) => each.service === rule.service);
      return found ? { from: rule.from, said: found.name, checkpoint: null, at: found.since } : null;
    }
    case 'incident': {
      const found = newestOf(
        record.incidents.filter((each) => each.kind === rule.kind).filter(recent(rule.days)),
      );
      return found ? { from: rule.from, said: found.kind, checkpoint: null, at: found.at } : null;
    }
    case 'work': {
      const found = newestOf(
        record.work
          .filter((each) => each.touch === rule.touch && here(each.position))
          .filter(recent(rule.days)),
      );
      return found ? { from: rule.from, said: found.touch, checkpoint: null, at: found.at } : null;
    }
    case 'punctures': {
      const found = record.punctures
        .map(({ position }) => position)
        .filter((position, at, all) => here(position) && all.indexOf(position) === at)
        .map((position) => samePunctureHour(record.punctures, position))
        .find((each) => each !== null && each.same === rule.sameHour);
      return found ? { from: rule.from, said: String(found.hour), checkpoint: null, at: found.at } : null;
    }
  }
}

/** Whether something at a place of the bike counts for a search at an end: all of it where no end was said. */
const placedAt =
  (end: Position) =>
  (position: Position): boolean =>
    end === 'only' || position === 'only' || position === end;

/**
 * What the record of a bike answers of a search: of each question the first rule that speaks. A reading is evidence for so many days; one taken with an instrument
 * that failed is left out by whoever gathers the record.
 *
 * @param trace as the build leaves it
 * @param position the end of the bike the search is at
 */
export function recordedAnswers(
  trace: Trace,
  record: TraceRecord,
  position: Position,
  now: number,
): readonly RecordedAnswer[] {
  const here = placedAt(trace.at ?? position);
  return trace.questions.flatMap((question): RecordedAnswer[] => {
    for (const rule of question.record ?? []) {
      const because = reasonOf(rule, record, here, now);
      if (because) return [{ question: question.key, answer: rule.answer, because }];
    }
    return [];
  });
}

/** A person's answers with those of the record where the person gave none. */
export function withRecorded(answers: TraceAnswers, recorded: readonly RecordedAnswer[]): TraceAnswers {
  return new Map([
    ...recorded
      .filter(({ question }) => !answers.has(question))
      .map((each) => [each.question, each.answer] as const),
    ...answers,
  ]);
}
