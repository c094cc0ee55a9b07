import { onScopeDispose, shallowReactive } from 'vue';
import { localDb, type SavedMark } from './local-db';
import { followSaved, storageFailed } from './storage';

export interface SavedMarks {
  /** The marks of each check that is followed, once they have been read. */
  readonly byCheck: ReadonlyMap<string, readonly SavedMark[]>;
  /** Follows these checks and no others from now on; done when each of them has been read, an error when one cannot be. */
  follow(checkIds: readonly string[]): Promise<void>;
}

/** Follows the marks kept of many checks, each on its own: a mark on one bike of a line must not have those of all the others read again. */
export function useSavedMarks(): SavedMarks {
  const byCheck = shallowReactive(new Map<string, readonly SavedMark[]>());
  const followed = new Map<string, { readonly read: Promise<void>; end(): void }>();

  function begin(checkId: string): { readonly read: Promise<void>; end(): void } {
    let told = (): void => undefined;
    let failed: (error: unknown) => void = () => undefined;
    const read = new Promise<void>((done, fail) => {
      told = done;
      failed = fail;
    });
    const subscription = followSaved(
      () => localDb.marks.where('checkId').equals(checkId).toArray(),
      (marks) => {
        byCheck.set(checkId, marks);
        told();
      },
      (error) => {
        storageFailed(error);
        failed(error); // whoever waits for them must not take it that there are none
      },
    );
    return {
      read,
      end() {
        subscription.unsubscribe();
        byCheck.delete(checkId);
        told();
      },
    };
  }

  async function follow(checkIds: readonly string[]): Promise<void> {
    const wanted = new Set(checkIds);
    for (const [checkId, each] of followed) {
      if (wanted.has(checkId)) continue;
      each.end();
      followed.delete(checkId);
    }
    for (const checkId of wanted) if (!followed.has(checkId)) followed.set(checkId, begin(checkId));
    await Promise.all([...followed.values()].map((each) => each.read));
  }

  onScopeDispose(() => void follow([]));
  return { byCheck, follow };
}
