import { HOUR_MS } from '@cadre/core/time';
import { questionKey, type ChecklistVersion } from '@cadre/core/catalogue';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as newId } from 'uuid';
import {
  dropDraft,
  getChecklist,
  listDrafts,
  listChecklists,
  publishChecklist,
  saveDraft,
  checklistVersions,
} from '@cadre/contract/catalogue';
import { addMarks, openCheck } from '@cadre/contract/checks';
import { moveBike, type Bike } from '@cadre/contract/fleet';
import { fitPart, takePartOff } from '@cadre/contract/parts';
import { SHIPPED_CHECKLISTS } from '@cadre/core/shipped';
import { createServices } from '@cadre/server/app';
import { markFor } from '@cadre/test-world/builders';
import { readChecklists, type Client } from '@cadre/test-world/client';
import { refusalOf, World } from '../../testing/world';

let world: World;
beforeAll(async () => {
  world = await World.open();
});
afterAll(() => world.close());

let tags = 0;
const newBike = (kind: Parameters<World['bike']>[1] = 'hardtail'): Promise<Bike> =>
  world.bike(`C${(tags += 1)}`, kind);
const lead = (): Client => world.as('lead');
async function newest(key: string): Promise<{ hash: string; checklist: ChecklistVersion }> {
  const found = (await readChecklists(lead())).get(key);
  if (!found) throw new Error(`no checklist ${key}`);
  return found;
}
const publish = async (
  checklist: ChecklistVersion,
  base: string | null,
  more: { note?: string; reason?: string } = {},
) => {
  const published = await lead().send(publishChecklist, {
    body: {
      id: newId(),
      base,
      checklist: checklist,
      note: more.note ?? 'changed',
      reason: more.reason ?? '',
    },
  });
  world.checklists.set(published.checklist.key, published);
  return published;
};
const ownChecklist = (key: string): ChecklistVersion => {
  const [ride] = SHIPPED_CHECKLISTS as [ChecklistVersion];
  return {
    ...ride,
    key,
    version: 1,
    name: key,
    clears: false,
    validity: { until: 'never' },
    kinds: undefined,
    items: ride.items.slice(0, 6),
  };
};

