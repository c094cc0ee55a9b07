<script setup lang="ts">
import { ref } from 'vue';
import type { KitItem } from '@cadre/contract/kit';
import { ActButton, CheckField, NoticePlate, useRefusal } from '@cadre/web/ui';
import type { KitStore } from './use-kit';
import * as t from './messages';

/** An item that is back: each of its contents is ticked, for an empty place in a pouch is found on the trail. */
const props = defineProps<{ item: KitItem; store: KitStore; done: () => void }>();
const refusal = useRefusal();
const there = ref<Record<string, boolean>>({});
const damp = ref(false);
const impact = ref(false);
async function takeBack(): Promise<void> {
  const { id: itemId, contents } = props.item;
  const missing = contents
    .filter(({ name }) => !there.value[name])
    .map(({ name, count }) => ({ name, count }));
  const said = { itemId, missing, damp: damp.value, impact: impact.value };
  if (await refusal.run(() => props.store.takeBack([said]))) props.done();
}
</script>

<template>
  <div class="space-y-2">
    <fieldset v-if="item.contents.length">
      <legend class="font-semibold">{{ t.whatIsThere }}</legend>
      <CheckField
        v-for="content in item.contents"
        :key="content.name"
        :model-value="there[content.name] ?? false"
        :data-there="content.name"
        @update:model-value="(yes: boolean) => (there[content.name] = yes)"
        >{{ t.countOfName({ name: content.name, count: content.count }) }}</CheckField
      >
    </fieldset>
    <div class="flex flex-wrap gap-x-6">
      <CheckField v-model="damp" data-damp>{{ t.cameBackDamp }}</CheckField>
      <CheckField v-model="impact" data-impact>{{ t.hadImpact }}</CheckField>
    </div>
    <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" />
    <ActButton
      kind="main"
      class="w-full"
      :disabled="refusal.busy.value"
      data-take-kit-back
      @click="takeBack"
      >{{ t.takeBack({ tag: item.tag }) }}</ActButton
    >
  </div>
</template>
