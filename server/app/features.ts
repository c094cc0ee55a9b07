import { calendarFeature } from '@cadre/server/calendar';
import { catalogueFeature } from '@cadre/server/catalogue';
import { clockFeature } from '@cadre/server/clock';
import { checksFeature } from '@cadre/server/checks';
import { findingsFeature } from '@cadre/server/findings';
import { campaignFeature } from '@cadre/server/campaign';
import { dayPlanFeature } from '@cadre/server/day-plan';
import { eventPrepFeature } from '@cadre/server/event-prep';
import { fitnessFeature, gatherFacts as gather, projectorOf, type BikeFeature } from '@cadre/server/fitness';
import { fleetFeature } from '@cadre/server/fleet';
import { assessmentFeature } from '@cadre/server/assessments';
import { incidentsFeature } from '@cadre/server/incidents';
import { equipmentFeature } from '@cadre/server/equipment';
import { kitFeature } from '@cadre/server/kit';
import { soundsFeature } from '@cadre/server/sounds';
import { tracingFeature } from '@cadre/server/tracing';
import { labelsFeature } from '@cadre/server/labels';
import { reportsFeature } from '@cadre/server/reports';
import { outingsFeature } from '@cadre/server/outings';
import { partsFeature } from '@cadre/server/parts';
import { peopleFeature } from '@cadre/server/people';
import { photosFeature } from '@cadre/server/photos';
import { chainHeadEntity, entryEntity } from '@cadre/server/platform/event-log';
import { policyFeature } from '@cadre/server/policy';
import { reassemblyFeature } from '@cadre/server/reassembly';
import { repairsFeature } from '@cadre/server/repairs';
import { roundsFeature } from '@cadre/server/rounds';
import { scheduleFeature } from '@cadre/server/schedule';
import { setupFeature } from '@cadre/server/setup';
import { servicesFeature } from '@cadre/server/services';
import { timedRechecksFeature } from '@cadre/server/timed-rechecks';
import { wearFeature } from '@cadre/server/wear';
import type { EntityManager } from 'typeorm';

/** Every feature that keeps something, those below first: one may rest on those before it, never the other way. */
export const FEATURES: readonly BikeFeature[] = [
  peopleFeature,
  fitnessFeature,
  catalogueFeature,
  fleetFeature,
  findingsFeature,
  reassemblyFeature,
  partsFeature,
  repairsFeature,
  checksFeature,
  incidentsFeature,
  scheduleFeature,
  outingsFeature,
  kitFeature,
  labelsFeature,
  wearFeature,
  timedRechecksFeature,
  equipmentFeature,
  servicesFeature,
  assessmentFeature,
  reportsFeature,
  tracingFeature,
  roundsFeature,
  dayPlanFeature,
  campaignFeature,
  eventPrepFeature,
  calendarFeature,
  photosFeature,
  soundsFeature,
  policyFeature,
  setupFeature,
  clockFeature,
];

const upperFirst = [...FEATURES].reverse();

/** Rebuilt from the log: emptied children first. */
export const PROJECTIONS = upperFirst.flatMap((feature) => feature.projected ?? []);

export const ENTITIES = [
  ...PROJECTIONS,
  ...FEATURES.flatMap((feature) => feature.tables ?? []),
  entryEntity,
  chainHeadEntity,
];

/** Tables the application's own user may only read and add to. */
export const APPEND_ONLY: readonly string[] = [
  'entry',
  ...FEATURES.flatMap((feature) => feature.appendOnly ?? []),
];

/** Tables no export writes. */
export const SECRET_TABLES: readonly string[] = FEATURES.flatMap((feature) => feature.secret ?? []);

export const QUIET_KINDS = FEATURES.flatMap((feature) => feature.quiet ?? []);

export const VERIFIERS = Object.assign({}, ...FEATURES.map((feature) => feature.verifiers)) as NonNullable<
  BikeFeature['verifiers']
>;

/** What somebody has to be allowed for an event to be theirs. */
export const MAY = Object.assign({}, ...FEATURES.map((feature) => feature.may)) as NonNullable<
  BikeFeature['may']
>;

export const TAKEN = Object.assign({}, ...FEATURES.map((feature) => feature.taken)) as NonNullable<
  BikeFeature['taken']
>;

export const projector = projectorOf(FEATURES);

/** All there is to know of a bike's fitness, from the rows of every feature. */
export const gatherFacts = (tx: EntityManager, bikeId: string) =>
  gather(
    tx,
    bikeId,
    FEATURES.flatMap((feature) => feature.facts ?? []),
  );
