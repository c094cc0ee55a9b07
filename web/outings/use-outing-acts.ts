import type { Bike } from '@cadre/contract/fleet';
import type { BodyOf } from '@cadre/contract/http';
import { handOut, takeBack } from '@cadre/contract/outings';
import type { ReturnWay } from '@cadre/core/outings';
import { useAct } from '@cadre/web/platform/act';
import { now } from '@cadre/web/platform/time';
import { useFleet } from '@cadre/web/fleet';

export type Going = Pick<BodyOf<typeof handOut>, 'groupId' | 'dueBackAt'>;
export type Coming = Pick<BodyOf<typeof takeBack>, 'conditions' | 'odometerKm' | 'odometerSure' | 'note'>;

export interface OutingActs {
  handOut(bikes: readonly Bike[], going?: Going): Promise<void>;
  takeBack(bikes: readonly Bike[], way: ReturnWay, more: Coming): Promise<void>;
}

/** Hands bikes of one site out and takes them back, all or none. */
export function useOutingActs(): OutingActs {
  const fleet = useFleet();
  const act = useAct();
  const idsOf = (bikes: readonly Bike[]): string[] => bikes.map(({ id }) => id);
  return {
    async handOut(bikes, going = { groupId: null, dueBackAt: null }) {
      const body = { bikeIds: idsOf(bikes), ...going, at: now() };
      fleet.put(...(await act(handOut, { body }, body.bikeIds.join())).bikes);
    },
    async takeBack(bikes, way, more) {
      const body = { bikeIds: idsOf(bikes), way, ...more, at: now() };
      fleet.put(...(await act(takeBack, { body }, body.bikeIds.join())).bikes);
    },
  };
}
