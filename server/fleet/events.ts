import type { Build, BuildField, FitList, Model, Whereabouts } from '@cadre/core/fleet';

export interface BikeDocument {
  readonly id: string;
  readonly tag: string;
  readonly model: string;
  readonly size: string;
  readonly serial: string;
  readonly siteId: string;
  readonly hookId: string | null;
  readonly build: Build;
  /** Not in entries from before there were models. */
  readonly modelId?: string | null;
  readonly own?: readonly BuildField[];
  readonly fit?: FitList;
  readonly boughtOn?: string;
  readonly warrantyUntil?: string;
}

export interface FleetEvents {
  'site.added': { siteId: string; name: string; timeZone: string; opensAt: string };
  'site.changed': { siteId: string; name: string; timeZone: string; opensAt: string };
  'rack.added': {
    rackId: string;
    siteId: string;
    name: string;
    position: number;
    hooks: readonly { id: string; number: number }[];
  };
  'rack.changed': {
    rackId: string;
    name: string;
    added: readonly { id: string; number: number }[];
    removed: readonly string[];
  };
  'rack.removed': { rackId: string };
  'racks.ordered': { siteId: string; rackIds: readonly string[] };
  'model.added': { model: Model };
  /** With it, what each of its bikes is built like from now on, and which of them have to be looked at because of it. */
  'model.changed': { model: Model; bikes: readonly { id: string; build: Build; due: boolean }[] };
  'bike.added': { bikeId: string; bike: BikeDocument };
  /** `due`: the build now asks what nobody has looked at, so the last check no longer counts. */
  'bike.changed': { bikeId: string; bike: BikeDocument; due?: boolean };
  'bike.hung': { bikeId: string; siteId: string; hookId: string | null };
  'bike.moved': { bikeId: string; from: Whereabouts; to: Whereabouts };
}
