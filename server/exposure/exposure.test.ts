import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as newId } from 'uuid';
import {
  addMarks,
  amendCheck,
  getCheck,
  openCheck,
  signCheck,
  type Check,
  type NewMark,
} from '@cadre/contract/checks';
import { addRack, addSite, hangBikes, moveBike, changeBike, type Bike } from '@cadre/contract/fleet';
import { reportIncident } from '@cadre/contract/incidents';
import { fitPart } from '@cadre/contract/parts';
import { doneService } from '@cadre/contract/services';
import { listChecklists } from '@cadre/contract/catalogue';
import { previewPolicy } from '@cadre/contract/policy';
import type { BikeKind } from '@cadre/core/fleet';
import { questionKey } from '@cadre/core/catalogue';
import { DAY_MS, HOUR_MS } from '@cadre/core/time';
import { faulty, fieldsOf, marksFor } from '@cadre/test-world/builders';
import { changePolicy } from '@cadre/test-world/client';
import { World } from '../../testing/world';

let world: World;
beforeAll(async () => {
  world = await World.open();
  await changePolicy(world.as('lead'), {
    exposure: { kinds: ['hardtail'], restDays: 7, lockedSites: [world.siteId] },
  });
});
afterAll(() => world.close());

let tags = 0;
/** A bike that has been there for a while: what is marked on it was marked after it came. */
async function bike(kind: 'hardtail' | 'hybrid' = 'hardtail'): Promise<Bike> {
  const added = await world.bike(`X${(tags += 1)}`, kind);
  world.clock.now += HOUR_MS;
  return added;
}
const nextMorning = async (): Promise<void> => {
  world.clock.now += DAY_MS;
  await world.signInAgain();
};
const sayOf = (check: Check, key: string): string => {
  if (!check.exposure) return 'whole';
  const rest = check.exposure.rests.find((each) => each.key === key);
  const asked = check.exposure.asked.find((each) => each.key === key);
  return rest
    ? 'rests'
    : [asked?.because.code, asked?.because.count].filter((each) => each !== undefined).join(' ');
};
async function begin(of: Bike): Promise<Check> {
  const id = newId();
  const version = world.checklists.get('ride-out');
  if (!version) throw new Error('no ride-out');
  return world.as('inspector').send(openCheck, {
    body: {
      id,
      bikeId: of.id,
      checklistHash: version.hash,
      author: world.idOf('inspector'),
      at: world.clock.now,
    },
  });
}
/** Marks what is asked as sound, and signs. */
async function finish(of: Bike, check: Check, more: readonly string[] = []) {
  const author = world.idOf('inspector');
  const asked = new Set([...(check.exposure?.asked.map((each) => each.key) ?? []), ...more]);
  const marks = marksFor(check.checklist, of.build, author, world.clock.now, []).filter(
    (mark: NewMark) => !check.exposure || asked.has(questionKey(mark)),
  );
  await world.as('inspector').send(addMarks, { params: { id: check.id }, body: { marks } });
  return world.as('inspector').send(signCheck, {
    params: { id: check.id },
    body: { id: newId(), author, markIds: marks.map((mark) => mark.id), at: world.clock.now },
  });
}

