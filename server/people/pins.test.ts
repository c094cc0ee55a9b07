import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { v7 as newId } from 'uuid';
import {
  addPerson,
  changeSecret,
  currentSession,
  endDevice,
  listDevices,
  personData,
  removePin,
  setPin,
  signIn,
} from '@cadre/contract/people';
import { releaseBike } from '@cadre/contract/repairs';
import { faulty } from '@cadre/test-world/builders';
import { Client } from '@cadre/test-world/client';
import { Writer } from '../../testing/writer';
import { refusalOf, SECRET, World } from '../../testing/world';

let world: World;
beforeAll(async () => {
  world = await World.open();
});
afterAll(() => world.close());

const PIN = '4711';
let tablet: Client;
const withPin = (pin: string, secret = SECRET) =>
  tablet.send(setPin, { body: { id: newId(), current: secret, pin } });
const enter = (secret: string, client = tablet, signInName = 'lead') =>
  client.send(signIn, { body: { signInName, secret } });
beforeEach(async () => {
  tablet = new Client(world.base);
  await enter(SECRET);
  await withPin(PIN);
});

describe('a PIN', () => {
  it('signs its person in on the browser it was set on, and on no other', async () => {
    expect(await enter(PIN)).toMatchObject({ quick: true, hasPin: true, person: { role: 'lead' } });
    const elsewhere = new Client(world.base);
    expect(await refusalOf(enter(PIN, elsewhere))).toBe('401 session.refused');
    expect(await refusalOf(enter(PIN, tablet, 'mechanic'))).toBe('401 session.refused');
    expect(await enter(SECRET)).toMatchObject({ quick: false, hasPin: true });
  });

  it('is set by whoever knows the code, out of four to six digits', async () => {
    expect(await refusalOf(withPin('1234', 'somebody-else'))).toMatch(/session.current-secret-wrong$/);
    expect(await refusalOf(withPin('123'))).toMatch(/^400 /);
    expect(await refusalOf(withPin('1234567'))).toMatch(/^400 /);
    await enter(PIN);
    expect(await refusalOf(withPin('1234'))).toBe('403 session.code-needed');
  });

  it('marks and looks, and neither releases, nor sets anything up, nor binds a key', async () => {
    const bike = await world.bike(`PN${Date.now() % 100_000}`);
    await world.check(bike, {
      exceptions: [{ checkpoint: 'stops-wheel', position: 'front', more: faulty('none') }],
    });
    await enter(PIN);
    const body = { id: newId(), at: world.clock.now, note: 'Rides' };
    expect(await refusalOf(tablet.send(releaseBike, { params: { id: bike.id }, body }))).toBe(
      '403 session.code-needed',
    );
    const person = { name: 'New', signInName: 'newcomer', role: 'desk', trainee: false } as const;
    expect(
      await refusalOf(tablet.send(addPerson, { body: { id: newId(), ...person, secret: SECRET } })),
    ).toBe('403 session.code-needed');
    expect(await refusalOf(new Writer(world.idOf('lead')).bind(tablet))).toBe('403 session.code-needed');
    const other = world.idOf('mechanic');
    expect(await refusalOf(tablet.send(personData, { params: { id: other } }))).toBe(
      '403 session.code-needed',
    );
    expect((await tablet.send(currentSession)).quick).toBe(true);
  });

  it('guessed at wrongly is gone the fifth time, however many guesses come at once; the code still works', async () => {
    const guesses = Array.from({ length: 30 }, (_, index) => refusalOf(enter(String(5000 + index))));
    const answers = await Promise.all(guesses);
    expect(answers.every((each) => each !== null)).toBe(true);
    expect(answers).toContain('401 session.pin-gone');
    expect(await refusalOf(enter(PIN))).toMatch(/^4(01|29) /);
    world.clock.now += 16 * 60_000;
    expect(await refusalOf(enter(PIN))).toBe('401 session.refused');
    expect(await enter(SECRET)).toMatchObject({ quick: false, hasPin: false });
  });

  it('wrong four times in a row and then right counts anew', async () => {
    for (let round = 0; round < 2; round += 1) {
      for (let guess = 0; guess < 4; guess += 1)
        expect(await refusalOf(enter(String(6000 + guess)))).toBe('401 session.refused');
      expect(await enter(PIN)).toMatchObject({ quick: true });
    }
  });

  it.each<[string, () => Promise<unknown>]>([
    ['its person takes it away', () => tablet.send(removePin, { body: { id: newId() } })],
    [
      'they sign out that device',
      async () => {
        const { devices } = await tablet.send(listDevices);
        const device = devices.find((each) => each.here)?.device ?? '';
        return tablet.send(endDevice, { params: { device }, body: { id: newId() } });
      },
    ],
    [
      'they change their code',
      () => tablet.send(changeSecret, { body: { id: newId(), current: SECRET, secret: SECRET } }),
    ],
  ])('is gone when %s', async (_what, act) => {
    await act();
    expect(await refusalOf(enter(PIN))).toBe('401 session.refused');
    world.clock.now += 16 * 60_000;
  });
});
