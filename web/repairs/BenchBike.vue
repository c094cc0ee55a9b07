<script setup lang="ts">
import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';
import type { Bike } from '@cadre/contract/fleet';
import { setSeverity } from '@cadre/contract/findings';
import { SEVERITIES, type Severity } from '@cadre/core/catalogue';
import { isStopNow, maySetSeverity, type Finding } from '@cadre/core/findings';
import { releaseReadiness, type FitnessAnswer, type FitnessFacts } from '@cadre/core/fitness';
import { needingSecondPerson, type Touched } from '@cadre/core/repairs';
import type { Repair } from '@cadre/contract/repairs';
import { v7 as newId } from 'uuid';
import { count, dayAndClock, now as serverNow, send, useNow } from '@cadre/web/app';
import { useCatalogue, SEVERITY_MEANING, SEVERITY_WORDS, withPosition, ZONE_WORDS } from '@cadre/web/catalogue';
import { FITNESS_WORDS, KIND_WORDS, useFleet } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import { ActButton, FitnessMark, NoticePlate, useRefusal } from '@cadre/web/ui';
import { LookAcross } from '@cadre/web/findings';
import { FindingPhotos } from '@cadre/web/photos';
import FinishRepair from './FinishRepair.vue';
import type { Repairs } from './use-repairs';
import { blockWords, TOUCH_WORDS } from './wording';

/** One bike on the bench: its findings, the work, the re-look, the release. Nothing skips a step. */
const props = defineProps<{ bike: Bike; answer: FitnessAnswer; bench: Repairs }>();
const fleet = useFleet();
const session = useSession();
const catalogue = useCatalogue();
const router = useRouter();
const refusal = useRefusal();
const now = useNow();
const apart = ref('');
const note = ref('');
const regrading = ref<string | null>(null);
const reason = ref('');

const facts = computed(() => props.bike.facts as FitnessFacts);
const repairs = computed(() => props.bench.repairs.value.filter((repair) => repair.bikeId === props.bike.id));
const findings = computed(() => [...facts.value.findings].sort((a, b) => SEVERITIES.indexOf(a.severity) - SEVERITIES.indexOf(b.severity)));
const readiness = computed(() => releaseReadiness(facts.value, now.value));
const open = computed(() => findings.value.filter((finding) => finding.state === 'open'));
const chosen = ref<Set<string> | null>(null);
/** What the next repair takes on: what stops the bike, unless something else is ticked. */
const wanted = computed(() => chosen.value ?? new Set(open.value.filter((finding) => isStopNow(finding, now.value)).map((finding) => finding.id)));
const STATE_WORDS: Record<Finding['state'], string> = {
  open: 'to repair',
  'in-work': 'in work',
  mended: 'repaired, look again',
  're-looked': 'sound again, waits for release',
  closed: 'closed',
};

const of = (repair: Repair): readonly Finding[] => findings.value.filter((finding) => repair.findingIds.includes(finding.id));
/** Whether this person's own re-look would not count: better said before the looking than after. */
function barred(repair: Repair): boolean {
  const policy = catalogue.policy();
  return policy !== null && session.person !== null && needingSecondPerson(of(repair), session.person.id, policy).length > 0;
}
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
const finish = (repair: Repair, work: { findingId: string; done: string }[], touched: Touched[], minutes: number | null): Promise<boolean> =>
  refusal.run(() => props.bench.finish(repair, work, touched, minutes));
const lookAgain = (repair: Repair): Promise<boolean> =>
  refusal.run(async () => {
    await router.push({ name: 'stand', params: { bikeId: props.bike.id }, query: { check: await props.bench.reLook(repair) } });
  });
const leave = (): Promise<boolean> =>
  refusal.run(async () => {
    await props.bench.leave(props.bike, apart.value.trim());
    apart.value = '';
  });
const regrade = (finding: Finding, severity: Severity): Promise<boolean> =>
  refusal.run(async () => {
    await send(setSeverity, { params: { id: finding.id }, body: { id: newId(), severity, reason: reason.value.trim(), at: serverNow() } });
    regrading.value = null;
    reason.value = '';
    await fleet.refresh(props.bike.id);
  });
const grades = (finding: Finding): readonly Severity[] =>
  SEVERITIES.filter((severity) => session.person && maySetSeverity(session.person, finding, severity).ok);
</script>

