import type { BikeKind } from '@cadre/core/fleet';
import type { PolicyVersion } from './policy';
import { practicesOn } from './practice-exception';
import { PRACTICE_QUESTIONS, type PracticeQuestion } from './practices';
import type { Climate } from './season';

/** A practice that would be another on some bikes. */
export interface PracticeEffect {
  readonly practice: PracticeQuestion;
  readonly from: string;
  readonly to: string;
  /** Only in these of their site's climates; null: whatever the season. */
  readonly climates: readonly Climate[] | null;
  readonly tags: readonly string[];
}

export interface EffectBike {
  readonly tag: string;
  readonly kind: BikeKind;
  readonly siteId: string;
}

type Practiced = Pick<PolicyVersion, 'practices' | 'practiceExceptions' | 'seasons'>;

const climatesAt = ({ seasons }: Practiced, siteId: string): readonly Climate[] => [
  ...new Set<Climate>([
    'dry',
    ...seasons.filter((each) => each.siteId === siteId).map((each) => each.climate),
  ]),
];

/** Which practices would be others on which bikes, in which of the seasons their site has under the policy to come. */
export function practicesEffect(
  from: Practiced,
  to: Practiced,
  bikes: readonly EffectBike[],
): readonly PracticeEffect[] {
  const found = new Map<string, PracticeEffect & { tags: string[] }>();
  for (const { tag, kind, siteId } of bikes) {
    const climates = climatesAt(to, siteId);
    const under = climates.map((climate) => ({
      climate,
      was: practicesOn(from, { kind, climate }),
      is: practicesOn(to, { kind, climate }),
    }));
    for (const practice of PRACTICE_QUESTIONS) {
      const differing = under.filter(({ was, is }) => was[practice] !== is[practice]);
      for (const change of new Set(differing.map(({ was, is }) => `${was[practice]} ${is[practice]}`))) {
        const [before = '', after = ''] = change.split(' ');
        const at = differing
          .filter(({ was, is }) => was[practice] === before && is[practice] === after)
          .map(({ climate }) => climate);
        const always = at.length === climates.length;
        const key = JSON.stringify([practice, change, always || at]);
        const same = found.get(key);
        if (same) same.tags.push(tag);
        else
          found.set(key, {
            ...{ practice, from: before, to: after, tags: [tag] },
            climates: always ? null : at,
          });
      }
    }
  }
  return [...found.values()].map((each) => ({ ...each, tags: [...each.tags].sort() }));
}
