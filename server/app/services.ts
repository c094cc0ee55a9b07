import { Calendars } from '@cadre/server/calendar';
import type { DataSource } from 'typeorm';
import { Catalogue } from '@cadre/server/catalogue';
import { Clock } from '@cadre/server/clock';
import { Checks, dueByBuild, Rechecks } from '@cadre/server/checks';
import { Campaigns } from '@cadre/server/campaign';
import { DayPlans } from '@cadre/server/day-plan';
import { EventPreps } from '@cadre/server/event-prep';
import { Exchange } from '@cadre/server/exchange';
import { Findings } from '@cadre/server/findings';
import { describeBikes, Fleet, Models, Racks } from '@cadre/server/fleet';
import { Assessments } from '@cadre/server/assessments';
import { Incidents } from '@cadre/server/incidents';
import { Parts, Stock } from '@cadre/server/parts';
import { OwnData, People, Pins, Sessions, Writers } from '@cadre/server/people';
import { Photos } from '@cadre/server/photos';
import { Changes, EventLog, LiveStream, type RecordKey } from '@cadre/server/platform/event-log';
import type { Job } from '@cadre/server/platform/jobs';
import { Policies } from '@cadre/server/policy';
import { Reassembly } from '@cadre/server/reassembly';
import { openNeeds, Repairs } from '@cadre/server/repairs';
import { Rounds } from '@cadre/server/rounds';
import { Groups } from '@cadre/server/schedule';
import { Setup } from '@cadre/server/setup';
import { SimilarFaults } from '@cadre/server/similar-faults';
import { UnusualRecords } from '@cadre/server/unusual-records';
import { Equipment } from '@cadre/server/equipment';
import { Kit, kitPartNeeds } from '@cadre/server/kit';
import { Labels } from '@cadre/server/labels';
import { forgetRates, problemOnReturn, Reports, takeQueued } from '@cadre/server/reports';
import { Outings } from '@cadre/server/outings';
import { BikeServices, odometerOnReturn } from '@cadre/server/services';
import { TimedRechecks } from '@cadre/server/timed-rechecks';
import { Walls } from '@cadre/server/wall';
import { Torque } from '@cadre/server/torque';
import { Sounds } from '@cadre/server/sounds';
import { Tracing } from '@cadre/server/tracing';
import { Wear } from '@cadre/server/wear';
import { projector, TAKEN } from './features';

export type Services = ReturnType<typeof createServices>;

/** Every service over one database. What a lower feature has to ask of an upper one is handed to it here. */
export function createServices(
  source: DataSource,
  now: () => number,
  key: RecordKey | null = null,
  failed: (error: unknown) => void = () => undefined,
) {
  const log = new EventLog(source, projector, now, TAKEN, key);
  const pins = new Pins(source);
  const sessions = new Sessions(source, now, pins);
  const timedRechecks = new TimedRechecks(source, log.for(), now);
  const reports = new Reports(source, log.for(), now);
  return {
    sessions,
    pins,
    setup: new Setup(source, log.for()),
    people: new People(source, log.for(), now),
    ownData: new OwnData(source, log.for(), now),
    writers: new Writers(source, log.for(), now),
    fleet: new Fleet(source, log.for(), now, dueByBuild),
    racks: new Racks(log.for()),
    models: new Models(log.for(), now, dueByBuild),
    reassembly: new Reassembly(log.for()),
    parts: new Parts(source, log.for()),
    stock: new Stock(source, log.for(), async (tx) => [
      ...(await openNeeds(tx)),
      ...(await kitPartNeeds(tx)),
    ]),
    assessments: new Assessments(source, log.for()),
    groups: new Groups(source, log.for()),
    outings: new Outings(source, log.for(), now, {
      readOdometer: odometerOnReturn,
      problem: problemOnReturn,
    }),
    kit: new Kit(source, log.for(), now),
    equipment: new Equipment(source, log.for()),
    sounds: new Sounds(source, log.for()),
    tracing: new Tracing(source, log.for(), now),
    labels: new Labels(source, log.for(), now),
    reports,
    async takeWaitingReports(): Promise<void> {
      await takeQueued(source, reports);
      await forgetRates(source, now());
    },
    walls: new Walls(source, now),
    exchange: new Exchange(source, log.for(), now),
    catalogue: new Catalogue(source, log.for()),
    policies: new Policies(source, log.for(), now),
    checks: new Checks(source, log.for(), now),
    calendars: new Calendars(source, log.for(), now),
    clock: new Clock(log.for(), now),
    rechecks: new Rechecks(log.for()),
    rounds: new Rounds(source, log.for(), now),
    timedRechecks,
    dayPlans: new DayPlans(source, log.for(), now),
    campaigns: new Campaigns(source, log.for(), now),
    eventPreps: new EventPreps(source, log.for(), now, timedRechecks),
    bikeServices: new BikeServices(source, log.for(), now),
    torque: new Torque(source, now),
    wear: new Wear(source, now),
    photos: new Photos(source, log.for()),
    incidents: new Incidents(log.for(), now),
    findings: new Findings(source, log.for(), now),
    similarFaults: new SimilarFaults(source),
    unusualRecords: new UnusualRecords(source, now),
    repairs: new Repairs(source, log.for(), now),
    live: new LiveStream({
      log,
      changes: new Changes(source),
      bikesNow: async (ids) => {
        const bikes = await describeBikes(
          source.manager,
          ids.map((id) => ({ id })),
        );
        return new Map(bikes.map((bike) => [bike.id, bike]));
      },
      goingOn: (digests) => sessions.goingOn(digests),
      failed,
    }),
  } as const;
}

/** What happens with no page open: today's rounds are made by their standing rules, looks asked for later raise themselves. */
export const jobsOf = ({
  rounds,
  eventPreps,
  timedRechecks,
  bikeServices,
  sessions,
  ownData,
  policies,
  reports,
  takeWaitingReports,
}: Services): readonly Job[] => [
  { name: 'make standing rounds', run: () => rounds.raiseStanding() },
  { name: 'make rounds of events', run: () => eventPreps.raise() },
  { name: 'raise looks asked for', run: () => timedRechecks.raiseDue() },
  { name: 'judge services', run: () => bikeServices.refresh() },
  { name: 'take reports that wait', run: takeWaitingReports },
  { name: 'forget riders', run: () => reports.forgetRiders() },
  { name: 'forget old sessions', run: () => sessions.purge() },
  {
    name: 'remove names kept long enough',
    run: async () => void (await ownData.removeOld(await policies.namesKeptDays())),
  },
];
