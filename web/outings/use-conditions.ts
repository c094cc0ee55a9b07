import { useLocalStorage } from '@vueuse/core';
import { computed, type WritableComputedRef } from 'vue';
import { CONDITIONS, type Conditions } from '@cadre/core/catalogue';
import { siteDay } from '@cadre/core/schedule';
import { useNow } from '@cadre/web/platform/time';

/** What it is like out there today, said once on this device for all bikes that come back; each day begins dry. */
export function useConditions(): WritableComputedRef<Conditions> {
  const now = useNow();
  const today = computed(() => siteDay(now.value, Intl.DateTimeFormat().resolvedOptions().timeZone));
  const said = useLocalStorage('cadre.conditions', '');
  return computed({
    get: () => {
      const [day, conditions] = said.value.split(' ');
      return day === today.value ? (CONDITIONS.find((each) => each === conditions) ?? 'dry') : 'dry';
    },
    set: (conditions) => (said.value = `${today.value} ${conditions}`),
  });
}
