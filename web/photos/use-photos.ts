import { computed, onScopeDispose, ref, shallowRef, watch, type ComputedRef, type Ref } from 'vue';
import { listPhotos, type Photo } from '@cadre/contract/photos';
import type { Position } from '@cadre/core/catalogue';
import type { Shape } from '@cadre/core/photos';
import { followSaved, localDb, type SavedPhoto } from '@cadre/web/platform/local-db';
import { send, UnreachableError } from '@cadre/web/platform/api';

/** A photo on show: kept here and not sent yet, or the server's. */
export interface ShownPhoto {
  readonly id: string;
  readonly small: string;
  readonly whole: string;
  readonly shapes: readonly Shape[];
  readonly width: number;
  readonly height: number;
  readonly at: number;
  readonly by: string;
  readonly checkpoint: string;
  readonly position: Position;
  readonly waiting: boolean;
  readonly trouble: string | null;
}

export interface PhotosOfBike {
  readonly photos: ComputedRef<readonly ShownPhoto[]>;
  readonly more: Ref<boolean>;
  load(): Promise<void>;
  loadMore(): Promise<void>;
}

interface Wanted {
  readonly bikeId: string;
  readonly checkpoint?: string | undefined;
  readonly position?: Position | undefined;
  /** Changes when there may be others. */
  readonly version?: unknown;
}

/** The photos of a bike, or of one look of it: those still kept here first, then the server's. */
export function usePhotos(wanted: () => Wanted, most = 12): PhotosOfBike {
  const known = shallowRef<readonly Photo[]>([]);
  const waiting = shallowRef<readonly (SavedPhoto & { url: string })[]>([]);
  const more = ref(false);
  const next = ref<number | null>(null);
  const isWanted = (photo: Pick<SavedPhoto, 'bikeId' | 'checkpoint' | 'position'>): boolean => {
    const { bikeId, checkpoint, position } = wanted();
    return (
      photo.bikeId === bikeId &&
      (!checkpoint || photo.checkpoint === checkpoint) &&
      (!position || photo.position === position)
    );
  };

  async function fetchFrom(before: number | null): Promise<void> {
    const { bikeId, checkpoint, position } = wanted();
    const asked = JSON.stringify(wanted());
    try {
      const answer = await send(listPhotos, {
        params: { id: bikeId },
        query: {
          most,
          ...(checkpoint ? { checkpoint } : {}),
          ...(position ? { position } : {}),
          ...(before === null ? {} : { before }),
        },
      });
      if (JSON.stringify(wanted()) !== asked) return;
      known.value = before === null ? answer.photos : [...known.value, ...answer.photos];
      next.value = answer.next;
      more.value = answer.next !== null;
    } catch (error) {
      // Without signal what is kept here is shown alone.
      if (!(error instanceof UnreachableError)) throw error;
    }
  }
  const load = (): Promise<void> => fetchFrom(null);
  const loadMore = (): Promise<void> => fetchFrom(next.value);

  const letGo = (): void => waiting.value.forEach((photo) => URL.revokeObjectURL(photo.url));
  const watching = followSaved(
    () => localDb.photos.toArray(),
    (rows) => {
      const fewer = rows.length < waiting.value.length;
      letGo();
      waiting.value = rows.map((photo) => ({ ...photo, url: URL.createObjectURL(photo.blob) }));
      // One was sent: it is the server's now.
      if (fewer) void load();
    },
  );
  onScopeDispose(() => {
    watching.unsubscribe();
    letGo();
  });
  watch(
    () => JSON.stringify(wanted()),
    () => {
      known.value = [];
      void load();
    },
    { immediate: true },
  );

  const photos = computed<readonly ShownPhoto[]>(() => [
    ...waiting.value
      .filter(isWanted)
      .sort((a, b) => b.at - a.at)
      .map((photo) => ({
        ...photo,
        small: photo.url,
        whole: photo.url,
        by: photo.author,
        waiting: true,
        trouble: photo.trouble,
      })),
    ...known.value.map((photo) => ({
      ...photo,
      small: `/api/v1/photos/${photo.id}/small`,
      whole: `/api/v1/photos/${photo.id}/whole`,
      waiting: false,
      trouble: null,
    })),
  ]);
  return { photos, more, load, loadMore };
}
