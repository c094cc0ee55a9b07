import type { Bike } from '@cadre/contract/fleet';
import { DEFAULT_POLICY, measuredOn, type Asked } from '@cadre/core/catalogue';
import type { Build } from '@cadre/core/fleet';
import type { MeasuredOn } from '@cadre/core/measures';
import { useCatalogue } from '@cadre/web/catalogue';
import { useFleet } from '@cadre/web/fleet';

/** The sheet a bike is laid up with: what is charged then is charged for the store. */
const LAY_UP = 'lay-up';

/** What readings of a bike are judged on here: the same as the server's, from what this browser knows. Without a policy at hand, as shipped. */
export function useMeasuredOn(): (bike: Bike, asked: Pick<Asked, 'position' | 'zone' | 'limit'>, sheetKey?: string) => MeasuredOn {
  const catalogue = useCatalogue();
  const fleet = useFleet();
  return (bike, asked, sheetKey) => {
    const model = fleet.models.find((each) => each.id === bike.modelId)?.fit ?? {};
    const inStore = bike.whereabouts === 'laid-up' || sheetKey === LAY_UP;
    return measuredOn(asked, { build: bike.build as Build, model, own: bike.fit, parts: bike.marked, inStore }, catalogue.policy() ?? DEFAULT_POLICY);
  };
}
