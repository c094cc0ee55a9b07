<script setup lang="ts">
import { computed, reactive, ref } from 'vue';
import { BIKE_KINDS, USUAL_BUILD, type BikeKind } from '@cadre/core/fleet';
import type { BikeFields } from '@cadre/contract/fleet';
import type { Assessment } from '@cadre/contract/assessments';
import { fieldWords } from '@cadre/web/platform/api';
import { KIND_WORDS } from '@cadre/web/words';
import { useFleet } from '@cadre/web/fleet';
import { useMoney } from '@cadre/web/parts';
import { ActButton, SelectField, NoticePlate, TextField, useRefusal } from '@cadre/web/ui';
import type { Assessments } from './use-assessments';
import * as t from './messages';

/** A bike is offered: enough of it to look it over. Its build is the usual of its kind or of a model here; the bike's own form says more. */
const props = defineProps<{ assessments: Assessments }>();
const emit = defineEmits<{ done: [assessment: Assessment]; close: [] }>();
const fleet = useFleet();
const money = useMoney();
const refusal = useRefusal();
const typed = reactive({
  tag: '',
  kind: 'hybrid' as BikeKind,
  modelId: '',
  model: '',
  size: '',
  serial: '',
  from: '',
  asking: '',
  worth: '',
});
const tried = ref(false);
const models = computed(() => [
  { value: '', label: t.noneThese },
  ...fleet.models.map((model) => ({ value: model.id, label: model.name })),
]);
const wrong = computed(() => ({
  tag: /^[A-Za-z0-9-]{1,12}$/.test(typed.tag.trim()) ? null : t.enterShortTagLetters,
  model: typed.modelId || typed.model.trim() ? null : t.enterNameAsWritten,
  asking: money.value.read(typed.asking) === null ? t.enterAmount : null,
  worth: money.value.read(typed.worth) === null ? t.enterAmount : null,
}));
function error(field: keyof typeof wrong.value): string | null {
  const refused = refusal.fields.value.find((each) => each.path.split('.').at(-1) === field);
  return (
    (tried.value ? wrong.value[field] : null) ?? (refused ? fieldWords(refused.code, refused.params) : null)
  );
}
async function begin(): Promise<void> {
  tried.value = true;
  if (Object.values(wrong.value).some(Boolean)) return;
  const model = fleet.modelOf(typed);
  const bike: BikeFields = {
    ...{
      tag: typed.tag.trim(),
      modelId: model?.id ?? null,
      model: model?.name ?? typed.model.trim(),
      size: typed.size.trim(),
    },
    ...{
      serial: typed.serial.trim(),
      boughtOn: '',
      warrantyUntil: '',
      siteId: fleet.wall?.sites[0]?.id ?? '',
      hookId: null,
    },
    ...{
      build: structuredClone(
        model ? JSON.parse(JSON.stringify(model.build)) : USUAL_BUILD[typed.kind],
      ) as BikeFields['build'],
      fit: {},
    },
  };
  await refusal.run(async () => {
    emit(
      'done',
      await props.assessments.open(
        bike,
        typed.from.trim(),
        money.value.read(typed.asking) ?? 0,
        money.value.read(typed.worth) ?? 0,
      ),
    );
  });
}
</script>

<template>
  <form
    class="grid gap-3 rounded-lg border-2 border-line bg-sunk p-4 sm:grid-cols-2"
    :aria-label="t.newAssessment"
    novalidate
    data-open-assessment
    @submit.prevent="begin"
  >
    <TextField v-model="typed.tag" :label="t.tag" :error="error('tag')" />
    <TextField v-model="typed.from" :label="t.offeredBy" :hint="t.personClub" />
    <SelectField v-model="typed.modelId" :label="t.modelInYourFleet" :options="models" />
    <template v-if="!typed.modelId">
      <SelectField
        v-model="typed.kind"
        :label="t.kind"
        :options="BIKE_KINDS.map((kind) => ({ value: kind, label: KIND_WORDS[kind] }))"
      />
      <TextField v-model="typed.model" :label="t.makeModel" :error="error('model')" />
    </template>
    <TextField v-model="typed.size" :label="t.size" />
    <TextField v-model="typed.serial" :label="t.serialNumber" :hint="t.checkFirstWhetherBike" />
    <TextField v-model="typed.asking" :label="t.askingPrice" :error="error('asking')" />
    <TextField v-model="typed.worth" :label="t.valueWhenRepaired" :error="error('worth')" />
    <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" class="sm:col-span-2" />
    <div class="flex gap-2 sm:col-span-2">
      <ActButton kind="main" type="submit" :disabled="refusal.busy.value" data-assessment-save>{{
        t.startAssessment
      }}</ActButton>
      <ActButton @click="emit('close')">{{ t.cancel }}</ActButton>
    </div>
  </form>
</template>
