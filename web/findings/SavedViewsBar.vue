<script setup lang="ts">
import { onMounted, ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { ActButton, TextField, IconButton } from '@cadre/web/ui';
import { useSavedViews } from './use-saved-views';
import * as t from './messages';

/** Searches by name: touch one to have it, keep the one in front under a name. */
const route = useRoute();
const router = useRouter();
const saved = useSavedViews();
const { views } = saved;
const naming = ref(false);
const name = ref('');
onMounted(() => void saved.load());
const isHere = (query: Readonly<Record<string, string>>): boolean =>
  JSON.stringify(Object.entries(query).sort()) === JSON.stringify(Object.entries(route.query).sort());
async function keep(): Promise<void> {
  if (!name.value.trim()) return;
  await saved.save(name.value.trim(), route.query);
  naming.value = false;
  name.value = '';
}
</script>

<template>
  <div class="flex flex-wrap items-center gap-2" role="group" :aria-label="t.savedSearches" data-saved-views>
    <span
      v-for="view in views"
      :key="view.name"
      class="inline-flex items-center rounded-md border-2"
      :class="isHere(view.query) ? 'border-act' : 'border-line'"
    >
      <button
        type="button"
        class="min-h-12 px-3 font-semibold"
        :aria-pressed="isHere(view.query)"
        :data-view="view.name"
        @click="router.replace({ query: { ...view.query } })"
      >
        {{ view.name }}
      </button>
      <IconButton
        class="text-soft"
        :name="t.deleteSearch({ name: view.name })"
        @click="saved.drop(view.name)"
      >
        ×
      </IconButton>
    </span>
    <form v-if="naming" class="flex flex-wrap items-end gap-2" @submit.prevent="keep">
      <TextField
        v-model="name"
        :label="t.nameSearch"
        data-view-title
        hide-label
        maxlength="40"
        :placeholder="t.nameSearch"
      />
      <ActButton type="submit" :disabled="!name.trim()" data-view-save>{{ t.save }}</ActButton>
      <ActButton kind="quiet" @click="naming = false">{{ t.cancel }}</ActButton>
    </form>
    <ActButton
      v-else-if="Object.keys(route.query).length"
      kind="quiet"
      data-view-name
      @click="naming = true"
      >{{ t.saveSearch }}</ActButton
    >
  </div>
</template>
