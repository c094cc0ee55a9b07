<script setup lang="ts">
import { computed } from 'vue';
import type { Asked, Station } from '@cadre/core/catalogue';
import type { Progress, Standing } from '@cadre/core/checks';
import { severityOf } from '@cadre/core/findings';
import { count } from '@cadre/web/platform/time';
import { useCatalogue } from '@cadre/web/catalogue';
import { withPosition, zonesName } from '@cadre/web/words';
import { ActButton, OutcomeMark } from '@cadre/web/ui';
import { OUTCOME_WORDS } from './wording';

/** Before the name goes under it: what is not sound, what nobody looked at, what signing will do. */
const props = defineProps<{
  progress: Progress;
  stations: readonly Station[];
  standings: ReadonlyMap<string, Standing>;
  signer: string;
  trainee: boolean;
  clears: boolean;
  trouble: string | null;
}>();
const emit = defineEmits<{ sign: []; go: [question: Asked] }>();
const catalogue = useCatalogue();

const asked = computed(() => props.stations.flatMap((station) => station.asked));
const notSound = computed(() =>
  props.progress.notSound.flatMap((standing) => {
    const question = asked.value.find((each) => each.key === standing.key);
    return question
      ? [
          {
            question,
            standing,
            faults: standing.faults
              .map(
                (marked) =>
                  question.checkpoint.faults.find((fault) => fault.key === marked.fault)?.name ??
                  marked.fault,
              )
              .join(', '),
          },
        ]
      : [];
  }),
);
const missing = computed(() => props.progress.criticalsMissing);
const stops = computed(() =>
  notSound.value.filter(({ question, standing }) =>
    standing.faults.some(
      (marked) =>
        severityOf(
          standing.outcome,
          catalogue.floorOf(question.checkpoint.faults.find((fault) => fault.key === marked.fault)),
          marked,
        ) === 'stop',
    ),
  ),
);
const stationOf = (question: Asked): string =>
  zonesName(props.stations.find((station) => station.asked.includes(question))?.zones ?? [question.zone]);
</script>

<template>
  <section class="space-y-4" aria-labelledby="sign-off">
    <h2 id="sign-off" class="sturdy text-2xl">Sign off</h2>
    <p class="text-lg">
      {{ progress.looked }} of {{ progress.asked }} looked at{{
        notSound.length === 0 && missing.length === 0 ? ', all sound' : ''
      }}.
    </p>
    <p v-if="trouble" role="alert" class="rounded-md border-2 border-watch bg-watch-wash px-4 py-3">
      {{ trouble }}
    </p>
    <div v-if="missing.length" class="rounded-md border-2 border-held bg-held-wash p-3">
      <p class="font-semibold">
        {{ count(missing.length, 'critical') }} nobody looked at. Signed like this, the check is incomplete
        and the bike is held.
      </p>
      <ul class="mt-2 flex flex-wrap gap-2">
        <li v-for="question in missing.slice(0, 12)" :key="question.key">
          <ActButton @click="emit('go', question)">{{
            withPosition(question.checkpoint.name, question.position)
          }}</ActButton>
        </li>
        <li v-if="missing.length > 12" class="self-center">and {{ missing.length - 12 }} more</li>
      </ul>
    </div>
    <ul
      v-if="notSound.length"
      class="divide-y divide-line rounded-md border-2 border-line bg-plate"
      aria-label="Not sound"
    >
      <li v-for="{ question, standing, faults } in notSound" :key="question.key">
        <button
          type="button"
          class="flex min-h-14 w-full items-center gap-3 px-3 py-2 text-left"
          @click="emit('go', question)"
        >
          <OutcomeMark :outcome="standing.outcome" />
          <span class="grow leading-tight"
            ><strong class="font-semibold">{{
              withPosition(question.checkpoint.name, question.position)
            }}</strong
            ><br />{{ OUTCOME_WORDS[standing.outcome] }}{{ faults ? `: ${faults}` : '' }}</span
          >
          <span class="text-soft max-sm:hidden">{{ stationOf(question) }}</span>
        </button>
      </li>
    </ul>
    <p v-if="stops.length && missing.length === 0" class="font-semibold text-held">
      {{ stops.length === 1 ? 'This is a stop' : `${stops.length} of these are stops` }}: signed, the bike is
      held until it is repaired, looked at again and released.
    </p>
    <p v-if="trainee && clears" class="rounded-md bg-watch-wash px-4 py-2 text-watch">
      A trainee’s check counts when somebody experienced has co-signed it.
    </p>
    <ActButton kind="main" big class="w-full" data-sign @click="emit('sign')"
      >Sign as {{ signer }}{{ missing.length ? ', incomplete' : '' }}</ActButton
    >
  </section>
</template>
