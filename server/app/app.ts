import type { Express } from 'express';
import type { Logger } from 'pino';
import type { DataSource } from 'typeorm';
import { checklistDocument } from '@cadre/contract/catalogue/schemas';
import { fleetDocument } from '@cadre/contract/exchange/schemas';
import { ROUTES } from '@cadre/contract/routes';
import { calendarRoutes, serveCalendars } from '@cadre/server/calendar';
import { catalogueRoutes } from '@cadre/server/catalogue';
import { clockRoutes } from '@cadre/server/clock';
import { checksRoutes } from '@cadre/server/checks';
import { campaignRoutes } from '@cadre/server/campaign';
import { dayPlanRoutes } from '@cadre/server/day-plan';
import { eventPrepRoutes } from '@cadre/server/event-prep';
import { exchangeRoutes } from '@cadre/server/exchange';
import { findingsRoutes } from '@cadre/server/findings';
import { fleetRoutes } from '@cadre/server/fleet';
import { assessmentRoutes } from '@cadre/server/assessments';
import { incidentsRoutes } from '@cadre/server/incidents';
import { kitRoutes } from '@cadre/server/kit';
import { labelsRoutes } from '@cadre/server/labels';
import { reportsRoutes, servePublicPages } from '@cadre/server/reports';
import { outingsRoutes } from '@cadre/server/outings';
import { partsRoutes } from '@cadre/server/parts';
import { peopleRoutes } from '@cadre/server/people';
import { photosRoutes } from '@cadre/server/photos';
import { withoutValues } from '@cadre/server/platform/database';
import { createHttpApp, schemaOf, type Implemented } from '@cadre/server/platform/http';
import type { RecordKey } from '@cadre/server/platform/event-log';
import { policyRoutes } from '@cadre/server/policy';
import { reassemblyRoutes } from '@cadre/server/reassembly';
import { repairsRoutes } from '@cadre/server/repairs';
import { roundsRoutes } from '@cadre/server/rounds';
import { scheduleRoutes, type CalendarSource } from '@cadre/server/schedule';
import { setupRoutes } from '@cadre/server/setup';
import { similarFaultsRoutes } from '@cadre/server/similar-faults';
import { timelineRoutes } from '@cadre/server/timeline';
import { unusualRecordsRoutes } from '@cadre/server/unusual-records';
import { serviceRoutes } from '@cadre/server/services';
import { timedRechecksRoutes } from '@cadre/server/timed-rechecks';
import { wallRoutes } from '@cadre/server/wall';
import { torqueRoutes } from '@cadre/server/torque';
import { equipmentRoutes } from '@cadre/server/equipment';
import { soundsRoutes } from '@cadre/server/sounds';
import { tracingRoutes } from '@cadre/server/tracing';
import { wearRoutes } from '@cadre/server/wear';
import { QUIET_KINDS } from './features';
import { createServices, type Services } from './services';
import { ROUTE_SUMMARIES } from './route-summaries';

export interface AppDeps {
  readonly source: DataSource;
  readonly now: () => number;
  readonly log: Logger;
  readonly version: string;
  /** Whether a program set up here is the demo. */
  readonly demo: boolean;
  /** The built front end, or null to answer the interface alone. */
  readonly webDir: string | null;
  readonly publicUrl: string | null;
  /** From where calendars may be fetched; left out: from nowhere. */
  readonly calendars?: CalendarSource;
  readonly checkAnswers?: boolean;
  /** Signs every entry of the record. */
  readonly recordKey?: RecordKey | null;
}

const routesOf = (deps: AppDeps, services: Services): readonly Implemented[] => [
  ...setupRoutes({ ...deps, ...services }),
  ...peopleRoutes(services),
  ...wallRoutes(services.walls),
  ...fleetRoutes(services),
  ...partsRoutes({ ...deps, ...services }),
  ...assessmentRoutes(services.assessments),
  ...scheduleRoutes({
    groups: services.groups,
    calendars: deps.calendars ?? { hosts: [], privateToo: false },
  }),
  ...outingsRoutes(services.outings),
  ...kitRoutes(services.kit),
  ...equipmentRoutes(services.equipment),
  ...tracingRoutes(services.tracing),
  ...soundsRoutes(services.sounds),
  ...labelsRoutes({ ...deps, ...services }),
  ...reportsRoutes(services.reports),
  ...dayPlanRoutes(services.dayPlans),
  ...campaignRoutes(services.campaigns),
  ...eventPrepRoutes(services.eventPreps),
  ...calendarRoutes(services.calendars),
  ...exchangeRoutes(services.exchange),
  ...catalogueRoutes(services.catalogue),
  ...policyRoutes(services.policies),
  ...clockRoutes(services.clock),
  ...checksRoutes(services),
  ...unusualRecordsRoutes(services.unusualRecords),
  ...timedRechecksRoutes(services.timedRechecks),
  ...serviceRoutes(services.bikeServices),
  ...incidentsRoutes(services.incidents),
  ...photosRoutes(services.photos),
  ...torqueRoutes(services.torque),
  ...wearRoutes(services.wear),
  ...roundsRoutes(services.rounds),
  ...similarFaultsRoutes(services.similarFaults),
  ...findingsRoutes(services.findings),
  ...repairsRoutes({ ...deps, ...services }),
  ...reassemblyRoutes(services.reassembly),
  ...timelineRoutes({ ...deps, ...services, quiet: QUIET_KINDS }),
];

/** The whole program over one database: nothing else knows all of its features. */
export function createApp(deps: AppDeps): Express {
  const services = createServices(deps.source, deps.now, deps.recordKey ?? null, (error) =>
    deps.log.error({ err: withoutValues(error) }, 'live stream failed'),
  );
  return createHttpApp({
    ...deps,
    routes: routesOf(deps, services),
    others: (app) => {
      serveCalendars(app, services.calendars);
      servePublicPages(app, { ...deps, ...services });
    },
    actorOf: async (token) => (await services.sessions.actorOf(token))?.actor ?? null,
    contracts: ROUTES,
    summaries: ROUTE_SUMMARIES,
    schemas: {
      '/api/fleet-document.schema.json': () => ({
        title: 'A fleet as a file',
        ...schemaOf(fleetDocument, 'input'),
      }),
      '/api/checklist-document.schema.json': () => ({
        title: 'A checklist as a file',
        ...schemaOf(checklistDocument, 'input'),
      }),
    },
  });
}
