import { EntitySchema } from 'typeorm';
import type {
  Build,
  BuildField,
  FitList,
  FitmentPosition,
  PartFacts,
  PartKind,
  Whereabouts,
} from '@cadre/core/fleet';
import type { Opening } from '@cadre/core/schedule';
import { json, key, moment, uuid, whole, word, words } from '@cadre/server/platform/database';

export interface SiteRow {
  id: string;
  name: string;
  timeZone: string;
  opensAt: string;
  opening: Opening;
}
export const siteEntity = new EntitySchema<SiteRow>({
  name: 'site',
  columns: { id: key(), name: words(80), timeZone: words(60), opensAt: word(), opening: json() },
});

export interface RackRow {
  id: string;
  siteId: string;
  name: string;
  position: number;
}
export const rackEntity = new EntitySchema<RackRow>({
  name: 'rack',
  columns: { id: key(), siteId: uuid(), name: words(40), position: whole() },
});

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
  modelId: string | null;
  own: readonly BuildField[];
  fit: FitList;
  boughtOn: string;
  warrantyUntil: string;
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
    modelId: uuid({ nullable: true }),
    own: json(),
    fit: json(),
    boughtOn: words(10),
    warrantyUntil: words(10),
  },
  indices: [
    { name: 'bike_tag', columns: ['tag'], unique: true },
    { name: 'bike_hook', columns: ['hookId'], unique: true },
    { name: 'bike_model', columns: ['modelId'] },
  ],
});

export interface ModelRow {
  id: string;
  name: string;
  build: Build;
  fit: FitList;
  version: number;
}
export const modelEntity = new EntitySchema<ModelRow>({
  name: 'model',
  columns: { id: key(), name: words(80), build: json(), fit: json(), version: whole() },
  indices: [{ name: 'model_name', columns: ['name'], unique: true }],
});

/** A thing that wears or carries a marking. It keeps its history when it moves. */
export interface PartRow {
  id: string;
  kind: PartKind;
  name: string;
  facts: PartFacts;
  markings: FitList;
}
export const partEntity = new EntitySchema<PartRow>({
  name: 'part',
  columns: { id: key(), kind: word(), name: words(80), facts: json(), markings: json() },
});

/** Where a part was fitted, from when to when. */
export interface FitmentRow {
  id: string;
  partId: string;
  bikeId: string;
  position: FitmentPosition;
  fittedAt: Date;
  removedAt: Date | null;
}
export const fitmentEntity = new EntitySchema<FitmentRow>({
  name: 'fitment',
  columns: {
    id: key(),
    partId: uuid(),
    bikeId: uuid(),
    position: word(),
    fittedAt: moment(),
    removedAt: moment({ nullable: true }),
  },
  indices: [{ name: 'fitment_bike', columns: ['bikeId', 'removedAt'] }],
});

/** What a bike is or was called: its tags and serial numbers, also those it was given up for others. */
export interface BikeNameRow {
  bikeId: string;
  kind: 'tag' | 'serial';
  name: string;
}
export const bikeNameEntity = new EntitySchema<BikeNameRow>({
  name: 'bike_name',
  columns: { bikeId: key(), kind: word({ primary: true }), name: words(60, { primary: true }) },
  indices: [{ name: 'bike_name_name', columns: ['name'] }],
});
