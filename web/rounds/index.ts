import { defineAsyncComponent } from 'vue';

/** Over the racks of the wall: fetched after them. */
export const RoundStrip = defineAsyncComponent(() => import('./RoundStrip.vue'));
