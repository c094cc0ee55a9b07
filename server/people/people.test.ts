import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as newId } from 'uuid';
import { listBikes } from '@cadre/contract/fleet';
import {
  endDevice,
  listDevices,
  addPerson,
  changePerson,
  changeSecret,
  currentSession,
  endSessions,
  listPeople,
  resetSecret,
  signOut,
} from '@cadre/contract/people';
import { setUp, setupState } from '@cadre/contract/setup';
import { pino } from 'pino';
import type { AddressInfo } from 'node:net';
import { createApp, createServices } from '@cadre/server/app';
import { Client } from '@cadre/test-world/client';
import { createTestDatabase } from '../../testing/database';
import { refusalOf, SECRET, World } from '../../testing/world';

let world: World;
beforeAll(async () => {
  world = await World.open();
});
afterAll(() => world.close());

const stranger = (): Client => new Client(world.base);
const newcomer = (signInName: string) => ({
  id: newId(),
  name: signInName,
  signInName,
  role: 'inspector' as const,
  trainee: true,
  secret: SECRET,
});

describe('people', () => {
  it('are added once a sign-in name, and the same act twice is one person', async () => {
    const body = newcomer('nell');
    const first = await world.as('lead').send(addPerson, { body });
    expect(await world.as('lead').send(addPerson, { body })).toEqual(first);
    expect(await refusalOf(world.as('lead').send(addPerson, { body: { ...newcomer('nell') } }))).toBe(
      '409 sign-in-name.taken',
    );
    const { people } = await world.as('desk').send(listPeople);
    expect(people.filter((person) => person.signInName === 'nell')).toHaveLength(1);
    expect(JSON.stringify(people)).not.toContain('argon2');
  });

  it('who leave are out at once, on every device', async () => {
    const person = await world.as('lead').send(addPerson, { body: newcomer('otto') });
    const device = stranger();
    await device.signIn('otto', SECRET);
    await world.as('lead').send(changePerson, {
      params: { id: person.id },
      body: { id: newId(), role: 'inspector', trainee: false, active: false, version: person.version },
    });
    expect((await device.raw('GET', '/api/v1/session')).status).toBe(401);
    expect(await refusalOf(stranger().signIn('otto', SECRET))).toBe('401 session.refused');
  });

  it('changed by two leads at once: the later one sees the earlier', async () => {
    const person = await world.as('lead').send(addPerson, { body: newcomer('pam') });
    const change = (role: 'mechanic' | 'desk') =>
      world.as('lead').send(changePerson, {
        params: { id: person.id },
        body: { id: newId(), role, trainee: false, active: true, version: person.version },
      });
    expect((await change('mechanic')).version).toBe(2);
    expect(await refusalOf(change('desk'))).toBe('409 conflict.version');
  });

  it('sign out for good', async () => {
    const device = stranger();
    await device.signIn('desk', SECRET);
    expect((await device.send(currentSession)).person.name).toBe('desk');
    const old = device.cookie;
    await device.send(signOut);
    device.cookie = old;
    expect((await device.raw('GET', '/api/v1/session')).status).toBe(401);
  });

  it('get a cookie no script can read and no other site sends', async () => {
    const response = await stranger().raw('POST', '/api/v1/session', { signInName: 'desk', secret: SECRET });
    const [cookie] = response.headers.getSetCookie();
    expect(cookie).toMatch(/HttpOnly/i);
    expect(cookie).toMatch(/SameSite=Strict/i);
    expect(response.headers.get('content-security-policy')).toContain("script-src 'self'");
  });
});

describe('a first visit', () => {
  it('that two people make at once sets one program up', async () => {
    const database = await createTestDatabase();
    const app = createApp({
      source: database.source,
      now: Date.now,
      log: pino({ level: 'silent' }),
      version: 't',
      demo: false,
      webDir: null,
      publicUrl: null,
      checkAnswers: true,
    });
    const server = app.listen(0, '127.0.0.1');
    await new Promise((done) => server.once('listening', done));
    const base = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
    const visit = (name: string) =>
      new Client(base).send(setUp, {
        body: {
          id: newId(),
          programName: name,
          siteName: 's',
          timeZone: 'Europe/London',
          opensAt: '09:00',
          leadName: name,
          signInName: name,
          secret: SECRET,
        },
      });
    expect((await new Client(base).send(setupState)).state).toBe('empty');
    const outcomes = await Promise.all(['ada', 'bo', 'cy'].map((name) => refusalOf(visit(name))));
    expect(outcomes.sort()).toEqual(['409 setup.already-done', '409 setup.already-done', 'accepted']);
    expect(await refusalOf(visit('dee'))).toBe('409 setup.already-done');
    const [{ programs }] = await database.owner.query<[{ programs: string }]>(
      'SELECT COUNT(*) AS programs FROM program',
    );
    expect(Number(programs)).toBe(1);
    expect(await new Client(base).send(setupState)).toMatchObject({
      state: 'ready',
      demoPeople: [],
    });
    server.closeAllConnections();
    server.close();
    await database.drop();
  });

  it('with a made-up time zone is told which field', async () => {
    const response = await stranger().raw('POST', '/api/v1/sites', {});
    expect(response.status).toBe(401);
    const lead = await world
      .as('lead')
      .raw('POST', '/api/v1/sites', { id: newId(), name: 's', timeZone: 'Lapwing/Quay', opensAt: '09:00' });
    expect(((await lead.json()) as { fields: { path: string }[] }).fields).toMatchObject([
      { path: 'timeZone', code: 'unknown-time-zone' },
    ]);
  });
});

