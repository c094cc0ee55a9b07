import { defineStore } from 'pinia';
import { shallowRef } from 'vue';
import { listSheets } from '@cadre/contract/catalogue';
import type { AnswerOf } from '@cadre/contract/http';
import { marksOneByOne, type PolicyVersion, type SheetVersion } from '@cadre/core/catalogue';
import { keepThing, keptThing, send, UnreachableError } from '@cadre/web/app';

type Sheets = AnswerOf<typeof listSheets>;

/** The published sheets and the policy in force, kept for when there is no signal. */
export const useCatalogue = defineStore('catalogue', () => {
  const known = shallowRef<Sheets | null>(null);

  async function load(): Promise<void> {
    try {
      known.value = await send(listSheets);
      await keepThing('sheets', known.value);
    } catch (error) {
      if (!(error instanceof UnreachableError)) throw error;
      known.value ??= await keptThing<Sheets>('sheets');
    }
  }

  function sheetFor(kind: string): { hash: string; sheet: SheetVersion } | null {
    const key = kind === 'child' ? 'ride-out-children' : 'ride-out';
    return (known.value?.sheets.find((each) => each.sheet.key === key) as { hash: string; sheet: SheetVersion } | undefined) ?? null;
  }

  function policy(): PolicyVersion | null {
    return (known.value?.policy.policy as PolicyVersion | undefined) ?? null;
  }

  function oneByOne(person: { readonly trainee: boolean } | null): boolean {
    const current = policy();
    // Without a policy at hand the careful way holds.
    return !current || !person || marksOneByOne(current, person);
  }

  return { known, load, sheetFor, policy, oneByOne };
});
