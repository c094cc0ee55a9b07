import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as newId } from 'uuid';
import { addSound, listSounds } from '@cadre/contract/sounds';
import { oggSound, webmSound } from '@cadre/test-world/builders';
import { refusalOf, START, World } from '../../testing/world';

/** When it was heard. */
const AT = START;
let world: World;
beforeAll(async () => {
  world = await World.open();
});
afterAll(() => world.close());

const base64 = (bytes: Uint8Array): string => Buffer.from(bytes).toString('base64');

describe('a recording of a noise', () => {
  it('is listed with gear and doing, and served as an attachment that is just what was sent', async () => {
    const bike = await world.bike('SN1');
    const bytes = webmSound(4);
    const add = (by: string, sound: string, id = newId()) =>
      world.as(by).send(addSound, {
        params: { id: bike.id },
        body: { id, sound, gear: 'Fourth', doing: 'Out of the saddle, uphill', at: AT },
      });
    const id = newId();
    const added = await add('inspector', base64(bytes), id);
    expect(added).toMatchObject({ id, gear: 'Fourth', seconds: 3.9 });
    // Sent twice it is one.
    expect(await add('inspector', base64(bytes), id)).toEqual(added);
    const { sounds } = await world.as('desk').send(listSounds, { params: { id: bike.id } });
    expect(sounds).toEqual([added]);
    const played = await world.as('desk').raw('GET', `/api/v1/sounds/${id}`);
    expect(played.headers.get('content-type')).toBe('audio/webm');
    expect(played.headers.get('content-disposition')).toMatch(/^attachment/);
    expect(Buffer.from(await played.arrayBuffer()).equals(Buffer.from(bytes))).toBe(true);
    expect(await refusalOf(add('desk', base64(bytes)))).toBe('403 act.not-allowed');
    expect(await refusalOf(add('inspector', base64(oggSound(17))))).toBe('422 sound.refused');
    expect(
      await refusalOf(add('inspector', Buffer.from('<script>alert(1)</script>').toString('base64'))),
    ).toBe('422 sound.refused');
  });
});
