<script setup lang="ts">
import { computed, reactive, ref, watch } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import type { Assessment } from '@cadre/contract/assessments';
import type { StockItem } from '@cadre/contract/parts';
import type { Finding } from '@cadre/core/findings';
import { assessment as judgeAssessment } from '@cadre/core/measures';
import { likelyPart, placesOn } from '@cadre/core/parts';
import { jobMinutes } from '@cadre/core/repairs';
import { count, dayAndClock, useNow } from '@cadre/web/platform/time';
import { SEVERITY_WORDS, withPosition } from '@cadre/web/words';
import { useCatalogue } from '@cadre/web/catalogue';
import { useFleet } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import { useMoney } from '@cadre/web/parts';
import { ActButton, NoticePlate, TextField, useRefusal } from '@cadre/web/ui';
import type { Assessments } from './use-assessments';

/** One bike on offer: each finding priced, the sum against what is asked and what a fit one is worth, and the decision. */
const props = defineProps<{
  assessment: Assessment;
  bike: Bike;
  assessments: Assessments;
  items: readonly StockItem[];
}>();
const fleet = useFleet();
const catalogue = useCatalogue();
const session = useSession();
const money = useMoney();
const now = useNow();
const refusal = useRefusal();
const reason = ref('');
const findings = computed(() => props.bike.facts.findings as readonly Finding[]);
const rate = computed(() => catalogue.policy()?.money.hourlyRate ?? 0);
const RECHECK_MINUTES = jobMinutes([]);
/** What the shelf's price and the usual minutes make of a finding nobody has priced yet. */
function proposed(finding: Finding): { parts: string; minutes: string } {
  const part = likelyPart(finding);
  const item = part
    ? props.items.find(
        (each) =>
          each.kind === part.kind &&
          placesOn(each, { build: props.bike.build, modelId: props.bike.modelId }).length > 0,
      )
    : undefined;
  return {
    parts: item ? money.value.typed(item.price) : '',
    minutes: String(jobMinutes([finding]) - RECHECK_MINUTES),
  };
}
const typed = reactive({
  asking: '',
  worth: '',
  prices: {} as Record<string, { parts: string; minutes: string }>,
});
watch(
  () => props.assessment.id,
  () => {
    typed.asking = money.value.typed(props.assessment.asking);
    typed.worth = money.value.typed(props.assessment.worth);
    typed.prices = {};
  },
  { immediate: true },
);
watch(
  [findings, () => props.items],
  () => {
    for (const finding of findings.value) {
      const kept = props.assessment.prices.find((price) => price.findingId === finding.id);
      typed.prices[finding.id] ??= kept
        ? { parts: money.value.typed(kept.parts), minutes: String(kept.minutes) }
        : proposed(finding);
    }
  },
  { immediate: true },
);
const isKept = (finding: Finding): boolean =>
  props.assessment.prices.some((price) => price.findingId === finding.id);
const rows = computed(() =>
  findings.value.map((finding) => {
    const said = typed.prices[finding.id] ?? { parts: '', minutes: '' };
    const parts = said.parts.trim() === '' ? 0 : money.value.read(said.parts);
    const minutes =
      said.minutes.trim() === ''
        ? 0
        : /^\d{1,4}$/.test(said.minutes.trim())
          ? Number(said.minutes.trim())
          : null;
    return { finding, parts, minutes };
  }),
);
const unpriced = computed(
  () => findings.value.filter((finding) => !typed.prices[finding.id]?.parts.trim()).length,
);
const asking = computed(() => money.value.read(typed.asking));
const worth = computed(() => money.value.read(typed.worth));
const wrong = computed(
  () =>
    asking.value === null ||
    worth.value === null ||
    rows.value.some((row) => row.parts === null || row.minutes === null),
);
const sum = computed(() => {
  if (wrong.value) return null;
  const judged = judgeAssessment(
    rows.value.map((row) => ({ parts: row.parts ?? 0, minutes: row.minutes ?? 0 })),
    rate.value,
    asking.value ?? 0,
    worth.value ?? 0,
  );
  return judged.ok ? judged.value : null;
});
const looked = computed(() => props.bike.facts.newestCheck !== null);
const hands = computed(() => findings.value.filter((finding) => finding.words.toMechanic));
const priced = () => ({
  asking: asking.value ?? 0,
  worth: worth.value ?? 0,
  prices: rows.value.map((row) => ({
    findingId: row.finding.id,
    parts: row.parts ?? 0,
    minutes: row.minutes ?? 0,
  })),
});
const save = (): Promise<boolean> => refusal.run(() => props.assessments.price(props.assessment, priced()));
async function decide(accept: boolean): Promise<void> {
  await refusal.run(async () => {
    // What is decided on is what is kept: the sum on the screen.
    await props.assessments.price(props.assessment, priced());
    await props.assessments.decide(props.assessment, accept, reason.value.trim());
  });
}
</script>