<template>
  <section class="space-y-4 rounded-lg border-2 border-ink/60 bg-plate p-4 sm:p-5" :aria-label="`On the bench: ${bike.tag}`" data-bench-bike>
    <div class="flex flex-wrap items-center gap-x-4">
      <h2 class="sturdy text-4xl leading-none">{{ bike.tag }}</h2>
      <p class="grow text-soft">{{ KIND_WORDS[bike.build.kind] }} · {{ bike.model }} · {{ bike.size }}</p>
      <RouterLink
        :to="{ name: 'torque', params: { bikeId: bike.id } }"
        class="inline-flex min-h-12 items-center font-semibold text-act underline"
        data-torque
        >Torque card</RouterLink
      >
      <p class="flex items-center gap-2 text-lg font-semibold" :class="answer.fitness === 'held' && 'text-held'">
        <FitnessMark :fitness="answer.fitness" :size="28" />{{ FITNESS_WORDS[answer.fitness] }}
      </p>
    </div>
    <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" />
    <ul class="divide-y divide-line rounded-md border-2 border-line" aria-label="Findings">
      <li v-for="finding in findings" :key="finding.id" class="p-3" :class="isStopNow(finding, now) ? 'border-l-8 border-l-held' : ''">
        <div class="flex items-start gap-3 max-sm:flex-wrap">
          <input
            v-if="finding.state === 'open' && session.may('repair')"
            :id="`take-${finding.id}`"
            type="checkbox"
            class="mt-1 size-7 shrink-0"
            :checked="wanted.has(finding.id)"
            :aria-label="`Repair: ${finding.words.fault}`"
            @change="tick(finding.id)"
          />
          <div class="min-w-0 flex-1 leading-snug">
            <p class="text-lg font-semibold">{{ finding.words.fault }}</p>
            <p>{{ withPosition(finding.words.checkpoint, finding.position) }} · {{ ZONE_WORDS[finding.zone].toLowerCase() }}</p>
            <p class="text-soft">
              {{ fleet.nameOf(finding.openedBy) }}, {{ dayAndClock(finding.openedAt, now, fleet.siteById.get(bike.siteId)?.timeZone)
              }}{{ finding.timesSeen > 1 ? ` · seen ${count(finding.timesSeen, 'time')}` : ''
              }}{{ finding.words.note ? ` · “${finding.words.note}”` : '' }}
            </p>
            <p v-if="finding.state === 'open' || finding.state === 'in-work'" class="mt-1">
              <span class="text-soft">Do:</span> {{ finding.words.doNext }}
            </p>
            <FindingPhotos :bike-id="bike.id" :finding="finding as Finding" />
            <LookAcross v-if="isStopNow(finding, now) || finding.severity === 'soon'" :finding-id="finding.id" />
            <p v-if="finding.words.toMechanic" class="font-semibold text-held">A qualified mechanic or the maker decides. Nobody rides it to see.</p>
          </div>
          <p
            class="shrink-0 text-right leading-tight max-sm:order-first max-sm:flex max-sm:w-full max-sm:items-baseline max-sm:gap-2 max-sm:text-left"
          >
            <span
              class="font-semibold"
              :class="finding.severity === 'stop' ? 'text-held' : finding.severity === 'watch' || finding.severity === 'soon' ? 'text-watch' : ''"
              >{{ SEVERITY_WORDS[finding.severity] }}</span><br /><span class="text-sm text-soft">{{ STATE_WORDS[finding.state] }}</span>
          </p>
        </div>
        <div v-if="grades(finding).length" class="mt-1">
          <ActButton v-if="regrading !== finding.id" kind="quiet" @click="regrading = finding.id">Change severity</ActButton>
          <div v-else class="flex flex-wrap items-end gap-2 rounded-md bg-sunk p-3">
            <label class="grow"
              >Reason<input v-model="reason" class="mt-1 block h-12 w-full rounded-md border-2 border-line bg-plate px-3" maxlength="400"
            /></label>
            <ActButton
              v-for="severity in grades(finding)"
              :key="severity"
              :disabled="refusal.busy.value || !reason.trim()"
              @click="regrade(finding, severity)"
              >{{ SEVERITY_WORDS[severity] }}, {{ SEVERITY_MEANING[severity] }}</ActButton
            >
            <ActButton kind="quiet" @click="regrading = null">Leave it</ActButton>
          </div>
        </div>
      </li>
      <li v-if="findings.length === 0" class="p-3 text-soft">No finding is open on it.</li>
    </ul>
    <ActButton
      v-if="open.length && session.may('repair')"
      kind="main"
      big
      class="w-full"
      :disabled="wanted.size === 0 || refusal.busy.value"
      data-start
      @click="start"
      >Start repair of {{ count(wanted.size, 'finding') }}</ActButton
    >
    <div v-for="repair in repairs" :key="repair.id" class="rounded-md border-2 border-act p-3" :data-repair="repair.state">
      <template v-if="repair.state === 'started'">
        <h3 class="sturdy text-lg">
          In work <span class="font-normal text-soft">· {{ fleet.nameOf(repair.startedBy) }}, {{ dayAndClock(repair.startedAt, now) }}</span>
        </h3>
        <FinishRepair
          v-if="session.may('repair')"
          class="mt-2"
          :repair="repair"
          :findings="of(repair)"
          :busy="refusal.busy.value"
          @done="(work, touched, minutes) => finish(repair, work, touched, minutes)"
        />
      </template>
      <template v-else>
        <h3 class="sturdy text-lg">
          Repaired
          <span class="font-normal text-soft"
            >· {{ fleet.nameOf(repair.doneBy ?? '') }}, {{ repair.doneAt ? dayAndClock(repair.doneAt, now) : ''
            }}{{ repair.minutes === null ? '' : ` · ${repair.minutes} min` }}</span
          >
        </h3>
        <p v-for="each in repair.work" :key="each.findingId" class="leading-snug">{{ each.done }}</p>
        <p v-if="repair.touched.length" class="text-soft">
          Touched: {{ repair.touched.map((each) => TOUCH_WORDS[each.touch].toLowerCase()).join(', ') }}
        </p>
        <p v-if="barred(repair)" class="mt-1 font-semibold text-watch">
          You mended this. Policy wants a second person here: somebody else looks again.
        </p>
        <ActButton
          v-if="session.may('re-look') && !barred(repair)"
          kind="main"
          big
          class="mt-2 w-full"
          :disabled="refusal.busy.value"
          data-re-look
          @click="lookAgain(repair)"
          >Look again</ActButton
        >
      </template>
    </div>
    <div v-if="facts.leftApart.length || session.may('mark')" class="rounded-md bg-sunk p-3">
      <h3 class="font-semibold">Left apart</h3>
      <ul>
        <li v-for="item in facts.leftApart" :key="item.id" class="flex items-center gap-3 py-1">
          <span class="grow"
            >{{ item.what }} <span class="text-soft">· {{ fleet.nameOf(item.by) }}</span></span
          ><ActButton :disabled="refusal.busy.value" data-together @click="refusal.run(() => bench.close(item.id))">Together again</ActButton>
        </li>
      </ul>
      <form class="mt-1 flex items-end gap-2" @submit.prevent="leave">
        <label class="grow"
          >What is loose, open or missing now?<input
            v-model="apart"
            class="mt-1 block h-12 w-full rounded-md border-2 border-line bg-plate px-3"
            maxlength="200"
        /></label>
        <ActButton type="submit" :disabled="!apart.trim() || refusal.busy.value">Note it</ActButton>
      </form>
    </div>
    <div v-if="readiness.held" class="rounded-md border-2 p-3" :class="readiness.blocks.length ? 'border-line' : 'border-act'">
      <h3 class="sturdy text-lg">Release</h3>
      <ul v-if="readiness.blocks.length" class="mt-1 list-disc pl-6">
        <li v-for="(block, index) in readiness.blocks" :key="index">{{ blockWords(block) }}</li>
      </ul>
      <template v-else-if="session.may('release')">
        <p class="leading-snug">Everything that stopped it was repaired and looked at again. Your name goes under letting it out.</p>
        <label class="mt-2 block"
          >Note<input v-model="note" class="mt-1 block h-12 w-full rounded-md border-2 border-line bg-plate px-3" maxlength="400"
        /></label>
        <ActButton
          kind="main"
          big
          class="mt-2 w-full"
          :disabled="refusal.busy.value"
          data-release
          @click="refusal.run(() => bench.release(bike, note.trim()))"
          >Release {{ bike.tag }}</ActButton
        >
      </template>
      <p v-else>Ready. A mechanic or the lead releases it.</p>
    </div>
  </section>
</template>
