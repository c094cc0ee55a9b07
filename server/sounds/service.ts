import { createHash } from 'node:crypto';
import type { DataSource } from 'typeorm';
import type { AnswerOf, BodyOf } from '@cadre/contract/http';
import type { addSound, listSounds, Sound } from '@cadre/contract/sounds';
import { readSound } from '@cadre/core/sounds';
import { findBike } from '@cadre/server/fleet';
import { chainOfBike, RefusedError, type EventLog } from '@cadre/server/platform/event-log';
import { requireAct, type Actor } from '@cadre/server/platform/http';
import { soundEntity, type SoundRow } from './entities';
import type { SoundEvents } from './events';

/** What a bike's page shows of them. */
const LISTED = 20;

const soundOf = ({ container: _container, author, at, ...row }: Omit<SoundRow, 'sound'>): Sound => ({
  ...row,
  by: author,
  at: at.getTime(),
});

/** Short recordings of noises: checked by content, size and length, and served as attachments. */
export class Sounds {
  constructor(
    private readonly source: DataSource,
    private readonly log: EventLog<SoundEvents>,
  ) {}

  async add(actor: Actor, bikeId: string, body: BodyOf<typeof addSound>): Promise<Sound> {
    requireAct(actor, 'mark');
    const { id, gear, doing, at } = body;
    const bytes = Buffer.from(body.sound, 'base64');
    const read = readSound(bytes);
    if (read.state !== 'read') throw new RefusedError('sound.refused', { problem: read.state });
    const hash = createHash('sha256').update(bytes).digest('hex');
    const { container, seconds } = read;
    return this.log.act(
      { chain: chainOfBike(bikeId), id, request: { bikeId, gear, doing, at, hash }, author: actor.id },
      async (tx) => {
        await tx.getRepository(soundEntity).insert({
          ...{ id, bikeId, author: actor.id, at: new Date(at), container, seconds, gear, doing, hash },
          sound: bytes,
        });
        return {
          kind: 'sound.added',
          body: { bikeId, soundId: id, seconds, gear, doing, hash },
          happenedAt: at,
        };
      },
      async (tx) => soundOf(await tx.getRepository(soundEntity).findOneByOrFail({ id })),
    );
  }

  async list(actor: Actor, bikeId: string): Promise<AnswerOf<typeof listSounds>> {
    requireAct(actor, 'see');
    await findBike(this.source.manager, bikeId);
    const rows = await this.source
      .getRepository(soundEntity)
      .find({ where: { bikeId }, order: { at: 'DESC', id: 'DESC' }, take: LISTED });
    return { sounds: rows.map(soundOf) };
  }

  async play(actor: Actor, id: string): Promise<Pick<SoundRow, 'container' | 'sound'>> {
    requireAct(actor, 'see');
    const row = await this.source
      .getRepository(soundEntity)
      .findOne({ where: { id }, select: { id: true, container: true, sound: true } });
    if (!row) throw new RefusedError('not-found', { what: 'sound' });
    return row;
  }
}
