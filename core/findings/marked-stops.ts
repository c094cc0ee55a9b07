import type { Finding } from './finding';
import { judgeCheck, type JudgeInput } from './judge-check';

/**
 * What is marked and would be a stop once signed, as findings: named faults, unnamed ones of a question whose faults can be stops, and
 * readings past a limit. It holds the bike from the mark on.
 */
export function stopsOf(input: Omit<JudgeInput, 'open' | 'fixedBefore'>): readonly Finding[] {
  const { changes } = judgeCheck({ ...input, open: [], fixedBefore: new Map() });
  return changes.map((change) => change.finding).filter((finding) => finding.severity === 'stop');
}

/** Whether two findings are of one fault of one question. */
export const isSameFault = (
  a: Pick<Finding, 'checkpoint' | 'position' | 'fault'>,
  b: Pick<Finding, 'checkpoint' | 'position' | 'fault'>,
): boolean => a.checkpoint === b.checkpoint && a.position === b.position && a.fault === b.fault;

/** A finding as a stop that was marked makes it: open, and a stop, whatever the bench or a newer policy says of it. */
const asStop = (finding: Finding): Finding => ({
  ...finding,
  severity: 'stop',
  limit: null,
  ...(finding.state === 'repaired' || finding.state === 'rechecked'
    ? { state: 'open' as const, repairedBy: null }
    : {}),
});

/**
 * What a check found, with every stop that was marked in it and not taken back: a build or a policy that changed since takes none away.
 *
 * @param stops as they were judged when they were marked
 * @param found what signing found or changed; empty where nobody signed
 * @param open the findings that are open on the bike
 */
export function withStops(
  stops: readonly Finding[],
  found: readonly Finding[],
  open: readonly Finding[],
): readonly Finding[] {
  let all = found;
  for (const stop of stops) {
    const same = all.find((each) => isSameFault(each, stop));
    const known = open.find((each) => isSameFault(each, stop));
    if (same) all = all.map((each) => (each === same ? asStop(each) : each));
    else if (known)
      all = [...all, asStop({ ...known, lastSeenAt: stop.lastSeenAt, timesSeen: known.timesSeen + 1 })];
    else all = [...all, stop];
  }
  return all;
}
