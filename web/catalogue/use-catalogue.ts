import { defineStore } from 'pinia';
import { computed, shallowRef } from 'vue';
import { getChecklist, listChecklists, type ChecklistSummary } from '@cadre/contract/catalogue';
import type { AnswerOf } from '@cadre/contract/http';
import type { Person } from '@cadre/contract/people';
import {
  completePolicy,
  isGivenSingly,
  rideOutFor,
  type Question,
  type Fault,
  type PolicyVersion,
  type Severity,
  type ChecklistVersion,
} from '@cadre/core/catalogue';
import { floorOf as floorUnder } from '@cadre/core/findings';
import { saveValue, savedValue } from '@cadre/web/platform/local-db';
import { send, UnreachableError } from '@cadre/web/platform/api';

type Known = AnswerOf<typeof listChecklists>;
export interface NamedChecklist {
  readonly hash: string;
  readonly checklist: ChecklistVersion;
}

/** The published checklists and the policy in force, kept for when there is no signal. A version never changes: it is fetched once. */
export const useCatalogue = defineStore('catalogue', () => {
  const known = shallowRef<Known | null>(null);
  const whole = new Map<string, NamedChecklist>();

  async function load(): Promise<void> {
    try {
      known.value = await send(listChecklists);
      await saveValue('checklist-list', known.value);
    } catch (error) {
      if (!(error instanceof UnreachableError)) throw error;
      known.value ??= await savedValue<Known>('checklist-list');
    }
    // What a bike goes out on must be at hand when the signal goes.
    await Promise.all(
      (known.value?.checklists ?? [])
        .filter((checklist) => checklist.clears)
        .map((checklist) => checklistOf(checklist.hash)),
    );
  }

  /** One version, whole; null when it is neither kept nor within reach. */
  async function checklistOf(hash: string): Promise<NamedChecklist | null> {
    const saved = whole.get(hash) ?? (await savedValue<NamedChecklist>(`checklist:${hash}`));
    if (saved) {
      whole.set(hash, saved);
      return saved;
    }
    try {
      const fetched = await send(getChecklist, { params: { hash } });
      whole.set(hash, fetched);
      await saveValue(`checklist:${hash}`, fetched);
      return fetched;
    } catch (error) {
      if (error instanceof UnreachableError) return null;
      throw error;
    }
  }

  function summaryOf(key: string): ChecklistSummary | null {
    return known.value?.checklists.find((checklist) => checklist.key === key) ?? null;
  }
  async function checklistByKey(key: string): Promise<NamedChecklist | null> {
    const found = summaryOf(key);
    return found ? checklistOf(found.hash) : null;
  }
  const summaryFor = (kind: string): ChecklistSummary | null =>
    rideOutFor(known.value?.checklists ?? [], kind);
  async function checklistFor(kind: string): Promise<NamedChecklist | null> {
    const found = summaryFor(kind);
    return found ? checklistOf(found.hash) : null;
  }

  /** Kept here since before a rule was known, it reads as the server would read it: with that rule as shipped. */
  const completed = computed(() => (known.value ? completePolicy(known.value.policy.policy) : null));
  const policy = (): PolicyVersion | null => completed.value;

  function isSingly(person: Pick<Person, 'trainee' | 'competences'> | null, question: Question): boolean {
    const current = policy();
    // Without a policy at hand the careful way holds.
    if (!current || !person) return question.critical;
    return isGivenSingly(
      current,
      { trainee: person.trainee, competences: (person.competences ?? []).map((each) => each.system) },
      question,
    );
  }

  /** The least this fault may be given here; a fault nobody knows is a watch. */
  function floorOf(fault: Fault | undefined): Severity {
    const current = policy();
    if (!fault) return 'watch';
    // Without a policy at hand the lack of legal equipment weighs as it may at most.
    return floorUnder(fault, current ?? { legal: 'stop' });
  }

  return {
    known,
    load,
    checklistOf,
    checklistByKey,
    checklistFor,
    summaryOf,
    summaryFor,
    policy,
    isGivenSingly: isSingly,
    floorOf,
  };
});
