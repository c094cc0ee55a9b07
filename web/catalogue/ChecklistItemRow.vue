<script setup lang="ts">
import { computed, ref } from 'vue';
import { ArrowDown, ArrowUp, GripVertical, Pencil, X } from '@lucide/vue';
import { criticalBecause, type By, type ChecklistItem } from '@cadre/core/catalogue';
import {
  MEASURES,
  isMeasure,
  OWN_LIMIT_SEVERITIES,
  readNumber,
  type OwnLimitSeverity,
} from '@cadre/core/measures';
import { useDragPlace } from '@cadre/web/ui';
import { criticalWords } from './checklist-wording';
import { SEVERITY_WORDS } from '@cadre/web/words';

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
const derived = computed(() => criticalBecause(props.item.checkpoint, props.between) !== null);
const unit = computed(() => {
  const measure = props.item.checkpoint.measure;
  return measure && isMeasure(measure) ? MEASURES[measure] : null;
});
/** What a reading past the checklist's own limit is unless its author chooses. */
const usual = computed<OwnLimitSeverity>(() =>
  props.item.checkpoint.measure === 'chain' ? 'upkeep' : 'soon',
);
function setNumber(event: Event, then: (value: number | undefined) => void): void {
  const typed = (event.target as HTMLInputElement).value.trim();
  const read = typed === '' ? undefined : readNumber(typed);
  if (read !== null) then(read);
}
const FIELD = 'figures h-12 w-24 rounded-md border-2 border-ink/60 bg-plate px-2';
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
        }}<span v-if="own" class="ml-2 rounded bg-act px-1.5 text-sm text-on-act">own</span>
        <span v-if="wasCritical && !item.critical" class="ml-2 text-sm font-semibold text-held"
          >was critical</span
        >
      </button>
      <label class="flex min-h-12 shrink-0 items-center gap-2 px-2"
        ><input
          type="checkbox"
          class="size-6"
          :checked="item.critical"
          data-critical
          @change="emit('set', { critical: ($event.target as HTMLInputElement).checked })"
        /><span class="max-sm:sr-only">critical</span
        ><span class="sr-only">: {{ item.checkpoint.name }}</span></label
      >
      <button
        type="button"
        class="grid size-12 shrink-0 place-items-center rounded-md disabled:opacity-40"
        :disabled="first"
        :aria-label="`${item.checkpoint.name}: earlier`"
        data-earlier
        @click="emit('step', -1)"
      >
        <ArrowUp class="size-5" aria-hidden="true" />
      </button>
      <button
        type="button"
        class="grid size-12 shrink-0 place-items-center rounded-md disabled:opacity-40"
        :disabled="last"
        :aria-label="`${item.checkpoint.name}: later`"
        data-later
        @click="emit('step', 1)"
      >
        <ArrowDown class="size-5" aria-hidden="true" />
      </button>
      <button
        type="button"
        class="grid size-12 shrink-0 place-items-center rounded-md"
        :aria-label="`Take ${item.checkpoint.name} off this checklist`"
        data-remove
        @click="emit('remove')"
      >
        <X class="size-5" aria-hidden="true" />
      </button>
    </div>
    <div v-if="open" class="space-y-2 border-t border-line px-3 py-2">
      <p class="leading-snug">{{ item.checkpoint.how }}</p>
      <p class="leading-snug" :class="derived && !item.critical ? 'font-semibold text-held' : 'text-soft'">
        {{ criticalWords(item.checkpoint, between)
        }}{{ derived && !item.critical ? ' Left uncritical, a bike may go out without it.' : '' }}
      </p>
      <div class="flex flex-wrap items-end gap-3">
        <label
          >Minutes here<input
            :value="item.minutes ?? item.checkpoint.minutes"
            inputmode="decimal"
            :class="FIELD"
            class="ml-2"
            @change="setNumber($event, (minutes) => emit('set', { minutes }))"
        /></label>
        <template v-if="unit">
          <label
            >At least<input
              :value="item.limit?.least ?? ''"
              inputmode="decimal"
              :class="FIELD"
              class="ml-2"
              @change="setNumber($event, (least) => emit('set', { limit: { ...item.limit, least } }))"
          /></label>
          <label
            >at most<input
              :value="item.limit?.most ?? ''"
              inputmode="decimal"
              :class="FIELD"
              class="ml-2"
              @change="setNumber($event, (most) => emit('set', { limit: { ...item.limit, most } }))"
          /></label>
          <span class="pb-3 text-soft">{{ unit === 'ratio' ? 'as a part of 1' : unit }}</span>
          <label v-if="item.limit?.least !== undefined || item.limit?.most !== undefined"
            >A reading outside is<select
              :value="item.limit.severity ?? usual"
              class="ml-2 h-12 rounded-md border-2 border-ink/60 bg-plate px-2"
              data-limit-severity
              @change="
                emit('set', {
                  limit: {
                    ...item.limit,
                    severity: ($event.target as HTMLSelectElement).value as OwnLimitSeverity,
                  },
                })
              "
            >
              <option v-for="severity in OWN_LIMIT_SEVERITIES" :key="severity" :value="severity">
                {{ SEVERITY_WORDS[severity] }}
              </option>
            </select></label
          >
        </template>
        <button
          type="button"
          class="inline-flex min-h-12 items-center gap-2 font-semibold text-act underline"
          data-edit-checkpoint
          @click="emit('edit')"
        >
          <Pencil class="size-4" aria-hidden="true" />Wording and rule
        </button>
      </div>
    </div>
  </li>
</template>
