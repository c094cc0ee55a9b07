<script setup lang="ts">
import { ref, watch } from 'vue';
import { useRouter } from 'vue-router';
import type { Bike } from '@cadre/contract/fleet';
import type { Asked } from '@cadre/core/catalogue';
import type { Build } from '@cadre/core/fleet';
import { useKeys } from '@cadre/web/app';
import { PHASE_WORDS, useCatalogue, zonesName } from '@cadre/web/catalogue';
import { BikeFigure, KIND_WORDS, useFleet } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import { ActButton } from '@cadre/web/ui';
import CheckpointRow from './CheckpointRow.vue';
import ExceptionPanel from './ExceptionPanel.vue';
import SignOff from './SignOff.vue';
import StationSteps from './StationSteps.vue';
import { useDraft } from './use-draft';
import { useStand } from './use-stand';

const props = defineProps<{ bike: Bike; checkId: string }>();
const fleet = useFleet();
const session = useSession();
const catalogue = useCatalogue();
const router = useRouter();

const draft = useDraft(props.checkId);
const singly = (question: Asked): boolean => catalogue.isGivenSingly(session.person, question);
const stand = useStand(draft, singly, () => session.person?.id ?? null);
const howShown = ref(session.person?.trainee ?? false);
const { stations, standings, progress, check } = draft;
const { at, row, open, signing, station, sweepable, left } = stand;

/** The watches and faults still open here: looked at first, with their place. */
function before(question: { checkpoint: { key: string }; position: string }): string | null {
  const finding = props.bike.facts.findings.find((each) => each.checkpoint === question.checkpoint.key && each.position === question.position);
  if (!finding) return null;
  return `Open: ${finding.words.fault.toLowerCase()}${finding.place?.clock ? `, at ${finding.place.clock} o’clock` : ''}`;
}
/** Marks left over from before: go on where something is left. */
const begun = ref(false);
watch(
  () => stations.value.length > 0 && check.value !== null,
  (ready) => {
    if (!ready || begun.value) return;
    begun.value = true;
    const first = stations.value.findIndex((each) => each.asked.some((question) => !standings.value.has(question.key)));
    stand.goTo(first < 0 ? stations.value.length : first);
  },
  { immediate: true },
);

async function sign(): Promise<void> {
  if (!session.person) return;
  await draft.sign(session.person.id);
}
watch(
  () => check.value?.state,
  (state) => {
    if (state === 'signing' || state === 'signed')
      void router.push(check.value?.repairId ? { name: 'bench', params: { bikeId: props.bike.id } } : { name: 'wall' });
  },
);
function act(): void {
  if (signing.value) void sign();
  else if (stand.current.value && singly(stand.current.value) && left.value.some((each) => each.key === stand.current.value?.key))
    void stand.sound(stand.current.value);
  else void stand.sweep();
}
useKeys(
  () => ({
    ' ': act,
    Enter: act,
    ArrowDown: () => stand.step(1),
    ArrowUp: () => stand.step(-1),
    ArrowRight: () => stand.goTo(at.value + 1),
    ArrowLeft: () => stand.goTo(at.value - 1),
    f: () => {
      open.value = open.value ? null : (stand.current.value?.key ?? null);
    },
    u: () => void stand.undo(),
    h: () => {
      howShown.value = !howShown.value;
    },
    Escape: () => void router.push({ name: 'wall' }),
  }),
  [
    { keys: 'Space', does: 'All sound here (or this one, one by one); at the end: sign' },
    { keys: '↑ ↓', does: 'From row to row' },
    { keys: '← →', does: 'From station to station' },
    { keys: 'F', does: 'Not sound: open the row' },
    { keys: 'U', does: 'Undo' },
    { keys: 'H', does: 'How to look' },
  ],
);
</script>

