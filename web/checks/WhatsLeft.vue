<script setup lang="ts">
import { computed } from 'vue';
import type { Question, Station } from '@cadre/core/catalogue';
import type { Answer } from '@cadre/core/checks';
import { withPosition, zonesName, PHASE_WORDS } from '@cadre/web/words';
import { ActButton } from '@cadre/web/ui';
import * as t from './messages';

/** Everything nobody has looked at yet, by station: one touch goes there, and the stand offers the way back. */
const props = defineProps<{ stations: readonly Station[]; answers: ReadonlyMap<string, Answer> }>();
const emit = defineEmits<{ go: [question: Question]; close: [] }>();
const left = computed(() =>
  props.stations
    .map((station) => ({
      station,
      asked: station.questions.filter((question) => !props.answers.has(question.key)),
    }))
    .filter(({ asked }) => asked.length > 0),
);
const total = computed(() => left.value.reduce((sum, { asked }) => sum + asked.length, 0));
</script>

<template>
  <section class="space-y-3" aria-labelledby="whats-left" data-whats-left>
    <div class="flex items-center justify-between gap-3">
      <h2 id="whats-left" class="sturdy text-2xl">
        {{ total ? t.questionLeft({ total }) : t.allQuestionsAnswered }}
      </h2>
      <ActButton @click="emit('close')">{{ t.backStation }}</ActButton>
    </div>
    <div
      v-for="{ station, asked } in left"
      :key="station.key"
      class="rounded-md border-2 border-line bg-plate p-3"
    >
      <h3 class="font-semibold">
        {{ zonesName(station.zones)
        }}<span v-if="station.phase" class="font-normal text-soft"> · {{ PHASE_WORDS[station.phase] }}</span>
      </h3>
      <ul class="mt-1.5 flex flex-wrap gap-1.5">
        <li v-for="question in asked" :key="question.key">
          <button
            type="button"
            class="min-h-12 rounded-md border-2 px-3 text-left leading-tight"
            :class="question.critical ? 'border-ink/70 font-semibold' : 'border-line'"
            :data-left-question="question.key"
            @click="emit('go', question)"
          >
            {{ withPosition(question.checkpoint.name, question.position)
            }}<span v-if="question.critical" class="sr-only">{{ t.critical2 }}</span>
          </button>
        </li>
      </ul>
    </div>
    <p v-if="total" class="text-soft">{{ t.boldQuestionsCriticalWithout }}</p>
  </section>
</template>
