<script setup lang="ts">
import { computed } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import { putAwayHint, useFleet } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import type { Refusal } from '@cadre/web/ui';
import { WHEREABOUTS_WORDS } from '@cadre/web/words';
import * as t from './messages';

/** Where it hangs, or where it could: what a person with a bike in each hand asks. */
const props = defineProps<{ bike: Bike; refusal: Refusal }>();
const fleet = useFleet();
const session = useSession();
const place = computed(() => putAwayHint(props.bike, fleet.racks, fleet.bikes));
const hang = (): void => {
  const to = place.value;
  if (to)
    void props.refusal.run(() =>
      fleet.hang(props.bike.siteId, [{ bikeId: props.bike.id, hookId: to.hookId }]),
    );
};
</script>

<template>
  <p class="leading-snug" data-place>
    <template v-if="bike.whereabouts !== 'in'"
      >{{ t.bikeWhereabouts({ whereabouts: WHEREABOUTS_WORDS[bike.whereabouts] }) }}{{ ' ' }}</template
    >
    <template v-if="place?.own">{{
      t.partRackHookNumber({
        part: bike.whereabouts === 'in' ? t.on : t.goesBack,
        rack: place.rack,
        number: place.number,
      })
    }}</template>
    <template v-else-if="place"
      >{{ t.noHookNearestFree({ rack: place.rack, number: place.number }) }}
      <button
        v-if="session.may('edit-fleet')"
        type="button"
        class="min-h-8 font-semibold text-act underline"
        data-hang
        @click="hang"
      >
        {{ t.moveHook }}
      </button></template
    >
    <template v-else>{{ t.noHookNoFree }}</template>
  </p>
</template>
