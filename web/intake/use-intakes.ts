import { ref, type Ref } from 'vue';
import { v7 as newId } from 'uuid';
import { decideIntake, listIntakes, openIntake, priceIntake, type Intake } from '@cadre/contract/intake';
import type { Bike, BikeFields } from '@cadre/contract/fleet';
import { now } from '@cadre/web/platform/time';
import { send } from '@cadre/web/platform/api';
import { useAct } from '@cadre/web/platform/act';
import { useFleet } from '@cadre/web/fleet';

export interface Priced {
  readonly asking: number;
  readonly worth: number;
  readonly prices: Intake['prices'];
}

export interface Intakes {
  readonly intakes: Ref<readonly Intake[]>;
  readonly loaded: Ref<boolean>;
  load(): Promise<void>;
  open(bike: BikeFields, from: string, asking: number, worth: number): Promise<Intake>;
  price(intake: Intake, priced: Priced): Promise<void>;
  decide(intake: Intake, accept: boolean, reason: string): Promise<void>;
}

/** Used bikes on offer, and what was decided of those before. */
export function useIntakes(): Intakes {
  const fleet = useFleet();
  const intakes = ref<readonly Intake[]>([]);
  const loaded = ref(false);
  const act = useAct();
  /** The bike offered has one id too, however often it is sent. */
  let bikeId = newId();
  function put(answer: { intake: Intake; bike: Bike }): Intake {
    intakes.value = [answer.intake, ...intakes.value.filter((each) => each.id !== answer.intake.id)].sort(
      (a, b) => b.openedAt - a.openedAt,
    );
    fleet.put(answer.bike);
    return answer.intake;
  }
  return {
    intakes,
    loaded,
    load: async () => {
      intakes.value = (await send(listIntakes)).intakes;
      loaded.value = true;
    },
    open: async (bike, from, asking, worth) => {
      const opened = put(await act(openIntake, { body: { bikeId, bike, from, asking, worth, at: now() } }));
      bikeId = newId();
      return opened;
    },
    price: async (intake, { asking, worth, prices }) => {
      put(
        await act(priceIntake, {
          params: { id: intake.id },
          body: { asking, worth, prices: [...prices], at: now() },
        }),
      );
    },
    decide: async (intake, accept, reason) => {
      put(await act(decideIntake, { params: { id: intake.id }, body: { accept, reason, at: now() } }));
    },
  };
}
