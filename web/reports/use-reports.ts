import { useDebounceFn } from '@vueuse/core';
import { onScopeDispose } from 'vue';
import { listReports } from '@cadre/contract/reports';
import { send } from '@cadre/web/platform/api';
import { useSavedQuery } from '@cadre/web/platform/query';
import { useFleet } from '@cadre/web/fleet';

/** The reports there are, followed while somebody looks. */
export function useReports() {
  const fleet = useFleet();
  const query = useSavedQuery({ key: () => ['reports'], ask: () => send(listReports) });
  const refetch = useDebounceFn(() => void query.refetch(), 150);
  onScopeDispose(fleet.onChanged(() => void refetch()));
  return query;
}
