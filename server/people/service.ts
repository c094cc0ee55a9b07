import type { DataSource } from 'typeorm';
import type { addPerson, changePerson, setCompetence } from '@cadre/contract/people';
import type { BodyOf } from '@cadre/contract/http';
import { type System } from '@cadre/core/catalogue';
import { PROGRAM_CHAIN, RefusedError, type EventLog } from '@cadre/server/platform/event-log';
import { requireAct, type Actor } from '@cadre/server/platform/http';
import { personEntity, type PersonRow } from './entities';
import { keepSecret } from './sessions';
import type { PeopleEvents } from './events';

export class People {
  constructor(
    private readonly source: DataSource,
    private readonly log: EventLog<PeopleEvents>,
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
    const { secret, ...said } = body;
    return this.log.act(
      { chain: PROGRAM_CHAIN, id: body.id, request: said, author: actor.id },
      async (tx) => {
        if (await tx.getRepository(personEntity).existsBy({ signInName: body.signInName }))
          throw new RefusedError(
            'sign-in-name.taken',
            { signInName: body.signInName },
            { fields: [{ path: 'signInName', code: 'taken' }] },
          );
        await keepSecret(tx, body.id, secret);
        return {
          kind: 'person.added',
          body: {
            personId: body.id,
            name: body.name,
            signInName: body.signInName,
            role: body.role,
            trainee: body.trainee,
          },
        };
      },
      (tx) => tx.getRepository(personEntity).findOneByOrFail({ id: body.id }),
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
        return {
          kind: 'person.changed',
          body: { personId: id, role: body.role, trainee: body.trainee, active: body.active },
        };
      },
      (tx) => tx.getRepository(personEntity).findOneByOrFail({ id }),
    );
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
