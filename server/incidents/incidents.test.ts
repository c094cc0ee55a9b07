import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as newId } from 'uuid';
import { type Bike, moveBike } from '@cadre/contract/fleet';
import { coSignCheck, signCheck } from '@cadre/contract/checks';
import { reportIncident, reportIncidents } from '@cadre/contract/incidents';
import { INCIDENT_KINDS, CHECKLIST_AFTER, type IncidentKind } from '@cadre/core/incidents';
import { SHIPPED_CHECKLISTS } from '@cadre/core/shipped';
import { refusalOf, World } from '../../testing/world';

let world: World;
beforeAll(async () => {
  world = await World.open();
});
afterAll(() => world.close());

let tags = 0;
const bike = (): Promise<Bike> => world.bike(`C${(tags += 1)}`);
const tell = (
  of: Bike,
  kind: IncidentKind = 'crash',
  more: { at?: number; id?: string; note?: string } = {},
  by = 'desk',
) =>
  world.as(by).send(reportIncident, {
    params: { id: of.id },
    body: { id: newId(), kind, note: '', at: world.clock.now, ...more },
  });
const lookedOver = async (of: Bike, kind: IncidentKind, options: Parameters<World['check']>[1] = {}) => {
  world.clock.now += 60_000;
  return world.check(of, { checklist: CHECKLIST_AFTER[kind], ...options });
};

describe('something that happened to a bike', () => {
  it('has a checklist for it', () => {
    for (const kind of INCIDENT_KINDS)
      expect(SHIPPED_CHECKLISTS.map((checklist) => checklist.key)).toContain(CHECKLIST_AFTER[kind]);
  });

  it.each(INCIDENT_KINDS)(
    '(%s) holds it at once, told by the desk, and a complete check for just that ends it',
    async (kind) => {
      const of = await bike();
      await world.check(of);
      expect((await world.fitness(of.id)).fitness).toBe('cleared');
      const told = await tell(of, kind, { note: 'At the ford' });
      expect(told.facts.incidents).toMatchObject([{ kind, note: 'At the ford', by: world.idOf('desk') }]);
      expect(await world.fitness(of.id)).toMatchObject({
        fitness: 'held',
        reasons: kind === 'contamination' ? ['incident'] : ['incident', 'no-valid-check'],
      });
      expect(
        await refusalOf(
          world
            .as('desk')
            .send(moveBike, { params: { id: of.id }, body: { id: newId(), to: 'out', at: world.clock.now } }),
        ),
      ).toBe('409 hand-out.not-fit');
      // A ride-out does not look for it.
      world.clock.now += 60_000;
      await world.check(of);
      expect((await world.fitness(of.id)).reasons).toContain('incident');
      await lookedOver(of, kind);
      expect((await world.fitness(of.id)).reasons).not.toContain('incident');
    },
  );

  it('is not ended by an incomplete check, one for something else, nor a trainee’s before it is co-signed', async () => {
    const of = await bike();
    await tell(of);
    expect((await lookedOver(of, 'crash', { leftOut: ['crash-story'] })).check.complete).toBe(false);
    expect((await world.fitness(of.id)).reasons).toContain('incident');
    await lookedOver(of, 'transport');
    expect((await world.fitness(of.id)).reasons).toContain('incident');
    const { check } = await lookedOver(of, 'crash', { by: 'trainee' });
    expect((await world.fitness(of.id)).reasons).toContain('incident');
    await world
      .as('inspector')
      .send(coSignCheck, { params: { id: check.id }, body: { id: newId(), at: world.clock.now } });
    expect((await world.fitness(of.id)).reasons).not.toContain('incident');
  });

  it('is not ended by a check begun before it, whatever the device takes for now', async () => {
    const of = await bike();
    const { checkId, marks, author } = await world.marked(of, { checklist: CHECKLIST_AFTER.crash });
    world.clock.now += 60_000;
    await tell(of);
    await world.as('inspector').send(signCheck, {
      params: { id: checkId },
      body: { id: newId(), author, markIds: marks.map((mark) => mark.id), at: world.clock.now },
    });
    expect((await world.fitness(of.id)).reasons).toContain('incident');
    // A device whose clock is wrong changes nothing: neither is it looked at already, nor out of a check's reach, nor does the ride-out go on counting.
    for (const wrong of [0, world.clock.now + 86_400_000]) {
      const other = await bike();
      await lookedOver(other, 'crash');
      await world.check(other);
      await tell(other, 'crash', { at: wrong });
      expect((await world.fitness(other.id)).reasons).toEqual(['incident', 'no-valid-check']);
      await lookedOver(other, 'crash');
      expect((await world.fitness(other.id)).reasons).toEqual(['no-valid-check']);
    }
  });

  it('told twice with one id is one, and of no bike is refused', async () => {
    const of = await bike();
    const same = { id: newId(), at: world.clock.now };
    await tell(of, 'crash', same);
    expect((await tell(of, 'crash', same)).facts.incidents).toHaveLength(1);
    expect(await refusalOf(tell(of, 'immersion', same))).toBe('409 conflict.id-reused');
    expect(await refusalOf(tell({ ...of, id: newId() }))).toBe('404 not-found');
  });

  it('on the brakes of a whole wash holds each bike of it for its brakes alone', async () => {
    const [one, two] = [await bike(), await bike()];
    for (const each of [one, two]) await world.check(each);
    const body = { id: newId(), kind: 'contamination' as const, note: 'Chain spray', at: world.clock.now };
    const send = (bikeIds: string[], id = newId()) =>
      world.as('desk').send(reportIncidents, { body: { ...body, id, bikeIds } });
    const { bikes } = await send([one.id, two.id]);
    expect(bikes.map(({ tag }) => tag).sort()).toEqual([one.tag, two.tag].sort());
    for (const each of bikes)
      expect(await world.fitness(each.id)).toMatchObject({ fitness: 'held', reasons: ['incident'] });
    await lookedOver(one, 'contamination');
    expect((await world.fitness(one.id)).fitness).toBe('cleared');
    expect((await world.fitness(two.id)).fitness).toBe('held');
    expect(await refusalOf(send([one.id, one.id]))).toBe('400 body.invalid');
    expect(await refusalOf(send([one.id, newId()]))).toBe('404 not-found');
    expect((await world.fitness(one.id)).fitness).toBe('cleared');
  });
});
