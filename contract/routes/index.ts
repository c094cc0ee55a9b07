import * as calendar from '@cadre/contract/calendar';
import * as calendarSchemas from '@cadre/contract/calendar/schemas';
import * as catalogue from '@cadre/contract/catalogue';
import * as catalogueSchemas from '@cadre/contract/catalogue/schemas';
import * as clock from '@cadre/contract/clock';
import * as clockSchemas from '@cadre/contract/clock/schemas';
import * as checks from '@cadre/contract/checks';
import * as checksSchemas from '@cadre/contract/checks/schemas';
import * as campaign from '@cadre/contract/campaign';
import * as campaignSchemas from '@cadre/contract/campaign/schemas';
import * as dayPlan from '@cadre/contract/day-plan';
import * as dayPlanSchemas from '@cadre/contract/day-plan/schemas';
import * as eventPrep from '@cadre/contract/event-prep';
import * as eventPrepSchemas from '@cadre/contract/event-prep/schemas';
import * as exchange from '@cadre/contract/exchange';
import * as exchangeSchemas from '@cadre/contract/exchange/schemas';
import * as findings from '@cadre/contract/findings';
import * as findingsSchemas from '@cadre/contract/findings/schemas';
import * as fleet from '@cadre/contract/fleet';
import * as fleetSchemas from '@cadre/contract/fleet/schemas';
import * as assessments from '@cadre/contract/assessments';
import * as assessmentsSchemas from '@cadre/contract/assessments/schemas';
import * as incidents from '@cadre/contract/incidents';
import * as incidentsSchemas from '@cadre/contract/incidents/schemas';
import * as equipment from '@cadre/contract/equipment';
import * as equipmentSchemas from '@cadre/contract/equipment/schemas';
import * as kit from '@cadre/contract/kit';
import * as kitSchemas from '@cadre/contract/kit/schemas';
import * as labels from '@cadre/contract/labels';
import * as labelsSchemas from '@cadre/contract/labels/schemas';
import * as reports from '@cadre/contract/reports';
import * as reportsSchemas from '@cadre/contract/reports/schemas';
import * as outings from '@cadre/contract/outings';
import * as outingsSchemas from '@cadre/contract/outings/schemas';
import * as parts from '@cadre/contract/parts';
import * as partsSchemas from '@cadre/contract/parts/schemas';
import * as people from '@cadre/contract/people';
import * as peopleSchemas from '@cadre/contract/people/schemas';
import * as photos from '@cadre/contract/photos';
import * as photosSchemas from '@cadre/contract/photos/schemas';
import * as timeline from '@cadre/contract/timeline';
import * as timelineSchemas from '@cadre/contract/timeline/schemas';
import * as repairs from '@cadre/contract/repairs';
import * as repairsSchemas from '@cadre/contract/repairs/schemas';
import * as rounds from '@cadre/contract/rounds';
import * as roundsSchemas from '@cadre/contract/rounds/schemas';
import * as schedule from '@cadre/contract/schedule';
import * as scheduleSchemas from '@cadre/contract/schedule/schemas';
import * as services from '@cadre/contract/services';
import * as servicesSchemas from '@cadre/contract/services/schemas';
import * as timedRechecks from '@cadre/contract/timed-rechecks';
import * as timedRechecksSchemas from '@cadre/contract/timed-rechecks/schemas';
import * as torque from '@cadre/contract/torque';
import * as torqueSchemas from '@cadre/contract/torque/schemas';
import * as wear from '@cadre/contract/wear';
import * as wearSchemas from '@cadre/contract/wear/schemas';
import * as policy from '@cadre/contract/policy';
import * as policySchemas from '@cadre/contract/policy/schemas';
import * as sounds from '@cadre/contract/sounds';
import * as soundsSchemas from '@cadre/contract/sounds/schemas';
import * as tracing from '@cadre/contract/tracing';
import * as tracingSchemas from '@cadre/contract/tracing/schemas';
import * as wall from '@cadre/contract/wall';
import * as wallSchemas from '@cadre/contract/wall/schemas';
import * as similarFaults from '@cadre/contract/similar-faults';
import * as similarFaultsSchemas from '@cadre/contract/similar-faults/schemas';
import * as unusualRecords from '@cadre/contract/unusual-records';
import * as unusualRecordsSchemas from '@cadre/contract/unusual-records/schemas';
import * as setup from '@cadre/contract/setup';
import * as setupSchemas from '@cadre/contract/setup/schemas';
import * as reassembly from '@cadre/contract/reassembly';
import * as reassemblySchemas from '@cadre/contract/reassembly/schemas';
import type { Messages, Route } from '@cadre/contract/http';

const FEATURES: readonly (readonly [routes: object, schemas: object])[] = [
  [calendar, calendarSchemas],
  [catalogue, catalogueSchemas],
  [checks, checksSchemas],
  [clock, clockSchemas],
  [campaign, campaignSchemas],
  [dayPlan, dayPlanSchemas],
  [eventPrep, eventPrepSchemas],
  [exchange, exchangeSchemas],
  [findings, findingsSchemas],
  [fleet, fleetSchemas],
  [assessments, assessmentsSchemas],
  [incidents, incidentsSchemas],
  [equipment, equipmentSchemas],
  [kit, kitSchemas],
  [sounds, soundsSchemas],
  [tracing, tracingSchemas],
  [labels, labelsSchemas],
  [reports, reportsSchemas],
  [outings, outingsSchemas],
  [parts, partsSchemas],
  [people, peopleSchemas],
  [photos, photosSchemas],
  [timeline, timelineSchemas],
  [repairs, repairsSchemas],
  [rounds, roundsSchemas],
  [schedule, scheduleSchemas],
  [services, servicesSchemas],
  [timedRechecks, timedRechecksSchemas],
  [torque, torqueSchemas],
  [wear, wearSchemas],
  [policy, policySchemas],
  [wall, wallSchemas],
  [similarFaults, similarFaultsSchemas],
  [unusualRecords, unusualRecordsSchemas],
  [setup, setupSchemas],
  [reassembly, reassemblySchemas],
];

const isRoute = (value: unknown): value is Route =>
  typeof value === 'object' && value !== null && 'path' in value && 'method' in value;

/** A route with what is sent along it. */
export type FullRoute = Route & { readonly messages: Messages };

/** Every route there is, with its schemas: whatever a feature's index exports as a route. The server answers exactly these. */
export const ROUTES: readonly FullRoute[] = FEATURES.flatMap(([routes, schemas]) =>
  Object.entries(routes).flatMap(([key, route]) => {
    if (!isRoute(route)) return [];
    const messages = (schemas as Readonly<Record<string, Messages | undefined>>)[key];
    if (!messages) throw new Error(`no schema says what is sent along ${route.name}`);
    return [{ ...route, messages }];
  }),
);

const byName = new Map(ROUTES.map((each) => [each.name, each.messages]));

/** What is sent along a route. */
export function messagesOf(route: Route): Messages {
  const messages = byName.get(route.name);
  if (!messages) throw new Error(`${route.name} is no route of the interface`);
  return messages;
}
