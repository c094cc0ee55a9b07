import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { createHash } from 'node:crypto';
import sharp from 'sharp';
import { v7 as newId } from 'uuid';
import type { Bike } from '@cadre/contract/fleet';
import { listPhotos, type Photo, type PhotoOf } from '@cadre/contract/photos';
import { timeline } from '@cadre/contract/timeline';
import { PHOTO_LIMITS } from '@cadre/core/photos';
import { verify, rebuild } from '@cadre/server/app';
import { World } from '../../testing/world';
import { Writer } from '../../testing/writer';

let world: World;
let bike: Bike;
beforeAll(async () => {
  world = await World.open();
  bike = await world.bike('F1');
});
afterAll(() => world.close());

const picture = (width: number, height: number) =>
  sharp({ create: { width, height, channels: 3, background: { r: 20, g: 90, b: 140 } } });
const jpeg = (width = 900, height = 600): Promise<Buffer> => picture(width, height).jpeg().toBuffer();
async function upload(
  bytes: Buffer | string,
  of: Partial<PhotoOf> = {},
  more: { by?: string; id?: string; type?: string } = {},
) {
  const { by = 'inspector', id = newId(), type = 'image/jpeg' } = more;
  const said = {
    bikeId: bike.id,
    checkId: null,
    checkpoint: 'rim',
    position: 'front',
    author: world.idOf(by),
    at: world.clock.now,
    shapes: [],
    ...of,
  };
  const response = await world
    .as(by)
    .raw('POST', `/api/v1/photos/${id}?of=${encodeURIComponent(JSON.stringify(said))}`, bytes, {
      'content-type': type,
    });
  const body = (await response.json()) as Photo & {
    code?: string;
    params?: Record<string, unknown>;
    fields?: { path: string }[];
  };
  return { status: response.status, body, id };
}
const show = async (id: string, size: 'whole' | 'small', by = 'desk') => {
  const response = await world.as(by).raw('GET', `/api/v1/photos/${id}/${size}`);
  return {
    status: response.status,
    headers: response.headers,
    bytes: Buffer.from(await response.arrayBuffer()),
  };
};

