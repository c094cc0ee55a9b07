import { LessThan, Not, type DataSource } from 'typeorm';
import type { findingsOfBike, mergeFindings as mergeRoute, setSeverity } from '@cadre/contract/findings';
import type { AnswerOf, BodyOf, QueryOf } from '@cadre/contract/http';
import { limitFor, maySetSeverity, mergeFindings } from '@cadre/core/findings';
import { currentPolicy } from '@cadre/server/catalogue';
import { findBike } from '@cadre/server/fleet';
import { requireAct, type Actor } from '@cadre/server/platform/http';
import { findFinding, findingOf, findingRow } from './rows';
import { chainOfBikeOf, orRefuse, RefusedError, type EventLog } from '@cadre/server/platform/event-log';
import { findingEntity } from './entities';
import type { FindingEvents } from './events';

export class Findings {
  constructor(
    private readonly source: DataSource,
    private readonly log: EventLog<FindingEvents>,
    private readonly now: () => number,
  ) {}

  /** Raises or, by the lead with a reason, lowers. A hold already begun stays for a release. */
  async setSeverity(
    actor: Actor,
    id: string,
    body: BodyOf<typeof setSeverity>,
  ): Promise<AnswerOf<typeof setSeverity>> {
    requireAct(actor, 'raise-severity');
    return this.log.act(
      {
        chain: chainOfBikeOf('finding', 'finding', id),
        id: body.id,
        request: { findingId: id, ...body },
        author: actor.id,
      },
      async (tx) => {
        const row = await tx.getRepository(findingEntity).findOneByOrFail({ id });
        if (row.state === 'closed')
          throw new RefusedError('repair.finding-not-open', { fault: row.finding.words.fault });
        orRefuse(maySetSeverity(actor, findingOf(row), body.severity));
        const { policy } = await currentPolicy(tx);
        const finding = {
          ...findingOf(row),
          severity: body.severity,
          limit: limitFor(body.severity, this.now(), policy),
          outingsUsed: body.severity === 'soon' ? 0 : row.outingsUsed,
        };
        return {
          kind: 'finding.severity-set',
          body: { bikeId: row.bikeId, finding, reason: body.reason },
          happenedAt: body.at,
        };
      },
      async (tx) => (await findFinding(tx, id)).finding,
    );
  }

  /** Two findings of one bike that are one. It never lightens: the worse of everything goes on. */
  async merge(
    actor: Actor,
    id: string,
    body: BodyOf<typeof mergeRoute>,
  ): Promise<AnswerOf<typeof mergeRoute>> {
    requireAct(actor, 'raise-severity');
    return this.log.act(
      {
        chain: chainOfBikeOf('finding', 'finding', id),
        id: body.id,
        request: { findingId: id, ...body },
        author: actor.id,
      },
      async (tx) => {
        const [kept, other] = [await findingRow(tx, id), await findingRow(tx, body.otherId)];
        if (kept.bikeId !== other.bikeId) throw new RefusedError('merge.other-bike');
        const gone = [kept, other].find((row) => row.state === 'closed');
        if (gone) throw new RefusedError('repair.finding-not-open', { fault: gone.finding.words.fault });
        const merged = orRefuse(mergeFindings(findingOf(kept), findingOf(other)));
        return {
          kind: 'finding.merged',
          body: { bikeId: kept.bikeId, finding: merged.kept, closed: merged.closed },
          happenedAt: body.at,
        };
      },
      async (tx) => (await findFinding(tx, id)).finding,
    );
  }

  /** What a bike has or had, the newest first. */
  async ofBike(
    actor: Actor,
    bikeId: string,
    query: QueryOf<typeof findingsOfBike>,
  ): Promise<AnswerOf<typeof findingsOfBike>> {
    requireAct(actor, 'see');
    const tx = this.source.manager;
    await findBike(tx, bikeId);
    const last = query.before ? await findingRow(tx, query.before) : null;
    const of = { bikeId, state: query.state === 'closed' ? ('closed' as const) : Not('closed' as const) };
    const rows = await tx.getRepository(findingEntity).find({
      where: last
        ? [
            { ...of, openedAt: LessThan(last.openedAt) },
            { ...of, openedAt: last.openedAt, id: LessThan(last.id) },
          ]
        : of,
      order: { openedAt: 'DESC', id: 'DESC' },
      take: query.most + 1,
    });
    const page = rows.slice(0, query.most);
    return {
      findings: page.map(findingOf),
      next: rows.length > query.most ? (page.at(-1)?.id ?? null) : null,
    };
  }
}
