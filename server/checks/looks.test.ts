import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as newId } from 'uuid';
import {
  addMarks,
  amendCheck,
  findChecks,
  getCheck,
  listChecks,
  listLooks,
  openCheck,
  signCheck,
} from '@cadre/contract/checks';
import { listUnusualRecords } from '@cadre/contract/unusual-records';
import type { Bike } from '@cadre/contract/fleet';
import { releaseBike } from '@cadre/contract/repairs';
import { verify } from '@cadre/server/app';
import { faulty, markFor, marksFor } from '@cadre/test-world/builders';
import { refusalOf, World } from '../../testing/world';

let world: World;
beforeAll(async () => {
  world = await World.open();
});
afterAll(() => world.close());

let tags = 0;
const bike = (): Promise<Bike> => world.bike(`L${(tags += 1)}`);
const question = (of: Bike, checkpoint: string, more: object) => {
  const checklist = world.checklists.get('ride-out')?.checklist;
  const mark =
    checklist &&
    marksFor(checklist, of.build, world.idOf('inspector'), world.clock.now).find(
      (each) => each.checkpoint === checkpoint,
    );
  if (!mark) throw new Error(`${checkpoint} is not asked`);
  return { ...mark, at: world.clock.now, ...more };
};
const amend = (id: string, by: string, marks: object[], reason = 'Written on the wrong row') =>
  world.as(by).send(amendCheck, {
    params: { id },
    body: {
      id: newId(),
      checkId: newId(),
      author: world.idOf(by),
      reason,
      marks: marks as never,
      at: world.clock.now,
    },
  });

describe('what was found last time', () => {
  it('is told question by question, with the reading', async () => {
    const it = await bike();
    const reading = { measure: 'tyre-window', values: [240], typed: '2,4', unit: 'bar' };
    await world.check(it, {
      checklist: 'pressures',
      exceptions: [{ checkpoint: 'tyre-pressure', position: 'front', more: { reading } }],
    });
    world.clock.now += 1000;
    await world.check(it, {
      exceptions: [
        { checkpoint: 'tyre-casing', position: 'rear', more: faulty('worn', { note: 'Middle knobs' }) },
      ],
    });
    const { looks } = await world.as('desk').send(listLooks, { params: { id: it.id } });
    expect(looks.find((look) => look.key === 'tyre-pressure@front')).toMatchObject({
      outcome: 'pass',
      reading,
    });
    expect(looks.find((look) => look.key === 'tyre-casing@rear')).toMatchObject({
      outcome: 'fail',
      faults: [{ fault: 'worn' }],
      note: 'Middle knobs',
    });
  });
});

describe('open checks', () => {
  it('are found for many bikes with what everybody marked, and listed first on the bike', async () => {
    const [a, b] = [await bike(), await bike()];
    const season = world.checklists.get('season-opening');
    if (!season) throw new Error('no season checklist');
    const checkId = newId();
    const author = world.idOf('inspector');
    await world.as('inspector').send(openCheck, {
      body: { id: checkId, bikeId: a.id, checklistHash: season.hash, author, at: world.clock.now },
    });
    const marks = marksFor(season.checklist, a.build, author, world.clock.now).slice(0, 7);
    await world.as('inspector').send(addMarks, { params: { id: checkId }, body: { marks } });
    const find = (checklistKeys: string[]) =>
      world.as('mechanic').send(findChecks, { body: { bikeIds: [a.id, b.id], checklistKeys } });
    expect((await find(['season-opening'])).checks).toMatchObject([
      { id: checkId, bikeId: a.id, checklistKey: 'season-opening' },
    ]);
    expect((await find(['season-opening'])).checks[0]?.marks).toHaveLength(7);
    expect((await find(['ride-out'])).checks).toEqual([]);
    await world.check(a);
    const { checks } = await world.as('desk').send(listChecks, { params: { id: a.id } });
    expect(checks.map((check) => [check.checklistKey, check.state, check.marked > 6])).toEqual([
      ['season-opening', 'open', true],
      ['ride-out', 'signed', true],
    ]);
  });
});

