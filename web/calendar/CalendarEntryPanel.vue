<script setup lang="ts">
import { computed, onMounted, ref } from 'vue';
import type { CalendarEntry } from '@cadre/core/calendar';
import { clock, dayWords } from '@cadre/web/platform/time';
import { useFleet } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import { ActButton, NoticePlate, TextField } from '@cadre/web/ui';
import { ENTRY_ICONS, ENTRY_WORDS } from './entry-wording';
import { useEntryActs } from './use-entry-acts';
import * as t from './messages';

/** What is picked on the calendar: its bikes, and what to do about all of them at once. */
const props = defineProps<{
  entry: CalendarEntry;
  /** Tells what was done: by then the entry, and this with it, may be gone. */
  say: (words: string) => void;
}>();
const emit = defineEmits<{ move: [day: string] }>();
const fleet = useFleet();
const session = useSession();
const { bikes, checklist, sealant, batch, refusal, doneOnAll, makeRound } = useEntryActs(() => props.entry);
const day = ref(props.entry.day);
const site = computed(() => fleet.siteById.get(props.entry.siteId));
const time = computed(() => (props.entry.at === null ? '' : clock(props.entry.at, site.value?.timeZone)));
const panel = ref<HTMLElement | null>(null);
// On a narrow screen it stands above the days: it comes into sight when something is picked.
onMounted(() => panel.value?.scrollIntoView({ block: 'nearest' }));
const isService = computed(() => props.entry.kind === 'service');
</script>

<template>
  <section
    ref="panel"
    class="space-y-3 self-start rounded-lg border-2 border-ink/60 bg-plate p-4"
    data-entry-panel
  >
    <h2 class="sturdy flex items-center gap-2 text-xl leading-tight">
      <component :is="ENTRY_ICONS[entry.kind]" :size="22" class="shrink-0" aria-hidden="true" />{{
        entry.name
      }}
    </h2>
    <p class="leading-snug">
      {{ ENTRY_WORDS[entry.kind] }} · {{ dayWords(entry.day)
      }}<strong v-if="entry.overdue" class="text-held"> · {{ t.late }}</strong
      ><template v-if="(fleet.wall?.sites.length ?? 0) > 1"> · {{ site?.name }}</template>
      <template v-if="time"
        ><br />{{
          entry.kind === 'group' || entry.key === `event ${entry.of}`
            ? t.goesOutAt({ time })
            : t.dueAt({ time })
        }}</template
      >
    </p>
    <p v-if="bikes.length" class="figures leading-relaxed">
      <RouterLink
        v-for="bike in bikes"
        :key="bike.id"
        class="mr-2 inline-flex min-h-12 min-w-12 items-center justify-center underline underline-offset-4"
        :to="{ name: 'bike', params: { bikeId: bike.id } }"
        >{{ bike.tag }}</RouterLink
      >
    </p>
    <p v-if="sealant && (sealant.ml > 0 || sealant.unstated > 0)" class="figures leading-snug" data-sealant>
      <template v-if="sealant.ml > 0">{{ t.sealantTakes({ ml: sealant.ml }) }} </template><span
        v-if="sealant.unstated > 0"
        class="text-soft"
        >{{ t.sealantUnstated({ tyres: sealant.unstated }) }}</span
      >
    </p>
    <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" />
    <div v-if="isService && bikes.length" class="flex flex-col gap-2">
      <ActButton v-if="batch && session.may('mark')" kind="main" :to="batch" data-batch>{{
        t.batchCheckOf({ bikes: bikes.length })
      }}</ActButton>
      <p v-if="batch && checklist" class="text-soft">
        {{ checklist.clears ? t.byRideOut : t.byChecklist({ name: checklist.name }) }}
      </p>
      <ActButton
        v-if="session.may('mark')"
        :kind="batch ? 'plain' : 'main'"
        :disabled="refusal.busy.value"
        data-all-done
        @click="doneOnAll().then(say)"
        >{{ t.markAllDone({ bikes: bikes.length }) }}</ActButton
      >
      <ActButton
        v-if="checklist && session.may('sign')"
        :disabled="refusal.busy.value"
        data-make-round
        @click="makeRound().then(say)"
        >{{ t.makeRoundOf({ bikes: bikes.length }) }}</ActButton
      >
    </div>
    <template v-if="entry.kind === 'round'">
      <ActButton kind="main" class="w-full" :to="{ name: 'round', params: { roundId: entry.of } }">{{
        t.openRound
      }}</ActButton>
      <form
        v-if="session.may('sign')"
        class="flex items-end gap-2"
        data-move-round
        @submit.prevent="emit('move', day)"
      >
        <TextField v-model="day" type="date" class="grow" :label="t.moveToDay" />
        <ActButton type="submit">{{ t.move }}</ActButton>
      </form>
    </template>
    <ActButton v-if="entry.kind === 'delivery'" kind="main" class="w-full" :to="{ name: 'bench' }">{{
      t.openBench
    }}</ActButton>
    <ActButton v-if="entry.kind === 'campaign'" kind="main" class="w-full" :to="{ name: 'campaigns' }">{{
      t.openCampaigns
    }}</ActButton>
    <ActButton v-if="entry.kind === 'event'" kind="main" class="w-full" :to="{ name: 'events' }">{{
      t.openEvents
    }}</ActButton>
    <ActButton v-if="entry.kind === 'group'" kind="main" class="w-full" :to="{ name: 'groups' }">{{
      t.openGroups
    }}</ActButton>
  </section>
</template>
