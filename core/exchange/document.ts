import type { Build, FitList } from '@cadre/core/fleet';

/** A fleet as a file: everything by its name, nothing by an id, so that another program can read and write it. */
export const FLEET_SCHEMA = 'cadre-fleet-1';

export interface FleetSite {
  readonly name: string;
  readonly timeZone: string;
  readonly opensAt: string;
}
export interface FleetRack {
  readonly site: string;
  readonly name: string;
  readonly hooks: number;
}
export interface FleetModel {
  readonly name: string;
  readonly build: Build;
  readonly fit: FitList;
}
export interface FleetBike {
  readonly tag: string;
  readonly model: string;
  readonly size: string;
  readonly serial: string;
  readonly boughtOn: string;
  readonly warrantyUntil: string;
  readonly site: string;
  readonly rack: string;
  readonly hook: number | null;
  readonly build: Build;
  /** What this bike states itself, over its model. */
  readonly fit: FitList;
}
export interface FleetDocument {
  readonly schema: typeof FLEET_SCHEMA;
  readonly sites: readonly FleetSite[];
  readonly racks: readonly FleetRack[];
  readonly models: readonly FleetModel[];
  readonly bikes: readonly FleetBike[];
}
