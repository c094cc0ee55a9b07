import { IsNull, MoreThan, type DataSource, type EntityManager } from 'typeorm';
import { v7 as newId } from 'uuid';
import type { Bike } from '@cadre/contract/fleet';
import type { AnswerOf, BodyOf } from '@cadre/contract/http';
import type { handOut, listOutings, Outing, takeBack } from '@cadre/contract/outings';
import { evaluateFitness, mayGoOut } from '@cadre/core/fitness';
import { RETURN_CHECKLIST, triageReturn } from '@cadre/core/outings';
import { DAY_MS } from '@cadre/core/time';
import { currentPolicy } from '@cadre/server/catalogue';
import { factsOf, recordedUntil } from '@cadre/server/fitness';
import { bikesOfOneSite, describeBikes, type BikeRow, type FleetEvents } from '@cadre/server/fleet';
import type { IncidentEvents } from '@cadre/server/incidents';
import { chainOfBike, RefusedError, type EventLog, type NewEvent } from '@cadre/server/platform/event-log';
import { requireAct, type Actor } from '@cadre/server/platform/http';
import { outingGroupEntity } from '@cadre/server/schedule';
import { outingEntity, type OutingRow } from './entities';
import type { OutingEvents } from './events';

type Events = OutingEvents &
  FleetEvents &
  IncidentEvents & { 'odometer.read': { bikeId: string; km: number } };

/** What a bike's computer says as it comes back: judged by what knows its readings, and refused where it cannot be. */
export type ReadOdometer = (
  tx: EntityManager,
  read: { readonly bikeId: string; readonly km: number; readonly at: number; readonly sure: boolean },
) => Promise<{ readonly event: NewEvent<Events>; readonly kmSince: number | null }>;

/** What an outing needs of features that stand on it: given to it where the program is put together. */
export interface OutingPorts {
  readonly readOdometer: ReadOdometer;
  /** The report of a bike that comes back with a problem. */
  readonly problem: (bikeId: string, note: string) => { readonly kind: string; readonly body: object };
}

const LATELY_DAYS = 30;

const outingOf = (row: OutingRow): Outing => ({
  id: row.id,
  bikeId: row.bikeId,
  groupId: row.groupId,
  groupName: row.groupName,
  at: row.at.getTime(),
  dueBackAt: row.dueBackAt?.getTime() ?? null,
  backAt: row.backAt?.getTime() ?? null,
  way: row.way,
  conditions: row.conditions,
  km: row.km === null ? null : Number(row.km),
});

/** Bikes handed out and taken back, and what is due when they are back. */
export class Outings {
  constructor(
    private readonly source: DataSource,
    private readonly log: EventLog<Events>,
    private readonly now: () => number,
    private readonly ports: OutingPorts,
  ) {}

  async list(actor: Actor, since: number): Promise<AnswerOf<typeof listOutings>> {
    requireAct(actor, 'see');
    const tx = this.source.manager;
    const rows = await tx.getRepository(outingEntity).find({
      where: [{ backAt: IsNull() }, { backAt: MoreThan(new Date(since)) }],
      order: { at: 'ASC', id: 'ASC' },
    });
    const lately = await tx.query<{ bikeId: string; outings: string }[]>(
      'SELECT bikeId, COUNT(*) AS outings FROM outing WHERE at >= ? GROUP BY bikeId ORDER BY bikeId',
      [new Date(this.now() - LATELY_DAYS * DAY_MS)],
    );
    return {
      outings: rows.map(outingOf),
      lately: lately.map(({ bikeId, outings }) => ({ bikeId, outings: Number(outings) })),
    };
  }

  async handOut(actor: Actor, body: BodyOf<typeof handOut>): Promise<{ bikes: Bike[] }> {
    requireAct(actor, 'hand-out');
    return this.log.act(
      { chain: chainOfBike(body.bikeIds[0] ?? ''), id: body.id, request: body, author: actor.id },
      async (tx) => {
        const bikes = await bikesOfOneSite(tx, body.bikeIds);
        for (const bike of bikes) await this.refuseUnfit(tx, bike);
        const going = await this.goingWith(tx, body, bikes[0]?.siteId ?? '');
        return bikes.flatMap((bike): NewEvent<Events>[] => [
          {
            kind: 'bike.moved',
            body: { bikeId: bike.id, from: bike.whereabouts, to: 'out' },
            happenedAt: body.at,
          },
          { kind: 'outing.started', body: { bikeId: bike.id, ...going }, happenedAt: body.at },
        ]);
      },
      (tx) => this.answer(tx, body.bikeIds),
    );
  }

