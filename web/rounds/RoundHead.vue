<script setup lang="ts">
import { computed } from 'vue';
import type { Round } from '@cadre/contract/rounds';
import { dayAndClock, untilNow, useNow } from '@cadre/web/platform/time';
import { useCatalogue } from '@cadre/web/catalogue';
import { useFleet } from '@cadre/web/fleet';
import { useRounds } from './use-rounds';
import * as t from './messages';

/** Which round this is: its checklist, its place, until when, and who is on it. */
const props = defineProps<{ round: Round; zone: string }>();
const fleet = useFleet();
const rounds = useRounds();
const catalogue = useCatalogue();
const now = useNow();
const checklistName = computed(() =>
  props.round.checklistKey
    ? (catalogue.summaryOf(props.round.checklistKey)?.name ?? props.round.checklistKey)
    : t.rideOut,
);
</script>

<template>
  <header class="flex flex-wrap items-baseline gap-x-3">
    <h1 class="sturdy text-3xl leading-tight max-sm:text-2xl">{{ round.name }}</h1>
    <span class="ml-auto flex gap-2 sm:order-1"><slot /></span>
    <p class="leading-tight text-soft max-sm:basis-full">
      {{ checklistName }} · {{ fleet.siteById.get(round.siteId)?.name }} ·
      <template v-if="round.state === 'open'">{{
        t.whenSpan({ when: dayAndClock(round.deadline, now, zone), span: untilNow(round.deadline, now) })
      }}</template>
      <template v-else>{{
        t.closedNameOfWhen({
          nameOf: fleet.nameOf(round.closedBy ?? ''),
          when: dayAndClock(round.closedAt ?? now, now, zone),
        })
      }}</template>
      <template v-if="round.people.length"> · {{ round.people.map(fleet.nameOf).join(', ') }}</template>
    </p>
    <p v-if="rounds.asOf" role="status" class="basis-full text-watch">
      {{ t.offlineChangesOtherPeople }}
    </p>
  </header>
</template>
