import { EntitySchema } from 'typeorm';
import type { Build, Whereabouts } from '@cadre/core/fleet';
import type { FitnessFacts } from '@cadre/core/fitness';
import { json, key, moment, uuid, whole, word, words } from '@cadre/server/database';

export interface SiteRow {
  id: string;
  name: string;
  timeZone: string;
  opensAt: string;
}
export const siteEntity = new EntitySchema<SiteRow>({ name: 'site', columns: { id: key(), name: words(80), timeZone: words(60), opensAt: word() } });

export interface RackRow {
  id: string;
  siteId: string;
  name: string;
  position: number;
}
export const rackEntity = new EntitySchema<RackRow>({ name: 'rack', columns: { id: key(), siteId: uuid(), name: words(40), position: whole() } });

export interface HookRow {
  id: string;
  rackId: string;
  number: number;
}
export const hookEntity = new EntitySchema<HookRow>({
  name: 'hook',
  columns: { id: key(), rackId: uuid(), number: whole() },
  indices: [{ name: 'hook_place', columns: ['rackId', 'number'], unique: true }],
});

export interface BikeRow {
  id: string;
  tag: string;
  model: string;
  size: string;
  serial: string;
  siteId: string;
  hookId: string | null;
  build: Build;
  whereabouts: Whereabouts;
  version: number;
}
export const bikeEntity = new EntitySchema<BikeRow>({
  name: 'bike',
  columns: {
    id: key(),
    tag: word(),
    model: words(80),
    size: words(20),
    serial: words(60),
    siteId: uuid(),
    hookId: uuid({ nullable: true }),
    build: json(),
    whereabouts: word(),
    version: whole(),
  },
  indices: [
    { name: 'bike_tag', columns: ['tag'], unique: true },
    { name: 'bike_hook', columns: ['hookId'], unique: true },
  ],
});

/** What a bike's fitness is evaluated from, and when the clock alone may change it. Never the word itself. */
export interface BikeStateRow {
  bikeId: string;
  facts: FitnessFacts;
  nextChangeAt: Date | null;
}
export const bikeStateEntity = new EntitySchema<BikeStateRow>({
  name: 'bike_state',
  columns: { bikeId: key(), facts: json(), nextChangeAt: moment({ nullable: true }) },
  indices: [{ name: 'bike_state_next', columns: ['nextChangeAt'] }],
});

/** Parts and fitments, groups and tag codes are decided now and used by later work. */
export interface PartRow {
  id: string;
  kind: string;
  name: string;
  markings: unknown;
}
export const partEntity = new EntitySchema<PartRow>({ name: 'part', columns: { id: key(), kind: word(), name: words(80), markings: json() } });

export interface FitmentRow {
  id: string;
  partId: string;
  bikeId: string;
  position: string;
  fittedAt: Date;
  removedAt: Date | null;
}
export const fitmentEntity = new EntitySchema<FitmentRow>({
  name: 'fitment',
  columns: { id: key(), partId: uuid(), bikeId: uuid(), position: word(), fittedAt: moment(), removedAt: moment({ nullable: true }) },
  indices: [{ name: 'fitment_bike', columns: ['bikeId', 'removedAt'] }],
});

export interface TagCodeRow {
  code: string;
  bikeId: string;
  issuedAt: Date;
  endedAt: Date | null;
}
export const tagCodeEntity = new EntitySchema<TagCodeRow>({
  name: 'tag_code',
  columns: { code: word({ primary: true }), bikeId: uuid(), issuedAt: moment(), endedAt: moment({ nullable: true }) },
});

export interface OutingGroupRow {
  id: string;
  siteId: string;
  name: string;
  outAt: Date;
  backAt: Date;
  wanted: unknown;
}
export const outingGroupEntity = new EntitySchema<OutingGroupRow>({
  name: 'outing_group',
  columns: { id: key(), siteId: uuid(), name: words(80), outAt: moment(), backAt: moment(), wanted: json() },
});
