import { defineStore } from 'pinia';
import { ref } from 'vue';

/** The bike in hand; it stays in hand from view to view. */
export const usePicked = defineStore('picked', () => ({ id: ref<string | null>(null) }));
