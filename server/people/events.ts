import type { System } from '@cadre/core/catalogue';
import type { Role } from '@cadre/core/people';
import type { Projections } from '@cadre/server/platform/event-log';
import { nameKeyEntity, personEntity, writerEntity } from './entities';
import { nameless, openNames } from './names';

export interface PeopleEvents {
  /** The names are sealed under the person's own key; in entries from before that was done they stand as they are. */
  'person.added': { personId: string; role: Role; trainee: boolean } & (
    { sealed: string } | { name: string; signInName: string }
  );
  'person.name-removed': { personId: string };
  'person.changed': { personId: string; role: Role; trainee: boolean; active: boolean };
  /** The secret itself is no part of the record. */
  'person.secret-changed': { personId: string; by: 'person' | 'lead' | 'operator' };
  /** A key of this person, by which what they say on that browser is shown to be theirs. */
  'person.writer-bound': { personId: string; writerId: string; publicKey: string };
  'person.competence': { personId: string; system: System; signed: boolean };
}

export const peopleProjections: Projections<PeopleEvents> = {
  async 'person.added'(tx, { body }) {
    const { personId: id, role, trainee } = body;
    const names =
      'sealed' in body
        ? await openNames(tx, id, body.sealed)
        : { name: body.name, signInName: body.signInName };
    await tx.getRepository(personEntity).insert({
      ...{ id, ...names, role, trainee },
      ...{ active: true, version: 1, competences: [], nameless: false },
    });
  },
  async 'person.name-removed'(tx, { body: { personId: id } }) {
    await tx.getRepository(nameKeyEntity).delete({ personId: id });
    await tx
      .getRepository(personEntity)
      .update({ id }, { ...nameless(id), active: false, nameless: true, version: () => 'version + 1' });
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
