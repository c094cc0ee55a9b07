<script setup lang="ts">
import { computed, onMounted } from 'vue';
import { RouterLink } from 'vue-router';
import { dayAndClock, ON_PAPER, useNow } from '@cadre/web/platform/time';
import { useCatalogue, usePolicyOn } from '@cadre/web/catalogue';
import { KIND_WORDS } from '@cadre/web/words';
import { WrenchChoice } from '@cadre/web/equipment';
import { useFleet } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import { ActButton, CautionLine, TextField } from '@cadre/web/ui';
import TorqueJoint from './TorqueJoint.vue';
import { useLooseJoints } from './use-loose-joints';
import { useTorqueCard, type WrenchField } from './use-torque-card';
import * as t from './messages';

/** Every joint of one bike with the torque it takes: what to set, in which order, how hard it pulls at the wrench at hand. */
const props = defineProps<{ bikeId: string }>();
const fleet = useFleet();
const catalogue = useCatalogue();
const policyOn = usePolicyOn();
const session = useSession();
const now = useNow();
onMounted(() => {
  if (!fleet.wall) void fleet.load();
  if (!catalogue.known) void catalogue.load();
});
const bike = computed(() => fleet.bikeById.get(props.bikeId) ?? null);
const card = useTorqueCard(() => bike.value);
const { rows } = card;
const loose = useLooseJoints(() => props.bikeId);
const FIELDS: readonly { readonly key: WrenchField; readonly label: string; readonly hint: string }[] = [
  { key: 'wrench', label: t.wrenchMm, hint: t.handSquare },
  { key: 'adapter', label: t.adapterMm, hint: t.inLine0If },
];
const adapter = computed(() => Number.parseFloat(card.text('adapter').replace(',', '.')) > 0);
const missing = computed(() => rows.value.filter((row) => row.answer === null).length);
/** What comes loose first, then what there is a figure for. */
const inOrder = computed(() =>
  [...rows.value].sort(
    (a, b) =>
      Number(loose.value.has(b.joint)) - Number(loose.value.has(a.joint)) ||
      Number(a.answer === null) - Number(b.answer === null),
  ),
);
const WAY_WORDS: Readonly<Record<string, string>> = {
  stated: t.yourPolicyLowestStated,
  'ten-under': t.yourPolicy10Below,
  witness: t.yourPolicyTightenOnce,
};
const way = computed(() => WAY_WORDS[policyOn(bike.value).practices.torque]);
const print = (): void => window.print();
</script>

<template>
  <main v-if="bike" class="max-w-7xl px-4 pb-16 pt-3 print:max-w-none print:p-0" data-torque-card>
    <div class="flex flex-wrap items-start gap-x-6 gap-y-3">
      <div class="min-w-0 grow">
        <h1 class="sturdy text-3xl leading-none">
          <RouterLink
            :to="{ name: 'bike', params: { bikeId } }"
            class="underline decoration-2 underline-offset-4"
            >{{ bike.tag }}</RouterLink
          >
          {{ t.torqueCard }}
        </h1>
        <p class="mt-1 text-soft">
          {{ [KIND_WORDS[bike.build.kind], bike.model, bike.size].filter(Boolean).join(' · ')
          }}<span class="hidden print:inline">
            {{
              t.printedWhen({ when: dayAndClock(now, ON_PAPER, fleet.siteById.get(bike.siteId)?.timeZone) })
            }}</span
          >
        </p>
      </div>
      <div class="flex items-start gap-3 max-sm:w-full">
        <WrenchChoice :hand="card.hand" class="w-36 print:hidden" />
        <TextField
          v-for="field in FIELDS"
          :key="field.key"
          class="w-44 max-sm:w-auto max-sm:grow"
          inputmode="decimal"
          :label="field.label"
          :hint="field.hint"
          :error="card.errorOf(field.key)"
          :model-value="card.text(field.key)"
          :data-wrench="field.key"
          @update:model-value="(typed: string) => card.set(field.key, typed)"
        />
        <ActButton class="mt-7 shrink-0 print:hidden" data-print @click="print">{{ t.print }}</ActButton>
      </div>
    </div>
    <p class="mt-3 leading-snug">{{ way }}</p>
    <CautionLine class="mt-1" :text="t.valueMarkedOnPart" />
    <p v-if="missing && session.may('edit-fleet')" class="mt-1 print:hidden">
      {{ t.missingRowsJointsHave({ missing, rows: rows.length }) }}
      <ActButton
        :to="
          bike.modelId
            ? { name: 'model', params: { modelId: bike.modelId } }
            : { name: 'bike-edit', params: { bikeId } }
        "
        kind="quiet"
        class="!px-0"
        >{{ t.enterValuesParts }}</ActButton
      >
    </p>
    <ul class="mt-4 grid gap-3 sm:grid-cols-2 xl:grid-cols-3 print:grid-cols-2 print:gap-2">
      <TorqueJoint
        v-for="row in inOrder"
        :key="row.joint"
        :row="row"
        :loose="loose.get(row.joint)"
        :adapter="adapter"
        :at-the-wrench="card.atTheWrench"
      />
    </ul>
  </main>
  <main v-else class="p-8 text-soft">
    <h1 class="sr-only">{{ t.torqueCard2 }}</h1>
    <p role="status">{{ fleet.wall ? t.bikeDoesNotExist : t.loadingBike }}</p>
  </main>
</template>
