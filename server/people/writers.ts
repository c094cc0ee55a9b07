import { MINUTE_MS } from '@cadre/core/time';
import { createPublicKey } from 'node:crypto';
import { IsNull, type DataSource, type EntityManager } from 'typeorm';
import type { bindWriter } from '@cadre/contract/people';
import type { BodyOf } from '@cadre/contract/http';
import { PROGRAM_CHAIN, RefusedError, sha256, type EventLog } from '@cadre/server/platform/event-log';
import { requireCode, type Actor } from '@cadre/server/platform/http';
import { sessionEntity, writerEndEntity, writerEntity } from './entities';
import type { PeopleEvents } from './events';

/** Only while the secret was just typed: a tablet left signed in must not get a key of somebody else's making. */
const BIND_WITHIN_MS = 10 * MINUTE_MS;

const isP256 = (publicKey: string): boolean => {
  try {
    const key = createPublicKey({ key: Buffer.from(publicKey, 'base64url'), format: 'der', type: 'spki' });
    return key.asymmetricKeyDetails?.namedCurve === 'prime256v1';
  } catch {
    return false;
  }
};

/** Keys of people on browsers: bound after a sign-in, ended with the session. */
export class Writers {
  constructor(
    private readonly source: DataSource,
    private readonly log: EventLog<PeopleEvents>,
    private readonly now: () => number,
  ) {}

  /** Binds a key to whoever just signed in, or takes up the one bound before on that browser. One a session. */
  async bind(actor: Actor, body: BodyOf<typeof bindWriter>, token: string | null): Promise<void> {
    // Whoever knows only the PIN gets no key that speaks for the person elsewhere.
    requireCode(actor);
    const { id: writerId, publicKey } = body;
    if (!isP256(publicKey))
      throw new RefusedError('body.invalid', {}, { fields: [{ path: 'publicKey', code: 'not-p256' }] });
    const known = await this.source.getRepository(writerEntity).findOneBy({ id: writerId });
    if (known && (known.personId !== actor.id || known.publicKey !== publicKey))
      throw new RefusedError('conflict.id-reused', { id: writerId });
    const tokenHash = sha256(token ?? '');
    const session = await this.source.getRepository(sessionEntity).findOneByOrFail({ tokenHash });
    const fresh = session.writerId === null && this.now() - session.startedAt.getTime() <= BIND_WITHIN_MS;
    if (session.writerId !== writerId && !fresh) throw new RefusedError('writer.bound-late');
    if (!known)
      await this.log.act(
        { chain: PROGRAM_CHAIN, id: writerId, request: { personId: actor.id, publicKey }, author: actor.id },
        () =>
          Promise.resolve({
            kind: 'person.writer-bound',
            body: { personId: actor.id, writerId, publicKey },
          }),
        () => Promise.resolve(),
      );
    await this.source.getRepository(sessionEntity).update({ tokenHash, endedAt: IsNull() }, { writerId });
    await this.source.getRepository(writerEndEntity).delete({ writerId });
  }
}

/** Ends the series of one session where its browser says it was. What it says later is shown to be earlier by nothing. */
export async function endWriterOf(
  tx: EntityManager,
  tokenHash: string,
  counter: number | undefined,
  now: number,
): Promise<void> {
  await tx.query(
    `INSERT INTO writer_end (writerId, counter, endedAt)
     SELECT s.writerId, COALESCE(?, (SELECT MAX(i.counter) FROM signed_item i WHERE i.writerId = s.writerId), 0), ?
     FROM session s WHERE s.tokenHash = ? AND s.endedAt IS NULL AND s.writerId IS NOT NULL
     ON DUPLICATE KEY UPDATE counter = LEAST(writer_end.counter, VALUES(counter))`,
    [counter ?? null, new Date(now), tokenHash],
  );
}

/** Ends every series of a person, but that of one session, at the last item that arrived: nothing else is shown to be earlier. */
export async function endWritersOf(
  tx: EntityManager,
  personId: string,
  now: number,
  but: string | null,
): Promise<void> {
  await tx.query(
    `INSERT INTO writer_end (writerId, counter, endedAt)
     SELECT w.id, COALESCE((SELECT MAX(i.counter) FROM signed_item i WHERE i.writerId = w.id), 0), ?
     FROM writer w WHERE w.personId = ? AND w.id NOT IN (SELECT s.writerId FROM session s WHERE s.tokenHash = ? AND s.writerId IS NOT NULL)
     ON DUPLICATE KEY UPDATE counter = LEAST(writer_end.counter, VALUES(counter))`,
    [new Date(now), personId, sha256(but ?? '')],
  );
}
