import { v7 as newId } from 'uuid';
import { addMarks, openCheck, signCheck } from '@cadre/contract/checks';
import { currentSession } from '@cadre/contract/people';
import { getWall } from '@cadre/contract/wall';
import { connect, rebuild } from '@cadre/server/app';
import { marksFor } from '@cadre/test-world/builders';
import { readChecklists } from '@cadre/test-world/client';
import type { DatabaseServer } from '../bin/database-server';
import { whileRelaxed } from '../bin/while-relaxed';
import type { Benchmark } from './best';
import { openStand, type Stand } from './stand';

const NAME = 'bench_record';
const BIKES = 50;
const CHECKS = 6;
const BATCHES = 8;
const WANTED_A_SECOND = 5000;

/** Mornings as they are: each bike checked, its marks sent as they are given. */
async function fill({ client }: Stand): Promise<void> {
  const { person } = await client.send(currentSession);
  const checklist = (await readChecklists(client)).get('ride-out');
  if (!checklist) throw new Error('no checklist');
  const { bikes } = await client.send(getWall);
  for (let check = 0; check < CHECKS; check += 1)
    for (const bike of bikes) {
      const [id, author, at] = [newId(), person.id, Date.now()];
      await client.send(openCheck, {
        body: { id, bikeId: bike.id, checklistHash: checklist.hash, author, at },
      });
      const marks = marksFor(checklist.checklist, bike.build, author, at);
      const size = Math.ceil(marks.length / BATCHES);
      for (let first = 0; first < marks.length; first += size)
        await client.send(addMarks, { params: { id }, body: { marks: marks.slice(first, first + size) } });
      const markIds = marks.map((mark) => mark.id);
      await client.send(signCheck, { params: { id }, body: { id: newId(), author, markIds, at } });
    }
}

/** Every table made again from the record of some mornings. The floor reads the same entries and does nothing with them. */
export async function recordBenchmarks(server: DatabaseServer): Promise<readonly Benchmark[]> {
  const stand = await openStand(server, NAME, BIKES);
  const source = await connect(
    { socketPath: server.socketPath, user: 'root', password: '', database: NAME },
    2,
  );
  try {
    await whileRelaxed(server.socketPath, () => fill(stand));
    const times: number[] = [];
    let entries = 0;
    for (let run = 0; run < 3; run += 1) {
      const began = performance.now();
      entries = await rebuild(source);
      times.push(performance.now() - began);
    }
    const began = performance.now();
    const rows = await source.query<{ body: string }[]>('SELECT * FROM entry ORDER BY ordinal');
    rows.forEach((row) => void JSON.parse(row.body));
    return [
      {
        name: `tables made again from ${entries} entries`,
        ms: Math.min(...times),
        floorMs: performance.now() - began,
        mostMs: (entries / WANTED_A_SECOND) * 1000,
        things: entries,
      },
    ];
  } finally {
    await source.destroy();
    await stand.close();
  }
}
