<script setup lang="ts">
import { computed, nextTick, ref } from 'vue';
import { useRouter } from 'vue-router';
import type { Bike } from '@cadre/contract/fleet';
import type { StockItem } from '@cadre/contract/parts';
import type { Repair } from '@cadre/contract/repairs';
import { SEVERITIES } from '@cadre/core/catalogue';
import { isStopNow, type Finding } from '@cadre/core/findings';
import { releaseReadiness, type FitnessAnswer } from '@cadre/core/fitness';
import { useNow } from '@cadre/web/platform/time';
import { FITNESS_WORDS, KIND_WORDS } from '@cadre/web/words';
import { ServicesDue } from '@cadre/web/services';
import { useSession } from '@cadre/web/people';
import { ActButton, FitnessMark, NoticePlate, useRefusal } from '@cadre/web/ui';
import BenchFinding from './BenchFinding.vue';
import BenchReasons from './BenchReasons.vue';
import NotReassembled from './NotReassembled.vue';
import ReleaseBox from './ReleaseBox.vue';
import RepairCard from './RepairCard.vue';
import type { Repairs } from './use-repairs';
import * as t from './messages';

/** One bike on the bench: its findings, the work, the recheck, the release. Nothing skips a step. */
const props = defineProps<{
  bike: Bike;
  answer: FitnessAnswer;
  bench: Repairs;
  items: readonly StockItem[];
}>();
const session = useSession();
const router = useRouter();
const refusal = useRefusal();
const now = useNow();

const facts = computed(() => props.bike.facts);
const repairs = computed(() => props.bench.repairs.value.filter((repair) => repair.bikeId === props.bike.id));
const findings = computed(() =>
  [...facts.value.findings].sort((a, b) => SEVERITIES.indexOf(a.severity) - SEVERITIES.indexOf(b.severity)),
);
const readiness = computed(() => releaseReadiness(facts.value, now.value));
const open = computed(() => findings.value.filter((finding) => finding.state === 'open'));
const chosen = ref<Set<string> | null>(null);
/** What the next repair takes on unless something else is ticked: what stops the bike, or where nothing does what asks for work. */
const wanted = computed(() => {
  if (chosen.value) return chosen.value;
  const stops = open.value.filter((finding) => isStopNow(finding, now.value));
  const asking = stops.length > 0 ? stops : open.value.filter((finding) => finding.severity !== 'watch');
  return new Set(asking.map((finding) => finding.id));
});
const of = (repair: Repair): readonly Finding[] =>
  findings.value.filter((finding) => repair.findingIds.includes(finding.id));
function tick(id: string): void {
  const next = new Set(wanted.value);
  if (!next.delete(id)) next.add(id);
  chosen.value = next;
}
const start = (): Promise<boolean> =>
  refusal.run(async () => {
    await props.bench.start(props.bike, [...wanted.value]);
    chosen.value = null;
  });
const plate = ref<HTMLElement | null>(null);
/** The long form is gone once the work is done: the next step is at the top, and so is the view. */
async function finish(repair: Repair, done: Parameters<Repairs['finish']>[1]): Promise<void> {
  if (!(await refusal.run(() => props.bench.finish(repair, done)))) return;
  await nextTick();
  plate.value?.scrollIntoView({ block: 'start' });
}
const lookAgain = (repair: Repair): Promise<boolean> =>
  refusal.run(async () => {
    await router.push({
      name: 'stand',
      params: { bikeId: props.bike.id },
      query: { check: await props.bench.recheck(repair) },
    });
  });
</script>

<template>
  <section
    ref="plate"
    class="scroll-mt-[calc(var(--strip)+0.75rem)] space-y-4 rounded-lg border-2 border-ink/60 bg-plate p-4 sm:p-5"
    :aria-label="t.onBenchTag({ tag: bike.tag })"
    data-bench-bike
  >
    <div class="flex flex-wrap items-center gap-x-4">
      <h2 class="sturdy text-4xl leading-none">{{ bike.tag }}</h2>
      <p class="grow text-soft">{{ KIND_WORDS[bike.build.kind] }} · {{ bike.model }} · {{ bike.size }}</p>
      <ActButton
        :to="{ name: 'torque', params: { bikeId: bike.id } }"
        data-torque
        kind="quiet"
        class="!px-0"
        >{{ t.torqueCard }}</ActButton
      >
      <ActButton
        :to="{ name: 'tracing', params: { trace: '' }, query: { bike: bike.tag } }"
        data-find-cause
        kind="quiet"
        class="!px-0"
        >{{ t.findCause }}</ActButton
      >
      <ActButton
        v-if="findings.length"
        :to="{ name: 'warranty', params: { bikeId: bike.id } }"
        data-warranty
        kind="quiet"
        class="!px-0"
        >{{ t.warrantyQuery }}</ActButton
      >
      <p
        class="flex items-center gap-2 text-lg font-semibold"
        :class="answer.fitness === 'held' && 'text-held'"
      >
        <FitnessMark :fitness="answer.fitness" :size="28" />{{ FITNESS_WORDS[answer.fitness] }}
      </p>
    </div>
    <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" />
    <ServicesDue :bike="bike" />
    <BenchReasons :bike="bike" :answer="answer" />
    <ul class="divide-y divide-line rounded-md border-2 border-line" :aria-label="t.findings">
      <BenchFinding
        v-for="finding in findings"
        :key="finding.id"
        :bike="bike"
        :finding="finding"
        :taken="wanted.has(finding.id)"
        :busy="refusal.busy.value"
        @tick="tick(finding.id)"
        @regrade="(severity, reason) => refusal.run(() => bench.regrade(finding, severity, reason))"
        @close="(reason) => refusal.run(() => bench.closeFinding(finding, reason))"
        @merge="(otherId) => refusal.run(() => bench.merge(finding, otherId))"
      />
      <li v-if="findings.length === 0" class="p-3 text-soft">{{ t.noOpenFindings }}</li>
    </ul>
    <ActButton
      v-if="open.length && session.may('repair')"
      :kind="repairs.some((repair) => repair.state === 'started') ? 'plain' : 'main'"
      big
      class="w-full"
      :disabled="wanted.size === 0 || refusal.busy.value"
      data-start
      @click="start"
      >{{ t.startRepairFinding({ size: wanted.size }) }}</ActButton
    >
    <RepairCard
      v-for="repair in repairs"
      :key="repair.id"
      :bike="bike"
      :repair="repair"
      :findings="of(repair)"
      :items="items"
      :busy="refusal.busy.value"
      :fields="refusal.fields.value"
      @plan="(plan) => refusal.run(() => bench.plan(repair, plan))"
      @done="(done) => finish(repair, done)"
      @look="lookAgain(repair)"
    />
    <NotReassembled
      v-if="facts.notReassembled.length || session.may('mark')"
      :bike="bike"
      :busy="refusal.busy.value"
      @leave="(what) => refusal.run(() => bench.leave(bike, what))"
      @close="(itemId) => refusal.run(() => bench.close(itemId))"
    />
    <ReleaseBox
      v-if="readiness.held"
      :bike="bike"
      :readiness="readiness"
      :busy="refusal.busy.value"
      @hang="(name) => refusal.run(() => bench.hang(bike, name))"
      @release="(note, back) => refusal.run(() => bench.release(bike, note, back))"
    />
  </section>
</template>
