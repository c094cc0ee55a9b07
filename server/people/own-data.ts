import { v5 as idFrom } from 'uuid';
import { In, MoreThan, type DataSource, type EntityManager } from 'typeorm';
import type { AnswerOf } from '@cadre/contract/http';
import type { personData } from '@cadre/contract/people';
import { DAY_MS } from '@cadre/core/time';
import { entryEntity, PROGRAM_CHAIN, RefusedError, type EventLog } from '@cadre/server/platform/event-log';
import { requireAct, type Actor } from '@cadre/server/platform/http';
import { credentialEntity, personEntity, sessionEntity, type PersonRow } from './entities';
import type { PeopleEvents } from './events';
import { endSessionsOf } from './sessions';

type Data = AnswerOf<typeof personData>;

const PAGE = 1000;

/** What is kept of people as people: told to them, and taken away when nobody needs it any more. The record of the bikes stays. */
export class OwnData {
  constructor(
    private readonly source: DataSource,
    private readonly log: EventLog<PeopleEvents>,
    private readonly now: () => number,
  ) {}

  /** All that is kept of a person, for themselves and for a lead. */
  async export(actor: Actor, id: string): Promise<Data> {
    if (actor.id !== id) requireAct(actor, 'edit-program');
    const person = await this.source.getRepository(personEntity).findOneBy({ id });
    if (!person) throw new RefusedError('not-found', { what: 'person' });
    const sessions = await this.source
      .getRepository(sessionEntity)
      .find({ where: { personId: id }, order: { startedAt: 'ASC' } });
    return {
      writtenAt: this.now(),
      person,
      sessions: sessions.map(({ kind, startedAt, seenAt, endedAt }) => ({
        kind,
        startedAt: startedAt.getTime(),
        seenAt: seenAt.getTime(),
        endedAt: endedAt?.getTime() ?? null,
      })),
      did: await this.didOf(id),
    };
  }

  /** Everything in the record this person did, in its order. */
  private async didOf(author: string): Promise<Data['did']> {
    const did: Data['did'][number][] = [];
    for (let last = 0; ;) {
      const rows = await this.source.getRepository(entryEntity).find({
        where: { author, ordinal: MoreThan(last) },
        order: { ordinal: 'ASC' },
        take: PAGE,
      });
      did.push(
        ...rows.map((row) => ({
          id: row.id,
          kind: row.kind,
          bikeId: row.bikeId,
          happenedAt: row.happenedAt.getTime(),
          recordedAt: row.recordedAt.getTime(),
          body: JSON.parse(row.body) as unknown,
        })),
      );
      if (rows.length < PAGE) return did;
      last = rows.at(-1)?.ordinal ?? last;
    }
  }

  /** Destroys the name of somebody who has left; what they did stays, said by nobody's name. */
  async removeName(actor: Actor, id: string, actId: string): Promise<PersonRow> {
    requireAct(actor, 'edit-program');
    return this.log.act(
      { chain: PROGRAM_CHAIN, id: actId, request: { personId: id }, author: actor.id },
      async (tx) => {
        const person = await tx.getRepository(personEntity).findOneBy({ id });
        if (!person) throw new RefusedError('not-found', { what: 'person' });
        if (person.active) throw new RefusedError('person.still-here');
        return person.nameless ? [] : this.removal(tx, id);
      },
      (tx) => tx.getRepository(personEntity).findOneByOrFail({ id }),
    );
  }

  private async removal(tx: EntityManager, personId: string) {
    await endSessionsOf(tx, personId, this.now());
    await tx.getRepository(sessionEntity).delete({ personId });
    await tx.getRepository(credentialEntity).delete({ personId });
    return { kind: 'person.name-removed' as const, body: { personId } };
  }

  /** Who has no name any more. */
  async removed(): Promise<readonly string[]> {
    const rows = await this.source
      .getRepository(personEntity)
      .find({ where: { nameless: true }, select: { id: true } });
    return rows.map((row) => row.id);
  }

  /** Destroys names once more that were destroyed before: a backup from before brought them back. Answers how many. */
  async removeAgain(ids: readonly string[]): Promise<number> {
    const back = await this.source
      .getRepository(personEntity)
      .find({ where: { id: In([...ids]), nameless: false }, select: { id: true } });
    for (const { id } of back) await this.removeByItself(id);
    return back.length;
  }

  /** What the policy asks: names of people who left so many days ago are destroyed. Null keeps them. */
  async removeOld(days: number | null): Promise<number> {
    if (days === null) return 0;
    const rows = await this.source.query<{ id: string }[]>(
      `SELECT p.id FROM person p WHERE p.active = 0 AND p.nameless = 0
       AND (SELECT MAX(e.recordedAt) FROM entry e WHERE e.kind = 'person.changed' AND JSON_VALUE(e.body, '$.personId') = p.id) < ?`,
      [new Date(this.now() - days * DAY_MS)],
    );
    for (const { id } of rows) await this.removeByItself(id);
    return rows.length;
  }

  /** By nobody, under an id made of the person's: two servers that come to it at once do it once. */
  private async removeByItself(id: string): Promise<void> {
    await this.log.act(
      { chain: PROGRAM_CHAIN, id: idFrom('name-removed', id), request: { personId: id }, author: null },
      (tx) => this.removal(tx, id),
      () => Promise.resolve(),
    );
  }
}
