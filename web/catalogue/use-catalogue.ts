import { defineStore } from 'pinia';
import { computed, shallowRef } from 'vue';
import { getSheet, listSheets, type SheetSummary } from '@cadre/contract/catalogue';
import type { AnswerOf } from '@cadre/contract/http';
import type { Person } from '@cadre/contract/people';
import {
  completePolicy,
  isGivenSingly,
  rideOutFor,
  type Asked,
  type Fault,
  type PolicyVersion,
  type Severity,
  type SheetVersion,
} from '@cadre/core/catalogue';
import { floorOf as floorUnder } from '@cadre/core/findings';
import { keepThing, keptThing } from '@cadre/web/platform/local-db';
import { send, UnreachableError } from '@cadre/web/platform/api';

type Known = AnswerOf<typeof listSheets>;
export interface NamedSheet {
  readonly hash: string;
  readonly sheet: SheetVersion;
}

/** The published sheets and the policy in force, kept for when there is no signal. A version never changes: it is fetched once. */
export const useCatalogue = defineStore('catalogue', () => {
  const known = shallowRef<Known | null>(null);
  const whole = new Map<string, NamedSheet>();

  async function load(): Promise<void> {
    try {
      known.value = await send(listSheets);
      await keepThing('sheet-list', known.value);
    } catch (error) {
      if (!(error instanceof UnreachableError)) throw error;
      known.value ??= await keptThing<Known>('sheet-list');
    }
    // What a bike goes out on must be at hand when the signal goes.
    await Promise.all(
      (known.value?.sheets ?? []).filter((sheet) => sheet.clears).map((sheet) => sheetOf(sheet.hash)),
    );
  }

  /** One version, whole; null when it is neither kept nor within reach. */
  async function sheetOf(hash: string): Promise<NamedSheet | null> {
    const kept = whole.get(hash) ?? (await keptThing<NamedSheet>(`sheet:${hash}`));
    if (kept) {
      whole.set(hash, kept);
      return kept;
    }
    try {
      const fetched = await send(getSheet, { params: { hash } });
      whole.set(hash, fetched);
      await keepThing(`sheet:${hash}`, fetched);
      return fetched;
    } catch (error) {
      if (error instanceof UnreachableError) return null;
      throw error;
    }
  }

  function summaryOf(key: string): SheetSummary | null {
    return known.value?.sheets.find((sheet) => sheet.key === key) ?? null;
  }
  async function sheetByKey(key: string): Promise<NamedSheet | null> {
    const found = summaryOf(key);
    return found ? sheetOf(found.hash) : null;
  }
  const summaryFor = (kind: string): SheetSummary | null => rideOutFor(known.value?.sheets ?? [], kind);
  async function sheetFor(kind: string): Promise<NamedSheet | null> {
    const found = summaryFor(kind);
    return found ? sheetOf(found.hash) : null;
  }

  /** Kept here since before a rule was known, it reads as the server would read it: with that rule as shipped. */
  const completed = computed(() => (known.value ? completePolicy(known.value.policy.policy) : null));
  const policy = (): PolicyVersion | null => completed.value;

  function isSingly(person: Pick<Person, 'trainee' | 'competences'> | null, asked: Asked): boolean {
    const current = policy();
    // Without a policy at hand the careful way holds.
    if (!current || !person) return asked.critical;
    return isGivenSingly(
      current,
      { trainee: person.trainee, competences: (person.competences ?? []).map((each) => each.system) },
      asked,
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
    sheetOf,
    sheetByKey,
    sheetFor,
    summaryOf,
    summaryFor,
    policy,
    isGivenSingly: isSingly,
    floorOf,
  };
});
