<script setup lang="ts">
import { computed, ref } from 'vue';
import { RouterLink } from 'vue-router';
import { listSimilarFaults } from '@cadre/contract/similar-faults';
import { dayAndClock, useNow } from '@cadre/web/platform/time';
import { send } from '@cadre/web/platform/api';
import { useSavedQuery } from '@cadre/web/platform/query';
import { useFleet } from '@cadre/web/fleet';
import { ActButton } from '@cadre/web/ui';
import { siblingWords } from './sibling-wording';
import * as t from './messages';

/** Other bikes where the same may be wrong: why, who has it already, who was looked at since, and a batch over the rest. */
const props = defineProps<{ findingId: string }>();
const fleet = useFleet();
const now = useNow();
const open = ref(false);
const { data: told } = useSavedQuery({
  key: () => ['similar-faults', props.findingId],
  ask: () => send(listSimilarFaults, { params: { id: props.findingId } }),
  save: false,
});
const siblings = computed(() => told.value?.siblings ?? []);
const left = computed(() => siblings.value.filter((each) => each.lookedAt === null && !each.found));
const groups = computed(() => {
  const byWhy = new Map<string, typeof siblings.value>();
  for (const each of siblings.value) {
    const why = siblingWords(
      each.because,
      each.because === 'same-hands' ? fleet.nameOf(each.what) : each.what,
    );
    byWhy.set(why, [...(byWhy.get(why) ?? []), each]);
  }
  return [...byWhy];
});
const batch = computed(() => ({
  name: 'batch-check',
  query: {
    bikes: left.value.map((each) => each.tag).join(','),
    ...(told.value?.checklistKey ? { checklist: told.value.checklistKey } : {}),
    of: `look:${told.value?.checkpoint ?? ''}`,
  },
}));
</script>

<template>
  <div v-if="siblings.length" class="mt-1" data-similar-faults>
    <ActButton
      kind="quiet"
      class="!px-0 text-left"
      :aria-expanded="open"
      data-similar-faults-open
      @click="open = !open"
      >{{ t.similarBikeMayHave({ siblings: siblings.length, left: left.length }) }}</ActButton
    >
    <div v-if="open" class="space-y-2 rounded-md bg-sunk p-3">
      <div v-for="[why, bikes] in groups" :key="why">
        <p class="text-soft">{{ why }}</p>
        <ul class="flex flex-wrap gap-x-4 gap-y-1">
          <li v-for="each in bikes" :key="each.bikeId" class="leading-tight" :data-sibling="each.tag">
            <RouterLink
              :to="{ name: 'bike', params: { bikeId: each.bikeId } }"
              class="sturdy inline-flex min-h-12 items-center text-lg underline"
              :class="each.found && 'text-held'"
              >{{ each.tag }}</RouterLink><span v-if="each.found" class="ml-1 text-held">{{
              t.hasFault
            }}</span
            ><span v-else-if="each.lookedAt" class="ml-1 text-soft">{{
              t.checkedWhen({ when: dayAndClock(each.lookedAt, now) })
            }}</span>
          </li>
        </ul>
      </div>
      <ActButton v-if="left.length" :to="batch" data-batch-across>{{
        t.checkBikeForFault({ left: left.length })
      }}</ActButton>
      <p v-else>{{ t.allSimilarBikesWere }}</p>
    </div>
  </div>
</template>
