import type { System } from '@cadre/core/catalogue';
import type { Role } from '@cadre/core/people';

export interface PeopleEvents {
  'person.added': { personId: string; name: string; signInName: string; role: Role; trainee: boolean };
  'person.changed': { personId: string; role: Role; trainee: boolean; active: boolean };
  'person.competence': { personId: string; system: System; signed: boolean };
}
