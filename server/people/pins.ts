import { hash, verify } from '@node-rs/argon2';
import type { DataSource, EntityManager } from 'typeorm';
import type { setPin } from '@cadre/contract/people';
import type { BodyOf } from '@cadre/contract/http';
import { PIN } from '@cadre/core/people';
import { RefusedError } from '@cadre/server/platform/event-log';
import { NO_DEVICE, requireCode, type Actor } from '@cadre/server/platform/http';
import { quickPinEntity, type PersonRow } from './entities';
import { rightSecret } from './secrets';

/** A PIN has ten thousand forms: whoever has guessed so often has to know the code. */
const MOST_WRONG = 5;

/** Short numbers by which people sign in on a browser they know. They open no key and reach no act of the lead's. */
export class Pins {
  constructor(private readonly source: DataSource) {}

  has(personId: string, device: string): Promise<boolean> {
    return this.source.getRepository(quickPinEntity).existsBy({ personId, device });
  }

  /** Sets one's own on this browser. The code is asked for, so that a tablet left signed in is not enough. */
  async set(actor: Actor, { pin, current }: BodyOf<typeof setPin>): Promise<void> {
    requireCode(actor);
    if (actor.device === NO_DEVICE) throw new RefusedError('session.no-device');
    if (!(await rightSecret(this.source.manager, actor.id, current)))
      throw new RefusedError(
        'session.current-secret-wrong',
        {},
        { fields: [{ path: 'current', code: 'wrong' }] },
      );
    const { id: personId, device } = actor;
    await this.source
      .getRepository(quickPinEntity)
      .save({ personId, device, hash: await hash(pin), failures: 0 });
  }

  async remove(actor: Actor): Promise<void> {
    await removePins(this.source.manager, actor.id, actor.device);
  }

  /** Whether this is the person's PIN here; null where there is none, or what was typed is no PIN. A guess is counted, under the row's lock, before it is tried. */
  async isRight(person: PersonRow, device: string, typed: string): Promise<boolean | null> {
    if (!PIN.test(typed)) return null;
    const place = { personId: person.id, device };
    const row = await this.source.transaction(async (tx) => {
      const pins = tx.getRepository(quickPinEntity);
      const found = await pins.findOne({ where: place, lock: { mode: 'pessimistic_write' } });
      if (found && found.failures < MOST_WRONG) await pins.update(place, { failures: found.failures + 1 });
      return found;
    });
    if (!row) return null;
    const right = row.failures < MOST_WRONG && (await verify(row.hash, typed));
    if (right) await this.source.getRepository(quickPinEntity).update(place, { failures: 0 });
    else if (row.failures >= MOST_WRONG - 1) {
      await removePins(this.source.manager, person.id, device);
      throw new RefusedError('session.pin-gone');
    }
    return right;
  }
}

/** Takes a person's PINs away: on one browser, or on all. */
export async function removePins(tx: EntityManager, personId: string, device?: string): Promise<void> {
  await tx.getRepository(quickPinEntity).delete({ personId, ...(device === undefined ? {} : { device }) });
}
