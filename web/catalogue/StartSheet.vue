<script setup lang="ts">
import { computed } from 'vue';
import { rideOutFor } from '@cadre/core/catalogue';
import { groupSheets } from './sheet-groups';
import { useCatalogue } from './use-catalogue';

/** Checks of other kinds for this bike: what happened to it, or what is due, chooses. */
const props = defineProps<{ bikeId: string; kind: string }>();
const catalogue = useCatalogue();
if (!catalogue.known) void catalogue.load();
const sheets = computed(() => {
  const known = catalogue.known?.sheets ?? [];
  const usual = rideOutFor(known, props.kind)?.key;
  const others = known.filter(
    (sheet) => sheet.key !== usual && (!sheet.kinds || sheet.kinds.includes(props.kind)),
  );
  return groupSheets(others).flatMap((group) => group.sheets);
});
</script>

<template>
  <section v-if="sheets.length" aria-labelledby="other-checks">
    <h2 id="other-checks" class="sturdy text-xl">Other checks</h2>
    <ul class="mt-1 flex flex-wrap gap-2">
      <li v-for="sheet in sheets" :key="sheet.key">
        <RouterLink
          :to="{ name: 'stand', params: { bikeId }, query: { sheet: sheet.key } }"
          class="inline-flex min-h-12 items-center rounded-md border-2 border-ink/60 bg-plate px-3 font-semibold"
          :title="sheet.purpose"
          :data-start-sheet="sheet.key"
          >{{ sheet.name }}</RouterLink
        >
      </li>
    </ul>
  </section>
</template>
