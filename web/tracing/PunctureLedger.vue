<script setup lang="ts">
import { computed, ref } from 'vue';
import type { AnswerOf } from '@cadre/contract/http';
import type { traceRecord } from '@cadre/contract/tracing';
import { samePunctureHour } from '@cadre/core/tracing';
import { dayAndClock, useNow } from '@cadre/web/platform/time';
import { POSITION_WORDS } from '@cadre/web/words';
import { ClockDial } from '@cadre/web/checks';
import { ActButton, ChoiceChips } from '@cadre/web/ui';
import type { PunctureSaid } from './use-shared-traces';
import * as t from './messages';

/** Where the tubes of this bike were holed: by wheel, hour and cause. Twice at one hour means that what did it is still in the tyre. */
const props = defineProps<{
  punctures: AnswerOf<typeof traceRecord>['record']['punctures'];
  position: 'front' | 'rear';
  timeZone?: string | undefined;
  /** Whether it was recorded: what was not stays as it was entered. */
  add: (said: PunctureSaid) => Promise<boolean>;
}>();
const now = useNow();
const hour = ref<number | undefined>();
const cause = ref<PunctureSaid['cause']>('unknown');
const open = ref(false);
const CAUSES = [
  { value: 'thorn', label: t.punctureThorn },
  { value: 'spoke-side', label: t.punctureSpokeSide },
  { value: 'pinch', label: t.puncturePinch },
  { value: 'valve', label: t.punctureValve },
  { value: 'bead', label: t.punctureBead },
  { value: 'unknown', label: t.punctureUnknown },
] as const;
const causeWords = (key: string): string => CAUSES.find(({ value }) => value === key)?.label ?? key;
const own = computed(() => props.punctures.filter(({ position }) => position === props.position));
const same = computed(() => samePunctureHour(props.punctures, props.position)?.same ?? false);
async function record(): Promise<void> {
  if (hour.value === undefined) return;
  if (!(await props.add({ position: props.position, hour: hour.value, cause: cause.value }))) return;
  hour.value = undefined;
  open.value = false;
}
</script>

<template>
  <section
    class="space-y-2 rounded-lg border-2 border-line bg-plate p-3"
    aria-labelledby="punctures"
    data-punctures
  >
    <div class="flex items-center gap-3">
      <h2 id="punctures" class="sturdy grow text-lg">
        {{ t.puncturesOf({ position: POSITION_WORDS[position] }) }}
      </h2>
      <ActButton :aria-expanded="open" data-add-puncture @click="open = !open">{{ t.addPuncture }}</ActButton>
    </div>
    <p
      v-if="same"
      role="status"
      class="border-l-4 border-held bg-held-wash px-3 py-2 font-semibold text-held"
      data-same-hour
    >
      {{ t.sameHourTwice }}
    </p>
    <form v-if="open" class="flex flex-wrap items-center gap-4" @submit.prevent="record">
      <ClockDial :hour="hour" @pick="(picked) => (hour = picked)" />
      <div class="min-w-56 grow space-y-3">
        <p class="leading-snug">{{ t.punctureHow }}</p>
        <ChoiceChips
          :name="t.punctureCause"
          :options="CAUSES"
          :chosen="[cause]"
          @toggle="(chosen) => (cause = chosen)"
        />
        <ActButton kind="main" type="submit" :disabled="hour === undefined" data-record-puncture>{{
          t.recordPuncture
        }}</ActButton>
      </div>
    </form>
    <ol v-if="own.length" class="divide-y divide-line">
      <li v-for="(each, at) in own" :key="at" class="flex gap-3 py-1" :data-puncture="each.hour">
        <span class="figures sturdy w-28 whitespace-nowrap">{{ t.oclock({ hour: each.hour }) }}</span>
        <span class="grow">{{ causeWords(each.cause) }}</span>
        <span class="text-soft">{{ dayAndClock(each.at, now, timeZone) }}</span>
      </li>
    </ol>
    <p v-else class="text-soft">{{ t.noPunctures }}</p>
  </section>
</template>
