import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as newId } from 'uuid';
import { listBikes } from '@cadre/contract/fleet';
import { addPerson, changePerson, currentSession, listPeople, signOut } from '@cadre/contract/people';
import { setUp, setupState } from '@cadre/contract/setup';
import { pino } from 'pino';
import type { AddressInfo } from 'node:net';
import { createApp } from '@cadre/server/app';
import { Client } from '@cadre/test-world/client';
import { createTestDatabase } from '../../testing/database';
import { refusalOf, SECRET, World } from '../../testing/world';

let world: World;
beforeAll(async () => {
  world = await World.open();
});
afterAll(() => world.close());

const stranger = (): Client => new Client(world.base, newId());
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
      new Client(base, newId()).send(setUp, {
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
    expect((await new Client(base, newId()).send(setupState)).state).toBe('empty');
    const outcomes = await Promise.all(['ada', 'bo', 'cy'].map((name) => refusalOf(visit(name))));
    expect(outcomes.sort()).toEqual(['409 setup.already-done', '409 setup.already-done', 'accepted']);
    expect(await refusalOf(visit('dee'))).toBe('409 setup.already-done');
    const [{ programs }] = await database.owner.query<[{ programs: string }]>(
      'SELECT COUNT(*) AS programs FROM program',
    );
    expect(Number(programs)).toBe(1);
    expect(await new Client(base, newId()).send(setupState)).toMatchObject({
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
