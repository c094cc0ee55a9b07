<script setup lang="ts">
import { computed } from 'vue';
import { restsByPass } from '@cadre/core/exposure';
import { ActButton } from '@cadre/web/ui';
import { withPosition } from '@cadre/web/words';
import { dayAndClock, useNow } from '@cadre/web/platform/time';
import type { Question } from '@cadre/core/catalogue';
import type { Resting } from './use-draft';
import * as t from './messages';

/** What is not asked today, by whose pass it stands on; one touch asks it all the same. */
const props = defineProps<{
  resting: readonly Resting[];
  nameOf: (id: string) => string;
  timeZone?: string | undefined;
}>();
const now = useNow();
const emit = defineEmits<{ ask: [questions: readonly Question[]] }>();
const passes = computed(() =>
  restsByPass(props.resting.map(({ rest }) => rest)).map((pass) => ({
    ...pass,
    names: props.resting
      .filter(({ rest }) => pass.keys.includes(rest.key))
      .map(({ question }) => withPosition(question.checkpoint.name, question.position))
      .join(' · '),
  })),
);
</script>

<template>
  <section :aria-label="t.notAskedToday" class="rounded-md border-2 border-line px-3 py-1" data-resting>
    <div class="flex flex-wrap items-center justify-between gap-x-4">
      <details class="min-w-0 grow basis-60">
        <summary class="min-h-12 cursor-pointer content-center font-semibold">
          {{ t.questionsNotAsked({ count: resting.length }) }}
        </summary>
        <p v-for="pass in passes" :key="`${pass.checkId} ${pass.by}`" class="pb-2 leading-snug">
          <span class="block text-soft">{{
            t.passedByWhen({ name: nameOf(pass.by), when: dayAndClock(pass.at, now, timeZone) })
          }}</span>
          {{ pass.names }}
        </p>
      </details>
      <ActButton
        class="self-start"
        data-ask-also
        @click="
          emit(
            'ask',
            resting.map((each) => each.question),
          )
        "
        >{{ t.askTheseToo }}</ActButton
      >
    </div>
    <p class="pb-1 text-[0.95rem] leading-snug text-soft">{{ t.nothingSinceThenCanHave }}</p>
  </section>
</template>
