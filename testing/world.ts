import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { resolve } from 'node:path';
import { pino, type Logger } from 'pino';
import { v7 as newId } from 'uuid';
import { addMarks, openCheck, signCheck } from '@cadre/contract/checks';
import { addBike, addRack, type Bike, type Model } from '@cadre/contract/fleet';
import { getWall } from '@cadre/contract/wall';
import type { AnswerOf } from '@cadre/contract/http';
import { addPerson } from '@cadre/contract/people';
import { setUp } from '@cadre/contract/setup';
import type { ChecklistVersion } from '@cadre/core/catalogue';
import type { BikeKind, Build } from '@cadre/core/fleet';
import { evaluateFitness, type Fitness } from '@cadre/core/fitness';
import type { Role } from '@cadre/core/people';
import { newRecordKey, recordKeyOf } from '@cadre/server/platform/event-log';
import { createApp } from '@cadre/server/app';
import { bikeFieldsOf, marksFor, type Exception } from '@cadre/test-world/builders';
import { Client, readChecklists } from '@cadre/test-world/client';
import { startCalendarServer, type CalendarServer } from '@cadre/test-world/stand-ins';
import { createTestDatabase, type TestDatabase } from './database';

/** Signs every entry of every world. */
export const RECORD_KEY = recordKeyOf(newRecordKey());
export const SECRET = 'curlew-0';
export const START = Date.UTC(2026, 5, 10, 6, 30);

export const CAST: readonly { name: string; role: Role; trainee: boolean }[] = [
  { name: 'lead', role: 'lead', trainee: false },
  { name: 'mechanic', role: 'mechanic', trainee: false },
  { name: 'mechanic2', role: 'mechanic', trainee: false },
  { name: 'inspector', role: 'inspector', trainee: false },
  { name: 'trainee', role: 'inspector', trainee: true },
  { name: 'desk', role: 'desk', trainee: false },
];

/** A small program over a real database: people, one rack, a bike or more, and the acts tests set things up with. */
export class World {
  readonly clients = new Map<string, Client>();
  readonly ids = new Map<string, string>();
  checklists = new Map<string, { hash: string; checklist: ChecklistVersion }>();
  siteId = '';
  private calendars: CalendarServer | null = null;
  hooks: string[] = [];

  private constructor(
    readonly database: TestDatabase,
    readonly server: Server,
    readonly base: string,
    readonly clock: { now: number },
    readonly log: string[],
    private readonly calendarHosts: string[],
  ) {}

  static async open(options: { web?: boolean; webDir?: string; realClock?: boolean } = {}): Promise<World> {
    const database = await createTestDatabase();
    const clock = { now: START };
    const lines: string[] = [];
    const log = pino(
      { level: 'error' },
      { write: (line: string) => void lines.push(line) },
    ) as unknown as Logger;
    const calendarHosts: string[] = [];
    const now = options.realClock ? Date.now : () => (clock.now += 1);
    const app = createApp({
      source: database.source,
      now,
      log,
      version: 'test',
      demo: false,
      webDir: options.webDir ?? (options.web ? resolve('web/dist') : null),
      publicUrl: null,
      calendars: { hosts: calendarHosts, privateToo: true },
      checkAnswers: true,
      recordKey: RECORD_KEY,
    });
    const server = app.listen(0, '127.0.0.1');
    // A socket that waits is never closed just as the next request is on its way.
    server.keepAliveTimeout = 0;
    await new Promise((done) => server.once('listening', done));
    const world = new World(
      database,
      server,
      `http://127.0.0.1:${(server.address() as AddressInfo).port}`,
      clock,
      lines,
      calendarHosts,
    );
    if (options.realClock) Object.defineProperty(clock, 'now', { get: () => Date.now() });
    await world.people();
    return world;
  }

  /** The address of a calendar on this machine that may be fetched. */
  async calendarAddress(): Promise<string> {
    this.calendars ??= await startCalendarServer();
    this.calendarHosts.push(this.calendars.host);
    return this.calendars.address('/bookings.ics');
  }

  as(name: string): Client {
    const client = this.clients.get(name);
    if (!client) throw new Error(`nobody called ${name}`);
    return client;
  }

  idOf(name: string): string {
    return this.ids.get(name) ?? '';
  }

