<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { REST_DAYS } from '@cadre/core/catalogue';
import { BIKE_KINDS, type BikeKind } from '@cadre/core/fleet';
import { readNumber } from '@cadre/core/measures';
import { useFleet } from '@cadre/web/fleet';
import { CautionLine, CheckField, TextField } from '@cadre/web/ui';
import { KIND_WORDS } from '@cadre/web/words';
import { useGivenPolicy } from './policy-key';
import * as t from './messages';

/** How much of a ride-out is asked: of which kinds only what something can have gone wrong with, for how long, and where nobody else gets at the bikes. */
const emit = defineEmits<{ wrong: [isWrong: boolean] }>();
const { set, chosen, history } = useGivenPolicy();
const fleet = useFleet();
const exposure = computed(() => chosen.value.exposure);
const typed = ref<string | null>(null);
const read = computed(() => (typed.value === null ? exposure.value.restDays : readNumber(typed.value)));
const wrong = computed(
  () =>
    read.value === null ||
    !Number.isInteger(read.value) ||
    read.value < REST_DAYS.least ||
    read.value > REST_DAYS.most,
);
watch(wrong, (is) => emit('wrong', is));
watch(history, () => (typed.value = null));
const change = (part: Partial<typeof exposure.value>): void =>
  set({ exposure: { ...exposure.value, ...part } });
function typeDays(text: string): void {
  typed.value = text;
  if (!wrong.value && read.value !== null) change({ restDays: read.value });
}
const tick = (kind: BikeKind, yes: boolean): void =>
  change({ kinds: BIKE_KINDS.filter((each) => (each === kind ? yes : exposure.value.kinds.includes(each))) });
const lock = (id: string, yes: boolean): void =>
  change({
    lockedSites: [...exposure.value.lockedSites.filter((each) => each !== id), ...(yes ? [id] : [])].sort(),
  });
</script>

<template>
  <section aria-labelledby="exposure" class="space-y-3" data-exposure-choice>
    <h2 id="exposure" class="sturdy text-xl">{{ t.questionsEachDay }}</h2>
    <p class="max-w-prose text-soft">{{ t.questionsEachDaySay }}</p>
    <fieldset>
      <legend class="font-semibold">{{ t.leaveOutOnTheseBikes }}</legend>
      <div class="flex flex-wrap gap-x-5">
        <CheckField
          v-for="kind in BIKE_KINDS"
          :key="kind"
          :model-value="exposure.kinds.includes(kind)"
          :data-exposure-kind="kind"
          @update:model-value="(yes) => tick(kind, yes)"
          >{{ KIND_WORDS[kind] }}</CheckField
        >
      </div>
    </fieldset>
    <template v-if="exposure.kinds.length">
      <TextField
        class="max-w-72"
        inputmode="numeric"
        :label="t.askedAgainAfterDays"
        :hint="t.daysFromTo({ least: REST_DAYS.least, most: REST_DAYS.most })"
        :error="wrong ? t.daysFromTo({ least: REST_DAYS.least, most: REST_DAYS.most }) : null"
        :model-value="typed ?? String(exposure.restDays)"
        data-rest-days
        @update:model-value="typeDays"
      />
      <fieldset>
        <legend class="font-semibold">{{ t.lockedAwayAtNight }}</legend>
        <div class="flex flex-wrap gap-x-5">
          <CheckField
            v-for="site in fleet.wall?.sites ?? []"
            :key="site.id"
            :model-value="exposure.lockedSites.includes(site.id)"
            :data-locked-site="site.name"
            @update:model-value="(yes) => lock(site.id, yes)"
            >{{ site.name }}</CheckField
          >
        </div>
        <CautionLine :text="t.tickOnlyWhereNobody" />
      </fieldset>
    </template>
  </section>
</template>
