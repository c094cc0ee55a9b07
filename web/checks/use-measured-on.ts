import type { Bike } from '@cadre/contract/fleet';
import { measuredOn, onChecklist, type Question, type ChecklistVersion } from '@cadre/core/catalogue';
import type { MeasuredOn } from '@cadre/core/measures';
import { usePolicyOn } from '@cadre/web/catalogue';
import { useFleet } from '@cadre/web/fleet';

type Checklist = Pick<ChecklistVersion, 'key' | 'newWheels'>;

/** What readings of a bike are judged on here: the same as the server's, from what this browser knows. Without a policy at hand, as shipped. */
export function useMeasuredOn(): (
  bike: Bike,
  question: Pick<Question, 'position' | 'zone' | 'limit'>,
  checklist?: Checklist,
) => MeasuredOn {
  const policyOn = usePolicyOn();
  const fleet = useFleet();
  return (bike, asked, checklist) => {
    const model = fleet.modelOf(bike)?.fit ?? {};
    const measured = {
      build: bike.build,
      model,
      own: bike.fit,
      parts: bike.marked,
      inStore: bike.whereabouts === 'laid-up',
    };
    return measuredOn(asked, onChecklist(measured, checklist), policyOn(bike));
  };
}
