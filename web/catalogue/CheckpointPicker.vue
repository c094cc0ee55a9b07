<script setup lang="ts">
import { computed, ref } from 'vue';
import { Check, Plus } from '@lucide/vue';
import { ZONES, type Checkpoint } from '@cadre/core/catalogue';
import { SelectField, TextField } from '@cadre/web/ui';
import type { KnownCheckpoint } from './use-checkpoints';
import { ZONE_WORDS } from '@cadre/web/words';
import * as t from './messages';

/** The catalogue to choose from: a touch puts a checkpoint on the checklist, another takes it off. */
const props = defineProps<{ known: readonly KnownCheckpoint[]; on: ReadonlySet<string> }>();
const emit = defineEmits<{ add: [checkpoint: Checkpoint]; remove: [key: string] }>();
const sought = ref('');
const zone = ref('');
const shown = computed(() => {
  const words = sought.value.toLowerCase().split(/\s+/).filter(Boolean);
  return props.known.filter(
    ({ checkpoint }) =>
      (zone.value === '' || Object.values(checkpoint.at).includes(zone.value as never)) &&
      words.every((word) => `${checkpoint.name} ${checkpoint.how}`.toLowerCase().includes(word)),
  );
});
</script>

<template>
  <section class="rounded-lg bg-sunk p-3" :aria-label="t.allCheckpoints" data-picker>
    <div class="grid gap-2 sm:grid-cols-2">
      <TextField v-model="sought" :label="t.find" />
      <SelectField
        v-model="zone"
        :label="t.zone"
        :options="[
          { value: '', label: t.everyZone },
          ...ZONES.map((each) => ({ value: each, label: ZONE_WORDS[each] })),
        ]"
      />
    </div>
    <ul class="mt-2 grid max-h-80 gap-1 overflow-y-auto sm:grid-cols-2" tabindex="-1">
      <li v-for="{ checkpoint, own } in shown" :key="checkpoint.key">
        <button
          type="button"
          class="flex min-h-12 w-full items-center gap-2 rounded-md border-2 px-2 text-left leading-tight"
          :class="on.has(checkpoint.key) ? 'border-act bg-plate' : 'border-line bg-plate'"
          :aria-pressed="on.has(checkpoint.key)"
          :data-add="checkpoint.key"
          @click="on.has(checkpoint.key) ? emit('remove', checkpoint.key) : emit('add', checkpoint)"
        >
          <component :is="on.has(checkpoint.key) ? Check : Plus" class="size-5 shrink-0" aria-hidden="true" />
          <span class="grow">{{ checkpoint.name }}</span><span
            v-if="own"
            class="rounded bg-act px-1.5 text-sm text-on-act"
            >{{ t.own }}</span
          >
        </button>
      </li>
    </ul>
    <p v-if="shown.length === 0" class="mt-2">{{ t.noCheckpointMatches }}</p>
  </section>
</template>
