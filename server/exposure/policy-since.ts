import type { EntityManager } from 'typeorm';
import { completePolicy, type PolicyVersion } from '@cadre/core/catalogue';
import { policyEntity } from '@cadre/server/catalogue';

/** All of a policy that decides what is asked of a bike and what is sound. */
const judgesBy = ({ limits, practices, practiceExceptions, seasons, legal }: PolicyVersion): string =>
  JSON.stringify(sorted([limits, practices, practiceExceptions, seasons, legal]));

/** The same content in the same order of names, however it was written. */
function sorted(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(sorted);
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(
    Object.entries(value)
      .filter(([, each]) => each !== undefined)
      .sort(([a], [b]) => (a < b ? -1 : 1))
      .map(([key, each]) => [key, sorted(each)]),
  );
}

/** Since when bikes are judged as this policy judges them: what passed before was judged by other rules. */
export async function judgedAlikeSince(
  tx: EntityManager,
  policy: PolicyVersion,
  now: number,
): Promise<number> {
  const versions = await tx.getRepository(policyEntity).find({ order: { version: 'DESC' } });
  let since = now;
  for (const version of versions) {
    if (judgesBy(completePolicy(version.policy)) !== judgesBy(policy)) break;
    since = version.publishedAt?.getTime() ?? 0;
  }
  return since;
}
