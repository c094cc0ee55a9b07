<script setup lang="ts">
import { Trash2 } from '@lucide/vue';
import { ActButton, IconButton, TextField } from '@cadre/web/ui';
import type { Delivery } from './use-campaign-form';
import * as t from './messages';

/** Which bikes wait for parts, and when these come. */
defineProps<{ error: string | null }>();
const deliveries = defineModel<readonly Delivery[]>({ required: true });
function change(at: number, more: Partial<Delivery>): void {
  deliveries.value = deliveries.value.map((each, index) => (index === at ? { ...each, ...more } : each));
}
</script>

<template>
  <fieldset class="space-y-2" data-parts-on-order>
    <legend class="sturdy text-xl">{{ t.partsOnOrder }}</legend>
    <p class="text-soft">{{ t.partsOnOrderSays }}</p>
    <div v-for="(delivery, at) in deliveries" :key="at" class="flex items-end gap-2">
      <TextField
        :model-value="delivery.tags"
        class="grow"
        :label="t.partsTags"
        :data-parts-tags="at"
        @update:model-value="(tags) => change(at, { tags })"
      />
      <TextField
        :model-value="delivery.day"
        type="date"
        :label="t.partsDay"
        :data-parts-day="at"
        @update:model-value="(day) => change(at, { day })"
      />
      <IconButton
        :name="t.removeParts({ number: at + 1 })"
        @click="deliveries = deliveries.filter((_each, index) => index !== at)"
        ><Trash2 aria-hidden="true"
      /></IconButton>
    </div>
    <p v-if="error" role="alert" class="font-semibold text-held">{{ error }}</p>
    <ActButton data-add-parts @click="deliveries = [...deliveries, { tags: '', day: '' }]">{{
      t.addParts
    }}</ActButton>
  </fieldset>
</template>
