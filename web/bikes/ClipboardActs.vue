<script lang="ts">
/** The act that moves a bike on. */
export type NextAct = 'back' | 'bench' | 'check' | 'co-sign' | 'out' | 'report';
</script>

<script setup lang="ts">
import * as t from './messages';
import type { Bike } from '@cadre/contract/fleet';
import { mayGoOut, type FitnessAnswer } from '@cadre/core/fitness';
import { useSession } from '@cadre/web/people';
import { ActButton } from '@cadre/web/ui';

/** What can be done with the bike in hand: the one act that moves it on, large, and the others beside it. */
defineProps<{
  bike: Bike;
  answer: FitnessAnswer;
  next: NextAct;
  toBench: boolean;
  checkWords: string;
  busy: boolean;
}>();
const emit = defineEmits<{ check: []; 'co-sign': []; out: []; back: [] }>();
const session = useSession();
</script>

<template>
  <div class="flex flex-wrap gap-2">
    <ActButton
      v-if="next === 'check' && session.may('mark')"
      kind="main"
      big
      class="grow"
      data-next
      data-act="check"
      @click="emit('check')"
      >{{ checkWords }}</ActButton
    >
    <ActButton
      v-if="next === 'bench'"
      :to="{ name: 'bench', params: { bikeId: bike.id } }"
      data-next
      data-act="bench"
      kind="main"
      big
      class="grow"
      >{{ t.goBench }}</ActButton
    >
    <ActButton
      v-if="next === 'co-sign'"
      kind="main"
      big
      class="grow"
      :disabled="busy"
      data-next
      data-act="co-sign"
      @click="emit('co-sign')"
      >{{ t.coSignTraineesCheck }}</ActButton
    >
    <ActButton
      v-if="next === 'report'"
      :to="{ name: 'reports' }"
      data-next
      data-act="report"
      kind="main"
      big
      class="grow"
      >{{ t.readReport }}</ActButton
    >
    <ActButton
      v-if="next === 'out'"
      kind="main"
      big
      class="grow"
      :disabled="busy"
      data-next
      data-act="out"
      @click="emit('out')"
      >{{ t.handOut }}</ActButton
    >
    <ActButton
      v-if="next === 'back'"
      kind="main"
      big
      class="grow"
      :disabled="busy"
      data-next
      data-act="back"
      @click="emit('back')"
      >{{ t.takeBack }}</ActButton
    >
    <ActButton
      v-if="session.may('mark') && mayGoOut(answer.fitness)"
      :to="{ name: 'stand', params: { bikeId: bike.id }, query: { checklist: 'turnaround' } }"
      data-act="turnaround"
      >{{ t.turnaround }}</ActButton
    >
    <ActButton
      v-if="next !== 'check' && bike.whereabouts === 'in' && session.may('mark')"
      data-act="check"
      @click="emit('check')"
      >{{ t.checkAgain }}</ActButton
    >
    <ActButton v-if="next !== 'bench' && toBench" :to="{ name: 'bench', params: { bikeId: bike.id } }">{{
      t.bench
    }}</ActButton>
    <ActButton v-if="session.may('edit-fleet')" :to="{ name: 'bike-edit', params: { bikeId: bike.id } }">{{
      t.edit
    }}</ActButton>
  </div>
</template>
