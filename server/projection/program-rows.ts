import type { EntityManager } from 'typeorm';
import { sheetDraftEntity } from '@cadre/server/catalogue/entities';
import { personEntity } from '@cadre/server/people/entities';
import type { EntryBodies } from '@cadre/server/records';

/** The lead signed somebody off for a system of the bike, or took it back. In the order of systems signed. */
export async function competenceSet(
  tx: EntityManager,
  body: EntryBodies['person.competence'],
  author: string,
  at: number,
): Promise<void> {
  const people = tx.getRepository(personEntity);
  const person = await people.findOneByOrFail({ id: body.personId });
  const others = person.competences.filter((each) => each.system !== body.system);
  const competences = body.signed
    ? [...others, { system: body.system, signedBy: author, signedAt: at }]
    : others;
  await people.update({ id: body.personId }, { competences } as object);
}

export async function draftSaved(
  tx: EntityManager,
  body: EntryBodies['sheet.draft-saved'],
  author: string,
  at: Date,
): Promise<void> {
  const drafts = tx.getRepository(sheetDraftEntity);
  const before = await drafts.findOneBy({ key: body.key });
  const version = (before?.version ?? 0) + 1;
  await drafts.save({
    key: body.key,
    base: body.base,
    sheet: body.sheet,
    savedBy: author,
    savedAt: at,
    version,
  });
}
