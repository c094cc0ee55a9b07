import { useSessionStorage } from '@vueuse/core';
import type { Ref } from 'vue';
import type { Touched } from '@cadre/core/catalogue';

/** What the guides somebody follows for a bike on this device work on, until that repair is finished: its recheck follows from it. */
export const useFollowed = (bikeId: () => string): Ref<readonly Touched[]> =>
  useSessionStorage<readonly Touched[]>(() => `cadre.followed.${bikeId()}`, []);
