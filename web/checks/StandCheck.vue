<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import type { Bike } from '@cadre/contract/fleet';
import { questionKey, type Question } from '@cadre/core/catalogue';
import type { Mark } from '@cadre/core/checks';
import type { TypedReading } from '@cadre/core/batch-check';
import { takesReading } from '@cadre/core/measures';
import { useKeys } from '@cadre/web/platform/keys';
import { PHASE_WORDS, withPosition, zonesName, KIND_WORDS } from '@cadre/web/words';
import { useCatalogue } from '@cadre/web/catalogue';
import { BikeFigure } from '@cadre/web/figures';
import { useFleet, useFound } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import { LookPhotos } from '@cadre/web/photos';
import { ActButton } from '@cadre/web/ui';
import CheckpointRow from './CheckpointRow.vue';
import ExceptionPanel from './ExceptionPanel.vue';
import LeaveIt from './LeaveIt.vue';
import ReadingField from './ReadingField.vue';
import SignOff from './SignOff.vue';
import StandBar from './StandBar.vue';
import StationSteps from './StationSteps.vue';
import WhatsLeft from './WhatsLeft.vue';
import { useDraft } from './use-draft';
import { useLastLooks } from './use-last-looks';
import { useLiveChecks } from './use-live-checks';
import { useMeasuredOn } from './use-measured-on';
import { useOutbox } from './use-outbox';
import { useReadings } from './use-readings';
import { useStand } from './use-stand';
import { SIDE_WORDS } from './wording';

const props = defineProps<{ bike: Bike; checkId: string }>();
const fleet = useFleet();
const session = useSession();
const catalogue = useCatalogue();
const router = useRouter();
const route = useRoute();

const raised = computed(() => new Set(props.bike.facts.findings.map(questionKey)));
const draft = useDraft(props.checkId, () => raised.value);
const readings = useReadings(`${props.bike.id} `);
const lastLooks = useLastLooks(props.bike.id);
const singly = (question: Question): boolean => catalogue.isGivenSingly(session.person, question);
const stand = useStand(draft, singly, () => session.person?.id ?? null, readings);
const howShown = ref(session.person?.trainee ?? false);
const { stations, answers, progress, check } = draft;
const { at, row, open, signing, station, left } = stand;
/** What is over the station for a moment: what is left, or leaving it. */
const over = ref<'left' | 'leave' | null>(null);
watch(at, () => (over.value = null));

/** What others mark on it meanwhile shows here, and a signature of theirs ends it. */
const signedElsewhere = ref<string | null>(null);
const live = useLiveChecks({
  bikeIds: () => [props.bike.id],
  checklistKeys: () => (check.value ? [check.value.checklist.key] : []),
  follow: fleet.onChanged,
  onOver: (keptId, signedBy) => {
    if (keptId !== props.checkId) return;
    signedElsewhere.value = signedBy;
    readings.done(props.bike.id);
  },
});
watch(
  () => check.value?.serverId,
  (known) => known && live.refresh(),
);
const others = computed(() => {
  const authors = new Set(draft.marks.value.map((each) => each.mark.author));
  return [...authors].filter((id) => id !== session.person?.id).map(fleet.nameOf);
});
const measuredOn = useMeasuredOn();
const outbox = useOutbox();
const ownMark = (question: Question): Mark | null =>
  answers.value.get(question.key)?.marks.find((each) => each.author === session.person?.id) ?? null;
async function read(question: Question, reading: TypedReading): Promise<void> {
  const given = readings.take(question, reading, ownMark(question));
  if (given) await stand.mark(question, { ...given, way: 'single' });
}
/** The lead leaves a verdict aside: what was said of the look stands with it from now on. */
async function leaveAside(question: Question, reason: string): Promise<void> {
  readings.leaveAside(question.key, reason);
  const own = ownMark(question);
  if (own)
    await stand.mark(question, {
      outcome: own.outcome,
      way: 'single',
      faults: [...own.faults],
      note: own.note,
    });
}

