import type { EntityManager } from 'typeorm';
import { minutesOf, rideOutFor, type PolicyVersion } from '@cadre/core/catalogue';
import { askedOf, restsByPass } from '@cadre/core/exposure';
import type { previewPolicy } from '@cadre/contract/policy';
import type { AnswerOf } from '@cadre/contract/http';
import { publishedChecklists } from '@cadre/server/catalogue';
import { describeFleet } from '@cadre/server/fleet';
import { exposureOfBikes, isByExposure, type AskedAndResting } from './exposure';

type Effect = AnswerOf<typeof previewPolicy>['exposure'][number];

const passesOf = ({ rests, questions }: AskedAndResting): Effect['passes'] => {
  const byKey = new Map(questions.map((each) => [each.key, each]));
  return restsByPass(rests).map(({ by, at, keys }) => ({
    by,
    at,
    questions: keys.flatMap((key) => {
      const question = byKey.get(key);
      return question ? [{ checkpoint: question.checkpoint.name, position: question.position }] : [];
    }),
  }));
};

/** What a ride-out begun now would ask of each bike that a policy asks by exposure, and what would rest on what, by tag. */
export async function exposureUnder(
  tx: EntityManager,
  policy: PolicyVersion,
  now: number,
): Promise<Effect[]> {
  if (policy.exposure.kinds.length === 0) return [];
  const checklists = (await publishedChecklists(tx)).map((row) => row.checklist);
  const asking = (await describeFleet(tx)).flatMap((bike) => {
    const checklist = rideOutFor(checklists, bike.build.kind);
    const asked = checklist && { bike, checklist, facts: bike.facts, tag: bike.tag };
    return asked && bike.whereabouts !== 'gone' && isByExposure(policy, asked) ? [asked] : [];
  });
  const found = await exposureOfBikes(tx, asking, policy, now);
  return asking.flatMap(({ bike, tag }): Effect[] => {
    const exposure = found.get(bike.id);
    if (!exposure) return [];
    const asked = askedOf(exposure.questions, exposure, new Set());
    return [
      {
        bikeId: bike.id,
        tag,
        whole: exposure.questions.length,
        asked: asked.length,
        minutesWhole: minutesOf(exposure.questions),
        minutesAsked: minutesOf(asked),
        passes: passesOf(exposure),
      },
    ];
  });
}
