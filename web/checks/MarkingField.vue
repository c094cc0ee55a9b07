<script setup lang="ts">
import { computed, ref } from 'vue';
import { noteMarkings, type Bike } from '@cadre/contract/fleet';
import { fitItem } from '@cadre/core/fleet';
import { fieldWords } from '@cadre/web/platform/api';
import { now } from '@cadre/web/platform/time';
import { useAct } from '@cadre/web/platform/act';
import { fitItemWords, fitUnit, fitValue } from '@cadre/web/words';
import { useFleet } from '@cadre/web/fleet';
import { ActButton, NoticePlate, TextField, useRefusal } from '@cadre/web/ui';
import * as t from './messages';

/** What is marked on the part and nobody noted yet: typed once, kept on the bike, and readings are judged by it. */
const props = defineProps<{ bike: Bike; keys: readonly string[]; name: string }>();
const fleet = useFleet();
const refusal = useRefusal();
const act = useAct();
const open = ref(false);
const typed = ref<Record<string, string>>({});
const wrong = ref<Record<string, string>>({});
const items = computed(() => props.keys.flatMap((key) => fitItem(key) ?? []));

/** What is wrong with a figure: it cannot be read, or the server says why it is not kept. */
function errorOf(key: string): string | null {
  const issue = refusal.fields.value.find((each) => each.path === `fit.${key}`);
  return wrong.value[key] ?? (issue ? fieldWords(issue.code, issue.params) : null);
}
async function keep(): Promise<void> {
  const read = items.value
    .filter((item) => (typed.value[item.key] ?? '').trim() !== '')
    .map((item) => [item.key, fitValue(item, typed.value[item.key] ?? '')] as const);
  wrong.value = Object.fromEntries(
    read.filter(([, value]) => value === null).map(([key]) => [key, t.enterNumberWithIts]),
  );
  if (Object.keys(wrong.value).length > 0 || read.length === 0) return;
  const done = await refusal.run(async () => {
    const fit = Object.fromEntries(read) as Record<string, number | string>;
    fleet.put(await act(noteMarkings, { params: { id: props.bike.id }, body: { fit, at: now() } }));
  });
  if (!done) return;
  open.value = false;
  typed.value = {};
}
</script>

<template>
  <div class="basis-full" data-marking>
    <ActButton v-if="!open" kind="quiet" class="!px-0 text-left" data-note-marking @click="open = true"
      >{{ t.enterValueMarkedOn }}<span class="sr-only">, {{ name }}</span></ActButton
    >
    <form v-else class="flex flex-wrap items-end gap-2 rounded-md bg-sunk p-2" @submit.prevent="keep">
      <TextField
        v-for="item in items"
        :key="item.key"
        class="w-48 max-sm:w-full"
        inputmode="decimal"
        :label="`${fitItemWords(item.key)}, ${fitUnit(item)}`"
        :model-value="typed[item.key] ?? ''"
        :error="errorOf(item.key)"
        :data-marked="item.key"
        @update:model-value="(text: string) => (typed = { ...typed, [item.key]: text })"
      />
      <ActButton type="submit" kind="main" :disabled="refusal.busy.value" data-keep-marking>{{
        t.saveForTag({ tag: bike.tag })
      }}</ActButton>
      <ActButton kind="quiet" @click="open = false">{{ t.notNow }}</ActButton>
      <NoticePlate
        v-if="refusal.said.value && refusal.fields.value.length === 0"
        class="basis-full"
        :said="refusal.said.value"
      />
    </form>
  </div>
</template>
