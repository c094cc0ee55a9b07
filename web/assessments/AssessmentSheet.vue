<script setup lang="ts">
import { provide } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import type { Assessment } from '@cadre/contract/assessments';
import type { StockItem } from '@cadre/contract/parts';
import { dayAndClock, useNow } from '@cadre/web/platform/time';
import { SEVERITY_WORDS, withPosition } from '@cadre/web/words';
import { useFleet } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import { useMoney } from '@cadre/web/parts';
import { ActButton, NoticePlate, TextField, useRefusal } from '@cadre/web/ui';
import AssessmentDecision from './AssessmentDecision.vue';
import AssessmentSum from './AssessmentSum.vue';
import { PRICING, usePricing } from './use-pricing';
import type { Assessments } from './use-assessments';
import * as t from './messages';

/** One bike on offer: each finding priced, the sum against what is asked and what a fit one is worth, and the decision. */
const props = defineProps<{
  assessment: Assessment;
  bike: Bike;
  assessments: Assessments;
  items: readonly StockItem[];
}>();
const fleet = useFleet();
const session = useSession();
const money = useMoney();
const now = useNow();
const refusal = useRefusal();
const pricing = usePricing(props);
provide(PRICING, pricing);
const { typed, isSaved, rows, asking, worth, wrong, looked, priced } = pricing;
const save = (): Promise<boolean> => refusal.run(() => props.assessments.price(props.assessment, priced()));
async function decide(accept: boolean, reason: string): Promise<void> {
  await refusal.run(async () => {
    // What is decided on is what is kept: the sum on the screen.
    await props.assessments.price(props.assessment, priced());
    await props.assessments.decide(props.assessment, accept, reason);
  });
}
</script>

<template>
  <section
    class="space-y-4 rounded-lg border-2 border-ink/60 bg-plate p-4 sm:p-5"
    :aria-label="t.assessmentTag({ tag: bike.tag })"
    data-assessment
  >
    <div class="flex flex-wrap items-baseline gap-x-4">
      <h2 class="sturdy text-4xl leading-none">
        <RouterLink
          :to="{ name: 'bike', params: { bikeId: bike.id } }"
          class="underline decoration-2 underline-offset-4"
          >{{ bike.tag }}</RouterLink
        >
      </h2>
      <p class="grow text-soft">
        {{
          [bike.model, bike.size, assessment.from ? t.fromFrom({ from: assessment.from }) : '']
            .filter(Boolean)
            .join(' · ')
        }}
        · {{ fleet.nameOf(assessment.openedBy) }},
        {{ dayAndClock(assessment.openedAt, now) }}
      </p>
    </div>
    <template v-if="assessment.state === 'open'">
      <p v-if="!looked" class="rounded-md bg-watch-wash p-3 text-watch">
        {{ t.bikeNotCheckedYet }}
        <RouterLink
          v-if="session.may('mark')"
          :to="{
            name: 'stand',
            params: { bikeId: bike.id },
            query: { checklist: 'assessment', from: `/assessments/${assessment.id}` },
          }"
          class="inline-flex min-h-12 items-center font-semibold underline"
          data-look-over
          >{{ t.startAssessmentCheck }}</RouterLink
        >
      </p>
      <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" />
      <form class="space-y-3" novalidate @submit.prevent="save">
        <div class="grid gap-3 sm:grid-cols-2">
          <TextField
            v-model="typed.asking"
            :label="t.askingPrice"
            :error="asking === null ? t.enterAmount : null"
          />
          <TextField
            v-model="typed.worth"
            :label="t.valueWhenRepaired"
            :error="worth === null ? t.enterAmount : null"
          />
        </div>
        <AssessmentSum />
        <ul class="divide-y divide-line rounded-md border-2 border-line empty:hidden">
          <li
            v-for="{ finding, parts, minutes } in rows"
            :key="finding.id"
            class="flex flex-wrap items-end gap-3 p-3"
            :data-price-of="finding.fault"
          >
            <p class="min-w-0 grow basis-48 self-center leading-snug max-sm:basis-full">
              <span class="font-semibold"
                >{{ withPosition(finding.words.checkpoint, finding.position) }}:
                {{ finding.words.fault.toLowerCase() }}</span
              ><span class="block text-[0.95rem] text-soft"
                >{{ SEVERITY_WORDS[finding.severity]
                }}{{ isSaved(finding) ? '' : t.suggestedNotSavedYet }}</span
              >
            </p>
            <TextField
              v-model="typed.prices[finding.id]!.parts"
              :label="t.parts"
              :wrong="parts === null"
              class="w-28"
              inputmode="decimal"
              placeholder="0"
            />
            <TextField
              v-model="typed.prices[finding.id]!.minutes"
              :label="t.minutes"
              :wrong="minutes === null"
              class="w-24"
              inputmode="numeric"
              placeholder="0"
            />
          </li>
        </ul>
        <p v-if="looked && rows.length === 0" class="text-soft">{{ t.noFindings }}</p>
        <ActButton type="submit" :disabled="refusal.busy.value || wrong" data-price-save>{{
          t.savePrices
        }}</ActButton>
      </form>
      <AssessmentDecision
        v-if="session.may('edit-fleet')"
        :busy="refusal.busy.value"
        :wrong="wrong"
        :looked="looked"
        @decide="decide"
      />
    </template>
    <p v-else class="text-lg" data-decided>
      <span class="font-semibold">{{
        assessment.state === 'accepted' ? t.acceptedIntoFleet : t.declined
      }}</span>{{
        t.nameOfWhenAskingPrice({
          nameOf: fleet.nameOf(assessment.decidedBy ?? ''),
          when: dayAndClock(assessment.decidedAt ?? 0, now),
          show: money.show(assessment.asking),
          show2: money.show(assessment.worth),
        })
      }}<template v-if="assessment.reason"> “{{ assessment.reason }}”</template>
    </p>
  </section>
</template>
