import { computed, ref, watch, type ComputedRef, type InjectionKey, type Ref } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import { questionKey, type Question } from '@cadre/core/catalogue';
import type { Mark } from '@cadre/core/checks';
import type { TypedReading } from '@cadre/core/batch-check';
import { useCatalogue } from '@cadre/web/catalogue';
import { useFleet } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import { useDraft, type Draft } from './use-draft';
import { useLastLooks } from './use-last-looks';
import { useLiveChecks } from './use-live-checks';
import { useReadings, type BikeReadings } from './use-readings';
import { useSeen, type Seen } from '@cadre/web/ui';
import { useStand, type Stand } from './use-stand';
import * as t from './messages';

export interface StandCheck {
  readonly bike: ComputedRef<Bike>;
  readonly draft: Draft;
  readonly stand: Stand;
  readonly seen: Seen;
  readonly readings: BikeReadings;
  readonly lastLooks: ReturnType<typeof useLastLooks>;
  readonly howShown: Ref<boolean>;
  /** Who signed this check elsewhere meanwhile. */
  readonly signedElsewhere: Ref<string | null>;
  /** The names of who else has marked on it. */
  readonly others: ComputedRef<readonly string[]>;
  isSingle(question: Question): boolean;
  read(question: Question, reading: TypedReading): Promise<void>;
  leaveAside(question: Question, reason: string): Promise<void>;
  /** Signs, unless something passed was measured past its limit: that question is shown instead. */
  sign(): Promise<void>;
}

export const STAND_CHECK: InjectionKey<StandCheck> = Symbol(t.checkStand);

/** The check in hand at the stand: what is marked here and by others, what is measured, and its signature. */
export function useStandCheck(props: { readonly bike: Bike; readonly checkId: string }): StandCheck {
  const fleet = useFleet();
  const session = useSession();
  const catalogue = useCatalogue();
  const raised = computed(() => new Set(props.bike.facts.findings.map(questionKey)));
  const draft = useDraft(props.checkId, () => raised.value);
  const readings = useReadings()(props.bike.id);
  const isSingle = (question: Question): boolean => catalogue.isGivenSingly(session.person, question);
  const at = ref(0);
  const seen = useSeen(() => at.value);
  const stand = useStand(
    draft,
    isSingle,
    () => session.person?.id ?? null,
    readings,
    (question) => seen.has(question.key),
    at,
  );

  const asked = computed(() => draft.stations.value.flatMap((each) => each.questions));
  watch(
    [draft.answers, asked],
    () => {
      const check = draft.check.value;
      if (check?.state === 'open')
        readings.recall(props.bike, check.checklist, asked.value, draft.answers.value);
    },
    { immediate: true },
  );

  const signedElsewhere = ref<string | null>(null);
  const live = useLiveChecks({
    bikeIds: () => [props.bike.id],
    checklistKeys: () => (draft.check.value ? [draft.check.value.checklist.key] : []),
    follow: fleet.onChanged,
    onOver: (savedId, signedBy) => {
      if (savedId !== props.checkId) return;
      signedElsewhere.value = signedBy;
      readings.done();
    },
  });
  watch(
    () => draft.check.value?.serverId,
    (known) => known && live.refresh(),
  );
  const others = computed(() => {
    const authors = new Set(draft.marks.value.map((each) => each.mark.author));
    return [...authors].filter((id) => id !== session.person?.id).map(fleet.nameOf);
  });

  const ownMark = (question: Question): Mark | null =>
    draft.answers.value.get(question.key)?.marks.find((each) => each.author === session.person?.id) ?? null;
  async function read(question: Question, reading: TypedReading): Promise<void> {
    const given = readings.take(question, reading, ownMark(question));
    if (given) await stand.mark(question, { ...given, way: 'single' });
  }
  /** The lead leaves a verdict aside: what was said of the question stands with it from now on. */
  async function leaveAside(question: Question, reason: string): Promise<void> {
    readings.leaveAside(question, reason);
    const own = ownMark(question);
    if (own)
      await stand.mark(question, {
        outcome: own.outcome,
        way: 'single',
        faults: [...own.faults],
        note: own.note,
      });
  }
  async function sign(): Promise<void> {
    if (!session.person) return;
    const passedAgainst = readings.passedAgainst(asked.value, draft.answers.value);
    if (passedAgainst) {
      stand.goToQuestion(passedAgainst);
      return;
    }
    await draft.sign(session.person.id);
    readings.done();
  }
  return {
    bike: computed(() => props.bike),
    draft,
    stand,
    seen,
    readings,
    lastLooks: useLastLooks(props.bike.id),
    howShown: ref(session.person?.trainee ?? false),
    signedElsewhere,
    others,
    isSingle,
    read,
    leaveAside,
    sign,
  };
}
