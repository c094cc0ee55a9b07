import { computed, onScopeDispose, shallowRef, type ComputedRef, type Ref } from 'vue';
import { v7 as newId } from 'uuid';
import { listSounds, type Sound } from '@cadre/contract/sounds';
import { send } from '@cadre/web/platform/api';
import { followSaved, localDb, type SavedSound } from '@cadre/web/platform/local-db';
import { useSavedQuery } from '@cadre/web/platform/query';

/** A recording on this device, with where it is played from. */
type HeldSound = SavedSound & { readonly address: string };

export interface SoundsOfBike {
  readonly sounds: ComputedRef<readonly Sound[]>;
  readonly offline: Readonly<Ref<boolean>>;
  /** Recorded and not described yet, or not accepted. */
  readonly draft: ComputedRef<HeldSound | null>;
  /** Saved on this device and not sent yet. */
  readonly waiting: ComputedRef<readonly HeldSound[]>;
  take(blob: Blob, at: number): Promise<void>;
  /** Leaves the draft to the outbox, which sends it whenever it can. */
  save(gear: string, doing: string): Promise<void>;
  discard(): Promise<void>;
}

/** The recordings of a bike: the server's, and what this person recorded here and is not sent yet. It outlives a closed tab. */
export function useSounds(bikeId: () => string, me: () => string | undefined): SoundsOfBike {
  const query = useSavedQuery({
    key: () => ['sounds', bikeId()],
    ask: () => send(listSounds, { params: { id: bikeId() } }),
  });
  const held = shallowRef<readonly HeldSound[]>([]);
  const letGo = (): void => held.value.forEach(({ address }) => URL.revokeObjectURL(address));
  const following = followSaved(
    () => localDb.sounds.where('bikeId').equals(bikeId()).sortBy('at'),
    (rows) => {
      const fewer = rows.length < held.value.length;
      letGo();
      held.value = rows.map((row) => ({
        ...row,
        address: URL.createObjectURL(new Blob([row.bytes], { type: row.type })),
      }));
      // One was sent: it is the server's now.
      if (fewer) void query.refetch();
    },
  );
  onScopeDispose(() => {
    following.unsubscribe();
    letGo();
  });
  const mine = computed(() => held.value.filter(({ author }) => author === me()));
  const draft = computed(() => mine.value.find(({ state }) => state === 'draft') ?? null);
  return {
    sounds: computed(() => query.data.value?.sounds ?? []),
    offline: query.offline,
    draft,
    waiting: computed(() => mine.value.filter(({ state }) => state === 'waiting')),
    async take(blob, at) {
      const author = me();
      if (author === undefined) return;
      const said = { id: newId(), bikeId: bikeId(), author, at, gear: '', doing: '' };
      const bytes = new Uint8Array(await blob.arrayBuffer());
      await localDb.sounds.put({ ...said, bytes, type: blob.type, state: 'draft', trouble: null });
    },
    async save(gear, doing) {
      const id = draft.value?.id;
      if (id) await localDb.sounds.update(id, { gear, doing, state: 'waiting', trouble: null });
    },
    async discard() {
      const id = draft.value?.id;
      if (id) await localDb.sounds.delete(id);
    },
  };
}
