import { MoreThan, Not, type DataSource, type EntityManager } from 'typeorm';
import { v7 as newId } from 'uuid';
import type { Bike } from '@cadre/contract/fleet';
import type { AnswerOf, BodyOf } from '@cadre/contract/http';
import type {
  addReport,
  closeReport,
  describeReport,
  listReports,
  reportToFinding,
} from '@cadre/contract/reports';
import { isSameReport, type ReportSaid } from '@cadre/core/reports';
import { DAY_MS } from '@cadre/core/time';
import { currentPolicy, publishedCheckpoints } from '@cadre/server/catalogue';
import { factsOf } from '@cadre/server/fitness';
import { describeBike } from '@cadre/server/fleet';
import { outingEntity } from '@cadre/server/outings';
import {
  chainOfBike,
  chainOfBikeOf,
  RefusedError,
  type EventLog,
  type NewEvent,
} from '@cadre/server/platform/event-log';
import { photoEntity, type PhotoEvents } from '@cadre/server/photos';
import { requireAct, type Actor } from '@cadre/server/platform/http';
import { reportEntity, reportPhotoEntity, type ReportRow } from './entities';
import type { ReportEvents } from './events';
import { findingOfFault, zoneOfQuestion } from '@cadre/server/findings';
import { forgetRidersBefore, openRiderName, sealRiderName } from './rider-name';

type Events = ReportEvents & PhotoEvents;
type Decide = (tx: EntityManager) => Promise<NewEvent<Events> | readonly NewEvent<Events>[]>;

/** A photo as it is stored. */
export interface ReportPhoto {
  readonly hash: string;
  readonly width: number;
  readonly height: number;
  readonly whole: Buffer;
  readonly small: Buffer;
}

/** What came from a rider. */
export interface RiderReport extends ReportSaid {
  readonly id: string;
  readonly bikeId: string;
  readonly note: string;
  readonly name: string;
  readonly photo: ReportPhoto | null;
  readonly times: number;
}

const SHOWN_DAYS = 30;

/** Problems reported of bikes: they hold at once, and end as findings or with a reason. */
export class Reports {
  constructor(
    private readonly source: DataSource,
    private readonly log: EventLog<Events>,
    private readonly now: () => number,
  ) {}

  async list(actor: Actor): Promise<AnswerOf<typeof listReports>> {
    requireAct(actor, 'see');
    const tx = this.source.manager;
    const rows = await tx.getRepository(reportEntity).find({
      where: [
        { state: 'unread' },
        { state: Not('unread'), at: MoreThan(new Date(this.now() - SHOWN_DAYS * DAY_MS)) },
      ],
      order: { at: 'DESC', id: 'DESC' },
      take: 500,
    });
    return { reports: await Promise.all(rows.map((row) => this.reportOf(tx, actor, row))) };
  }

  private async reportOf(
    tx: EntityManager,
    actor: Actor,
    row: ReportRow,
  ): Promise<AnswerOf<typeof listReports>['reports'][number]> {
    const { id, bikeId, zone, fault, canRide, holds, note, by, times, photoHash, state, reason } = row;
    const outing = await this.outingAt(tx, bikeId, row.at);
    return {
      ...{ id, bikeId, zone, fault, canRide, holds, note, by, times, state, outing },
      at: row.at.getTime(),
      // Who a rider is, is for who has to ask them.
      riderName: actor.role === 'lead' ? await openRiderName(tx, id, row.sealedName) : '',
      hasPhoto: photoHash !== null,
      dealt:
        row.dealtBy !== null && row.dealtAt !== null
          ? { by: row.dealtBy, at: row.dealtAt.getTime(), reason }
          : null,
    };
  }

  /** The outing a bike was on, or came back from, when something was told of it. */
  private async outingAt(
    tx: EntityManager,
    bikeId: string,
    at: Date,
  ): Promise<{ at: number; groupName: string } | null> {
    const outings = await tx
      .getRepository(outingEntity)
      .find({ where: { bikeId }, order: { at: 'DESC', id: 'DESC' }, take: 20 });
    const last = outings.find((outing) => outing.at.getTime() <= at.getTime());
    return last && at.getTime() - (last.backAt ?? at).getTime() < DAY_MS
      ? { at: last.at.getTime(), groupName: last.groupName }
      : null;
  }

