import { In, type DataSource, type EntityManager } from 'typeorm';
import type { listSheets, publishPolicy } from '@cadre/contract/catalogue';
import type { AnswerOf, BodyOf } from '@cadre/contract/http';
import type { Checkpoint, PolicyVersion } from '@cadre/core/catalogue';
import { programChain, requireAct, type Actor } from '@cadre/server/people';
import { hashOf, type Record } from '@cadre/server/records';
import { policyEntity, sheetEntity, type PolicyRow, type SheetRow } from './entities';

/** The policy in force: the newest published one. */
export async function currentPolicy(tx: EntityManager): Promise<PolicyRow> {
  return tx.getRepository(policyEntity).findOneOrFail({ where: {}, order: { version: 'DESC' } });
}

/** The newest version of every published sheet; generated ones (re-looks) are not among them. */
export async function publishedSheets(tx: EntityManager): Promise<readonly SheetRow[]> {
  const newest = (await tx.query(
    "SELECT s.hash FROM sheet_version s WHERE s.`key` <> 're-look' AND s.version = (SELECT MAX(n.version) FROM sheet_version n WHERE n.`key` = s.`key`)",
  )) as { hash: string }[];
  return tx.getRepository(sheetEntity).find({ where: { hash: In(newest.map((row) => row.hash)) }, order: { key: 'ASC' } });
}

/** Every checkpoint of the published sheets, once: what a re-look can be made of. */
export async function publishedCheckpoints(tx: EntityManager): Promise<readonly Checkpoint[]> {
  const byKey = new Map<string, Checkpoint>();
  for (const { sheet } of await publishedSheets(tx)) for (const item of sheet.items) byKey.set(item.checkpoint.key, item.checkpoint);
  return [...byKey.values()];
}

export class Catalogue {
  constructor(
    private readonly source: DataSource,
    private readonly record: Record,
  ) {}

  async list(actor: Actor): Promise<AnswerOf<typeof listSheets>> {
    requireAct(actor, 'see');
    const tx = this.source.manager;
    const sheets = await publishedSheets(tx);
    const policy = await currentPolicy(tx);
    return structuredClone({
      sheets: sheets.map(({ hash, sheet }) => ({ hash, sheet })),
      policy: { hash: policy.hash, policy: policy.policy },
    }) as AnswerOf<typeof listSheets>;
  }

  async publishPolicy(actor: Actor, body: BodyOf<typeof publishPolicy>): Promise<AnswerOf<typeof publishPolicy>> {
    requireAct(actor, 'edit-program');
    return this.record.act(
      { chain: await programChain(this.source), id: body.id, request: body, author: actor.id },
      async (tx) => {
        const before = await currentPolicy(tx);
        const policy: PolicyVersion = { ...before.policy, version: before.version + 1, marking: body.marking, note: body.note };
        return { kind: 'policy.published', body: { hash: hashOf(policy), policy } };
      },
      async (tx) => {
        const { hash, policy } = await currentPolicy(tx);
        return structuredClone({ hash, policy }) as AnswerOf<typeof publishPolicy>;
      },
    );
  }
}
