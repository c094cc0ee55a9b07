import { In, LessThan, Not, type DataSource, type EntityManager } from 'typeorm';
import type {
  closeFinding,
  findingsOfBike,
  lookAcross as lookAcrossRoute,
  mergeFindings as mergeRoute,
  setSeverity,
} from '@cadre/contract/findings';
import type { AnswerOf, BodyOf, QueryOf } from '@cadre/contract/http';
import { leastWork } from '@cadre/core/catalogue';
import {
  closeUnasked,
  limitFor,
  lookAcross,
  maySetSeverity,
  mergeFindings,
  TELLING_WORK_MS,
} from '@cadre/core/findings';
import { currentPolicy, publishedSheets } from '@cadre/server/catalogue';
import { findBike } from '@cadre/server/fleet';
import { bikeEntity } from '@cadre/server/fleet/entities';
import { requireAct, type Actor } from '@cadre/server/people';
import { findingOf } from '@cadre/server/projection';
import { chainOfBikeOf, orRefuse, RefusedError, type EventLog } from '@cadre/server/records';
import { findingEntity, type FindingRow } from './entities';
import { isStillAsked, repairSettled } from './asked-still';
import { havingFault, lookedSince, matesOf } from './mates';

/** The sheet a line of one look takes: each bike's own ride-out where that asks it, else the shortest that does. */
async function sheetFor(tx: EntityManager, checkpoint: string): Promise<string | null> {
  const asking = (await publishedSheets(tx)).filter(({ sheet }) =>
    sheet.items.some((item) => item.checkpoint.key === checkpoint),
  );
  if (asking.some(({ sheet }) => sheet.clears)) return null;
  return asking.sort((a, b) => a.sheet.items.length - b.sheet.items.length)[0]?.key ?? null;
}

export class Findings {
  constructor(
    private readonly source: DataSource,
    private readonly log: EventLog,
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
      async (tx) =>
        structuredClone(findingOf(await tx.getRepository(findingEntity).findOneByOrFail({ id }))) as AnswerOf<
          typeof setSeverity
        >,
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
        const [kept, other] = [await this.rowOf(tx, id), await this.rowOf(tx, body.otherId)];
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
      async (tx) => structuredClone(findingOf(await this.rowOf(tx, id))) as AnswerOf<typeof mergeRoute>,
    );
  }

  /** A finding whose part is no longer on the bike, closed by name. What held the bike waits for its release. */
  async close(
    actor: Actor,
    id: string,
    body: BodyOf<typeof closeFinding>,
  ): Promise<AnswerOf<typeof closeFinding>> {
    requireAct(actor, 'repair');
    return this.log.act(
      {
        chain: chainOfBikeOf('finding', 'finding', id),
        id: body.id,
        request: { findingId: id, ...body },
        author: actor.id,
      },
      async (tx) => {
        const { bikeId, ...row } = await this.rowOf(tx, id);
        const before = findingOf({ bikeId, ...row });
        const { policy } = await currentPolicy(tx);
        const isAsked = await isStillAsked(tx, bikeId, before);
        const finding = orRefuse(
          closeUnasked({ finding: before, isAsked, by: actor.id, policy, now: this.now() }),
        );
        return {
          kind: 'finding.closed',
          body: { bikeId, finding, reason: body.reason, settles: await repairSettled(tx, bikeId, before) },
          happenedAt: body.at,
        };
      },
      async (tx) => structuredClone(findingOf(await this.rowOf(tx, id))) as AnswerOf<typeof closeFinding>,
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
    const last = query.before ? await this.rowOf(tx, query.before) : null;
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
      findings: structuredClone(page.map(findingOf)) as AnswerOf<typeof findingsOfBike>['findings'],
      next: rows.length > query.most ? (page.at(-1)?.id ?? null) : null,
    };
  }

  private async rowOf(tx: EntityManager, id: string): Promise<FindingRow> {
    const row = await tx.getRepository(findingEntity).findOneBy({ id });
    if (!row) throw new RefusedError('not-found', { what: 'finding' });
    return row;
  }

  /** The bikes where the fault of a finding may be too, and whether somebody has looked there since. */
  async lookAcross(actor: Actor, id: string): Promise<AnswerOf<typeof lookAcrossRoute>> {
    requireAct(actor, 'see');
    const tx = this.source.manager;
    const row = await this.rowOf(tx, id);
    const finding = findingOf(row);
    const mates = await matesOf(tx, new Date(finding.openedAt - TELLING_WORK_MS));
    const own = mates.find((mate) => mate.bikeId === row.bikeId);
    const touches = leastWork(finding).map((each) => each.touch);
    const siblings = own ? lookAcross(finding, own, mates, touches) : [];
    const ids = siblings.map((sibling) => sibling.bikeId);
    const looked = await lookedSince(tx, ids, finding.checkpoint, new Date(finding.openedAt));
    const found = await havingFault(tx, ids, finding.checkpoint, finding.fault);
    const tags = new Map(
      (
        await tx.getRepository(bikeEntity).find({ where: { id: In(ids) }, select: { id: true, tag: true } })
      ).map((bike) => [bike.id, bike.tag]),
    );
    return {
      siblings: siblings.map((sibling) => ({
        ...sibling,
        tag: tags.get(sibling.bikeId) ?? '',
        lookedAt: looked.get(sibling.bikeId) ?? null,
        found: found.has(sibling.bikeId),
      })),
      checkpoint: finding.checkpoint,
      sheetKey: await sheetFor(tx, finding.checkpoint),
    };
  }
}
