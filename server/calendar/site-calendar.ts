import ICAL from 'ical.js';
import type { EntityManager } from 'typeorm';
import { calendarEntries, type CalendarEntry } from '@cadre/core/calendar';
import { dayAfter } from '@cadre/core/schedule';
import { describeFleet, siteEntity } from '@cadre/server/fleet';
import { describeCampaigns, openCampaigns } from '@cadre/server/campaign';
import { comingEvents, describeEvents, STEP_WORDS } from '@cadre/server/event-prep';
import { repairEntity } from '@cadre/server/repairs';
import { roundEntity } from '@cadre/server/rounds';
import { groupsAround } from '@cadre/server/schedule';
import * as t from './messages';

/** A bike's tag says enough; more of them make no line anybody reads. */
const MOST_TAGS = 40;

const KINDS: Readonly<Record<CalendarEntry['kind'], string>> = {
  group: t.group,
  round: t.round,
  event: t.event,
  campaign: t.campaign,
  delivery: t.delivery,
  service: t.service,
  recheck: t.recheck,
};

function eventOf(entry: CalendarEntry, tags: readonly string[], now: number): ICAL.Component {
  const event = new ICAL.Component('vevent');
  event.updatePropertyWithValue('uid', `${entry.key.replaceAll(' ', '-')}@cadre`);
  event.updatePropertyWithValue('dtstamp', ICAL.Time.fromJSDate(new Date(now), true));
  event.updatePropertyWithValue('summary', `${KINDS[entry.kind]}: ${entry.name}`);
  if (entry.at === null || entry.overdue) {
    event.updatePropertyWithValue('dtstart', ICAL.Time.fromDateString(entry.day));
    event.updatePropertyWithValue('dtend', ICAL.Time.fromDateString(dayAfter(entry.day)));
  } else event.updatePropertyWithValue('dtstart', ICAL.Time.fromJSDate(new Date(entry.at), true));
  if (tags.length > 0) event.updatePropertyWithValue('description', tags.slice(0, MOST_TAGS).join(', '));
  return event;
}

/** What a site has to do from today on, as an iCalendar file: no names of people, no findings, no costs. */
export async function siteCalendar(tx: EntityManager, siteId: string, now: number): Promise<string> {
  const site = await tx.getRepository(siteEntity).findOneByOrFail({ id: siteId });
  const bikes = (await describeFleet(tx)).filter(
    (bike) => bike.siteId === siteId && bike.whereabouts !== 'gone',
  );
  const rounds = await tx.getRepository(roundEntity).findBy({ siteId, state: 'open' });
  const groups = (await groupsAround(tx, now)).filter((group) => group.siteId === siteId);
  const planned = (await comingEvents(tx, now)).filter((event) => event.siteId === siteId);
  const events = (await describeEvents(tx, planned)).map((event) => ({
    ...event,
    steps: event.steps.map((step) => ({ ...step, name: STEP_WORDS[step.step] })),
  }));
  const campaigns = (await describeCampaigns(tx, await openCampaigns(tx))).filter(
    (campaign) => campaign.siteId === siteId,
  );
  const own = new Set(bikes.map((bike) => bike.id));
  const started = await tx.getRepository(repairEntity).findBy({ state: 'started' });
  const deliveries = started.flatMap(({ id, bikeId, plan: { waits } }) =>
    own.has(bikeId) && waits?.for === 'parts' && waits.until !== null
      ? [{ id, siteId, bikeId, what: waits.what, at: waits.until }]
      : [],
  );
  const entries = calendarEntries(
    {
      sites: [site],
      bikes,
      groups,
      events,
      campaigns,
      deliveries,
      rounds: rounds.map((round) => ({ ...round, deadline: round.deadline.getTime() })),
    },
    now,
  );
  const tags = new Map(bikes.map((bike) => [bike.id, bike.tag]));
  const calendar = new ICAL.Component('vcalendar');
  calendar.updatePropertyWithValue('version', '2.0');
  calendar.updatePropertyWithValue('prodid', '-//Cadre//Calendar//EN');
  calendar.updatePropertyWithValue('name', site.name);
  for (const entry of entries)
    calendar.addSubcomponent(
      eventOf(
        entry,
        entry.bikeIds.flatMap((id) => tags.get(id) ?? []),
        now,
      ),
    );
  return `${calendar.toString()}\r\n`;
}
