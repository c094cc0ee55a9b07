import { createHash } from 'node:crypto';
import { LessThan, type DataSource, type EntityManager } from 'typeorm';
import type { AnswerOf, QueryOf } from '@cadre/contract/http';
import type { addPhoto, listPhotos, Photo, PhotoOf } from '@cadre/contract/photos';
import { itemContent } from '@cadre/core/authorship';
import { PHOTO_LIMITS } from '@cadre/core/photos';
import { findBike } from '@cadre/server/fleet';
import { requireAct, type Actor } from '@cadre/server/platform/http';
import { authorOf } from '@cadre/server/people';
import { chainOfBike, RefusedError, type EventLog } from '@cadre/server/platform/event-log';
import { photoEntity, type PhotoRow } from './entities';
import { reEncode } from './re-encode';
import type { PhotoEvents } from './events';

type Listed = Omit<PhotoRow, 'whole' | 'small'>;

function photoOfRow({
  id,
  bikeId,
  checkId,
  checkpoint,
  position,
  author,
  at,
  width,
  height,
  hash,
  shapes,
}: Listed): Photo {
  return {
    id,
    bikeId,
    checkId,
    checkpoint,
    position,
    by: author,
    at: at.getTime(),
    width,
    height,
    hash,
    shapes,
  };
}

/** Photos of what was looked at: taken at the stand, kept without where they were taken, shown beside the same place next time. */
export class Photos {
  constructor(
    private readonly source: DataSource,
    private readonly log: EventLog<PhotoEvents>,
  ) {}

  async add(actor: Actor, id: string, said: PhotoOf, bytes: unknown): Promise<AnswerOf<typeof addPhoto>> {
    requireAct(actor, 'mark');
    // What was sent as no picture was not read as one.
    if (!Buffer.isBuffer(bytes) || bytes.length === 0) throw new RefusedError('photo.no-picture');
    const { proof, ...of } = said;
    // The check may be known by another id here than where the photo was taken.
    const { checkId: _check, ...signed } = of;
    const picture = createHash('sha256').update(bytes).digest('hex');
    // Before the record is locked: encoding takes its time.
    const encoded = await reEncode(bytes);
    const { hash, width, height } = encoded;
    return this.log.act(
      { chain: chainOfBike(of.bikeId), id, request: { ...of, hash }, author: of.author },
      async (tx) => {
        await authorOf(tx, actor, 'mark', {
          kind: 'photo',
          id,
          author: of.author,
          content: itemContent({ id, picture }, signed),
          proof,
        });
        await this.refuseMany(tx, of);
        const { bikeId, checkId, checkpoint, position, shapes } = of;
        await tx.getRepository(photoEntity).insert({
          id,
          bikeId,
          checkId,
          checkpoint,
          position,
          author: of.author,
          at: new Date(of.at),
          ...encoded,
          shapes,
        });
        return {
          kind: 'photo.added',
          body: {
            bikeId,
            photoId: id,
            checkId,
            checkpoint,
            position,
            by: of.author,
            width,
            height,
            hash,
            shapes,
            ...(of.author === actor.id ? {} : { deliveredBy: actor.id }),
          },
          happenedAt: of.at,
        };
      },
      async (tx) => photoOfRow(await tx.getRepository(photoEntity).findOneByOrFail({ id })),
    );
  }

  private async refuseMany(
    tx: EntityManager,
    { bikeId, checkId, checkpoint, position, at }: PhotoOf,
  ): Promise<void> {
    const taken = (
      await tx
        .getRepository(photoEntity)
        .find({ where: { bikeId, checkpoint, position }, select: { id: true, checkId: true, at: true } })
    ).filter((photo) =>
      checkId === null
        ? Math.abs(photo.at.getTime() - at) < PHOTO_LIMITS.sittingMs
        : photo.checkId === checkId,
    );
    if (taken.length >= PHOTO_LIMITS.perLook)
      throw new RefusedError('photo.too-many', { most: PHOTO_LIMITS.perLook });
  }

  async list(
    actor: Actor,
    bikeId: string,
    query: QueryOf<typeof listPhotos>,
  ): Promise<AnswerOf<typeof listPhotos>> {
    requireAct(actor, 'see');
    await findBike(this.source.manager, bikeId);
    const { checkpoint, position, before, most } = query;
    const rows = await this.source.getRepository(photoEntity).find({
      where: {
        bikeId,
        ...(checkpoint ? { checkpoint } : {}),
        ...(position ? { position } : {}),
        ...(before === undefined ? {} : { at: LessThan(new Date(before)) }),
      },
      order: { at: 'DESC', id: 'DESC' },
      take: most + 1,
    });
    const photos = rows.slice(0, most).map(photoOfRow);
    return { photos, next: rows.length > most ? (photos.at(-1)?.at ?? null) : null };
  }

  /** The bytes of a picture. */
  async show(actor: Actor, id: string, size: 'whole' | 'small'): Promise<Buffer> {
    requireAct(actor, 'see');
    const row = await this.source
      .getRepository(photoEntity)
      .findOne({ where: { id }, select: { id: true, [size]: true } });
    if (!row) throw new RefusedError('not-found', { what: 'photo' });
    return row[size];
  }
}
