import type { EntityManager } from 'typeorm';
import { mayAct } from '@cadre/core/people';
import { personEntity, type PersonRow } from '@cadre/server/people';
import type { EntryRow, VerifyFault } from '@cadre/server/platform/event-log';
import { MAY } from './features';

/** Holds entries, one after the other, against who their author was when they were written. What the program did by itself has none. */
export class ActRules {
  readonly faults: VerifyFault[] = [];
  private readonly people = new Map<string, PersonRow | null>();
  private changed = false;

  async look(tx: EntityManager, { chain, seq, kind, author }: EntryRow): Promise<void> {
    if (this.changed) this.people.clear();
    this.changed = kind.startsWith('person.');
    const act = MAY[kind];
    if (!act || author === null) return;
    const person = await this.personOf(tx, author);
    if (!person || !mayAct(person, act))
      this.faults.push({ chain, seq, what: `${kind} by somebody who may not` });
  }

  private async personOf(tx: EntityManager, id: string): Promise<PersonRow | null> {
    const known = this.people.get(id);
    if (known !== undefined) return known;
    const person = await tx.getRepository(personEntity).findOneBy({ id });
    this.people.set(id, person);
    return person;
  }
}
