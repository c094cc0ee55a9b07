import { truncate } from '@cadre/core/text';
import { accept, refuse, type Result } from '@cadre/core/errors';
import { SEVERITIES, type Severity } from '@cadre/core/catalogue';
import type { Finding } from './finding';

// The same either way: one of two alike.
const worse = (a: Severity, b: Severity): Severity =>
  SEVERITIES.indexOf(a) <= SEVERITIES.indexOf(b) ? a : b;

type Running = Pick<Finding, 'severity' | 'limit' | 'outingsUsed'>;

/** The limit that runs out first, by date and by outings left, whichever finding brings it. What one used up is not taken off the other's. */
function tighter(a: Running, b: Running): Pick<Finding, 'limit' | 'outingsUsed'> {
  const running = [a, b].flatMap(({ severity, limit, outingsUsed }) =>
    severity === 'soon' && limit ? [{ ...limit, left: limit.outings - outingsUsed }] : [],
  );
  const outingsUsed = Math.max(a.outingsUsed, b.outingsUsed);
  if (running.length === 0) return { limit: null, outingsUsed };
  const left = Math.min(...running.map((each) => each.left));
  return {
    limit: { until: Math.min(...running.map((each) => each.until)), outings: outingsUsed + left },
    outingsUsed,
  };
}

export interface Merged {
  readonly kept: Finding;
  readonly closed: Finding;
}

/**
 * Two findings of one bike that are one: the first goes on, with the worse of everything, and the second is closed. Refused where they are of
 * different looks, since one recheck would not see both, or where either is in work. It never lightens anything.
 */
export function mergeFindings(kept: Finding, other: Finding): Result<Merged> {
  if (kept.id === other.id) return refuse('merge.same');
  if (kept.checkpoint !== other.checkpoint || kept.position !== other.position)
    return refuse('merge.other-look', { checkpoints: [kept.words.checkpoint, other.words.checkpoint] });
  const busy = [kept, other].find((finding) => finding.state !== 'open');
  if (busy) return refuse('repair.finding-in-work', { fault: busy.words.fault });
  const severity = worse(kept.severity, other.severity);
  return accept({
    kept: {
      ...kept,
      place: kept.place ?? other.place,
      severity,
      floor: worse(kept.floor, other.floor),
      ...((kept.legal ?? other.legal) ? { legal: true as const } : {}),
      openedAt: Math.min(kept.openedAt, other.openedAt),
      openedBy: kept.openedAt <= other.openedAt ? kept.openedBy : other.openedBy,
      lastSeenAt: Math.max(kept.lastSeenAt, other.lastSeenAt),
      timesSeen: kept.timesSeen + other.timesSeen,
      ...tighter(kept, other),
      ...(severity === 'soon' ? {} : { limit: null }),
      ...(kept.work || other.work
        ? { work: [...new Set([...(kept.work ?? []), ...(other.work ?? [])])] }
        : {}),
      ...((kept.measured ?? other.measured) ? { measured: kept.measured ?? other.measured } : {}),
      words: {
        ...kept.words,
        toMechanic: kept.words.toMechanic || other.words.toMechanic,
        note: truncate([kept.words.note, other.words.note].filter(Boolean).join(' · '), 400),
      },
    },
    closed: { ...other, state: 'closed' },
  });
}
