import type { Projections } from '@cadre/server/platform/event-log';
import { personEntity } from './entities';
import type { PeopleEvents } from './events';

export const peopleProjections: Projections<PeopleEvents> = {
  async 'person.added'(tx, { body: { personId: id, ...rest } }) {
    await tx.getRepository(personEntity).insert({ id, ...rest, active: true, version: 1, competences: [] });
  },
  async 'person.changed'(tx, { body: { personId: id, ...rest } }) {
    await tx.getRepository(personEntity).update({ id }, { ...rest, version: () => 'version + 1' });
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
