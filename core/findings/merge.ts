import { accept, refuse, type Result } from '@cadre/core/errors';
import { SEVERITIES, type Severity } from '@cadre/core/catalogue';
import type { Finding, SoonLimit } from './finding';

const worse = (a: Severity, b: Severity): Severity => (SEVERITIES.indexOf(a) <= SEVERITIES.indexOf(b) ? a : b);

/** The one that runs out first: by date and by outings each the less. */
function tighter(a: SoonLimit | null, b: SoonLimit | null): SoonLimit | null {
  if (!a || !b) return a ?? b;
  return { until: Math.min(a.until, b.until), outings: Math.min(a.outings, b.outings) };
}

export interface Merged {
  readonly kept: Finding;
  readonly closed: Finding;
}

/**
 * Two findings of one bike that are one: the first goes on, with the worse of everything, and the second is closed. Refused where they are of
 * different looks, since one re-look would not see both, or where either is in work. It never lightens anything.
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
      limit: severity === 'soon' ? tighter(kept.limit, other.limit) : null,
      outingsUsed: Math.max(kept.outingsUsed, other.outingsUsed),
      ...((kept.measured ?? other.measured) ? { measured: kept.measured ?? other.measured } : {}),
      words: {
        ...kept.words,
        toMechanic: kept.words.toMechanic || other.words.toMechanic,
        note: [kept.words.note, other.words.note].filter(Boolean).join(' · ').slice(0, 400),
      },
    },
    closed: { ...other, state: 'closed' },
  });
}