describe('the morning after a bike passed and hung on its hook', () => {
  it('asks what goes by itself and what is asked every day; the rest stands by name, and the bike is cleared', async () => {
    const of = await bike();
    await world.check(of);
    const passedAt = world.clock.now;
    await nextMorning();
    expect((await world.fitness(of.id)).fitness).toBe('due');
    const check = await begin(of);
    expect(
      ['stem-tight@only', 'lever-hold@front', 'hub-play@front', 'crank-arms@only'].map((key) =>
        sayOf(check, key),
      ),
    ).toEqual(['every-day', expect.stringMatching(/^hours 24$/), 'rests', 'rests']);
    const rest = check.exposure?.rests.find((each) => each.key === 'hub-play@front');
    expect(rest?.by).toBe(world.idOf('inspector'));
    expect(rest?.at).toBeLessThanOrEqual(passedAt);
    const { rests = [], asked = [] } = check.exposure ?? {};
    expect(rests.length).toBeGreaterThan(asked.length / 2);
    const { check: signed } = await finish(of, check);
    expect(signed.complete).toBe(true);
    expect((await world.fitness(of.id)).fitness).toBe('cleared');
    const [entry] = await world.database.owner.query<{ body: string }[]>(
      "SELECT body FROM entry WHERE kind = 'check.signed' ORDER BY ordinal DESC LIMIT 1",
    );
    expect((JSON.parse(entry?.body ?? '{}') as { rests: unknown[] }).rests).toHaveLength(rests.length);
  });

  it('rests on the real look for a week and no longer, never on what rested itself', async () => {
    const of = await bike();
    await world.check(of);
    for (let day = 1; day <= 7; day += 1) {
      await nextMorning();
      const check = await begin(of);
      expect([day, sayOf(check, 'hub-play@front')]).toEqual([day, day < 7 ? 'rests' : 'no-look']);
      await finish(of, check);
    }
  });

  it('is asked the whole where the policy does not say otherwise', async () => {
    const of = await bike('hybrid');
    await world.check(of);
    await nextMorning();
    expect((await begin(of)).exposure).toBeNull();
  });
});

