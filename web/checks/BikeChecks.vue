<script setup lang="ts">
import { computed } from 'vue';
import { listChecks, type CheckSummary } from '@cadre/contract/checks';
import { dayAndClock, useToday } from '@cadre/web/platform/time';
import { send } from '@cadre/web/platform/api';
import { useAnswer } from '@cadre/web/platform/act';
import { useFleet } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import { ActButton } from '@cadre/web/ui';
import * as t from './messages';

/** The checks of a bike: those half done with a way to go on, and the signed ones as they were signed. */
const props = defineProps<{ bikeId: string; version: unknown; timeZone?: string }>();
const fleet = useFleet();
const session = useSession();
const today = useToday();
const { answer, unreachable } = useAnswer(
  () => [props.bikeId, props.version],
  () => send(listChecks, { params: { id: props.bikeId }, query: { most: 12 } }),
);
const checks = computed<readonly CheckSummary[]>(() => answer.value?.checks ?? []);
const open = computed(() => checks.value.filter((each) => each.state === 'open'));
const over = computed(() => checks.value.filter((each) => each.state === 'signed').slice(0, 8));
const nameOf = (each: CheckSummary): string => `${each.checklistName}${each.amends ? t.amendment : ''}`;
</script>

<template>
  <section v-if="checks.length || unreachable" aria-labelledby="checks-of" data-bike-checks>
    <h2 id="checks-of" class="sturdy text-xl">{{ t.checks }}</h2>
    <p v-if="unreachable" class="text-soft">{{ t.offlineEarlierChecksCannot }}</p>
    <ul class="mt-1 space-y-1.5">
      <li
        v-for="each in open"
        :key="each.id"
        class="flex flex-wrap items-center gap-x-3 rounded-md border-2 border-dashed border-act bg-plate px-3 py-1"
        data-open-check
      >
        <span class="min-w-0 grow leading-tight"
          ><span class="font-semibold">{{ nameOf(each) }}</span
          >{{ t.questionAnsweredSoFar({ marked: each.marked })
          }}<span class="block text-sm text-soft">{{
            t.startedNameOfWhen({
              nameOf: fleet.nameOf(each.openedBy),
              when: dayAndClock(each.openedAt, today, timeZone),
            })
          }}</span></span
        >
        <ActButton
          v-if="session.may('mark')"
          :to="{ name: 'stand', params: { bikeId }, query: { check: each.id, from: `/bikes/${bikeId}` } }"
          data-go-on
          kind="main"
          >{{ t.continueWord }}</ActButton
        >
      </li>
      <li v-for="each in over" :key="each.id">
        <RouterLink
          :to="{ name: 'check', params: { checkId: each.id } }"
          class="flex min-h-12 flex-wrap items-center gap-x-2 rounded-md border-2 border-line bg-plate px-3 leading-tight"
          data-signed-check
        >
          <span class="font-semibold underline">{{ nameOf(each) }}</span>
          <span class="figures text-soft"
            >{{ dayAndClock(each.signedAt ?? each.openedAt, today, timeZone) }} ·
            {{ fleet.nameOf(each.signedBy ?? '') }}</span
          >
          <span v-if="each.complete === false" class="ml-auto font-semibold text-watch">{{
            t.incomplete
          }}</span>
        </RouterLink>
      </li>
    </ul>
  </section>
</template>
