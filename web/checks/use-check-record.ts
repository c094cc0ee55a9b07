import { computed, ref, shallowRef, type ComputedRef, type Ref } from 'vue';
import { v7 as newId } from 'uuid';
import { amendCheck, getCheck, type Check, type NewMark } from '@cadre/contract/checks';
import { questionKey, questionsOf, type Question, type Zone } from '@cadre/core/catalogue';
import type { Rest } from '@cadre/core/exposure';
import { resolveMarks, type Mark, type Answer } from '@cadre/core/checks';
import { now as serverNow } from '@cadre/web/platform/time';
import { send } from '@cadre/web/platform/api';
import { useAct } from '@cadre/web/platform/act';
import { usePolicyOn } from '@cadre/web/catalogue';
import { useFleet } from '@cadre/web/fleet';
import { useRefusal, type Refusal } from '@cadre/web/ui';
import { marksOf, type MarkGiven } from './drafts';

export interface RecordedLook {
  readonly question: Question;
  readonly answer: Answer | null;
  /** The earlier pass it stands on where it was not asked. */
  readonly rest: Rest | null;
  /** What the amendment in hand would say instead. */
  readonly instead: Answer | null;
}

export interface CheckRecord {
  readonly check: Ref<Check | null>;
  readonly zones: ComputedRef<readonly { readonly zone: Zone; readonly looks: readonly RecordedLook[] }[]>;
  readonly refusal: Refusal;
  readonly amending: Ref<readonly NewMark[]>;
  readonly reason: Ref<string>;
  load(id: string): Promise<void>;
  /** Says something else of one look, in the amendment in hand. */
  say(question: Question, given: MarkGiven, author: string): void;
  /** Hands the amendment in; answers the id of the check that holds it. */
  amend(author: string): Promise<string | null>;
}

/** A signed check read as it was signed, and the amendment somebody makes to it. */
export function useCheckRecord(): CheckRecord {
  const fleet = useFleet();
  const refusal = useRefusal();
  const act = useAct();
  const policyOn = usePolicyOn();
  const check = shallowRef<Check | null>(null);
  const amending = ref<NewMark[]>([]);
  const reason = ref('');

  async function load(id: string): Promise<void> {
    await refusal.run(async () => {
      check.value = await send(getCheck, { params: { id } });
    });
  }
  const asked = computed(() => {
    const bike = fleet.bikeById.get(check.value?.bikeId ?? '');
    if (!check.value || !bike) return [];
    return questionsOf(
      check.value.checklist,
      { build: bike.build, parts: bike.parts },
      policyOn(bike, check.value.openedAt).practices,
    );
  });
  const answers = computed(() => resolveMarks((check.value?.marks ?? []) as readonly Mark[]));
  const instead = computed(() => resolveMarks(amending.value as readonly Mark[]));
  const zones = computed(() => {
    const rests = new Map(check.value?.exposure?.rests.map((rest) => [rest.key, rest]));
    const byZone = new Map<Zone, RecordedLook[]>();
    for (const each of asked.value) {
      const answer = answers.value.get(each.key) ?? null;
      // An amendment holds only what it changes.
      if (check.value?.amends && !answer) continue;
      byZone.set(each.zone, [
        ...(byZone.get(each.zone) ?? []),
        {
          question: each,
          answer,
          rest: answer ? null : (rests.get(each.key) ?? null),
          instead: instead.value.get(each.key) ?? null,
        },
      ]);
    }
    return [...byZone].map(([zone, looks]) => ({ zone, looks }));
  });
  function say(question: Question, given: MarkGiven, author: string): void {
    amending.value = [
      ...amending.value.filter((mark) => questionKey(mark) !== question.key),
      ...(given.outcome === 'withdrawn' ? [] : marksOf([question], given, author)),
    ];
  }
  /** The correction being made has one id, however often it is sent. */
  let nextId = newId();
  async function amend(author: string): Promise<string | null> {
    const signed = check.value;
    if (!signed) return null;
    const checkId = nextId;
    const done = await refusal.run(async () => {
      const { bike } = await act(amendCheck, {
        params: { id: signed.id },
        body: { checkId, author, reason: reason.value.trim(), marks: amending.value, at: serverNow() },
      });
      fleet.put(bike);
    });
    if (!done) return null;
    nextId = newId();
    amending.value = [];
    reason.value = '';
    return checkId;
  }
  return { check, zones, refusal, amending, reason, load, say, amend };
}
