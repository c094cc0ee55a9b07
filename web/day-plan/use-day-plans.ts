import { defineStore } from 'pinia';
import { ref, shallowRef, watch } from 'vue';
import { listDayPlans, setDayPlan, type DayPlanTold } from '@cadre/contract/day-plan';
import type { AnswerOf, BodyOf } from '@cadre/contract/http';
import { useAct } from '@cadre/web/platform/act';
import { send } from '@cadre/web/platform/api';
import { useSavedQuery } from '@cadre/web/platform/query';
import { useFleet } from '@cadre/web/fleet';

type Known = AnswerOf<typeof listDayPlans>;

/** The plans of these days, followed while somebody looks: what another person plans is there at once. */
export const useDayPlans = defineStore('day-plans', () => {
  const fleet = useFleet();
  const act = useAct();
  const known = shallowRef<Known | null>(null);
  const began = ref(false);
  const query = useSavedQuery<Known>({
    key: () => ['day-plans'],
    ask: () => send(listDayPlans),
    enabled: () => began.value,
  });
  watch(query.data, (fresh) => fresh && (known.value = fresh));
  function begin(): void {
    if (began.value) return;
    began.value = true;
    fleet.onChanged((bikeId) => bikeId === null && void query.refetch());
  }
  const planOf = (siteId: string, day: string): DayPlanTold | null =>
    known.value?.plans.find((plan) => plan.siteId === siteId && plan.day === day) ?? null;
  async function set(id: string, body: Omit<BodyOf<typeof setDayPlan>, 'id'>): Promise<void> {
    const plan = await act(setDayPlan, { params: { id }, body });
    known.value = { plans: [...(known.value?.plans ?? []).filter((each) => each.id !== id), plan] };
  }
  return { known, asOf: query.offline, begin, planOf, set };
});
