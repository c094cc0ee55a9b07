import type { DataSource, EntityManager } from 'typeorm';
import type { Wall } from '@cadre/contract/wall';
import { RECHECK_KEY } from '@cadre/core/repairs';
import { describeFleet, describeModels, describePlaces } from '@cadre/server/fleet';
import { requireAct, type Actor } from '@cadre/server/platform/http';
import { groupsAround } from '@cadre/server/schedule';

/** Names and counts that every view needs: who there is, the policy in force, how many versions of checklists were published. */
async function smallThings(
  tx: EntityManager,
): Promise<Pick<Wall, 'people' | 'policyHash' | 'checklistVersions' | 'recordedUntil' | 'demo'>> {
  // Past the mapper: three statements' worth of next to nothing in one.
  const rows = await tx.query<
    { what: 'person' | 'policy' | 'checklists' | 'recorded' | 'demo'; id: string; name: string }[]
  >(
    "SELECT 'person' AS what, id, name FROM person UNION ALL SELECT 'policy', hash, '' FROM (SELECT hash FROM policy_version ORDER BY version DESC LIMIT 1) AS newest UNION ALL SELECT 'checklists', COUNT(*), '' FROM checklist_version WHERE `key` <> ? UNION ALL SELECT 'recorded', TIMESTAMPDIFF(MICROSECOND, '1970-01-01', MAX(recordedUntil)) DIV 1000, '' FROM chain_head UNION ALL SELECT 'demo', demo, '' FROM program",
    [RECHECK_KEY],
  );
  const of = (what: string) => rows.filter((row) => row.what === what);
  return {
    people: of('person').map(({ id, name }) => ({ id, name })),
    policyHash: of('policy')[0]?.id ?? '',
    checklistVersions: Number(of('checklists')[0]?.id ?? 0),
    recordedUntil: Number(of('recorded')[0]?.id ?? 0),
    demo: Number(of('demo')[0]?.id ?? 0) === 1,
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
