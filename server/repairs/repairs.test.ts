import { questionKey, type Touched } from '@cadre/core/catalogue';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as newId } from 'uuid';
import { addMarks, signCheck } from '@cadre/contract/checks';
import { setSeverity } from '@cadre/contract/findings';
import { changeBike, moveBike, type Bike } from '@cadre/contract/fleet';
import { finishRepair, openRecheck, releaseBike, startRepair } from '@cadre/contract/repairs';
import { leaveApart, putTogether } from '@cadre/contract/reassembly';
import { changePolicy } from '@cadre/test-world/client';
import { faulty, fieldsOf, marksFor, type Exception } from '@cadre/test-world/builders';
import { refusalOf, World } from '../../testing/world';

let world: World;
beforeAll(async () => {
  world = await World.open();
});
afterAll(() => world.close());

let tags = 0;
const stopBrake: Exception = { checkpoint: 'lever-travel', position: 'front', more: faulty('to-grip') };
const brakeWork: Touched = { touch: 'brake-work', position: 'front' };

async function heldBike(
  exceptions: readonly Exception[] = [stopBrake],
): Promise<{ bike: Bike; findingIds: string[] }> {
  const bike = await world.bike(`R${(tags += 1)}`);
  const { findings } = await world.check(bike, { exceptions });
  return { bike, findingIds: findings.map((finding) => finding.id) };
}
async function repair(
  bike: Bike,
  findingIds: string[],
  by = 'mechanic',
  touched: Touched[] = [brakeWork],
): Promise<string> {
  const repairId = newId();
  await world
    .as(by)
    .send(startRepair, { body: { id: repairId, bikeId: bike.id, findingIds, at: world.clock.now } });
  await world.as(by).send(finishRepair, {
    params: { id: repairId },
    body: {
      id: newId(),
      work: findingIds.map((findingId) => ({ findingId, done: 'repaired' })),
      touched,
      minutes: 10,
      at: world.clock.now,
    },
  });
  return repairId;
}
async function lookAgain(bike: Bike, repairId: string, by: string, exceptions: readonly Exception[] = []) {
  const checkId = newId();
  const check = await world
    .as(by)
    .send(openRecheck, { params: { id: repairId }, body: { id: checkId, at: world.clock.now } });
  const author = world.idOf(by);
  const marks = marksFor(check.checklist, bike.build, author, world.clock.now, exceptions);
  await world.as(by).send(addMarks, { params: { id: checkId }, body: { marks } });
  const asked = marks.map((mark) => questionKey(mark));
  const signed = await world.as(by).send(signCheck, {
    params: { id: checkId },
    body: { id: newId(), author, markIds: marks.map((mark) => mark.id), at: world.clock.now },
  });
  return { asked, signed };
}
const release = (bike: Bike, by = 'lead') =>
  world
    .as(by)
    .send(releaseBike, { params: { id: bike.id }, body: { id: newId(), note: '', at: world.clock.now } });

describe('a repair that is done', () => {
  it('asks by itself for a look at what settles in its first outings, and at what had been loose', async () => {
    const { bike, findingIds } = await heldBike([
      { checkpoint: 'levers-on-bar', position: 'only', more: faulty('pivot') },
    ]);
    await repair(bike, findingIds, 'mechanic', [{ touch: 'wheel-trued', position: 'rear' }]);
    const rechecks = (await world.bikeNow(bike.id)).facts.timedRechecks ?? [];
    expect(rechecks.map(({ kind, position, outings }) => [kind, position, outings])).toEqual(
      expect.arrayContaining([
        ['recheck', 'rear', 3],
        ['recheck', 'only', 1],
      ]),
    );
    expect(rechecks).toHaveLength(2);
    expect(rechecks.map(({ what }) => what).join()).toMatch(/Spokes and run-out.*was loose/);
  });
});

