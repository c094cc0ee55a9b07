<script setup lang="ts">
import { computed, ref } from 'vue';
import { zonesOf, type Checkpoint, type ChecklistItem, type Zone } from '@cadre/core/catalogue';
import { ActButton } from '@cadre/web/ui';
import ChecklistZone from './ChecklistZone.vue';
import CheckpointForm from './CheckpointForm.vue';
import CheckpointPicker from './CheckpointPicker.vue';
import { useEditing } from './checklist-draft-key';
import { useCheckpoints } from './use-checkpoints';
import * as t from './messages';

/** What is on the checklist, zone by zone; checkpoints are taken from the catalogue or written here. */
const { draft, checklist, said, writing } = useEditing();
const { all } = useCheckpoints();
const picking = ref(false);
const taken = computed(
  () =>
    new Set([
      ...all.value.map((each) => each.checkpoint.key),
      ...checklist.value.items.map((item) => item.checkpoint.key),
    ]),
);
const zoneOf = (item: ChecklistItem): Zone =>
  item.checkpoint.at.only ?? item.checkpoint.at.front ?? item.checkpoint.at.rear ?? 'off-bike';
const groups = computed(() =>
  zonesOf(checklist.value.route)
    .map((zone) => ({ zone, items: checklist.value.items.filter((item) => zoneOf(item) === zone) }))
    .filter((group) => group.items.length > 0),
);
function saveCheckpoint(checkpoint: Checkpoint): void {
  if (writing.open.value === 'new') draft.add(checkpoint);
  else draft.setItem(checkpoint.key, { checkpoint });
  writing.end();
}
</script>

<template>
  <section aria-labelledby="items">
    <div class="flex flex-wrap items-center gap-2">
      <h2 id="items" class="sturdy grow text-xl">
        {{ t.checkpointCount({ items: checklist.items.length }) }}
      </h2>
      <ActButton :aria-expanded="picking" data-pick @click="picking = !picking">{{
        picking ? t.closeListCheckpoints : t.addCheckpoint
      }}</ActButton>
      <ActButton data-write-checkpoint @click="writing.begin('new')">{{ t.writeNewCheckpoint }}</ActButton>
    </div>
    <p v-if="said('items')" class="font-semibold text-held" role="alert">{{ t.addLeastOneCheckpoint }}</p>
    <CheckpointPicker
      v-if="picking"
      class="mt-2"
      :known="all"
      :on="new Set(checklist.items.map((item) => item.checkpoint.key))"
      @add="draft.add"
      @remove="draft.remove"
    />
    <CheckpointForm
      v-if="writing.open.value === 'new'"
      class="mt-2"
      :checkpoint="null"
      :taken="taken"
      @save="saveCheckpoint"
      @away="writing.end"
    />
    <ChecklistZone
      v-for="group in groups"
      :key="group.zone"
      :zone="group.zone"
      :items="group.items"
      :writing="writing.open.value === 'new' ? null : (writing.open.value?.key ?? null)"
      :taken="taken"
      @edit="writing.begin"
      @save="saveCheckpoint"
      @away="writing.end"
    />
    <p class="mt-2 text-soft">
      {{ t.withinZoneStandGroups }}
    </p>
  </section>
</template>