  private async find(tx: EntityManager, id: string): Promise<ReportRow> {
    const row = await tx.getRepository(reportEntity).findOneBy({ id });
    if (!row) throw new RefusedError('not-found', { what: 'report' });
    return row;
  }

  private async findUnread(tx: EntityManager, id: string): Promise<ReportRow> {
    const row = await this.find(tx, id);
    if (row.state !== 'unread') throw new RefusedError('report.dealt-with');
    return row;
  }

  /** What a rider sent: a report, or one more voice for the one there is. Sent twice under its id it is one. */
  async fromRider(sent: RiderReport): Promise<{ holds: boolean }> {
    const { id, bikeId, zone, fault, canRide, note, name, photo, times } = sent;
    const request = { bikeId, zone, fault, canRide, note, name, photo: photo?.hash ?? null, times };
    return this.log.act(
      { chain: chainOfBike(bikeId), id, request, author: null },
      async (tx) => {
        const same = await this.sameUnread(tx, bikeId, sent);
        if (photo) await this.keepPhoto(tx, same?.id ?? id, photo);
        const photoHash = photo?.hash ?? null;
        if (same)
          return {
            kind: 'report.repeated',
            body: { bikeId, reportId: same.id, canRide, note, photoHash, times },
          };
        const sealedName = await sealRiderName(tx, id, name, this.now());
        return {
          kind: 'report.made',
          body: { bikeId, reportId: id, zone, fault, canRide, note, sealedName, photoHash, times },
        };
      },
      async (tx) => ({ holds: (await factsOf(tx, bikeId)).reports.some((each) => each.holds) }),
    );
  }

  private async sameUnread(tx: EntityManager, bikeId: string, said: ReportSaid): Promise<ReportRow | null> {
    const unread = await tx.getRepository(reportEntity).findBy({ bikeId, state: 'unread' });
    return unread.find((row) => isSameReport(row, said)) ?? null;
  }

  /** The newest stays: it shows the fault as it is now. */
  private async keepPhoto(tx: EntityManager, reportId: string, photo: ReportPhoto): Promise<void> {
    await tx.getRepository(reportPhotoEntity).upsert({ reportId, ...photo }, ['reportId']);
  }

  async add(actor: Actor, bikeId: string, body: BodyOf<typeof addReport>): Promise<Bike> {
    requireAct(actor, 'hand-out');
    const { zone, fault, canRide, note, at } = body;
    return this.log.act(
      { chain: chainOfBike(bikeId), id: body.id, request: { bikeId, ...body }, author: actor.id },
      async (tx) => {
        const same = await this.sameUnread(tx, bikeId, body);
        const told = { bikeId, canRide, note, photoHash: null, times: 1 };
        return same
          ? { kind: 'report.repeated', body: { ...told, reportId: same.id }, happenedAt: at }
          : {
              kind: 'report.made',
              body: { ...told, reportId: body.id, zone, fault, sealedName: '' },
              happenedAt: at,
            };
      },
      (tx) => describeBike(tx, bikeId),
    );
  }

  async describe(actor: Actor, id: string, body: BodyOf<typeof describeReport>): Promise<Bike> {
    requireAct(actor, 'hand-out');
    const { zone, fault, canRide, note, at } = body;
    return this.onReport(actor, id, body, async (_tx, { bikeId }) => ({
      kind: 'report.described',
      body: { bikeId, reportId: id, zone, fault, canRide, note },
      happenedAt: at,
    }));
  }

  async close(actor: Actor, id: string, body: BodyOf<typeof closeReport>): Promise<Bike> {
    requireAct(actor, 'release');
    return this.onReport(actor, id, body, async (_tx, { bikeId }) => ({
      kind: 'report.closed',
      body: { bikeId, reportId: id, reason: body.reason },
      happenedAt: body.at,
    }));
  }

