import { DAY_MS, MINUTE_MS } from '@cadre/core/time';
import { randomBytes } from 'node:crypto';
import { hash, verify } from '@node-rs/argon2';
import { In, IsNull, LessThan, Not, type DataSource, type EntityManager } from 'typeorm';
import type { AnswerOf } from '@cadre/contract/http';
import type { listDevices, Session } from '@cadre/contract/people';
import { signInName as signInNameSchema } from '@cadre/contract/people/schemas';
import { RefusedError, sha256 } from '@cadre/server/platform/event-log';
import { NO_DEVICE, type Actor } from '@cadre/server/platform/http';
import {
  credentialEntity,
  type CredentialRow,
  personEntity,
  programEntity,
  sessionEntity,
  throttleEntity,
  type PersonRow,
  type SessionRow,
} from './entities';
import { removePins, type Pins } from './pins';
import { endWriterOf, endWritersOf } from './writers';

const IDLE_MS = 12 * 60 * MINUTE_MS;
const ABSOLUTE_MS = 14 * 24 * 60 * MINUTE_MS;
const THROTTLE_SPAN_MS = 15 * MINUTE_MS;
const MOST = { name: 6, address: 60 };
/** How long an ended session is remembered: what was marked in it may still be delivered from its device. */
const REMEMBERED_MS = 90 * DAY_MS;

interface Throttle {
  readonly key: string;
  readonly most: number;
}

/** A hash nobody's secret has, so that an unknown name takes as long to refuse as a wrong secret. */
const NOBODY = hash(randomBytes(16).toString('hex'));

/** Ends every session of a person except the one of this token, and what their keys elsewhere can show from now on. */
export async function endSessionsOf(
  tx: EntityManager,
  personId: string,
  now: number,
  but: string | null = null,
): Promise<void> {
  await endWritersOf(tx, personId, now, but);
  await removePins(tx, personId);
  await tx
    .getRepository(sessionEntity)
    .update(
      { personId, endedAt: IsNull(), ...(but ? { tokenHash: Not(sha256(but)) } : {}) },
      { endedAt: new Date(now) },
    );
}

/** Sign-in, sessions and the throttle, all in the database so that any number of servers agree. */
export class Sessions {
  constructor(
    private readonly source: DataSource,
    private readonly now: () => number,
    private readonly pins: Pins,
  ) {}

  /** Signs a person in and gives the token of a fresh session. The old one of this browser, if any, ends. */
  async signIn(input: {
    signInName: string;
    secret: string;
    device: string;
    kind: SessionRow['kind'];
    address: string;
    oldToken: string | null;
    /** Of the last item of whoever was at this browser until now. */
    oldCounter?: number | undefined;
  }): Promise<{ token: string; session: Session }> {
    // What nobody can be called is nobody's name: it is refused like any other.
    const isName = signInNameSchema.safeParse(input.signInName).success;
    const person = isName
      ? await this.source
          .getRepository(personEntity)
          .findOneBy({ signInName: input.signInName, active: true })
      : null;
    // Strangers who guess at a name cannot lock its owner out of a device they have signed in on before.
    const isKnown = person !== null && (await this.knows(person.id, input.device));
    const throttles = [
      ...(isName
        ? [
            {
              key: isKnown ? `device:${person.id}:${input.device}` : `name:${input.signInName}`,
              most: MOST.name,
            },
          ]
        : []),
      { key: `address:${input.address}`, most: MOST.address },
    ];
    const signedIn = await this.limited(throttles, async () => {
      if (person && (await this.pins.isRight(person, input.device, input.secret)))
        return { person, quick: true };
      const credential = person
        ? await this.source.getRepository(credentialEntity).findOneBy({ personId: person.id })
        : null;
      const right = await verify(credential?.hash ?? (await NOBODY), input.secret);
      if (!person || !credential || !right) throw new RefusedError('session.refused');
      return { person, quick: false };
    });
    if (input.oldToken) await this.end(input.oldToken, input.oldCounter);
    return this.begin(signedIn.person, { ...input, quick: signedIn.quick });
  }

  /** Somebody at a tablet that is signed in guesses at a person's code no oftener than a stranger does. */
  limitedFor<T>(personId: string, attempt: () => Promise<T>): Promise<T> {
    return this.limited([{ key: `change:${personId}`, most: MOST.name }], attempt);
  }

  private async limited<T>(throttles: readonly Throttle[], attempt: () => Promise<T>): Promise<T> {
    await this.count(throttles);
    const result = await attempt();
    await this.uncount(throttles);
    return result;
  }

  async begin(
    person: PersonRow,
    { device, kind, quick = false }: Pick<SessionRow, 'device' | 'kind'> & { readonly quick?: boolean },
  ): Promise<{ token: string; session: Session }> {
    const token = randomBytes(32).toString('base64url');
    const now = new Date(this.now());
    await this.source.getRepository(sessionEntity).insert({
      tokenHash: sha256(token),
      personId: person.id,
      device,
      kind,
      writerId: null,
      quick,
      startedAt: now,
      seenAt: now,
      endedAt: null,
    });
    return { token, session: await this.describe(person, { device, quick }) };
  }

