import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as newId } from 'uuid';
import { addMarks, coSignCheck, getCheck, openCheck, signCheck, type NewMark } from '@cadre/contract/checks';
import type { Bike } from '@cadre/contract/fleet';
import { bindWriter, changePerson, endSessions, listPeople, signOut } from '@cadre/contract/people';
import { leaveApart } from '@cadre/contract/reassembly';
import { timeline } from '@cadre/contract/timeline';
import { itemContent } from '@cadre/core/authorship';
import { questionsOf, asBuilt } from '@cadre/core/catalogue';
import { faulty, markFor } from '@cadre/test-world/builders';
import { Client } from '@cadre/test-world/client';
import { begun, rideOut } from '../../testing/act-helpers';
import { refusalOf, SECRET, World } from '../../testing/world';
import { Writer } from '../../testing/writer';

let world: World;
let tags = 0;
beforeAll(async () => {
  world = await World.open();
});
afterAll(() => world.close());

interface Begun {
  readonly bike: Bike;
  readonly checkId: string;
  readonly about: { readonly bikeId: string; readonly checklistHash: string };
}
async function open(by = 'trainee'): Promise<Begun> {
  const bike = await world.bike(`AU${(tags += 1)}`);
  const checkId = await begun(world, bike, by);
  return { bike, checkId, about: { bikeId: bike.id, checklistHash: rideOut(world) } };
}
/** The ride-out's question of the front brake as this person would mark it. */
function frontBrake(bike: Bike, by: string, more: Partial<NewMark> = {}): NewMark {
  const checklist = world.checklists.get('ride-out');
  if (!checklist) throw new Error('no ride-out');
  const question = questionsOf(checklist.checklist, asBuilt(bike.build)).find(
    (each) => each.key === 'stops-wheel@front',
  );
  if (!question) throw new Error('not asked');
  return markFor(question, world.idOf(by), world.clock.now, more);
}
/** Somebody signed in on a browser of their own, whose key is bound there. */
async function onTablet(name: string): Promise<{ client: Client; writer: Writer }> {
  const client = new Client(world.base);
  const writer = await new Writer(await client.signIn(name, SECRET)).bind(client);
  return { client, writer };
}
const send = (by: Client | string, { checkId }: Begun, marks: NewMark[]): Promise<unknown> =>
  (typeof by === 'string' ? world.as(by) : by).send(addMarks, { params: { id: checkId }, body: { marks } });

describe('a session that is signed in as one person', () => {
  it('marks, takes back, signs, begins and leaves nothing apart in the name of another', async () => {
    const check = await open('mechanic');
    const stop = frontBrake(check.bike, 'mechanic', faulty('none'));
    await send('mechanic', check, [stop]);
    // All a trainee can see of it is in the check: who, which series, which counter.
    const seen = (await world.as('trainee').send(getCheck, { params: { id: check.checkId } })).marks[0];
    const withdrawn = frontBrake(check.bike, 'mechanic', {
      outcome: 'withdrawn',
      writerId: seen?.writerId ?? '',
      counter: (seen?.counter ?? 0) + 1,
    });
    expect(await refusalOf(send('trainee', check, [withdrawn]))).toBe('403 author.unproven');
    expect(await refusalOf(send('trainee', check, [frontBrake(check.bike, 'mechanic')]))).toBe(
      '403 author.unproven',
    );
    const at = world.clock.now;
    const author = world.idOf('mechanic');
    const sign = { id: newId(), author, markIds: [stop.id], at };
    expect(
      await refusalOf(world.as('trainee').send(signCheck, { params: { id: check.checkId }, body: sign })),
    ).toBe('403 author.unproven');
    const bike = await world.bike(`AU${(tags += 1)}`);
    const begin = { id: newId(), bikeId: bike.id, checklistHash: rideOut(world), author, at };
    expect(await refusalOf(world.as('trainee').send(openCheck, { body: begin }))).toBe('403 author.unproven');
    const apart = { id: newId(), what: 'Wheel out', at, author };
    expect(
      await refusalOf(world.as('trainee').send(leaveApart, { params: { id: bike.id }, body: apart })),
    ).toBe('403 author.unproven');
    expect((await world.fitness(check.bike.id)).fitness).toBe('held');
  });

  it('cannot be the second person for itself', async () => {
    const check = await open('trainee');
    const own = frontBrake(check.bike, 'trainee');
    await send('trainee', check, [own]);
    const at = world.clock.now;
    await world.as('trainee').send(signCheck, {
      params: { id: check.checkId },
      body: { id: newId(), author: world.idOf('trainee'), markIds: [own.id], at },
    });
    const body = { id: newId(), at };
    expect(
      await refusalOf(world.as('trainee').send(coSignCheck, { params: { id: check.checkId }, body })),
    ).toMatch(/^403 /);
  });
});

