<script setup lang="ts">
import { computed, onMounted, provide, reactive, ref } from 'vue';
import type { PolicyChoices } from '@cadre/contract/catalogue';
import { exceptionIssues, PRACTICE_QUESTIONS, type PracticeException } from '@cadre/core/catalogue';
import { LimitChoices } from '@cadre/web/measures';
import { MoneyChoice } from '@cadre/web/parts';
import { useSession } from '@cadre/web/people';
import { PolicyTorque } from '@cadre/web/torque';
import { SeasonsChoice, ServicesChoice } from '@cadre/web/services';
import { NoticePlate, useRefusal } from '@cadre/web/ui';
import NamesKept from './NamesKept.vue';
import MarksAndWeights from './MarksAndWeights.vue';
import { POLICY_FORM } from './policy-key';
import PolicyVersions from './PolicyVersions.vue';
import PracticeChoice from './PracticeChoice.vue';
import PracticeExceptions from './PracticeExceptions.vue';
import SavePolicy from './SavePolicy.vue';
import ExposureChoice from './ExposureChoice.vue';
import ReturnsChoice from './ReturnsChoice.vue';
import SecondPersonZones from './SecondPersonZones.vue';
import { usePolicyForm } from './use-policy-form';
import * as t from './messages';

/** The program's own rules where good mechanics differ: each question with both sides, and what a change would do before it is saved. */
const session = useSession();
const refusal = useRefusal();
const form = usePolicyForm();
provide(POLICY_FORM, form);
const { choices } = form;
const may = computed(() => session.may('edit-program'));
const isWhole = ref(false);
const wrong = reactive({
  marks: false,
  exposure: false,
  limits: false,
  torque: false,
  money: false,
  seasons: false,
  services: false,
});
const exceptionsWrong = computed(
  () => exceptionIssues((choices.value?.practiceExceptions ?? []) as readonly PracticeException[]).length > 0,
);
onMounted(() => refusal.run(form.begin));
</script>

<template>
  <main class="mx-auto max-w-[100rem] px-4 pb-24 pt-4">
    <NoticePlate v-if="refusal.said.value" class="mt-3" :said="refusal.said.value" />
    <div v-if="choices" class="mt-3 grid gap-6 lg:grid-cols-[1fr_25rem]">
      <fieldset class="min-w-0 space-y-6" :disabled="!may">
        <h1 class="sturdy text-2xl">{{ t.policy }}</h1>
        <p class="max-w-prose text-soft">
          {{ t.goodMechanicsDifferOn }}
        </p>
        <MarksAndWeights @wrong="(is) => (wrong.marks = is)" />
        <SecondPersonZones />
        <ExposureChoice @wrong="(is) => (wrong.exposure = is)" />
        <ReturnsChoice />
        <section aria-labelledby="limits" class="space-y-2">
          <h2 id="limits" class="sturdy text-xl">{{ t.limits }}</h2>
          <p class="max-w-prose text-soft">{{ t.valueMarkedOnPart }}</p>
          <LimitChoices
            :model-value="choices.limits"
            @update:model-value="(limits) => form.set({ limits: { ...limits } })"
            @wrong="(keys) => (wrong.limits = keys.length > 0)"
            @ready="isWhole = true"
          />
          <!-- The limits come a moment later; what stands under them waits for them, so that nothing moves under the hand. -->
          <PolicyTorque
            v-if="isWhole"
            :model-value="choices.torqueMost"
            @update:model-value="(torqueMost) => form.set({ torqueMost: { ...torqueMost } })"
            @wrong="(joints) => (wrong.torque = joints.length > 0)"
          />
        </section>
        <section v-if="isWhole" aria-labelledby="practices" class="space-y-4">
          <h2 id="practices" class="sturdy text-xl">{{ t.practices }}</h2>
          <div v-for="question in PRACTICE_QUESTIONS" :key="question">
            <PracticeChoice
              :question="question"
              :chosen="choices.practices[question]"
              @choose="
                (side) => form.set({ practices: { ...choices!.practices, [question]: side } as never })
              "
            />
            <PracticeExceptions :question="question" :chosen="choices.practices[question]" />
          </div>
        </section>
        <!-- Seasons and services come later still: nothing stands under them that a hand could be on. -->
        <MoneyChoice
          v-if="isWhole"
          :model-value="choices.money"
          @update:model-value="(money) => form.set({ money: { ...money } })"
          @wrong="(is) => (wrong.money = is)"
        />
        <SeasonsChoice
          v-if="isWhole"
          :model-value="choices.seasons"
          @update:model-value="(seasons) => form.set({ seasons: seasons as PolicyChoices['seasons'] })"
          @wrong="(is) => (wrong.seasons = is)"
        />
        <ServicesChoice
          v-if="isWhole"
          :model-value="choices.services"
          :practices="choices.practices"
          @update:model-value="(services) => form.set({ services: services as PolicyChoices['services'] })"
          @wrong="(is) => (wrong.services = is)"
        />
        <NamesKept v-if="isWhole" />
      </fieldset>
      <div
        class="space-y-6 lg:sticky lg:top-[calc(var(--strip)+0.75rem)] lg:max-h-[calc(100dvh-var(--strip)-1.5rem)] lg:self-start lg:overflow-y-auto"
      >
        <SavePolicy
          v-if="may"
          :wrong="Object.values(wrong).some(Boolean) || exceptionsWrong"
          :refusal="refusal"
        />
        <PolicyVersions />
      </div>
    </div>
    <p v-else-if="!refusal.said.value" class="p-4 text-soft" role="status">{{ t.loadingPolicy }}</p>
  </main>
</template>
