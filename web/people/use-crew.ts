import { computed, type ComputedRef } from 'vue';
import { listPeople } from '@cadre/contract/people';
import { mayAct } from '@cadre/core/people';
import { send } from '@cadre/web/platform/api';
import { useSavedQuery } from '@cadre/web/platform/query';

export interface CrewPerson {
  readonly id: string;
  readonly name: string;
  /** Whether their check lets a bike out: a trainee’s has to be co-signed first. */
  readonly checks: boolean;
  readonly repairs: boolean;
}

/** Who works here now and what work they can be given, by name. */
export function useCrew(): ComputedRef<readonly CrewPerson[]> {
  const { data } = useSavedQuery({ key: () => ['crew'], ask: () => send(listPeople) });
  return computed(() =>
    (data.value?.people ?? [])
      .filter((person) => person.active)
      .map((person) => ({
        id: person.id,
        name: person.name,
        checks: mayAct(person, 'sign') && !person.trainee,
        repairs: mayAct(person, 'repair') && !person.trainee,
      }))
      .filter((person) => person.checks || person.repairs),
  );
}
