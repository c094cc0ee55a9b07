<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import { getServices } from '@cadre/contract/services';
import { dayAt, useNow } from '@cadre/web/platform/time';
import { send } from '@cadre/web/platform/api';
import { useAnswer } from '@cadre/web/platform/act';
import { useSession } from '@cadre/web/people';
import { ActButton, NoticePlate } from '@cadre/web/ui';
import OdometerForm from './OdometerForm.vue';
import { everyWords, leftWords } from './service-wording';
import { useServiceDone } from './use-service-done';
import * as t from './messages';

/** Everything on a bike that comes round again: when it was last done, when it falls due, and done with one touch. */
const props = defineProps<{ bike: Bike; timeZone?: string | undefined }>();
const FIRST = 5;
const now = useNow();
const session = useSession();
const { refusal, isOnItsWay, done } = useServiceDone();
const all = ref(false);
const { answer, unreachable } = useAnswer(
  () => [props.bike.id, props.bike.facts],
  () => send(getServices, { params: { id: props.bike.id } }),
);
const services = computed(() => answer.value?.services ?? []);
const isOverdue = (dueAt: number | null): boolean => dueAt !== null && now.value >= dueAt;
/** All that is overdue, and the next few. */
const shown = computed(() =>
  all.value ? services.value : services.value.filter((each, at) => at < FIRST || isOverdue(each.dueAt)),
);
</script>

<template>
  <section
    aria-labelledby="bike-services"
    class="rounded-lg border-2 border-line bg-plate p-4"
    data-bike-services
  >
    <h2 id="bike-services" class="sturdy text-xl">{{ t.services }}</h2>
    <p v-if="unreachable" class="text-soft">{{ t.offline }}</p>
    <p v-else-if="!answer" class="text-soft" role="status">{{ t.loading }}</p>
    <p v-else-if="services.length === 0" class="text-soft">{{ t.none }}</p>
    <ul class="mt-1">
      <li
        v-for="each in shown"
        :key="each.key"
        class="flex items-center gap-3 border-t border-line py-2 leading-snug first:border-0"
        :data-service="each.key"
        :data-overdue="isOverdue(each.dueAt)"
      >
        <div class="min-w-0 grow">
          <p class="font-semibold">{{ each.name }}</p>
          <p
            class="figures text-[0.95rem]"
            :class="isOverdue(each.dueAt) && 'font-semibold text-watch'"
            data-service-left
          >
            {{ leftWords(each, now, timeZone) }}
          </p>
          <p class="text-[0.95rem] text-soft">
            {{ everyWords(each) }}.
            {{
              each.everDone
                ? t.lastDone({ when: dayAt(each.since, timeZone) })
                : t.neverDone({ when: dayAt(each.since, timeZone) })
            }}.
          </p>
        </div>
        <ActButton
          v-if="session.may('mark')"
          class="shrink-0"
          :disabled="isOnItsWay(bike, each.key)"
          :aria-label="t.doneService({ name: each.name })"
          :data-service-done="each.key"
          @click="done(bike, each.key)"
          >{{ t.done }}</ActButton
        >
      </li>
    </ul>
    <ActButton
      v-if="services.length > shown.length || all"
      kind="quiet"
      class="!px-0"
      data-all-services
      @click="all = !all"
      >{{ all ? t.showLess : t.showAll({ many: services.length }) }}</ActButton
    >
    <NoticePlate v-if="refusal.said.value" class="mt-2" :said="refusal.said.value" />
    <OdometerForm
      v-if="answer && session.may('hand-out')"
      class="mt-3 border-t border-line pt-3"
      :bike="bike"
      :last="answer.odometer"
      :time-zone="timeZone"
    />
  </section>
</template>
