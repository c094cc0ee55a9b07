import { defineAsyncComponent } from 'vue';

export { deliverSounds } from './deliver-sounds';
export const SoundNotes = defineAsyncComponent(() => import('./SoundNotes.vue'));
