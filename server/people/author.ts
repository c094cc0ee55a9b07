import type { EntityManager } from 'typeorm';
import type { Act } from '@cadre/core/people';
import { RefusedError } from '@cadre/server/platform/event-log';
import { requireAct, type Actor } from '@cadre/server/platform/http';
import { personEntity, type PersonRow } from './entities';
import { mayDeliverFor } from './sessions';

export type Author = Pick<PersonRow, 'id' | 'role' | 'trainee'>;

/** Who gave it: a person of this program, allowed the act, who has signed in on the device it comes from. */
export async function authorOf(tx: EntityManager, actor: Actor, authorId: string, act: Act): Promise<Author> {
  if (authorId === actor.id) {
    requireAct(actor, act);
    return actor;
  }
  const author = await tx.getRepository(personEntity).findOneBy({ id: authorId });
  if (!author || !(await mayDeliverFor(tx, actor, authorId)))
    throw new RefusedError('act.not-allowed', { act, author: authorId });
  requireAct(author, act);
  return author;
}
