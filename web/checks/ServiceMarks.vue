<script setup lang="ts">
import { computed } from 'vue';
import { listServices } from '@cadre/contract/checks';
import { dayAndClock, useToday } from '@cadre/web/platform/time';
import { send } from '@cadre/web/platform/api';
import { useAnswer } from '@cadre/web/platform/act';
import { useFleet } from '@cadre/web/fleet';
import * as t from './messages';

/** When a bike was last looked over whole, by each checklist. */
const props = defineProps<{ bikeId: string; version: unknown; timeZone?: string | undefined }>();
const fleet = useFleet();
const today = useToday();
const { answer, unreachable } = useAnswer(
  () => [props.bikeId, props.version],
  () => send(listServices, { params: { id: props.bikeId } }),
);
const services = computed(() => answer.value?.services ?? []);
</script>

<template>
  <section aria-labelledby="services" class="rounded-lg border-2 border-line bg-plate p-4" data-services>
    <h2 id="services" class="sturdy text-xl">{{ t.lastCompleteCheck }}</h2>
    <p v-if="unreachable" class="text-soft">{{ t.offlineCannotShown }}</p>
    <p v-else-if="services.length === 0" class="text-soft">{{ t.noCompleteCheckYet }}</p>
    <dl class="mt-1">
      <div
        v-for="each in services"
        :key="each.checklistKey"
        class="flex flex-wrap gap-x-3 border-t border-line py-1 leading-snug first:border-0"
      >
        <dt class="grow">
          <RouterLink
            :to="{ name: 'check', params: { checkId: each.checkId } }"
            class="font-semibold text-act underline"
            >{{ each.checklistName }}</RouterLink
          >
          <span class="ml-2 text-[0.95rem] text-soft">{{ t.timeCount({ times: each.times }) }}</span>
        </dt>
        <dd class="figures text-[0.95rem]">
          {{ dayAndClock(each.at, today, timeZone) }}
          <span class="text-soft">{{ fleet.nameOf(each.by) }}</span>
        </dd>
      </div>
    </dl>
  </section>
</template>
