import { ref, type Ref } from 'vue';
import type { FieldIssue } from '@cadre/core/errors';
import { RefusedError, UnreachableError, wordsFor, type Said } from '@cadre/web/platform/api';
import * as t from './messages';

export interface Refusal {
  readonly said: Ref<Said | null>;
  readonly fields: Ref<readonly FieldIssue[]>;
  readonly busy: Ref<boolean>;
  readonly error: Ref<RefusedError | null>;
  /** Runs an act that needs the server; what it refuses is said, anything else is a bug and thrown on. */
  run(act: () => Promise<void>): Promise<boolean>;
}

export function useRefusal(): Refusal {
  const said = ref<Said | null>(null);
  const fields = ref<readonly FieldIssue[]>([]);
  const busy = ref(false);
  const error: Ref<RefusedError | null> = ref(null);

  async function run(act: () => Promise<void>): Promise<boolean> {
    if (busy.value) return false; // a double tap is one act
    busy.value = true;
    said.value = null;
    fields.value = [];
    error.value = null;
    try {
      await act();
      return true;
    } catch (thrown) {
      if (thrown instanceof UnreachableError) {
        said.value = {
          what: t.serverDoesNotAnswer,
          todo: t.stepNeedsConnectionTry,
        };
      } else if (thrown instanceof RefusedError) {
        error.value = thrown;
        said.value = await wordsFor(thrown.problem);
        fields.value = thrown.problem.fields ?? [];
      } else throw thrown;
      return false;
    } finally {
      busy.value = false;
    }
  }

  return { said, fields, busy, error, run };
}
