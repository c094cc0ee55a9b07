import { reactive } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import { doneService } from '@cadre/contract/services';
import { now } from '@cadre/web/platform/time';
import { useAct } from '@cadre/web/platform/act';
import { useFleet } from '@cadre/web/fleet';
import { useRefusal, type Refusal } from '@cadre/web/ui';

/** One touch says that a service was done. */
export function useServiceDone(): {
  readonly refusal: Refusal;
  /** Services said to be done and not answered yet, each as its bike and key. */
  isOnItsWay(bike: Pick<Bike, 'id'>, key: string): boolean;
  done(bike: Bike, key: string): Promise<boolean>;
} {
  const act = useAct();
  const fleet = useFleet();
  const refusal = useRefusal();
  const onTheirWay = reactive(new Set<string>());
  const placeOf = (bike: Pick<Bike, 'id'>, key: string): string => `${bike.id} ${key}`;
  /** One after the other: a second service touched while the first is on its way is not lost. */
  let before: Promise<unknown> = Promise.resolve();
  function done(bike: Bike, key: string): Promise<boolean> {
    const place = placeOf(bike, key);
    if (onTheirWay.has(place)) return Promise.resolve(false);
    onTheirWay.add(place);
    const at = now();
    const said = before.then(() =>
      refusal.run(async () =>
        fleet.put(await act(doneService, { params: { id: bike.id, key }, body: { note: '', at } }, place)),
      ),
    );
    before = said.catch(() => undefined);
    return said.finally(() => onTheirWay.delete(place));
  }
  return { refusal, isOnItsWay: (bike, key) => onTheirWay.has(placeOf(bike, key)), done };
}