/** The watches and faults still open here: looked at first, with their place. */
function before(question: { checkpoint: { key: string }; position: string }): string | null {
  const finding = props.bike.facts.findings.find(
    (each) => each.checkpoint === question.checkpoint.key && each.position === question.position,
  );
  if (!finding) return null;
  const where = [
    finding.place?.side ? SIDE_WORDS[finding.place.side] : '',
    finding.place?.clock ? `at ${finding.place.clock} o’clock` : '',
  ].filter(Boolean);
  return `Open: ${finding.words.fault.toLowerCase()}${where.length ? `, ${where.join(', ')}` : ''}${finding.words.note ? ` (${finding.words.note})` : ''}`;
}
/** Marks left over from before: go on where something is left. */
const begun = ref(false);
watch(
  () => stations.value.length > 0 && check.value !== null,
  (ready) => {
    if (!ready || begun.value) return;
    begun.value = true;
    const wanted = stations.value
      .flatMap((each) => each.questions)
      .find((question) => question.key === route.query.at);
    if (wanted) {
      stand.goToQuestion(wanted);
      return;
    }
    const first = stations.value.findIndex((each) =>
      each.questions.some((question) => !answers.value.has(question.key)),
    );
    stand.goTo(first < 0 ? stations.value.length : first);
  },
  { immediate: true },
);

