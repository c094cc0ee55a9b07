import { Not, type DataSource, type EntityManager } from 'typeorm';
import { v7 as newId } from 'uuid';
import type {
  addPerson,
  changePerson,
  changeSecret,
  resetSecret,
  setCompetence,
} from '@cadre/contract/people';
import type { BodyOf } from '@cadre/contract/http';
import { type System } from '@cadre/core/catalogue';
import { PROGRAM_CHAIN, RefusedError, type EventLog } from '@cadre/server/platform/event-log';
import { requireAct, type Actor } from '@cadre/server/platform/http';
import { personEntity, type PersonRow } from './entities';
import { sealNames } from './names';
import { rightSecret, saveSecret } from './secrets';
import { endSessionsOf } from './sessions';
import type { PeopleEvents } from './events';

/** Somebody has to be able to change the program: the last lead stays one. The lock on the program's chain makes two at once one after the other. */
async function refuseLastLead(tx: EntityManager, id: string): Promise<void> {
  const others = await tx.getRepository(personEntity).countBy({ role: 'lead', active: true, id: Not(id) });
  if (others === 0) throw new RefusedError('person.last-lead');
}

export class People {
  constructor(
    private readonly source: DataSource,
    private readonly log: EventLog<PeopleEvents>,
    private readonly now: () => number,
  ) {}

  async one(id: string): Promise<PersonRow> {
    return this.source.getRepository(personEntity).findOneByOrFail({ id });
  }

  async list(actor: Actor): Promise<readonly PersonRow[]> {
    requireAct(actor, 'see');
    return this.source.getRepository(personEntity).find({ order: { name: 'ASC' } });
  }

  async add(actor: Actor, body: BodyOf<typeof addPerson>): Promise<PersonRow> {
    requireAct(actor, 'edit-program');
    const { id, role, trainee, name, signInName } = body;
    return this.log.act(
      // Names are no part of what is kept of the request: a guess at one could be tried against it.
      { chain: PROGRAM_CHAIN, id, request: { id, role, trainee }, author: actor.id },
      async (tx) => {
        if (await tx.getRepository(personEntity).existsBy({ signInName: body.signInName }))
          throw new RefusedError(
            'sign-in-name.taken',
            { signInName: body.signInName },
            { fields: [{ path: 'signInName', code: 'taken' }] },
          );
        await saveSecret(tx, body.id, body.secret);
        return {
          kind: 'person.added',
          body: { personId: id, sealed: await sealNames(tx, id, { name, signInName }), role, trainee },
        };
      },
      async (tx) => {
        const person = await tx.getRepository(personEntity).findOneByOrFail({ id });
        if (!person.nameless && (person.name !== name || person.signInName !== signInName))
          throw new RefusedError('conflict.id-reused', { id }, { current: person });
        return person;
      },
    );
  }

  async change(actor: Actor, id: string, body: BodyOf<typeof changePerson>): Promise<PersonRow> {
    requireAct(actor, 'edit-program');
    return this.log.act(
      { chain: PROGRAM_CHAIN, id: body.id, request: { personId: id, ...body }, author: actor.id },
      async (tx) => {
        const person = await tx.getRepository(personEntity).findOneBy({ id });
        if (!person) throw new RefusedError('not-found', { what: 'person' });
        if (person.version !== body.version)
          throw new RefusedError('conflict.version', {}, { current: person });
        if (person.nameless && body.active) throw new RefusedError('person.nameless');
        const leads = person.role === 'lead' && person.active;
        if (leads && !(body.role === 'lead' && body.active)) await refuseLastLead(tx, id);
        // A session from before they left must not be valid again when they return.
        if (!body.active) await endSessionsOf(tx, id, this.now());
        return {
          kind: 'person.changed',
          body: { personId: id, role: body.role, trainee: body.trainee, active: body.active },
        };
      },
      (tx) => tx.getRepository(personEntity).findOneByOrFail({ id }),
    );
  }

  /** Changes one's own secret. The current one is asked for, so that a tablet left signed in is not enough; other sessions end. */
  async changeSecret(actor: Actor, body: BodyOf<typeof changeSecret>, token: string | null): Promise<void> {
    await this.log.act(
      { chain: PROGRAM_CHAIN, id: body.id, request: { personId: actor.id }, author: actor.id },
      async (tx) => {
        if (!(await rightSecret(tx, actor.id, body.current)))
          throw new RefusedError(
            'session.current-secret-wrong',
            {},
            { fields: [{ path: 'current', code: 'wrong' }] },
          );
        await saveSecret(tx, actor.id, body.secret);
        await endSessionsOf(tx, actor.id, this.now(), token);
        return { kind: 'person.secret-changed', body: { personId: actor.id, by: 'person' } };
      },
      () => Promise.resolve(),
    );
  }

  /** A secret for one sign-in, from the lead, for somebody who forgot theirs. */
  async resetSecret(actor: Actor, id: string, body: BodyOf<typeof resetSecret>): Promise<PersonRow> {
    requireAct(actor, 'edit-program');
    return this.log.act(
      { chain: PROGRAM_CHAIN, id: body.id, request: { personId: id }, author: actor.id },
      async (tx) => {
        if (!(await tx.getRepository(personEntity).existsBy({ id })))
          throw new RefusedError('not-found', { what: 'person' });
        await saveSecret(tx, id, body.secret, true);
        await endSessionsOf(tx, id, this.now());
        return { kind: 'person.secret-changed', body: { personId: id, by: 'lead' } };
      },
      (tx) => tx.getRepository(personEntity).findOneByOrFail({ id }),
    );
  }

  /** A secret for one sign-in from whoever runs the server, when no lead can sign in. Somebody who left is let in again. Answers whether there is such a person. */
  async recover(signInName: string, secret: string): Promise<boolean> {
    const person = await this.source.getRepository(personEntity).findOneBy({ signInName });
    if (!person || person.nameless) return false;
    const { id, role, trainee } = person;
    await this.log.act(
      { chain: PROGRAM_CHAIN, id: newId(), request: { personId: id }, author: null },
      async (tx) => {
        await saveSecret(tx, id, secret, true);
        await endSessionsOf(tx, id, this.now());
        const changed = { personId: id, role, trainee, active: true };
        return [
          ...(person.active ? [] : [{ kind: 'person.changed' as const, body: changed }]),
          { kind: 'person.secret-changed' as const, body: { personId: id, by: 'operator' as const } },
        ];
      },
      () => Promise.resolve(),
    );
    return true;
  }

  /** Signs a person off for a system of the bike, or takes it back. Said again it changes nothing. */
  async setCompetence(
    actor: Actor,
    id: string,
    system: System,
    body: BodyOf<typeof setCompetence>,
  ): Promise<PersonRow> {
    requireAct(actor, 'edit-program');
    return this.log.act(
      { chain: PROGRAM_CHAIN, id: body.id, request: { personId: id, system, ...body }, author: actor.id },
      async (tx) => {
        const person = await tx.getRepository(personEntity).findOneBy({ id });
        if (!person) throw new RefusedError('not-found', { what: 'person' });
        const signed = person.competences.some((each) => each.system === system);
        if (signed === body.signed) return [];
        return {
          kind: 'person.competence',
          body: { personId: id, system, signed: body.signed },
          happenedAt: body.at,
        };
      },
      (tx) => tx.getRepository(personEntity).findOneByOrFail({ id }),
    );
  }
}
