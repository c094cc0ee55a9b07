<script setup lang="ts">
import { computed } from 'vue';
import { useFleet } from '@cadre/web/fleet';
import { SelectField, TextField } from '@cadre/web/ui';
import type { BikeTexts } from './bike-differing';
import * as t from './messages';

/** What a bike is known by: tag, model, size, serial number, dates, and where it hangs. */
const props = defineProps<{
  fields: BikeTexts;
  bikeId: string | undefined;
  errorOf: (path: string) => string | null;
}>();
const emit = defineEmits<{ change: [part: Partial<BikeTexts>]; model: [] }>();
const set = (part: Partial<BikeTexts>): void => emit('change', part);
const fleet = useFleet();
const model = computed(() => fleet.modelOf(props.fields));
const models = computed(() => [
  { value: '', label: t.noModel },
  ...fleet.models.map((each) => ({ value: each.id, label: each.name })),
]);
const sites = computed(() => (fleet.wall?.sites ?? []).map((site) => ({ value: site.id, label: site.name })));
const hooks = computed(() => {
  const taken = new Set(fleet.bikes.filter((bike) => bike.id !== props.bikeId).map((bike) => bike.hookId));
  const free = fleet.racks
    .filter((rack) => rack.siteId === props.fields.siteId)
    .flatMap((rack) =>
      rack.hooks
        .filter((hook) => !taken.has(hook.id))
        .map((hook) => ({
          value: hook.id,
          label: t.nameHookNumber({ name: rack.name, number: hook.number }),
        })),
    );
  return [{ value: '', label: t.onNoHook }, ...free];
});
</script>

<template>
  <fieldset class="grid gap-3 sm:grid-cols-2 lg:grid-cols-3">
    <legend class="sturdy mb-2 text-lg">{{ t.bike }}</legend>
    <TextField
      :model-value="fields.tag"
      @update:model-value="(tag) => set({ tag })"
      :label="t.tag"
      :hint="t.shortLettersDigitsDashes"
      :error="errorOf('tag')"
    />
    <SelectField
      :model-value="fields.modelId"
      @update:model-value="(modelId) => set({ modelId })"
      :label="t.model"
      :options="models"
      :error="errorOf('modelId')"
      @change="emit('model')"
    />
    <TextField
      v-if="!model"
      :model-value="fields.model"
      @update:model-value="(model) => set({ model })"
      :label="t.modelName"
      :error="errorOf('model')"
    />
    <TextField
      :model-value="fields.size"
      @update:model-value="(size) => set({ size })"
      :label="t.size"
      :error="errorOf('size')"
    />
    <TextField
      :model-value="fields.serial"
      @update:model-value="(serial) => set({ serial })"
      :label="t.serialNumber"
      :error="errorOf('serial')"
    />
    <TextField
      :model-value="fields.boughtOn"
      @update:model-value="(boughtOn) => set({ boughtOn })"
      :label="t.bought"
      type="date"
      :error="errorOf('boughtOn')"
    />
    <TextField
      :model-value="fields.warrantyUntil"
      @update:model-value="(warrantyUntil) => set({ warrantyUntil })"
      :label="t.warrantyUntil"
      type="date"
      :error="errorOf('warrantyUntil')"
    />
    <SelectField
      :model-value="fields.siteId"
      @update:model-value="(siteId) => set({ siteId })"
      :label="t.site"
      :options="sites"
      :error="errorOf('siteId')"
    />
    <SelectField
      :model-value="fields.hookId"
      @update:model-value="(hookId) => set({ hookId })"
      :label="t.hook"
      :options="hooks"
      :error="errorOf('hookId')"
    />
  </fieldset>
</template>
