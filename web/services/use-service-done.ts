import type { Bike } from '@cadre/contract/fleet';
import { doneService } from '@cadre/contract/services';
import { now } from '@cadre/web/platform/time';
import { useAct } from '@cadre/web/platform/act';
import { useFleet } from '@cadre/web/fleet';
import { useRefusal, type Refusal } from '@cadre/web/ui';

/** One touch says that a service was done. */
export function useServiceDone(): {
  readonly refusal: Refusal;
  done(bike: Bike, key: string): Promise<boolean>;
} {
  const act = useAct();
  const fleet = useFleet();
  const refusal = useRefusal();
  const done = (bike: Bike, key: string): Promise<boolean> =>
    refusal.run(async () =>
      fleet.put(
        await act(
          doneService,
          { params: { id: bike.id, key }, body: { note: '', at: now() } },
          `${bike.id} ${key}`,
        ),
      ),
    );
  return { refusal, done };
}
