import { defineAsyncComponent } from 'vue';

export const SoundNotes = defineAsyncComponent(() => import('./SoundNotes.vue'));
