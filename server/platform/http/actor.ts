import { CODE_ACTS, mayAct, type Act, type Role } from '@cadre/core/people';
import { RefusedError } from '@cadre/server/platform/event-log';

/** Whoever is acting now, and from which device. */
export interface Actor {
  readonly id: string;
  readonly name: string;
  readonly role: Role;
  readonly trainee: boolean;
  readonly device: string;
  /** Signed in with a code for one sign-in: nothing but choosing their own is open to them. */
  readonly mustChangeSecret?: boolean;
  /** Signed in with a PIN. */
  readonly quick?: boolean;
}

/** For what only somebody may do who typed their whole code. */
export function requireCode(actor: Pick<Actor, 'quick'>): void {
  if (actor.quick) throw new RefusedError('session.code-needed');
}

/** Every service asks this first. Refuses with the act that was wanted. */
export function requireAct(person: Pick<Actor, 'role' | 'trainee' | 'quick'>, act: Act): void {
  if (!mayAct(person, act))
    throw new RefusedError('act.not-allowed', { act, role: person.role, trainee: person.trainee });
  if (person.quick && CODE_ACTS.includes(act)) throw new RefusedError('session.code-needed', { act });
}
