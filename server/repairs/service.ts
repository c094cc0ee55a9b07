import { itemContent } from '@cadre/core/authorship';
import { authorOf } from '@cadre/server/people';
import { In, MoreThan, type DataSource, type EntityManager } from 'typeorm';
import type { Bike } from '@cadre/contract/fleet';
import type { AnswerOf, BodyOf } from '@cadre/contract/http';
import type {
  finishRepair,
  hangTag,
  listRepairs,
  planRepair,
  releaseBike,
  Repair,
  startRepair,
} from '@cadre/contract/repairs';
import { isStopNow, type Finding } from '@cadre/core/findings';
import { releaseReadiness } from '@cadre/core/fitness';
import { describeBike } from '@cadre/server/fleet';
import { lockItems, type PartEvents } from '@cadre/server/parts';
import { requireAct, type Actor } from '@cadre/server/platform/http';
import { factsOf } from '@cadre/server/fitness';
import {
  chainOfBike,
  chainOfBikeOf,
  RefusedError,
  type Chain,
  type EventLog,
  type NewEvent,
} from '@cadre/server/platform/event-log';
import { closingOf } from './close-finding';
import { sayDone } from './finish';
import type { closeFinding } from '@cadre/contract/findings';
import { findFinding } from '@cadre/server/findings';
import { repairEntity, type RepairRow } from './entities';
import type { RepairEvents } from './events';
import type { LaterEvents } from './later-looks';

function describeRepair(row: RepairRow): Repair {
  return {
    ...row,
    startedAt: row.startedAt.getTime(),
    doneAt: row.doneAt?.getTime() ?? null,
  };
}

export async function findRepair(tx: EntityManager, id: string): Promise<RepairRow> {
  const row = await tx.getRepository(repairEntity).findOneBy({ id });
  if (!row) throw new RefusedError('not-found', { what: 'repair' });
  return row;
}

async function answerOf(tx: EntityManager, id: string): Promise<{ repair: Repair; bike: Bike }> {
  const row = await findRepair(tx, id);
  return { repair: describeRepair(row), bike: await describeBike(tx, row.bikeId) };
}

interface Act {
  readonly actor: Actor;
  readonly id: string;
  readonly request: unknown;
}
/** What an act on a repair may put on record. */
type Events = RepairEvents & PartEvents & LaterEvents;
type Said = NewEvent<Events> | readonly NewEvent<Events>[];

export class Repairs {
  constructor(
    private readonly source: DataSource,
    private readonly log: EventLog<Events>,
    private readonly now: () => number,
  ) {}

  /** An act on a bike, in the chain of the site it is at. */
  private async actOn<T>(
    of: Act & { readonly chain: Chain },
    decide: (tx: EntityManager) => Promise<Said>,
    answer: (tx: EntityManager) => Promise<T>,
  ): Promise<T> {
    return this.log.act(
      { chain: of.chain, id: of.id, request: of.request, author: of.actor.id },
      decide,
      answer,
    );
  }

  /** An act on a repair, as it stands in the act's own transaction. */
  private async actOnRepair<T>(
    repairId: string,
    of: Act,
    decide: (tx: EntityManager, repair: RepairRow) => Promise<Said>,
    answer: (tx: EntityManager) => Promise<T>,
  ): Promise<T> {
    return this.actOn(
      { ...of, chain: chainOfBikeOf('repair', 'repair', repairId) },
      async (tx) => decide(tx, await findRepair(tx, repairId)),
      answer,
    );
  }

  /** Repairs not yet rechecked, oldest first. */
  async list(
    actor: Actor,
    query: { after?: string | undefined; most: number },
  ): Promise<AnswerOf<typeof listRepairs>> {
    requireAct(actor, 'see');
    const after = query.after ? await findRepair(this.source.manager, query.after) : null;
    const rows = await this.source.getRepository(repairEntity).find({
      where: { state: In(['started', 'done']), ...(after ? { startedAt: MoreThan(after.startedAt) } : {}) },
      order: { startedAt: 'ASC' },
      take: query.most + 1,
    });
    const page = rows.slice(0, query.most);
    return {
      repairs: page.map(describeRepair),
      next: rows.length > query.most ? (page.at(-1)?.id ?? null) : null,
    };
  }

  async start(actor: Actor, body: BodyOf<typeof startRepair>): Promise<AnswerOf<typeof startRepair>> {
    requireAct(actor, 'repair');
    return this.actOn(
      { chain: chainOfBike(body.bikeId), actor, id: body.id, request: body },
      async (tx) => {
        const facts = await factsOf(tx, body.bikeId);
        const findings = body.findingIds.map((id): Finding => {
          const finding = facts.findings.find((each) => each.id === id);
          if (!finding) throw new RefusedError('repair.finding-not-open', { id });
          if (finding.state !== 'open')
            throw new RefusedError('repair.finding-in-work', { fault: finding.words.fault });
          return { ...finding, state: 'in-work' };
        });
        return {
          kind: 'repair.started',
          body: { bikeId: body.bikeId, repairId: body.id, findings },
          happenedAt: body.at,
        };
      },
      (tx) => answerOf(tx, body.id),
    );
  }

