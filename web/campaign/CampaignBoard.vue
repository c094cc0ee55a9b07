<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Campaign } from '@cadre/contract/campaign';
import { siteDay } from '@cadre/core/schedule';
import { dayWords, useNow } from '@cadre/web/platform/time';
import { useFleet } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import { ActButton, DisclosureBox, NoticePlate } from '@cadre/web/ui';
import CampaignBike from './CampaignBike.vue';
import CampaignDay from './CampaignDay.vue';
import CampaignPeople from './CampaignPeople.vue';
import { SLIP_WORDS } from './slip-wording';
import { useBoard } from './use-board';
import { useCampaigns } from './use-campaigns';
import * as t from './messages';

/** A campaign as days with bikes: how far it is, what slips and why, and every bike can be put on another day. */
const props = defineProps<{ campaign: Campaign }>();
const fleet = useFleet();
const session = useSession();
const campaigns = useCampaigns();
const clock = useNow();
const board = useBoard(() => props.campaign);
const { days, overdue, busiest, slips, wouldBeDone, refusal, said, quickly } = board;
const picked = ref<string | null>(null);
const ending = ref(false);
const mayPlan = computed(() => session.may('edit-fleet'));
const today = computed(() =>
  siteDay(clock.value, fleet.siteById.get(props.campaign.siteId)?.timeZone ?? 'UTC'),
);
const pickedSlot = computed(
  () =>
    [...days.value.flatMap((day) => day.slots), ...overdue.value].find(
      (slot) => slot.bikeId === picked.value,
    ) ?? null,
);
const capacity = computed(() =>
  Math.min(
    props.campaign.stands * props.campaign.standMinutes,
    props.campaign.people.reduce((sum, each) => sum + each.minutes, 0) || 1,
  ),
);
async function drop(bikeId: string, day: string): Promise<void> {
  const slot = props.campaign.slots.find((each) => each.bikeId === bikeId);
  if (slot && slot.day !== day) await board.fix(bikeId, day, slot.personId);
}
</script>

<template>
  <article class="space-y-3" :aria-label="campaign.name" :data-campaign="campaign.name">
    <header class="flex flex-wrap items-center gap-x-4 gap-y-1">
      <h2 class="mr-auto leading-tight">
        <span class="sturdy block text-xl">{{ campaign.name }}</span>
        <span class="figures text-soft"
          >{{ t.byDay({ day: dayWords(campaign.byDay) }) }} ·
          <strong class="text-ink" data-campaign-done>{{
            t.doneOf({ done: campaign.done.length, of: campaign.bikes.length })
          }}</strong>
          · {{ t.busiestDay({ hours: Math.round(busiest / 6) / 10 })
          }}<template v-if="campaign.gap !== null && campaign.gap < 0.0001">
            · {{ t.provenBest }}</template
          ></span
        >
      </h2>
      <template v-if="mayPlan && !ending">
        <ActButton :disabled="refusal.busy.value" data-plan-again @click="board.again()">{{
          refusal.busy.value ? t.planning : t.planAgain
        }}</ActButton>
        <ActButton data-end @click="ending = true">{{ t.end }}</ActButton>
      </template>
    </header>
    <div v-if="ending" class="flex flex-wrap items-center gap-2" role="alert">
      <p class="grow font-semibold">{{ t.endSure({ name: campaign.name }) }}</p>
      <ActButton @click="ending = false">{{ t.keepIt }}</ActButton>
      <ActButton
        kind="held"
        :disabled="refusal.busy.value"
        @click="refusal.run(() => campaigns.end(campaign.id))"
        >{{ t.endYes }}</ActButton
      >
    </div>
    <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" />
    <p v-if="said" role="status" class="font-semibold" data-said>{{ said }}</p>
    <p v-if="quickly" role="status" class="text-watch">{{ t.quickPlan }}</p>
    <section
      v-if="slips.length"
      class="rounded-lg border-2 border-held bg-plate px-4 py-2"
      data-slips
      :aria-label="t.slips({ bikes: campaign.slips.length, day: dayWords(campaign.byDay) })"
    >
      <p class="font-semibold text-held">
        {{ t.slips({ bikes: campaign.slips.length, day: dayWords(campaign.byDay) }) }}
      </p>
      <p v-for="each in slips" :key="each.because" class="leading-snug">
        <span class="sturdy">{{ each.tags.join(' ') }}</span> · {{ SLIP_WORDS[each.because] }}
      </p>
      <p class="text-soft">
        {{ wouldBeDone ? t.doneByThen({ day: dayWords(wouldBeDone) }) : t.moreDaysNoHelp }}
      </p>
    </section>
    <p v-if="overdue.length" class="leading-snug" data-overdue>
      <strong class="text-held">{{ t.overdue }}</strong>
      <span class="sturdy ml-1.5">{{ overdue.map((slot) => slot.tag).join(' ') }}</span> · {{ t.overdueSays }}
    </p>
    <DisclosureBox v-if="mayPlan" :title="t.crewTitle">
      <CampaignPeople :campaign="campaign" :busy="refusal.busy.value" :today="today" @again="board.again" />
    </DisclosureBox>
    <CampaignBike
      v-if="pickedSlot"
      :key="pickedSlot.bikeId + pickedSlot.day"
      :campaign="campaign"
      :entry="pickedSlot"
      :busy="refusal.busy.value"
      @fix="(day, personId) => board.fix(pickedSlot?.bikeId ?? '', day, personId)"
      @let-go="board.letGo(pickedSlot.bikeId)"
      @close="picked = null"
    />
    <div class="grid grid-cols-[repeat(auto-fill,minmax(13rem,1fr))] gap-2">
      <CampaignDay
        v-for="day in days"
        :key="day.day"
        :day="day"
        :capacity="capacity"
        :picked="picked"
        :movable="mayPlan"
        @pick="(bikeId) => (picked = picked === bikeId ? null : bikeId)"
        @dropped="(bikeId) => drop(bikeId, day.day)"
      />
    </div>
  </article>
</template>