/** Where one goes from here: back to the round or the bench it was opened from, else to the wall. */
function leave(): void {
  const from = route.query.from;
  if (typeof from === 'string' && from.startsWith('/') && !from.startsWith('//')) void router.push(from);
  else
    void router.push(
      check.value?.repairId ? { name: 'bench', params: { bikeId: props.bike.id } } : { name: 'wall' },
    );
}
async function sign(): Promise<void> {
  if (!session.person) return;
  // Nobody signs for sound what was measured outside, whoever called it so.
  const gainsaid = stations.value
    .flatMap((each) => each.questions)
    .find((each) => answers.value.get(each.key)?.outcome === 'pass' && readings.speaksAgainst(each.key));
  if (gainsaid) {
    stand.goToQuestion(gainsaid);
    return;
  }
  await draft.sign(session.person.id);
  readings.done(props.bike.id);
}
watch(
  () => check.value?.state,
  (state) => {
    if (state === 'signing' || (state === 'signed' && !signedElsewhere.value)) leave();
  },
);
/** Another bike scanned at the stand: what is marked here stays, and that one is opened. */
useFound((found) => {
  if (found.id === props.bike.id) return true;
  void router.push({ name: 'stand', params: { bikeId: found.id }, query: { from: route.query.from } });
  return true;
});
function act(): void {
  if (signing.value) void sign();
  else if (
    stand.current.value &&
    singly(stand.current.value) &&
    left.value.some((each) => each.key === stand.current.value?.key)
  )
    void stand.pass(stand.current.value);
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
    l: () => {
      over.value = over.value === 'left' ? null : 'left';
    },
    r: () => stand.goBack(),
    Escape: () => (over.value ? (over.value = null) : leave()),
  }),
  [
    { keys: 'Space', does: 'Pass all here (or this one, one by one); at the end: sign' },
    { keys: '↑ ↓', does: 'From row to row' },
    { keys: '← →', does: 'From station to station' },
    { keys: 'F', does: 'Problem: open the row' },
    { keys: 'U', does: 'Undo' },
    { keys: 'H', does: 'How to look' },
    { keys: 'L', does: 'What is left; R goes back to where one was' },
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
          <span class="sr-only">{{ check?.checklist.name }}: </span>{{ bike.tag }}
        </h1>
        <p class="leading-tight text-soft">
          {{ check?.checklist.name }} · {{ KIND_WORDS[bike.build.kind] }} {{ bike.size
          }}<span v-if="others.length" class="block font-semibold text-ink" data-others
            >with {{ others.join(', ') }}</span
          >
        </p>
      </div>
      <div
        class="mx-auto mt-1 min-h-24 max-[1000px]:h-44 max-sm:h-36 min-[1000px]:flex min-[1000px]:max-h-56 min-[1000px]:w-full min-[1000px]:shrink min-[1000px]:grow min-[1000px]:basis-56"
      >
        <BikeFigure
          v-if="check"
          :build="check.build"
          :label="`The walk round ${bike.tag}`"
          :route="check.checklist.route"
          :zones="stations.flatMap((each) => each.zones)"
          :lit="station?.zones ?? []"
          :done="stand.doneZones.value"
          :troubled="stand.troubledZones.value"
          @pick="stand.goToZone"
        />
      </div>
      <StationSteps class="shrink-0" :stations="stations" :answers="answers" :at="at" @go="stand.goTo" />
    </aside>
    <div class="min-w-0 grow">
      <section v-if="signedElsewhere" class="space-y-3" data-signed-elsewhere>
        <h2 class="sturdy text-2xl">{{ fleet.nameOf(signedElsewhere) }} has signed this check</h2>
        <p>Everything marked here is in it. To look again, begin a new one.</p>
        <ActButton kind="main" @click="leave">Go on</ActButton>
      </section>
      <WhatsLeft
        v-else-if="over === 'left'"
        :stations="stations"
        :answers="answers"
        @close="over = null"
        @go="
          (question) => {
            over = null;
            stand.goToQuestion(question);
          }
        "
      />
      <LeaveIt
        v-else-if="over === 'leave'"
        :bike="bike"
        :left="progress.asked - progress.looked"
        @stay="over = null"
        @left="router.push({ name: 'wall' })"
      />
      <SignOff
        v-else-if="signing && check"
        :progress="progress"
        :stations="stations"
        :answers="answers"
        :signer="session.person?.name ?? ''"
        :trainee="session.person?.trainee ?? false"
        :clears="check.checklist.clears"
        :trouble="check.trouble"
        @sign="sign"
        @go="stand.goToQuestion"
      />
      <section v-else-if="station" :aria-label="`Station ${at + 1}: ${zonesName(station.zones)}`">
        <div class="flex flex-wrap items-center justify-between gap-2">
          <h2 class="sturdy text-2xl leading-tight">
            {{ zonesName(station.zones)
            }}<span v-if="station.phase" class="ml-2 font-plain text-base font-normal text-soft">{{
              PHASE_WORDS[station.phase]
            }}</span>
          </h2>
          <div class="flex flex-wrap items-center">
            <ActButton v-if="stand.cameFrom.value" data-back @click="stand.goBack()"
              >Back to {{ zonesName(stand.cameFrom.value.zones) }}</ActButton
            >
            <ActButton kind="quiet" :aria-pressed="howShown" @click="howShown = !howShown">{{
              howShown ? 'Hide how to look' : 'How to look'
            }}</ActButton>
          </div>
        </div>
        <ol class="mt-2 space-y-1.5">
          <CheckpointRow
            v-for="(question, index) in station.questions"
            :key="question.key"
            :question="question"
            :answer="answers.get(question.key) ?? null"
            :current="index === row"
            :open="open === question.key"
            :single="singly(question)"
            :show-how="howShown"
            :before="before(question)"
            :last="lastLooks.wordsFor(question)"
            :name-of="fleet.nameOf"
            :data-current-row="index === row ? '' : undefined"
            @toggle="
              row = index;
              open = open === question.key ? null : question.key;
            "
            @pass="stand.pass(question)"
          >
            <template v-if="takesReading(question.checkpoint.measure)" #reading>
              <ReadingField
                :question="question"
                :name="withPosition(question.checkpoint.name, question.position)"
                :bike="bike"
                :on="measuredOn(bike, question, check?.checklist)"
                :typed="readings.typed(question.key)"
                :last="lastLooks.readingOf(question)"
                :aside="readings.asideOf(question.key)"
                :may-aside="session.person?.role === 'lead'"
                @read="(reading) => read(question, reading)"
                @accept="(given) => stand.mark(question, given)"
                @aside="(reason) => leaveAside(question, reason)"
              />
            </template>
            <ExceptionPanel
              :question="question"
              :build="bike.build"
              :answer="answers.get(question.key) ?? null"
              @mark="(given) => stand.mark(question, given)"
              :others="stations.flatMap((each) => each.questions)"
              @close="open = null"
              @go="stand.goToQuestion"
            >
              <LookPhotos
                :bike-id="bike.id"
                :check-id="check?.id ?? null"
                :question="question"
                :author="session.person?.id ?? ''"
                @kept="outbox.flush"
              />
            </ExceptionPanel>
          </CheckpointRow>
        </ol>
      </section>
    </div>
    <StandBar
      v-if="!signing && !over && !signedElsewhere"
      :stand="stand"
      :progress="progress"
      :stations="stations"
      @left="over = 'left'"
      @leave="over = 'leave'"
    />
  </main>
</template>
