import { ref, type Ref } from 'vue';
import { v7 as newId } from 'uuid';
import {
  decideAssessment,
  listAssessments,
  openAssessment,
  priceAssessment,
  type Assessment,
} from '@cadre/contract/assessments';
import type { Bike, BikeFields } from '@cadre/contract/fleet';
import { now } from '@cadre/web/platform/time';
import { send } from '@cadre/web/platform/api';
import { useAct } from '@cadre/web/platform/act';
import { useFleet } from '@cadre/web/fleet';

export interface Priced {
  readonly asking: number;
  readonly worth: number;
  readonly prices: Assessment['prices'];
}

export interface Assessments {
  readonly assessments: Ref<readonly Assessment[]>;
  readonly loaded: Ref<boolean>;
  load(): Promise<void>;
  open(bike: BikeFields, from: string, asking: number, worth: number): Promise<Assessment>;
  price(assessment: Assessment, priced: Priced): Promise<void>;
  decide(assessment: Assessment, accept: boolean, reason: string): Promise<void>;
}

/** Used bikes on offer, and what was decided of those before. */
export function useAssessments(): Assessments {
  const fleet = useFleet();
  const assessments = ref<readonly Assessment[]>([]);
  const loaded = ref(false);
  const act = useAct();
  /** The bike offered has one id too, however often it is sent. */
  let bikeId = newId();
  function put(answer: { assessment: Assessment; bike: Bike }): Assessment {
    assessments.value = [
      answer.assessment,
      ...assessments.value.filter((each) => each.id !== answer.assessment.id),
    ].sort((a, b) => b.openedAt - a.openedAt);
    fleet.put(answer.bike);
    return answer.assessment;
  }
  return {
    assessments,
    loaded,
    load: async () => {
      assessments.value = (await send(listAssessments)).assessments;
      loaded.value = true;
    },
    open: async (bike, from, asking, worth) => {
      const opened = put(
        await act(openAssessment, { body: { bikeId, bike, from, asking, worth, at: now() } }),
      );
      bikeId = newId();
      return opened;
    },
    price: async (assessment, { asking, worth, prices }) => {
      put(
        await act(priceAssessment, {
          params: { id: assessment.id },
          body: { asking, worth, prices: [...prices], at: now() },
        }),
      );
    },
    decide: async (assessment, accept, reason) => {
      put(
        await act(decideAssessment, { params: { id: assessment.id }, body: { accept, reason, at: now() } }),
      );
    },
  };
}
