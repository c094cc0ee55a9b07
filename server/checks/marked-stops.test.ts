import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as newId } from 'uuid';
import { addMarks, openCheck, signCheck, type NewMark } from '@cadre/contract/checks';
import type { Bike } from '@cadre/contract/fleet';
import { changeBike } from '@cadre/contract/fleet';
import { releaseBike } from '@cadre/contract/repairs';
import { USUAL_BUILD, type Build } from '@cadre/core/fleet';
import { DAY_MS } from '@cadre/core/time';
import { verify } from '@cadre/server/app';
import { faulty, fieldsOf, markFor } from '@cadre/test-world/builders';
import { changePolicy } from '@cadre/test-world/client';
import { begun, rideOut } from '../../testing/act-helpers';
import { refusalOf, World } from '../../testing/world';

let world: World;
let tags = 0;
beforeAll(async () => {
  world = await World.open();
});
afterAll(() => world.close());

type At = readonly [checkpoint: string, position: string];
const BRAKE: At = ['stops-wheel', 'front'];
const mark = (by: string, [checkpoint, position]: At, more: Partial<NewMark>): NewMark =>
  markFor({ checkpoint: { key: checkpoint }, position } as never, world.idOf(by), world.clock.now, more);
const send = (by: string, checkId: string, ...marks: NewMark[]) =>
  world.as(by).send(addMarks, { params: { id: checkId }, body: { marks } });
const reasons = async (bike: Bike): Promise<string[]> => (await world.fitness(bike.id)).reasons;
const holds = async (bike: Bike): Promise<number> => (await world.bikeNow(bike.id)).facts.holds.length;
const findings = async (bike: Bike) =>
  (await world.bikeNow(bike.id)).facts.findings.map((each) => [each.fault, each.severity, each.state]);

async function cleared(build?: Build): Promise<{ bike: Bike; checkId: string }> {
  const bike = await world.bike(`MS${(tags += 1)}`, 'hardtail', build);
  await world.check(bike);
  return { bike, checkId: await begun(world, bike, 'inspector') };
}
/** A bike on whose front brake the inspector marked a stop, in a check nobody has signed. */
async function stopped(more = faulty('none')): Promise<{ bike: Bike; checkId: string; stop: NewMark }> {
  const { bike, checkId } = await cleared();
  const stop = mark('inspector', BRAKE, more);
  await send('inspector', checkId, stop);
  return { bike, checkId, stop };
}

describe('a stop that was marked and not signed', () => {
  it('is a hold on record at once, an unnamed fault on a critical too', async () => {
    for (const more of [faulty('none'), { outcome: 'fail', way: 'single' } as const]) {
      const { bike } = await stopped(more);
      expect([await reasons(bike), await holds(bike)]).toEqual([['draft-stop'], 1]);
      const release = { id: newId(), note: '', at: world.clock.now };
      expect(
        await refusalOf(world.as('lead').send(releaseBike, { params: { id: bike.id }, body: release })),
      ).toBe('409 release.not-ready');
    }
  });

  it('ends with its author’s taking it back, and with nobody else’s', async () => {
    const { bike, checkId } = await stopped();
    await send('lead', checkId, mark('lead', BRAKE, { outcome: 'withdrawn' }));
    await send('lead', checkId, mark('lead', BRAKE, { outcome: 'pass' }));
    expect(await reasons(bike)).toContain('draft-stop');
    await send('inspector', checkId, mark('inspector', BRAKE, { outcome: 'withdrawn' }));
    expect([await world.fitness(bike.id), await holds(bike)]).toMatchObject([{ fitness: 'cleared' }, 0]);
    expect((await verify(world.database.source)).faults).toEqual([]);
  });

  it('of two people holds until both have taken it back', async () => {
    const { bike, checkId } = await stopped();
    await send('mechanic', checkId, mark('mechanic', BRAKE, faulty('none')));
    await send('inspector', checkId, mark('inspector', BRAKE, { outcome: 'withdrawn' }));
    expect(await reasons(bike)).toEqual(['draft-stop']);
    await send('mechanic', checkId, mark('mechanic', BRAKE, { outcome: 'withdrawn' }));
    expect(await reasons(bike)).toEqual([]);
  });

  it('taken back leaves the hold that something else needs', async () => {
    const { bike, checkId } = await stopped();
    const other = mark('inspector', ['rim', 'front'], { outcome: 'fail', way: 'single' });
    await send('inspector', checkId, other);
    await send('inspector', checkId, mark('inspector', BRAKE, { outcome: 'withdrawn' }));
    expect([await reasons(bike), await holds(bike)]).toEqual([['draft-stop'], 1]);
    const signed = await world.as('inspector').send(signCheck, {
      params: { id: checkId },
      body: {
        id: newId(),
        author: world.idOf('inspector'),
        markIds: await idsOf(checkId),
        at: world.clock.now,
      },
    });
    expect(signed.findings.map((each) => each.checkpoint)).toEqual(['rim']);
    expect(await holds(bike)).toBe(1);
  });

  it('becomes a finding when its check is left on an earlier day and somebody begins another', async () => {
    const { bike } = await stopped();
    world.clock.now += DAY_MS;
    await world.signInAgain();
    const body = {
      id: newId(),
      bikeId: bike.id,
      checklistHash: rideOut(world),
      author: world.idOf('trainee'),
    };
    await world.as('trainee').send(openCheck, { body: { ...body, at: world.clock.now } });
    expect([await findings(bike), await holds(bike)]).toEqual([[['none', 'stop', 'open']], 1]);
  });

  it('stays a stop when the build or the policy changed before it was signed', async () => {
    const { bike, checkId } = await cleared({ ...USUAL_BUILD.hardtail, accessories: ['bell'] });
    // Local rules ask for it: how its lack weighs is the policy's.
    await changePolicy(world.as('lead'), { legal: 'stop' });
    const bell = mark('inspector', ['bell-lights', 'only'], faulty('legal-missing'));
    await send('inspector', checkId, bell);
    const held = await reasons(bike);
    await changePolicy(world.as('lead'), { legal: 'soon' });
    const { version } = await world.bikeNow(bike.id);
    await world.as('lead').send(changeBike, {
      params: { id: bike.id },
      body: { ...fieldsOf(bike), build: { ...bike.build, accessories: [] }, version },
    });
    expect(await reasons(bike)).toEqual(held);
    await world.as('inspector').send(signCheck, {
      params: { id: checkId },
      body: { id: newId(), author: world.idOf('inspector'), markIds: [bell.id], at: world.clock.now },
    });
    expect(await findings(bike)).toEqual([['legal-missing', 'stop', 'open']]);
  });
});

const idsOf = async (checkId: string): Promise<string[]> =>
  (
    await world.database.owner.query<{ id: string }[]>('SELECT id FROM mark WHERE checkId = ?', [checkId])
  ).map((row) => row.id);
