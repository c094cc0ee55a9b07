<script setup lang="ts">
import { ref } from 'vue';
import { ArrowDown, ArrowUp, GripVertical, X } from '@lucide/vue';
import { type By, type ChecklistItem } from '@cadre/core/catalogue';
import ChecklistItemFields from './ChecklistItemFields.vue';
import { CheckField, useDragPlace, IconButton } from '@cadre/web/ui';
import * as t from './messages';

/** One checkpoint on a checklist being written: where it stands, whether critical here, its own minutes and limit. */
const props = defineProps<{
  item: ChecklistItem;
  between: readonly By[];
  own: boolean;
  first: boolean;
  last: boolean;
  wasCritical: boolean;
}>();
const emit = defineEmits<{
  set: [part: Partial<ChecklistItem>];
  remove: [];
  edit: [];
  step: [by: number];
  dropped: [key: string];
}>();
const row = ref<HTMLElement | null>(null);
const over = useDragPlace(row, {
  on: () => true,
  kind: 'checkpoint',
  dragged: () => props.item.checkpoint.key,
  takes: () => true,
  dropped: (key) => emit('dropped', key),
});
const open = ref(false);
</script>

<template>
  <li
    ref="row"
    class="rounded-md border-2 bg-plate"
    :class="over ? 'border-watch ring-4 ring-watch' : 'border-line'"
    :data-item="item.checkpoint.key"
  >
    <div class="flex items-center gap-1">
      <GripVertical class="size-6 shrink-0 cursor-grab text-soft max-sm:hidden" aria-hidden="true" />
      <button
        type="button"
        class="min-h-12 min-w-0 grow px-1 text-left leading-tight"
        :aria-expanded="open"
        @click="open = !open"
      >
        {{ item.checkpoint.name
        }}<span v-if="own" class="ml-2 rounded bg-act px-1.5 text-sm text-on-act">{{ t.own }}</span>
        <span v-if="wasCritical && !item.critical" class="ml-2 text-sm font-semibold text-held">{{
          t.wasCritical
        }}</span>
      </button>
      <CheckField
        :model-value="item.critical"
        @update:model-value="emit('set', { critical: $event })"
        data-critical
        class="shrink-0 px-2"
        ><span class="max-sm:sr-only">{{ t.critical }}</span
        ><span class="sr-only">: {{ item.checkpoint.name }}</span></CheckField
      >
      <IconButton
        :disabled="first"
        :name="`${item.checkpoint.name}: earlier`"
        data-earlier
        @click="emit('step', -1)"
      >
        <ArrowUp class="size-5" aria-hidden="true" />
      </IconButton>
      <IconButton
        :disabled="last"
        :name="`${item.checkpoint.name}: later`"
        data-later
        @click="emit('step', 1)"
      >
        <ArrowDown class="size-5" aria-hidden="true" />
      </IconButton>
      <IconButton
        :name="t.removeCheckpointFromChecklist({ checkpoint: item.checkpoint.name })"
        data-remove
        @click="emit('remove')"
      >
        <X class="size-5" aria-hidden="true" />
      </IconButton>
    </div>
    <ChecklistItemFields
      v-if="open"
      :item="item"
      :between="between"
      @set="(part) => emit('set', part)"
      @edit="emit('edit')"
    />
  </li>
</template>
