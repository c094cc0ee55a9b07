import { defineStore } from 'pinia';
import { computed, ref, shallowRef, watch } from 'vue';
import { callOffEvent, listEventPreps, setEventPrep, type EventPrep } from '@cadre/contract/event-prep';
import type { AnswerOf, BodyOf } from '@cadre/contract/http';
import { useAct } from '@cadre/web/platform/act';
import { send } from '@cadre/web/platform/api';
import { useSavedQuery } from '@cadre/web/platform/query';
import { useFleet } from '@cadre/web/fleet';
import { useRounds } from '@cadre/web/rounds';

type Known = AnswerOf<typeof listEventPreps>;

/** Events the bikes are made ready for, followed while somebody looks. */
export const useEvents = defineStore('event-preps', () => {
  const fleet = useFleet();
  const rounds = useRounds();
  const act = useAct();
  const known = shallowRef<Known | null>(null);
  const began = ref(false);
  const query = useSavedQuery<Known>({
    key: () => ['event-preps'],
    ask: () => send(listEventPreps),
    enabled: () => began.value,
  });
  watch(query.data, (fresh) => fresh && (known.value = fresh));
  function begin(): void {
    if (began.value) return;
    began.value = true;
    rounds.begin();
    // What no bike tells of is told as a change of anything.
    fleet.onChanged((bikeId) => bikeId === null && void query.refetch());
  }
  async function set(id: string, body: Omit<BodyOf<typeof setEventPrep>, 'id'>): Promise<EventPrep> {
    const event = await act(setEventPrep, { params: { id }, body });
    const others = (known.value?.events ?? []).filter((each) => each.id !== id);
    known.value = { events: [...others, event].sort((a, b) => a.startsAt - b.startsAt) };
    await rounds.load();
    return event;
  }
  async function callOff(id: string): Promise<void> {
    known.value = await act(callOffEvent, { params: { id }, body: {} });
    await rounds.load();
  }
  return {
    known,
    events: computed(() => known.value?.events ?? []),
    asOf: query.offline,
    begin,
    set,
    callOff,
  };
});
