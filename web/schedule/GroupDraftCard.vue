<script setup lang="ts">
import { ActButton, TextField } from '@cadre/web/ui';
import type { GroupDraft } from './use-group-drafts';
import * as t from './messages';

/** One group read from what was typed, to be looked over before it is added. */
defineProps<{ draft: GroupDraft; wrong: readonly string[] }>();
const emit = defineEmits<{ change: [part: Partial<GroupDraft>]; remove: [] }>();
</script>

<template>
  <li
    class="rounded-md border-2 bg-plate p-2"
    :class="wrong.length ? 'border-watch' : 'border-act'"
    data-draft
  >
    <TextField
      :model-value="draft.name"
      @update:model-value="(name) => emit('change', { name })"
      :label="t.name"
      hide-label
      maxlength="80"
      :placeholder="t.name"
    />
    <div class="mt-1 flex flex-wrap gap-1">
      <TextField
        :model-value="draft.day"
        @update:model-value="(day) => emit('change', { day })"
        :label="t.dayName({ name: draft.name })"
        hide-label
        class="grow w-36"
        type="date"
      />
      <TextField
        :model-value="draft.out"
        @update:model-value="(out) => emit('change', { out })"
        :label="t.departureName({ name: draft.name })"
        hide-label
        class="grow w-24"
        type="time"
      />
      <TextField
        :model-value="draft.back"
        @update:model-value="(back) => emit('change', { back })"
        :label="t.returnName({ name: draft.name })"
        hide-label
        class="grow w-24"
        type="time"
      />
    </div>
    <TextField
      :model-value="draft.bikes"
      @update:model-value="(bikes) => emit('change', { bikes })"
      :label="t.bikesName({ name: draft.name })"
      hide-label
      class="mt-1"
      :placeholder="t.n8X24in4"
    />
    <p v-for="line in wrong" :key="line" class="mt-1 text-[0.95rem] font-semibold text-watch">
      {{ line }}
    </p>
    <ActButton kind="quiet" @click="emit('remove')">{{ t.leaveOut }}</ActButton>
  </li>
</template>
