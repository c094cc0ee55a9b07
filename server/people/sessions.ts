import { MINUTE_MS } from '@cadre/core/time';
import { randomBytes } from 'node:crypto';
import { hash, verify } from '@node-rs/argon2';
import { IsNull, type DataSource, type EntityManager } from 'typeorm';
import type { Session } from '@cadre/contract/people';
import { signInName as signInNameSchema } from '@cadre/contract/people/schemas';
import { RefusedError, sha256 } from '@cadre/server/platform/event-log';
import type { Actor } from '@cadre/server/platform/http';
import {
  credentialEntity,
  personEntity,
  programEntity,
  sessionEntity,
  throttleEntity,
  type PersonRow,
  type SessionRow,
} from './entities';

const IDLE_MS = 12 * 60 * MINUTE_MS;
const ABSOLUTE_MS = 14 * 24 * 60 * MINUTE_MS;
const THROTTLE_SPAN_MS = 15 * MINUTE_MS;
const MOST_FAILURES = { name: 6, address: 60 };

/** A hash nobody's secret has, so that an unknown name takes as long to refuse as a wrong secret. */
const NOBODY = hash(randomBytes(16).toString('hex'));

export async function keepSecret(tx: EntityManager, personId: string, secret: string): Promise<void> {
  await tx.getRepository(credentialEntity).save({ personId, hash: await hash(secret) });
}

/** Sign-in, sessions and the throttle, all in the database so that any number of servers agree. */
export class Sessions {
  constructor(
    private readonly source: DataSource,
    private readonly now: () => number,
  ) {}

  /** Signs a person in and gives the token of a fresh session. The old one of this browser, if any, ends. */
  async signIn(input: {
    signInName: string;
    secret: string;
    device: string;
    address: string;
    oldToken: string | null;
  }): Promise<{ token: string; session: Session }> {
    // What nobody can be called is nobody's name: it is refused like any other, and only the address is counted.
    const isName = signInNameSchema.safeParse(input.signInName).success;
    const throttles = [
      ...(isName ? [{ key: `name:${input.signInName}`, most: MOST_FAILURES.name }] : []),
      { key: `address:${input.address}`, most: MOST_FAILURES.address },
    ];
    for (const throttle of throttles) await this.refuseWhenThrottled(throttle.key, throttle.most);
    const person = isName
      ? await this.source
          .getRepository(personEntity)
          .findOneBy({ signInName: input.signInName, active: true })
      : null;
    const credential = person
      ? await this.source.getRepository(credentialEntity).findOneBy({ personId: person.id })
      : null;
    const right = await verify(credential?.hash ?? (await NOBODY), input.secret);
    if (!person || !credential || !right) {
      for (const throttle of throttles) await this.countFailure(throttle.key);
      throw new RefusedError('session.refused');
    }
    await this.source.getRepository(throttleEntity).delete({ key: `name:${input.signInName}` });
    if (input.oldToken) await this.end(input.oldToken);
    return this.begin(person, input.device);
  }

  async begin(person: PersonRow, device: string): Promise<{ token: string; session: Session }> {
    const token = randomBytes(32).toString('base64url');
    const now = new Date(this.now());
    await this.source.getRepository(sessionEntity).insert({
      tokenHash: sha256(token),
      personId: person.id,
      device,
      startedAt: now,
      seenAt: now,
      endedAt: null,
    });
    return { token, session: await this.describe(person) };
  }

  async describe(person: PersonRow): Promise<Session> {
    const program = await this.source.getRepository(programEntity).findOneOrFail({ where: {} });
    return { person: person, programName: program.name, demo: program.demo, now: this.now() };
  }

  /** The person behind a token, or null when there is no such session or it has run out. */
  async actorOf(token: string | null): Promise<{ actor: Actor; person: PersonRow } | null> {
    if (!token) return null;
    // One statement: it comes before every request there is.
    const row = (await this.source
      .getRepository(sessionEntity)
      .createQueryBuilder('session')
      .innerJoinAndMapOne(
        'session.person',
        'person',
        'person',
        'person.id = session.personId AND person.active = 1',
      )
      .where('session.tokenHash = :hash AND session.endedAt IS NULL', { hash: sha256(token) })
      .getOne()) as (SessionRow & { readonly person: PersonRow }) | null;
    const now = this.now();
    if (!row || now - row.seenAt.getTime() > IDLE_MS || now - row.startedAt.getTime() > ABSOLUTE_MS)
      return null;
    const { person } = row;
    // Written at most once a minute: a session that is in use need not cost a write each request.
    if (now - row.seenAt.getTime() > MINUTE_MS)
      await this.source
        .getRepository(sessionEntity)
        .update({ tokenHash: row.tokenHash }, { seenAt: new Date(now) });
    return {
      person,
      actor: {
        id: person.id,
        name: person.name,
        role: person.role,
        trainee: person.trainee,
        device: row.device,
      },
    };
  }

  async end(token: string): Promise<void> {
    await this.source
      .getRepository(sessionEntity)
      .update({ tokenHash: sha256(token), endedAt: IsNull() }, { endedAt: new Date(this.now()) });
  }

  private async refuseWhenThrottled(key: string, most: number): Promise<void> {
    const row = await this.source.getRepository(throttleEntity).findOneBy({ key });
    const since = row ? this.now() - row.since.getTime() : 0;
    if (row && row.failures >= most && since < THROTTLE_SPAN_MS)
      throw new RefusedError('session.throttled', {
        minutes: Math.ceil((THROTTLE_SPAN_MS - since) / MINUTE_MS),
      });
  }

  private async countFailure(key: string): Promise<void> {
    const now = new Date(this.now());
    await this.source.query(
      'INSERT INTO throttle (`key`, failures, since) VALUES (?, 1, ?) ON DUPLICATE KEY UPDATE failures = IF(since < ?, 1, failures + 1), since = IF(since < ?, VALUES(since), since)',
      [key, now, new Date(now.getTime() - THROTTLE_SPAN_MS), new Date(now.getTime() - THROTTLE_SPAN_MS)],
    );
  }
}

/**
 * Whether acts of `author` may come from this actor's device. A shared tablet delivers what somebody else
 * marked on it before their session ended; nobody delivers for a person who never signed in there.
 */
export async function mayDeliverFor(tx: EntityManager, actor: Actor, author: string): Promise<boolean> {
  if (author === actor.id) return true;
  return tx.getRepository(sessionEntity).existsBy({ personId: author, device: actor.device });
}
