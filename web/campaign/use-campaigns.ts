import { defineStore } from 'pinia';
import { computed, ref, shallowRef, watch } from 'vue';
import { endCampaign, listCampaigns, setCampaign, type Campaign } from '@cadre/contract/campaign';
import type { AnswerOf, BodyOf } from '@cadre/contract/http';
import { useAct } from '@cadre/web/platform/act';
import { send } from '@cadre/web/platform/api';
import { useSavedQuery } from '@cadre/web/platform/query';
import { useFleet } from '@cadre/web/fleet';

type Known = AnswerOf<typeof listCampaigns>;
const GATHER_MS = 700;

/** Fleets to be done by a day, followed while somebody looks. */
export const useCampaigns = defineStore('campaigns', () => {
  const fleet = useFleet();
  const act = useAct();
  const known = shallowRef<Known | null>(null);
  const began = ref(false);
  let timer: ReturnType<typeof setTimeout> | null = null;
  const query = useSavedQuery<Known>({
    key: () => ['campaigns'],
    ask: () => send(listCampaigns),
    enabled: () => began.value,
  });
  watch(query.data, (fresh) => fresh && (known.value = fresh));
  function begin(): void {
    if (began.value) return;
    began.value = true;
    // A check signed anywhere may be of a bike of one.
    fleet.onChanged(() => {
      timer ??= setTimeout(() => {
        timer = null;
        void query.refetch();
      }, GATHER_MS);
    });
  }
  async function set(id: string, body: Omit<BodyOf<typeof setCampaign>, 'id'>): Promise<Campaign> {
    const campaign = await act(setCampaign, { params: { id }, body });
    const others = (known.value?.campaigns ?? []).filter((each) => each.id !== id);
    known.value = { campaigns: [...others, campaign].sort((a, b) => (a.byDay < b.byDay ? -1 : 1)) };
    return campaign;
  }
  async function end(id: string): Promise<void> {
    known.value = await act(endCampaign, { params: { id }, body: {} });
  }
  return {
    known,
    campaigns: computed(() => known.value?.campaigns ?? []),
    asOf: query.offline,
    begin,
    set,
    end,
  };
});