describe('from a fault to a release', () => {
  it('goes through repair, recheck by a second person and release, and not around any of them', async () => {
    const { bike, findingIds } = await heldBike();
    expect(await world.fitness(bike.id)).toEqual({ fitness: 'held', reasons: ['stop-finding'] });
    expect(await refusalOf(release(bike))).toBe('409 release.not-ready');
    const repairId = await repair(bike, findingIds);
    expect(await world.fitness(bike.id)).toEqual({
      fitness: 'held',
      reasons: ['stop-finding', 'repair-open'],
    });
    expect(await refusalOf(release(bike))).toBe('409 release.not-ready');
    expect(await refusalOf(lookAgain(bike, repairId, 'mechanic'))).toBe('403 recheck.second-person');
    const open = await world.database.owner.query(
      "SELECT id FROM bike_check WHERE bikeId = ? AND state = 'open'",
      [bike.id],
    );
    const [{ id: checkId }] = open as [{ id: string }];
    // The recheck the mechanic opened is joined by somebody else, whose marks count beside theirs.
    const check = (await (
      await world
        .as('inspector')
        .raw('POST', `/api/v1/repairs/${repairId}/recheck`, { id: newId(), at: world.clock.now })
    ).json()) as { code: string; current: { id: string; marks: { id: string }[] } };
    expect([check.code, check.current.id]).toEqual(['conflict.check-open', checkId]);
    await world.as('inspector').send(signCheck, {
      params: { id: checkId },
      body: {
        id: newId(),
        author: world.idOf('inspector'),
        markIds: check.current.marks.map((mark) => mark.id),
        at: world.clock.now,
      },
    });
    expect(await world.fitness(bike.id)).toEqual({ fitness: 'held', reasons: ['stop-finding'] });
    expect(await refusalOf(release(bike, 'inspector'))).toBe('403 act.not-allowed');
    await release(bike, 'mechanic');
    expect(await world.fitness(bike.id)).toEqual({ fitness: 'cleared', reasons: [] });
    expect(await refusalOf(release(bike))).toBe('409 release.not-held');
  });

  it('asks again what failed and what was touched, and begins anew when it fails again', async () => {
    const { bike, findingIds } = await heldBike();
    const repairId = await repair(bike, findingIds);
    const { asked } = await lookAgain(bike, repairId, 'inspector', [
      { checkpoint: 'lever-travel', more: faulty('to-grip') },
    ]);
    expect(asked).toEqual(expect.arrayContaining(['lever-travel@front', 'brake-hose@front', 'rotor@front']));
    expect(asked.some((key) => key.endsWith('@rear'))).toBe(false);
    const facts = (await world.bikeNow(bike.id)).facts;
    expect(facts.findings).toMatchObject([{ state: 'open', timesSeen: 2, repairedBy: null }]);
    expect(await refusalOf(release(bike))).toBe('409 release.not-ready');
    expect((await world.fitness(bike.id)).fitness).toBe('held');
  });

  it('closes a soon found sound without a release, as nothing held the bike', async () => {
    const { bike, findingIds } = await heldBike([
      { checkpoint: 'tyre-casing', position: 'rear', more: faulty('worn') },
    ]);
    expect((await world.fitness(bike.id)).fitness).toBe('cleared-with-watch');
    await lookAgain(
      bike,
      await repair(bike, findingIds, 'mechanic', [{ touch: 'tyre-off', position: 'rear' }]),
      'mechanic',
    );
    expect(await world.fitness(bike.id)).toEqual({ fitness: 'cleared', reasons: [] });
    expect((await world.bikeNow(bike.id)).whereabouts).toBe('in');
  });

  it('lets a trainee mark a recheck but not sign it', async () => {
    const { bike, findingIds } = await heldBike();
    expect(await refusalOf(lookAgain(bike, await repair(bike, findingIds), 'trainee'))).toBe(
      '403 act.not-allowed',
    );
    expect((await world.bikeNow(bike.id)).facts.findings[0]?.state).toBe('repaired');
  });

  it('is blocked by what is left apart until it is together', async () => {
    const bike = await world.bike(`R${(tags += 1)}`);
    await world.check(bike);
    const itemId = newId();
    await world.as('inspector').send(leaveApart, {
      params: { id: bike.id },
      body: { id: itemId, what: 'saddle off', at: world.clock.now },
    });
    expect(await world.fitness(bike.id)).toMatchObject({ fitness: 'held', reasons: ['not-reassembled'] });
    expect(
      await refusalOf(
        world
          .as('desk')
          .send(moveBike, { params: { id: bike.id }, body: { id: newId(), to: 'out', at: world.clock.now } }),
      ),
    ).toBe('409 hand-out.not-fit');
    await world
      .as('inspector')
      .send(putTogether, { params: { id: itemId }, body: { id: newId(), at: world.clock.now } });
    expect((await world.fitness(bike.id)).fitness).toBe('cleared');
  });
});

