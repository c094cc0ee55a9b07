import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as newId } from 'uuid';
import { mergeFindings } from '@cadre/contract/findings';
import type { Bike } from '@cadre/contract/fleet';
import { startRepair } from '@cadre/contract/repairs';
import type { Finding } from '@cadre/core/findings';
import { faulty } from '@cadre/test-world/builders';
import { refusalOf, World } from '../../testing/world';

let world: World;
beforeAll(async () => {
  world = await World.open();
});
afterAll(() => world.close());

let tags = 0;
/** A bike whose rear casing is cut and worn: told by two people as two things. */
async function twiceTold(): Promise<{ bike: Bike; cut: Finding; worn: Finding }> {
  const bike = await world.bike(`G${(tags += 1)}`);
  await world.check(bike, {
    exceptions: [
      {
        checkpoint: 'tyre-casing',
        position: 'rear',
        more: { outcome: 'watch', way: 'single', faults: [{ fault: 'small-cut' }] },
      },
    ],
  });
  await world.check(bike, {
    by: 'mechanic',
    exceptions: [{ checkpoint: 'tyre-casing', position: 'rear', more: faulty('worn') }],
  });
  const findings = (await world.bikeNow(bike.id)).facts.findings as readonly Finding[];
  const of = (fault: string): Finding => findings.find((each) => each.fault === fault) as Finding;
  return { bike, cut: of('small-cut'), worn: of('worn') };
}
const merge = (kept: string, otherId: string, by = 'inspector') =>
  world
    .as(by)
    .send(mergeFindings, { params: { id: kept }, body: { id: newId(), otherId, at: world.clock.now } });

describe('merging two findings that are one', () => {
  it('keeps the worse of both and closes the other', async () => {
    const { bike, cut, worn } = await twiceTold();
    const kept = await merge(cut.id, worn.id);
    expect(kept).toMatchObject({
      id: cut.id,
      severity: worn.severity,
      timesSeen: cut.timesSeen + worn.timesSeen,
      openedAt: cut.openedAt,
    });
    expect(kept.limit).toEqual(worn.limit);
    const { facts } = await world.bikeNow(bike.id);
    expect(facts.findings.map((each) => each.id)).toEqual([cut.id]);
    expect(await refusalOf(merge(cut.id, worn.id))).toBe('409 repair.finding-not-open');
  });

  it('is refused across bikes, across looks, with itself, in work, and to the desk', async () => {
    const { bike, cut, worn } = await twiceTold();
    const elsewhere = await twiceTold();
    expect(await refusalOf(merge(cut.id, elsewhere.cut.id))).toBe('422 merge.other-bike');
    expect(await refusalOf(merge(cut.id, cut.id))).toBe('422 merge.same');
    expect(await refusalOf(merge(cut.id, worn.id, 'desk'))).toBe('403 act.not-allowed');
    const { findings } = await world.check(bike, {
      exceptions: [{ checkpoint: 'grips', more: faulty('torn') }],
    });
    expect(
      await refusalOf(merge(cut.id, findings.find((each) => each.checkpoint === 'grips')?.id ?? '')),
    ).toBe('422 merge.other-look');
    await world.as('mechanic').send(startRepair, {
      body: { id: newId(), bikeId: bike.id, findingIds: [worn.id], at: world.clock.now },
    });
    expect(await refusalOf(merge(cut.id, worn.id))).toBe('409 repair.finding-in-work');
    expect((await world.bikeNow(bike.id)).facts.findings.length).toBe(3);
  });
});
