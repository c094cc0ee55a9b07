<script setup lang="ts">
import { computed } from 'vue';
import { useProvided } from '@cadre/web/platform/provided';
import type { Station } from '@cadre/core/catalogue';
import { PHASE_WORDS, zonesName } from '@cadre/web/words';
import { ActButton } from '@cadre/web/ui';
import StandRow from './StandRow.vue';
import { STAND_CHECK } from './use-stand-check';
import * as t from './messages';

/** One station of the way round: its questions, and how to look at them when asked. */
const props = defineProps<{ station: Station }>();
const placed = computed(() => new Set(props.station.questions.map(({ position }) => position)).size > 1);
const { stand, howShown } = useProvided(STAND_CHECK);
const { cameFrom } = stand;
</script>

<template>
  <section :aria-label="t.stationZonesName({ at: stand.at.value + 1, zonesName: zonesName(station.zones) })">
    <div class="flex flex-wrap items-center justify-between gap-2">
      <h2 class="sturdy text-2xl leading-tight">
        {{ zonesName(station.zones)
        }}<span v-if="station.phase" class="ml-2 font-plain text-base font-normal text-soft">{{
          PHASE_WORDS[station.phase]
        }}</span>
      </h2>
      <div class="flex flex-wrap items-center">
        <ActButton v-if="cameFrom" data-back @click="stand.goBack()">{{
          t.backZonesName({ zonesName: zonesName(cameFrom.zones) })
        }}</ActButton>
        <ActButton kind="quiet" :aria-pressed="howShown" @click="howShown = !howShown">{{
          howShown ? t.hideInstructions : t.instructions
        }}</ActButton>
      </div>
    </div>
    <ol class="mt-1 space-y-1">
      <StandRow
        v-for="(question, index) in station.questions"
        :key="question.key"
        :question="question"
        :index="index"
        :placed="placed"
      />
    </ol>
  </section>
</template>