<template>
  <section
    class="space-y-4 rounded-lg border-2 border-ink/60 bg-plate p-4 sm:p-5"
    :aria-label="`Assessment of ${bike.tag}`"
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
          [bike.model, bike.size, assessment.from ? `from ${assessment.from}` : '']
            .filter(Boolean)
            .join(' · ')
        }}
        · {{ fleet.nameOf(assessment.openedBy) }},
        {{ dayAndClock(assessment.openedAt, now) }}
      </p>
    </div>
    <template v-if="assessment.state === 'open'">
      <p v-if="!looked" class="rounded-md bg-watch-wash p-3 text-watch">
        Nobody has looked it over yet. Until then the sum knows nothing of it.
        <RouterLink
          v-if="session.may('mark')"
          :to="{
            name: 'stand',
            params: { bikeId: bike.id },
            query: { checklist: 'assessment', from: `/intake/${assessment.id}` },
          }"
          class="inline-flex min-h-12 items-center font-semibold underline"
          data-look-over
          >Look it over with the deep checklist</RouterLink
        >
      </p>
      <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" />
      <form class="space-y-3" novalidate @submit.prevent="save">
        <div class="grid gap-3 sm:grid-cols-2">
          <TextField
            v-model="typed.asking"
            label="Asked for it"
            :error="asking === null ? 'An amount of money.' : null"
          />
          <TextField
            v-model="typed.worth"
            label="Worth here when fit"
            :error="worth === null ? 'An amount of money.' : null"
          />
        </div>
        <div v-if="sum" class="rounded-md border-2 border-line p-3" data-sum>
          <dl class="figures grid grid-cols-2 gap-x-6 gap-y-1 sm:grid-cols-4">
            <div>
              <dt class="text-sm text-soft">Asked</dt>
              <dd class="sturdy text-xl">{{ money.show(asking ?? 0) }}</dd>
            </div>
            <div>
              <dt class="text-sm text-soft">Putting it right</dt>
              <dd class="sturdy text-xl">{{ money.show(sum.repairs) }}</dd>
            </div>
            <div>
              <dt class="text-sm text-soft">Together</dt>
              <dd class="sturdy text-xl">{{ money.show(sum.whole) }}</dd>
            </div>
            <div>
              <dt class="text-sm text-soft">Worth when fit</dt>
              <dd class="sturdy text-xl">{{ money.show(worth ?? 0) }}</dd>
            </div>
          </dl>
          <p class="mt-2 text-lg font-semibold" :class="sum.accept ? 'text-act' : 'text-held'">
            {{
              sum.accept
                ? `${money.show(sum.gain)} under its worth${unpriced ? ' so far' : ': worth taking'}`
                : 'Not worth it at this price'
            }}
          </p>
          <p v-if="unpriced" class="text-watch" data-unpriced>
            Parts of {{ count(unpriced, 'finding') }} have no price: they count as nothing here.
          </p>
          <p v-if="rate === 0" class="text-watch">No hourly rate is set: minutes cost nothing in this sum.</p>
          <p v-if="hands.length" class="font-semibold text-held">
            {{ hands.map((finding) => finding.words.fault).join(', ') }}: a qualified mechanic or the maker
            decides before money does.
          </p>
        </div>
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
                }}{{ isKept(finding) ? '' : ' · proposed, not kept yet' }}</span
              >
            </p>
            <label class="text-[0.95rem]"
              >Parts<input
                v-model="typed.prices[finding.id]!.parts"
                inputmode="decimal"
                class="figures mt-1 block h-12 w-28 rounded-md border-2 bg-plate px-3 text-base"
                :class="parts === null ? 'border-held' : 'border-ink/60'"
                :aria-invalid="parts === null"
                placeholder="0"
            /></label>
            <label class="text-[0.95rem]"
              >Minutes<input
                v-model="typed.prices[finding.id]!.minutes"
                inputmode="numeric"
                class="figures mt-1 block h-12 w-24 rounded-md border-2 bg-plate px-3 text-base"
                :class="minutes === null ? 'border-held' : 'border-ink/60'"
                :aria-invalid="minutes === null"
                placeholder="0"
            /></label>
          </li>
        </ul>
        <p v-if="looked && rows.length === 0" class="text-soft">Nothing was found on it.</p>
        <ActButton type="submit" :disabled="refusal.busy.value || wrong" data-price-save
          >Keep the prices</ActButton
        >
      </form>
      <template v-if="session.may('edit-fleet')">
        <label class="block"
          >Reason<input
            v-model="reason"
            maxlength="400"
            class="mt-1 block h-12 w-full rounded-md border-2 border-line bg-plate px-3"
            data-reason
        /></label>
        <div class="flex flex-wrap gap-2">
          <ActButton
            kind="main"
            big
            class="grow"
            :disabled="refusal.busy.value || wrong || !looked"
            data-accept
            @click="decide(true)"
            >Take it into the fleet</ActButton
          >
          <ActButton
            big
            class="grow"
            :disabled="refusal.busy.value || wrong || !reason.trim()"
            data-decline
            @click="decide(false)"
            >Leave it, for this reason</ActButton
          >
        </div>
        <p class="text-[0.95rem] text-soft">
          Taken, it keeps all its findings and stays held until it is repaired, looked at and released like
          any bike.
        </p>
      </template>
    </template>
    <p v-else class="text-lg" data-decided>
      <span class="font-semibold">{{
        assessment.state === 'accepted' ? 'Taken into the fleet' : 'Not taken'
      }}</span>: {{ fleet.nameOf(assessment.decidedBy ?? '') }},
      {{ dayAndClock(assessment.decidedAt ?? 0, now) }}. Question {{ money.show(assessment.asking) }}, worth
      {{ money.show(assessment.worth) }} when fit.<template v-if="assessment.reason">
        “{{ assessment.reason }}”</template
      >
    </p>
  </section>
</template>