describe('a photo', () => {
  it('is kept upright, shrunk and without anything but the picture, with what was drawn on it beside it', async () => {
    // Taken with the phone on its side, and with a place in it.
    const taken = await picture(2400, 1800)
      .withMetadata({ orientation: 6 })
      .withExif({ IFD0: { Copyright: 'somewhere by the water' }, IFD3: { GPSLatitude: '51/1 0/1 0/1' } })
      .jpeg()
      .toBuffer();
    expect((await sharp(taken).metadata()).exif?.toString('latin1')).toContain('somewhere by the water');
    const shapes = [{ kind: 'circle' as const, from: { x: 0.2, y: 0.2 }, to: { x: 0.4, y: 0.5 } }];
    const { status, body } = await upload(taken, { shapes });
    expect(status).toBe(200);
    expect(body).toMatchObject({ width: 1200, height: 1600, shapes, by: world.idOf('inspector') });
    const { bytes, headers } = await show(body.id, 'whole');
    const kept = await sharp(bytes).metadata();
    expect(kept).toMatchObject({ format: 'jpeg', width: 1200, height: 1600 });
    expect([kept.exif, kept.icc, kept.xmp, kept.orientation]).toEqual([
      undefined,
      undefined,
      undefined,
      undefined,
    ]);
    expect(bytes.toString('latin1')).not.toContain('somewhere by the water');
    expect(bytes.length).toBeLessThanOrEqual(PHOTO_LIMITS.keptMost);
    expect([headers.get('content-type'), headers.get('cache-control')]).toEqual([
      'image/jpeg',
      'private, max-age=31536000, immutable',
    ]);
    expect(await sharp((await show(body.id, 'small')).bytes).metadata()).toMatchObject({
      width: 240,
      height: 320,
    });
  });

  it('sent twice is there once; another under its id is refused', async () => {
    const [bytes, id] = [await jpeg(), newId()];
    const first = await upload(bytes, { at: 5000 }, { id });
    expect((await upload(bytes, { at: 5000 }, { id })).body).toEqual(first.body);
    expect((await upload(await jpeg(300, 200), { at: 5000 }, { id })).body.code).toBe('conflict.id-reused');
    expect(
      (await world.as('desk').send(listPhotos, { params: { id: bike.id } })).photos.filter(
        (photo) => photo.id === id,
      ),
    ).toHaveLength(1);
  });

  it.each([
    [
      'text that calls itself one',
      () => Promise.resolve(Buffer.from('no picture at all')),
      422,
      'photo.no-picture',
    ],
    ['a picture that breaks off', async () => (await jpeg()).subarray(0, 900), 422, 'photo.no-picture'],
    [
      'a drawing with script in it',
      () => Promise.resolve(Buffer.from('<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"/>')),
      422,
      'photo.no-picture',
    ],
    ['one 12,000 pixels wide', () => picture(12_000, 4).png().toBuffer(), 422, 'photo.too-wide'],
    ['one of 81 million pixels', () => picture(9000, 9000).png().toBuffer(), 422, 'photo.too-wide'],
    ['one of 80 MB', () => Promise.resolve(Buffer.alloc(80_000_000, 1)), 413, 'body.too-large'],
  ])('%s is refused with what to do', async (_what, make, status, code) => {
    const answer = await upload(await make(), { checkpoint: 'spokes' });
    expect([answer.status, answer.body.code]).toEqual([status, code]);
    expect(
      (
        await world
          .as('desk')
          .send(listPhotos, { params: { id: bike.id }, query: { checkpoint: 'spokes', most: 5 } })
      ).photos,
    ).toEqual([]);
  });

  it('sent as something else, or of what is none, is refused by field', async () => {
    expect((await upload('{}', {}, { type: 'application/json' })).body.code).toBe('photo.no-picture');
    expect(
      (await upload(await jpeg(), { checkpoint: 'No Such!' })).body.fields?.map((field) => field.path),
    ).toEqual(['of.checkpoint']);
    expect((await upload(await jpeg(), { bikeId: newId() })).body.code).toBe('not-found');
    expect((await show(newId(), 'whole')).status).toBe(404);
  });

  it('is taken by whoever marks, under their own name', async () => {
    expect((await upload(await jpeg(), {}, { by: 'desk' })).body.code).toBe('act.not-allowed');
    expect((await upload(await jpeg(), { author: world.idOf('desk') })).body.code).toBe('author.unproven');
    expect(
      (
        await upload(
          await jpeg(40, 30),
          { author: world.idOf('trainee'), checkpoint: 'bars', position: 'only' },
          { by: 'trainee' },
        )
      ).body.by,
    ).toBe(world.idOf('trainee'));
  });

  it('signed by its author may come through another session, and with another picture it may not', async () => {
    const other = await world.bike('F9');
    const writer = await new Writer(world.idOf('trainee')).bind(world.as('trainee'));
    const [bytes, another] = [await jpeg(44, 33), await jpeg(45, 33)];
    const [id, checkId] = [newId(), newId()];
    const said = { bikeId: other.id, checkpoint: 'rim', position: 'front' as const, shapes: [] };
    const of = { ...said, author: writer.author, at: world.clock.now };
    const picture = createHash('sha256').update(bytes).digest('hex');
    const proof = writer.prove('photo', { picture, id, ...of });
    expect((await upload(another, { ...of, checkId, proof }, { id })).body.code).toBe('author.unproven');
    expect((await upload(bytes, { ...of, checkId, proof }, { id })).body.by).toBe(writer.author);
    const { entries } = await world.as('lead').send(timeline, { params: { id: other.id }, query: {} });
    expect(entries.find((each) => each.kind === 'photo.added')?.body).toMatchObject({
      deliveredBy: world.idOf('inspector'),
    });
  });

  it('of one look in one sitting there are six at most', async () => {
    const other = await world.bike('F2');
    const codes = [];
    for (let taken = 0; taken < 7; taken += 1)
      codes.push(
        (
          await upload(await jpeg(60 + taken, 40), {
            bikeId: other.id,
            checkpoint: 'hanger',
            position: 'only',
          })
        ).body.code,
      );
    expect(codes).toEqual([...Array<undefined>(6).fill(undefined), 'photo.too-many']);
    expect(
      (
        await upload(await jpeg(), {
          bikeId: other.id,
          checkpoint: 'hanger',
          position: 'only',
          at: world.clock.now + 7 * 3_600_000,
        })
      ).status,
    ).toBe(200);
  });

  it('stands among those of its bike, the newest first, page by page, and of one look alone', async () => {
    const other = await world.bike('F3');
    for (const [at, checkpoint] of [
      [1000, 'rim'],
      [3000, 'rim'],
      [2000, 'spokes'],
    ] as const)
      await upload(await jpeg(50 + at / 1000, 40), { bikeId: other.id, at, checkpoint });
    const list = async (query: object) => {
      const { photos, next } = await world
        .as('desk')
        .send(listPhotos, { params: { id: other.id }, query: { most: 2, ...query } });
      return [photos.map((photo) => photo.at), next];
    };
    expect(await list({})).toEqual([[3000, 2000], 2000]);
    expect(await list({ before: 2000 })).toEqual([[1000], null]);
    expect(await list({ checkpoint: 'rim', position: 'front' })).toEqual([[3000, 1000], null]);
  });

  it('is part of the record: on the timeline, outliving a rebuild, and missed when its bytes change', async () => {
    const { entries } = await world.as('desk').send(timeline, { params: { id: bike.id } });
    expect(entries.some((entry) => entry.kind === 'photo.added')).toBe(true);
    const count = async () => await world.database.owner.query<unknown>('SELECT COUNT(*) AS n FROM photo');
    const before = await count();
    await rebuild(world.database.source);
    expect(await count()).toEqual(before);
    expect((await verify(world.database.source)).faults).toEqual([]);
    await expect(world.database.source.query('DELETE FROM photo LIMIT 1')).rejects.toThrow(/denied/);
    const [{ id }] = await world.database.owner.query<[{ id: string }]>('SELECT id FROM photo LIMIT 1');
    await world.database.owner.query('UPDATE photo SET whole = CONCAT(whole, 0x00) WHERE id = ?', [id]);
    expect((await verify(world.database.source)).faults.map((fault) => fault.what)).toEqual([
      'its photo was altered or removed',
    ]);
  });
});
