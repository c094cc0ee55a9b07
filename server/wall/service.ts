import type { DataSource, EntityManager } from 'typeorm';
import type { Wall } from '@cadre/contract/wall';
import { RECHECK_KEY } from '@cadre/core/repairs';
import { describeFleet, describeModels, describePlaces } from '@cadre/server/fleet';
import { requireAct, type Actor } from '@cadre/server/platform/http';
import { groupsAround } from '@cadre/server/schedule';

/** Names and counts that every view needs: who there is, the policy in force, how many versions of checklists were published. */
async function smallThings(
  tx: EntityManager,
): Promise<Pick<Wall, 'people' | 'policyHash' | 'checklistVersions'>> {
  // Past the mapper: three statements' worth of next to nothing in one.
  const rows = await tx.query<{ what: 'person' | 'policy' | 'checklists'; id: string; name: string }[]>(
    "SELECT 'person' AS what, id, name FROM person UNION ALL SELECT 'policy', hash, '' FROM (SELECT hash FROM policy_version ORDER BY version DESC LIMIT 1) AS newest UNION ALL SELECT 'checklists', COUNT(*), '' FROM checklist_version WHERE `key` <> ?",
    [RECHECK_KEY],
  );
  const of = (what: string) => rows.filter((row) => row.what === what);
  return {
    people: of('person').map(({ id, name }) => ({ id, name })),
    policyHash: of('policy')[0]?.id ?? '',
    checklistVersions: Number(of('checklists')[0]?.id ?? 0),
  };
}

/** The rack wall: everything the first screen needs, in one answer. */
export class Walls {
  constructor(
    private readonly source: DataSource,
    private readonly now: () => number,
  ) {}

  async show(actor: Actor): Promise<Wall> {
    requireAct(actor, 'see');
    const tx = this.source.manager;
    return {
      ...(await describePlaces(tx)),
      models: await describeModels(tx),
      groups: await groupsAround(tx, this.now()),
      bikes: await describeFleet(tx),
      ...(await smallThings(tx)),
      now: this.now(),
    };
  }
}
