<script setup lang="ts">
import { useFleet } from '@cadre/web/fleet';
import * as t from './messages';

/** What waits for people to sign in here: it was entered in their name, and nothing but their sign-in shows that. */
defineProps<{ counts: ReadonlyMap<string, number> }>();
const emit = defineEmits<{ change: [] }>();
const fleet = useFleet();
</script>

<template>
  <p v-for="[id, many] in counts" :key="id" class="bg-watch-wash px-4 py-2 text-watch" data-waits-for>
    {{ t.entryNameOfCannotSynced({ many, nameOf: fleet.nameOf(id) }) }}
    <button type="button" class="min-h-8 font-semibold underline" @click="emit('change')">
      {{ t.signInOnDevice }}</button>.
  </p>
</template>
