<script setup lang="ts">
import { computed } from 'vue';
import { rideOutFor } from '@cadre/core/catalogue';
import { groupChecklists } from './checklist-groups';
import { useCatalogue } from './use-catalogue';
import * as t from './messages';

/** Checks of other kinds for this bike: what happened to it, or what is due, chooses. */
const props = defineProps<{ bikeId: string; kind: string }>();
const catalogue = useCatalogue();
if (!catalogue.known) void catalogue.load();
const checklists = computed(() => {
  const known = catalogue.known?.checklists ?? [];
  const usual = rideOutFor(known, props.kind)?.key;
  const others = known.filter(
    (checklist) => checklist.key !== usual && (!checklist.kinds || checklist.kinds.includes(props.kind)),
  );
  return groupChecklists(others).flatMap((group) => group.checklists);
});
</script>

<template>
  <section v-if="checklists.length" aria-labelledby="other-checks">
    <h2 id="other-checks" class="sturdy text-xl">{{ t.otherChecks }}</h2>
    <ul class="mt-1 flex flex-wrap gap-2">
      <li v-for="checklist in checklists" :key="checklist.key">
        <RouterLink
          :to="{ name: 'stand', params: { bikeId }, query: { checklist: checklist.key } }"
          class="inline-flex min-h-12 items-center rounded-md border-2 border-ink/60 bg-plate px-3 font-semibold"
          :title="checklist.purpose"
          :data-start-checklist="checklist.key"
          >{{ checklist.name }}</RouterLink
        >
      </li>
    </ul>
  </section>
</template>
