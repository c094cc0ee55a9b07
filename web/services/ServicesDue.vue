<script setup lang="ts">
import { computed } from 'vue';
import { CalendarClock } from '@lucide/vue';
import type { Bike } from '@cadre/contract/fleet';
import { overdueServices } from '@cadre/core/fitness';
import { dayAt, useNow } from '@cadre/web/platform/time';
import { useSession } from '@cadre/web/people';
import { ActButton, NoticePlate } from '@cadre/web/ui';
import { useServiceDone } from './use-service-done';
import * as t from './messages';

/** The services of a bike that are overdue, each done with one touch. */
const props = defineProps<{
  bike: Bike;
  timeZone?: string | undefined;
  /** Of those what is settled another way just now. */
  except?: ReadonlySet<string>;
}>();
const now = useNow();
const session = useSession();
const { refusal, isOnItsWay, done } = useServiceDone();
const overdue = computed(() =>
  overdueServices(props.bike.facts, now.value).filter((each) => !props.except?.has(each.service)),
);
</script>

<template>
  <section v-if="overdue.length" :aria-label="t.serviceNeeded" data-services-due>
    <slot />
    <ul class="space-y-1">
      <li
        v-for="each in overdue"
        :key="each.service"
        class="flex items-center gap-2 border-l-4 border-watch pl-3"
        :data-service="each.service"
      >
        <CalendarClock :size="20" class="shrink-0" aria-hidden="true" />
        <p class="min-w-0 grow leading-snug">
          <span class="font-semibold">{{ each.name }}</span>
          <span class="block text-[0.95rem] text-soft">{{
            each.overdue === 'due' || (each.until !== undefined && now >= each.until)
              ? t.bikeStaysIn
              : each.until !== undefined
                ? t.fixBy({ when: dayAt(each.until, timeZone) })
                : t.overdueSince({ when: dayAt(each.dueAt, timeZone) })
          }}</span>
        </p>
        <ActButton
          v-if="session.may('mark')"
          class="shrink-0"
          :disabled="isOnItsWay(bike, each.service)"
          :aria-label="t.doneService({ name: each.name })"
          :data-service-done="each.service"
          @click="done(bike, each.service)"
          >{{ t.done }}</ActButton
        >
      </li>
    </ul>
    <NoticePlate v-if="refusal.said.value" class="mt-2" :said="refusal.said.value" />
  </section>
</template>
