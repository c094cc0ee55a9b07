import { v7 as newId } from 'uuid';
import { importBikes } from '@cadre/contract/exchange';
import { addModel, addRack, addSite, type Rack } from '@cadre/contract/fleet';
import { getWall } from '@cadre/contract/wall';
import {
  countStock,
  fitPart,
  listStock,
  setStockItem,
  type Part,
  type StockItem,
} from '@cadre/contract/parts';
import { addPerson } from '@cadre/contract/people';
import { setUp } from '@cadre/contract/setup';
import { type ChecklistVersion } from '@cadre/core/catalogue';
import { bikeFieldsOf } from '@cadre/test-world/builders';
import { Client, readChecklists } from '@cadre/test-world/client';
import { demoShelf } from './shelf';
import { demoBikes, demoBuild, demoModels, demoRacks, modelBuild, type DemoBike } from './fleet';
import { demoPeople } from './people';

import { DEMO_ZONE } from './zone';
const BOUGHT_FOR_A_SEASON = 60;

/** Everything the demo does goes through the same routes as everybody's clicks, on a clock that can be turned back. */
export class FleetSeeder {
  now: number;
  readonly clients = new Map<string, Client>();
  readonly people = new Map<string, string>();
  readonly bikes = new Map<string, { id: string; demo: DemoBike }>();
  readonly stock = new Map<string, StockItem>();
  checklists = new Map<string, { hash: string; checklist: ChecklistVersion }>();

  constructor(
    readonly base: string,
    start: number,
  ) {
    this.now = start;
  }

  as(name: string): Client {
    const client = this.clients.get(name);
    if (!client) throw new Error(`nobody called ${name} in the demo`);
    return client;
  }

  bike(tag: string): { id: string; demo: DemoBike } {
    const bike = this.bikes.get(tag);
    if (!bike) throw new Error(`no bike ${tag} in the demo`);
    return bike;
  }

  async addPeople(): Promise<void> {
    const [lead, ...others] = demoPeople;
    if (!lead) return;
    const client = new Client(this.base);
    await client.send(setUp, {
      body: {
        id: newId(),
        programName: 'Lapwing Quay Outdoor Centre',
        siteName: 'Boathouse',
        timeZone: DEMO_ZONE,
        opensAt: '09:00',
        leadName: lead.name,
        signInName: lead.signInName,
        secret: lead.secret,
      },
    });
    for (const person of others) await client.send(addPerson, { body: { id: newId(), ...person } });
    await this.signEverybodyIn();
  }

  /** Sessions run out overnight, so everybody signs in again each day of the past. */
  async signEverybodyIn(): Promise<void> {
    for (const person of demoPeople) {
      const own = new Client(this.base);
      this.people.set(person.signInName, await own.signIn(person.signInName, person.secret));
      this.clients.set(person.signInName, own);
    }
  }

  /** Sites, racks, models with their fit lists, and the bikes on their hooks. */
  async fleet(): Promise<void> {
    const lead = this.as('ines');
    await lead.send(addSite, {
      body: { id: newId(), name: 'Hill hut', timeZone: DEMO_ZONE, opensAt: '09:30' },
    });
    const { sites } = await lead.send(getWall);
    const siteId = (site: 'boathouse' | 'hut'): string =>
      sites.find((each) => each.name === (site === 'hut' ? 'Hill hut' : 'Boathouse'))?.id ?? '';
    const racks = new Map<string, Rack>();
    for (const rack of demoRacks)
      racks.set(
        rack.name,
        await lead.send(addRack, {
          body: { id: newId(), siteId: siteId(rack.site), name: rack.name, hooks: rack.hooks },
        }),
      );
    const models = new Map<string, string>();
    for (const model of demoModels) {
      const { id } = await lead.send(addModel, {
        body: {
          id: newId(),
          name: model.name,
          build: structuredClone(modelBuild(model)),
          fit: { ...model.fit },
        },
      });
      models.set(model.name, id);
    }
    for (const site of ['boathouse', 'hut'] as const) {
      const names = demoRacks.filter((rack) => rack.site === site).map((rack) => rack.name);
      const bikes = demoBikes
        .filter((bike) => names.includes(bike.rack))
        .map((demo) => {
          const rack = racks.get(demo.rack);
          const { tag, size, serial, boughtOn, warrantyUntil } = demo;
          const id = newId();
          this.bikes.set(tag, { id, demo });
          const fields = bikeFieldsOf(demo.model.kind, {
            tag,
            siteId: siteId(site),
            hookId: rack?.hooks[demo.hook - 1]?.id ?? null,
            modelId: models.get(demo.model.name) ?? null,
            model: demo.model.name,
            size,
            serial,
            boughtOn,
            warrantyUntil,
            build: structuredClone(demoBuild(demo)),
          });
          return { ...fields, id, version: null };
        });
      await lead.send(importBikes, { body: { id: newId(), siteId: siteId(site), bikes } });
    }
    this.checklists = await readChecklists(lead);
  }

  /** Batteries, and the wheels of the first hardtails: parts that move between bikes. */
  async parts(): Promise<void> {
    const fit = async (
      tag: string,
      part: Omit<Part, 'id'>,
      position: 'only' | 'front' | 'rear',
    ): Promise<void> => {
      await this.as('tomas').send(fitPart, {
        params: { id: this.bike(tag).id },
        body: { id: newId(), part: { id: newId(), ...part }, position, anyway: '', at: this.now },
      });
    };
    for (const [index, bike] of demoBikes.filter((each) => each.model.kind === 'step-through').entries())
      await fit(
        bike.tag,
        { kind: 'battery', name: `Pack ${index + 1}, 504 Wh`, facts: {}, markings: { batteryEnergy: 504 } },
        'only',
      );
    for (const tag of ['H01', 'H02', 'H03', 'H15']) {
      for (const position of ['front', 'rear'] as const)
        await fit(
          tag,
          {
            kind: 'wheel',
            name: `29 ${position}, disc, ${tag}`,
            facts: { wheelSize: '29', brake: 'hydraulic-disc', retention: 'thru-axle' },
            markings: {},
          },
          position,
        );
      await fit(tag, { kind: 'chain', name: '11-speed chain', facts: {}, markings: {} }, 'only');
    }
  }

  /** What the house keeps on the shelf, bought for a season: counted anew today by `countShelf`. */
  async shelf(): Promise<void> {
    const mechanic = this.as('tomas');
    const { models } = await mechanic.send(getWall);
    for (const { onHand: _today, models: names = [], ...fields } of demoShelf) {
      const id = newId();
      const modelIds = models.filter((model) => names.includes(model.name)).map((model) => model.id);
      await mechanic.send(setStockItem, {
        params: { id },
        body: { id: newId(), item: { ...fields, modelIds }, version: null, at: this.now },
      });
      const body = {
        id: newId(),
        by: BOUGHT_FOR_A_SEASON,
        why: 'delivered' as const,
        note: '',
        at: this.now,
      };
      this.stock.set(fields.name, await mechanic.send(countStock, { params: { id }, body }));
    }
  }

  async countShelf(): Promise<void> {
    const mechanic = this.as('tomas');
    for (const item of (await mechanic.send(listStock)).items) {
      const today = demoShelf.find((each) => each.name === item.name)?.onHand ?? 0;
      this.stock.set(item.name, item);
      if (today === item.onHand) continue;
      const body = { id: newId(), by: today - item.onHand, why: 'counted' as const, note: '', at: this.now };
      await mechanic.send(countStock, { params: { id: item.id }, body });
    }
  }
}
