import { isWorse, worstSeverity, type Question, type Severity } from '@cadre/core/catalogue';
import type { Mark, MarkedFault, Outcome, Answer } from '@cadre/core/checks';
import {
  faultOf,
  isMeasure,
  judgeReading,
  speaksAgainst,
  type MeasuredOn,
  type Verdict,
} from '@cadre/core/measures';
import type { MeasuredFault } from './finding';

/** What a verdict weighs once it stands. Of what is fixed on the spot the measure says what it is when nobody did. */
const SEVERITY: Record<Exclude<Verdict['becomes'], 'fixed'>, Severity | null> = {
  nothing: null,
  note: null,
  watch: 'watch',
  upkeep: 'upkeep',
  soon: 'soon',
  stop: 'stop',
};

function severityOf({ becomes, uncorrected = 'soon' }: Verdict): Severity | null {
  return becomes === 'fixed' ? uncorrected : SEVERITY[becomes];
}

export interface ReadingSays {
  /** The usual fault it tells of; null where the checkpoint has none for it. */
  readonly fault: string | null;
  readonly severity: Severity;
  /** It is set right on the spot: whoever says they did is believed. */
  readonly onTheSpot: boolean;
  readonly measured: MeasuredFault;
}

/** What the reading of one mark says against its question on this bike; nothing when it passes, or says nothing. */
export function readingSays(
  question: Pick<Question, 'checkpoint'>,
  mark: Pick<Mark, 'reading'>,
  on: MeasuredOn,
): readonly ReadingSays[] {
  const { reading } = mark;
  if (!reading || !isMeasure(reading.measure) || reading.measure !== question.checkpoint.measure) return [];
  const { measure, method, values } = reading;
  const judged = judgeReading({ measure, method, values }, on);
  if (!judged.ok) return [];
  return judged.value.filter(speaksAgainst).flatMap((verdict) => {
    const severity = severityOf(verdict);
    const { value, limit, next } = verdict;
    return severity
      ? [
          {
            fault: faultOf(measure, verdict, question.checkpoint.faults),
            severity,
            onTheSpot: verdict.becomes === 'fixed',
            measured: { measure, value, limit, next },
          },
        ]
      : [];
  });
}

/** Whether a verdict is left aside by somebody who may: the lead, with a reason, and never a stop. */
function isAside(mark: Mark, says: ReadingSays, leads: ReadonlySet<string>): boolean {
  return Boolean(mark.reading?.aside?.trim()) && leads.has(mark.author) && says.severity !== 'stop';
}

const heavier = (a: Severity | undefined, b: Severity): Severity => (a ? worstSeverity([a, b]) : b);

/** The faults with what a reading says among them: the fault it tells of at its weight, or the first one named raised to it. */
function withReading(
  faults: readonly MarkedFault[],
  says: ReadingSays,
  otherwise: string,
): readonly MarkedFault[] {
  const told = says.fault ?? otherwise;
  const known = faults.some((each) => each.fault === told);
  const raised = faults.map((each) =>
    each.fault === told ? { ...each, severity: heavier(each.severity, says.severity) } : each,
  );
  return known ? raised : [...raised, { fault: told, severity: says.severity }];
}

/** The key of a fault nobody named. */
export const UNNAMED_FAULT = 'unnamed';
/** The key of a reading past a limit that none of the usual faults tells of: it weighs what its limit says, and no more. */
export const PAST_LIMIT = 'past-limit';

export interface MeasuredAnswer extends Answer {
  /** By fault: the reading that speaks for it. */
  readonly measured?: ReadonlyMap<string, MeasuredFault> | undefined;
}

/**
 * What stands once readings have their word: a reading past its limit is what its verdict says, whoever passed it, until it is measured
 * again or the lead leaves the verdict aside with a reason. Of what the person chose and what the reading says the worse counts. Source: judging rule 3.
 */
export function asMeasured(
  asked: readonly Question[],
  answers: ReadonlyMap<string, Answer>,
  on: (question: Question) => MeasuredOn,
  leads: ReadonlySet<string>,
): ReadonlyMap<string, MeasuredAnswer> {
  const judged = new Map<string, MeasuredAnswer>(answers);
  for (const each of asked) {
    const answer = answers.get(each.key);
    if (!answer || answer.outcome === 'skipped' || !answer.marks.some((mark) => mark.reading)) continue;
    const says = answer.marks.flatMap((mark) =>
      readingSays(each, mark, on(each)).filter(
        (one) => !isAside(mark, one, leads) && !(one.onTheSpot && mark.outcome === 'fixed'),
      ),
    );
    if (says.length === 0) continue;
    const worst = says.reduce((a, b) => (isWorse(b.severity, a.severity) ? b : a));
    const outcome: Outcome = worst.severity === 'watch' && answer.outcome !== 'fail' ? 'watch' : 'fail';
    // Whoever called it a fault and named none is still judged by the worst it can be.
    const otherwise = answer.faults[0]?.fault ?? (answer.outcome === 'fail' ? UNNAMED_FAULT : PAST_LIMIT);
    const faults = says.reduce<readonly MarkedFault[]>(
      (all, one) => withReading(all, one, otherwise),
      answer.faults,
    );
    const measured = new Map(says.map((one) => [one.fault ?? otherwise, one.measured]));
    judged.set(each.key, { ...answer, outcome, faults, measured });
  }
  return judged;
}
