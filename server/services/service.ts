import { MoreThan, type DataSource, type EntityManager } from 'typeorm';
import type { Bike } from '@cadre/contract/fleet';
import type { AnswerOf, BodyOf } from '@cadre/contract/http';
import type { doneService, getServices, readOdometer } from '@cadre/contract/services';
import { INTERVAL_COUNTS, type Counted } from '@cadre/core/measures';
import { climateAt, odometerSlip, serviceLeft } from '@cadre/core/services';
import { canonicalJson } from '@cadre/core/event-log';
import { currentPolicy } from '@cadre/server/catalogue';
import { describeBike, findBike, siteEntity } from '@cadre/server/fleet';
import { chainOfBike, RefusedError, type EventLog } from '@cadre/server/platform/event-log';
import { requireAct, type Actor } from '@cadre/server/platform/http';
import { outingEntity } from '@cadre/server/outings';
import { bikeUses, servicesUnder } from './bikes';
import { dueServices, everyBike, refreshAlone } from './due';
import { bikeServiceEntity, odometerEntity } from './entities';
import type { ServiceEvents } from './events';

const lastReading = (tx: EntityManager, bikeId: string) =>
  tx.getRepository(odometerEntity).findOne({ where: { bikeId }, order: { at: 'DESC', id: 'DESC' } });

interface OdometerRead {
  readonly km: number;
  readonly at: number;
  readonly sure: boolean;
}

/** The reading before this one; refused under the field's path where this one runs backwards, or leaps and nobody looked again. */
async function plausibleReading(
  tx: EntityManager,
  bikeId: string,
  { km, at, sure }: OdometerRead,
  path: string,
): Promise<{ readonly at: number; readonly km: number } | null> {
  const row = await lastReading(tx, bikeId);
  const last = row ? { at: row.at.getTime(), km: Number(row.km) } : null;
  const slip = odometerSlip(last, { at, km });
  if (slip === 'backwards' || (slip === 'leap' && !sure))
    throw new RefusedError(
      'body.invalid',
      {},
      { fields: [{ path, code: slip, params: { km: last?.km ?? 0 } }] },
    );
  return last;
}

/** What a bike's computer says as it comes back, for the act that takes it back; and how far this outing alone went, where no other lies since the reading before. */
export async function odometerOnReturn(
  tx: EntityManager,
  { bikeId, ...read }: OdometerRead & { readonly bikeId: string },
): Promise<{
  readonly event: {
    readonly kind: 'odometer.read';
    readonly body: ServiceEvents['odometer.read'];
    readonly happenedAt: number;
  };
  readonly kmSince: number | null;
}> {
  const last = await plausibleReading(tx, bikeId, read, 'odometerKm');
  const outings = last
    ? await tx.getRepository(outingEntity).countBy({ bikeId, at: MoreThan(new Date(last.at)) })
    : 0;
  return {
    event: { kind: 'odometer.read', body: { bikeId, km: read.km }, happenedAt: read.at },
    kmSince: last && outings === 1 ? read.km - last.km : null,
  };
}

/** How much of an interval is left of what it was, by the count that comes first; none past it. */
const shareLeft = ({ every, left }: { readonly every: Counted; readonly left: Counted }): number =>
  Math.min(...INTERVAL_COUNTS.map((count) => (left[count] ?? Infinity) / (every[count] ?? 1)));

/** Work that comes round again: what is due on a bike, done by itself, and what its computer stands at. */
export class BikeServices {
  constructor(
    private readonly source: DataSource,
    private readonly log: EventLog<ServiceEvents>,
    private readonly now: () => number,
  ) {}

  async ofBike(actor: Actor, bikeId: string): Promise<AnswerOf<typeof getServices>> {
    requireAct(actor, 'see');
    const tx = this.source.manager;
    await findBike(tx, bikeId);
    const [use] = await bikeUses(tx, [bikeId]);
    if (!use) throw new Error(`bike ${bikeId} was never added`);
    const now = this.now();
    const services = servicesUnder((await currentPolicy(tx)).policy)(use);
    const last = await lastReading(tx, bikeId);
    return {
      climate: services[0] ? climateAt(services[0].line, now) : 'dry',
      odometer: last ? { km: Number(last.km), at: last.at.getTime(), by: last.by } : null,
      services: services
        .map(({ rule, due, line }) => ({
          key: rule.key,
          name: rule.name,
          overdue: rule.overdue,
          every: rule.every,
          climates: [...(rule.climates ?? [])],
          left: serviceLeft(rule, due.since, use.uses, line, now),
          since: due.since,
          everDone: due.everDone,
          dueAt: due.dueAt,
          by: due.by,
          checkpoints: [...rule.settledBy.checkpoints],
        }))
        .sort((a, b) => shareLeft(a) - shareLeft(b) || (a.name < b.name ? -1 : 1)),
    };
  }

  async done(actor: Actor, bikeId: string, key: string, body: BodyOf<typeof doneService>): Promise<Bike> {
    requireAct(actor, 'mark');
    return this.log.act(
      {
        chain: chainOfBike(bikeId),
        id: body.id,
        request: { bikeId, service: key, ...body },
        author: actor.id,
      },
      async (tx) => {
        const [use] = await bikeUses(tx, [bikeId]);
        if (!use) throw new RefusedError('not-found', { what: 'bike' });
        const found = servicesUnder((await currentPolicy(tx)).policy)(use).find(
          ({ rule }) => rule.key === key,
        );
        if (!found) throw new RefusedError('not-found', { what: 'service' });
        return {
          kind: 'service.done',
          body: { bikeId, service: key, name: found.rule.name, note: body.note },
          happenedAt: body.at,
        };
      },
      (tx) => describeBike(tx, bikeId),
    );
  }

  async odometer(actor: Actor, bikeId: string, body: BodyOf<typeof readOdometer>): Promise<Bike> {
    requireAct(actor, 'hand-out');
    return this.log.act(
      { chain: chainOfBike(bikeId), id: body.id, request: { bikeId, ...body }, author: actor.id },
      async (tx) => {
        await findBike(tx, bikeId);
        await plausibleReading(tx, bikeId, body, 'km');
        return { kind: 'odometer.read', body: { bikeId, km: body.km }, happenedAt: body.at };
      },
      (tx) => describeBike(tx, bikeId),
    );
  }

  /** The policy and the zones of the sites the services were last judged under by this server. */
  private judged: string | null = null;

  /** Judges all services anew where the program, the policy or a site's zone is another than when that was last done. Answers how many bikes it changed. */
  async refresh(): Promise<number> {
    const tx = this.source.manager;
    const { hash, policy } = await currentPolicy(tx);
    const sites = await tx.getRepository(siteEntity).find({ order: { id: 'ASC' } });
    const under = [hash, ...sites.map((site) => `${site.id} ${site.timeZone}`)].join();
    if (this.judged === under) return 0;
    const kept = new Map(
      (await tx.getRepository(bikeServiceEntity).find()).map((row) => [row.bikeId, row.due]),
    );
    const bikes = await everyBike(tx);
    const services = servicesUnder(policy);
    let changed = 0;
    for (const use of await bikeUses(tx, bikes)) {
      const known = kept.get(use.bikeId);
      if (known && canonicalJson(known) === canonicalJson(dueServices(services(use), policy))) continue;
      // One bike at a time, its facts held meanwhile: nothing anybody does to it is written over.
      await this.source.transaction((own) => refreshAlone(own, use.bikeId));
      changed += 1;
    }
    this.judged = under;
    return changed;
  }
}
