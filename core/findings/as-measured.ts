import { isWorse, worstSeverity, type Asked, type Severity } from '@cadre/core/catalogue';
import type { Mark, MarkedFault, Outcome, Standing } from '@cadre/core/checks';
import { faultOf, isMeasure, judgeReading, speaksAgainst, type MeasuredOn, type Verdict } from '@cadre/core/measures';
import type { MeasuredFault } from './finding';

/** What a verdict weighs once it stands: what could have been put right on the spot and was not is soon. */
const SEVERITY: Record<Verdict['becomes'], Severity | null> = {
  nothing: null,
  note: null,
  watch: 'watch',
  upkeep: 'upkeep',
  'put-right': 'soon',
  soon: 'soon',
  stop: 'stop',
};

export interface ReadingSays {
  /** The usual fault it tells of; null where the checkpoint has none for it. */
  readonly fault: string | null;
  readonly severity: Severity;
  /** It is set right on the spot: whoever says they did is believed. */
  readonly onTheSpot: boolean;
  readonly measured: MeasuredFault;
}

/** What the reading of one mark says against its question on this bike; nothing when it is sound, or says nothing. */
export function readingSays(asked: Pick<Asked, 'checkpoint'>, mark: Pick<Mark, 'reading'>, on: MeasuredOn): readonly ReadingSays[] {
  const { reading } = mark;
  if (!reading || !isMeasure(reading.measure) || reading.measure !== asked.checkpoint.measure) return [];
  const { measure, method, values } = reading;
  const judged = judgeReading({ measure, method, values }, on);
  if (!judged.ok) return [];
  return judged.value.filter(speaksAgainst).flatMap((verdict) => {
    const severity = SEVERITY[verdict.becomes];
    const { value, limit, next } = verdict;
    return severity
      ? [
          {
            fault: faultOf(measure, verdict, asked.checkpoint.faults),
            severity,
            onTheSpot: verdict.becomes === 'put-right',
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
function withReading(faults: readonly MarkedFault[], says: ReadingSays): readonly MarkedFault[] {
  const told = says.fault ?? faults[0]?.fault ?? UNNAMED_FAULT;
  const known = faults.some((each) => each.fault === told);
  const raised = faults.map((each) => (each.fault === told ? { ...each, severity: heavier(each.severity, says.severity) } : each));
  return known ? raised : [...raised, { fault: told, severity: says.severity }];
}

/** The key of a fault nobody named. */
export const UNNAMED_FAULT = 'unnamed';

export interface MeasuredStanding extends Standing {
  /** By fault: the reading that speaks for it. */
  readonly measured?: ReadonlyMap<string, MeasuredFault> | undefined;
}

/**
 * What stands once readings have their word: a reading past its limit is what its verdict says, whoever called it sound, until it is measured
 * again or the lead leaves the verdict aside with a reason. Of what the person chose and what the reading says the worse counts. Source: judging rule 3.
 */
export function asMeasured(
  asked: readonly Asked[],
  standings: ReadonlyMap<string, Standing>,
  on: (asked: Asked) => MeasuredOn,
  leads: ReadonlySet<string>,
): ReadonlyMap<string, MeasuredStanding> {
  const judged = new Map<string, MeasuredStanding>(standings);
  for (const each of asked) {
    const standing = standings.get(each.key);
    if (!standing || standing.outcome === 'not-looked-at' || !standing.marks.some((mark) => mark.reading)) continue;
    const says = standing.marks.flatMap((mark) =>
      readingSays(each, mark, on(each)).filter((one) => !isAside(mark, one, leads) && !(one.onTheSpot && mark.word === 'put-right')),
    );
    if (says.length === 0) continue;
    const worst = says.reduce((a, b) => (isWorse(b.severity, a.severity) ? b : a));
    const outcome: Outcome = worst.severity === 'watch' && standing.outcome !== 'fault' ? 'watch' : 'fault';
    const faults = says.reduce<readonly MarkedFault[]>(withReading, standing.faults);
    const measured = new Map(says.map((one) => [one.fault ?? faults[0]?.fault ?? UNNAMED_FAULT, one.measured]));
    judged.set(each.key, { ...standing, outcome, faults, measured });
  }
  return judged;
}
