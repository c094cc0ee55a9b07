import { ref, type Ref } from 'vue';
import type { Said } from '@cadre/web/platform/api';
import type { AdapterKey } from './adapters';
import { useInstruments } from './use-instruments';
import * as t from './messages';

/** Connecting an instrument, and what went wrong in words: nothing chosen, permission refused, a port in use, or a device that does not answer. */
export function useConnecting(): { said: Ref<Said | null>; connect(way: AdapterKey): Promise<void> } {
  const instruments = useInstruments();
  const said = ref<Said | null>(null);
  async function connect(way: AdapterKey): Promise<void> {
    said.value = null;
    try {
      await instruments.connect(way);
    } catch (thrown) {
      if (!(thrown instanceof DOMException) && !(thrown instanceof TypeError)) throw thrown;
      const { name } = thrown;
      // Closing the list without choosing is no mistake, and still leaves nothing connected.
      if (name === 'NotFoundError') said.value = { what: t.noneChosen, todo: t.typeByHand };
      else if (name === 'SecurityError' || name === 'NotAllowedError')
        said.value = { what: t.notAllowed, todo: t.allowOrType };
      else said.value = { what: t.doesNotAnswer, todo: t.plugInAgain };
    }
  }
  return { said, connect };
}
