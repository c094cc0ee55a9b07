<script setup lang="ts">
import { useProvided } from '@cadre/web/platform/provided';
import { computed } from 'vue';
import type { Question } from '@cadre/core/catalogue';
import { takesReading } from '@cadre/core/measures';
import { withPosition } from '@cadre/web/words';
import { useFleet } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import { LookPhotos } from '@cadre/web/photos';
import CheckpointRow from './CheckpointRow.vue';
import ExceptionPanel from './ExceptionPanel.vue';
import ReadingField from './ReadingField.vue';
import { openFindingWords } from './answer-words';
import { becauseWords } from './because-words';
import { useMeasuredOn } from './use-measured-on';
import { useOutbox } from './use-outbox';
import { STAND_CHECK } from './use-stand-check';

/** One question at the stand: what is asked, what was measured, and when it is open, what is wrong with it. */
const props = defineProps<{
  question: Question;
  index: number;
  /** Whether its side has to be said: questions of both are at this station. */
  placed: boolean;
}>();
const fleet = useFleet();
const session = useSession();
const outbox = useOutbox();
const measuredOn = useMeasuredOn();
const given = useProvided(STAND_CHECK);
const { bike, draft, stand, readings, lastLooks, seen } = given;
const { vSeen } = seen;
const { row, open } = stand;
const answer = computed(() => draft.answers.value.get(props.question.key) ?? null);
const isOpen = computed(() => open.value === props.question.key);
function toggle(): void {
  row.value = props.index;
  open.value = isOpen.value ? null : props.question.key;
}
</script>

<template>
  <CheckpointRow
    v-seen="question.key"
    :question="question"
    :placed="placed"
    :answer="answer"
    :current="index === row"
    :open="isOpen"
    :single="given.isSingle(question)"
    :show-how="given.howShown.value"
    :before="openFindingWords(bike.facts.findings, question)"
    :because="becauseWords(draft.because(question.key))"
    :last="lastLooks.wordsFor(question)"
    :weight="
      lastLooks.weightOf(
        question,
        draft.stations.value.flatMap((each) => each.questions),
        Boolean(draft.check.value?.repairId),
      )
    "
    :name-of="fleet.nameOf"
    :data-current-row="index === row ? '' : undefined"
    @toggle="toggle"
    @pass="stand.pass(question)"
  >
    <template v-if="takesReading(question.checkpoint.measure)" #reading>
      <ReadingField
        :question="question"
        :name="withPosition(question.checkpoint.name, question.position)"
        :bike="bike"
        :on="measuredOn(bike, question, draft.check.value?.checklist)"
        :typed="readings.typed(question)"
        :last="lastLooks.readingOf(question)"
        :aside="readings.asideOf(question)"
        :may-aside="session.person?.role === 'lead'"
        @read="(reading) => given.read(question, reading)"
        @accept="(mark) => stand.mark(question, mark)"
        @aside="(reason) => given.leaveAside(question, reason)"
      />
    </template>
    <ExceptionPanel
      :question="question"
      :build="bike.build"
      :tag="bike.tag"
      :answer="answer"
      :others="draft.stations.value.flatMap((each) => each.questions)"
      @mark="(mark) => stand.mark(question, mark)"
      @close="open = null"
      @go="stand.goToQuestion"
    >
      <LookPhotos
        :bike-id="bike.id"
        :check-id="draft.check.value?.id ?? null"
        :question="question"
        :author="session.person?.id ?? ''"
        @saved="outbox.flush"
      />
    </ExceptionPanel>
  </CheckpointRow>
</template>
