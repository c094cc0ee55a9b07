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
import * as t from './messages';

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
    <h2 id="leave-it" class="sturdy text-2xl">{{ t.leaveTagForNow({ tag: bike.tag }) }}</h2>
    <p>{{ t.questionStillOpenYour({ left }) }}</p>
    <CautionLine :text="t.partLooseOpenRemoved" />
    <NoteField v-model="what" :prompt="t.notReassembledWhatLoose" :needed="false" />
    <div class="flex flex-wrap gap-2">
      <ActButton kind="main" big data-leave-now @click="leave">{{
        what.trim() ? t.leaveBikeHeld : t.everythingAssembledLeave
      }}</ActButton>
      <ActButton @click="emit('stay')">{{ t.stayHere }}</ActButton>
    </div>
  </section>
</template>
