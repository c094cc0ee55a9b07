<script setup lang="ts">
import { computed, ref } from 'vue';
import type { TraceQuestion, TraceState } from '@cadre/core/tracing';
import { ActButton, SelectField } from '@cadre/web/ui';
import * as t from './messages';

/** Where the search came out: what to do, who goes on, and what has to be excluded before anybody rides. */
const props = defineProps<{ state: TraceState; mayRecord: boolean; busy: boolean }>();
const emit = defineEmits<{
  ask: [question: TraceQuestion];
  end: [result: 'finding' | 'handed-over' | 'not-found', cause: string | null];
}>();
const head = computed(() => {
  const { state } = props;
  if (state.state === 'found') return t.foundCause({ cause: state.cause.name });
  return state.state === 'mechanic' ? t.handOver : t.openEnd;
});
const body = computed(() => {
  const { state } = props;
  if (state.state === 'found') return t.whatToDo({ repair: state.cause.repair });
  return state.state === 'mechanic' ? t.handOverHint : t.openHint;
});
const others = computed(() => {
  const first = props.state.likely[0]?.cause.key;
  return props.state.notExcluded.filter(({ key }) => key !== first).map(({ name }) => name);
});
const stops = computed(() => props.state.notExcluded.length > 0);
const picked = ref('');
const choices = computed(() =>
  props.state.likely
    .filter(({ chance }) => chance >= 0.01)
    .map(({ cause }) => ({ value: cause.key, label: cause.name })),
);
const cause = computed(() => picked.value || (props.state.likely[0]?.cause.key ?? ''));
</script>

<template>
  <section class="space-y-3 rounded-lg border-2 border-act bg-plate p-4" role="status" data-trace-end>
    <h2 class="sturdy text-2xl leading-tight">{{ head }}</h2>
    <p class="text-lg leading-snug">{{ body }}</p>
    <div v-if="stops" class="space-y-2 border-l-4 border-held bg-held-wash px-3 py-2">
      <p class="font-semibold text-held">
        {{ others.length ? t.stillToExclude({ causes: others.join(', ') }) : t.stillStops }}
      </p>
      <div class="flex flex-wrap gap-2">
        <ActButton
          v-for="question in state.toExclude"
          :key="question.key"
          class="text-left"
          :data-exclude="question.key"
          @click="emit('ask', question)"
          >{{ t.excludeNow({ question: question.text }) }}</ActButton
        >
      </div>
    </div>
    <div v-if="mayRecord" class="flex flex-wrap items-end gap-2">
      <SelectField
        v-if="state.state !== 'found'"
        :model-value="cause"
        class="w-64 max-sm:w-full"
        :label="t.causeToRecord"
        :options="choices"
        data-cause-to-record
        @update:model-value="(value: string) => (picked = value)"
      />
      <ActButton
        :kind="state.state === 'mechanic' ? 'plain' : 'main'"
        :disabled="busy"
        data-record-finding
        @click="emit('end', 'finding', cause)"
        >{{ t.recordFinding }}</ActButton
      >
      <ActButton
        :kind="state.state === 'mechanic' ? 'main' : 'plain'"
        :disabled="busy"
        data-hand-over
        @click="emit('end', 'handed-over', null)"
        >{{ t.handOverToWorkshop }}</ActButton
      >
      <ActButton kind="quiet" :disabled="busy" data-not-found @click="emit('end', 'not-found', null)">{{
        t.endWithoutCause
      }}</ActButton>
    </div>
  </section>
</template>