describe('checklists', () => {
  it('that ship are there from the first day, told without their prose', async () => {
    const { checklists, policy } = await world.as('desk').send(listChecklists);
    expect(checklists.map((checklist) => checklist.key).sort()).toEqual(
      SHIPPED_CHECKLISTS.map((checklist) => checklist.key).sort(),
    );
    expect(JSON.stringify(checklists).length).toBeLessThan(12_000);
    expect(policy.policy.practices.torque).toBe('stated');
  });

  it('are published as versions that never change, and old checks read as they were', async () => {
    const bike = await newBike();
    const before = await newest('ride-out');
    const { check } = await world.check(bike);
    const [first, ...rest] = before.checklist.items;
    const reworded = {
      ...before.checklist,
      items: [{ ...first, checkpoint: { ...first?.checkpoint, how: 'Another way to look at it.' } }, ...rest],
    } as ChecklistVersion;
    const { checklist, hash } = await publish(reworded, before.hash);
    expect(checklist.version).toBe(before.checklist.version + 1);
    expect((await lead().send(getChecklist, { params: { hash: before.hash } })).checklist).toEqual(
      JSON.parse(JSON.stringify(before.checklist)),
    );
    expect(check.checklistHash).toBe(before.hash);
    const { versions } = await world.as('inspector').send(checklistVersions, { params: { key: 'ride-out' } });
    expect(versions.map((version) => [version.hash, version.checks, version.bikes])).toEqual([
      [hash, 0, 0],
      [before.hash, 1, 1],
    ]);
    expect(versions[0]).toMatchObject({ publishedBy: world.idOf('lead'), note: 'changed' });
    expect(versions[1]).toMatchObject({ publishedBy: null, note: 'Cadre’s default' });
  });

  it('need a reason to let a critical go, and keep it', async () => {
    const { hash, checklist } = await newest('return');
    const fewer = {
      ...checklist,
      items: checklist.items.filter((item) => item.checkpoint.key !== 'frame-whole'),
    };
    const call = publish(fewer, hash);
    await expect(call).rejects.toMatchObject({
      status: 422,
      problem: {
        code: 'checklist.critical-dropped',
        params: { checkpoints: ['Frame'] },
        fields: [{ path: 'reason' }],
      },
    });
    await publish(fewer, hash, { reason: 'looked at on another checklist' });
    const { versions } = await lead().send(checklistVersions, { params: { key: 'return' } });
    expect(versions[0]?.reason).toBe('looked at on another checklist');
  });

  it('name every field that is wrong, and keep nothing of it', async () => {
    const checklist = ownChecklist('wrong');
    const [first, second] = checklist.items;
    const spoilt = {
      ...checklist,
      name: ' ',
      items: [{ ...first, checkpoint: { ...first?.checkpoint, how: '', faults: [] } }, second, second],
    } as ChecklistVersion;
    await expect(publish(spoilt, null)).rejects.toMatchObject({
      status: 400,
      problem: {
        fields: expect.arrayContaining([
          expect.objectContaining({ path: 'checklist.name' }),
          expect.objectContaining({ path: 'checklist.items.0.checkpoint.how' }),
          expect.objectContaining({ path: 'checklist.items.0.checkpoint.faults' }),
          expect.objectContaining({ path: 'checklist.items.2.checkpoint.key', code: 'twice' }),
        ]) as unknown,
      },
    });
    expect((await lead().send(listChecklists)).checklists.some((each) => each.key === 'wrong')).toBe(false);
    expect(await refusalOf(publish(ownChecklist('recheck'), null))).toBe('400 body.invalid');
  });

  it('published by two leads at once: the later one sees the earlier', async () => {
    const { hash } = await publish(ownChecklist('twice'), null);
    expect(await refusalOf(publish(ownChecklist('twice'), null))).toBe('409 conflict.version');
    await publish({ ...ownChecklist('twice'), purpose: 'again' }, hash);
    expect(await refusalOf(publish(ownChecklist('twice'), hash))).toBe('409 conflict.version');
  });

  it('are the lead’s to publish, the same act twice is one version', async () => {
    const body = { id: newId(), base: null, checklist: ownChecklist('once') as never, note: 'n', reason: '' };
    expect(await refusalOf(world.as('mechanic').send(publishChecklist, { body }))).toBe(
      '403 act.not-allowed',
    );
    await lead().send(publishChecklist, { body });
    await lead().send(publishChecklist, { body });
    expect((await lead().send(checklistVersions, { params: { key: 'once' } })).versions).toHaveLength(1);
  });

  it('that a newer Cadre ships come to an older program, once, and leave what its lead made', async () => {
    const services = createServices(world.database.owner, () => world.clock.now);
    expect(await services.catalogue.publishShipped()).toBe(0);
    await world.database.owner.query("DELETE FROM checklist_version WHERE `key` IN ('lights', 'lube')");
    expect(await services.catalogue.publishShipped()).toBe(2);
    expect(await services.catalogue.publishShipped()).toBe(0);
    expect((await newest('lights')).checklist.version).toBe(1);

    // One as an older Cadre shipped it is renewed; one a lead has in hand, or that would lose a critical, is not.
    const older = async (key: string, change: string) =>
      world.database.owner.query(
        `UPDATE checklist_version SET checklist = JSON_SET(checklist, ${change}) WHERE \`key\` = '${key}'`,
      );
    await older('lights', "'$.purpose', 'Lamps'");
    await older('bolts', "'$.purpose', 'Screws'");
    await older('pressures', "'$.items[1].critical', true");
    const inHand = ownChecklist('bolts');
    await lead().send(saveDraft, {
      params: { key: 'bolts' },
      body: { id: newId(), base: null, checklist: inHand, version: null },
    });
    expect(await services.catalogue.publishShipped()).toBe(1);
    expect((await newest('lights')).checklist).toMatchObject({
      version: 2,
      purpose: expect.stringMatching(/dusk/),
    });
    expect((await newest('bolts')).checklist.version).toBe(1);
    expect((await newest('pressures')).checklist.version).toBe(1);
    expect(await services.catalogue.publishShipped()).toBe(0);
  });
});