  async describe(
    person: PersonRow,
    { device, quick = false }: Pick<Actor, 'device' | 'quick'>,
  ): Promise<Session> {
    const program = await this.source.getRepository(programEntity).findOneOrFail({ where: {} });
    const credential = await this.source.getRepository(credentialEntity).findOneBy({ personId: person.id });
    return {
      person,
      programName: program.name,
      demo: program.demo,
      now: this.now(),
      mustChangeSecret: credential?.oneTime ?? false,
      quick,
      hasPin: await this.pins.has(person.id, device),
    };
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
      .innerJoinAndMapOne(
        'session.credential',
        'credential',
        'credential',
        'credential.personId = session.personId',
      )
      .where('session.tokenHash = :hash AND session.endedAt IS NULL', { hash: sha256(token) })
      .getOne()) as (SessionRow & { readonly person: PersonRow; readonly credential: CredentialRow }) | null;
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
        mustChangeSecret: row.credential.oneTime,
        quick: row.quick,
      },
    };
  }

  /** Which of these sessions, by the digests of their tokens, go on; whoever listens in one is using it. */
  async goingOn(digests: readonly string[]): Promise<ReadonlySet<string>> {
    if (digests.length === 0) return new Set();
    const now = this.now();
    const rows = await this.source.query<{ tokenHash: string; seenAt: Date }[]>(
      'SELECT s.tokenHash, s.seenAt FROM session s JOIN person p ON p.id = s.personId AND p.active = 1 WHERE s.tokenHash IN (?) AND s.endedAt IS NULL AND s.seenAt >= ? AND s.startedAt >= ?',
      [digests, new Date(now - IDLE_MS), new Date(now - ABSOLUTE_MS)],
    );
    const due = rows.filter((row) => now - row.seenAt.getTime() > MINUTE_MS).map((row) => row.tokenHash);
    if (due.length > 0)
      await this.source
        .getRepository(sessionEntity)
        .update({ tokenHash: In(due) }, { seenAt: new Date(now) });
    return new Set(rows.map((row) => row.tokenHash));
  }

  /** Where a person is signed in, the device used last first. */
  async devices(personId: string, here: string): Promise<AnswerOf<typeof listDevices>['devices']> {
    const rows = await this.source
      .getRepository(sessionEntity)
      .find({ where: { personId, endedAt: IsNull() }, order: { seenAt: 'DESC' } });
    const alive = rows.filter(
      (row) =>
        this.now() - row.seenAt.getTime() <= IDLE_MS && this.now() - row.startedAt.getTime() <= ABSOLUTE_MS,
    );
    return [...new Map(alive.map((row) => [row.device, row])).values()].map((row) => ({
      device: row.device,
      kind: row.kind,
      here: row.device === here,
      startedAt: row.startedAt.getTime(),
      seenAt: row.seenAt.getTime(),
    }));
  }

  /** Signs a person out on one device: a tablet that was left or lost. */
  async endDevice(personId: string, device: string): Promise<void> {
    await this.source.transaction(async (tx) => {
      const sessions = tx.getRepository(sessionEntity);
      await removePins(tx, personId, device);
      for (const { tokenHash } of await sessions.findBy({ personId, device, endedAt: IsNull() })) {
        await endWriterOf(tx, tokenHash, undefined, this.now());
        await sessions.update({ tokenHash }, { endedAt: new Date(this.now()) });
      }
    });
  }

  /** Everywhere: whoever has a device of this person is out. */
  async endAll(personId: string): Promise<void> {
    await endSessionsOf(this.source.manager, personId, this.now());
  }

  /** `counter`: of the last item this browser has of the person. */
  async end(token: string, counter?: number): Promise<void> {
    await this.source.transaction(async (tx) => {
      await endWriterOf(tx, sha256(token), counter, this.now());
      await tx
        .getRepository(sessionEntity)
        .update({ tokenHash: sha256(token), endedAt: IsNull() }, { endedAt: new Date(this.now()) });
    });
  }

  private knows(personId: string, device: string): Promise<boolean> {
    return device === NO_DEVICE
      ? Promise.resolve(false)
      : this.source.getRepository(sessionEntity).existsBy({ personId, device });
  }

  /**
   * Counts a guess before it is tried, each count under its row's lock: of any number sent at once no more than the limit are ever tried.
   * Refused, nothing is counted.
   */
  private async count(throttles: readonly Throttle[]): Promise<void> {
    const now = new Date(this.now());
    await this.source.transaction(async (tx) => {
      for (const { key, most } of throttles) {
        // One statement makes the row or takes its lock; asked for in two, two guesses at once would wait for each other.
        await tx.query(
          'INSERT INTO throttle (`key`, failures, since) VALUES (?, 0, ?) ON DUPLICATE KEY UPDATE failures = failures',
          [key, now],
        );
        const row = await tx.getRepository(throttleEntity).findOneByOrFail({ key });
        const since = this.now() - row.since.getTime();
        const failures = since < THROTTLE_SPAN_MS ? row.failures : 0;
        if (failures >= most)
          throw new RefusedError('session.throttled', {
            minutes: Math.ceil((THROTTLE_SPAN_MS - since) / MINUTE_MS),
          });
        await tx
          .getRepository(throttleEntity)
          .update({ key }, { failures: failures + 1, since: failures === 0 ? now : row.since });
      }
    });
  }

  /** The guess was right: the name's count begins anew, the address gets its one back. */
  private async uncount(throttles: readonly Throttle[]): Promise<void> {
    const repository = this.source.getRepository(throttleEntity);
    for (const { key } of throttles)
      if (key.startsWith('address:'))
        await repository.update({ key }, { failures: () => 'GREATEST(failures, 1) - 1' });
      else await repository.delete({ key });
  }

  /** Forgets what nobody needs any more: counts that have run out, sessions long over. */
  async purge(): Promise<void> {
    const before = (ms: number): Date => new Date(this.now() - ms);
    await this.source.getRepository(throttleEntity).delete({ since: LessThan(before(THROTTLE_SPAN_MS)) });
    const sessions = this.source.getRepository(sessionEntity);
    await sessions.delete({ endedAt: LessThan(before(REMEMBERED_MS)) });
    await sessions.delete({ seenAt: LessThan(before(ABSOLUTE_MS + REMEMBERED_MS)) });
  }
}