describe('an amendment', () => {
  it('names the check it corrects, leaves it as it was signed, and brings what it found', async () => {
    const it = await bike();
    const { check } = await world.check(it);
    world.clock.now += 1000;
    const answer = await amend(check.id, 'inspector', [question(it, 'bars', faulty('bent'))]);
    expect(answer.check).toMatchObject({
      amends: check.id,
      reason: 'Written on the wrong row',
      state: 'signed',
    });
    expect(answer.findings).toMatchObject([{ checkpoint: 'bars', severity: 'stop' }]);
    expect((await world.fitness(it.id)).fitness).toBe('held');
    expect((await world.as('desk').send(getCheck, { params: { id: check.id } })).marks).toHaveLength(
      check.marks.length,
    );
    expect((await verify(world.database.source)).faults).toEqual([]);
  });

  it('that says a critical was not looked at makes the check incomplete: the bike is held', async () => {
    const it = await bike();
    const { check } = await world.check(it);
    world.clock.now += 1000;
    await amend(check.id, 'inspector', [
      question(it, 'bars', { outcome: 'skipped', note: 'Somebody came in' }),
    ]);
    expect(await world.fitness(it.id)).toEqual({
      fitness: 'held',
      reasons: ['check-incomplete', 'no-valid-check'],
    });
    world.clock.now += 1000;
    await world.check(it);
    expect((await world.fitness(it.id)).fitness).toBe('cleared');
  });

  it('never clears: not what was incomplete, not what was a stop, not what was due', async () => {
    const incomplete = await bike();
    const first = await world.check(incomplete, { leftOut: ['bars'] });
    world.clock.now += 1000;
    await amend(first.check.id, 'lead', [question(incomplete, 'bars', {})]);
    expect((await world.fitness(incomplete.id)).fitness).toBe('held');

    const stopped = await bike();
    const second = await world.check(stopped, { exceptions: [{ checkpoint: 'bars', more: faulty('bent') }] });
    world.clock.now += 1000;
    await amend(second.check.id, 'lead', [question(stopped, 'bars', {})]);
    expect((await world.fitness(stopped.id)).fitness).toBe('held');
    expect(
      await refusalOf(
        world.as('lead').send(releaseBike, {
          params: { id: stopped.id },
          body: { id: newId(), note: '', at: world.clock.now },
        }),
      ),
    ).toBe('409 release.not-ready');

    const due = await bike();
    const third = await world.check(due);
    world.clock.now += 86_400_000;
    await world.signInAgain();
    await amend(third.check.id, 'lead', [question(due, 'bars', { note: 'Grip renewed too' })]);
    expect((await world.fitness(due.id)).fitness).toBe('due');
  });

  it('is refused of what is open, of an amendment, by a trainee, without a reason, and of what was not asked', async () => {
    const it = await bike();
    const { check } = await world.check(it);
    world.clock.now += 1000;
    const mark = () => question(it, 'bars', {});
    expect(await refusalOf(amend(check.id, 'trainee', [mark()]))).toBe('403 act.not-allowed');
    expect(await refusalOf(amend(check.id, 'desk', [mark()]))).toBe('403 act.not-allowed');
    expect(await refusalOf(amend(check.id, 'lead', [mark()], ' '))).toBe('400 body.invalid');
    expect(await refusalOf(amend(check.id, 'lead', [{ ...mark(), checkpoint: 'coaster-brake' }]))).toBe(
      '422 check.mark-not-asked',
    );
    const { check: amendment } = await amend(check.id, 'lead', [mark()]);
    expect(await refusalOf(amend(amendment.id, 'lead', [mark()]))).toBe('409 check.not-amendable');
    const open = newId();
    await world.as('inspector').send(openCheck, {
      body: {
        id: open,
        bikeId: it.id,
        checklistHash: world.checklists.get('lube')?.hash ?? '',
        author: world.idOf('inspector'),
        at: world.clock.now,
      },
    });
    expect(await refusalOf(amend(open, 'lead', [mark()]))).toBe('409 check.not-amendable');
  });
});

describe('unusual records', () => {
  it('show the lead what went too fast and the same digits again and again, and block nothing', async () => {
    const checklist = world.checklists.get('pressures');
    const ride = world.checklists.get('ride-out');
    if (!checklist || !ride) throw new Error('no checklists');
    const author = world.idOf('inspector');
    const reading = { measure: 'tyre-window', values: [240], typed: '2.4', unit: 'bar' };
    for (let index = 0; index < 5; index += 1) {
      world.clock.now += 60_000;
      await world.check(await bike(), {
        checklist: 'pressures',
        exceptions: [{ checkpoint: 'tyre-pressure', position: 'rear', more: { reading } }],
      });
    }
    const hurried = await bike();
    const checkId = newId();
    await world.as('inspector').send(openCheck, {
      body: { id: checkId, bikeId: hurried.id, checklistHash: ride.hash, author, at: world.clock.now },
    });
    const marks = marksFor(ride.checklist, hurried.build, author, world.clock.now - 20_000, [], 400);
    await world.as('inspector').send(addMarks, { params: { id: checkId }, body: { marks } });
    await world.as('inspector').send(signCheck, {
      params: { id: checkId },
      body: { id: newId(), author, markIds: marks.map((mark) => mark.id), at: world.clock.now },
    });
    expect((await world.fitness(hurried.id)).fitness).toBe('cleared');
    const told = await world.as('lead').send(listUnusualRecords);
    expect(told.hasty).toMatchObject([{ tag: hurried.tag, by: author, marks: marks.length }]);
    expect(told.hasty[0]?.seconds).toBeLessThan(20);
    expect(told.sameDigits).toMatchObject([{ author, measure: 'tyre-window', typed: '2.4' }]);
    expect(told.sameDigits[0]?.tags).toHaveLength(5);
    expect(await refusalOf(world.as('mechanic').send(listUnusualRecords))).toBe('403 act.not-allowed');
  });
});

it('a mark from paper and from the line is kept as such', async () => {
  const of = await bike();
  const lights = world.checklists.get('lube');
  if (!lights) throw new Error('no checklist');
  const checkId = newId();
  const author = world.idOf('inspector');
  await world.as('inspector').send(openCheck, {
    body: { id: checkId, bikeId: of.id, checklistHash: lights.hash, author, at: world.clock.now },
  });
  const [first] = marksFor(lights.checklist, of.build, author, world.clock.now);
  if (!first) throw new Error('nothing asked');
  const question = { checkpoint: { key: first.checkpoint }, position: first.position } as never;
  await world.as('inspector').send(addMarks, {
    params: { id: checkId },
    body: {
      marks: [
        markFor(question, author, world.clock.now, { way: 'paper' }),
        markFor(question, author, world.clock.now + 1, { way: 'batch' }),
      ],
    },
  });
  const kept = await world.as('desk').send(getCheck, { params: { id: checkId } });
  expect(kept.marks.map((mark) => mark.way)).toEqual(['paper', 'batch']);
});
