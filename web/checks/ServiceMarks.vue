<script setup lang="ts">
import { ref, watch } from 'vue';
import { listServices } from '@cadre/contract/checks';
import type { AnswerOf } from '@cadre/contract/http';
import { count, dayAndClock, send, UnreachableError, useNow } from '@cadre/web/app';
import { useFleet } from '@cadre/web/fleet';

/** When a bike was last looked over whole, by each sheet. */
const props = defineProps<{ bikeId: string; version: unknown; timeZone?: string | undefined }>();
const fleet = useFleet();
const now = useNow();
const services = ref<AnswerOf<typeof listServices>['services']>([]);
const unreachable = ref(false);
watch(
  [() => props.bikeId, () => props.version],
  async () => {
    const { bikeId } = props;
    try {
      const answer = await send(listServices, { params: { id: bikeId } });
      if (bikeId === props.bikeId) services.value = answer.services;
      unreachable.value = false;
    } catch (error) {
      if (!(error instanceof UnreachableError)) throw error;
      unreachable.value = true;
    }
  },
  { immediate: true },
);
</script>

<template>
  <section aria-labelledby="services" class="rounded-lg border-2 border-line bg-plate p-4" data-services>
    <h2 id="services" class="sturdy text-xl">Last looked over whole</h2>
    <p v-if="unreachable" class="text-soft">No signal: not at hand.</p>
    <p v-else-if="services.length === 0" class="text-soft">By no sheet yet.</p>
    <dl class="mt-1">
      <div v-for="each in services" :key="each.sheetKey" class="flex flex-wrap gap-x-3 border-t border-line py-1 leading-snug first:border-0">
        <dt class="grow">
          <RouterLink :to="{ name: 'check', params: { checkId: each.checkId } }" class="font-semibold text-act underline">{{
            each.sheetName
          }}</RouterLink>
          <span class="ml-2 text-[0.95rem] text-soft">{{ count(each.times, 'time') }}</span>
        </dt>
        <dd class="figures text-[0.95rem]">
          {{ dayAndClock(each.at, now, timeZone) }} <span class="text-soft">{{ fleet.nameOf(each.by) }}</span>
        </dd>
      </div>
    </dl>
  </section>
</template>
