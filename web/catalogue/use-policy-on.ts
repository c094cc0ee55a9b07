import { DEFAULT_POLICY, policyOn, type PolicyVersion } from '@cadre/core/catalogue';
import type { BikeKind } from '@cadre/core/fleet';
import { siteDay } from '@cadre/core/schedule';
import { useFleet } from '@cadre/web/fleet';
import { now } from '@cadre/web/platform/time';
import { useCatalogue } from './use-catalogue';

interface AtSite {
  readonly siteId: string;
  readonly build: { readonly kind: BikeKind };
}

/** The policy as it holds for a bike by its kind and by the season at its site; as shipped while none is at hand. */
export function usePolicyOn(): (bike: AtSite | null | undefined, at?: number) => PolicyVersion {
  const catalogue = useCatalogue();
  const fleet = useFleet();
  return (bike, at = now()) => {
    const policy = catalogue.policy() ?? DEFAULT_POLICY;
    if (!bike) return policy;
    const zone = fleet.wall?.sites.find((site) => site.id === bike.siteId)?.timeZone;
    return policyOn(policy, { kind: bike.build.kind, siteId: bike.siteId, day: siteDay(at, zone ?? 'UTC') });
  };
}