describe('a draft', () => {
  it('is kept, asked of no bike, and gone when it is published', async () => {
    const checklist = ownChecklist('drafted');
    const save = (version: number | null, name: string) =>
      lead().send(saveDraft, {
        params: { key: 'drafted' },
        body: { id: newId(), base: null, checklist: { ...checklist, name }, version },
      });
    const first = await save(null, 'one');
    expect(first.version).toBe(1);
    expect((await save(1, 'two')).version).toBe(2);
    expect(await refusalOf(save(1, 'three'))).toBe('409 conflict.version');
    expect(
      (await lead().send(listDrafts)).drafts.find((draft) => draft.key === 'drafted')?.checklist.name,
    ).toBe('two');
    expect((await lead().send(listChecklists)).checklists.some((each) => each.key === 'drafted')).toBe(false);
    await publish(checklist, null);
    expect((await lead().send(listDrafts)).drafts.some((draft) => draft.key === 'drafted')).toBe(false);
  });
  it('may be half written', async () => {
    const draft = await lead().send(saveDraft, {
      params: { key: 'half' },
      body: {
        id: newId(),
        base: null,
        checklist: { ...ownChecklist('half'), name: '', items: [] },
        version: null,
      },
    });
    expect(draft.checklist.name).toBe('');
    await lead().send(dropDraft, { params: { key: 'half' }, body: { id: newId() } });
    await lead().send(dropDraft, { params: { key: 'half' }, body: { id: newId() } });
    expect((await lead().send(listDrafts)).drafts.some((each) => each.key === 'half')).toBe(false);
  });
});

describe('rules', () => {
  it('ask by the parts on record, on the right bikes only', async () => {
    const checklist = ownChecklist('by-parts');
    const [first] = checklist.items;
    const own = {
      ...first,
      critical: true,
      checkpoint: {
        ...first?.checkpoint,
        key: 'own-chain',
        at: { only: 'drivetrain' },
        applies: { part: ['chain'] },
      },
    };
    const { hash } = await publish({ ...checklist, items: [...checklist.items, own as never] }, null);
    const [withChain, without] = [await newBike(), await newBike()];
    const fitted = await world.as('mechanic').send(fitPart, {
      params: { id: withChain.id },
      body: {
        id: newId(),
        part: { id: newId(), kind: 'chain', name: 'c', facts: {}, markings: {} },
        position: 'only',
        anyway: '',
        at: world.clock.now,
      },
    });
    expect((await world.bikeNow(withChain.id)).parts).toEqual([{ kind: 'chain', position: 'only' }]);
    const markOwn = async (bike: Bike): Promise<string> => {
      const checkId = newId();
      const author = world.idOf('inspector');
      await world.as('inspector').send(openCheck, {
        body: { id: checkId, bikeId: bike.id, checklistHash: hash, author, at: world.clock.now },
      });
      const mark = markFor(
        { checkpoint: own.checkpoint as never, position: 'only' },
        author,
        world.clock.now,
      );
      return refusalOf(
        world.as('inspector').send(addMarks, { params: { id: checkId }, body: { marks: [mark] } }),
      );
    };
    expect(await markOwn(withChain)).toBe('accepted');
    expect(await markOwn(without)).toBe('422 check.mark-not-asked');
    await world.as('mechanic').send(takePartOff, {
      params: { id: fitted.fitments[0]?.id ?? '' },
      body: { id: newId(), at: world.clock.now },
    });
    expect((await world.bikeNow(withChain.id)).parts).toEqual([]);
  });

  it('that rule something out are named in the record', async () => {
    const bike = await newBike();
    const { check } = await world.check(bike);
    const rows = await world.database.owner.query<
      {
        body: string;
      }[]
    >("SELECT body FROM entry WHERE kind = 'check.signed' AND bikeId = ?", [bike.id]);
    const { ruledOut } = JSON.parse(rows[0]?.body ?? '{}') as {
      ruledOut: { question: string; because: string }[];
    };
    expect(ruledOut).toContainEqual({ question: 'rim-pads@front', because: 'brake is rim' });
    expect(ruledOut.some((each) => check.marks.some((mark) => questionKey(mark) === each.question))).toBe(
      false,
    );
  });
});

