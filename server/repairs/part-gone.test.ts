import { questionKey, type Touched } from '@cadre/core/catalogue';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as newId } from 'uuid';
import { addMarks, signCheck } from '@cadre/contract/checks';
import { closeFinding } from '@cadre/contract/findings';
import { changeBike, type Bike } from '@cadre/contract/fleet';
import { finishRepair, openRecheck, releaseBike, startRepair } from '@cadre/contract/repairs';
import { USUAL_BUILD, type Build } from '@cadre/core/fleet';
import { faulty, fieldsOf, marksFor, type Exception } from '@cadre/test-world/builders';
import { refusalOf, World } from '../../testing/world';

let world: World;
beforeAll(async () => {
  world = await World.open();
});
afterAll(() => world.close());

let tags = 0;
const coaster: Build = { ...USUAL_BUILD.child, brakeRear: 'coaster', gears: 'single-speed', sprockets: 1 };
async function found(
  exception: Exception,
  build: Build = USUAL_BUILD.hybrid,
): Promise<{ bike: Bike; findingIds: string[] }> {
  const bike = await world.bike(`L${(tags += 1)}`, build.kind, build);
  const { findings } = await world.check(bike, {
    exceptions: [exception],
    checklist: build.kind === 'child' ? 'ride-out-children' : 'ride-out',
  });
  return { bike, findingIds: findings.map((finding) => finding.id) };
}
async function repaired(bike: Bike, findingIds: readonly string[], touched: Touched[] = []): Promise<string> {
  const repairId = newId();
  const mechanic = world.as('mechanic');
  await mechanic.send(startRepair, {
    body: { id: repairId, bikeId: bike.id, findingIds: [...findingIds], at: world.clock.now },
  });
  const work = findingIds.map((findingId) => ({ findingId, done: 'done' }));
  await mechanic.send(finishRepair, {
    params: { id: repairId },
    body: { id: newId(), work, touched, minutes: 10, at: world.clock.now },
  });
  return repairId;
}
async function recheck(repairId: string): Promise<readonly string[]> {
  const check = await world
    .as('lead')
    .send(openRecheck, { params: { id: repairId }, body: { id: newId(), at: world.clock.now } });
  const bike = await world.bikeNow(check.bikeId);
  const author = world.idOf('lead');
  const marks = marksFor(check.checklist, bike.build, author, world.clock.now, []);
  await world.as('lead').send(addMarks, { params: { id: check.id }, body: { marks } });
  const body = { id: newId(), author, markIds: marks.map((mark) => mark.id), at: world.clock.now };
  await world.as('lead').send(signCheck, { params: { id: check.id }, body });
  return marks.map((mark) => questionKey(mark));
}
async function built(bike: Bike, build: Partial<Build>): Promise<void> {
  const now = await world.bikeNow(bike.id);
  const body = { ...fieldsOf(now), build: { ...now.build, ...build } as never, version: now.version };
  await world.as('lead').send(changeBike, { params: { id: bike.id }, body });
}
const close = (findingId: string, by = 'lead') =>
  world.as(by).send(closeFinding, {
    params: { id: findingId },
    body: { id: newId(), reason: 'disc wheel and caliper fitted', at: world.clock.now },
  });
const release = (bike: Bike) =>
  world
    .as('lead')
    .send(releaseBike, { params: { id: bike.id }, body: { id: newId(), note: '', at: world.clock.now } });

