import { computed, type ComputedRef } from 'vue';
import { looseJoints, type LooseJointTold } from '@cadre/contract/torque';
import type { Joint } from '@cadre/core/fleet';
import { send } from '@cadre/web/platform/api';
import { useSavedQuery } from '@cadre/web/platform/query';

/** The joints of a bike that come loose again and again, by joint; as last fetched when there is no signal. */
export function useLooseJoints(bikeId: () => string): ComputedRef<ReadonlyMap<Joint, LooseJointTold>> {
  const { data } = useSavedQuery({
    key: () => ['loose-joints', bikeId()],
    ask: async () => (await send(looseJoints, { params: { id: bikeId() } })).joints,
  });
  return computed(() => new Map((data.value ?? []).map((each) => [each.joint, each])));
}
