import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as newId } from 'uuid';
import { listSimilarFaults } from '@cadre/contract/similar-faults';
import { addModel, type Bike } from '@cadre/contract/fleet';
import { fitPart } from '@cadre/contract/parts';
import { finishRepair, startRepair } from '@cadre/contract/repairs';
import { USUAL_BUILD } from '@cadre/core/fleet';
import { faulty } from '@cadre/test-world/builders';
import { refusalOf, World } from '../../testing/world';

let world: World;
beforeAll(async () => {
  world = await World.open();
});
afterAll(() => world.close());

const pads = (of: Bike, name: string) =>
  world.as('mechanic').send(fitPart, {
    params: { id: of.id },
    body: {
      id: newId(),
      part: { id: newId(), kind: 'pads', name, facts: {}, markings: {} },
      position: 'front',
      anyway: '',
      at: world.clock.now,
    },
  });
const found = async (of: Bike, checkpoint = 'stops-wheel', fault = 'none'): Promise<string> =>
  (
    await world.check(of, { exceptions: [{ checkpoint, position: 'front', more: faulty(fault) }] })
  ).findings.find((each) => each.checkpoint === checkpoint)?.id ?? '';
const repaired = async (of: Bike, findingId: string): Promise<void> => {
  const repairId = newId();
  const at = world.clock.now;
  await world
    .as('mechanic')
    .send(startRepair, { body: { id: repairId, bikeId: of.id, findingIds: [findingId], at } });
  const touched = [{ touch: 'brake-work' as const, position: 'front' as const }];
  await world.as('mechanic').send(finishRepair, {
    params: { id: repairId },
    body: { id: newId(), work: [{ findingId, done: 'New pads' }], touched, minutes: 5, at },
  });
};
const across = (id: string) => world.as('inspector').send(listSimilarFaults, { params: { id } });

describe('a look across from a finding', () => {
  it('tells the bikes with the same part, the same hands, the same model, who has it and who was looked at since', async () => {
    const build = { ...USUAL_BUILD.hardtail, accessories: [...USUAL_BUILD.hardtail.accessories] };
    const model = await world
      .as('lead')
      .send(addModel, { body: { id: newId(), name: 'Reed', build, fit: {} } });
    const own = await world.bikeOf(model, 'L1');
    const [part, hands, like] = [
      await world.bike('L2'),
      await world.bike('L3'),
      await world.bikeOf(model, 'L4'),
    ];
    await world.bike('L5', 'child');
    await pads(own, 'Soft 12, lot 7');
    await pads(part, 'soft 12, lot 7');
    await repaired(own, await found(own, 'disc-pads', 'thin'));
    await repaired(hands, await found(hands, 'disc-pads', 'thin'));
    world.clock.now += 60_000;
    const finding = await found(own);
    const { siblings, checklistKey, checkpoint } = await across(finding);
    expect([checklistKey, checkpoint]).toEqual([null, 'stops-wheel']);
    expect(siblings).toEqual([
      {
        bikeId: part.id,
        tag: 'L2',
        because: 'same-part',
        what: 'soft 12, lot 7',
        lookedAt: null,
        found: false,
      },
      {
        bikeId: hands.id,
        tag: 'L3',
        because: 'same-hands',
        what: world.idOf('mechanic'),
        lookedAt: null,
        found: false,
      },
      { bikeId: like.id, tag: 'L4', because: 'same-model', what: '', lookedAt: null, found: false },
    ]);
    world.clock.now += 60_000;
    await world.check(like);
    await found(part);
    const after = (await across(finding)).siblings;
    expect(after.map(({ tag, found: has, lookedAt }) => [tag, has, lookedAt !== null])).toEqual([
      ['L2', true, true],
      ['L3', false, false],
      ['L4', false, true],
    ]);
  });
  it('of no finding is none', async () => expect(await refusalOf(across(newId()))).toBe('404 not-found'));
});
