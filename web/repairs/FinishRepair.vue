<script setup lang="ts">
import { computed, reactive, ref } from 'vue';
import type { Repair } from '@cadre/contract/repairs';
import type { Finding } from '@cadre/core/findings';
import { positionsOfTouch, TOUCHES, usualTouches, type Touched } from '@cadre/core/repairs';
import { POSITION_WORDS } from '@cadre/web/catalogue';
import { ActButton } from '@cadre/web/ui';
import { TOUCH_WORDS } from './wording';

/** Done: what was done for each finding, and what it touched. The usual is ticked already. */
const props = defineProps<{ repair: Repair; findings: readonly Finding[]; busy: boolean }>();
const emit = defineEmits<{ done: [work: { findingId: string; done: string }[], touched: Touched[], minutes: number | null] }>();

const done = reactive<Record<string, string>>(Object.fromEntries(props.findings.map((finding) => [finding.id, ''])));
const key = (touched: Touched): string => `${touched.touch}@${touched.position}`;
const all = TOUCHES.flatMap((touch) => positionsOfTouch(touch).map((position): Touched => ({ touch, position })));
const chosen = ref(new Set(props.findings.flatMap((finding) => usualTouches(finding)).map(key)));
const minutes = ref('');
const tried = ref(false);
const missing = computed(() => props.findings.filter((finding) => !done[finding.id]?.trim()));
const minutesWrong = computed(() => minutes.value !== '' && !/^\d{1,4}$/.test(minutes.value.trim()));

function toggle(touched: Touched): void {
  const next = new Set(chosen.value);
  if (!next.delete(key(touched))) next.add(key(touched));
  chosen.value = next;
}
function finish(): void {
  tried.value = true;
  if (missing.value.length > 0 || minutesWrong.value) return;
  emit(
    'done',
    props.findings.map((finding) => ({ findingId: finding.id, done: done[finding.id]?.trim() ?? '' })),
    all.filter((touched) => chosen.value.has(key(touched))),
    minutes.value.trim() === '' ? null : Number(minutes.value),
  );
}
</script>

<template>
  <form class="space-y-3" novalidate @submit.prevent="finish">
    <label v-for="finding in findings" :key="finding.id" class="block">
      <span class="font-semibold">What was done: {{ finding.words.fault.toLowerCase() }}</span>
      <input
        v-model="done[finding.id]"
        class="mt-1 block h-12 w-full rounded-md border-2 bg-plate px-3"
        :class="tried && !done[finding.id]?.trim() ? 'border-held' : 'border-ink/60'"
        maxlength="400"
        :aria-invalid="tried && !done[finding.id]?.trim()"
        data-done
      />
      <span v-if="tried && !done[finding.id]?.trim()" class="font-semibold text-held">Fill this in: whoever looks again reads it.</span>
    </label>
    <fieldset>
      <legend class="font-semibold">What it touched</legend>
      <p class="text-[0.95rem] text-soft">All of it is looked at again. Add what you loosened on the way.</p>
      <div class="mt-1 flex flex-wrap gap-1.5">
        <button
          v-for="touched in all"
          :key="key(touched)"
          type="button"
          class="min-h-12 rounded-md border-2 px-3"
          :class="chosen.has(key(touched)) ? 'border-act bg-act font-semibold text-on-act' : 'border-line bg-plate'"
          :aria-pressed="chosen.has(key(touched))"
          @click="toggle(touched)"
        >
          {{ TOUCH_WORDS[touched.touch] }}{{ touched.position === 'only' ? '' : `, ${POSITION_WORDS[touched.position]}` }}
        </button>
      </div>
    </fieldset>
    <div class="flex flex-wrap items-end gap-3">
      <label
        >Minutes<input
          v-model="minutes"
          inputmode="numeric"
          class="figures mt-1 block h-12 w-24 rounded-md border-2 bg-plate px-3"
          :class="minutesWrong ? 'border-held' : 'border-ink/60'"
          :aria-invalid="minutesWrong"
      /></label>
      <ActButton kind="main" big type="submit" class="grow" :disabled="busy" data-finish>Repair done</ActButton>
    </div>
    <p v-if="minutesWrong" class="font-semibold text-held">Whole minutes, 0 to 9999.</p>
  </form>
</template>
