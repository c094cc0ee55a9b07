import type { System } from '@cadre/core/catalogue';
import type { Role } from '@cadre/core/people';
import type { Projections } from '@cadre/server/platform/event-log';
import { personEntity, writerEntity } from './entities';

export interface PeopleEvents {
  'person.added': { personId: string; name: string; signInName: string; role: Role; trainee: boolean };
  'person.changed': { personId: string; role: Role; trainee: boolean; active: boolean };
  /** The secret itself is no part of the record. */
  'person.secret-changed': { personId: string; by: 'person' | 'lead' | 'operator' };
  /** A key of this person, by which what they say on that browser is shown to be theirs. */
  'person.writer-bound': { personId: string; writerId: string; publicKey: string };
  'person.competence': { personId: string; system: System; signed: boolean };
}

export const peopleProjections: Projections<PeopleEvents> = {
  async 'person.added'(tx, { body: { personId: id, ...rest } }) {
    await tx.getRepository(personEntity).insert({ id, ...rest, active: true, version: 1, competences: [] });
  },
  async 'person.changed'(tx, { body: { personId: id, ...rest } }) {
    await tx.getRepository(personEntity).update({ id }, { ...rest, version: () => 'version + 1' });
  },
  async 'person.secret-changed'() {
    // Credentials are kept apart from the record; that one was changed is in it.
  },
  async 'person.writer-bound'(tx, { body: { writerId: id, personId, publicKey }, recordedAt }) {
    await tx.getRepository(writerEntity).insert({ id, personId, publicKey, boundAt: new Date(recordedAt) });
  },
  /** In the order of systems signed. */
  async 'person.competence'(tx, { body, author, happenedAt }) {
    const people = tx.getRepository(personEntity);
    const person = await people.findOneByOrFail({ id: body.personId });
    const others = person.competences.filter((each) => each.system !== body.system);
    const competences = body.signed
      ? [...others, { system: body.system, signedBy: author ?? '', signedAt: happenedAt }]
      : others;
    await people.update({ id: body.personId }, { competences });
  },
};
