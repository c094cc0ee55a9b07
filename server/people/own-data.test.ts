import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as newId } from 'uuid';
import {
  addPerson,
  changePerson,
  listPeople,
  personData,
  removeName,
  type Person,
} from '@cadre/contract/people';
import { createServices, rebuild, verify } from '@cadre/server/app';
import { Client, changePolicy } from '@cadre/test-world/client';
import { keepRemovedNames } from '../../bin/removed-names';
import { refusalOf, SECRET, World } from '../../testing/world';

let world: World;
beforeAll(async () => {
  world = await World.open();
});
afterAll(() => world.close());

const NAME = 'Ottoline Quillfeather';
let added = 0;
async function somebody(): Promise<Person> {
  added += 1;
  return world.as('lead').send(addPerson, {
    body: {
      id: newId(),
      ...{ name: `${NAME} ${added}`, signInName: `ottoline${added}`, secret: SECRET },
      ...{ role: 'inspector', trainee: false },
    },
  });
}
const leave = (person: Person): Promise<Person> =>
  world.as('lead').send(changePerson, {
    params: { id: person.id },
    body: { id: newId(), role: person.role, trainee: false, active: false, version: person.version },
  });
const remove = (person: Person): Promise<Person> =>
  world.as('lead').send(removeName, { params: { id: person.id }, body: { id: newId() } });
const nameOf = async (id: string): Promise<string> =>
  (await world.as('lead').send(listPeople)).people.find((each) => each.id === id)?.name ?? '';
const services = () => createServices(world.database.source, () => world.clock.now);
/** Whatever the whole database says, as text. */
async function everything(): Promise<string> {
  const tables = await world.database.owner.query<{ name: string }[]>(
    'SELECT table_name AS name FROM information_schema.tables WHERE table_schema = DATABASE()',
  );
  const rows = [];
  for (const { name } of tables) rows.push(await world.database.owner.query(`SELECT * FROM \`${name}\``));
  return JSON.stringify(rows);
}

describe('a name in the record', () => {
  it('is sealed, and read again by its key when the tables are made anew', async () => {
    const person = await somebody();
    const entries = await world.database.owner.query<{ body: string }[]>('SELECT body FROM entry');
    expect(JSON.stringify(entries)).not.toContain(NAME);
    await rebuild(world.database.owner);
    expect(await nameOf(person.id)).toBe(person.name);
  });

  it('is destroyed for good: nowhere in the database, after a rebuild neither, and the record is whole', async () => {
    const person = await somebody();
    const own = new Client(world.base);
    await own.signIn(person.signInName, SECRET);
    expect(await refusalOf(remove(person))).toBe('409 person.still-here');
    await leave(person);
    const { name } = await remove(person);
    expect(name).toMatch(/^Nameless [0-9A-F]{6}$/);
    await rebuild(world.database.owner);
    expect(await everything()).not.toContain(person.name);
    expect(await everything()).not.toContain(`"${person.signInName}"`);
    expect(await nameOf(person.id)).toBe(name);
    expect((await verify(world.database.source)).faults).toEqual([]);
    expect(await refusalOf(own.send(personData, { params: { id: person.id } }))).toMatch(/^401 /);
  });

  it('that was destroyed is not worn again', async () => {
    const gone = await remove(await leave(await somebody()));
    const back = { role: gone.role, trainee: false, active: true, version: gone.version };
    expect(
      await refusalOf(
        world.as('lead').send(changePerson, { params: { id: gone.id }, body: { id: newId(), ...back } }),
      ),
    ).toBe('409 person.nameless');
    expect(await services().people.recover(gone.signInName, SECRET)).toBe(false);
    expect(await remove(gone)).toEqual(gone);
  });

  it('that a backup brought back is destroyed again, by the list outside the database', async () => {
    const folders = [mkdtempSync(join(tmpdir(), 'cadre-n-')), null];
    const gone = await remove(await leave(await somebody()));
    const back = await leave(await somebody());
    expect(await keepRemovedNames(services().ownData, folders)).toBe(0);
    const file = join(folders[0] ?? '', 'removed-names.txt');
    expect(readFileSync(file, 'utf8').split('\n')).toContain(gone.id);
    // As a list from a later day than the backup has it.
    rmSync(file);
    const later = { removed: () => Promise.resolve([back.id]), removeAgain: () => Promise.resolve(0) };
    await keepRemovedNames(later, folders);
    expect(await keepRemovedNames(services().ownData, folders)).toBe(1);
    expect(await nameOf(back.id)).toMatch(/^Nameless /);
    expect(await keepRemovedNames(services().ownData, folders)).toBe(0);
    rmSync(folders[0] ?? '', { recursive: true });
  });

  it('is kept as long as the policy says after its person left, and no longer', async () => {
    const [left, stays] = [await leave(await somebody()), await somebody()];
    const { ownData, policies } = services();
    expect(await ownData.removeOld(await policies.namesKeptDays())).toBe(0);
    await changePolicy(world.as('lead'), { namesKeptDays: 30 }, 'A month');
    expect(await ownData.removeOld(await policies.namesKeptDays())).toBe(0);
    world.clock.now += 31 * 86_400_000;
    await world.signInAgain();
    await ownData.removeOld(await policies.namesKeptDays());
    expect(await nameOf(left.id)).toMatch(/^Nameless /);
    expect(await nameOf(stays.id)).toBe(stays.name);
    expect(await ownData.removeOld(await policies.namesKeptDays())).toBe(0);
  });
});

describe('what is kept of a person', () => {
  it('is told to them and to a lead, and to nobody else', async () => {
    const id = world.idOf('inspector');
    const bike = await world.bike('OD1');
    await world.check(bike);
    const own = await world.as('inspector').send(personData, { params: { id } });
    expect(own.person.name).toBe('inspector');
    expect(own.sessions.length).toBeGreaterThan(0);
    expect(own.did.map((entry) => entry.kind)).toEqual(
      expect.arrayContaining(['check.opened', 'check.signed']),
    );
    expect(own.did.every((entry) => entry.kind.length > 0 && entry.recordedAt > 0)).toBe(true);
    const { did } = await world.as('lead').send(personData, { params: { id } });
    expect(did).toEqual(own.did);
    expect(await refusalOf(world.as('mechanic').send(personData, { params: { id } }))).toBe(
      '403 act.not-allowed',
    );
  });
});
