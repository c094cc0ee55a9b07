<script setup lang="ts">
import { removeName, type Person } from '@cadre/contract/people';
import { useAct } from '@cadre/web/platform/act';
import { ActButton, NoticePlate, useRefusal } from '@cadre/web/ui';

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
      The name <strong>{{ person.name }}</strong> goes for good, here and on every page. Their checks and
      repairs stay; they are then by “Nameless” and six letters or digits. Nobody can bring the name back.
      Save their data first if anybody may ask for it.
    </p>
    <ActButton class="mt-2" :disabled="refusal.busy.value" @click="remove"
      >Remove this name for good</ActButton
    >
    <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" class="mt-2" />
  </div>
</template>
