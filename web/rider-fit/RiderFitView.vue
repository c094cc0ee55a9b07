<script setup lang="ts">
import { computed, onMounted, ref } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import { DEFAULT_POLICY } from '@cadre/core/catalogue';
import { mayGoOut } from '@cadre/core/fitness';
import { SURFACES } from '@cadre/core/measures';
import { riderFit, type NotOffered } from '@cadre/core/rider-fit';
import { useCatalogue } from '@cadre/web/catalogue';
import { useAnswers, useFleet, useSite } from '@cadre/web/fleet';
import { ActButton, ChoiceChips, DisclosureBox, TextField } from '@cadre/web/ui';
import { KIND_WORDS } from '@cadre/web/words';
import { fitBike } from './fit-bike';
import FitSlip from './FitSlip.vue';
import { useForkSag } from './use-fork-sag';
import { useRider, type RiderField } from './use-rider';
import * as t from './messages';

/** A rider, the bikes that fit and may go out, and how the one chosen is set. Nothing typed here leaves the page. */
const fleet = useFleet();
const answers = useAnswers();
const catalogue = useCatalogue();
const { typed, wrong, ready } = useRider();
const surface = ref<(typeof SURFACES)[number]>('hard');
const chosen = ref('');
const { siteId } = useSite();
onMounted(() => {
  if (!fleet.wall) void fleet.load();
  void catalogue.load();
});
const FIELDS: readonly { readonly key: RiderField; readonly label: string }[] = [
  { key: 'mass', label: t.mass },
  { key: 'height', label: t.height },
  { key: 'inseam', label: t.inseam },
  { key: 'luggage', label: t.luggage },
];
const SURFACE_WORDS = { hard: t.hard, gravel: t.gravel, trail: t.trail };
const surfaces = SURFACES.map((value) => ({ value, label: SURFACE_WORDS[value] }));
const limits = computed(() => (catalogue.policy() ?? DEFAULT_POLICY).limits);
const fits = computed(() => {
  const rider = ready.value;
  if (!rider) return [];
  return fleet.bikes
    .filter((bike) => bike.siteId === siteId.value && bike.whereabouts === 'in')
    .filter((bike) => mayGoOut(answers.byBike.get(bike.id)?.fitness ?? 'due'))
    .map((bike) => {
      const of = fitBike(bike, fleet.modelOf(bike)?.fit ?? {}, limits.value);
      return { bike, of, fit: riderFit(rider, of, { surface: surface.value }, limits.value) };
    })
    .toSorted((a, b) => a.bike.tag.localeCompare(b.bike.tag, undefined, { numeric: true }));
});
const offered = computed(() => fits.value.filter(({ fit }) => fit.notOffered.length === 0));
const others = computed(() => fits.value.filter(({ fit }) => fit.notOffered.length > 0));
const { sagOf } = useForkSag(chosen);
const slip = computed(() => {
  const found = offered.value.find(({ bike }) => bike.id === chosen.value);
  const [rider, last] = [ready.value, sagOf.value];
  if (!found || !rider || !last) return found ?? null;
  const { bike } = found;
  const of = fitBike(bike, fleet.modelOf(bike)?.fit ?? {}, limits.value, last);
  return { bike, of, fit: riderFit(rider, of, { surface: surface.value }, limits.value) };
});
function whyWords(not: NotOffered): string {
  switch (not.code) {
    case 'too-heavy': {
      const figures = { kg: Math.round(not.kg), most: not.most };
      return not.of === 'load' ? t.tooHeavyLoad(figures) : t.tooHeavyTotal(figures);
    }
    case 'too-short':
      return t.tooShort({ cm: Math.round(not.limitMm / 10) });
    case 'too-tall':
      return t.tooTall({ cm: Math.round(not.limitMm / 10) });
    case 'frame-too-small':
      return t.frameTooSmall;
    default:
      return t.frameTooLarge;
  }
}
const kindWords = (bike: Bike): string => [KIND_WORDS[bike.build.kind], bike.size].filter(Boolean).join(' ');
const print = (): void => window.print();
</script>

<template>
  <main class="mx-auto max-w-5xl space-y-4 px-4 pb-12 pt-3 max-sm:px-2" data-rider-fit>
    <h1 class="sturdy text-2xl print:hidden">{{ t.riderFit }}</h1>
    <form class="grid grid-cols-2 gap-3 sm:grid-cols-4 print:hidden" @submit.prevent>
      <TextField
        v-for="field in FIELDS"
        :key="field.key"
        v-model="typed[field.key]"
        :label="field.label"
        inputmode="decimal"
        maxlength="6"
        :error="wrong.get(field.key) ?? null"
        :data-rider="field.key"
      />
    </form>
    <div class="flex flex-wrap items-center gap-x-3 gap-y-1 print:hidden">
      <span class="text-soft" aria-hidden="true">{{ t.surface }}</span>
      <ChoiceChips
        :name="t.surface"
        :options="surfaces"
        :chosen="[surface]"
        @toggle="(each) => (surface = each)"
      />
    </div>
    <p v-if="!fleet.wall" role="status" class="text-soft">{{ t.loading }}</p>
    <p v-else-if="!ready" class="text-soft">{{ t.enterMass }}</p>
    <div v-else class="grid grid-cols-1 items-start gap-6 lg:grid-cols-[1fr_26rem]">
      <section class="min-w-0 space-y-2 print:hidden">
        <div role="status">
          <h2 class="sturdy text-lg">{{ t.bikesThatFit({ count: offered.length }) }}</h2>
        </div>
        <p v-if="offered.length === 0" class="text-soft">{{ t.noneReady }}</p>
        <ul class="grid grid-cols-1 gap-1.5 sm:grid-cols-2">
          <li v-for="{ bike } in offered" :key="bike.id">
            <button
              type="button"
              class="flex min-h-12 w-full items-center gap-3 rounded-md border-2 px-3 text-left leading-tight"
              :class="chosen === bike.id ? 'border-act bg-act text-on-act' : 'border-line bg-plate'"
              :aria-pressed="chosen === bike.id"
              :data-fits="bike.tag"
              @click="chosen = bike.id"
            >
              <span class="sturdy w-14 shrink-0 text-xl">{{ bike.tag }}</span>
              <span class="min-w-0 grow">{{ kindWords(bike) }}</span>
            </button>
          </li>
        </ul>
        <DisclosureBox v-if="others.length" :title="t.notOffered({ count: others.length })" data-not-offered>
          <ul class="space-y-1">
            <li
              v-for="{ bike, fit } in others"
              :key="bike.id"
              class="flex gap-3 leading-snug"
              :data-not="bike.tag"
            >
              <strong class="sturdy w-12 shrink-0">{{ bike.tag }}</strong>
              <span class="text-soft">{{ fit.notOffered.map(whyWords).join(' · ') }}</span>
            </li>
          </ul>
        </DisclosureBox>
      </section>
      <div class="space-y-3">
        <FitSlip
          v-if="slip"
          :tag="slip.bike.tag"
          :fit="slip.fit"
          :has-fork="slip.of.fork !== null"
          :has-shock="slip.of.shock !== null"
          :has-saddle="slip.of.kind !== 'trike'"
        />
        <p v-else class="text-soft">{{ t.chooseBike }}</p>
        <ActButton v-if="slip" class="print:hidden" @click="print">{{ t.print }}</ActButton>
      </div>
    </div>
  </main>
</template>