describe('who is out stays out', () => {
  it('somebody who left and came back signs in afresh: a session of before is dead', async () => {
    const person = await world.as('lead').send(addPerson, { body: newcomer('quin') });
    const device = stranger();
    await device.signIn('quin', SECRET);
    for (const [active, version] of [
      [false, person.version],
      [true, person.version + 1],
    ] as const)
      await world.as('lead').send(changePerson, {
        params: { id: person.id },
        body: { id: newId(), role: 'inspector', trainee: false, active, version },
      });
    expect((await device.raw('GET', '/api/v1/session')).status).toBe(401);
    await device.signIn('quin', SECRET);
    expect((await device.send(currentSession)).person.active).toBe(true);
  });

  it('the last lead stays one, whoever asks and however many at once', async () => {
    const second = await world.as('lead').send(addPerson, { body: { ...newcomer('rae'), role: 'lead' } });
    const { people } = await world.as('lead').send(listPeople);
    const first = people.find((each) => each.signInName === 'lead');
    const rae = stranger();
    await rae.signIn('rae', SECRET);
    const demote = (by: Client, id: string, version: number) =>
      refusalOf(
        by.send(changePerson, {
          params: { id },
          body: { id: newId(), role: 'desk', trainee: false, active: true, version },
        }),
      );
    const both = await Promise.all([
      demote(world.as('lead'), second.id, second.version),
      demote(rae, first?.id ?? '', first?.version ?? 0),
    ]);
    expect(both.filter((each) => each === '409 person.last-lead')).toHaveLength(1);
    const leads = (await world.as('desk').send(listPeople)).people.filter(
      (each) => each.role === 'lead' && each.active,
    );
    expect(leads).toHaveLength(1);
    // As it was, for what follows.
    if (leads[0]?.signInName === 'rae')
      await rae.send(changePerson, {
        params: { id: first?.id ?? '' },
        body: { id: newId(), role: 'lead', trainee: false, active: true, version: (first?.version ?? 0) + 1 },
      });
  });
});

describe('a code', () => {
  it('of one’s own is changed against the present one, and ends every other session', async () => {
    await world.as('lead').send(addPerson, { body: newcomer('sol') });
    const [here, there] = [stranger(), stranger()];
    for (const device of [here, there]) await device.signIn('sol', SECRET);
    const change = (current: string, secret: string) =>
      here.send(changeSecret, { body: { id: newId(), current, secret } });
    expect(await refusalOf(change('not-mine', 'plover-12'))).toBe('403 session.current-secret-wrong');
    expect(await refusalOf(change(SECRET, 'short-1'))).toBe('400 body.invalid');
    await change(SECRET, 'plover-12');
    for (let guess = 0; guess < 6; guess += 1) await refusalOf(change(`guess-${guess}`, 'plover-34'));
    expect(await refusalOf(change('plover-12', 'plover-34'))).toBe('429 session.throttled');
    expect((await here.raw('GET', '/api/v1/session')).status).toBe(200);
    expect((await there.raw('GET', '/api/v1/session')).status).toBe(401);
    expect(await refusalOf(stranger().signIn('sol', SECRET))).toBe('401 session.refused');
    await here.send(endSessions, { body: { id: newId() } });
    await there.signIn('sol', 'plover-12');
  });

  it('from the lead is good for one sign-in: nothing but choosing one’s own is open then', async () => {
    const person = await world.as('lead').send(addPerson, { body: newcomer('tove') });
    const device = stranger();
    await device.signIn('tove', SECRET);
    const body = { id: newId(), secret: 'once-only' };
    expect(await refusalOf(world.as('mechanic').send(resetSecret, { params: { id: person.id }, body }))).toBe(
      '403 act.not-allowed',
    );
    for (const _twice of [1, 2])
      await world.as('lead').send(resetSecret, { params: { id: person.id }, body });
    const [{ n }] = await world.database.owner.query<[{ n: string }]>(
      'SELECT COUNT(*) AS n FROM entry WHERE id = ?',
      [body.id],
    );
    expect(Number(n)).toBe(1);
    expect((await device.raw('GET', '/api/v1/session')).status).toBe(401);
    await device.signIn('tove', 'once-only');
    expect(await refusalOf(device.send(listBikes, { query: {} }))).toBe('403 session.secret-one-time');
    expect((await device.send(currentSession)).mustChangeSecret).toBe(true);
    const chosen = { id: newId(), current: 'once-only', secret: 'godwit-77' };
    expect((await device.send(changeSecret, { body: chosen })).mustChangeSecret).toBe(false);
    await device.send(listBikes, { query: {} });
  });

  it('is guessed at no oftener than the limit, however many guesses come at once, and its owner still gets in', async () => {
    await world.as('lead').send(addPerson, { body: newcomer('uma') });
    const own = stranger();
    await own.signIn('uma', SECRET);
    const guesses = await Promise.all(
      Array.from({ length: 40 }, (_, at) => refusalOf(stranger().signIn('uma', `guess-${at}-guess`))),
    );
    expect(guesses.filter((each) => each === '401 session.refused').length).toBeLessThanOrEqual(6);
    expect(guesses.filter((each) => each === '429 session.throttled').length).toBeGreaterThanOrEqual(34);
    // A stranger with the right one is slowed down like the others; a device of theirs is known.
    expect(await refusalOf(stranger().signIn('uma', SECRET))).toBe('429 session.throttled');
    const known = stranger();
    known.device = own.device;
    await known.signIn('uma', SECRET);
  });
});