  async toFinding(actor: Actor, id: string, body: BodyOf<typeof reportToFinding>): Promise<Bike> {
    requireAct(actor, 'release');
    const { position, fault, severity, at } = body;
    return this.onReport(actor, id, body, async (tx, { bikeId, note }) => {
      const wrong = (path: string) =>
        new RefusedError('body.invalid', {}, { fields: [{ path, code: 'unknown' }] });
      const checkpoint = (await publishedCheckpoints(tx)).find((each) => each.key === body.checkpoint);
      if (!checkpoint) throw wrong('checkpoint');
      if (!zoneOfQuestion(checkpoint, position)) throw wrong('position');
      if (!checkpoint.faults.some((each) => each.key === fault)) throw wrong('fault');
      const { policy } = await currentPolicy(tx);
      const { findings: open } = await factsOf(tx, bikeId);
      const by = { open, policy, by: actor.id, at: this.now(), note, newId };
      const finding = findingOfFault({ checkpoint, position, fault, severity }, by);
      return [
        ...(await this.photoOfFinding(tx, id, {
          bikeId,
          checkpoint: checkpoint.key,
          position,
          by: actor.id,
          at,
        })),
        { kind: 'report.to-finding', body: { bikeId, reportId: id, finding }, happenedAt: at },
      ];
    });
  }

  /** The photo of a report goes with its finding: it is shown beside the same place next time. */
  private async photoOfFinding(
    tx: EntityManager,
    reportId: string,
    {
      at,
      ...of
    }: Pick<PhotoEvents['photo.added'], 'bikeId' | 'checkpoint' | 'position' | 'by'> & {
      readonly at: number;
    },
  ): Promise<readonly NewEvent<Events>[]> {
    const photo = await tx.getRepository(reportPhotoEntity).findOneBy({ reportId });
    if (!photo) return [];
    const { hash, width, height, whole, small } = photo;
    const picture = { width, height, hash, shapes: [] };
    const { by: author, ...where } = of;
    const id = newId();
    await tx
      .getRepository(photoEntity)
      .insert({ id, ...where, ...picture, author, checkId: null, at: new Date(at), whole, small });
    return [{ kind: 'photo.added', body: { ...of, ...picture, photoId: id, checkId: null }, happenedAt: at }];
  }

  /** One act on a report nobody has dealt with; it answers the bike. */
  private async onReport(
    actor: Actor,
    id: string,
    body: { readonly id: string },
    decide: (tx: EntityManager, report: ReportRow) => ReturnType<Decide>,
  ): Promise<Bike> {
    return this.log.act(
      {
        chain: chainOfBikeOf('report', 'report', id),
        id: body.id,
        request: { reportId: id, ...body },
        author: actor.id,
      },
      async (tx) => decide(tx, await this.findUnread(tx, id)),
      async (tx) => describeBike(tx, (await this.find(tx, id)).bikeId),
    );
  }

  async photo(actor: Actor, id: string): Promise<Buffer> {
    requireAct(actor, 'see');
    const row = await this.source.getRepository(reportPhotoEntity).findOneBy({ reportId: id });
    if (!row) throw new RefusedError('not-found', { what: 'photo' });
    return row.whole;
  }

  /** Destroys what riders called themselves once the policy's days are over. */
  async forgetRiders(): Promise<number> {
    const { policy } = await currentPolicy(this.source.manager);
    return forgetRidersBefore(this.source.manager, this.now() - policy.ridersKeptDays * DAY_MS);
  }
}

/** The report of a bike that comes back with a problem: what it is and where is said after, so it holds. */
export function problemOnReturn(
  bikeId: string,
  note: string,
): { readonly kind: 'report.made'; readonly body: ReportEvents['report.made'] } {
  return {
    kind: 'report.made',
    body: {
      ...{ bikeId, reportId: newId(), zone: null, fault: 'other', canRide: true, note },
      ...{ sealedName: '', photoHash: null, times: 1 },
    },
  };
}
