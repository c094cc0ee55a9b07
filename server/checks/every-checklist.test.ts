import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { getCheck } from '@cadre/contract/checks';
import type { Bike } from '@cadre/contract/fleet';
import { questionKey, questionsOf } from '@cadre/core/catalogue';
import { BIKE_KINDS } from '@cadre/core/fleet';
import { SHIPPED_CHECKLISTS } from '@cadre/core/shipped';
import { World } from '../../testing/world';

let world: World;
const bikes = new Map<string, Bike>();
beforeAll(async () => {
  world = await World.open();
  for (const kind of BIKE_KINDS)
    bikes.set(kind, await world.bike(`E-${kind.slice(0, 3).toUpperCase()}`, kind));
});
afterAll(() => world.close());

describe.each(SHIPPED_CHECKLISTS.map((checklist) => [checklist.key] as const))('%s', (key) => {
  it.each(BIKE_KINDS)(
    'is done on a %s from start to sign-off: everything asked once, complete, one signature',
    async (kind) => {
      const bike = bikes.get(kind);
      const version = world.checklists.get(key);
      if (!bike || !version) throw new Error(`no bike or checklist: ${kind}, ${key}`);
      const asked = questionsOf(version.checklist, { build: bike.build, parts: bike.parts });
      if (asked.length === 0) {
        // A checklist of one station may have nothing to ask of a kind that lacks it; it says so and cannot be begun as complete.
        expect(version.checklist.clears).toBe(false);
        return;
      }
      const { check } = await world.check(bike, { checklist: key });
      expect(check).toMatchObject({ state: 'signed', complete: true, signedBy: world.idOf('inspector') });
      const kept = await world.as('desk').send(getCheck, { params: { id: check.id } });
      expect(kept.marks.map((mark) => questionKey(mark)).sort()).toEqual(
        asked.map((each) => each.key).sort(),
      );
      const { facts } = await world.bikeNow(bike.id);
      expect(facts.findings).toEqual([]);
    },
  );
});
