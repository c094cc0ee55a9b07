<script setup lang="ts">
import { computed, reactive, ref } from 'vue';
import { v7 as newId } from 'uuid';
import type { Bike } from '@cadre/contract/fleet';
import { fitPart, type Fitment, type Part } from '@cadre/contract/parts';
import { PART_KINDS, positionsOfPart, type FitmentPosition, type PartKind } from '@cadre/core/fleet';
import { now as serverNow } from '@cadre/web/platform/time';
import { useAct } from '@cadre/web/platform/act';
import { PART_WORDS } from '@cadre/web/words';
import { ActButton, SelectField, NoticePlate, TextField, useRefusal } from '@cadre/web/ui';
import { factsFor } from './fact-fields';
import PartFacts from './PartFacts.vue';
import SpeaksAgainst from './SpeaksAgainst.vue';
import * as t from './messages';

/** A new part onto a bike; what sat in its place comes off. */
const props = defineProps<{ bike: Bike; renews: Fitment | null }>();
const emit = defineEmits<{ done: [answer: { bike: Bike; fitments: readonly Fitment[] }]; close: [] }>();
const refusal = useRefusal();
const act = useAct();
const kind = ref<PartKind>(props.renews?.part.kind ?? 'chain');
const position = ref<string>(props.renews?.position ?? positionsOfPart(kind.value)[0] ?? 'only');
const name = ref(props.renews?.part.name ?? '');
const facts = reactive<Record<string, string>>({
  ...Object.fromEntries(
    Object.entries(props.renews?.part.facts ?? {}).map(([key, value]) => [key, String(value)]),
  ),
});
const anyway = ref('');
const mismatches = ref<readonly string[]>([]);
const partId = newId();
const positions = computed(() =>
  positionsOfPart(kind.value).map((each) => ({
    value: each,
    label: each === 'only' ? t.frame : each === 'front' ? t.front : t.rear,
  })),
);
function kindChosen(): void {
  if (!positionsOfPart(kind.value).includes(position.value as FitmentPosition))
    position.value = positionsOfPart(kind.value)[0] ?? 'only';
}
async function fit(): Promise<void> {
  if (name.value.trim() === '') {
    refusal.said.value = { what: t.enterNamePart, todo: t.enterNameAsPrinted };
    return;
  }
  const part: Part = {
    id: partId,
    kind: kind.value,
    name: name.value.trim(),
    facts: factsFor(kind.value, facts),
    markings: { ...props.renews?.part.markings },
  };
  const done = await refusal.run(async () => {
    emit(
      'done',
      await act(fitPart, {
        params: { id: props.bike.id },
        body: {
          part,
          position: position.value as FitmentPosition,
          anyway: anyway.value.trim(),
          at: serverNow(),
        },
      }),
    );
  });
  if (!done && refusal.error.value?.problem.code === 'part.does-not-fit')
    mismatches.value = (refusal.error.value.problem.params?.mismatches ?? []) as readonly string[];
}
</script>

<template>
  <form
    class="grid gap-3 rounded-lg bg-sunk p-3 sm:grid-cols-2"
    :aria-label="renews ? t.replaceName({ name: renews.part.name }) : t.fitPart"
    @submit.prevent="fit"
  >
    <SelectField
      v-if="!renews"
      v-model="kind"
      :label="t.part"
      :options="PART_KINDS.map((each) => ({ value: each, label: PART_WORDS[each] }))"
      @change="kindChosen"
    />
    <SelectField
      v-if="!renews && positions.length > 1"
      v-model="position"
      :label="t.position"
      :options="positions"
    />
    <TextField v-model="name" :label="t.nameAsOnIts" />
    <PartFacts :kind="kind" :facts="facts" @say="(key, value) => (facts[key] = value)" />
    <SpeaksAgainst v-if="mismatches.length" v-model="anyway" :mismatches="mismatches" class="sm:col-span-2" />
    <NoticePlate v-else-if="refusal.said.value" :said="refusal.said.value" class="sm:col-span-2" />
    <p class="text-watch sm:col-span-2">
      {{ t.whenPartChangesLast }}
    </p>
    <div class="flex gap-2 sm:col-span-2">
      <ActButton
        kind="main"
        type="submit"
        :disabled="refusal.busy.value || (mismatches.length > 0 && anyway.trim() === '')"
        data-fit-save
        >{{ renews ? t.replacePart : t.fitPart2 }}</ActButton
      >
      <ActButton @click="emit('close')">{{ t.cancel }}</ActButton>
    </div>
  </form>
</template>