describe('only a release ends a hold', () => {
  it('not lowering, not a newer check, not an edit, not a policy, not the clock', async () => {
    const { bike, findingIds } = await heldBike([
      {
        checkpoint: 'tyre-casing',
        position: 'front',
        more: { ...faulty('worn'), faults: [{ fault: 'worn', severity: 'stop' }] },
      },
    ]);
    const lower = (severity: 'soon' | 'watch') =>
      world.as('lead').send(setSeverity, {
        params: { id: findingIds[0] ?? '' },
        body: { id: newId(), severity, reason: 'looked at it', at: world.clock.now },
      });
    await lower('soon');
    expect(await world.fitness(bike.id)).toMatchObject({
      fitness: 'held',
      reasons: ['ready-for-release', 'soon-finding'],
    });
    await lower('watch');
    await world.check(bike);
    const now = await world.bikeNow(bike.id);
    await world.as('lead').send(changeBike, {
      params: { id: bike.id },
      body: { ...fieldsOf(now), model: 'renamed', version: now.version },
    });
    await changePolicy(
      world.as('lead'),
      { marking: 'by-station', soonDays: 60, soonOutings: 90 },
      'another policy',
    );
    world.clock.now += 3_600_000;
    expect((await world.fitness(bike.id)).fitness).toBe('held');
    await release(bike);
    expect((await world.fitness(bike.id)).fitness).toBe('cleared-with-watch');
    await changePolicy(world.as('lead'), { marking: 'by-person', soonDays: 7, soonOutings: 10 }, 'as before');
  });

  it('a soon that ran out while nobody looked cannot be lowered away', async () => {
    const { bike, findingIds } = await heldBike([
      { checkpoint: 'tyre-casing', position: 'front', more: faulty('worn') },
    ]);
    await world.database.owner.query(
      "UPDATE bike_state SET facts = JSON_SET(facts, '$.findings[0].limit.until', 1) WHERE bikeId = ?",
      [bike.id],
    );
    await world.database.owner.query(
      "UPDATE finding SET finding = JSON_SET(finding, '$.limit.until', 1) WHERE bikeId = ?",
      [bike.id],
    );
    expect(await world.fitness(bike.id)).toMatchObject({ fitness: 'held', reasons: ['overdue-soon'] });
    await world.as('lead').send(setSeverity, {
      params: { id: findingIds[0] ?? '' },
      body: { id: newId(), severity: 'watch', reason: 'fine', at: world.clock.now },
    });
    expect(await world.fitness(bike.id)).toMatchObject({
      fitness: 'held',
      reasons: ['ready-for-release', 'watch-finding'],
    });
  });

  it('refuses to lower a stop under its floor, and an inspector to lower at all', async () => {
    const { findingIds } = await heldBike();
    const lower = (by: string) =>
      refusalOf(
        world.as(by).send(setSeverity, {
          params: { id: findingIds[0] ?? '' },
          body: { id: newId(), severity: 'soon', reason: 'x', at: world.clock.now },
        }),
      );
    expect(await lower('lead')).toBe('422 severity.under-stop-floor');
    expect(await lower('inspector')).toBe('403 act.not-allowed');
  });

  it('and outings use a soon up', async () => {
    const { bike } = await heldBike([{ checkpoint: 'tyre-casing', position: 'front', more: faulty('worn') }]);
    for (let outing = 0; outing < 10; outing += 1) {
      await world
        .as('desk')
        .send(moveBike, { params: { id: bike.id }, body: { id: newId(), to: 'out', at: world.clock.now } });
      await world
        .as('desk')
        .send(moveBike, { params: { id: bike.id }, body: { id: newId(), to: 'in', at: world.clock.now } });
      world.clock.now += 1000;
      await world.check(bike);
    }
    expect(await world.fitness(bike.id)).toMatchObject({ fitness: 'held', reasons: ['overdue-soon'] });
  });
});