describe('work that is said to have touched nothing', () => {
  it('on a stem that moved has all asked again that loosening a stem disturbs', async () => {
    const { bike, findingIds } = await found({
      checkpoint: 'stem-tight',
      position: 'only',
      more: faulty('moves'),
    });
    const asked = await recheck(await repaired(bike, findingIds));
    expect(asked).toEqual(
      expect.arrayContaining([
        'stem-tight@only',
        'headset-play@only',
        'faceplate@only',
        'levers-on-bar@only',
        'brake-cable@front',
      ]),
    );
  });
  it('on a coaster’s rear tyre has the brake’s arm, the chain and the nuts asked again', async () => {
    const { bike, findingIds } = await found(
      { checkpoint: 'tyre-casing', position: 'rear', more: faulty('slash') },
      coaster,
    );
    const asked = await recheck(await repaired(bike, findingIds));
    expect(asked).toEqual(
      expect.arrayContaining([
        'coaster-brake@rear',
        'chain-slack@only',
        'wheel-nutted@rear',
        'tyre-pressure@rear',
      ]),
    );
    expect(asked).not.toContain('wheel-nutted@front');
  });
});

describe('a stop on a part that is no longer on the bike', () => {
  it('is closed by name with a reason, and the bike waits for its release all the same', async () => {
    const { bike, findingIds } = await found({
      checkpoint: 'rim-pads-track',
      position: 'front',
      more: faulty('track-worn'),
    });
    const [findingId = ''] = findingIds;
    expect(await refusalOf(close(findingId))).toBe('422 finding.still-asked');
    const repairId = await repaired(bike, findingIds, [{ touch: 'brake-work', position: 'front' }]);
    await built(bike, { brakeFront: 'hydraulic-disc' });
    const asked = await recheck(repairId);
    expect(asked).toContain('rotor@front');
    expect(asked).not.toContain('rim-pads-track@front');
    expect(await refusalOf(release(bike))).toBe('409 release.not-ready');
    expect(await refusalOf(close(findingId, 'mechanic'))).toBe('403 recheck.second-person');
    expect(await refusalOf(close(findingId, 'inspector'))).toBe('403 act.not-allowed');
    expect(await close(findingId)).toMatchObject({ state: 'rechecked' });
    expect((await world.fitness(bike.id)).fitness).toBe('held');
    await release(bike);
    expect((await world.fitness(bike.id)).reasons).toEqual(['no-valid-check']);
    expect(await refusalOf(close(findingId))).toBe('409 repair.finding-not-open');
  });

  it('settles the repair that had nothing else to look at', async () => {
    const electric: Build = { ...USUAL_BUILD['step-through'] };
    const { bike, findingIds } = await found(
      { checkpoint: 'battery', position: 'only', more: faulty('damaged') },
      electric,
    );
    const repairId = await repaired(bike, findingIds);
    await built(bike, { assist: 'none', accessories: [] });
    expect(
      await refusalOf(
        world
          .as('lead')
          .send(openRecheck, { params: { id: repairId }, body: { id: newId(), at: world.clock.now } }),
      ),
    ).toBe('409 repair.nothing-to-recheck');
    await close(findingIds[0] ?? '');
    expect((await world.fitness(bike.id)).reasons).not.toContain('repair-open');
    await release(bike);
    expect((await world.fitness(bike.id)).fitness).not.toBe('held');
  });
});

describe('a stop that was marked', () => {
  it('holds the bike and becomes a finding, whatever the bike is built into before it is signed', async () => {
    const bike = await world.bike(`L${(tags += 1)}`, 'hybrid');
    const exception: Exception = { checkpoint: 'rim-pads', position: 'front', more: faulty('to-holder') };
    const { checkId, marks, author } = await world.marked(bike, { exceptions: [exception] });
    expect((await world.fitness(bike.id)).reasons).toContain('draft-stop');
    await built(bike, { brakeFront: 'hydraulic-disc' });
    expect((await world.fitness(bike.id)).reasons).toContain('draft-stop');
    const body = { id: newId(), author, markIds: marks.map((mark) => mark.id), at: world.clock.now };
    const { findings } = await world.as('inspector').send(signCheck, { params: { id: checkId }, body });
    expect(findings).toMatchObject([{ checkpoint: 'rim-pads', fault: 'to-holder', severity: 'stop' }]);
    expect((await world.fitness(bike.id)).reasons).toContain('stop-finding');
  });
});
