<script setup lang="ts">
import { DAY_MS } from '@cadre/core/time';
import { listCosts } from '@cadre/contract/repairs';
import { now as serverNow } from '@cadre/web/platform/time';
import { send } from '@cadre/web/platform/api';
import { useAnswer } from '@cadre/web/platform/act';
import { useMoney } from '@cadre/web/parts';
import * as t from './messages';

/** What a bike's repairs cost in the last twelve months, and what they went into. */
const props = defineProps<{ bikeId: string; version: unknown }>();
const YEAR_MS = 365 * DAY_MS;
const money = useMoney();
const { answer: costs, unreachable } = useAnswer(
  () => [props.bikeId, props.version],
  () => {
    const to = serverNow();
    return send(listCosts, { query: { from: to - YEAR_MS, to, bikeId: props.bikeId } });
  },
);
</script>

<template>
  <section aria-labelledby="costs-of" class="rounded-lg border-2 border-line bg-plate p-4" data-bike-costs>
    <h2 id="costs-of" class="sturdy text-xl">{{ t.costInLast12 }}</h2>
    <p v-if="unreachable" class="text-soft">{{ t.offlineCannotShown }}</p>
    <p v-else-if="costs && costs.total.repairs === 0" class="text-soft">{{ t.noRepairs }}</p>
    <template v-else-if="costs">
      <p class="figures mt-1 leading-tight">
        <span class="sturdy mr-3 text-2xl">{{ money.show(costs.total.cost) }}</span>
        <span class="text-soft">
          {{
            t.repairPartsShowMinutes({
              repairs: costs.total.repairs,
              show: money.show(costs.total.parts),
              minutes: costs.total.minutes,
            })
          }}</span
        >
      </p>
      <dl class="mt-1">
        <div
          v-for="row in costs.byFinding.slice(0, 6)"
          :key="row.key"
          class="flex gap-3 border-t border-line py-1 leading-snug first:border-0"
        >
          <dt class="grow">{{ row.key }}</dt>
          <dd class="figures shrink-0">{{ money.show(row.cost) }}</dd>
        </div>
      </dl>
    </template>
  </section>
</template>
