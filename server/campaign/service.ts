import { In, type DataSource, type EntityManager } from 'typeorm';
import type { Campaign, endCampaign, listCampaigns, setCampaign } from '@cadre/contract/campaign';
import type { AnswerOf, BodyOf } from '@cadre/contract/http';
import { siteDay } from '@cadre/core/schedule';
import { bikeEntity, siteEntity } from '@cadre/server/fleet';
import { personEntity } from '@cadre/server/people';
import {
  chainOfSentSite,
  chainOfSiteOf,
  RefusedError,
  type EventLog,
} from '@cadre/server/platform/event-log';
import { requireAct, type Actor } from '@cadre/server/platform/http';
import type { CampaignEvents } from './events';
import { describeCampaigns, findCampaign, openCampaigns } from './read';

type Body = BodyOf<typeof setCampaign>;

const refused = (path: string, code: 'unknown' | 'twice' | 'past'): RefusedError =>
  new RefusedError('body.invalid', {}, { fields: [{ path, code }] });

/** Every one of these once, and each of them known. */
function refuseStrangers(
  ids: readonly string[],
  known: ReadonlySet<string>,
  path: (at: number) => string,
): void {
  for (const [at, id] of ids.entries()) {
    if (!known.has(id)) throw refused(path(at), 'unknown');
    if (ids.indexOf(id) !== at) throw refused(path(at), 'twice');
  }
}

/** Fleets to be done by a date: planned by whoever runs the workshop, done by checks. */
export class Campaigns {
  constructor(
    private readonly source: DataSource,
    private readonly log: EventLog<CampaignEvents>,
    private readonly now: () => number,
  ) {}

  async list(actor: Actor): Promise<AnswerOf<typeof listCampaigns>> {
    requireAct(actor, 'see');
    const tx = this.source.manager;
    return { campaigns: await describeCampaigns(tx, await openCampaigns(tx)) };
  }

  async set(actor: Actor, id: string, body: Body): Promise<Campaign> {
    requireAct(actor, 'edit-fleet');
    return this.log.act(
      {
        chain: chainOfSentSite(body.siteId),
        id: body.id,
        request: { campaignId: id, ...body },
        author: actor.id,
      },
      async (tx) => {
        const before = body.version === null ? null : await findCampaign(tx, id);
        if ((before?.version ?? null) !== body.version)
          throw new RefusedError(
            'conflict.version',
            {},
            before ? { current: (await describeCampaigns(tx, [before]))[0] as Campaign } : {},
          );
        if (before && before.siteId !== body.siteId) throw refused('siteId', 'unknown');
        await this.refuse(tx, body);
        const { siteId, name, checklistKey, byDay } = body;
        const { stands, standMinutes, people, bikes, slots, slips, gap } = body;
        return {
          kind: 'campaign.set',
          happenedAt: body.at,
          body: {
            ...{ campaignId: id, siteId, name, checklistKey, byDay },
            plan: { stands, standMinutes, people, bikes, slots, slips, gap },
          },
        };
      },
      async (tx) => (await describeCampaigns(tx, [await findCampaign(tx, id)]))[0] as Campaign,
    );
  }

  private async refuse(tx: EntityManager, body: Body): Promise<void> {
    const site = await tx.getRepository(siteEntity).findOneByOrFail({ id: body.siteId });
    if (body.byDay < siteDay(this.now(), site.timeZone)) throw refused('byDay', 'past');
    const checklists = await tx.query<unknown[]>(
      'SELECT 1 FROM checklist_version WHERE `key` = ? AND publishedAt IS NOT NULL LIMIT 1',
      [body.checklistKey],
    );
    if (checklists.length === 0) throw refused('checklistKey', 'unknown');
    const people = body.people.map((each) => each.personId);
    const here = await tx.getRepository(personEntity).findBy({ id: In(people) });
    refuseStrangers(people, new Set(here.map((each) => each.id)), (at) => `people.${at}.personId`);
    const bikes = body.bikes.map((each) => each.bikeId);
    const own = await tx.getRepository(bikeEntity).findBy({ id: In(bikes), siteId: body.siteId });
    refuseStrangers(bikes, new Set(own.map((each) => each.id)), (at) => `bikes.${at}.bikeId`);
    const planned = body.slots.map((each) => each.bikeId);
    refuseStrangers(planned, new Set(bikes), (at) => `slots.${at}.bikeId`);
    const stranger = body.slots.findIndex((slot) => !people.includes(slot.personId));
    if (stranger >= 0) throw refused(`slots.${stranger}.personId`, 'unknown');
  }

  async end(
    actor: Actor,
    campaignId: string,
    { id }: BodyOf<typeof endCampaign>,
  ): Promise<AnswerOf<typeof endCampaign>> {
    requireAct(actor, 'edit-fleet');
    return this.log.act(
      {
        chain: chainOfSiteOf('campaign', 'campaign', campaignId),
        id,
        request: { campaignId, id },
        author: actor.id,
      },
      async (tx) => {
        await findCampaign(tx, campaignId);
        return { kind: 'campaign.ended', body: { campaignId } };
      },
      async (tx) => ({ campaigns: await describeCampaigns(tx, await openCampaigns(tx)) }),
    );
  }
}
