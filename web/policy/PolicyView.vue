<script setup lang="ts">
import { computed, onMounted, ref } from 'vue';
import {
  LEGAL_WEIGHTS,
  MARKING_WAYS,
  PRACTICE_QUESTIONS,
  ZONES,
  type LegalWeight,
  type MarkingWay,
  type Zone,
} from '@cadre/core/catalogue';
import { SIZE_SUBSTITUTIONS, type SizeSubstitution } from '@cadre/core/schedule';
import { readNumber } from '@cadre/core/measures';
import { dayAndClock, useNow } from '@cadre/web/platform/time';
import { fieldWords } from '@cadre/web/platform/api';
import { useFleet } from '@cadre/web/fleet';
import { LimitChoices } from '@cadre/web/measures';
import { useSession } from '@cadre/web/people';
import { MoneyChoice } from '@cadre/web/parts';
import { HouseTorque } from '@cadre/web/torque';
import { ActButton, CheckField, NoticePlate, SelectField, TextField, useRefusal } from '@cadre/web/ui';
import { CatalogueNav, MARKING_WORDS } from '@cadre/web/catalogue';
import PolicyEffect from './PolicyEffect.vue';
import PracticeChoice from './PracticeChoice.vue';
import { usePolicyForm } from './use-policy-form';
import { ZONE_WORDS } from '@cadre/web/words';

/** The program's own rules where good mechanics differ: each question with both sides, and what a change would do before it is saved. */
const fleet = useFleet();
const session = useSession();
const now = useNow();
const refusal = useRefusal();
const form = usePolicyForm();
const { choices, changed, preview, history } = form;
const may = computed(() => session.may('edit-program'));
const note = ref('');
const tried = ref(false);
onMounted(() => refusal.run(form.begin));

const SUBSTITUTION_WORDS: Record<SizeSubstitution, string> = {
  exact: 'Only the size asked for',
  'one-up': 'One size larger may stand in',
  'one-down': 'One size smaller may stand in',
  'one-either-way': 'One size larger or smaller may stand in',
};
const LEGAL_WORDS: Record<LegalWeight, string> = {
  stop: 'A stop until it is there',
  soon: 'Soon: repaired within its time',
};
type Numbered = 'soonDays' | 'soonOutings' | 'times' | 'days';
const NUMBERS: readonly { key: Numbered; label: string; least: number; most: number; hint: string }[] = [
  { key: 'soonDays', label: 'A soon rides, days', least: 1, most: 90, hint: 'then it is a stop' },
  { key: 'soonOutings', label: 'or outings', least: 1, most: 200, hint: 'whichever comes first' },
  {
    key: 'times',
    label: 'Fixed on the spot, times',
    least: 2,
    most: 20,
    hint: 'at one place, and it keeps coming back',
  },
  { key: 'days', label: 'within days', least: 1, most: 365, hint: '' },
];
const typed = ref<Partial<Record<Numbered, string>>>({});
const valueOf = (key: Numbered): number =>
  (key === 'times' || key === 'days' ? choices.value?.comingBack[key] : choices.value?.[key]) ?? 0;
const wrong = computed(() =>
  NUMBERS.filter(({ key, least, most }) => {
    const read = typed.value[key] === undefined ? valueOf(key) : readNumber(typed.value[key] ?? '');
    return read === null || !Number.isInteger(read) || read < least || read > most;
  }).map((each) => each.key),
);
const wrongLimits = ref<readonly string[]>([]);
const wrongTorque = ref<readonly string[]>([]);
const wrongMoney = ref(false);
function setNumber(key: Numbered, text: string): void {
  typed.value = { ...typed.value, [key]: text };
  const read = readNumber(text);
  if (read === null || wrong.value.includes(key) || !choices.value) return;
  form.set(
    key === 'times' || key === 'days'
      ? { comingBack: { ...choices.value.comingBack, [key]: read } }
      : { [key]: read },
  );
}
function toggleZone(zone: Zone, yes: boolean): void {
  const zones = new Set(choices.value?.secondPersonZones ?? []);
  if (yes) zones.add(zone);
  else zones.delete(zone);
  form.set({ secondPersonZones: ZONES.filter((each) => zones.has(each)) });
}
const marking = computed({
  get: () => choices.value?.marking ?? 'by-person',
  set: (way: string) => form.set({ marking: way as MarkingWay }),
});
const legal = computed({
  get: () => choices.value?.legal ?? 'stop',
  set: (weight: string) => form.set({ legal: weight as LegalWeight }),
});
const substitution = computed({
  get: () => choices.value?.substitution ?? 'exact',
  set: (way: string) => form.set({ substitution: way as SizeSubstitution }),
});
const publish = (): void => {
  tried.value = true;
  if (note.value.trim() === '') return;
  void refusal.run(async () => {
    await form.publish(note.value.trim());
    note.value = '';
    tried.value = false;
    typed.value = {};
    await fleet.load();
  });
};
</script>

