import { readFileSync } from 'node:fs';
import { Agent, request, type IncomingMessage } from 'node:http';
import { v7 as newId } from 'uuid';
import { addMarks, openCheck } from '@cadre/contract/checks';
import { getWall } from '@cadre/contract/wall';
import type { Bike } from '@cadre/contract/fleet';
import { questionsOf, type ChecklistVersion } from '@cadre/core/catalogue';
import { markFor } from '@cadre/test-world/builders';
import { Client, readChecklists } from '@cadre/test-world/client';
import type { DatabaseServer } from '../bin/database-server';
import bundleServer from '../e2e/support/bundle-server';
import { ServerProcess } from '../e2e/support/server-process';
import type { Benchmark } from './best';
import { openStand, SECRET, type Stand } from './stand';

const BIKES = 100;
const SPAN_MS = 4000;
const WALLS = 200;
const IDLE_STREAMS = 2000;
const INSPECTORS = 64;
/** Streams one session may have open. */
const A_SESSION = 10;

interface Load {
  readonly stand: Stand;
  readonly server: ServerProcess;
  readonly base: string;
  readonly client: Client;
  readonly bikes: readonly Bike[];
  readonly checklist: { hash: string; checklist: ChecklistVersion };
  readonly leadId: string;
  /** By bike, the check marked in. */
  readonly checks: Map<string, string>;
}

const agent = new Agent({ keepAlive: true, maxSockets: Infinity });
const signedIn = async (base: string): Promise<Client> => {
  const client = new Client(base);
  await client.signIn('lead', SECRET);
  return client;
};

/** Opens so many streams, each of a browser that needs only what comes; answers how to close them. */
async function openWalls({ base }: Load, count: number): Promise<() => void> {
  const streams: IncomingMessage[] = [];
  let cookie = '';
  for (let number = 0; number < count; number += 1) {
    if (number % A_SESSION === 0) ({ cookie } = await signedIn(base));
    streams.push(
      await new Promise<IncomingMessage>((done, failed) => {
        const asking = request(`${base}/api/v1/changes`, { agent, headers: { cookie } }, (response) => {
          if (response.statusCode !== 200) failed(new Error(`a stream was answered ${response.statusCode}`));
          response.once('data', () => done(response)).resume();
        });
        asking.on('error', failed).end();
      }),
    );
  }
  return () => streams.forEach((each) => each.destroy());
}

/** Marks at so many bikes at once, each one mark after another, until the time is over: acts done. */
async function mark(load: Load, people: number, until: () => boolean): Promise<number> {
  let done = 0;
  await Promise.all(
    load.bikes.slice(0, people).map(async (bike) => {
      const { client } = load;
      const id = load.checks.get(bike.id) ?? newId();
      const { hash, checklist } = load.checklist;
      const opened = { id, bikeId: bike.id, checklistHash: hash, author: load.leadId, at: Date.now() };
      if (!load.checks.has(bike.id)) await client.send(openCheck, { body: opened });
      load.checks.set(bike.id, id);
      const asked = questionsOf(checklist, { build: bike.build, parts: [] });
      for (let number = 0; !until(); number += 1) {
        const question = asked[number % asked.length];
        if (!question) throw new Error('nothing is asked');
        const marks = [markFor(question, load.leadId, Date.now())];
        await client.send(addMarks, { params: { id }, body: { marks } });
        done += 1;
      }
    }),
  );
  return done;
}
async function actsASecond(load: Load): Promise<number> {
  const until = Date.now() + SPAN_MS;
  return (await mark(load, 4, () => Date.now() > until)) / (SPAN_MS / 1000);
}

/** The middle time of reading a bike's timeline, asked one after another. */
async function readMs(load: Load, over: () => boolean): Promise<number> {
  const { client } = load;
  const times: number[] = [];
  for (let number = 0; !over() || times.length < 20; number += 1) {
    const began = performance.now();
    await client.raw('GET', `/api/v1/bikes/${load.bikes[number % load.bikes.length]?.id}/timeline`);
    times.push(performance.now() - began);
  }
  return times.sort((a, b) => a - b)[Math.floor(times.length / 2)] ?? 0;
}

/** What a process has used of a core so far, in milliseconds. */
function usedMs(pid: number): number {
  const fields = readFileSync(`/proc/${pid}/stat`, 'utf8').split(') ')[1]?.split(' ') ?? [];
  return (Number(fields[11]) + Number(fields[12])) * 10;
}

async function openLoad(database: DatabaseServer): Promise<Load> {
  await bundleServer();
  const stand = await openStand(database, 'bench_load', BIKES);
  const server = await ServerProcess.start({
    socketPath: database.socketPath,
    password: database.appPassword,
    name: 'bench_load',
  });
  const base = `http://127.0.0.1:${server.port}`;
  const client = new Client(base);
  const leadId = await client.signIn('lead', SECRET);
  const { bikes } = await client.send(getWall);
  const checklist = (await readChecklists(client)).get('ride-out');
  if (!checklist) throw new Error('no checklist');
  return { stand, server, base, client, bikes, checklist, leadId, checks: new Map() };
}

const percent = (name: string, value: number, floor: number, most: number): Benchmark => ({
  name,
  ms: value,
  floorMs: floor,
  mostMs: most,
  unit: '%',
});

/** What many open walls and many hands do to each other, as shares of the same server left alone, in the same run. */
export async function loadBenchmarks(database: DatabaseServer): Promise<readonly Benchmark[]> {
  const load = await openLoad(database);
  try {
    await actsASecond(load); // what is compiled on the way is not measured
    const alone = await actsASecond(load);
    let close = await openWalls(load, WALLS);
    const withWalls = await actsASecond(load);
    close();
    const again = await actsASecond(load);
    const costs = (100 * Math.min(alone, again)) / withWalls;

    close = await openWalls(load, IDLE_STREAMS);
    const [before, from] = [usedMs(load.server.pid), Date.now()];
    await new Promise((done) => setTimeout(done, 40_000)); // two beats
    const idle = (100 * (usedMs(load.server.pid) - before)) / (Date.now() - from);
    close();

    const unhurried = Date.now() + SPAN_MS;
    const readAlone = await readMs(load, () => Date.now() > unhurried);
    const until = Date.now() + SPAN_MS;
    const [readAmong] = await Promise.all([
      readMs(load, () => Date.now() > until),
      mark(load, INSPECTORS, () => Date.now() > until),
    ]);
    return [
      percent(`an act, ${WALLS} walls open, of one with none`, costs, 100, 100 / 0.7),
      percent(`of a core, ${IDLE_STREAMS} idle streams`, idle, 0, 5),
      percent(`a read, ${INSPECTORS} marking, of one alone`, (100 * readAmong) / readAlone, 100, 300),
    ];
  } finally {
    await load.server.kill();
    await load.stand.close();
  }
}
