import type { Build } from '@cadre/core/fleet';
import type { FleetBike, FleetDocument } from './document';

/** The fleet as a row of a list looks things up in it. */
export interface Known {
  readonly bikeByTag: ReadonlyMap<string, FleetBike>;
  readonly modelByName: ReadonlyMap<string, { readonly build: Build }>;
  readonly siteNames: readonly string[];
  readonly racks: ReadonlyMap<
    string,
    { readonly site: string; readonly name: string; readonly hooks: number }
  >;
  /** A name as the fleet or an earlier row spells it: capitals and stray spaces make no second site, rack or model. */
  spell(what: 'site' | 'rack' | 'model', name: string, within?: string): string;
}

function speller(fleet: FleetDocument): Known['spell'] {
  const spelled = new Map<string, string>();
  const spell: Known['spell'] = (what, name, within = '') => {
    const bare = name.trim().replace(/\s+/g, ' ');
    const key = `${what}\n${within}\n${bare.toLowerCase()}`;
    const known = spelled.get(key);
    if (known === undefined && bare !== '') spelled.set(key, bare);
    return known ?? bare;
  };
  for (const site of fleet.sites) spell('site', site.name);
  for (const rack of fleet.racks) spell('rack', rack.name, rack.site);
  for (const model of fleet.models) spell('model', model.name);
  return spell;
}

export const rackKey = (site: string, rack: string): string => `${site}\n${rack}`;
export function knownOf(fleet: FleetDocument): Known {
  return {
    bikeByTag: new Map(fleet.bikes.map((bike) => [bike.tag, bike])),
    modelByName: new Map(fleet.models.map((model) => [model.name, model])),
    siteNames: fleet.sites.map((site) => site.name),
    racks: new Map(fleet.racks.map((rack) => [rackKey(rack.site, rack.name), rack])),
    spell: speller(fleet),
  };
}
