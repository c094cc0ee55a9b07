import type { Touch } from '@cadre/core/catalogue';
import type { IncidentKind } from '@cadre/core/incidents';
import { takesReading } from '@cadre/core/measures';
import { CHECKPOINTS } from '@cadre/core/shipped';
import type { RecordedAnswer } from '@cadre/core/tracing';
import { withUnit } from '@cadre/web/measures';
import { INCIDENT_WORDS, TOUCH_WORDS } from '@cadre/web/words';
import * as t from './messages';

export const checkpointName = (key: string | null): string =>
  CHECKPOINTS.find((checkpoint) => checkpoint.key === key)?.name ?? key ?? '';

/** A reading as it was typed, with the unit its checkpoint is measured in. */
export function readingText(checkpoint: string | null, typed: string): string {
  const measure = CHECKPOINTS.find(({ key }) => key === checkpoint)?.measure;
  return takesReading(measure) ? withUnit(typed, measure) : typed;
}

/** Why the record answers a question, with the day: a reading, a check, a finding, a service, an incident, work, or two punctures. */
export function recordReasonWords(
  { from, said, checkpoint }: RecordedAnswer['because'],
  when: string,
): string {
  switch (from) {
    case 'reading':
      return t.becauseReading({
        ...{ checkpoint: checkpointName(checkpoint), said: readingText(checkpoint, said), when },
      });
    case 'pass':
      return t.becausePass({ checkpoint: checkpointName(checkpoint), when });
    case 'finding':
      return t.becauseFinding({ checkpoint: checkpointName(checkpoint), said, when });
    case 'service-overdue':
      return t.becauseService({ said, when });
    case 'incident':
      return t.becauseIncident({ said: INCIDENT_WORDS[said as IncidentKind] ?? said, when });
    case 'work':
      return t.becauseWork({ said: TOUCH_WORDS[said as Touch] ?? said, when });
    case 'punctures':
      return t.becausePunctures({ hour: said, when });
  }
}