<template>
  <main
    class="mx-auto flex max-w-[100rem] gap-5 px-4 pb-28 pt-3 max-[1000px]:flex-col max-[1000px]:gap-2"
    :data-check="check?.serverId ?? check?.id"
    :data-unsent="draft.unsent.value"
  >
    <aside
      class="w-[25rem] shrink-0 max-[1000px]:w-full min-[1000px]:sticky min-[1000px]:top-[calc(var(--strip)+0.75rem)] min-[1000px]:flex min-[1000px]:max-h-[calc(100dvh-var(--strip)-6.75rem)] min-[1000px]:flex-col min-[1000px]:self-start min-[1000px]:overflow-y-auto"
      aria-label="Bike"
    >
      <div class="flex items-baseline gap-3">
        <h1 class="sturdy text-3xl leading-none">
          <span class="sr-only">{{ check?.sheet.name }}: </span>{{ bike.tag }}
        </h1>
        <p class="leading-tight text-soft">{{ check?.sheet.name }} · {{ KIND_WORDS[bike.build.kind] }} {{ bike.size }}</p>
      </div>
      <div
        class="mx-auto mt-1 min-h-24 max-[1000px]:h-44 max-sm:h-36 min-[1000px]:flex min-[1000px]:max-h-56 min-[1000px]:w-full min-[1000px]:shrink min-[1000px]:grow min-[1000px]:basis-56"
      >
        <BikeFigure
          v-if="check"
          :build="check.build as Build"
          :label="`The walk round ${bike.tag}`"
          :route="check.sheet.route"
          :zones="stations.flatMap((each) => each.zones)"
          :lit="station?.zones ?? []"
          :done="stand.doneZones.value"
          :troubled="stand.troubledZones.value"
          @pick="stand.goToZone"
        />
      </div>
      <StationSteps class="shrink-0" :stations="stations" :standings="standings" :at="at" @go="stand.goTo" />
    </aside>
    <div class="min-w-0 grow">
      <SignOff
        v-if="signing && check"
        :progress="progress"
        :stations="stations"
        :standings="standings"
        :signer="session.person?.name ?? ''"
        :trainee="session.person?.trainee ?? false"
        :clears="check.sheet.clears"
        :trouble="check.trouble"
        @sign="sign"
        @go="stand.goToQuestion"
      />
      <section v-else-if="station" :aria-label="`Station ${at + 1}: ${zonesName(station.zones)}`">
        <div class="flex flex-wrap items-center justify-between gap-2">
          <h2 class="sturdy text-2xl leading-tight">
            {{ zonesName(station.zones)
            }}<span v-if="station.phase" class="ml-2 font-plain text-base font-normal text-soft">{{ PHASE_WORDS[station.phase] }}</span>
          </h2>
          <ActButton kind="quiet" :aria-pressed="howShown" @click="howShown = !howShown">{{
            howShown ? 'Hide how to look' : 'How to look'
          }}</ActButton>
        </div>
        <ol class="mt-2 space-y-1.5">
          <CheckpointRow
            v-for="(question, index) in station.asked"
            :key="question.key"
            :asked="question"
            :standing="standings.get(question.key) ?? null"
            :current="index === row"
            :open="open === question.key"
            :single="singly(question)"
            :show-how="howShown"
            :before="before(question)"
            :name-of="fleet.nameOf"
            :data-current-row="index === row ? '' : undefined"
            @toggle="
              row = index;
              open = open === question.key ? null : question.key;
            "
            @sound="stand.sound(question)"
          >
            <ExceptionPanel
              :asked="question"
              :standing="standings.get(question.key) ?? null"
              @mark="(given) => stand.mark(question, given)"
              :others="stations.flatMap((each) => each.asked)"
              @close="open = null"
              @go="stand.goToQuestion"
            />
          </CheckpointRow>
        </ol>
      </section>
    </div>
    <div v-if="!signing" class="fixed inset-x-0 bottom-0 z-10 border-t-2 border-ink/30 bg-ground px-4 py-2.5">
      <div class="mx-auto flex max-w-[100rem] items-center gap-2 min-[1000px]:pl-[26.25rem]">
        <ActButton class="shrink-0" data-undo @click="stand.undo()">Undo</ActButton>
        <ActButton kind="main" big class="grow" data-sweep :disabled="sweepable.length === 0 && left.length > 0" @click="stand.sweep()">
          <template v-if="left.length === 0">Next: {{ stations[at + 1] ? zonesName(stations[at + 1]?.zones ?? []) : 'sign off' }}</template>
          <template v-else-if="sweepable.length < left.length">{{
            sweepable.length ? `The other ${sweepable.length} sound` : `${left.length} left, one by one`
          }}</template>
          <template v-else>{{ left.length === station?.asked.length ? 'All sound here' : `The other ${left.length} sound` }}</template>
        </ActButton>
        <p class="figures shrink-0 text-right leading-tight text-soft" role="status" data-left>
          {{ progress.asked - progress.looked }} left<br /><span class="text-sm">{{ progress.criticalsMissing.length }} critical</span>
        </p>
      </div>
    </div>
  </main>
</template>
