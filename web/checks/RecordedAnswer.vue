<script setup lang="ts">
import type { Build } from '@cadre/core/fleet';
import { dayAndClock, useNow } from '@cadre/web/platform/time';
import { withPosition } from '@cadre/web/words';
import { useFleet } from '@cadre/web/fleet';
import { ActButton, OutcomeMark } from '@cadre/web/ui';
import { answerWords } from './answer-words';
import type { MarkGiven } from './drafts';
import ExceptionPanel from './ExceptionPanel.vue';
import type { RecordedLook } from './use-check-record';
import * as t from './messages';

/** One question of a check on record with its answer; where the check is being amended, what is said instead. */
defineProps<{ look: RecordedLook; build: Build; changing: boolean; open: boolean }>();
const emit = defineEmits<{ toggle: []; mark: [given: MarkGiven] }>();
const fleet = useFleet();
const now = useNow();
</script>

<template>
  <li class="border-b border-line py-1.5" :data-look="look.question.key">
    <div class="flex items-center gap-3">
      <OutcomeMark :outcome="(look.instead ?? look.answer)?.outcome ?? null" />
      <div class="min-w-0 grow leading-snug">
        <p class="font-semibold">{{ withPosition(look.question.checkpoint.name, look.question.position) }}</p>
        <p class="text-soft" :class="look.instead && 'line-through'">
          {{
            look.rest
              ? t.notAskedPassedBy({
                  name: fleet.nameOf(look.rest.by),
                  when: dayAndClock(look.rest.at, now),
                })
              : answerWords(look.question, look.answer, fleet.nameOf)
          }}
        </p>
        <p v-if="look.instead" class="font-semibold text-watch">
          {{ answerWords(look.question, look.instead, fleet.nameOf) }}
        </p>
      </div>
      <ActButton v-if="changing" :aria-expanded="open" data-amend-look @click="emit('toggle')">{{
        open ? t.close : t.amend
      }}</ActButton>
    </div>
    <ExceptionPanel
      v-if="changing && open"
      class="mt-2 rounded-md border-2 border-ink/60 bg-plate p-3"
      :question="look.question"
      :build="build"
      :answer="look.instead"
      :others="[]"
      @mark="(given) => emit('mark', given)"
      @close="emit('toggle')"
    />
  </li>
</template>
