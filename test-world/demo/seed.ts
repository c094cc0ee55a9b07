import type { AddressInfo } from 'node:net';
import { pino } from 'pino';
import type { DataSource } from 'typeorm';
import { v7 as newId } from 'uuid';
import { listSheets, publishPolicy } from '@cadre/contract/catalogue';
import { addMarks, coSignCheck, openCheck, signCheck } from '@cadre/contract/checks';
import { addBike, addRack, addSite, getWall, moveBike } from '@cadre/contract/fleet';
import { addPerson, setUp } from '@cadre/contract/people';
import { finishRepair, leaveApart, startRepair } from '@cadre/contract/repairs';
import type { SheetVersion } from '@cadre/core/catalogue';
import { startOfSiteDay } from '@cadre/core/schedule';
import { createApp } from '@cadre/server/app';
import { bikeFieldsOf, DEVICE, marksFor } from '@cadre/test-world/builders';
import { Client } from '@cadre/test-world/client';
import { demoBuild, demoRacks, type DemoBike } from './fleet';
import { earlier, thisMorning, type PastCheck } from './morning';
import { demoPeople } from './people';

const ZONE = 'Europe/London';
const DAY_MS = 86_400_000;
const MINUTE_MS = 60_000;

/** Everything the demo does goes through the same routes as everybody's clicks, on a clock that can be turned back. */
class Seeder {
  now: number;
  readonly clients = new Map<string, Client>();
  readonly people = new Map<string, string>();
  readonly bikes = new Map<string, { id: string; demo: DemoBike }>();
  sheets = new Map<string, { hash: string; sheet: SheetVersion }>();

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
    const client = new Client(this.base, DEVICE);
    await client.send(setUp, {
      body: {
        id: newId(),
        programName: 'Lapwing Quay Outdoor Centre',
        siteName: 'Boathouse',
        timeZone: ZONE,
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
      const own = new Client(this.base, DEVICE);
      this.people.set(person.signInName, await own.signIn(person.signInName, person.secret));
      this.clients.set(person.signInName, own);
    }
  }

  async fleet(): Promise<void> {
    const lead = this.as('ines');
    await lead.send(addSite, { body: { id: newId(), name: 'Hill hut', timeZone: ZONE, opensAt: '09:30' } });
    const { sites } = await lead.send(getWall);
    const siteId = (site: 'boathouse' | 'hut'): string => sites.find((each) => each.name === (site === 'hut' ? 'Hill hut' : 'Boathouse'))?.id ?? '';
    for (const demoRack of demoRacks) {
      const rack = await lead.send(addRack, { body: { id: newId(), siteId: siteId(demoRack.site), name: demoRack.name, hooks: demoRack.hooks } });
      for (const [index, demo] of demoRack.bikes.entries()) {
        const id = newId();
        await lead.send(addBike, {
          body: {
            id,
            ...bikeFieldsOf(demo.kind, {
              tag: demo.tag,
              siteId: rack.siteId,
              hookId: rack.hooks[index]?.id ?? null,
              model: demo.model,
              size: demo.size,
              serial: `LQ-${demo.tag}`,
              build: structuredClone(demoBuild(demo)) as never,
            }),
          },
        });
        this.bikes.set(demo.tag, { id, demo });
      }
    }
    const { sheets } = await lead.send(listSheets);
    this.sheets = new Map(sheets.map((each) => [each.sheet.key, each as { hash: string; sheet: SheetVersion }]));
  }

  async check(past: PastCheck, at: number): Promise<void> {
    const { id: bikeId, demo } = this.bike(past.tag);
    const sheet = this.sheets.get(demo.kind === 'child' ? 'ride-out-children' : 'ride-out');
    const author = this.people.get(past.by) ?? '';
    if (!sheet) throw new Error('the ride-out sheets are not published');
    const client = this.as(past.by);
    const checkId = newId();
    this.now = at;
    await client.send(openCheck, { body: { id: checkId, bikeId, sheetHash: sheet.hash, author, at } });
    const marks = marksFor(sheet.sheet, demoBuild(demo), author, at + 2000, past.exceptions).filter(
      (mark) => !past.leftOut?.includes(mark.checkpoint),
    );
    const signedAt = at + 4 * MINUTE_MS;
    this.now = signedAt;
    await client.send(addMarks, { params: { id: checkId }, body: { marks } });
    await client.send(signCheck, { params: { id: checkId }, body: { id: newId(), author, markIds: marks.map((mark) => mark.id), at: signedAt } });
    if (past.coSignedBy) await this.as(past.coSignedBy).send(coSignCheck, { params: { id: checkId }, body: { id: newId(), at: signedAt } });
  }

  /** One bike on the bench with its work done, waiting for its re-look; one with something left apart. */
  async bench(at: number): Promise<void> {
    this.now = at;
    const mechanic = this.as('tomas');
    const wall = await mechanic.send(getWall);
    const findingOf = (tag: string, fault: string): string =>
      wall.bikes.find((bike) => bike.tag === tag)?.facts.findings.find((finding) => finding.fault === fault)?.id ?? '';
    const headset = findingOf('H04', 'strong-knock');
    const repairId = newId();
    await mechanic.send(startRepair, { body: { id: repairId, bikeId: this.bike('H04').id, findingIds: [headset], at } });
    await mechanic.send(finishRepair, {
      params: { id: repairId },
      body: {
        id: newId(),
        work: [{ findingId: headset, done: 'Loosened the clamp, preloaded lightly, aligned, torqued to 5 N m' }],
        touched: [{ touch: 'stem-headset', position: 'only' }],
        minutes: 18,
        at,
      },
    });
    await mechanic.send(startRepair, { body: { id: newId(), bikeId: this.bike('Q16').id, findingIds: [findingOf('Q16', 'pumped')], at } });
    await mechanic.send(leaveApart, {
      params: { id: this.bike('Q16').id },
      body: { id: newId(), what: 'Rear wheel out, caliper off for bleeding', at },
    });
  }

  async out(tag: string, at: number): Promise<void> {
    this.now = at;
    await this.as('sunny').send(moveBike, { params: { id: this.bike(tag).id }, body: { id: newId(), to: 'out', at } });
  }
}

/** Makes the demo world in an empty database, as of `now`. */
export async function seedDemo(source: DataSource, now: number): Promise<void> {
  const clock = { read: () => now };
  const app = createApp({
    source,
    now: () => clock.read(),
    log: pino({ level: 'warn' }),
    version: 'demo',
    demo: true,
    webDir: null,
    publicUrl: null,
  });
  const server = app.listen(0, '127.0.0.1');
  try {
    await new Promise((done, failed) => server.once('listening', done).once('error', failed));
    const seeder = new Seeder(`http://127.0.0.1:${(server.address() as AddressInfo).port}`, now - 4 * DAY_MS);
    clock.read = () => seeder.now;
    await seeder.addPeople();
    await seeder.fleet();
    await seeder
      .as('ines')
      .send(publishPolicy, { body: { id: newId(), marking: 'by-person', note: 'Signed-off people by station, trainees one by one' } });
    const today = startOfSiteDay(now, ZONE);
    for (const day of earlier) {
      seeder.now = today - day.daysAgo * DAY_MS + 7 * 3_600_000;
      await seeder.signEverybodyIn();
      for (const [index, past] of day.checks.entries())
        await seeder.check(past, today - day.daysAgo * DAY_MS + 7.5 * 3_600_000 + index * 6 * MINUTE_MS);
    }
    // This morning's checks end before now and begin today, however early it is seeded.
    const span = Math.min(now - today, 110 * MINUTE_MS);
    seeder.now = now - span;
    await seeder.signEverybodyIn();
    for (const [index, past] of thisMorning.entries()) await seeder.check(past, Math.floor(now - span + (span * index) / (thisMorning.length + 3)));
    await seeder.bench(Math.max(seeder.now, now - 10 * MINUTE_MS));
    await seeder.out('Q12', Math.max(seeder.now, now - 5 * MINUTE_MS));
    await seeder.out('H02', Math.max(seeder.now, now - 4 * MINUTE_MS));
  } finally {
    await new Promise((done) => server.close(done));
    server.closeAllConnections();
  }
}
