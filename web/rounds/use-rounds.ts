import { defineStore } from 'pinia';
import { computed, ref, shallowRef, watch } from 'vue';
import {
  changeRound,
  closeRound,
  listRounds,
  makeRound,
  setStandingRound,
  type Round,
  type StandingRound,
} from '@cadre/contract/rounds';
import type { AnswerOf, BodyOf } from '@cadre/contract/http';
import { followSaved, type SavedCheck, savedUnderWay, useSavedMarks } from '@cadre/web/platform/local-db';
import { send } from '@cadre/web/platform/api';
import { useSavedQuery } from '@cadre/web/platform/query';
import { useAct } from '@cadre/web/platform/act';
import { useFleet } from '@cadre/web/fleet';
import { withLocalLooks } from './local-looks';

type Known = AnswerOf<typeof listRounds>;
const GATHER_MS = 700;

/** The rounds of these days, live while there is signal, as they were when there is none, with what is kept here laid over. */
export const useRounds = defineStore('rounds', () => {
  const fleet = useFleet();
  const act = useAct();
  const known = shallowRef<Known | null>(null);
  const checks = shallowRef<readonly SavedCheck[]>([]);
  const marks = useSavedMarks();
  let timer: ReturnType<typeof setTimeout> | null = null;
  const began = ref(false);

  const query = useSavedQuery<Known>({
    key: () => ['rounds'],
    ask: () => send(listRounds),
    enabled: () => began.value,
  });
  watch(query.data, (fresh) => fresh && (known.value = fresh));
  const load = async (): Promise<void> => void (await query.refetch());
  /** Follows what changes; called by whatever shows rounds. */
  function begin(): void {
    if (began.value) return;
    began.value = true;
    fleet.onChanged(() => {
      timer ??= setTimeout(() => {
        timer = null;
        void load();
      }, GATHER_MS);
    });
    followSaved(savedUnderWay, (found) => {
      checks.value = found;
      void marks.follow(found.map((check) => check.id));
    });
  }

  const rounds = computed(() =>
    (known.value?.rounds ?? []).map((round): Round => ({
      ...round,
      looks: withLocalLooks(round, checks.value, marks.byCheck).map((look) => ({ ...look })),
    })),
  );
  const open = computed(() =>
    rounds.value.filter((round) => round.state === 'open').sort((a, b) => a.deadline - b.deadline),
  );
  const closed = computed(() =>
    rounds.value
      .filter((round) => round.state === 'closed')
      .sort((a, b) => (b.closedAt ?? 0) - (a.closedAt ?? 0)),
  );
  const standing = computed(() => known.value?.standing ?? []);

  function put(round: Round): void {
    const list = known.value?.rounds ?? [];
    known.value = {
      standing: known.value?.standing ?? [],
      rounds: list.some((each) => each.id === round.id)
        ? list.map((each) => (each.id === round.id ? round : each))
        : [...list, round],
    };
  }
  async function make(body: BodyOf<typeof makeRound>): Promise<void> {
    put(await act(makeRound, { body }));
  }
  async function change(id: string, body: Omit<BodyOf<typeof changeRound>, 'id'>): Promise<void> {
    put(await act(changeRound, { params: { id }, body }));
  }
  async function close(id: string, body: Omit<BodyOf<typeof closeRound>, 'id'>): Promise<void> {
    put(await act(closeRound, { params: { id }, body }));
  }
  async function setStanding(
    id: string,
    body: Omit<BodyOf<typeof setStandingRound>, 'id'>,
  ): Promise<StandingRound> {
    const set = await act(setStandingRound, { params: { id }, body });
    await load();
    return set;
  }
  return {
    known,
    rounds,
    open,
    closed,
    standing,
    asOf: query.offline,
    begin,
    load,
    make,
    change,
    close,
    setStanding,
  };
});
