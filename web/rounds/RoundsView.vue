<script setup lang="ts">
import { computed, onMounted, ref } from 'vue';
import type { StandingRound } from '@cadre/contract/rounds';
import { useCatalogue } from '@cadre/web/catalogue';
import { useFleet } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import { ActButton } from '@cadre/web/ui';
import RoundForm from './RoundForm.vue';
import RoundPlate from './RoundPlate.vue';
import { useRounds } from './use-rounds';
import * as t from './messages';

/** All rounds: what is on, what makes itself every day, what was closed lately, and a new one. */
const rounds = useRounds();
const fleet = useFleet();
const session = useSession();
const catalogue = useCatalogue();
const making = ref(false);
const changing = ref<StandingRound | null>(null);
onMounted(async () => {
  rounds.begin();
  if (!fleet.wall) await fleet.load();
  if (!catalogue.known) await catalogue.load();
});
const closed = computed(() => rounds.closed.slice(0, 8));
const checklistWords = (key: string | null): string =>
  key ? (catalogue.summaryOf(key)?.name ?? key) : t.rideOut;
</script>

<template>
  <main class="max-w-6xl space-y-5 px-4 pb-10 pt-3 max-sm:px-2" data-rounds>
    <header class="flex flex-wrap items-center gap-2">
      <h1 class="sturdy mr-auto text-3xl leading-tight">{{ t.rounds }}</h1>
      <ActButton :to="{ name: 'batch-check' }">{{ t.batchCheck }}</ActButton>
      <ActButton v-if="session.may('edit-program')" :to="{ name: 'unusual-records' }">{{
        t.unusualRecords
      }}</ActButton>
      <ActButton v-if="session.may('sign')" kind="main" data-new-round @click="making = !making">{{
        t.newRound
      }}</ActButton>
    </header>
    <p v-if="rounds.asOf" role="status" class="rounded-md bg-watch-wash px-4 py-2 text-watch">
      {{ t.offlineChangesOtherPeopleNot }}
    </p>
    <RoundForm v-if="making && fleet.wall" @done="making = false" />
    <p v-if="!rounds.known" class="text-soft" role="status">{{ t.loadingRounds }}</p>
    <template v-else>
      <section aria-labelledby="rounds-on" class="space-y-2">
        <h2 id="rounds-on" class="sturdy text-xl">{{ t.openRounds }}</h2>
        <RoundPlate v-for="round in rounds.open" :key="round.id" :round="round" />
        <p v-if="rounds.open.length === 0" class="text-soft">
          {{
            t.noOpenRoundPart({
              part: session.may('sign') ? t.makeRoundForMorning : t.leadMechanicInspectorMakes,
            })
          }}
        </p>
      </section>
      <section
        v-if="rounds.standing.length || session.may('edit-fleet')"
        aria-labelledby="rounds-daily"
        class="space-y-2"
      >
        <h2 id="rounds-daily" class="sturdy text-xl">{{ t.dailyRounds }}</h2>
        <template v-for="each in rounds.standing" :key="each.id">
          <RoundForm v-if="changing?.id === each.id" :standing="each" @done="changing = null" />
          <div
            v-else
            class="flex flex-wrap items-center gap-3 rounded-md border-2 border-line bg-plate px-3 py-2"
            :class="!each.active && 'border-dashed'"
          >
            <p class="min-w-0 grow leading-tight">
              <span class="sturdy text-lg">{{ each.name }}</span>
              <span class="block text-soft">{{
                t.checklistNameDoneByPart({
                  checklist: checklistWords(each.checklistKey),
                  name: fleet.siteById.get(each.siteId)?.name ?? '',
                  doneBy: each.doneBy,
                  part: each.active ? '' : t.paused,
                })
              }}</span>
            </p>
            <ActButton v-if="session.may('edit-fleet')" @click="changing = each">{{ t.change }}</ActButton>
          </div>
        </template>
        <p v-if="rounds.standing.length === 0" class="text-soft">
          {{ t.noDailyRoundsYet }}
        </p>
      </section>
      <section v-if="closed.length" aria-labelledby="rounds-closed" class="space-y-2">
        <h2 id="rounds-closed" class="sturdy text-xl">{{ t.recentlyClosed }}</h2>
        <RoundPlate v-for="round in closed" :key="round.id" :round="round" />
      </section>
    </template>
  </main>
</template>