describe('where somebody is signed in', () => {
  it('is told to them alone, and each place can be ended by itself', async () => {
    await world.as('lead').send(addPerson, { body: newcomer('wil') });
    const [here, there] = [stranger(), stranger()];
    await here.signIn('wil', SECRET);
    await there.signIn('wil', SECRET);
    await there.signIn('wil', SECRET); // once more on that device: one device still
    const { devices } = await here.send(listDevices);
    expect(devices.map((each) => each.here).sort()).toEqual([false, true]);
    const other = devices.find((each) => !each.here)?.device ?? '';
    // Somebody else's device is none of theirs.
    await world.as('desk').send(endDevice, { params: { device: other }, body: { id: newId() } });
    await there.send(currentSession);
    await here.send(endDevice, { params: { device: other }, body: { id: newId() } });
    expect((await there.raw('GET', '/api/v1/session')).status).toBe(401);
    expect((await here.send(listDevices)).devices.map((each) => each.here)).toEqual([true]);
  });
});

describe('a lead who cannot sign in any more', () => {
  it('is let in once by whoever runs the server, also one who was made inactive, and it is on record', async () => {
    await world.as('lead').send(addPerson, { body: { ...newcomer('vera'), role: 'lead' } });
    const own = stranger();
    await own.signIn('vera', SECRET);
    const { people } = createServices(world.database.source, () => world.clock.now);
    expect(await people.recover('nobody-here', 'once-only-1')).toBe(false);
    expect(await people.recover('vera', 'once-only-1')).toBe(true);
    expect((await own.raw('GET', '/api/v1/session')).status).toBe(401);
    expect(await refusalOf(own.signIn('vera', SECRET))).toBe('401 session.refused');
    await own.signIn('vera', 'once-only-1');
    expect((await own.send(currentSession)).mustChangeSecret).toBe(true);
    const [entry] = await world.database.owner.query<{ body: string; author: string | null }[]>(
      "SELECT body, author FROM entry WHERE kind = 'person.secret-changed' ORDER BY ordinal DESC LIMIT 1",
    );
    expect([entry?.author, JSON.parse(entry?.body ?? '{}')]).toMatchObject([null, { by: 'operator' }]);
  });
});

describe('what nobody needs any more', () => {
  it('is forgotten: counts of guesses that have run out, sessions long over', async () => {
    const rows = async (): Promise<number[]> => {
      const found = await world.database.owner.query<{ n: string }[]>(
        'SELECT COUNT(*) AS n FROM throttle UNION ALL SELECT COUNT(*) FROM session',
      );
      return found.map((each) => Number(each.n));
    };
    const before = await rows();
    expect(before.every((count) => count > 0)).toBe(true);
    const { source } = world.database;
    await createServices(source, () => world.clock.now).sessions.purge();
    expect(await rows()).toEqual(before);
    await createServices(source, () => world.clock.now + 200 * 86_400_000).sessions.purge();
    expect(await rows()).toEqual([0, 0]);
    await world.signInAgain();
  });
});

describe('the list of bikes', () => {
  it('comes in pages that miss and repeat nothing', async () => {
    for (const tag of ['P5', 'P1', 'P3', 'P2', 'P4']) await world.bike(tag);
    const seen: string[] = [];
    let after: string | undefined;
    do {
      const page = await world
        .as('desk')
        .send(listBikes, { query: { most: 2, ...(after ? { after } : {}) } });
      seen.push(...page.bikes.map((bike) => bike.tag));
      after = page.next ?? undefined;
    } while (after);
    expect(seen).toEqual(['P1', 'P2', 'P3', 'P4', 'P5']);
  });
});