describe('what a person signed with the key of their browser', () => {
  it('counts in their name whoever delivers it, and the record says who did', async () => {
    const { writer } = await onTablet('mechanic');
    const check = await open('trainee');
    const mark = writer.mark(check.about, frontBrake(check.bike, 'mechanic', faulty('none')));
    await send('trainee', check, [mark]);
    await send('lead', check, [mark]); // once more, by somebody else: it is known
    const { marks } = await world.as('desk').send(getCheck, { params: { id: check.checkId } });
    expect(marks.map((each) => each.author)).toEqual([world.idOf('mechanic')]);
    expect(Object.keys(marks[0] ?? {})).not.toContain('device');
    expect(Object.keys(marks[0] ?? {})).not.toContain('proof');
    const sign = { id: newId(), author: writer.author, markIds: [mark.id], at: world.clock.now };
    const proof = writer.prove('signature', itemContent(check.about, sign));
    await world.as('trainee').send(signCheck, { params: { id: check.checkId }, body: { ...sign, proof } });
    const { entries } = await world.as('desk').send(timeline, { params: { id: check.bike.id }, query: {} });
    const [marked, signed] = ['check.marked', 'check.signed'].map((kind) =>
      entries.find((each) => each.kind === kind),
    );
    expect([marked?.author, (marked?.body as { authors: string[] }).authors]).toEqual([
      world.idOf('trainee'),
      [world.idOf('mechanic')],
    ]);
    expect([signed?.author, (signed?.body as { deliveredBy: string }).deliveredBy]).toEqual([
      world.idOf('mechanic'),
      world.idOf('trainee'),
    ]);
  });

  it('is how a check is begun and something left loose is told in their name too', async () => {
    const { writer } = await onTablet('mechanic');
    const bike = await world.bike(`AU${(tags += 1)}`);
    const at = world.clock.now;
    const begin = { id: newId(), bikeId: bike.id, checklistHash: rideOut(world), author: writer.author, at };
    const opened = await world
      .as('trainee')
      .send(openCheck, { body: { ...begin, proof: writer.prove('opening', begin) } });
    expect(opened.openedBy).toBe(writer.author);
    const apart = { id: newId(), what: 'Wheel out', at, author: writer.author };
    const proof = writer.prove('not-reassembled', { bikeId: bike.id, ...apart });
    const { facts } = await world
      .as('trainee')
      .send(leaveApart, { params: { id: bike.id }, body: { ...apart, proof } });
    expect(facts.notReassembled.map((each) => each.by)).toEqual([writer.author]);
  });

  it.each<[string, (mark: NewMark, other: Writer, check: Begun) => NewMark]>([
    ['says something else than was signed', (mark) => ({ ...mark, outcome: 'pass', faults: [] })],
    ['is put under another counter', (mark) => ({ ...mark, counter: mark.counter + 1 })],
    ['names another author', (mark) => ({ ...mark, author: world.idOf('inspector') })],
    [
      'is signed with another person’s key',
      (mark, other, { about }) => ({ ...other.mark(about, mark), author: world.idOf('mechanic') }),
    ],
    ['names a key nobody bound', (mark, _other, { about }) => new Writer(mark.author).mark(about, mark)],
    [
      'was signed for another bike',
      (mark, _other, { about }) => new Writer(mark.author).mark({ ...about, bikeId: newId() }, mark),
    ],
  ])('counts for nothing once it %s', async (_how, tamper) => {
    const { writer } = await onTablet('mechanic');
    const { writer: other } = await onTablet('trainee');
    const check = await open('trainee');
    const mark = writer.mark(check.about, frontBrake(check.bike, 'mechanic', faulty('none')));
    expect(await refusalOf(send('trainee', check, [tamper(mark, other, check)]))).toBe('403 author.unproven');
  });

  it('is refused in a place of the series that another item has: the key was copied', async () => {
    const { writer } = await onTablet('mechanic');
    const check = await open('trainee');
    const { counter, previous } = writer;
    await send('trainee', check, [writer.mark(check.about, frontBrake(check.bike, 'mechanic'))]);
    Object.assign(writer, { counter, previous });
    expect(
      await refusalOf(
        send('trainee', check, [
          writer.mark(check.about, frontBrake(check.bike, 'mechanic', faulty('none'))),
        ]),
      ),
    ).toBe('403 author.unproven');
  });
});

