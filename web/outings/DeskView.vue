<script setup lang="ts">
import { computed, onMounted, ref } from 'vue';
import { useRouter } from 'vue-router';
import { CONDITIONS, type Conditions } from '@cadre/core/catalogue';
import type { Bike } from '@cadre/contract/fleet';
import { proposeBikes, type ReturnWay } from '@cadre/core/outings';
import { useCatalogue } from '@cadre/web/catalogue';
import { useFleet, useSite } from '@cadre/web/fleet';
import { DescribeReport } from '@cadre/web/reports';
import { ActButton, ChoiceChips } from '@cadre/web/ui';
import { CONDITION_WORDS, RETURN_WORDS } from '@cadre/web/words';
import BikeCode from './BikeCode.vue';
import GroupRow from './GroupRow.vue';
import OutBikeRow from './OutBikeRow.vue';
import TakeBackChoice from './TakeBackChoice.vue';
import { useConditions } from './use-conditions';
import { useDesk } from './use-desk';
import { useOutings } from './use-outings';
import * as t from './messages';

/** Today’s groups going out, and every bike that is out: one touch or scan leads to the next act. */
const fleet = useFleet();
const outings = useOutings();
const catalogue = useCatalogue();
const router = useRouter();
const { chosen: chosenSite, sites } = useSite();
const { siteId, zone, groups, waiting, ready, out, takenBy } = useDesk(chosenSite);
const conditions = useConditions();
const conditionChoices = CONDITIONS.map((each) => ({ value: each, label: CONDITION_WORDS[each] }));
onMounted(() => {
  if (!fleet.wall) void fleet.load();
});
const proposals = computed(
  () =>
    new Map(
      proposeBikes(waiting.value, ready.value, catalogue.policy()?.substitution ?? 'exact').map((each) => [
        each.groupId,
        each.places.filter(({ bikeId }) => bikeId !== null).length,
      ]),
    ),
);
/** The group that is to go next. */
const nextGroup = computed(() => waiting.value.find(({ wants }) => wants.length > 0)?.id);
const open = ref<string | null>(null);
const said = ref('');
/** The bike that just came back with a problem: what it is can be said while the rider still stands there. */
const problem = ref<Bike | null>(null);
function scanned(bike: Bike): void {
  said.value = '';
  if (bike.siteId !== siteId.value && bike.siteId) chosenSite.value = bike.siteId;
  if (bike.whereabouts === 'out') {
    open.value = bike.id;
    return;
  }
  void router.push({ name: 'hand-out', params: { groupId: 'walk-in' }, query: { bike: bike.id } });
}
function back(bike: Bike, way: ReturnWay): void {
  open.value = null;
  problem.value = way === 'problem' ? bike : null;
  said.value = t.wentBack({ tag: bike.tag, way: RETURN_WORDS[way].toLowerCase() });
}
</script>

<template>
  <main class="mx-auto max-w-5xl space-y-4 px-4 pb-12 pt-3 max-sm:px-2" data-desk>
    <header class="flex flex-wrap items-center gap-x-4 gap-y-2">
      <h1 class="sturdy text-2xl">{{ t.desk }}</h1>
      <ChoiceChips
        v-if="sites.length > 1"
        :name="t.site"
        :options="sites"
        :chosen="[siteId]"
        @toggle="(site) => (chosenSite = site)"
      />
    </header>
    <p v-if="outings.asOf" role="status" class="rounded-md bg-watch-wash px-4 py-2 text-watch">
      {{ t.offlineMayBeOld }}
    </p>
    <BikeCode @bike="scanned" />
    <p v-if="said" role="status" class="font-semibold">{{ said }}</p>
    <DescribeReport v-if="problem" :key="problem.id" :bike="problem" @done="problem = null" />
    <p v-if="!fleet.wall || !outings.known" role="status" class="text-soft">{{ t.loading }}</p>
    <div v-else class="grid grid-cols-1 items-start gap-6 lg:grid-cols-2">
      <section aria-labelledby="desk-groups" class="space-y-2">
        <h2 id="desk-groups" class="sturdy text-lg">{{ t.groupsToday }}</h2>
        <p v-if="groups.length === 0" class="text-soft">{{ t.noGroupsToday }}</p>
        <ul class="space-y-2">
          <GroupRow
            v-for="group in groups"
            :key="group.id"
            :group="group"
            :zone="zone"
            :taken="takenBy(group.id).length"
            :ready="proposals.get(group.id) ?? 0"
            :main="group.id === nextGroup"
          />
        </ul>
        <div class="flex flex-wrap gap-2">
          <ActButton :to="{ name: 'hand-out', params: { groupId: 'walk-in' } }" class="grow" data-walk-in>{{
            t.handOutWalkIn
          }}</ActButton>
          <ActButton :to="{ name: 'kit' }" data-to-kit>{{ t.kit }}</ActButton>
          <ActButton :to="{ name: 'rider-fit' }" data-to-rider-fit>{{ t.riderFit }}</ActButton>
        </div>
      </section>
      <section aria-labelledby="desk-out" class="space-y-2">
        <h2 id="desk-out" class="sturdy text-lg">
          {{ t.outNow }} <span class="figures text-soft">{{ out.length }}</span>
        </h2>
        <div class="flex flex-wrap items-center gap-x-3 gap-y-1">
          <span class="text-soft" aria-hidden="true">{{ t.conditions }}</span>
          <ChoiceChips
            :name="t.conditions"
            :options="conditionChoices"
            :chosen="[conditions]"
            data-conditions
            @toggle="(each: Conditions) => (conditions = each)"
          />
        </div>
        <p v-if="out.length === 0" class="text-soft">{{ t.nothingOut }}</p>
        <ul class="space-y-2">
          <OutBikeRow
            v-for="row in out"
            :key="row.bike.id"
            :row="row"
            :zone="zone"
            :open="open === row.bike.id"
            @open="open = open === row.bike.id ? null : row.bike.id"
          >
            <TakeBackChoice :bikes="[row.bike]" :asked="false" :done="(way) => back(row.bike, way)" />
          </OutBikeRow>
        </ul>
      </section>
    </div>
  </main>
</template>
