<script setup lang="ts">
import { removeName, type Person } from '@cadre/contract/people';
import { useAct } from '@cadre/web/platform/act';
import { ActButton, NoticePlate, useRefusal } from '@cadre/web/ui';
import * as t from './messages';

/** For somebody who has left: their name goes for good, what they did stays. */
const { person } = defineProps<{ person: Person }>();
const emit = defineEmits<{ done: [] }>();
const act = useAct();
const refusal = useRefusal();
async function remove(): Promise<void> {
  if (await refusal.run(async () => void (await act(removeName, { params: { id: person.id }, body: {} }))))
    emit('done');
}
</script>

<template>
  <div class="rounded-lg bg-sunk p-3 text-ink" data-remove-name>
    <p class="max-w-prose">
      {{ t.theName }} <strong>{{ person.name }}</strong> {{ t.removedPermanentlyFromEvery }}
    </p>
    <ActButton class="mt-2" :disabled="refusal.busy.value" @click="remove">{{
      t.removeNamePermanently
    }}</ActButton>
    <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" class="mt-2" />
  </div>
</template>