  private async refuseUnfit(tx: EntityManager, { id, tag, siteId, whereabouts }: BikeRow): Promise<void> {
    if (whereabouts !== 'in') throw new RefusedError('hand-out.not-in', { tag, whereabouts });
    const { fitness } = evaluateFitness(await factsOf(tx, id), this.now(), await recordedUntil(tx, siteId));
    if (!mayGoOut(fitness)) throw new RefusedError('hand-out.not-fit', { tag, fitness });
  }

  /** With whom they go, and until when. A group that is over takes no bikes: they would be late as they leave. */
  private async goingWith(
    tx: EntityManager,
    { groupId, dueBackAt }: BodyOf<typeof handOut>,
    siteId: string,
  ): Promise<Omit<OutingEvents['outing.started'], 'bikeId'>> {
    if (dueBackAt !== null && dueBackAt <= this.now())
      throw new RefusedError('body.invalid', {}, { fields: [{ path: 'dueBackAt', code: 'past' }] });
    if (groupId === null) return { groupId, groupName: '', dueBackAt };
    const group = await tx.getRepository(outingGroupEntity).findOneBy({ id: groupId });
    if (!group) throw new RefusedError('not-found', { what: 'group' });
    if (group.siteId !== siteId)
      throw new RefusedError('body.invalid', {}, { fields: [{ path: 'groupId', code: 'not-at-this-site' }] });
    if (group.backAt.getTime() <= this.now()) throw new RefusedError('group.over', { name: group.name });
    return { groupId, groupName: group.name, dueBackAt: dueBackAt ?? group.backAt.getTime() };
  }

  async takeBack(actor: Actor, body: BodyOf<typeof takeBack>): Promise<{ bikes: Bike[] }> {
    requireAct(actor, 'hand-out');
    if (body.odometerKm !== null && body.bikeIds.length > 1)
      throw new RefusedError('body.invalid', {}, { fields: [{ path: 'odometerKm', code: 'too-many' }] });
    return this.log.act(
      { chain: chainOfBike(body.bikeIds[0] ?? ''), id: body.id, request: body, author: actor.id },
      async (tx) => {
        const events: NewEvent<Events>[] = [];
        for (const bike of await bikesOfOneSite(tx, body.bikeIds)) {
          if (bike.whereabouts !== 'out') throw new RefusedError('take-back.not-out', { tag: bike.tag });
          events.push(...(await this.backEvents(tx, actor, bike, body)));
        }
        return events;
      },
      (tx) => this.answer(tx, body.bikeIds),
    );
  }

  private async backEvents(
    tx: EntityManager,
    actor: Actor,
    { id: bikeId }: BikeRow,
    { way, conditions, odometerKm, odometerSure: sure, note, at }: BodyOf<typeof takeBack>,
  ): Promise<readonly NewEvent<Events>[]> {
    const { policy } = await currentPolicy(tx);
    const outingsSince = await this.outingsSinceReturnCheck(tx, bikeId);
    const read =
      odometerKm === null ? null : await this.ports.readOdometer(tx, { bikeId, km: odometerKm, at, sure });
    const due = triageReturn({ way, conditions, outingsSince }, policy.returns);
    const ended = { bikeId, way, conditions, km: read?.kmSince ?? null, note, due };
    const incident = { id: newId(), kind: 'crash' as const, at: this.now(), by: actor.id, note };
    return [
      { kind: 'bike.moved', body: { bikeId, from: 'out', to: 'in' }, happenedAt: at },
      { kind: 'outing.ended', body: ended, happenedAt: at },
      ...(read ? [read.event] : []),
      ...(way === 'problem'
        ? [{ ...this.ports.problem(bikeId, note), happenedAt: at } as NewEvent<Events>]
        : []),
      ...(way === 'incident'
        ? [{ kind: 'incident.reported' as const, body: { bikeId, incident }, happenedAt: at }]
        : []),
    ];
  }

  /** Outings since the bike's last complete return check, the one that ends now counted. */
  private async outingsSinceReturnCheck(tx: EntityManager, bikeId: string): Promise<number> {
    const [row] = await tx.query<{ outings: string }[]>(
      `SELECT COUNT(*) AS outings FROM outing o WHERE o.bikeId = ? AND o.at > COALESCE((
        SELECT MAX(c.openedAt) FROM bike_check c JOIN checklist_version v ON v.hash = c.checklistHash
        WHERE c.bikeId = ? AND c.state = 'signed' AND c.complete = 1 AND c.awaitsCoSign = 0 AND v.\`key\` = ?), '1970-01-01')`,
      [bikeId, bikeId, RETURN_CHECKLIST],
    );
    return Number(row?.outings ?? 0);
  }

  private async answer(tx: EntityManager, bikeIds: readonly string[]): Promise<{ bikes: Bike[] }> {
    return {
      bikes: await describeBikes(
        tx,
        bikeIds.map((id) => ({ id })),
      ),
    };
  }
}
