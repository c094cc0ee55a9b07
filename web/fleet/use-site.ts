import { useLocalStorage } from '@vueuse/core';
import { computed, type ComputedRef, type Ref } from 'vue';
import { useFleet } from './use-fleet';

export interface ChosenSite {
  /** The id as it was chosen on this device; empty: none was. */
  readonly chosen: Ref<string>;
  readonly sites: ComputedRef<readonly { readonly value: string; readonly label: string }[]>;
  /** The chosen site, else the first. */
  readonly siteId: ComputedRef<string>;
}

/** The site somebody works at on this device: one for the desk, the kit and the tools. */
export function useSite(): ChosenSite {
  const fleet = useFleet();
  const chosen = useLocalStorage('cadre.desk-site', '');
  const sites = computed(() =>
    (fleet.wall?.sites ?? []).map((site) => ({ value: site.id, label: site.name })),
  );
  return { chosen, sites, siteId: computed(() => chosen.value || (sites.value[0]?.value ?? '')) };
}