  private async people(): Promise<void> {
    const [lead, ...others] = CAST;
    const first = new Client(this.base);
    await first.send(setUp, {
      body: {
        id: newId(),
        programName: 'Test quay',
        siteName: 'Shed',
        timeZone: 'Europe/London',
        opensAt: '09:00',
        leadName: lead?.name ?? '',
        signInName: lead?.name ?? '',
        secret: SECRET,
      },
    });
    for (const person of others)
      await first.send(addPerson, {
        body: { id: newId(), ...person, signInName: person.name, secret: SECRET },
      });
    await this.signInAgain();
    const wall = await this.as('lead').send(getWall);
    this.siteId = wall.sites[0]?.id ?? '';
    const rack = await this.as('lead').send(addRack, {
      body: { id: newId(), siteId: this.siteId, name: 'Rail', hooks: 12 },
    });
    this.hooks = rack.hooks.map((hook) => hook.id);
    this.checklists = await readChecklists(this.as('lead'));
  }

  /** Everybody signs in afresh: sessions run out when the clock is moved on half a day. */
  async signInAgain(): Promise<void> {
    for (const { name } of CAST) {
      const client = new Client(this.base);
      this.ids.set(name, await client.signIn(name, SECRET));
      this.clients.set(name, client);
    }
  }

  async bike(tag: string, kind: BikeKind = 'hardtail', build?: Build): Promise<Bike> {
    return this.as('lead').send(addBike, {
      body: {
        id: newId(),
        ...bikeFieldsOf(kind, {
          tag,
          siteId: this.siteId,
          hookId: this.hooks.shift() ?? null,
          ...(build ? { build: build } : {}),
        }),
      },
    });
  }

  /** A bike of a model, built as the model is. */
  async bikeOf(model: Model, tag: string): Promise<Bike> {
    const fields = bikeFieldsOf(model.build.kind, {
      tag,
      siteId: this.siteId,
      hookId: this.hooks.shift() ?? null,
      modelId: model.id,
      model: model.name,
      build: model.build,
    });
    return this.as('lead').send(addBike, { body: { id: newId(), ...fields } });
  }

  /** A whole ride-out, signed: all passed but for the exceptions. */
  async check(
    bike: Bike,
    options: {
      by?: string;
      exceptions?: readonly Exception[];
      leftOut?: readonly string[];
      checklist?: string;
    } = {},
  ): Promise<AnswerOf<typeof signCheck>> {
    const { checkId, marks, by, author } = await this.marked(bike, options);
    return this.as(by).send(signCheck, {
      params: { id: checkId },
      body: { id: newId(), author, markIds: marks.map((mark) => mark.id), at: this.clock.now },
    });
  }

  /** A check begun and marked like that, and not signed. */
  async marked(
    bike: Bike,
    options: {
      by?: string;
      exceptions?: readonly Exception[];
      leftOut?: readonly string[];
      checklist?: string;
    } = {},
  ) {
    const { by = 'inspector', exceptions = [], leftOut = [], checklist = 'ride-out' } = options;
    const version = this.checklists.get(checklist);
    if (!version) throw new Error(`no checklist ${checklist}`);
    const checkId = newId();
    const author = this.idOf(by);
    await this.as(by).send(openCheck, {
      body: { id: checkId, bikeId: bike.id, checklistHash: version.hash, author, at: this.clock.now },
    });
    const marks = marksFor(
      version.checklist,
      bike.build,
      author,
      this.clock.now - 300_000,
      exceptions,
    ).filter((mark) => !leftOut.includes(mark.checkpoint));
    await this.as(by).send(addMarks, { params: { id: checkId }, body: { marks } });
    return { checkId, marks, by, author };
  }

  async bikeNow(id: string): Promise<Bike> {
    const bike = (await this.as('lead').send(getWall)).bikes.find((each) => each.id === id);
    if (!bike) throw new Error('no such bike');
    return bike;
  }

  async fitness(id: string): Promise<{ fitness: Fitness; reasons: string[] }> {
    const { bikes, recordedUntil } = await this.as('lead').send(getWall);
    const bike = bikes.find((each) => each.id === id);
    if (!bike) throw new Error('no such bike');
    const answer = evaluateFitness(bike.facts, this.clock.now, recordedUntil);
    return { fitness: answer.fitness, reasons: answer.reasons.map((reason) => reason.code) };
  }

  async close(): Promise<void> {
    await this.calendars?.close();
    this.server.closeAllConnections();
    await new Promise((done) => this.server.close(done));
    await this.database.drop();
  }
}

/** The code and status a refused call is answered with. */
export async function refusalOf(call: Promise<unknown>): Promise<string> {
  try {
    await call;
    return 'accepted';
  } catch (error) {
    const { status, problem } = error as { status?: number; problem?: { code: string } };
    if (!problem) throw error;
    return `${status} ${problem.code}`;
  }
}
