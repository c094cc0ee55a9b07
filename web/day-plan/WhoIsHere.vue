<script setup lang="ts">
import { CheckField, TextField } from '@cadre/web/ui';
import type { Here } from './use-plan-day';
import * as t from './messages';

/** Who is here today and until when: what the plan is made with. */
defineProps<{ crew: readonly Here[] }>();
const emit = defineEmits<{
  here: [personId: string, here: boolean];
  until: [personId: string, time: string];
}>();
</script>

<template>
  <fieldset class="flex flex-wrap items-end gap-x-6 gap-y-2" data-who>
    <legend class="sturdy text-lg">{{ t.whoIsHere }}</legend>
    <div v-for="{ person, here, until } in crew" :key="person.id" class="flex items-center gap-2">
      <CheckField
        :model-value="here"
        class="font-semibold"
        :data-here="person.name"
        @update:model-value="(is) => emit('here', person.id, is)"
        >{{ person.name }}</CheckField
      >
      <template v-if="here">
        <span class="text-soft" aria-hidden="true">{{ t.until }}</span>
        <TextField
          :model-value="until"
          type="time"
          class="w-32"
          hide-label
          :label="t.untilOf({ name: person.name })"
          :data-until="person.name"
          @update:model-value="(time) => emit('until', person.id, time)"
        />
      </template>
    </div>
  </fieldset>
</template>