describe('what happened since', () => {
  const since = async (
    act: (of: Bike) => Promise<unknown>,
    key: string,
    first: object = {},
  ): Promise<string> => {
    const of = await bike();
    await world.check(of, first);
    world.clock.now += HOUR_MS;
    await act(of);
    await nextMorning();
    return sayOf(await begin(of), key);
  };
  const move = (of: Bike, to: 'in' | 'out') =>
    world
      .as('desk')
      .send(moveBike, { params: { id: of.id }, body: { id: newId(), to, at: world.clock.now } });

  it('an outing asks every critical', async () => {
    const ride = async (of: Bike) => {
      await move(of, 'out');
      await move(of, 'in');
    };
    expect(await since(ride, 'hub-play@front')).toBe('outing 2');
  });
  it('another hook is a hand at it', async () => {
    const { id, hooks } = await world
      .as('lead')
      .send(addRack, { body: { id: newId(), siteId: world.siteId, name: 'Other', hooks: 2 } });
    expect(id).toBeTruthy();
    const hang = (of: Bike) =>
      world.as('lead').send(hangBikes, {
        body: {
          id: newId(),
          siteId: world.siteId,
          moves: [{ bikeId: of.id, hookId: hooks[0]?.id ?? null }],
          at: world.clock.now,
        },
      });
    expect(await since(hang, 'spokes@front')).toBe('handling');
    expect(
      await since(
        (of) =>
          world.as('lead').send(hangBikes, {
            body: {
              id: newId(),
              siteId: world.siteId,
              moves: [{ bikeId: of.id, hookId: hooks[1]?.id ?? null }],
              at: world.clock.now,
            },
          }),
        'hub-play@front',
      ),
    ).toBe('rests');
  });
  it('a part fitted, a bike described otherwise and an incident ask everything', async () => {
    const part = { id: newId(), kind: 'tyre' as const, name: 'New tyre', facts: {}, markings: {} };
    const fit = (of: Bike) =>
      world.as('mechanic').send(fitPart, {
        params: { id: of.id },
        body: { id: newId(), part, position: 'front', anyway: '', at: world.clock.now },
      });
    expect(await since(fit, 'hub-play@rear')).toBe('changed');
    const change = async (of: Bike) => {
      const { version } = await world.bikeNow(of.id);
      return world.as('lead').send(changeBike, {
        params: { id: of.id },
        body: { ...fieldsOf({ ...of, size: 'XL' }), id: newId(), version },
      });
    };
    expect(await since(change, 'hub-play@rear')).toBe('changed');
    const fall = (of: Bike) =>
      world.as('desk').send(reportIncident, {
        params: { id: of.id },
        body: { id: newId(), kind: 'crash', note: 'Fell off the rail', at: world.clock.now },
      });
    expect(await since(fall, 'hub-play@rear')).toBe('incident');
  });
  it('a service counts as the work of what it settles, as a hand at the bike, or as anything', async () => {
    const done = (key: string) => (of: Bike) =>
      world.as('mechanic').send(doneService, {
        params: { id: of.id, key },
        body: { id: newId(), note: '', at: world.clock.now },
      });
    // Oil on a chain loosens nothing, but a hand was there.
    expect(await since(done('chain-lube'), 'shifts@only')).toBe('handling');
    expect(await since(done('chain-lube'), 'hub-play@front')).toBe('rests');
    expect(await since(done('seatpost'), 'saddle-tight@only')).toBe('work');
    // Nobody says what a rinse loosens, or where the water went.
    expect(await since(done('salt-rinse'), 'hub-play@front')).toBe('changed');
  });
  it('a pass is nothing to rest on where it was a fix, a watch or a trainee’s alone', async () => {
    const nothing = (): Promise<void> => Promise.resolve();
    const exception = (outcome: 'fixed' | 'watch') => ({
      exceptions: [{ checkpoint: 'grips', more: faulty('torn', { outcome, note: 'Moved' }) }],
    });
    expect(await since(nothing, 'grips@only', exception('fixed'))).toBe('no-pass');
    expect(await since(nothing, 'grips@only', exception('watch'))).toBe('open-finding');
    expect(await since(nothing, 'grips@only', { by: 'trainee' })).toBe('no-co-sign');
  });
  it('a pass given faster than anybody can look is no pass, in a short check either', async () => {
    const quick = async (of: Bike): Promise<void> => {
      const lube = world.checklists.get('bolts');
      if (!lube) throw new Error('no bolts');
      const [id, author] = [newId(), world.idOf('inspector')];
      const inspector = world.as('inspector');
      await inspector.send(openCheck, {
        body: { id, bikeId: of.id, checklistHash: lube.hash, author, at: world.clock.now },
      });
      const marks = marksFor(lube.checklist, of.build, author, world.clock.now, [], 1);
      await inspector.send(addMarks, { params: { id }, body: { marks } });
      await inspector.send(signCheck, {
        params: { id },
        body: { id: newId(), author, markIds: marks.map((mark) => mark.id), at: world.clock.now },
      });
    };
    expect(await since(quick, 'rotor-fixings@front')).toBe('hasty');
  });
  it('brought to another site everything is asked', async () => {
    const { id: siteId } = await world.as('lead').send(addSite, {
      body: { id: newId(), name: 'Hut', timeZone: 'Europe/London', opensAt: '09:00' },
    });
    const bring = (of: Bike) =>
      world.as('lead').send(hangBikes, {
        body: { id: newId(), siteId, moves: [{ bikeId: of.id, hookId: null }], at: world.clock.now },
      });
    expect(await since(bring, 'hub-play@front')).toBe('changed');
  });
  it('a policy published since that judges bikes otherwise makes every earlier pass one under other rules', async () => {
    const after = async (part: Parameters<typeof changePolicy>[1]): Promise<string> =>
      since(() => changePolicy(world.as('lead'), part), 'hub-play@front');
    expect(await after({ soonDays: 8 })).toBe('rests');
    expect(await after({ legal: 'soon' })).toBe('other-question');
    expect(await after({ legal: 'stop', soonDays: 7 })).toBe('other-question');
  });
  it('is shown for the fleet before the policy is saved: what would be asked today, and whose passes the rest stands on', async () => {
    const of = await bike('hybrid');
    await world.check(of);
    await nextMorning();
    const { policy } = await world.as('lead').send(listChecklists);
    const { schema: _schema, version: _version, note: _note, ...choices } = policy.policy;
    const under = async (kinds: BikeKind[]) => {
      const body = { policy: { ...choices, exposure: { ...choices.exposure, kinds } } };
      return (await world.as('lead').send(previewPolicy, { body })).exposure.filter(
        (each) => each.tag === of.tag,
      );
    };
    expect(await under([])).toEqual([]);
    const [effect] = await under(['hybrid']);
    expect(effect?.asked).toBeLessThan((effect?.whole ?? 0) / 2);
    expect(effect?.minutesAsked).toBeLessThan(effect?.minutesWhole ?? 0);
    expect(effect?.passes).toMatchObject([{ by: world.idOf('inspector') }]);
    expect(effect?.passes[0]?.questions).toContainEqual({ checkpoint: 'Hub play', position: 'front' });
    expect((effect?.passes[0]?.questions.length ?? 0) + (effect?.asked ?? 0)).toBe(effect?.whole);
  });
});

