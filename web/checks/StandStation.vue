<script setup lang="ts">
import { useProvided } from '@cadre/web/platform/provided';
import type { Station } from '@cadre/core/catalogue';
import { PHASE_WORDS, zonesName } from '@cadre/web/words';
import { ActButton } from '@cadre/web/ui';
import StandRow from './StandRow.vue';
import { STAND_CHECK } from './use-stand-check';
import * as t from './messages';

/** One station of the way round: its questions, and how to look at them when asked. */
defineProps<{ station: Station }>();
const { stand, howShown } = useProvided(STAND_CHECK);
const { cameFrom } = stand;
</script>

<template>
  <section :aria-label="t.stationZonesname({ at: stand.at.value + 1, zonesName: zonesName(station.zones) })">
    <div class="flex flex-wrap items-center justify-between gap-2">
      <h2 class="sturdy text-2xl leading-tight">
        {{ zonesName(station.zones)
        }}<span v-if="station.phase" class="ml-2 font-plain text-base font-normal text-soft">{{
          PHASE_WORDS[station.phase]
        }}</span>
      </h2>
      <div class="flex flex-wrap items-center">
        <ActButton v-if="cameFrom" data-back @click="stand.goBack()">{{
          t.backZonesname({ zonesName: zonesName(cameFrom.zones) })
        }}</ActButton>
        <ActButton kind="quiet" :aria-pressed="howShown" @click="howShown = !howShown">{{
          howShown ? t.hideHowLook : t.howLook
        }}</ActButton>
      </div>
    </div>
    <ol class="mt-2 space-y-1.5">
      <StandRow
        v-for="(question, index) in station.questions"
        :key="question.key"
        :question="question"
        :index="index"
      />
    </ol>
  </section>
</template>
