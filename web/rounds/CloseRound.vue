<script setup lang="ts">
import { computed, reactive, ref } from 'vue';
import type { Round } from '@cadre/contract/rounds';
import { now as serverNow } from '@cadre/web/platform/time';
import { ActButton, NoticePlate, TextField, useRefusal } from '@cadre/web/ui';
import type { BoardRow } from './use-round-board';
import { useRounds } from './use-rounds';
import * as t from './messages';

/** Ending a round: what was not done is named, each with why. One reason may stand for all that have none of their own. */
const props = defineProps<{ round: Round; left: readonly BoardRow[] }>();
const emit = defineEmits<{ stay: []; closed: [] }>();
const rounds = useRounds();
const refusal = useRefusal();
const forAll = ref('');
const own = reactive<Record<string, string>>({});
const USUAL = [t.notNeededToday, t.noTimeLeft, t.onBench, t.outWithGroup] as const;
const whyOf = (row: BoardRow): string => (own[row.bikeId] ?? '').trim() || forAll.value.trim();
const unsaid = computed(() => props.left.filter((row) => !whyOf(row)));
const tried = ref(false);
async function close(): Promise<void> {
  tried.value = true;
  if (unsaid.value.length > 0) return;
  const closed = await refusal.run(() =>
    rounds.close(props.round.id, {
      at: serverNow(),
      undone: props.left.map((row) => ({ bikeId: row.bikeId, why: whyOf(row) })),
    }),
  );
  if (closed) emit('closed');
}
</script>

<template>
  <section
    class="space-y-3 rounded-md border-2 border-ink/60 bg-plate p-4"
    aria-labelledby="close-round"
    data-close-round
  >
    <h2 id="close-round" class="sturdy text-2xl">
      {{ left.length ? t.bikeNotDone({ left: left.length }) : t.allDone }}
    </h2>
    <p v-if="left.length" class="text-soft">{{ t.theseBikesStayDue }}</p>
    <template v-if="left.length">
      <div class="flex flex-wrap gap-1.5">
        <button
          v-for="each in USUAL"
          :key="each"
          type="button"
          class="min-h-12 rounded-md border-2 border-line px-3"
          @click="forAll = each"
        >
          {{ each }}
        </button>
      </div>
      <TextField v-model="forAll" :label="t.reasonForAllBikes" maxlength="200" data-why-all />
      <ul class="max-h-80 space-y-1.5 overflow-y-auto">
        <li v-for="row in left" :key="row.bikeId" class="flex items-center gap-2">
          <span class="sturdy w-16 shrink-0">{{ row.bike.tag }}</span>
          <TextField
            :model-value="own[row.bikeId] ?? ''"
            @update:model-value="(why) => (own[row.bikeId] = why)"
            :label="t.reasonForTag({ tag: row.bike.tag })"
            hide-label
            :wrong="tried && !whyOf(row)"
            class="min-w-0 grow"
            maxlength="200"
            :placeholder="forAll || t.reason"
          />
        </li>
      </ul>
      <p v-if="tried && unsaid.length" role="alert" class="font-semibold text-held">
        {{ t.enterReasonForUnsaid({ unsaid: unsaid.map((row) => row.bike.tag).join(', ') }) }}
      </p>
    </template>
    <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" />
    <div class="flex flex-wrap gap-2">
      <ActButton @click="emit('stay')">{{ t.keepRoundOpen }}</ActButton>
      <ActButton kind="main" class="grow" :disabled="refusal.busy.value" data-close-now @click="close">{{
        t.closeRound
      }}</ActButton>
    </div>
  </section>
</template>