describe('between the first mark and the signature', () => {
  it('an outing exposes what rested: it is told, and a signature without it is incomplete', async () => {
    const of = await bike();
    await world.check(of);
    await nextMorning();
    const check = await begin(of);
    expect(sayOf(check, 'hub-play@front')).toBe('rests');
    for (const to of ['out', 'in'] as const)
      await world
        .as('lead')
        .send(moveBike, { params: { id: of.id }, body: { id: newId(), to, at: world.clock.now } })
        .catch(() => undefined);
    await world.as('lead').send(reportIncident, {
      params: { id: of.id },
      body: { id: newId(), kind: 'crash', note: 'Fell over', at: world.clock.now },
    });
    const now = await world.as('inspector').send(getCheck, { params: { id: check.id } });
    expect(sayOf(now, 'hub-play@front')).toBe('incident');
    expect(now.exposure?.rests).toEqual([]);
    const { check: signed } = await finish(of, check);
    expect(signed.complete).toBe(false);
  });

  it('a policy that asks such bikes the whole by now asks it of a check under way', async () => {
    const of = await bike();
    await world.check(of);
    await nextMorning();
    const check = await begin(of);
    const asks = (kinds: BikeKind[]) =>
      changePolicy(world.as('lead'), { exposure: { kinds, restDays: 7, lockedSites: [world.siteId] } });
    await asks([]);
    const now = await world.as('inspector').send(getCheck, { params: { id: check.id } });
    expect(now.exposure?.rests).toEqual([]);
    expect(now.exposure?.asked).toHaveLength(
      (check.exposure?.asked.length ?? 0) + (check.exposure?.rests.length ?? 0),
    );
    await asks(['hardtail']);
  });
  it('a pass that is corrected to no look ends what stands on it', async () => {
    const of = await bike();
    const first = await world.check(of);
    await nextMorning();
    const check = await begin(of);
    await finish(of, check);
    expect((await world.fitness(of.id)).fitness).toBe('cleared');
    const [hub] = marksFor(check.checklist, of.build, world.idOf('inspector'), world.clock.now).filter(
      (mark) => questionKey(mark) === 'hub-play@front',
    );
    if (!hub) throw new Error('no such question');
    await world.as('inspector').send(amendCheck, {
      params: { id: first.check.id },
      body: {
        ...{ id: newId(), checkId: newId(), author: world.idOf('inspector'), at: world.clock.now },
        reason: 'That was the other bike',
        marks: [{ ...hub, outcome: 'skipped', note: 'Not this one' }],
      },
    });
    expect((await world.fitness(of.id)).fitness).not.toBe('cleared');
  });
  it('a correction of the check itself misses nothing that rested', async () => {
    const of = await bike();
    await world.check(of);
    await nextMorning();
    const { check } = await finish(of, await begin(of));
    const [stem] = marksFor(check.checklist, of.build, world.idOf('inspector'), world.clock.now).filter(
      (mark) => questionKey(mark) === 'stem-tight@only',
    );
    if (!stem) throw new Error('no such question');
    await world.as('inspector').send(amendCheck, {
      params: { id: check.id },
      body: {
        ...{ id: newId(), checkId: newId(), author: world.idOf('inspector'), at: world.clock.now },
        reason: 'Said more',
        marks: [{ ...stem, note: 'Tightened a little' }],
      },
    });
    expect((await world.fitness(of.id)).fitness).toBe('cleared');
  });
});
