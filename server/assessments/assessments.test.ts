import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as newId } from 'uuid';
import { decideAssessment, openAssessment, priceAssessment } from '@cadre/contract/assessments';
import { releaseBike } from '@cadre/contract/repairs';
import { moveBike } from '@cadre/contract/fleet';
import { bikeFieldsOf, faulty } from '@cadre/test-world/builders';
import { refusalOf, World } from '../../testing/world';

let world: World;
beforeAll(async () => {
  world = await World.open();
});
afterAll(() => world.close());

const at = (): number => world.clock.now;
let tags = 0;
async function offer() {
  const bike = bikeFieldsOf('hardtail', { tag: `O${(tags += 1)}`, siteId: world.siteId });
  return world.as('mechanic').send(openAssessment, {
    body: { id: newId(), bikeId: newId(), bike, from: 'A family', asking: 20_000, worth: 45_000, at: at() },
  });
}
const decide = (id: string, accept: boolean, by = 'mechanic') =>
  world.as(by).send(decideAssessment, {
    params: { id },
    body: { id: newId(), accept, reason: accept ? '' : 'Frame', at: at() },
  });

describe('the assessment of a used bike', () => {
  it('holds it until somebody decides: neither a whole check nor a release lets it out', async () => {
    const { bike, assessment } = await offer();
    expect(await world.fitness(bike.id)).toMatchObject({ fitness: 'held' });
    await world.check(bike);
    expect((await world.fitness(bike.id)).reasons).toEqual(['on-offer']);
    expect(
      await refusalOf(
        world
          .as('lead')
          .send(releaseBike, { params: { id: bike.id }, body: { id: newId(), note: '', at: at() } }),
      ),
    ).toBe('409 release.not-ready');
    await decide(assessment.id, true);
    // Taken, it is held still: only a release ends that.
    expect((await world.fitness(bike.id)).reasons).toEqual(['ready-for-release']);
    await world
      .as('lead')
      .send(releaseBike, { params: { id: bike.id }, body: { id: newId(), note: 'Ours now', at: at() } });
    expect((await world.fitness(bike.id)).fitness).toBe('cleared');
  });

  it('is taken only with every finding priced, and keeps its findings', async () => {
    const { bike, assessment } = await offer();
    const { findings } = await world.check(bike, {
      checklist: 'assessment',
      exceptions: [{ checkpoint: 'grips', more: faulty('torn') }],
    });
    expect(findings).toHaveLength(1);
    expect(await refusalOf(decide(assessment.id, true))).toBe('409 assessment.not-priced');
    const price = (findingId: string) =>
      world.as('mechanic').send(priceAssessment, {
        params: { id: assessment.id },
        body: {
          id: newId(),
          asking: 18_000,
          worth: 45_000,
          prices: [{ findingId, parts: 900, minutes: 10 }],
          at: at(),
        },
      });
    expect(await refusalOf(price(newId()))).toBe('400 body.invalid');
    expect((await price(findings[0]?.id ?? '')).assessment).toMatchObject({
      asking: 18_000,
      prices: [{ parts: 900, minutes: 10 }],
    });
    expect((await decide(assessment.id, true)).assessment).toMatchObject({
      state: 'accepted',
      decidedBy: world.idOf('mechanic'),
    });
    expect((await world.bikeNow(bike.id)).facts.findings).toHaveLength(1);
    expect(await refusalOf(decide(assessment.id, false))).toBe('409 assessment.decided');
  });

  it('left, it is gone with the reason kept, and goes out to nobody', async () => {
    const { bike, assessment } = await offer();
    expect(await refusalOf(decide(assessment.id, false, 'inspector'))).toBe('403 act.not-allowed');
    const answer = await decide(assessment.id, false);
    expect(answer).toMatchObject({
      assessment: { state: 'declined', reason: 'Frame' },
      bike: { whereabouts: 'gone' },
    });
    expect(
      await refusalOf(
        world
          .as('desk')
          .send(moveBike, { params: { id: bike.id }, body: { id: newId(), to: 'out', at: at() } }),
      ),
    ).not.toBe('accepted');
  });
});
