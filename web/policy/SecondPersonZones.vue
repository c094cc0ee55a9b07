<script setup lang="ts">
import { ZONES, type Zone } from '@cadre/core/catalogue';
import { CheckField } from '@cadre/web/ui';
import { ZONE_WORDS } from '@cadre/web/words';
import { useGivenPolicy } from './policy-key';
import * as t from './messages';

/** Where nobody checks their own repair. */
const { set, chosen } = useGivenPolicy();
function toggleZone(zone: Zone, yes: boolean): void {
  const zones = new Set(chosen.value.secondPersonZones);
  if (yes) zones.add(zone);
  else zones.delete(zone);
  set({ secondPersonZones: ZONES.filter((each) => zones.has(each)) });
}
</script>

<template>
  <section aria-labelledby="second">
    <h2 id="second" class="sturdy text-xl">
      {{ t.secondPersonRechecksRepairs }}
    </h2>
    <div class="flex flex-wrap gap-x-5">
      <CheckField
        v-for="zone in ZONES"
        :key="zone"
        :model-value="chosen.secondPersonZones.includes(zone)"
        @update:model-value="toggleZone(zone, $event)"
        >{{ ZONE_WORDS[zone] }}</CheckField
      >
    </div>
  </section>
</template>