describe('a turnaround', () => {
  const away = async (bike: Bike): Promise<void> => {
    for (const to of ['out', 'in'] as const) {
      world.clock.now += 60_000;
      await world
        .as('desk')
        .send(moveBike, { params: { id: bike.id }, body: { id: newId(), to, at: world.clock.now } });
    }
  };
  it('lets a bike out again on a day with a whole ride-out', async () => {
    const bike = await newBike();
    await world.check(bike);
    await away(bike);
    expect((await world.fitness(bike.id)).fitness).toBe('due');
    await world.check(bike, { checklist: 'turnaround' });
    expect((await world.fitness(bike.id)).fitness).toBe('cleared');
  });
  it('alone clears nothing', async () => {
    const bike = await newBike();
    await world.check(bike, { checklist: 'turnaround' });
    expect((await world.fitness(bike.id)).fitness).toBe('due');
  });
  it('does not stand on an incomplete ride-out, nor on one before a part was changed', async () => {
    const [incomplete, changed] = [await newBike(), await newBike()];
    await world.check(incomplete, { leftOut: ['frame-whole'] });
    await world.check(incomplete, { checklist: 'turnaround' });
    expect((await world.fitness(incomplete.id)).fitness).not.toBe('cleared');
    await world.check(changed);
    await world.as('mechanic').send(fitPart, {
      params: { id: changed.id },
      body: {
        id: newId(),
        part: { id: newId(), kind: 'chain', name: 'c', facts: {}, markings: {} },
        position: 'only',
        anyway: '',
        at: world.clock.now,
      },
    });
    await world.check(changed, { checklist: 'turnaround' });
    expect((await world.fitness(changed.id)).fitness).toBe('due');
  });
});

describe('an incomplete check', () => {
  it('holds its bike, whatever else is looked at whole, until it is completed', async () => {
    const bike = await newBike();
    await world.check(bike);
    world.clock.now += 60_000;
    await world.check(bike, { leftOut: ['frame-whole'] });
    for (const checklist of ['lube', 'turnaround', 'return']) {
      world.clock.now += 60_000;
      await world.check(bike, { checklist });
      expect(await world.fitness(bike.id), checklist).toMatchObject({
        fitness: 'held',
        reasons: ['check-incomplete'],
      });
    }
    world.clock.now += 60_000;
    await world.check(bike);
    expect((await world.fitness(bike.id)).fitness).toBe('cleared');
  });
  it('after a crash is not completed by a ride-out', async () => {
    const bike = await newBike();
    await world.check(bike, { checklist: 'after-crash', leftOut: ['fork-whole'] });
    world.clock.now += 60_000;
    await world.check(bike);
    expect((await world.fitness(bike.id)).fitness).toBe('held');
    world.clock.now += 60_000;
    await world.check(bike, { checklist: 'after-crash' });
    expect((await world.fitness(bike.id)).fitness).toBe('cleared');
  });
});

describe('work over days', () => {
  it('goes on the next day, where a ride-out begun yesterday does not', async () => {
    const bike = await newBike();
    const author = world.idOf('inspector');
    const begin = async (key: string): Promise<string> => {
      const { hash } = await newest(key);
      return refusalOf(
        world.as('inspector').send(openCheck, {
          body: { id: newId(), bikeId: bike.id, checklistHash: hash, author, at: world.clock.now },
        }),
      );
    };
    expect(await begin('season-opening')).toBe('accepted');
    // Half-way in the season's work is no ride-out begun.
    expect((await world.bikeNow(bike.id)).openCheckId).toBeNull();
    expect(await begin('ride-out')).toBe('accepted');
    expect((await world.bikeNow(bike.id)).openCheckId).not.toBeNull();
    world.clock.now += 26 * HOUR_MS;
    await world.signInAgain();
    expect(await begin('season-opening')).toBe('409 conflict.check-open');
    expect(await begin('ride-out')).toBe('accepted');
  });
});