<template>
  <main class="mx-auto max-w-[100rem] px-4 pb-24 pt-4">
    <CatalogueNav />
    <NoticePlate v-if="refusal.said.value" class="mt-3" :said="refusal.said.value" />
    <div v-if="choices" class="mt-3 grid gap-6 lg:grid-cols-[1fr_25rem]">
      <fieldset class="min-w-0 space-y-6" :disabled="!may">
        <h1 class="sturdy text-2xl">Policy</h1>
        <p class="max-w-prose text-soft">
          Where good mechanics differ, both are right somewhere. Choose what this house does; the maker’s
          marking on a part comes before all of it.
        </p>
        <section aria-labelledby="marks" class="grid grid-cols-2 gap-3 xl:grid-cols-4">
          <h2 id="marks" class="sturdy col-span-full text-xl">Marks and weights</h2>
          <SelectField
            v-model="marking"
            label="How marks are given"
            data-policy="marking"
            class="col-span-2"
            :options="MARKING_WAYS.map((way) => ({ value: way, label: MARKING_WORDS[way] }))"
          />
          <SelectField
            v-model="legal"
            label="Lacking what local rules ask for"
            data-policy="legal"
            class="col-span-2"
            :options="LEGAL_WEIGHTS.map((weight) => ({ value: weight, label: LEGAL_WORDS[weight] }))"
          />
          <SelectField
            v-model="substitution"
            label="When a group’s size runs out"
            data-policy="substitution"
            class="col-span-2"
            :options="SIZE_SUBSTITUTIONS.map((way) => ({ value: way, label: SUBSTITUTION_WORDS[way] }))"
          />
          <TextField
            v-for="each in NUMBERS"
            :key="each.key"
            :model-value="typed[each.key] ?? String(valueOf(each.key))"
            :label="each.label"
            :hint="each.hint"
            :error="wrong.includes(each.key) ? `A whole number from ${each.least} to ${each.most}` : null"
            :data-policy="each.key"
            @update:model-value="(text: string) => setNumber(each.key, text)"
          />
        </section>
        <section aria-labelledby="second">
          <h2 id="second" class="sturdy text-xl">
            A second person checks the repair of a stop, or of a soon past its limit, at
          </h2>
          <div class="flex flex-wrap gap-x-5">
            <CheckField
              v-for="zone in ZONES"
              :key="zone"
              :model-value="choices.secondPersonZones.includes(zone)"
              @update:model-value="toggleZone(zone, $event)"
              >{{ ZONE_WORDS[zone] }}</CheckField
            >
          </div>
        </section>
        <section aria-labelledby="limits" class="space-y-2">
          <h2 id="limits" class="sturdy text-xl">Limits</h2>
          <p class="max-w-prose text-soft">What is marked on a part holds before any of these.</p>
          <!-- They come a moment later than what stands under them, which must not move under the hand. -->
          <div class="min-h-[24.25rem]">
            <LimitChoices
              :model-value="choices.limits"
              @update:model-value="(limits) => form.set({ limits: { ...limits } })"
              @wrong="(keys) => (wrongLimits = keys)"
            />
          </div>
          <HouseTorque
            :model-value="choices.torqueMost"
            @update:model-value="(torqueMost) => form.set({ torqueMost: { ...torqueMost } })"
            @wrong="(joints) => (wrongTorque = joints)"
          />
        </section>
        <MoneyChoice
          :model-value="choices.money"
          @update:model-value="(money) => form.set({ money: { ...money } })"
          @wrong="(isWrong) => (wrongMoney = isWrong)"
        />
        <section aria-labelledby="practices" class="space-y-4">
          <h2 id="practices" class="sturdy text-xl">Practices</h2>
          <PracticeChoice
            v-for="question in PRACTICE_QUESTIONS"
            :key="question"
            :question="question"
            :chosen="choices.practices[question]"
            @choose="(side) => form.set({ practices: { ...choices!.practices, [question]: side } as never })"
          />
        </section>
      </fieldset>
      <div
        class="space-y-6 lg:sticky lg:top-[calc(var(--strip)+0.75rem)] lg:max-h-[calc(100dvh-var(--strip)-1.5rem)] lg:self-start lg:overflow-y-auto"
      >
        <section
          v-if="may"
          class="space-y-3 rounded-lg border-2 border-ink/60 bg-plate p-4"
          aria-labelledby="save"
        >
          <h2 id="save" class="sturdy text-lg">Before it is saved</h2>
          <p v-if="changed.length === 0" class="text-soft">Nothing is changed yet.</p>
          <template v-else>
            <ActButton
              class="w-full"
              :disabled="
                refusal.busy.value ||
                wrong.length > 0 ||
                wrongLimits.length > 0 ||
                wrongTorque.length > 0 ||
                wrongMoney
              "
              data-preview
              @click="refusal.run(form.look)"
              >Which bikes would change?</ActButton
            >
            <PolicyEffect v-if="preview" :preview="preview" />
            <template v-if="preview">
              <TextField
                v-model="note"
                label="Why, in a few words"
                :error="tried && !note.trim() ? fieldWords('required') : null"
                data-policy="note"
              />
              <ActButton
                kind="main"
                class="w-full"
                :disabled="refusal.busy.value"
                data-publish-policy
                @click="publish"
                >Save as a new version</ActButton
              >
            </template>
          </template>
        </section>
        <section aria-labelledby="history">
          <h2 id="history" class="sturdy text-lg">Versions</h2>
          <ol class="mt-1 divide-y divide-line border-y border-line">
            <li v-for="each in history" :key="each.hash" class="py-2 leading-snug" data-policy-version>
              <span class="font-semibold">Version {{ each.policy.version }}</span>
              <span class="text-soft">
                · {{ each.publishedBy ? fleet.nameOf(each.publishedBy) : 'As shipped'
                }}{{ each.publishedAt ? `, ${dayAndClock(each.publishedAt, now)}` : '' }}</span
              ><br />{{ each.policy.note }}
            </li>
          </ol>
        </section>
      </div>
    </div>
    <p v-else-if="!refusal.said.value" class="p-4 text-soft" role="status">Getting the policy …</p>
  </main>
</template>