  /** How it is meant to go from now on: stand, person, parts counted on, what it waits for. */
  async plan(
    actor: Actor,
    repairId: string,
    body: BodyOf<typeof planRepair>,
  ): Promise<AnswerOf<typeof planRepair>> {
    requireAct(actor, 'repair');
    return this.actOnRepair(
      repairId,
      { actor, id: body.id, request: { repairId, ...body } },
      async (tx, repair) => {
        if (repair.state !== 'started') throw new RefusedError('repair.already-done');
        await lockItems(tx, [...new Set(body.plan.needs.map((need) => need.itemId))]);
        return {
          kind: 'repair.planned',
          body: { bikeId: repair.bikeId, repairId, plan: body.plan },
          happenedAt: body.at,
        };
      },
      (tx) => answerOf(tx, repairId),
    );
  }

  /** Hangs a tag on a held bike for whoever has no screen in hand. */
  async hangTag(actor: Actor, bikeId: string, body: BodyOf<typeof hangTag>): Promise<Bike> {
    requireAct(actor, 'mark');
    return this.actOn(
      { chain: chainOfBike(bikeId), actor, id: body.id, request: { bikeId, ...body } },
      async (tx) => {
        const { holds } = await factsOf(tx, bikeId);
        if (holds.length === 0) throw new RefusedError('release.not-held');
        const hangs = holds.find((hold) => hold.hangTag);
        if (hangs) throw new RefusedError('hang-tag.hangs-already', { hangTag: hangs.hangTag ?? '' });
        return { kind: 'hang-tag.hung', body: { bikeId, hangTag: body.hangTag }, happenedAt: body.at };
      },
      (tx) => describeBike(tx, bikeId),
    );
  }

  /** The work is done, with what was done for each finding and what it touched. Nothing is cleared by it. */
  async finish(
    actor: Actor,
    repairId: string,
    body: BodyOf<typeof finishRepair>,
  ): Promise<AnswerOf<typeof finishRepair>> {
    requireAct(actor, 'repair');
    return this.actOnRepair(
      repairId,
      { actor, id: body.id, request: { repairId, ...body } },
      async (tx, repair) => {
        if (repair.state !== 'started') throw new RefusedError('repair.already-done');
        return sayDone(tx, repair, body, actor.id);
      },
      (tx) => answerOf(tx, repairId),
    );
  }

  /** The one act that ends a hold. Refused until every stop is repaired and rechecked and nothing is left apart. */
  async release(actor: Actor, bikeId: string, body: BodyOf<typeof releaseBike>): Promise<Bike> {
    requireAct(actor, 'release');
    return this.actOn(
      { chain: chainOfBike(bikeId), actor, id: body.id, request: itemContent({ bikeId }, body) },
      async (tx) => {
        const { proof } = await authorOf(tx, actor, 'release', {
          kind: 'release',
          id: body.id,
          author: actor.id,
          content: itemContent({ bikeId, author: actor.id }, body),
          proof: body.proof,
        });
        const facts = await factsOf(tx, bikeId);
        const readiness = releaseReadiness(facts, this.now());
        if (!readiness.held) throw new RefusedError('release.not-held');
        if (readiness.blocks.length > 0)
          throw new RefusedError('release.not-ready', {
            blocks: readiness.blocks.map((block) =>
              'finding' in block ? `${block.code}: ${block.finding.words.fault}` : block.code,
            ),
          });
        const hangs = facts.holds.find((hold) => hold.hangTag)?.hangTag ?? null;
        if (hangs !== null && !body.hangTagBack)
          throw new RefusedError(
            'release.hang-tag-out',
            { hangTag: hangs },
            { fields: [{ path: 'hangTagBack', code: 'required' }] },
          );
        const findings = facts.findings
          .filter((finding) => isStopNow(finding, this.now()) || finding.state === 'rechecked')
          .map((finding): Finding => ({ ...finding, state: 'closed' }));
        return {
          kind: 'bike.released',
          body: {
            bikeId,
            note: body.note,
            findings,
            ...(hangs === null ? {} : { hangTagBack: hangs }),
            ...(proof ? { proof } : {}),
          },
          happenedAt: body.at,
        };
      },
      (tx) => describeBike(tx, bikeId),
    );
  }

  /** Closes a finding whose question is no longer asked of its bike. */
  async closeFinding(
    actor: Actor,
    id: string,
    body: BodyOf<typeof closeFinding>,
  ): Promise<AnswerOf<typeof closeFinding>> {
    requireAct(actor, 'repair');
    return this.actOn(
      {
        chain: chainOfBikeOf('finding', 'finding', id),
        actor,
        id: body.id,
        request: { findingId: id, ...body },
      },
      (tx) => closingOf(tx, id, body, actor.id, this.now()),
      async (tx) => (await findFinding(tx, id)).finding,
    );
  }
}
