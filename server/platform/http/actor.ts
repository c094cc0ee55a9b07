import { mayAct, type Act, type Role } from '@cadre/core/people';
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
}

/** Every service asks this first. Refuses with the act that was wanted. */
export function requireAct(person: { readonly role: Role; readonly trainee: boolean }, act: Act): void {
  if (!mayAct(person, act))
    throw new RefusedError('act.not-allowed', { act, role: person.role, trainee: person.trainee });
}
