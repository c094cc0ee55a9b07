<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import { movePart, type Fitment } from '@cadre/contract/parts';
import { partMismatches, positionsOfPart, type FitmentPosition } from '@cadre/core/fleet';
import { setAgainAfterWheel, type SetAgain } from '@cadre/core/parts';
import { now as serverNow } from '@cadre/web/platform/time';
import { useAct } from '@cadre/web/platform/act';
import { MISMATCH_WORDS } from '@cadre/web/words';
import { useFleet } from '@cadre/web/fleet';
import { ActButton, CheckField, NoticePlate, SelectField, TextField, useRefusal } from '@cadre/web/ui';
import SpeaksAgainst from './SpeaksAgainst.vue';
import * as t from './messages';

/** A part to another bike, with or without what sits there coming back. */
const props = defineProps<{ fitment: Fitment }>();
type Side = { bike: Bike; fitments: readonly Fitment[] };
const emit = defineEmits<{ done: [answer: { from: Side; to: Side }]; close: [] }>();
const fleet = useFleet();
const refusal = useRefusal();
const act = useAct();
const tag = ref('');
const position = ref<string>(props.fitment.position);
const swap = ref(true);
const whole = ref(true);
/** A wheel goes with what sits on it, as long as it stays at its end. */
const isWheel = computed(
  () => props.fitment.part.kind === 'wheel' && position.value === props.fitment.position,
);
const anyway = ref('');
const refused = ref<readonly string[]>([]);

const target = computed(
  () =>
    fleet.bikes.find(
      (bike) => bike.tag === tag.value.trim().toUpperCase() && bike.id !== props.fitment.bikeId,
    ) ?? null,
);
const positions = computed(() =>
  positionsOfPart(props.fitment.part.kind).map((each) => ({
    value: each,
    label: each === 'only' ? t.frame : each === 'front' ? t.front : t.rear,
  })),
);
const against = computed(() =>
  target.value
    ? partMismatches(props.fitment.part, target.value.build, position.value as FitmentPosition)
    : [],
);
const mismatches = computed(() => (refused.value.length > 0 ? refused.value : against.value));
/** Bikes that take it: those of its model first, then of its kind. */
const takers = computed(() => {
  const from = fleet.bikeById.get(props.fitment.bikeId);
  const far = (bike: Bike): number =>
    from?.modelId && bike.modelId === from.modelId ? 0 : bike.build.kind === from?.build.kind ? 1 : 2;
  return fleet.bikes
    .filter(
      (bike) =>
        bike.id !== props.fitment.bikeId &&
        partMismatches(props.fitment.part, bike.build, position.value as FitmentPosition).length === 0,
    )
    .toSorted((a, b) => far(a) - far(b))
    .slice(0, 8);
});
const SET_AGAIN_WORDS: Record<SetAgain, string> = {
  axle: t.setAxle,
  pressure: t.setPressure,
  caliper: t.setCaliper,
  'rim-pads': t.setRimPads,
  'brake-arm': t.setBrakeArm,
  gears: t.setGears,
  'chain-slack': t.setChainSlack,
  belt: t.setBelt,
  'sealant-date': t.setSealantDate,
  'assist-plug': t.setAssistPlug,
};
const setAgain = computed(() => {
  const end = position.value;
  if (!target.value || !isWheel.value || !whole.value || (end !== 'front' && end !== 'rear')) return '';
  const things = setAgainAfterWheel(target.value.build, end).map((each) => SET_AGAIN_WORDS[each]);
  return t.setAgainOn({ tag: target.value.tag, things: things.join(', ') });
});
async function move(): Promise<void> {
  const to = target.value;
  if (!to) {
    refusal.said.value = {
      what: tag.value.trim() ? t.thereNoOtherBike({ tag: tag.value.trim().toUpperCase() }) : t.enterBike,
      todo: t.typeTagBikeGets,
    };
    return;
  }
  const done = await refusal.run(async () => {
    const answer = await act(movePart, {
      params: { id: props.fitment.id },
      body: {
        bikeId: to.id,
        position: position.value as FitmentPosition,
        swap: swap.value,
        ...(isWheel.value ? { whole: whole.value } : {}),
        anyway: anyway.value.trim(),
        at: serverNow(),
      },
    });
    emit('done', answer);
  });
  if (!done && refusal.error.value?.problem.code === 'part.does-not-fit')
    refused.value = (refusal.error.value.problem.params?.mismatches ?? []) as readonly string[];
}
</script>

<template>
  <form
    class="grid gap-3 rounded-lg bg-sunk p-3 sm:grid-cols-2"
    :aria-label="t.moveName({ name: fitment.part.name })"
    @submit.prevent="move"
  >
    <TextField v-model="tag" :label="t.toBike" :hint="t.tag" @update:model-value="refused = []" />
    <SelectField v-if="positions.length > 1" v-model="position" :label="t.position" :options="positions" />
    <p v-if="takers.length" class="flex flex-wrap items-center gap-1 sm:col-span-2">
      <span class="text-soft">{{ t.partFitsThere }}</span>
      <button
        v-for="bike in takers"
        :key="bike.id"
        type="button"
        class="sturdy min-h-12 rounded-md border-2 border-ink/50 bg-plate px-3"
        @click="tag = bike.tag"
      >
        {{ bike.tag }}
      </button>
    </p>
    <CheckField v-if="isWheel" v-model="whole" data-whole class="sm:col-span-2">{{
      t.moveWholeWheel
    }}</CheckField>
    <CheckField v-model="swap" class="sm:col-span-2">{{ t.partFittedThereComes }}</CheckField>
    <p v-if="!swap" class="text-watch sm:col-span-2">
      {{ t.bikeThenLacksPart }}
    </p>
    <SpeaksAgainst
      v-if="target && mismatches.length"
      v-model="anyway"
      :mismatches="mismatches"
      class="sm:col-span-2"
    />
    <NoticePlate v-else-if="refusal.said.value" :said="refusal.said.value" class="sm:col-span-2" />
    <p v-if="setAgain" class="sm:col-span-2" data-set-again>{{ setAgain }}</p>
    <p class="text-watch sm:col-span-2">
      {{ t.lastChecksBothBikes
      }}<template v-if="against.includes('wrong-end')"> {{ MISMATCH_WORDS['wrong-end'] }}</template>
    </p>
    <div class="flex gap-2 sm:col-span-2">
      <ActButton
        kind="main"
        type="submit"
        :disabled="refusal.busy.value || (mismatches.length > 0 && anyway.trim() === '')"
        data-move-save
        >{{ t.movePart }}</ActButton
      >
      <ActButton @click="emit('close')">{{ t.cancel }}</ActButton>
    </div>
  </form>
</template>
