import { ref, type Ref } from 'vue';
import { v7 as newId } from 'uuid';
import { decideIntake, listIntakes, openIntake, priceIntake, type Intake } from '@cadre/contract/intake';
import type { Bike, BikeFields } from '@cadre/contract/fleet';
import { now, send } from '@cadre/web/app';
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
  function put(answer: { intake: Intake; bike: Bike }): Intake {
    intakes.value = [answer.intake, ...intakes.value.filter((each) => each.id !== answer.intake.id)].sort((a, b) => b.openedAt - a.openedAt);
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
    open: async (bike, from, asking, worth) =>
      put(await send(openIntake, { body: { id: newId(), bikeId: newId(), bike, from, asking, worth, at: now() } })),
    price: async (intake, { asking, worth, prices }) => {
      put(await send(priceIntake, { params: { id: intake.id }, body: { id: newId(), asking, worth, prices: [...prices], at: now() } }));
    },
    decide: async (intake, accept, reason) => {
      put(await send(decideIntake, { params: { id: intake.id }, body: { id: newId(), accept, reason, at: now() } }));
    },
  };
}
