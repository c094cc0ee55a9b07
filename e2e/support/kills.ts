import { chmodSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import type { DataSource } from 'typeorm';
import { v7 as newId } from 'uuid';
import { addMarks, openCheck, signCheck } from '@cadre/contract/checks';
import { addBike } from '@cadre/contract/fleet';
import type { BodyOf, ParamsOf, Route } from '@cadre/contract/http';
import { reportIncident } from '@cadre/contract/incidents';
import { setUp } from '@cadre/contract/setup';
import { getWall } from '@cadre/contract/wall';
import type { ChecklistVersion } from '@cadre/core/catalogue';
import { bikeFieldsOf, faulty, marksFor } from '@cadre/test-world/builders';
import { Client, ProblemError, readChecklists } from '@cadre/test-world/client';
import { startDatabaseServer, type DatabaseServer } from '../../bin/database-server';
import { openStore } from '../../bin/open-store';
import { DatabaseProxy } from './database-proxy';
import { ServerProcess } from './server-process';

const NAME = 'cadre_kills';
const SECRET = 'curlew-0';
/** More statements than any act here needs: what is not reached in one act goes off in the next. */
const MOST_STATEMENTS = 40;
const KINDS = ['node', 'node', 'node', 'database', 'both'] as const;
type Killed = (typeof KINDS)[number];

/** The same numbers from the same seed. */
function randomFrom(seed: number): (below: number) => number {
  let state = seed >>> 0;
  return (below) => {
    state = (Math.imul(state, 1_664_525) + 1_013_904_223) >>> 0;
    return Math.floor((state / 2 ** 32) * below);
  };
}

/** Sends one thing, the same each time, and answers whether it was acknowledged. */
type Send = () => Promise<boolean>;
/** What ought to be there in the end. */
export interface Expected {
  /** Ids of acts: each is one entry of the record. */
  readonly acts: string[];
  readonly marks: string[];
  /** Each is one entry too, under an id of the server's. */
  readonly batches: { count: number };
  readonly findings: { count: number };
}

/** A server and a database that are killed without warning while somebody works, and started again. */
export class Killing {
  readonly expected: Expected = {
    acts: [],
    marks: [],
    batches: { count: 0 },
    findings: { count: 0 },
  };
  readonly killed: Record<Killed, number> = { node: 0, database: 0, both: 0 };
  private readonly random: (below: number) => number;
  private client = new Client('');
  private siteId = '';
  private author = '';
  private checklist: { hash: string; checklist: ChecklistVersion } | null = null;
  private bikes = 0;
  /** Under way since a trap went off. */
  private dying: Promise<unknown> | null = null;
  /** Once the next thing is acknowledged. */
  private atAnswer: Killed | null = null;

  private constructor(
    private readonly dataDir: string,
    private database: DatabaseServer,
    private readonly proxy: DatabaseProxy,
    private readonly server: ServerProcess,
    seed: number,
  ) {
    this.random = randomFrom(seed);
  }

  static async open(seed: number): Promise<Killing> {
    const dataDir = mkdtempSync('/tmp/cadre-k-');
    chmodSync(dataDir, 0o755);
    const database = await startDatabase(dataDir);
    const { source } = await openStore(database, NAME);
    await source.destroy();
    const proxy = await DatabaseProxy.open(join(dataDir, 'p.sock'), database.socketPath);
    const server = await ServerProcess.start({
      socketPath: proxy.socketPath,
      password: database.appPassword,
      name: NAME,
    });
    const killing = new Killing(dataDir, database, proxy, server, seed);
    await killing.setUp();
    return killing;
  }

  private async setUp(): Promise<void> {
    this.client = new Client(`http://127.0.0.1:${this.server.port}`);
    const { person } = await this.client.send(setUp, {
      body: {
        id: newId(),
        programName: 'Kills',
        siteName: 'Shed',
        timeZone: 'Europe/London',
        opensAt: '09:00',
        leadName: 'Lead',
        signInName: 'lead',
        secret: SECRET,
      },
    });
    this.author = person.id;
    this.siteId = (await this.client.send(getWall)).sites[0]?.id ?? '';
    this.checklist = (await readChecklists(this.client)).get('ride-out') ?? null;
  }

  /** Works on until so many were killed; every act is sent again until it is acknowledged. */
  async work(kills: number): Promise<void> {
    const all = (): number => this.killed.node + this.killed.database + this.killed.both;
    while (all() < kills)
      for (const send of this.bikesMorning()) {
        if (!this.proxy.trap && !this.atAnswer) this.setTrap();
        await this.untilAcknowledged(send);
        if (all() >= kills) break;
      }
    this.proxy.trap = null;
    this.atAnswer = null;
  }

  private setTrap(): void {
    const what = KINDS[this.random(KINDS.length)] ?? 'node';
    if (this.random(5) === 0) this.atAnswer = what;
    else
      this.proxy.trap = {
        left: 1 + this.random(MOST_STATEMENTS),
        when: this.random(2) === 0 ? 'before' : 'after',
        sprung: () => void this.kill(what),
      };
  }

  private kill(what: Killed): void {
    this.killed[what] += 1;
    const server = what === 'database' ? null : this.server.kill();
    const database = what === 'node' ? null : this.killDatabase();
    this.dying = Promise.all([server, database]).then(async () => {
      if (database) this.database = await startDatabase(this.dataDir);
      if (server) await this.server.up();
    });
  }

  private async killDatabase(): Promise<void> {
    const pid = Number(readFileSync(join(this.dataDir, 'db', 'mariadbd.pid'), 'utf8'));
    process.kill(pid, 'SIGKILL');
    // It is not left to its own restarting: the next start finds what a dead machine would leave.
    await this.database.stop();
  }

  private async untilAcknowledged(send: Send): Promise<void> {
    while (!(await send())) {
      await this.dying;
      this.dying = null;
    }
    if (!this.atAnswer) return;
    this.kill(this.atAnswer);
    this.atAnswer = null;
    await this.dying;
    this.dying = null;
  }

  /** One bike from new to signed, some with a stop, some reported after: each step to be sent until it is acknowledged. */
  private *bikesMorning(): Generator<Send> {
    const [bikeId, checkId, signId] = [newId(), newId(), newId()];
    const fields = bikeFieldsOf('hybrid', {
      tag: `K${(this.bikes += 1)}`,
      siteId: this.siteId,
      hookId: null,
    });
    yield this.act(addBike, { body: { id: bikeId, ...fields } }, bikeId);
    const { checklist, author } = this;
    if (!checklist) throw new Error('no checklist');
    const at = Date.now();
    yield this.act(
      openCheck,
      { body: { id: checkId, bikeId, checklistHash: checklist.hash, author, at } },
      checkId,
    );
    const stop = this.random(3) === 0;
    const stops = [{ checkpoint: 'stops-wheel', position: 'front' as const, more: faulty('none') }];
    const marks = marksFor(checklist.checklist, fields.build, author, at, stop ? stops : []);
    const half = Math.ceil(marks.length / 2);
    for (const batch of [marks.slice(0, half), marks.slice(half)]) {
      this.expected.marks.push(...batch.map((mark) => mark.id));
      this.expected.batches.count += 1;
      yield this.act(addMarks, { params: { id: checkId }, body: { marks: batch } });
    }
    this.expected.findings.count += stop ? 1 : 0;
    const markIds = marks.map((mark) => mark.id);
    yield this.act(signCheck, { params: { id: checkId }, body: { id: signId, author, markIds, at } }, signId);
    const incidentId = newId();
    if (this.random(4) === 0)
      yield this.act(
        reportIncident,
        { params: { id: bikeId }, body: { id: incidentId, kind: 'crash', note: '', at } },
        incidentId,
      );
  }

  private act<R extends Route>(route: R, sent: { params?: ParamsOf<R>; body: BodyOf<R> }, id?: string): Send {
    if (id) this.expected.acts.push(id);
    return async () => {
      try {
        await this.client.send(route, sent);
        return true;
      } catch (error) {
        // A line that broke, or a server that says its database is gone: sent again. A refusal would be a fault of what it was made to believe.
        if (error instanceof ProblemError && error.status < 500) throw error;
        return false;
      }
    };
  }

  /** The database once more, with nothing in between. */
  async look(): Promise<DataSource> {
    return (await openStore(this.database, NAME)).source;
  }

  get socketPath(): string {
    return this.database.socketPath;
  }

  async close(): Promise<void> {
    await this.server.kill();
    await this.proxy.close();
    await this.database.stop();
    rmSync(this.dataDir, { recursive: true, force: true });
  }
}

const startDatabase = (dataDir: string): Promise<DatabaseServer> =>
  startDatabaseServer({
    dataDir,
    died: (notice) => {
      throw notice;
    },
  });