describe('a key whose owner signed out, everywhere, or left', () => {
  it('still shows what came before, and from later only what can hold a bike', async () => {
    const { client, writer } = await onTablet('mechanic');
    const check = await open('trainee');
    const before = writer.mark(check.about, frontBrake(check.bike, 'mechanic'));
    await client.send(signOut, { query: { counter: writer.counter } });
    const passed = writer.mark(check.about, frontBrake(check.bike, 'mechanic'));
    const rim = { checkpoint: { key: 'rim' }, position: 'front' } as Parameters<typeof markFor>[0];
    const unnamed = { outcome: 'fail', way: 'single' } as const;
    const failed = writer.mark(check.about, markFor(rim, writer.author, world.clock.now, unnamed));
    await send('trainee', check, [before]);
    expect(await refusalOf(send('trainee', check, [passed]))).toBe('403 author.unproven');
    await send('trainee', check, [failed]);
    expect((await world.fitness(check.bike.id)).fitness).toBe('held');
    // Signed in there again, they deliver it themselves: it is theirs.
    await client.signIn('mechanic', SECRET);
    await writer.bind(client);
    const again = writer.mark(check.about, frontBrake(check.bike, 'mechanic'));
    await send('trainee', check, [again]);
    await send(client, check, [passed]);
  });

  it('makes no stop lighter that came before', async () => {
    const { client, writer } = await onTablet('mechanic');
    const check = await open('trainee');
    await send('trainee', check, [
      writer.mark(check.about, frontBrake(check.bike, 'mechanic', faulty('none'))),
    ]);
    await client.send(signOut, { query: { counter: writer.counter } });
    const lighter = faulty('none', { outcome: 'watch', faults: [] });
    const late = writer.mark(check.about, frontBrake(check.bike, 'mechanic', lighter));
    expect(await refusalOf(send('trainee', check, [late]))).toBe('403 author.unproven');
    expect((await world.fitness(check.bike.id)).reasons).toContain('draft-stop');
  });

  it('shows nothing later after a sign-out everywhere, whatever its counter says', async () => {
    const { writer } = await onTablet('mechanic');
    const elsewhere = await onTablet('mechanic');
    const check = await open('trainee');
    await elsewhere.client.send(endSessions, { body: { id: newId() } });
    await world.signInAgain();
    const late = writer.mark(check.about, frontBrake(check.bike, 'mechanic'));
    expect(await refusalOf(send('trainee', check, [late]))).toBe('403 author.unproven');
  });

  it('clears nothing for somebody who was deactivated, though their tablet says it was earlier', async () => {
    const { writer } = await onTablet('mechanic2');
    const check = await open('trainee');
    const delivered = writer.mark(check.about, frontBrake(check.bike, 'mechanic2'));
    await send('trainee', check, [delivered]);
    const { people } = await world.as('lead').send(listPeople);
    const person = people.find((each) => each.id === writer.author);
    if (!person) throw new Error('nobody');
    const { role, trainee, version } = person;
    const body = { id: newId(), role, trainee, version, active: false };
    await world.as('lead').send(changePerson, { params: { id: person.id }, body });
    const late = writer.mark(check.about, frontBrake(check.bike, 'mechanic2', { at: delivered.at }));
    expect(await refusalOf(send('trainee', check, [late]))).toBe('403 author.unproven');
  });
});

describe('a key', () => {
  it('is bound right after its owner signed in, one a session, and to nobody else', async () => {
    const { client, writer } = await onTablet('desk');
    await writer.bind(client); // once more: it is known
    expect(await refusalOf(new Writer(writer.author).bind(client))).toBe('403 writer.bound-late');
    const other = new Client(world.base);
    await other.signIn('trainee', SECRET);
    const body = { id: writer.id, publicKey: writer.publicKey };
    expect(await refusalOf(other.send(bindWriter, { body }))).toBe('409 conflict.id-reused');
    const left = new Client(world.base);
    const thief = new Writer(await left.signIn('desk', SECRET));
    world.clock.now += 11 * 60_000;
    expect(await refusalOf(thief.bind(left))).toBe('403 writer.bound-late');
    const notAKey = { id: newId(), publicKey: 'A'.repeat(122) };
    expect(await refusalOf(other.send(bindWriter, { body: notAKey }))).toBe('400 body.invalid');
  });
});
