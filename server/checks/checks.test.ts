import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as newId } from 'uuid';
import { addMarks, coSignCheck, getCheck, openCheck, signCheck } from '@cadre/contract/checks';
import { moveBike, type Bike } from '@cadre/contract/fleet';
import { faulty, marksFor } from '@cadre/test-world/builders';
import { refusalOf, SECRET, World } from '../../testing/world';

let world: World;
beforeAll(async () => {
  world = await World.open();
});
afterAll(() => world.close());

let tags = 0;
const bike = (): Promise<Bike> => world.bike(`C${(tags += 1)}`);
const rideOut = () => world.checklists.get('ride-out') ?? { hash: '', checklist: undefined as never };
const opening = (of: Bike, by = 'inspector', id = newId()) => ({
  id,
  bikeId: of.id,
  checklistHash: rideOut().hash,
  author: world.idOf(by),
  at: world.clock.now,
});
const countOf = async (table: string, where: string, ...values: string[]): Promise<number> =>
  Number(
    (
      await world.database.owner.query<
        {
          n: number;
        }[]
      >(`SELECT COUNT(*) AS n FROM ${table} WHERE ${where}`, values)
    )[0]?.n,
  );

describe('a check', () => {
  it('clears a due bike when all is sound, until the end of the site’s day', async () => {
    const it = await bike();
    expect(await world.fitness(it.id)).toEqual({ fitness: 'due', reasons: ['no-valid-check'] });
    const { check } = await world.check(it);
    expect(check).toMatchObject({ state: 'signed', complete: true, awaitsCoSign: false });
    expect((await world.fitness(it.id)).fitness).toBe('cleared');
    expect((await world.bikeNow(it.id)).facts.validUntil).toBe(Date.UTC(2026, 5, 10, 22, 59, 59, 999));
  });

  it('counts until the bike comes back', async () => {
    const it = await bike();
    await world.check(it);
    await world
      .as('desk')
      .send(moveBike, { params: { id: it.id }, body: { id: newId(), to: 'out', at: world.clock.now } });
    world.clock.now += 60_000;
    await world
      .as('desk')
      .send(moveBike, { params: { id: it.id }, body: { id: newId(), to: 'in', at: world.clock.now } });
    expect((await world.fitness(it.id)).fitness).toBe('due');
  });

  it('holds the bike when a critical was left out, until a complete one', async () => {
    const it = await bike();
    const { check } = await world.check(it, { leftOut: ['bars'] });
    expect(check.complete).toBe(false);
    expect(await world.fitness(it.id)).toEqual({
      fitness: 'held',
      reasons: ['check-incomplete', 'no-valid-check'],
    });
    world.clock.now += 1000;
    await world.check(it);
    expect((await world.fitness(it.id)).fitness).toBe('cleared');
  });

  it('of a trainee counts when somebody else has co-signed it', async () => {
    const it = await bike();
    const { check } = await world.check(it, { by: 'trainee' });
    expect(await world.fitness(it.id)).toMatchObject({
      fitness: 'due',
      reasons: ['awaits-co-sign', 'no-valid-check'],
    });
    const coSign = (by: string) =>
      world
        .as(by)
        .send(coSignCheck, { params: { id: check.id }, body: { id: newId(), at: world.clock.now } });
    expect(await refusalOf(coSign('trainee'))).toBe('403 act.not-allowed');
    await coSign('inspector');
    expect((await world.fitness(it.id)).fitness).toBe('cleared');
    expect(await refusalOf(coSign('mechanic'))).toBe('409 check.not-awaiting-co-sign');
  });

  it('holds the bike by a stop mark even before anybody signs, and lets it go when that is taken back', async () => {
    const it = await bike();
    await world.check(it);
    const open = opening(it);
    await world.as('inspector').send(openCheck, { body: open });
    const [mark] = marksFor(rideOut().checklist, it.build, open.author, world.clock.now, [
      { checkpoint: 'wheel-thru-axle', more: faulty('loose') },
    ]);
    if (!mark) throw new Error('nothing asked');
    await world.as('inspector').send(addMarks, { params: { id: open.id }, body: { marks: [mark] } });
    expect(await world.fitness(it.id)).toMatchObject({ fitness: 'held', reasons: ['draft-stop'] });
    await world.as('inspector').send(addMarks, {
      params: { id: open.id },
      body: { marks: [{ ...mark, id: newId(), outcome: 'withdrawn', faults: [], at: mark.at + 1 }] },
    });
    expect((await world.fitness(it.id)).fitness).toBe('cleared');
  });

  it('is one a bike and checklist: whoever opens a second is handed the first', async () => {
    const it = await bike();
    const first = opening(it);
    await world.as('inspector').send(openCheck, { body: first });
    const second = await world.as('mechanic').raw('POST', '/api/v1/checks', opening(it, 'mechanic'));
    expect(second.status).toBe(409);
    expect(((await second.json()) as { current: { id: string } }).current.id).toBe(first.id);
    expect(await countOf('bike_check', 'bikeId = ?', it.id)).toBe(1);
  });

  it('left open on an earlier day is closed when a new one begins', async () => {
    const it = await bike();
    const first = opening(it);
    await world.as('inspector').send(openCheck, { body: first });
    world.clock.now += 26 * 3_600_000;
    for (const name of ['inspector', 'lead', 'mechanic', 'desk', 'trainee'])
      await world.as(name).signIn(name, SECRET);
    await world.as('inspector').send(openCheck, { body: opening(it) });
    expect((await world.as('inspector').send(getCheck, { params: { id: first.id } })).state).toBe(
      'abandoned',
    );
  });

  it('signed for marks the signer did not see is refused, with what stands', async () => {
    const it = await bike();
    const open = opening(it);
    await world.as('inspector').send(openCheck, { body: open });
    const own = marksFor(rideOut().checklist, it.build, open.author, world.clock.now);
    const theirs = marksFor(rideOut().checklist, it.build, world.idOf('mechanic'), world.clock.now, [
      { checkpoint: 'rim', position: 'rear', more: faulty('crack') },
    ]).filter((mark) => mark.checkpoint === 'rim');
    await world.as('inspector').send(addMarks, { params: { id: open.id }, body: { marks: own } });
    await world.as('mechanic').send(addMarks, { params: { id: open.id }, body: { marks: theirs } });
    const sign = (markIds: string[]) =>
      world.as('inspector').send(signCheck, {
        params: { id: open.id },
        body: { id: newId(), author: open.author, markIds, at: world.clock.now },
      });
    expect(await refusalOf(sign(own.map((mark) => mark.id)))).toBe('409 check.marks-missing');
    const { findings } = await sign([...own, ...theirs].map((mark) => mark.id));
    expect(findings.map((finding) => finding.fault)).toEqual(['crack']);
    expect(
      await refusalOf(
        world.as('inspector').send(addMarks, {
          params: { id: open.id },
          body: { marks: own.slice(0, 1).map((mark) => ({ ...mark, id: newId() })) },
        }),
      ),
    ).toBe('409 check.already-signed');
  });
});

