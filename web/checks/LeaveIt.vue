<script setup lang="ts">
import { ref } from 'vue';
import { v7 as newId } from 'uuid';
import { truncate } from '@cadre/core/text';
import type { Bike } from '@cadre/contract/fleet';
import { now } from '@cadre/web/platform/time';
import { useSession } from '@cadre/web/people';
import { ActButton, CautionLine } from '@cadre/web/ui';
import NoteField from './NoteField.vue';
import { useOutbox } from './use-outbox';

/** Called away in the middle: what is loose or open is said, so that nobody rides it; the marks stay for whoever goes on. */
const props = defineProps<{ bike: Bike; left: number }>();
const emit = defineEmits<{ left: []; stay: [] }>();
const outbox = useOutbox();
const session = useSession();
const what = ref('');

async function leave(): Promise<void> {
  const text = truncate(what.value.trim(), 200);
  if (text && session.person)
    await outbox.leaveApartHere({
      id: newId(),
      bikeId: props.bike.id,
      tag: props.bike.tag,
      what: text,
      at: now(),
      author: session.person.id,
    });
  emit('left');
}
</script>

<template>
  <section class="space-y-3" aria-labelledby="leave-it" data-leave>
    <h2 id="leave-it" class="sturdy text-2xl">Leave {{ bike.tag }} for now</h2>
    <p>{{ left }} looks are left. Your marks stay: you or somebody else goes on from here, at any tablet.</p>
    <CautionLine
      text="Is anything loose, open or off the bike right now? Say it: the bike is held until it is put together again."
    />
    <NoteField v-model="what" prompt="Left apart: what is loose, open or missing" :needed="false" />
    <div class="flex flex-wrap gap-2">
      <ActButton kind="main" big data-leave-now @click="leave">{{
        what.trim() ? 'Leave it, held' : 'Nothing is apart: leave it'
      }}</ActButton>
      <ActButton @click="emit('stay')">Stay</ActButton>
    </div>
  </section>
</template>
