import type { DataSource } from 'typeorm';
import type { setSeverity } from '@cadre/contract/findings';
import type { AnswerOf, BodyOf } from '@cadre/contract/http';
import { limitFor, maySetSeverity } from '@cadre/core/findings';
import { currentPolicy } from '@cadre/server/catalogue';
import { findBike } from '@cadre/server/fleet';
import { requireAct, type Actor } from '@cadre/server/people';
import { findingOf } from '@cadre/server/projection';
import { orRefuse, RefusedError, type Record } from '@cadre/server/records';
import { findingEntity } from './entities';

export class Findings {
  constructor(
    private readonly source: DataSource,
    private readonly record: Record,
    private readonly now: () => number,
  ) {}

  /** Raises or, by the lead with a reason, lowers. A hold already begun stays for a release. */
  async setSeverity(actor: Actor, id: string, body: BodyOf<typeof setSeverity>): Promise<AnswerOf<typeof setSeverity>> {
    requireAct(actor, 'raise-severity');
    const found = await this.source.getRepository(findingEntity).findOneBy({ id });
    if (!found) throw new RefusedError('not-found', { what: 'finding' });
    const { siteId } = await findBike(this.source.manager, found.bikeId);
    return this.record.act(
      { chain: siteId, id: body.id, request: { findingId: id, ...body }, author: actor.id },
      async (tx) => {
        const row = await tx.getRepository(findingEntity).findOneByOrFail({ id });
        if (row.state === 'closed') throw new RefusedError('repair.finding-not-open', { fault: row.finding.words.fault });
        orRefuse(maySetSeverity(actor, findingOf(row), body.severity));
        const { policy } = await currentPolicy(tx);
        const finding = {
          ...findingOf(row),
          severity: body.severity,
          limit: limitFor(body.severity, this.now(), policy),
          outingsUsed: body.severity === 'soon' ? 0 : row.outingsUsed,
        };
        return { kind: 'finding.severity-set', body: { bikeId: row.bikeId, finding, reason: body.reason }, happenedAt: body.at };
      },
      async (tx) => structuredClone(findingOf(await tx.getRepository(findingEntity).findOneByOrFail({ id }))) as AnswerOf<typeof setSeverity>,
    );
  }
}