describe('marks', () => {
  it('count once however often they are sent, and refuse the same id with other content', async () => {
    const it = await bike();
    const open = opening(it);
    await world.as('inspector').send(openCheck, { body: open });
    await world.as('inspector').send(openCheck, { body: open });
    const marks = marksFor(rideOut().checklist, it.build, open.author, world.clock.now);
    const send = (list: typeof marks) =>
      world.as('inspector').send(addMarks, { params: { id: open.id }, body: { marks: list } });
    await Promise.all([send(marks), send(marks), send(marks.slice(5)), send([...marks, ...marks])]);
    expect(await countOf('mark', 'checkId = ?', open.id)).toBe(marks.length);
    const [first] = marks;
    if (!first) throw new Error('nothing asked');
    expect(await refusalOf(send([{ ...first, outcome: 'fail' }]))).toBe('409 conflict.id-reused');
    const signature = {
      id: newId(),
      author: open.author,
      markIds: marks.map((mark) => mark.id),
      at: world.clock.now,
    };
    const sign = () => world.as('inspector').send(signCheck, { params: { id: open.id }, body: signature });
    const answers = await Promise.all([sign(), sign(), sign()]);
    expect(new Set(answers.map((answer) => answer.check.signedAt)).size).toBe(1);
    expect(await countOf('entry', "kind = 'check.signed' AND bikeId = ?", it.id)).toBe(1);
  });

  it('are refused for what this bike is not asked', async () => {
    const it = await bike();
    const open = opening(it);
    await world.as('inspector').send(openCheck, { body: open });
    const [mark] = marksFor(rideOut().checklist, it.build, open.author, world.clock.now);
    if (!mark) throw new Error('nothing asked');
    expect(
      await refusalOf(
        world.as('inspector').send(addMarks, {
          params: { id: open.id },
          body: { marks: [{ ...mark, checkpoint: 'rim-pads' }] },
        }),
      ),
    ).toBe('422 check.mark-not-asked');
  });
});
