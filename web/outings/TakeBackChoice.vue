<script setup lang="ts">
import { ref } from 'vue';
import { CircleCheck, CloudRain, MessageSquareWarning, OctagonX } from '@lucide/vue';
import type { Bike } from '@cadre/contract/fleet';
import { CONDITIONS, type Conditions } from '@cadre/core/catalogue';
import type { ReturnWay } from '@cadre/core/outings';
import { ActButton, ChoiceChips, NoticePlate, TextField, useRefusal } from '@cadre/web/ui';
import { CONDITION_WORDS } from '@cadre/web/words';
import { useConditions } from './use-conditions';
import { useOutingActs } from './use-outing-acts';
import * as t from './messages';

/** How a bike comes back: one touch takes it back. What it was ridden in is said once a day, the odometer only where there is one. */
const props = withDefaults(
  defineProps<{
    bikes: readonly Bike[];
    /** Called when they are back; by then whoever showed this may have taken it away with its bike. */
    done: (way: ReturnWay, bikes: readonly Bike[]) => void;
    /** Whether the conditions are asked here; else they stand beside it. */
    asked?: boolean;
  }>(),
  { asked: true },
);
const acts = useOutingActs();
const refusal = useRefusal();
const conditions = useConditions();
const odometer = ref('');
const sure = ref('');
const WAYS = [
  { way: 'fine', word: t.fine, icon: CircleCheck },
  { way: 'hard', word: t.hardOrWet, icon: CloudRain },
  { way: 'problem', word: t.problem, icon: MessageSquareWarning },
  { way: 'incident', word: t.crash, icon: OctagonX },
] as const;
const conditionChoices = CONDITIONS.map((each) => ({ value: each, label: CONDITION_WORDS[each] }));
async function take(way: ReturnWay): Promise<void> {
  const text = odometer.value.trim().replace(',', '.');
  const km = text === '' ? null : Number(text);
  if (km !== null && !(km >= 0)) {
    refusal.said.value = { what: t.odometerNotNumber({ text }), todo: t.typeKilometres };
    return;
  }
  const more = { conditions: conditions.value, odometerKm: km, odometerSure: sure.value === text, note: '' };
  const { bikes } = props;
  const isBack = await refusal.run(() => acts.takeBack(bikes, way, more));
  // Typed again as it was, a leap is meant.
  sure.value = isBack ? '' : text;
  if (!isBack) return;
  odometer.value = '';
  props.done(way, bikes);
}
</script>

<template>
  <div class="space-y-2" data-take-back-choice>
    <div class="grid grid-cols-2 gap-2 sm:max-lg:grid-cols-4">
      <ActButton
        v-for="each in WAYS"
        :key="each.way"
        :kind="each.way === 'fine' ? 'main' : 'plain'"
        class="!px-2"
        :disabled="refusal.busy.value"
        :data-back="each.way"
        @click="take(each.way)"
        ><component :is="each.icon" :size="20" aria-hidden="true" />{{ each.word }}</ActButton
      >
    </div>
    <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" />
    <div v-if="asked || bikes.length === 1" class="flex flex-wrap items-end gap-x-4 gap-y-2">
      <ChoiceChips
        v-if="asked"
        :name="t.conditions"
        :options="conditionChoices"
        :chosen="[conditions]"
        data-conditions
        @toggle="(each: Conditions) => (conditions = each)"
      />
      <TextField
        v-if="bikes.length === 1"
        v-model="odometer"
        :label="t.odometerKm"
        inputmode="decimal"
        maxlength="9"
        class="w-36"
        data-odometer
      />
    </div>
  </div>
</template>
