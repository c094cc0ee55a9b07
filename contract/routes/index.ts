import * as catalogue from '@cadre/contract/catalogue';
import * as catalogueSchemas from '@cadre/contract/catalogue/schemas';
import * as checks from '@cadre/contract/checks';
import * as checksSchemas from '@cadre/contract/checks/schemas';
import * as exchange from '@cadre/contract/exchange';
import * as exchangeSchemas from '@cadre/contract/exchange/schemas';
import * as findings from '@cadre/contract/findings';
import * as findingsSchemas from '@cadre/contract/findings/schemas';
import * as fleet from '@cadre/contract/fleet';
import * as fleetSchemas from '@cadre/contract/fleet/schemas';
import * as intake from '@cadre/contract/intake';
import * as intakeSchemas from '@cadre/contract/intake/schemas';
import * as incidents from '@cadre/contract/incidents';
import * as incidentsSchemas from '@cadre/contract/incidents/schemas';
import * as parts from '@cadre/contract/parts';
import * as partsSchemas from '@cadre/contract/parts/schemas';
import * as people from '@cadre/contract/people';
import * as peopleSchemas from '@cadre/contract/people/schemas';
import * as photos from '@cadre/contract/photos';
import * as photosSchemas from '@cadre/contract/photos/schemas';
import * as records from '@cadre/contract/records';
import * as recordsSchemas from '@cadre/contract/records/schemas';
import * as repairs from '@cadre/contract/repairs';
import * as repairsSchemas from '@cadre/contract/repairs/schemas';
import * as rounds from '@cadre/contract/rounds';
import * as roundsSchemas from '@cadre/contract/rounds/schemas';
import * as schedule from '@cadre/contract/schedule';
import * as scheduleSchemas from '@cadre/contract/schedule/schemas';
import * as waits from '@cadre/contract/waits';
import * as waitsSchemas from '@cadre/contract/waits/schemas';
import * as wear from '@cadre/contract/wear';
import * as wearSchemas from '@cadre/contract/wear/schemas';
import type { Messages, Route } from '@cadre/contract/http';

const FEATURES: readonly (readonly [routes: object, schemas: object])[] = [
  [catalogue, catalogueSchemas],
  [checks, checksSchemas],
  [exchange, exchangeSchemas],
  [findings, findingsSchemas],
  [fleet, fleetSchemas],
  [intake, intakeSchemas],
  [incidents, incidentsSchemas],
  [parts, partsSchemas],
  [people, peopleSchemas],
  [photos, photosSchemas],
  [records, recordsSchemas],
  [repairs, repairsSchemas],
  [rounds, roundsSchemas],
  [schedule, scheduleSchemas],
  [waits, waitsSchemas],
  [wear, wearSchemas],
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
