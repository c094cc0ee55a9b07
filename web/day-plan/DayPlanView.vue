<script setup lang="ts">
import { computed, onMounted, ref } from 'vue';
import type { DayPlanTold } from '@cadre/contract/day-plan';
import { clock } from '@cadre/web/platform/time';
import { useFleet } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import { ActButton, ChoiceChips, DisclosureBox, NoticePlate, useRefusal } from '@cadre/web/ui';
import PlanPerson from './PlanPerson.vue';
import WhoIsHere from './WhoIsHere.vue';
import { unmetWords } from './unmet-wording';
import { useDayPlans } from './use-day-plans';
import { usePlanDay } from './use-plan-day';
import * as t from './messages';

/** Today’s checks and repairs by person, one’s own first; planned anew by one touch. */
const fleet = useFleet();
const session = useSession();
const plans = useDayPlans();
const day = usePlanDay();
const { siteId, zone, plan, crew, quickly } = day;
const refusal = useRefusal();
const said = ref('');
const tried = ref(false);
onMounted(() => {
  if (!fleet.wall) void fleet.load();
});
const sites = computed(() => (fleet.wall?.sites ?? []).map((site) => ({ value: site.id, label: site.name })));
const mayPlan = computed(() => session.may('sign'));
const nobody = computed(() => !crew.value.some((each) => each.here));
const whoWords = computed(() =>
  t.whoIsHereNow({
    names: crew.value
      .filter((each) => each.here)
      .map((each) => each.person.name.split(' ')[0])
      .join(', '),
  }),
);
const lanes = computed(() => {
  const own = plan.value;
  if (!own) return [];
  return own.people
    .map(({ personId }) => ({
      ...{ personId, own: personId === session.person?.id },
      items: own.items.filter((item) => item.personId === personId),
    }))
    .toSorted((a, b) => Number(b.own) - Number(a.own));
});
const met = computed(() => {
  const short = (plan.value?.unmet ?? []).reduce((sum, each) => sum + each.short, 0);
  return (plan.value?.needed ?? 0) - short;
});
const best = computed(() => {
  const gap = plan.value?.gap ?? null;
  if (gap === null) return '';
  const percent = Math.ceil(gap * 1000) / 10;
  return percent < 0.1 ? t.provenBest : t.atMostBehind({ percent });
});
const groupOf = (id: string) => fleet.groups.find((group) => group.id === id) ?? null;
function othersFor(item: DayPlanTold['items'][number]): readonly { id: string; name: string }[] {
  if (!mayPlan.value) return [];
  return crew.value
    .filter(({ here, person }) => here && person.id !== item.personId)
    .filter(({ person }) => (item.work === 'check' ? person.checks : person.repairs))
    .map(({ person }) => ({ id: person.id, name: person.name }));
}
async function make(): Promise<void> {
  tried.value = true;
  said.value = '';
  if (!nobody.value) await refusal.run(() => day.make());
}
async function give(bikeId: string, personId: string): Promise<void> {
  const tag = fleet.bikeById.get(bikeId)?.tag ?? '';
  if (await refusal.run(() => day.give(bikeId, personId)))
    said.value = t.given({ tag, name: fleet.nameOf(personId) });
}
</script>

<template>
  <main class="mx-auto max-w-[100rem] space-y-4 px-4 pb-12 pt-3 max-sm:px-2" data-day-plan>
    <header class="flex flex-wrap items-center gap-x-4 gap-y-2">
      <h1 class="sturdy text-2xl">{{ t.dayPlan }}</h1>
      <ChoiceChips
        v-if="sites.length > 1"
        :name="t.site"
        :options="sites"
        :chosen="[siteId]"
        @toggle="(site) => (siteId = site)"
      />
      <p v-if="plan" class="figures ml-auto text-soft max-sm:ml-0">
        {{ t.madeBy({ name: fleet.nameOf(plan.madeBy), time: clock(plan.madeAt, zone) }) }}
      </p>
    </header>
    <p v-if="plans.asOf" role="status" class="rounded-md bg-watch-wash px-4 py-2 text-watch">
      {{ t.offlineMayBeOld }}
    </p>
    <p v-if="!fleet.wall || !plans.known" role="status" class="text-soft">{{ t.loading }}</p>
    <template v-else>
      <form
        v-if="mayPlan"
        class="flex flex-wrap gap-x-6 gap-y-3 rounded-lg bg-sunk px-4 py-2"
        :class="plan ? 'items-start' : 'items-end'"
        @submit.prevent="make"
      >
        <DisclosureBox v-if="plan" class="min-w-0 grow" :title="whoWords" data-who-box>
          <WhoIsHere :crew="crew" @here="day.setHere" @until="day.setUntil" />
        </DisclosureBox>
        <WhoIsHere v-else class="grow" :crew="crew" @here="day.setHere" @until="day.setUntil" />
        <ActButton
          type="submit"
          :kind="plan ? 'plain' : 'main'"
          :disabled="refusal.busy.value || !day.ready.value"
          data-make-plan
          >{{ refusal.busy.value ? t.planning : plan ? t.planAgain : t.makePlan }}</ActButton
        >
        <p v-if="tried && nobody" role="alert" class="w-full font-semibold text-held">{{ t.nobodyHere }}</p>
      </form>
      <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" />
      <p v-if="said" role="status" class="font-semibold">{{ said }}</p>
      <p v-if="!plan" class="text-soft">{{ mayPlan ? t.noPlanYet : t.noPlanNobody }}</p>
      <template v-else>
        <section class="space-y-1" data-met>
          <p v-if="plan.needed > 0" class="leading-snug">
            <strong class="sturdy text-lg">{{ t.groupsMet({ met, needed: plan.needed }) }}</strong>
            <span class="ml-2 text-soft">{{ plan.unmet.length ? '' : t.allMet }} {{ best }}</span>
          </p>
          <p v-else class="text-soft">{{ t.noGroups }}</p>
          <p v-if="quickly" role="status" class="text-watch">{{ t.madeQuickly }}</p>
          <ul v-if="plan.unmet.length" class="space-y-1">
            <li v-for="(each, index) in plan.unmet" :key="index" class="leading-snug" data-unmet>
              <strong class="text-held">{{
                t.goesShort({
                  group: groupOf(each.groupId)?.name ?? '',
                  time: clock(groupOf(each.groupId)?.outAt ?? 0, zone),
                  short: each.short,
                })
              }}</strong>
              {{ unmetWords[each.because].why }}
              <span class="text-soft">{{ unmetWords[each.because].help }}</span>
            </li>
          </ul>
        </section>
        <div class="grid grid-cols-1 items-start gap-4 md:grid-cols-2 xl:grid-cols-3">
          <PlanPerson
            v-for="lane in lanes"
            :key="lane.personId"
            v-bind="lane"
            :state-of="day.stateOf"
            :zone="zone"
            :others-for="othersFor"
            @give="give"
          />
        </div>
      </template>
    </template>
  </main>
</template>
